#include "core/plan/limits.h"

#include <cmath>

#include "core/plan/chain_told.h"
#include "core/radio/exposure.h"

namespace distanz::plan {

using quantity::Unit;

namespace {

constexpr double kWorthTelling_db = 1;

}  // namespace

std::vector<Finding> cautionsOf(const Chain& chain, const campaign::Link& link,
                                const std::optional<ChainChange>& change) {
  std::vector<Finding> out;
  if (!chain.eirp_dbm) return out;
  const double eirp = *chain.eirp_dbm;
  const Argument of("link", link.id), told("eirp", eirp, Unit::Dbm);
  if (!link.eirp_limit_dbm)
    out.push_back(finding("eirp-limit-unknown", {of, told}));
  else if (eirp > *link.eirp_limit_dbm + 1e-9)
    out.push_back(finding("eirp-over", {of,
                                        told,
                                        {"limit", *link.eirp_limit_dbm, Unit::Dbm},
                                        {"over", eirp - *link.eirp_limit_dbm, Unit::Decibel}}));
  else
    out.push_back(finding("eirp-within", {of, told, {"limit", *link.eirp_limit_dbm, Unit::Dbm}}));
  out.back().why = whyEirp(chain);
  out.push_back(finding("keep-away", {{"distance", radio::exclusionDistance_m(eirp), Unit::Metre}}));
  out.back().why.push_back(finding("why-keep-away", {told}));
  if (change && std::abs(change->level_db) >= kWorthTelling_db) {
    const double power = chain.elements.front().change_db;
    out.push_back(finding(change->level_db > 0 ? "worth-power" : "costs-power",
                          {{"change", std::abs(change->level_db), Unit::Decibel},
                           {"power", power, Unit::Dbm},
                           {"other", power + std::abs(change->level_db), Unit::Dbm}}));
  }
  return out;
}

}  // namespace distanz::plan

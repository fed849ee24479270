#include "core/plan/limits.h"

#include <cmath>

#include "core/plan/chain_told.h"
#include "core/radio/exposure.h"

namespace distanz::plan {

using quantity::Unit;

namespace {

constexpr double kWorthTelling_db = 1;

std::vector<Finding> toldExposure(const radio::Radiator& r, const radio::KeepAway& anybody) {
  std::vector<Finding> out{finding(
      "why-keep-away",
      {{"eirp", r.eirp_dbm, Unit::Dbm},
       {"frequency", r.frequency_mhz, Unit::Megahertz},
       {"anybody", radio::referenceLevel_w_m2(r.frequency_mhz, radio::Exposed::Public), Unit::None},
       {"at_work", radio::referenceLevel_w_m2(r.frequency_mhz, radio::Exposed::Occupational), Unit::None},
       {"duty", 100 * r.duty, Unit::Percent},
       {"reflection", r.reflection, Unit::None}})};
  if (anybody.by == radio::KeepAway::By::FarField)
    out.push_back(finding("why-keep-away-near", {{"distance", anybody.distance_m, Unit::Metre}}));
  if (anybody.by == radio::KeepAway::By::LeastTold)
    out.push_back(finding("why-keep-away-least", {{"distance", anybody.distance_m, Unit::Metre}}));
  return out;
}

}  // namespace

void addKeepAway(const radio::Radiator& r, std::vector<Finding>& out) {
  if (r.frequency_mhz < radio::kLeastDensity_mhz || r.frequency_mhz > radio::kMostDensity_mhz) return;
  const radio::KeepAway anybody = radio::keepAway(r, radio::Exposed::Public),
                        at_work = radio::keepAway(r, radio::Exposed::Occupational);
  if (anybody.distance_m == at_work.distance_m)
    out.push_back(finding("keep-away-all", {{"distance", anybody.distance_m, Unit::Metre}}));
  else
    out.push_back(finding("keep-away", {{"distance", anybody.distance_m, Unit::Metre},
                                        {"at_work", at_work.distance_m, Unit::Metre}}));
  out.back().why = toldExposure(r, anybody);
}

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
  addKeepAway({eirp, link.frequency_mhz, 1, 1, chain.radiator_m}, out);
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

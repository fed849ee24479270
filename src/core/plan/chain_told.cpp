#include "core/plan/chain_told.h"

#include <string_view>
#include <utility>

namespace distanz::plan {
namespace {

using quantity::Unit;

/// The power, what changes it, and what is only assumed to be nothing.
Finding lineOf(const ChainElement& e) {
  const Term what{std::string("term-") + e.what};
  if (std::string_view(e.what) == "power") return finding("why-chain-power", {{"power", e.change_db, Unit::Dbm}});
  if (!e.known) return finding("why-chain-unknown", {{"what", what}});
  return finding("why-chain", {{"what", what}, {"change", e.change_db, Unit::Decibel}});
}

std::vector<Finding> linesOf(const Chain& chain, bool whole) {
  std::vector<Finding> out;
  for (const ChainElement& e : chain.elements) {
    if (std::string_view(e.what) != campaign::kReceiver.term) out.push_back(lineOf(e));
    if (!whole && std::string_view(e.what) == "tx-antenna") break;
  }
  return out;
}

}  // namespace

std::vector<Finding> whyEirp(const Chain& chain) {
  return linesOf(chain, false);
}

std::optional<Finding> toldAtFarPost(const campaign::Campaign& c, const campaign::Link& link,
                                     const Chain& chain) {
  if (!chain.received_dbm || !chain.distance_m) return std::nullopt;
  const Argument level("level", *chain.received_dbm, Unit::Dbm), distance("distance", *chain.distance_m, Unit::Metre);
  Finding out = !chain.margin_db ? finding("far-post-level", {level, distance})
                : *chain.margin_db >= 0
                    ? finding("far-post-margin", {level, distance, {"margin", *chain.margin_db, Unit::Decibel}})
                    : finding("far-post-short", {level, distance, {"short", -*chain.margin_db, Unit::Decibel}});
  out.why = linesOf(chain, true);
  out.why.push_back(finding("why-chain-path", {{"exponent", c.plan_exponent, Unit::None},
                                               {"frequency", link.frequency_mhz, Unit::Megahertz},
                                               distance}));
  const std::pair<const char*, double> terms[] = {{"loss-reflection", chain.losses.reflection_db},
                                                  {"loss-obstruction", chain.losses.obstruction_db},
                                                  {"loss-rain", chain.losses.rain_db},
                                                  {"loss-cloud", chain.losses.cloud_db},
                                                  {"loss-gases", chain.losses.gases_db}};
  for (const auto& [term, loss] : terms)
    if (loss != 0) out.why.push_back(finding("why-path-holds", {{"what", Term{term}}, {"change", -loss, Unit::Decibel}}));
  if (chain.critical_dbm) out.why.push_back(finding("why-chain-needed", {{"level", *chain.critical_dbm, Unit::Dbm}}));
  return out;
}

}  // namespace distanz::plan

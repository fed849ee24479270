#include "core/analysis/live/live_advice.h"

#include <cmath>

#include "core/quantity/unit.h"

namespace distanz::analysis {
namespace {

Finding leftOf(double distance_m) {
  if (!std::isfinite(distance_m)) return finding("live-all-the-way");
  return finding("live-left", {{"distance", distance_m, quantity::Unit::Metre}});
}

Finding whatThen(const LinkAdvice& l) {
  const estimate::LiveAdvice& a = l.advice;
  if (!l.below_rule.empty()) return finding("live-rule-broken", {{"part", Term{"part-" + l.below_rule}}});
  if (a.dependable_left_m > 0)
    return finding("live-dependable-for",
                   {{"dependable", leftOf(a.dependable_left_m)}, {"typical", leftOf(a.typical_left_m)}});
  if (a.typical_left_m > 0) return finding("live-past-dependable", {{"typical", leftOf(a.typical_left_m)}});
  return finding("live-past-typical");
}

}  // namespace

Finding findingOf(const LinkAdvice& l) {
  const estimate::LiveAdvice& a = l.advice;
  Finding out = finding(a.margin_db < 0 ? "live-below" : "live-margin",
                        {{"link", l.link},
                         {"margin", std::abs(a.margin_db), quantity::Unit::Decibel},
                         {"distance", a.distance_m, quantity::Unit::Metre},
                         {"then", whatThen(l)}},
                        {"link", l.link});
  if (a.beyond_flown) out.more.push_back(finding("live-beyond-flown"));
  const bool outward = std::isfinite(a.typical_left_m);
  if (!l.on_path && !l.first_flight && outward) out.more.push_back(finding("live-off-path"));
  if (l.first_flight) out.more.push_back(finding("live-first-flight"));
  return out;
}

}  // namespace distanz::analysis

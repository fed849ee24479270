#include "core/plan/flight_limits.h"

#include <algorithm>

#include "core/radio/path_loss.h"

namespace distanz::plan {

using quantity::Unit;

std::vector<Finding> limitsOf(const campaign::Campaign& c, const Planned& planned) {
  const auto course = campaign::courseOf(c);
  if (!course) return {};
  const campaign::PlanSettings& p = c.plan;
  if (!p.farthest_m && !p.highest_m && !p.sight_m) return {finding("limits-wanted")};
  std::vector<Finding> out;
  double far = 0, high = 0;
  for (const course::Flat& f : course->points()) far = std::max(far, course::apart_m({}, f));
  for (const campaign::PathPoint& point : campaign::firstPath(c)) high = std::max(high, point.height_m);
  if (planned.heights && planned.sights) high = std::max(high, planned.heights->highest_above_ground_m);
  const Argument far_m("far", far, Unit::Metre);
  if (p.farthest_m && far > *p.farthest_m) {
    Finding f = finding("limit-distance", {far_m, {"limit", *p.farthest_m, Unit::Metre}});
    double range = 0;
    for (const Prediction& x : planned.predictions) range = std::max(range, x.range_m.value_or(0));
    if (range > *p.farthest_m)
      f.why.push_back(finding(
          "why-attenuator",
          {{"attenuator", radio::decibelsForRatio(range / *p.farthest_m, c.plan_exponent), Unit::Decibel},
           {"range", range, Unit::Metre},
           {"limit", *p.farthest_m, Unit::Metre}}));
    out.push_back(std::move(f));
  }
  if (p.highest_m && high > *p.highest_m)
    out.push_back(finding("limit-height", {{"high", high, Unit::Metre}, {"limit", *p.highest_m, Unit::Metre}}));
  if (p.sight_m && far > *p.sight_m)
    out.push_back(finding("limit-sight", {far_m, {"sight", *p.sight_m, Unit::Metre}}));
  if (out.empty()) out.push_back(finding("limits-kept"));
  return out;
}

}  // namespace distanz::plan

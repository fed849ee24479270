#include "core/plan/told_legs.h"

#include <algorithm>

namespace distanz::plan {

using quantity::Unit;

std::vector<Finding> toldLegs(const campaign::Campaign& c, const Planned& planned) {
  const auto course = campaign::courseOf(c);
  if (!course) return {};
  constexpr double kWorthTelling_db = 1;
  std::vector<Finding> out;
  bool any = false, wanted = false;
  for (const Prediction& p : planned.predictions) {
    if (p.link != planned.link) continue;
    wanted = true;
    if (!p.legs) continue;
    any = true;
    const LegLosses& at = p.legs->at_far_post;
    if (std::min({at.out_db, at.back_db, at.turn_worst_db}) > -kWorthTelling_db) continue;
    const auto level = std::lower_bound(p.distance_m.begin(), p.distance_m.end(), course->farPost_m());
    const bool deep =
        p.critical_dbm && level != p.distance_m.end() &&
        p.received_dbm[std::size_t(level - p.distance_m.begin())] >= *p.critical_dbm &&
        p.received_dbm[std::size_t(level - p.distance_m.begin())] + at.turn_worst_db < *p.critical_dbm;
    out.push_back(finding(deep ? "legs-deep" : "legs-differ",
                          {{"setup", p.setup},
                           {"link", p.link},
                           {"out", -at.out_db, Unit::Decibel},
                           {"back", -at.back_db, Unit::Decibel},
                           {"turn", -at.turn_worst_db, Unit::Decibel}},
                          {"setup", p.setup}));
  }
  if (wanted && !any) out.push_back(finding("legs-unknown"));
  return out;
}

}  // namespace distanz::plan

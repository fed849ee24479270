#include "core/plan/told_legs.h"

#include <algorithm>
#include <cmath>

#include "core/plan/beside.h"

namespace distanz::plan {

using quantity::Unit;

namespace {

/// Of the lowest ground antenna in use.
std::optional<Finding> toldBeside(const campaign::Campaign& c, double outward_deg) {
  double mast = INFINITY;
  for (const campaign::Setup& s : c.setups) mast = std::min(mast, s.mast_m.value_or(c.station.antenna_height_m));
  const auto shade = besideShade(c.station, mast);
  if (!shade || shade->most_dbAt(outward_deg) == 0) return std::nullopt;
  const char* what = c.station.beside == campaign::Beside::Person ? "beside-person" : "beside-vehicle";
  return finding(shade->at_deg ? "beside-in-the-way" : "beside-somewhere",
                 {{"what", Term{what}}, {"mast", mast, Unit::Metre}});
}

}  // namespace

std::vector<Finding> toldLegs(const campaign::Campaign& c, const Planned& planned) {
  const auto course = campaign::courseOf(c);
  if (!course) return {};
  constexpr double kWorthTelling_db = 1;
constexpr double kNothing_db = 0.05;  // is written 0.0
  std::vector<Finding> out;
  bool any = false, wanted = false;
  for (const Prediction& p : planned.predictions) {
    if (p.link != planned.link) continue;
    wanted = true;
    if (!p.legs) continue;
    any = true;
    const LegLosses& at = *p.legs;
    std::optional<Finding> shaded;
    if (std::max(at.out_shade_db, at.back_shade_db) > 0)
      shaded = finding("legs-shaded",
                       {{"setup", p.setup},
                        {"link", p.link},
                        {"out", at.out_shade_db, Unit::Decibel},
                        {"back", at.back_shade_db, Unit::Decibel}},
                       {"setup", p.setup});
    if (std::min({at.out_db, at.back_db, at.turn_worst_db}) > -kWorthTelling_db) {
      if (shaded) out.push_back(std::move(*shaded));
      continue;
    }
    const auto level = std::lower_bound(p.distance_m.begin(), p.distance_m.end(), course->farPost_m());
    const bool deep =
        p.critical_dbm && level != p.distance_m.end() &&
        p.received_dbm[std::size_t(level - p.distance_m.begin())] >= *p.critical_dbm &&
        p.received_dbm[std::size_t(level - p.distance_m.begin())] + at.turn_worst_db < *p.critical_dbm;
    const bool turn_only = std::min(at.out_db, at.back_db) > -kNothing_db;
    out.push_back(finding(deep ? "legs-deep" : turn_only ? "legs-turn" : "legs-differ",
                          {{"setup", p.setup},
                           {"link", p.link},
                           {"out", -at.out_db, Unit::Decibel},
                           {"back", -at.back_db, Unit::Decibel},
                           {"turn", -at.turn_worst_db, Unit::Decibel}},
                          {"setup", p.setup}));
    if (shaded) out.back().why.push_back(std::move(*shaded));
  }
  if (!c.setups.empty())
    if (auto beside = toldBeside(c, planned.outward_deg)) out.push_back(std::move(*beside));
  if (wanted && !any) out.push_back(finding("legs-unknown"));
  return out;
}

}  // namespace distanz::plan

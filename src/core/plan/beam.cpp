#include "core/plan/beam.h"

#include <algorithm>
#include <cmath>
#include <numbers>


namespace distanz::plan {
namespace {

constexpr double kDegree = std::numbers::pi / 180;

}  // namespace

radio::Direction directionOf(const SeenAt& s, bool beam) {
  const double all = std::hypot(s.away_m(), s.above_m), along = beam ? s.ahead_m : s.above_m;
  return {std::acos(std::clamp(along / all, -1.0, 1.0)) / kDegree,
          (beam ? std::atan2(s.right_m, s.above_m) : std::atan2(s.right_m, s.ahead_m)) / kDegree};
}

std::optional<BeamLook> beamLook(const campaign::Campaign& c, const radio::Pattern& pattern, bool beam,
                                 double mast_m) {
  const auto course = campaign::courseOf(c);
  if (!course || !(course->farPost_m() > kNear_m)) return std::nullopt;
  const double peak = pattern.peak_dbi();
  const auto under = [&](const SeenAt& s) { return peak - pattern.gain_dbi(directionOf(s, beam)); };
  BeamLook out;
  out.above_db = under({.above_m = 1});
  out.behind_db = under({.ahead_m = -1});
  bool blind = true, first = true;
  for (const SeenAt& s : seenFrom(c, mast_m)) {
    if (s.away_m() < kNear_m) continue;
    const double below = under(s);
    if (out.far_deg == 0 && out.near_deg == 0) out.near_deg = directionOf(s, beam).from_axis_deg;
    out.far_deg = directionOf(s, beam).from_axis_deg;
    out.worst_db = std::max(out.worst_db, below);
    blind = blind && below >= kBlind_db;
    if (blind) out.blind_to_m = s.away_m();
    if (below > radio::kHalfPower_db)
      out.main_from_m.reset(), out.main_throughout = false;
    else if (!out.main_from_m)
      out.main_from_m = s.away_m(), out.main_throughout = first;
    first = false;
  }
  return out;
}

}  // namespace distanz::plan

#include "core/plan/beam.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/plan/ahead.h"

namespace distanz::plan {
namespace {

constexpr double kDegree = std::numbers::pi / 180;

/// A point of the flight line as seen from the antenna: ahead along its bearing, to the right, above it.
struct Seen {
  double ahead_m, right_m, above_m;

  double away_m() const { return std::hypot(ahead_m, right_m); }
  radio::Direction from(bool beam) const {
    const double all = std::hypot(away_m(), above_m), along = beam ? ahead_m : above_m;
    return {std::acos(std::clamp(along / all, -1.0, 1.0)) / kDegree,
            (beam ? std::atan2(right_m, above_m) : std::atan2(right_m, ahead_m)) / kDegree};
  }
};

constexpr std::size_t kLooks = 2000;  ///< along the path, however many points it has

/// The flight line in small steps, outward.
std::vector<Seen> lineOf(const campaign::Campaign& c, const course::Course& course, double mast_m) {
  const auto& points = campaign::firstPath(c);
  const auto& flats = course.points();
  const double bearing_deg = std::atan2(flats.back().east_m, flats.back().north_m) / kDegree;
  const std::size_t stretches = flats.size() - 1, steps = std::max(kLooks / stretches, std::size_t{1}),
                    stride = std::max(stretches / kLooks, std::size_t{1});
  std::vector<Seen> out;
  for (std::size_t i = 0; i < stretches; i += stride)
    for (std::size_t k = 0; k <= steps; ++k) {
      const double t = double(k) / double(steps);
      const Ahead at = aheadOf({std::lerp(flats[i].east_m, flats[i + 1].east_m, t),
                                std::lerp(flats[i].north_m, flats[i + 1].north_m, t)},
                               bearing_deg);
      out.push_back(
          {at.along_m, at.right_m, std::lerp(points[i].height_m, points[i + 1].height_m, t) - mast_m});
    }
  return out;
}

}  // namespace

std::optional<BeamLook> beamLook(const campaign::Campaign& c, const radio::Pattern& pattern, bool beam,
                                 double mast_m) {
  const auto course = campaign::courseOf(c);
  if (!course || !(course->farPost_m() > kNear_m)) return std::nullopt;
  const double peak = pattern.peak_dbi();
  const auto under = [&](const Seen& s) { return peak - pattern.gain_dbi(s.from(beam)); };
  BeamLook out;
  out.above_db = under({0, 0, 1});
  out.behind_db = under({-1, 0, 0});
  bool blind = true;
  for (const Seen& s : lineOf(c, *course, mast_m)) {
    if (s.away_m() < kNear_m) continue;
    const double below = under(s);
    if (out.far_deg == 0 && out.near_deg == 0) out.near_deg = s.from(beam).from_axis_deg;
    out.far_deg = s.from(beam).from_axis_deg;
    out.worst_db = std::max(out.worst_db, below);
    blind = blind && below >= kBlind_db;
    if (blind) out.blind_to_m = s.away_m();
    if (below > radio::kHalfPower_db)
      out.main_from_m.reset();
    else if (!out.main_from_m)
      out.main_from_m = s.away_m();
  }
  return out;
}

}  // namespace distanz::plan

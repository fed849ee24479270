#include "core/plan/tracking.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/finding/error.h"

namespace distanz::plan {
namespace {

constexpr double kDegrees = 180 / std::numbers::pi;

double turned(double from_deg, double to_deg) {
  return std::abs(std::remainder(to_deg - from_deg, 360.0));
}

TrackPoint lookAt(const SeenAt& s, const Tracker& t) {
  const double flat = s.away_m();
  TrackPoint out{.along_m = s.along_m, .away_m = std::hypot(flat, s.above_m)};
  out.azimuth_deg = std::atan2(s.right_m, s.ahead_m) * kDegrees;
  out.elevation_deg = std::atan2(s.above_m, flat) * kDegrees;
  const double home = std::atan2(t.home_error_m, out.away_m) * kDegrees,
               height = std::atan2(t.height_error_m * std::cos(out.elevation_deg / kDegrees), out.away_m) * kDegrees;
  // A wrong compass turns the antenna about the upright: less the higher it looks.
  const double compass = t.compass_error_deg * std::cos(out.elevation_deg / kDegrees);
  out.error_deg = std::sqrt(home * home + height * height + compass * compass +
                            t.level_error_deg * t.level_error_deg);
  out.followed = !(t.most_elevation_deg && out.elevation_deg > *t.most_elevation_deg) &&
                 !(t.least_elevation_deg && out.elevation_deg < *t.least_elevation_deg) &&
                 !(t.turn_to_deg && std::abs(out.azimuth_deg) > *t.turn_to_deg);
  return out;
}

}  // namespace

std::vector<TrackPoint> trackOf(const std::vector<SeenAt>& path, double speed_mps, const Tracker& tracker) {
  requirePositive(speed_mps, "speed_mps");
  if (path.size() < 2) throw DomainError("two points at least");
  if (!(tracker.home_error_m >= 0 && tracker.height_error_m >= 0 && tracker.compass_error_deg >= 0 &&
        tracker.level_error_deg >= 0))
    throw DomainError("errors >= 0");
  std::vector<TrackPoint> out;
  for (const SeenAt& s : path) out.push_back(lookAt(s, tracker));
  for (std::size_t i = 0; i + 1 < out.size(); ++i) {
    const double step_s = std::abs(path[i + 1].along_m - path[i].along_m) / speed_mps;
    if (!(step_s > 0)) continue;
    const double rate = std::max(turned(out[i].azimuth_deg, out[i + 1].azimuth_deg),
                                 turned(out[i].elevation_deg, out[i + 1].elevation_deg)) /
                        step_s;
    for (const std::size_t at : {i, i + 1}) out[at].rate_deg_s = std::max(out[at].rate_deg_s, rate);
  }
  for (TrackPoint& p : out)
    p.followed = p.followed && !(tracker.most_rate_deg_s && p.rate_deg_s > *tracker.most_rate_deg_s);
  return out;
}

std::optional<double> aimedFrom_m(const std::vector<TrackPoint>& track, double error_deg) {
  std::optional<double> from;
  for (const TrackPoint& p : track) {
    if (p.error_deg > error_deg || !p.followed)
      from.reset();
    else if (!from)
      from = p.along_m;
  }
  return from;
}

}  // namespace distanz::plan

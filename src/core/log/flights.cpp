#include "core/log/flights.h"

#include <algorithm>
#include <cmath>

namespace distanz::log {
namespace {

constexpr double kFar = 0.33;   // of the farthest: flown beyond this, it was a flight
constexpr double kNear = 0.15;  // and back within this, it ended
constexpr double kNear_m = 60;  // or this: over the station a short flight is back too

}  // namespace

std::vector<FlightRows> flightsIn(std::span<const double> distance_m) {
  double farthest = 0;
  for (double d : distance_m)
    if (std::isfinite(d)) farthest = std::max(farthest, d);
  const double far = kFar * farthest, near = std::max(kNear * farthest, std::min(kNear_m, far / 2));
  std::vector<FlightRows> out;
  FlightRows now;
  std::size_t nearest = 0;
  double nearest_m = INFINITY;
  bool flown = false, home = false;
  for (std::size_t i = 0; i < distance_m.size(); ++i) {
    const double d = distance_m[i];
    if (!std::isfinite(d)) continue;
    if (flown && d < near) {
      home = true;
      if (d < nearest_m) nearest_m = d, nearest = i;
    }
    if (home && d > far) {
      now.end = nearest;
      out.push_back(now);
      now = {nearest, 0, 0};
      nearest_m = INFINITY;
      home = false;
    }
    flown = flown || d > far;
    now.farthest_m = std::max(now.farthest_m, d);
  }
  now.end = distance_m.size();
  out.push_back(now);
  return out;
}

Recording rowsOf(const Recording& r, std::size_t begin, std::size_t end) {
  Recording out;
  const auto cut = [&](const std::vector<double>& v) {
    return std::vector<double>(v.begin() + static_cast<std::ptrdiff_t>(begin),
                               v.begin() + static_cast<std::ptrdiff_t>(end));
  };
  out.time_s = cut(r.time_s);
  for (const Column& c : r.columns) out.columns.push_back({c.channel, cut(c.values)});
  out.started = r.started;
  return out;
}

}  // namespace distanz::log

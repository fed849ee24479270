#include "core/log/flights.h"

#include <algorithm>
#include <cmath>

#include "core/log/airborne.h"

namespace distanz::log {
namespace {

constexpr double kFar = 0.33;   // of the farthest: flown beyond this, it was a flight
constexpr double kNear = 0.15;  // and back within this, it ended
constexpr double kNear_m = 60;  // or this: over the station a short flight is back too
constexpr double kSurroundings_m = 40;  // rows nearer than this before and after a flight are take-off and landing
constexpr double kLeastFlown_m = 10, kLeastFlown = 0.05;  // of the log's farthest: less than this is no flight

double farthestOf(std::span<const double> distance_m) {
  double out = 0;
  for (const double d : distance_m)
    if (std::isfinite(d)) out = std::max(out, d);
  return out;
}

}  // namespace

std::vector<FlightRows> flightsIn(std::span<const double> distance_m) {
  const double farthest = farthestOf(distance_m), far = kFar * farthest, near = std::max(kNear * farthest, std::min(kNear_m, far / 2));
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

namespace {

/// Without the rows at either end that are nearer than kSurroundings_m, or half as far as the flight went.
FlightRows trimmed(FlightRows rows, std::span<const double> distance_m) {
  const double near = std::min(kSurroundings_m, rows.farthest_m / 2);
  const auto away = [&](std::size_t i) { return distance_m[i] >= near; };
  FlightRows out = rows;
  while (out.begin < out.end && !away(out.begin)) ++out.begin;
  while (out.end > out.begin && !away(out.end - 1)) --out.end;
  if (out.begin > rows.begin) --out.begin;
  if (out.end < rows.end) ++out.end;
  return out;
}

}  // namespace

std::vector<FlightPart> flightParts(const Recording& recording, std::span<const double> distance_m) {
  const double least = std::max(kLeastFlown_m, kLeastFlown * farthestOf(distance_m));
  std::vector<FlightPart> out;
  for (const Airborne& flown : airborneIn(recording, distance_m))
    for (FlightRows pass : flightsIn(distance_m.subspan(flown.begin, flown.end - flown.begin))) {
      if (pass.farthest_m < least) continue;
      pass.begin += flown.begin;
      pass.end += flown.begin;
      pass = trimmed(pass, distance_m);
      out.push_back({recording.time_s[pass.begin], recording.time_s[pass.end - 1], pass.farthest_m});
    }
  return out;
}

Recording rowsBetween(const Recording& r, double from_s, double to_s) {
  const auto begin = std::lower_bound(r.time_s.begin(), r.time_s.end(), from_s),
             end = std::upper_bound(begin, r.time_s.end(), to_s);
  return rowsOf(r, std::size_t(begin - r.time_s.begin()), std::size_t(end - r.time_s.begin()));
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

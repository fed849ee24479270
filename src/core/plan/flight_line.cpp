#include "core/plan/flight_line.h"

#include <algorithm>
#include <cmath>

namespace distanz::plan {
namespace {

course::Flat between(const course::Flat& a, const course::Flat& b, double share) {
  return {std::lerp(a.east_m, b.east_m, share), std::lerp(a.north_m, b.north_m, share)};
}

/// The share of the way from a to b at which it is so far from the station: the later of two.
double shareAt(const course::Flat& a, const course::Flat& b, double distance_m) {
  const double e = b.east_m - a.east_m, n = b.north_m - a.north_m;
  const double square = e * e + n * n, half = a.east_m * e + a.north_m * n,
               rest = a.east_m * a.east_m + a.north_m * a.north_m - distance_m * distance_m;
  if (!(square > 0)) return 0;
  return std::clamp((-half + std::sqrt(std::max(half * half - square * rest, 0.0))) / square, 0.0, 1.0);
}

}  // namespace

FlightLine::FlightLine(const campaign::Campaign& c) {
  const auto course = campaign::courseOf(c);
  if (!course) return;
  const auto& points = campaign::firstPath(c);
  At before{};
  for (std::size_t i = 0; i < points.size(); ++i) {
    const At here{course->points()[i], points[i].height_m};
    const double d = course::apart_m({}, here.flat);
    if (m_points.empty() || d > m_points.back().distance_m) {
      // Where a leg begins nearer than the path was before, it counts from where it is as far again.
      if (!m_points.empty() && course::apart_m({}, before.flat) < m_points.back().distance_m) {
        const double share = shareAt(before.flat, here.flat, m_points.back().distance_m);
        m_points.push_back(
            {m_points.back().distance_m,
             {between(before.flat, here.flat, share), std::lerp(before.height_m, here.height_m, share)}});
      }
      m_points.push_back({d, here});
    }
    before = here;
  }
}

FlightLine::At FlightLine::at(double distance_m) const {
  if (m_points.empty()) return {{0, distance_m}, campaign::PathPoint().height_m};
  const auto next = std::upper_bound(m_points.begin(), m_points.end(), distance_m,
                                     [](double d, const Point& p) { return d < p.distance_m; });
  if (next == m_points.begin()) {
    const double share = next->distance_m > 0 ? distance_m / next->distance_m : 0;
    return {between({}, next->at.flat, share), next->at.height_m};
  }
  const Point& before = *(next - 1);
  if (next == m_points.end()) {
    const double share = before.distance_m > 0 ? distance_m / before.distance_m : 1;
    return {before.distance_m > 0 ? between({}, before.at.flat, share) : course::Flat{0, distance_m},
            before.at.height_m};
  }
  const double share = shareAt(before.at.flat, next->at.flat, distance_m);
  return {between(before.at.flat, next->at.flat, share),
          std::lerp(before.at.height_m, next->at.height_m, share)};
}

}  // namespace distanz::plan

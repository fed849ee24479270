#include "core/course/course.h"

#include <GeographicLib/Geodesic.hpp>
#include <algorithm>
#include <cmath>

#include "core/course/local_plane.h"
#include "core/finding/error.h"

namespace distanz::course {

Position destination(const Position& from, const DistanceBearing& way) {
  requirePosition(from);
  requireFinite(way.distance_m, "distance_m");
  requireFinite(way.bearing_deg, "bearing_deg");
  Position to;
  GeographicLib::Geodesic::WGS84().Direct(from.lat_deg, from.lon_deg, way.bearing_deg, way.distance_m,
                                          to.lat_deg, to.lon_deg);
  return to;
}

DistanceBearing between(const Position& from, const Position& to) {
  requirePosition(from);
  requirePosition(to);
  DistanceBearing way;
  double back = 0;
  GeographicLib::Geodesic::WGS84().Inverse(from.lat_deg, from.lon_deg, to.lat_deg, to.lon_deg, way.distance_m,
                                           way.bearing_deg, back);
  if (way.bearing_deg < 0) way.bearing_deg += 360;
  return way;
}

struct Course::Plane {
  LocalPlane touching;
  std::vector<Flat> points;
  std::vector<double> chainage;
};

Course::Course(const Position& station, const std::vector<Position>& points)
    : m_plane(new Plane{LocalPlane(station), {}, {}}) {
  if (points.size() < 2) throw DomainError("points.size() >= 2");
  for (const Position& p : points) {
    requirePosition(p);
    m_plane->points.push_back(flat(p));
  }
  m_plane->chainage.push_back(0);
  for (std::size_t i = 1; i < m_plane->points.size(); ++i) {
    const Flat &a = m_plane->points[i - 1], &b = m_plane->points[i];
    m_plane->chainage.push_back(m_plane->chainage.back() + apart_m(a, b));
  }
  if (!(length_m() > 0)) throw DomainError("length > 0");
}

Course::~Course() = default;
Course::Course(Course&&) noexcept = default;
Course& Course::operator=(Course&&) noexcept = default;

Flat Course::flat(const Position& position) const {
  return m_plane->touching.flat(position);
}

Position Course::position(const Flat& flat) const {
  return m_plane->touching.position(flat);
}

Flat Course::at(double chainage_m) const {
  const auto& chainage = m_plane->chainage;
  const auto next = std::upper_bound(chainage.begin() + 1, chainage.end() - 1, chainage_m);
  const auto i = std::size_t(next - chainage.begin());
  const Flat &a = m_plane->points[i - 1], &b = m_plane->points[i];
  const double length = chainage[i] - chainage[i - 1];
  const double share = length > 0 ? std::clamp((chainage_m - chainage[i - 1]) / length, 0.0, 1.0) : 0;
  return {std::lerp(a.east_m, b.east_m, share), std::lerp(a.north_m, b.north_m, share)};
}

const std::vector<Flat>& Course::points() const {
  return m_plane->points;
}
double Course::length_m() const {
  return m_plane->chainage.back();
}
double Course::farPost_m() const {
  return apart_m({}, m_plane->points.back());
}

/// Places a sample on one segment between two chainages. @return how far away that is; infinite for none
double Course::placeOn(std::size_t i, const Flat& s, Placement& out, double from_m, double to_m) const {
  const Flat &a = m_plane->points[i - 1], &b = m_plane->points[i];
  const double de = b.east_m - a.east_m, dn = b.north_m - a.north_m, length = apart_m(a, b);
  if (!(length > 0)) return INFINITY;
  const double begin = m_plane->chainage[i - 1];
  const double low = std::max(from_m - begin, 0.0), high = std::min(to_m - begin, length);
  if (low > high) return INFINITY;
  const double along = ((s.east_m - a.east_m) * de + (s.north_m - a.north_m) * dn) / length;
  const double clamped = std::min(std::max(along, low), high);
  const double away = apart_m({a.east_m + de * clamped / length, a.north_m + dn * clamped / length}, s);
  const double right = ((s.east_m - a.east_m) * dn - (s.north_m - a.north_m) * de) / length;
  const double beyond = i + 1 == m_plane->points.size() ? std::max(along - length, 0.0) : 0;
  out.flat = s;
  out.distance_m = apart_m({}, s);
  out.chainage_m = begin + clamped;
  out.along_m = apart_m({}, m_plane->points.front()) + out.chainage_m + beyond;
  out.side_m = std::copysign(away, right);
  return away;
}

Placement Course::placeNear(const Flat& s, double chainage_m, double window_m) const {
  Placement best, here;
  double nearest = INFINITY;
  for (std::size_t i = 1; i < m_plane->points.size(); ++i) {
    const double away = placeOn(i, s, here, chainage_m - window_m, chainage_m + window_m);
    if (away >= nearest) continue;
    nearest = away;
    best = here;
  }
  return best;
}

Placement Course::place(const Position& sample) const {
  return placeNear(flat(sample), 0, INFINITY);
}

std::vector<Placement> Course::places(const Flat& s, double within_m) const {
  std::vector<Placement> out;
  Placement here, next;
  double before = INFINITY, away = placeOn(1, s, here, -INFINITY, INFINITY);
  for (std::size_t i = 1; i < m_plane->points.size(); ++i) {
    const double after = i + 1 < m_plane->points.size() ? placeOn(i + 1, s, next, -INFINITY, INFINITY) : INFINITY;
    if (away <= within_m && away < before && away <= after) out.push_back(here);
    before = away;
    away = after;
    here = next;
  }
  return out;
}

bool Course::closed() const {
  return apart_m(m_plane->points.front(), m_plane->points.back()) < kClosed_m && length_m() > 4 * kClosed_m;
}

}  // namespace distanz::course

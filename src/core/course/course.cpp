#include "core/course/course.h"

#include <GeographicLib/Geodesic.hpp>
#include <GeographicLib/LocalCartesian.hpp>
#include <cmath>

#include "core/finding/error.h"

namespace distanz::course {

namespace {
void requirePosition(const Position& p) {
  if (!(std::abs(p.lat_deg) <= 90)) throw DomainError("-90 <= latitude <= 90");
  if (!(std::abs(p.lon_deg) <= 360)) throw DomainError("-360 <= longitude <= 360");
}
}  // namespace

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
  GeographicLib::LocalCartesian frame;
  std::vector<Flat> points;
  std::vector<double> chainage;
};

Course::Course(const Position& station, const std::vector<Position>& points)
    : m_plane(std::make_unique<Plane>()) {
  requirePosition(station);
  if (points.size() < 2) throw DomainError("points.size() >= 2");
  m_plane->frame.Reset(station.lat_deg, station.lon_deg, 0);
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
  double east = 0, north = 0, up = 0;
  m_plane->frame.Forward(position.lat_deg, position.lon_deg, 0, east, north, up);
  return {east, north};
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

Placement Course::place(const Position& sample) const {
  const Flat s = flat(sample);
  Placement best;
  best.flat = s;
  best.distance_m = apart_m({}, s);
  double nearest = INFINITY, beyond = 0;
  for (std::size_t i = 1; i < m_plane->points.size(); ++i) {
    const Flat &a = m_plane->points[i - 1], &b = m_plane->points[i];
    const double de = b.east_m - a.east_m, dn = b.north_m - a.north_m, length = apart_m(a, b);
    if (!(length > 0)) continue;
    const double along = ((s.east_m - a.east_m) * de + (s.north_m - a.north_m) * dn) / length;
    const double clamped = std::min(std::max(along, 0.0), length);
    const double away = apart_m({a.east_m + de * clamped / length, a.north_m + dn * clamped / length}, s);
    if (away >= nearest) continue;
    nearest = away;
    const double right = ((s.east_m - a.east_m) * dn - (s.north_m - a.north_m) * de) / length;
    best.chainage_m = m_plane->chainage[i - 1] + clamped;
    beyond = i + 1 == m_plane->points.size() ? std::max(along - length, 0.0) : 0;
    best.side_m = std::copysign(away, right);
  }
  best.along_m = apart_m({}, m_plane->points.front()) + best.chainage_m + beyond;
  return best;
}

}  // namespace distanz::course

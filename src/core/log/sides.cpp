#include "core/log/sides.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

namespace distanz::log {
namespace {

using course::Flat;

constexpr double kWay_s = 1.5, kLeastWay_m = 2, kNearest_m = 40, kCell_m = 40;
constexpr double kOften_s = 0.09;  // rows closer together tell the same side
constexpr double kRadian = 3.14159265358979323846 / 180;

double bearingOf(const Flat& from, const Flat& to) {
  return std::atan2(to.east_m - from.east_m, to.north_m - from.north_m) / kRadian;
}

double around(double deg) {
  const double r = std::fmod(deg, 360);
  return r < 0 ? r + 360 : r;
}

/// Where rows were, as they are asked for.
class FixedPlaces {
 public:
  FixedPlaces(const Recording& r, const course::Course& course)
      : m_course(course), m_lat(r.find(channel::kLatitude)), m_lon(r.find(channel::kLongitude)), m_along(r.find(channel::kAlong)) {}
  bool known() const { return (m_lat && m_lon) || m_along; }
  Flat at(std::size_t i) const {
    if (m_lat && m_lon) {
      const double lat = (*m_lat)[i], lon = (*m_lon)[i];
      return onGlobe(lat, lon) ? m_course.flat({lat, lon}) : Flat{NAN, NAN};
    }
    return std::isfinite((*m_along)[i]) ? m_course.at((*m_along)[i]) : Flat{NAN, NAN};
  }

 private:
  const course::Course& m_course;
  const std::vector<double>*m_lat, *m_lon, *m_along;
};

/// Way over ground about rows that are asked for one behind the other; NaN where it hardly moved.
class Ways {
 public:
  Ways(const Recording& r, const FixedPlaces& places) : m_r(r), m_places(places) {}
  double at(std::size_t i) {
    while (m_r.time_s[i] - m_r.time_s[m_from] > kWay_s / 2) ++m_from;
    m_to = std::max(m_to, i);
    while (m_to + 1 < m_r.rows() && m_r.time_s[m_to + 1] - m_r.time_s[i] <= kWay_s / 2) ++m_to;
    std::size_t a = m_from, b = m_to;
    if (a == b) a = i > 0 ? i - 1 : i, b = std::min(i + 1, m_r.rows() - 1);  // rows farther apart than that
    const Flat from = m_places.at(a), to = m_places.at(b);
    return apart_m(from, to) >= kLeastWay_m ? bearingOf(from, to) : NAN;
  }

 private:
  const Recording& m_r;
  const FixedPlaces& m_places;
  std::size_t m_from = 0, m_to = 0;
};

/// Direction to the station in the aircraft's axes (forward, right, down), as the angle about its down axis.
double inAircraft_deg(double relative_deg, double down_deg, double roll_deg, double pitch_deg) {
  const double level = std::cos(down_deg * kRadian);
  const double x = level * std::cos(relative_deg * kRadian), y = level * std::sin(relative_deg * kRadian), z = std::sin(down_deg * kRadian);
  const double cp = std::cos(pitch_deg * kRadian), sp = std::sin(pitch_deg * kRadian);
  const double cr = std::cos(roll_deg * kRadian), sr = std::sin(roll_deg * kRadian);
  const double x1 = cp * x - sp * z, z1 = sp * x + cp * z;  // pitched: nose up turns forward away from the ground
  return std::atan2(cr * y + sr * z1, x1) / kRadian;
}

}  // namespace

std::optional<Sides> sidesOf(const Recording& r, const Track& track, const course::Course& course) {
  const FixedPlaces places(r, course);
  if (!places.known()) return std::nullopt;
  Sides out;
  const auto *heading = r.find("heading_deg"), *roll = r.find("roll_deg"), *pitch = r.find("pitch_deg"), *height = r.find(channel::kHeight);
  out.by_heading = heading != nullptr;
  out.by_attitude = heading && roll && pitch;
  Ways ways(r, places);
  const double pointed = bearingOf({}, course.points().back());
  out.station_deg.assign(r.rows(), NAN);
  out.bearing_deg.assign(r.rows(), NAN);
  double next_s = -INFINITY;
  for (std::size_t i = 0; i < r.rows(); ++i) {
    if (r.time_s[i] < next_s || !(track.distance_m[i] >= kNearest_m)) continue;
    const Flat here = places.at(i);
    if (!std::isfinite(here.east_m)) continue;
    next_s = r.time_s[i] + kOften_s;
    out.bearing_deg[i] = around(bearingOf({}, here) - pointed);
    double side = bearingOf(here, {}) - (heading ? (*heading)[i] : ways.at(i));
    if (out.by_attitude && std::isfinite((*roll)[i]) && std::isfinite((*pitch)[i])) {
      const double down = height && std::isfinite((*height)[i]) ? std::atan2((*height)[i], track.distance_m[i]) / kRadian : 0;
      side = inAircraft_deg(side, down, (*roll)[i], (*pitch)[i]);
    }
    if (std::isfinite(side)) out.station_deg[i] = around(side);
  }
  return out;
}

int sectorOf(double deg) {
  return static_cast<int>(around(deg + kSector_deg / 2) / kSector_deg) % kSectors;
}

std::vector<SideCell> sideCells(const Sides& sides, const std::vector<double>& distance_m, const std::vector<double>& signal_dbm) {
  std::map<std::tuple<int, int, int>, std::pair<double, int>> cells;
  for (std::size_t i = 0; i < signal_dbm.size(); ++i) {
    if (!std::isfinite(signal_dbm[i]) || !std::isfinite(sides.station_deg[i]) || !std::isfinite(sides.bearing_deg[i])) continue;
    auto& [sum, n] = cells[{static_cast<int>(distance_m[i] / kCell_m), sectorOf(sides.station_deg[i]), sectorOf(sides.bearing_deg[i])}];
    sum += signal_dbm[i];
    ++n;
  }
  std::vector<SideCell> out;
  for (const auto& [at, cell] : cells)
    out.push_back({std::get<0>(at), std::get<1>(at), std::get<2>(at), cell.first / cell.second, cell.second});
  return out;
}

}  // namespace distanz::log

#include "core/log/sides.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

namespace distanz::log {
namespace {

using course::Flat;

constexpr double kWay_s = 1.5, kLeastWay_m = 2, kNearest_m = 40, kCell_m = 40;
constexpr double kRadian = 3.14159265358979323846 / 180;

double bearingOf(const Flat& from, const Flat& to) {
  return std::atan2(to.east_m - from.east_m, to.north_m - from.north_m) / kRadian;
}

double around(double deg) {
  const double r = std::fmod(deg, 360);
  return r < 0 ? r + 360 : r;
}

std::vector<Flat> placesOf(const Recording& r, const course::Course& course) {
  std::vector<Flat> out(r.rows(), {NAN, NAN});
  const auto *lat = r.find(channel::kLatitude), *lon = r.find(channel::kLongitude), *along = r.find(channel::kAlong);
  for (std::size_t i = 0; i < out.size(); ++i) {
    if (lat && lon) {
      if (const auto p = placedAt(course, (*lat)[i], (*lon)[i])) out[i] = p->flat;
    } else if (along && std::isfinite((*along)[i])) {
      out[i] = course.at((*along)[i]);
    }
  }
  return out;
}

/// Way over ground about each row; NaN where it hardly moved.
std::vector<double> waysOf(const Recording& r, const std::vector<Flat>& places) {
  std::vector<double> out(places.size(), NAN);
  std::size_t from = 0, to = 0;
  for (std::size_t i = 0; i < places.size(); ++i) {
    while (r.time_s[i] - r.time_s[from] > kWay_s / 2) ++from;
    while (to + 1 < places.size() && r.time_s[to + 1] - r.time_s[i] <= kWay_s / 2) ++to;
    std::size_t a = from, b = std::max(to, i);
    if (a == b) a = i > 0 ? i - 1 : i, b = std::min(i + 1, places.size() - 1);  // rows farther apart than that
    if (apart_m(places[a], places[b]) >= kLeastWay_m) out[i] = bearingOf(places[a], places[b]);
  }
  return out;
}

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
  const std::vector<Flat> places = placesOf(r, course);
  if (std::none_of(places.begin(), places.end(), [](const Flat& p) { return std::isfinite(p.east_m); })) return std::nullopt;
  Sides out;
  const auto *heading = r.find("heading_deg"), *roll = r.find("roll_deg"), *pitch = r.find("pitch_deg"), *height = r.find(channel::kHeight);
  out.by_heading = heading != nullptr;
  out.by_attitude = heading && roll && pitch;
  const std::vector<double> nose = heading ? *heading : waysOf(r, places);
  const double pointed = bearingOf({}, course.points().back());
  out.station_deg.assign(r.rows(), NAN);
  out.bearing_deg.assign(r.rows(), NAN);
  for (std::size_t i = 0; i < r.rows(); ++i) {
    if (!(track.distance_m[i] >= kNearest_m) || !std::isfinite(places[i].east_m)) continue;
    out.bearing_deg[i] = around(bearingOf({}, places[i]) - pointed);
    double side = bearingOf(places[i], {}) - nose[i];
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

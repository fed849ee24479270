#include "core/campaign/lay_path.h"

#include "core/finding/error.h"

namespace distanz::campaign {
namespace {

constexpr double kFirstLength_m = 1000, kFirstHeight_m = 60;

course::Position stationOf(const Campaign& campaign) {
  const auto station = campaign.station.position();
  if (!station) throw DomainError("a station");
  return *station;
}

}  // namespace

PathPoint& farPost(Campaign& campaign) {
  auto& points = editFirstPath(campaign).points;
  if (points.empty()) {
    const course::Position from = stationOf(campaign);
    points.push_back({from, kFirstHeight_m});
    points.push_back({course::destination(from, {kFirstLength_m, 0}), kFirstHeight_m});
  }
  return points.back();
}

std::optional<course::DistanceBearing> wayOut(const Campaign& campaign) {
  const auto station = campaign.station.position();
  if (!station || firstPath(campaign).empty()) return std::nullopt;
  return course::between(*station, firstPath(campaign).back().position);
}

void setWayOut(Campaign& campaign, std::optional<double> distance_m, std::optional<double> bearing_deg) {
  const course::Position station = stationOf(campaign);
  PathPoint& far = farPost(campaign);
  const course::DistanceBearing way = course::between(station, far.position);
  far.position = course::destination(
      station, {distance_m.value_or(way.distance_m), bearing_deg.value_or(way.bearing_deg)});
  auto& points = editFirstPath(campaign).points;
  if (points.size() == 2) points.front().position = station;
}

void moveStation(Campaign& campaign, std::optional<double> lat_deg, std::optional<double> lon_deg) {
  const auto was = campaign.station.position();
  const bool starts_there =
      was && !firstPath(campaign).empty() && firstPath(campaign).front().position == *was;
  campaign.station.lat_deg = lat_deg;
  campaign.station.lon_deg = lon_deg;
  if (const auto now = campaign.station.position(); now && starts_there)
    editFirstPath(campaign).points.front().position = *now;
}

}  // namespace distanz::campaign

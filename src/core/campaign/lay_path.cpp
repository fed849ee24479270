#include "core/campaign/lay_path.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/campaign/limits.h"
#include "core/course/ahead.h"
#include "core/course/local_plane.h"
#include "core/finding/error.h"

namespace distanz::campaign {
namespace {

constexpr double kFirstLength_m = 1000, kFirstHeight_m = 60;
constexpr int kCircleLegs = 36;

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

void movePoint(Campaign& campaign, std::size_t index, const course::Position& to) {
  auto& points = editFirstPath(campaign).points;
  if (index >= points.size()) throw DomainError("a point of the path");
  points[index].position = to;
}

void insertPoint(Campaign& campaign, std::size_t after, const course::Position& at) {
  auto& points = editFirstPath(campaign).points;
  if (after + 1 >= points.size()) throw DomainError("a leg of the path");
  const double before = course::between(points[after].position, at).distance_m,
               behind = course::between(at, points[after + 1].position).distance_m;
  const double share = before + behind > 0 ? before / (before + behind) : 0;
  points.insert(points.begin() + std::ptrdiff_t(after) + 1,
                {at, std::lerp(points[after].height_m, points[after + 1].height_m, share)});
}

void appendPoint(Campaign& campaign, const course::Position& at) {
  auto& points = editFirstPath(campaign).points;
  if (points.empty()) points.push_back({stationOf(campaign), kFirstHeight_m});
  points.push_back({at, points.back().height_m});
}

bool removePoint(Campaign& campaign, std::size_t index) {
  auto& points = editFirstPath(campaign).points;
  if (index >= points.size() || points.size() <= 2) return false;
  points.erase(points.begin() + std::ptrdiff_t(index));
  return true;
}

void layCourse(Campaign& campaign, const CourseLayout& l) {
  const course::Position station = stationOf(campaign);
  for (const double length : {l.distance_m, l.length_m, l.depth_m})
    if (!(length > 0 && length <= limits::kPathHigh_m)) throw DomainError("lengths > 0");
  const course::LocalPlane plane(station);
  const auto at = [&](double ahead, double right) {
    return PathPoint{plane.position(course::flatOf({ahead, right}, l.bearing_deg)), l.height_m, {}};
  };
  Path& path = editFirstPath(campaign);
  path.posts.clear();
  path.segments.clear();
  const double half = l.length_m / 2, d = l.distance_m;
  switch (l.shape) {
    case CourseShape::Out:
      path.points = {{station, l.height_m, {}},
                     {course::destination(station, {d, l.bearing_deg}), l.height_m, {}}};
      break;
    case CourseShape::Across:
      path.points = {at(d, -half), at(d, half)};
      break;
    case CourseShape::Through:
      path.points = {at(-half, 0), at(half, 0)};
      break;
    case CourseShape::Circle:
      path.points.clear();
      for (int i = 0; i <= kCircleLegs; ++i) {
        const double angle = 2 * std::numbers::pi * (i % kCircleLegs) / kCircleLegs;
        path.points.push_back(at(d * std::cos(angle), d * std::sin(angle)));
      }
      break;
    case CourseShape::Box: {
      const double deep = l.depth_m / 2;
      path.points = {at(d - deep, -half), at(d + deep, -half), at(d + deep, half), at(d - deep, half),
                     at(d - deep, -half)};
      break;
    }
  }
}

void planPath(Campaign& campaign, const std::string& id) {
  const auto chosen =
      std::find_if(campaign.paths.begin(), campaign.paths.end(), [&](const Path& p) { return p.id == id; });
  if (chosen == campaign.paths.end() || chosen == campaign.paths.begin()) return;
  for (Run& run : campaign.runs)
    if (run.path.empty()) run.path = campaign.paths.front().id;
  std::rotate(campaign.paths.begin(), chosen, chosen + 1);
}

void addPath(Campaign& campaign) {
  Path made = editFirstPath(campaign);
  const auto taken = [&](const std::string& id) {
    return std::any_of(campaign.paths.begin(), campaign.paths.end(),
                       [&](const Path& p) { return p.id == id; });
  };
  for (int i = 2; taken(made.id); ++i) made.id = kFirstPathId + std::to_string(i);
  made.name.clear();
  made.unknown.clear();
  const std::string id = made.id;
  campaign.paths.push_back(std::move(made));
  planPath(campaign, id);
}

bool removePath(Campaign& campaign, const std::string& id) {
  const bool first = !campaign.paths.empty() && campaign.paths.front().id == id;
  for (const Run& run : campaign.runs)
    if (run.path == id || (first && run.path.empty())) return false;
  return std::erase_if(campaign.paths, [&](const Path& p) { return p.id == id; }) > 0;
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

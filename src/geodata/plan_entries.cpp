#include "geodata/plan_entries.h"

#include <fmt/format.h>

#include <charconv>
#include <cmath>

#include "core/finding/error.h"

namespace distanz::geodata {
namespace {

using campaign::Campaign;

constexpr char kBetween = '|';  // what looks like a number is read as one

std::string exact(double value) {
  return fmt::format("{}", value);
}

double numberIn(const std::string& text) {
  double value = NAN;
  const auto read = std::from_chars(text.data(), text.data() + text.size(), value);
  if (read.ec != std::errc() || read.ptr != text.data() + text.size() || !std::isfinite(value))
    throw InputError(finding("plan-number", {{"text", text.substr(0, 80)}}));
  return value;
}

std::vector<double> numbersIn(const std::string& text) {
  std::vector<double> out;
  std::string word;
  for (const char c : text + kBetween)
    if (c == kBetween) {
      if (!word.empty()) out.push_back(numberIn(word));
      word.clear();
    } else {
      word += c;
    }
  return out;
}

void take(const PlanEntry& e, const char* key, double& value) {
  if (const auto found = e.facts.find(key); found != e.facts.end()) value = numberIn(found->second);
}
void take(const PlanEntry& e, const char* key, std::optional<double>& value) {
  const auto found = e.facts.find(key);
  value = found == e.facts.end() ? std::nullopt : std::optional(numberIn(found->second));
}

/// Where a place along the path is; how high is not said.
Vertex placeAlong(const course::Course& course, double along_m) {
  const course::Position at = course.position(course.at(along_m));
  return {at.lat_deg, at.lon_deg};
}

}  // namespace

std::vector<PlanEntry> entriesOf(const Campaign& c) {
  const auto course = campaign::courseOf(c);
  if (!course) throw InputError(finding("plan-nothing-to-write"));
  const campaign::Path& path = c.paths.front();
  PlanEntry station{
      "station",
      "station",
      {{*c.station.lat_deg, *c.station.lon_deg, c.station.ground_m}},
      {{"antenna_height_m", exact(c.station.antenna_height_m)}, {"ground_m", exact(c.station.ground_m)}}};
  for (const auto& [key, value] : {std::pair{"farthest_m", c.plan.farthest_m},
                                   {"highest_m", c.plan.highest_m},
                                   {"sight_m", c.plan.sight_m}})
    if (value) station.facts[key] = exact(*value);
  PlanEntry line{"path", path.name, {}, {{"post_spacing_m", exact(path.post_spacing_m)}}};
  std::string heights;
  for (const campaign::PathPoint& p : path.points) {
    line.points.push_back({p.position.lat_deg, p.position.lon_deg, c.station.ground_m + p.height_m});
    heights += (heights.empty() ? "" : std::string(1, kBetween)) + exact(p.height_m);
  }
  line.facts["heights_m"] = heights;
  std::vector<PlanEntry> out{std::move(station), std::move(line)};
  for (const campaign::Post& p : path.posts)
    out.push_back({"post", p.name, {placeAlong(*course, p.along_m)}, {{"along_m", exact(p.along_m)}}});
  for (const campaign::Segment& s : path.segments)
    out.push_back({"segment",
                   s.name,
                   {placeAlong(*course, s.from_m), placeAlong(*course, s.to_m)},
                   {{"from_m", exact(s.from_m)}, {"to_m", exact(s.to_m)}}});
  return out;
}

void applyEntries(const std::vector<PlanEntry>& entries, Campaign& c) {
  campaign::Path* path = nullptr;
  for (const PlanEntry& e : entries) {
    if (e.what == "station" && !e.points.empty()) {
      c.station.place({e.points.front().lat_deg, e.points.front().lon_deg});
      take(e, "antenna_height_m", c.station.antenna_height_m);
      take(e, "ground_m", c.station.ground_m);
      take(e, "farthest_m", c.plan.farthest_m);
      take(e, "highest_m", c.plan.highest_m);
      take(e, "sight_m", c.plan.sight_m);
    }
    if (e.what != "path") continue;
    path = &campaign::editFirstPath(c);
    path->points.clear();
    path->posts.clear();
    path->segments.clear();
    path->name = e.name;
    take(e, "post_spacing_m", path->post_spacing_m);
    const auto heights =
        e.facts.contains("heights_m") ? numbersIn(e.facts.at("heights_m")) : std::vector<double>();
    for (std::size_t i = 0; i < e.points.size(); ++i)
      path->points.push_back({{e.points[i].lat_deg, e.points[i].lon_deg},
                              i < heights.size() ? heights[i] : campaign::PathPoint().height_m,
                              {}});
  }
  if (!path) return;
  for (const PlanEntry& e : entries) {
    if (e.what == "post") {
      campaign::Post p{e.name, 0, {}};
      take(e, "along_m", p.along_m);
      path->posts.push_back(std::move(p));
    }
    if (e.what == "segment") {
      campaign::Segment s{e.name, 0, 0, {}};
      take(e, "from_m", s.from_m);
      take(e, "to_m", s.to_m);
      path->segments.push_back(std::move(s));
    }
  }
}

}  // namespace distanz::geodata

#include <algorithm>
#include <cmath>

#include "core/course/local_plane.h"
#include "core/course/simplify.h"
#include "core/finding/error.h"
#include "formats/log_import.h"
#include "geodata/plan_entries.h"
#include "geodata/plan_files.h"

namespace distanz::geodata {
namespace {

using campaign::Campaign;
using quantity::Unit;

constexpr std::size_t kManyPoints = 60;
constexpr double kShape_m = 8, kNearPath_m = 30;

std::string fact(const VectorFeature& f, const std::string& key) {
  for (const std::string& name : {key, "distanz_" + key, "distanz:" + key})
    if (const auto found = f.fields.find(name); found != f.fields.end()) return found->second;
  return {};
}

std::string nameOf(const VectorFeature& f) {
  for (const char* key : {"name", "Name", "NAME"})
    if (const auto found = f.fields.find(key); found != f.fields.end()) return found->second;
  return {};
}

/// Things that one of our own files says.
std::vector<PlanEntry> ours(const std::vector<VectorFeature>& features) {
  std::vector<PlanEntry> out;
  for (const VectorFeature& f : features) {
    const std::string what = fact(f, kWhat);
    const bool known = what == "station" || what == "path" || what == "post" || what == "segment";
    if (!known || f.rings.empty()) continue;
    PlanEntry e{what, nameOf(f), f.rings.front(), {}};
    for (const char* key : {"antenna_height_m", "ground_m", "farthest_m", "highest_m", "sight_m",
                            "post_spacing_m", "heights_m", "along_m", "from_m", "to_m"})
      if (const std::string value = fact(f, key); !value.empty()) e.facts[key] = value;
    out.push_back(std::move(e));
  }
  return out;
}

/// Of a line all points but those that do not change its shape.
std::vector<Vertex> withoutMany(const std::vector<Vertex>& line) {
  if (line.size() <= kManyPoints) return line;
  const course::LocalPlane plane({line.front().lat_deg, line.front().lon_deg});
  std::vector<course::Flat> flat;
  for (const Vertex& v : line) flat.push_back(plane.flat({v.lat_deg, v.lon_deg}));
  std::vector<Vertex> out;
  for (const std::size_t i : course::simplified(flat, kShape_m)) out.push_back(line[i]);
  return out;
}

double lengthOf(const std::vector<Vertex>& line) {
  double out = 0;
  for (std::size_t i = 1; i < line.size(); ++i)
    out += course::between({line[i - 1].lat_deg, line[i - 1].lon_deg}, {line[i].lat_deg, line[i].lon_deg})
               .distance_m;
  return out;
}

double usualHeight_m(const Campaign& c) {
  return campaign::firstPath(c).empty() ? campaign::PathPoint().height_m
                                        : campaign::firstPath(c).back().height_m;
}

/// The first path without what lies along it.
campaign::Path& emptied(Campaign& c) {
  campaign::Path& path = campaign::editFirstPath(c);
  path.points.clear();
  path.posts.clear();
  path.segments.clear();
  return path;
}

/// Kinds of map that planFormatOf() does not know.
bool looksLikeMap(const std::string& name) {
  return name.ends_with(".gpkg") || name.ends_with(".kmz") || name.ends_with(".fgb");
}

/// Lays the path along a line whose heights are above sea level, where it has any.
void layAlong(const std::vector<Vertex>& line, const std::optional<double>& ground_m, PlanTaken& out) {
  Campaign& c = out.campaign;
  const double usual = usualHeight_m(c);
  const bool heights =
      std::all_of(line.begin(), line.end(), [](const Vertex& v) { return std::isfinite(v.height_m); }) &&
      std::any_of(line.begin(), line.end(), [](const Vertex& v) { return v.height_m != 0; });
  if (!c.station.position()) c.station.place({line.front().lat_deg, line.front().lon_deg});
  const bool ground = ground_m || c.station.ground_m != 0;
  const double ground_height_m = ground_m.value_or(c.station.ground_m);
  campaign::Path& path = emptied(c);
  for (const Vertex& v : line)
    path.points.push_back({{v.lat_deg, v.lon_deg},
                           heights && ground ? std::max(v.height_m - ground_height_m, 0.0) : usual,
                           {}});
  if (!heights) out.notes.push_back(finding("path-without-heights", {{"height", usual, Unit::Metre}}));
  if (heights && !ground)
    out.notes.push_back(finding("path-heights-from-sea", {{"height", usual, Unit::Metre}}));
}

void addPosts(const std::vector<VectorFeature>& features, Campaign& c) {
  const auto course = campaign::courseOf(c);
  if (!course) return;
  campaign::Path& path = campaign::editFirstPath(c);
  for (const VectorFeature& f : features) {
    if (f.kind != VectorFeature::Kind::Point) continue;
    const Vertex& at = f.rings.front().front();
    const course::Placement p = course->place({at.lat_deg, at.lon_deg});
    if (std::abs(p.side_m) <= kNearPath_m && !nameOf(f).empty())
      path.posts.push_back({nameOf(f), std::round(p.chainage_m * 10) / 10, {}});
  }
}

}  // namespace

PlanTaken takePlan(const Campaign& campaign, const std::string& bytes, const std::string& name,
                   const std::optional<double>& ground_m, const Stop* stop) {
  PlanTaken out{campaign, {}};
  if (const auto entries = entriesOfCsv(bytes, name); !entries.empty()) {
    applyEntries(entries, out.campaign);
    return out;
  }
  const auto features = readMap(bytes, name, stop);
  if (const auto entries = ours(features); !entries.empty()) {
    applyEntries(entries, out.campaign);
    return out;
  }
  const VectorFeature* longest = nullptr;
  double length = 0;
  for (const VectorFeature& f : features)
    if (f.kind == VectorFeature::Kind::Line && f.rings.front().size() >= 2)
      if (const double l = lengthOf(f.rings.front()); l > length) {
        longest = &f;
        length = l;
      }
  if (!longest) throw InputError(finding("plan-no-line", {{"file", name}}));
  layAlong(withoutMany(longest->rings.front()), ground_m, out);
  if (const std::string its = nameOf(*longest); !its.empty())
    campaign::editFirstPath(out.campaign).name = its;
  addPosts(features, out.campaign);
  return out;
}

PlanTaken takeTrack(const Campaign& campaign, const std::vector<course::Position>& track,
                    const std::optional<double>& height_m) {
  if (track.size() < 2) throw InputError(finding("plan-no-track"));
  PlanTaken out{campaign, {}};
  if (!out.campaign.station.position()) out.campaign.station.place(track.front());
  const course::LocalPlane plane(*out.campaign.station.position());
  std::vector<course::Flat> flat;
  std::size_t far = 0;
  for (const course::Position& p : track) {
    flat.push_back(plane.flat(p));
    if (course::apart_m({}, flat.back()) > course::apart_m({}, flat[far])) far = flat.size() - 1;
  }
  if (far == 0 || !(course::apart_m({}, flat[far]) > 1)) throw InputError(finding("plan-no-track"));
  flat.resize(far + 1);
  campaign::Path& path = emptied(out.campaign);
  const double height = height_m.value_or(usualHeight_m(campaign));
  for (const std::size_t i : course::simplified(flat, kShape_m))
    path.points.push_back({track[i], height, {}});
  return out;
}

PlanTaken takeRecording(const Campaign& campaign, const log::Recording& r) {
  const auto *lat = r.find(log::channel::kLatitude), *lon = r.find(log::channel::kLongitude),
             *height = r.find(log::channel::kHeight);
  std::vector<course::Position> track;
  std::vector<double> heights;
  for (std::size_t i = 0; lat && lon && i < r.rows(); ++i) {
    if (!std::isfinite((*lat)[i]) || !std::isfinite((*lon)[i]) || ((*lat)[i] == 0 && (*lon)[i] == 0))
      continue;
    track.push_back({(*lat)[i], (*lon)[i]});
    if (height && (*height)[i] >= 0) heights.push_back((*height)[i]);
  }
  if (heights.empty()) return takeTrack(campaign, track);
  std::nth_element(heights.begin(), heights.begin() + std::ptrdiff_t(heights.size() / 2), heights.end());
  return takeTrack(campaign, track, std::round(heights[heights.size() / 2]));
}

PlanTaken takeAny(const Campaign& campaign, const std::string& bytes, const std::string& name,
                  const std::optional<double>& ground_m, const Stop* stop) {
  const auto format = planFormatOf(name);
  if (format == PlanFormat::Csv || !format) {
    if (const auto entries = entriesOfCsv(bytes, name); !entries.empty())
      return takePlan(campaign, bytes, name, ground_m, stop);
    if (looksLikeMap(name)) return takePlan(campaign, bytes, name, ground_m, stop);
    campaign::Campaign any;  // columns are matched to links, though only the track is asked for
    any.links.resize(1);
    any.links.front().id = "control";
    return takeRecording(campaign,
                         formats::readRecording(bytes, name, campaign.links.empty() ? any : campaign, {},
                                                formats::Needs::Anything));
  }
  return takePlan(campaign, bytes, name, ground_m, stop);
}

}  // namespace distanz::geodata

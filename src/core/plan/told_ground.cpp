#include "core/plan/told_ground.h"

#include <algorithm>
#include <cmath>

#include "core/terrain/crossing.h"

namespace distanz::plan {
namespace {

using quantity::Unit;

constexpr double kClose_m = 10, kApart_m = 15, kFeetInMetre = 3.28084, kFilledTold = 0.005,
                 kFarAway_m = 100'000, kNobodyFlies_m = 3000;
constexpr std::size_t kMostCrossed = 3;

Argument metres(const char* name, double value) {
  return {name, value, Unit::Metre};
}

void addHeights(const campaign::Campaign& c, const ClearHeights& h, bool over_ground,
                std::vector<Finding>& out) {
  if (over_ground && h.least_above_m < 0)
    out.push_back(
        finding("path-hits", {metres("above", -h.least_above_m), metres("at", h.least_above_at_m)}));
  else if (over_ground && h.least_above_m < kClose_m)
    out.push_back(
        finding("path-close", {metres("above", h.least_above_m), metres("at", h.least_above_at_m)}));
  if (!std::isfinite(h.lowest_m) || h.lowest_m > kNobodyFlies_m) {
    out.push_back(finding("height-never"));
    return;
  }
  double short_of = 0;
  for (std::size_t i = 0; i < h.distance_m.size(); ++i)
    short_of = std::max(short_of, h.needed_m[i] - h.flown_m[i]);
  out.push_back(finding(short_of > 0 ? "height-wanted" : "height-clears",
                        {metres("height", std::ceil(h.lowest_m)),
                         metres("at", h.decided_at_m),
                         {"percent", c.plan.height_pct, Unit::Percent},
                         metres("share", h.share_at_far_m)}));
}

void addKnown(const campaign::Campaign& c, const SightLines& s, double far_m, std::vector<Finding>& out) {
  const auto& grids = s.ground().grids();
  if (grids.empty()) return;
  if (!s.knowsStation()) {
    out.push_back(finding("ground-elsewhere", {{"layer", grids.front()->name}}));
    return;
  }
  if (s.known_m() < far_m) out.push_back(finding("ground-ends", {metres("known", s.known_m())}));
  double filled = 0;
  for (const SightLine& line : s.lines()) filled = std::max(filled, line.filled);
  if (filled > kFilledTold) out.push_back(finding("ground-filled", {{"share", 100 * filled, Unit::Percent}}));
  const double typed = c.station.ground_m, raster = s.stationGround_m();
  if (typed > kApart_m && std::abs(raster / typed / kFeetInMetre - 1) < 0.03)
    out.push_back(finding("ground-in-feet", {metres("typed", typed), metres("raster", raster)}));
  else if (typed != 0 && std::abs(typed - raster) > kApart_m)
    out.push_back(finding("ground-apart", {metres("typed", typed), metres("raster", raster)}));
  if (!c.plan.obstruction) out.push_back(finding("ground-not-counted"));
}

std::string nameOf(const terrain::Crossing& x) {
  return x.feature->name.empty() ? x.layer->name : x.feature->name;
}

void addCrossings(const campaign::Campaign& c, const terrain::Ground& ground, const course::Course& course,
                  std::vector<Finding>& out) {
  std::vector<course::Position> path;
  std::vector<double> lengths;
  for (const campaign::PathPoint& p : campaign::firstPath(c)) path.push_back(p.position);
  for (std::size_t i = 1; i < course.points().size(); ++i)
    lengths.push_back(course::apart_m(course.points()[i - 1], course.points()[i]));
  const std::pair<terrain::Layer::Role, const char*> kinds[] = {
      {terrain::Layer::Role::KeepOut, "crosses-keep-out"}, {terrain::Layer::Role::Roads, "crosses-road"}};
  for (const auto& [role, code] : kinds) {
    std::vector<std::string> told;
    for (const terrain::Crossing& x : terrain::crossings(ground, role, path, lengths)) {
      const std::string name = nameOf(x);
      if (told.size() == kMostCrossed || std::find(told.begin(), told.end(), name) != told.end()) continue;
      told.push_back(name);
      out.push_back(finding(code, {{"what", name}, metres("at", x.along_m)}));
    }
  }
}

/// Terms that are counted at a frequency for which their formula does not hold.
void addOutside(const campaign::Campaign& c, std::vector<Finding>& out) {
  struct Term {
    const char* word;
    bool counts;
    double low_mhz, high_mhz;
  };
  const Term terms[] = {{"formula-ground", c.plan.ground != campaign::GroundKind::Unsaid, 100, 30000},
                        {"formula-woodland", c.plan.obstruction && c.plan.woodland, 230, 95000},
                        {"formula-gases", c.plan.gases, 0, 54000},
                        {"formula-rain", c.plan.rain_mm_h.has_value(), 1000, 1'000'000},
                        {"formula-cloud", c.plan.cloud_g_m3.has_value(), 0, 200000}};
  for (const campaign::Link& link : c.links)
    for (const Term& t : terms) {
      const double nearest = std::clamp(link.frequency_mhz, t.low_mhz, t.high_mhz);
      if (t.counts && nearest != link.frequency_mhz)
        out.push_back(finding("formula-outside", {{"what", distanz::Term{t.word}},
                                                  {"link", link.id},
                                                  {"frequency", link.frequency_mhz, Unit::Megahertz},
                                                  {"nearest", nearest, Unit::Megahertz}}));
    }
}

/// Latitude and longitude that would be near the station the other way round.
void addSwapped(const campaign::Campaign& c, std::vector<Finding>& out) {
  const course::Position station = *c.station.position();
  for (const campaign::PathPoint& p : campaign::firstPath(c)) {
    const course::Position& at = p.position;
    if (std::abs(at.lon_deg) > 90 || course::between(station, at).distance_m < kFarAway_m) continue;
    if (course::between(station, {at.lon_deg, at.lat_deg}).distance_m < kFarAway_m ||
        (std::abs(station.lon_deg) <= 90 &&
         course::between({station.lon_deg, station.lat_deg}, at).distance_m < kFarAway_m)) {
      out.push_back(finding("coordinates-swapped"));
      return;
    }
  }
}

std::optional<double> crossesItself(const course::Course& course) {
  const auto& p = course.points();
  constexpr std::size_t kMost = 2000;
  if (p.size() > kMost) return std::nullopt;
  double along = 0;
  for (std::size_t i = 0; i + 1 < p.size(); ++i) {
    for (std::size_t k = i + 2; k + 1 < p.size(); ++k) {
      const auto side = [](const course::Flat& a, const course::Flat& b, const course::Flat& q) {
        return (b.east_m - a.east_m) * (q.north_m - a.north_m) -
               (b.north_m - a.north_m) * (q.east_m - a.east_m);
      };
      if (side(p[i], p[i + 1], p[k]) * side(p[i], p[i + 1], p[k + 1]) < 0 &&
          side(p[k], p[k + 1], p[i]) * side(p[k], p[k + 1], p[i + 1]) < 0)
        return along;
    }
    along += course::apart_m(p[i], p[i + 1]);
  }
  return std::nullopt;
}

}  // namespace

std::vector<Finding> toldGround(const campaign::Campaign& c, const Planned& planned) {
  const auto course = campaign::courseOf(c);
  if (!course || !planned.heights) return {};
  std::vector<Finding> out;
  const bool over_ground = planned.sights && planned.sights->known_m() > 0;
  addHeights(c, *planned.heights, over_ground, out);
  if (planned.sights) {
    addKnown(c, *planned.sights, course->farPost_m(), out);
    addCrossings(c, planned.sights->ground(), *course, out);
  }
  addOutside(c, out);
  addSwapped(c, out);
  if (const auto at = crossesItself(*course))
    out.push_back(finding("path-crosses-itself", {metres("at", *at)}));
  return out;
}

}  // namespace distanz::plan

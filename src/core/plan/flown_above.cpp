#include "core/plan/flown_above.h"

#include <algorithm>
#include <cmath>

#include "core/course/local_plane.h"

namespace distanz::plan {
namespace {

constexpr double kStraight_m = 2000;  ///< of a leg: see SightGround
constexpr double kAtEnd_m = 1, kOnGround_m = 1;

struct Corner {
  course::Flat at;
  double height_m;
};

Corner between(const Corner& a, const Corner& b, double share) {
  return {{std::lerp(a.at.east_m, b.at.east_m, share), std::lerp(a.at.north_m, b.at.north_m, share)},
          std::lerp(a.height_m, b.height_m, share)};
}

class Flown {
 public:
  Flown(const course::Position& station, const terrain::Ground& ground, double station_m,
        const course::Flat& begin, const course::Flat& end)
      : m_plane(station), m_ground(ground), m_station_m(station_m), m_begin(begin), m_end(end) {}

  void leg(const Corner& from, const Corner& to) {
    const int pieces = std::max(1, int(std::ceil(course::apart_m(from.at, to.at) / kStraight_m)));
    for (int i = 0; i < pieces; ++i)
      piece(between(from, to, double(i) / pieces), between(from, to, double(i + 1) / pieces));
  }

  std::optional<FlownAbove> out;

 private:
  void piece(const Corner& a, const Corner& b) {
    const course::Position from = m_plane.position(a.at), to = m_plane.position(b.at);
    std::vector<terrain::Along> places = m_ground.heightsAlong(from, to);
    const auto through = m_ground.clutter().along(from, to).through;
    const auto heights = places;
    for (const terrain::Through& t : through)
      for (const double share : {t.from, t.to}) places.push_back({share, terrain::heightAt(heights, share)});
    std::sort(places.begin(), places.end(), [](const auto& x, const auto& y) { return x.share < y.share; });
    for (const terrain::Along& p : places) {
      if (std::isnan(p.height_m)) continue;
      double standing = 0;
      for (const terrain::Through& t : through)
        if (t.from <= p.share && p.share <= t.to) standing = std::max(standing, t.what.height_m);
      add(between(a, b, p.share), p.height_m - m_station_m, standing);
    }
  }

  void add(const Corner& at, double ground_m, double standing_m) {
    const double distance = course::apart_m({}, at.at), above = at.height_m - ground_m - standing_m;
    const bool at_end =
        course::apart_m(at.at, m_begin) < kAtEnd_m || course::apart_m(at.at, m_end) < kAtEnd_m;
    if (at_end && std::abs(above) < kOnGround_m) return;  // it takes off or lands there
    if (!out) out = FlownAbove{above, distance, {}, at.height_m - ground_m};
    if (above < out->least_m) {
      out->least_m = above;
      out->least_at_m = distance;
    }
    if (!out->hits_at_m && above <= 0) out->hits_at_m = distance;
    out->highest_above_ground_m = std::max(out->highest_above_ground_m, at.height_m - ground_m);
  }

  course::LocalPlane m_plane;
  const terrain::Ground& m_ground;
  double m_station_m;
  course::Flat m_begin, m_end;
};

}  // namespace

std::optional<FlownAbove> flownAbove(const campaign::Campaign& c, const terrain::Ground& ground,
                                     double station_m) {
  const auto course = campaign::courseOf(c);
  if (!course) return std::nullopt;
  const auto& points = campaign::firstPath(c);
  Flown flown(*c.station.position(), ground, station_m, course->points().front(), course->points().back());
  for (std::size_t i = 1; i < points.size(); ++i)
    flown.leg({course->points()[i - 1], points[i - 1].height_m}, {course->points()[i], points[i].height_m});
  return flown.out;
}

}  // namespace distanz::plan

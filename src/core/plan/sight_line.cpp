#include "core/plan/sight_line.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <optional>

#include "core/radio/clearance.h"
#include "core/terrain/grid.h"

namespace distanz::plan {
namespace {

/// A parallel's bow against the straight line over it stays under a decimetre.
constexpr double kBend_m = 2000;
constexpr int kFlatSteps = 60, kMostBeside = 8;
constexpr double kFiner = 0.1,
                 kFinest_m = 0.5;  // a step is so much of the way to the nearer end, and no less

struct Place {
  double d, ground, hard, top, beside;
};

/// Steps of a line: even in its middle, ever finer to both ends.
class Steps {
 public:
  explicit Steps(double reach_m) {
    const double even = std::max(reach_m / SightLine::kSteps, kFinest_m);
    std::vector<double> half;
    for (double d = 0; d < reach_m / 2; d += std::clamp(kFiner * d, kFinest_m, even)) half.push_back(d);
    m_ends_m = half;
    for (std::size_t i = half.size(); i-- > 0;) m_ends_m.push_back(reach_m - half[i]);
  }
  std::size_t count() const { return m_ends_m.size() - 1; }
  /// Of a distance that is no smaller than the last one asked for.
  std::size_t next(double d) {
    while (m_at + 1 < count() && d >= m_ends_m[m_at + 1]) ++m_at;
    return m_at;
  }
  void begin() { m_at = 0; }

 private:
  std::vector<double> m_ends_m;
  std::size_t m_at = 0;
};

/// Ground along the whole line. What is not known between two places that are is straight, and level behind
/// the last.
struct Heights {
  std::vector<terrain::Along> places;  ///< by metres from the station
  double filled_m = 0;
  bool known = true;  ///< at the last place

  void add(double distance, double height) {
    if (std::isnan(height)) {
      known = false;
      return;
    }
    if (!known && !places.empty()) filled_m += distance - places.back().share;
    known = true;
    if (!places.empty() && distance <= places.back().share)
      places.back().height_m = std::max(places.back().height_m, height);
    else
      places.push_back({distance, height});
  }
  void end(double reach_m) {
    if (places.empty() || places.front().share > 0) places.insert(places.begin(), {0, 0});
    if (places.back().share < reach_m) places.push_back({reach_m, places.back().height_m});
  }
  double at(double distance) const { return terrain::heightAt(places, distance); }
};

struct Stretch {
  double from, to;  // metres
  terrain::Standing what;
};

struct Aside {
  double d, top, hard, ground, beside;
};

}  // namespace

SightLine flatLine(double distance_m, double aircraft_m) {
  SightLine out;
  out.aircraft_m = aircraft_m;
  for (int i = 0; i <= kFlatSteps; ++i) out.distance_m.push_back(distance_m * i / kFlatSteps);
  out.ground_m = out.hard_m = out.top_m = out.beside_m = std::vector<double>(kFlatSteps + 1, 0.0);
  return out;
}

radio::Profile profileOf(const SightLine& line, double mast_m, double raise_m, bool through) {
  return {line.distance_m, through ? line.hard_m : line.top_m, mast_m, line.aircraft_m + raise_m,
          line.beside_m};
}

double woodDepth_m(const SightLine& line, const radio::Profile& p, double earth_factor) {
  const double reach = p.distance_m.back(), slant = std::hypot(reach, p.last_m - p.first_m) / reach;
  const auto under = [&](double d, double top) {
    return top - std::lerp(p.first_m, p.last_m, d / reach) + radio::earthBulge_m(d, reach - d, earth_factor);
  };
  double depth = 0;
  for (const SightLine::Wood& w : line.woods) {
    const double first = under(w.from_m, w.from_top_m), last = under(w.to_m, w.to_top_m),
                 higher = std::max(first, last), lower = std::min(first, last);
    if (higher <= 0) continue;
    depth += (w.to_m - w.from_m) * slant * (lower >= 0 ? 1 : higher / (higher - lower));
  }
  return depth;
}

SightGround::SightGround(const terrain::Ground& ground, const course::Position& station, double station_m,
                         double frequency_mhz)
    : m_ground(ground), m_plane(station), m_station_m(station_m), m_frequency_mhz(frequency_mhz) {}

namespace {

/// One line being looked up.
class Look {
 public:
  Look(const terrain::Ground& ground, double station_m, double reach_m, double frequency_mhz)
      : m_ground(ground),
        m_station_m(station_m),
        m_reach_m(reach_m),
        m_frequency_mhz(frequency_mhz),
        m_steps(reach_m) {
    m_widest_m = zone_m(reach_m / 2);
  }

  void chord(const course::Position& from, const course::Position& to, double from_m, double to_m) {
    const auto d = [&](double share) { return std::lerp(from_m, to_m, share); };
    for (const terrain::Along& a : m_ground.heightsAlong(from, to))
      m_heights.add(d(a.share), a.height_m - m_station_m);
    if (!m_ground.clutter().empty()) standing(from, to, from_m, to_m);
    m_chords.push_back({from, to, from_m, to_m});
  }

  SightLine made() {
    m_heights.end(m_reach_m);
    SightLine out;
    out.filled = m_heights.filled_m / m_reach_m;
    out.known = m_heights.known;
    places(out);
    return out;
  }

 private:
  struct Chord {
    course::Position from, to;
    double from_m, to_m;
  };

  double zone_m(double d) const {
    return radio::kClearShare * radio::fresnelRadius_m(d, std::max(m_reach_m - d, 0.0), m_frequency_mhz);
  }

  void standing(const course::Position& from, const course::Position& to, double from_m, double to_m) {
    const auto d = [&](double share) { return std::lerp(from_m, to_m, share); };
    const auto met =
        m_ground.clutter().along(from, to, m_widest_m, [&](double share) { return zone_m(d(share)); });
    for (const terrain::Through& t : met.through) m_stretches.push_back({d(t.from), d(t.to), t.what});
    for (const terrain::Near& n : met.near) {
      const double ground = m_ground.height_m(n.at) - m_station_m;
      if (!std::isnan(ground))
        m_near.push_back({d(n.share), ground + n.what.height_m, ground + (n.what.trees ? 0 : n.what.height_m),
                          ground, n.beside_m});
    }
  }

  /// The highest place of each step on lines to either side, as far out as the zone reaches anywhere, where
  /// it is higher than all nearer to the line.
  void terrainBeside(const Chord& chord) {
    const auto& [from, to, from_m, to_m] = chord;
    const double narrow = std::cos(from.lat_deg * std::numbers::pi / 180),
                 north = (to.lat_deg - from.lat_deg),
                 east = std::remainder(to.lon_deg - from.lon_deg, 360.0) * narrow,
                 length = std::hypot(north, east);
    if (!(length > 0 && narrow > 0)) return;
    const double apart_m = std::max(m_ground.cell_m(), m_widest_m / kMostBeside);
    for (int i = 1; (i - 1) * apart_m < m_widest_m; ++i) {
      const double beside = std::min(i * apart_m, m_widest_m * (1 - 1e-9));
      for (const double side : {-1.0, 1.0}) {
        const double degrees = side * beside / terrain::kMetresOfDegree, up = degrees * east / length,
                     right = -degrees * north / length / narrow;
        m_steps.begin();
        for (const terrain::Along& a : m_ground.heightsAlong({from.lat_deg + up, from.lon_deg + right},
                                                             {to.lat_deg + up, to.lon_deg + right})) {
          const double d = std::lerp(from_m, to_m, a.share), height = a.height_m - m_station_m;
          Aside& best = m_beside[m_steps.next(d)];
          if (height > best.top + kWorth_m && beside < zone_m(d)) best = {d, height, height, height, beside};
        }
      }
    }
  }

  /// Of a step: the highest under the line, and what lets nothing through.
  struct Highest {
    Place top{0, 0, 0, -INFINITY, 0}, hard{0, 0, -INFINITY, 0, 0};
    bool any = false;
  };

  void places(SightLine& out) {
    std::vector<Highest> steps(m_steps.count());
    std::sort(m_stretches.begin(), m_stretches.end(),
              [](const Stretch& a, const Stretch& b) { return a.from < b.from; });
    std::vector<double> ends;
    for (const Stretch& s : m_stretches) ends.insert(ends.end(), {s.from, s.to});
    std::sort(ends.begin(), ends.end());
    std::vector<const Stretch*> over;
    std::size_t begun = 0, end = 0;
    std::optional<Place> before;
    m_steps.begin();
    const auto take = [&](double d, double ground) {
      while (begun < m_stretches.size() && m_stretches[begun].from <= d)
        over.push_back(&m_stretches[begun++]);
      std::erase_if(over, [&](const Stretch* s) { return s->to < d; });
      Place here{d, ground, ground, ground, 0};
      double trees = 0;
      for (const Stretch* s : over) {
        here.top = std::max(here.top, ground + s->what.height_m);
        if (!s->what.trees) here.hard = std::max(here.hard, ground + s->what.height_m);
        // At the far end of one and the near end of the next both count, but no wood between.
        if (s->what.trees && s->from < d) trees = std::max(trees, s->what.height_m);
      }
      if (before && trees > 0) out.woods.push_back({before->d, d, before->ground + trees, ground + trees});
      before = here;
      if (d <= 0 || d >= m_reach_m) return;
      Highest& step = steps[m_steps.next(d)];
      if (here.top > step.top.top) step.top = here;
      if (here.hard > step.hard.hard) step.hard = here;
      step.any = true;
    };
    for (const terrain::Along& p : m_heights.places) {
      for (; end < ends.size() && ends[end] < p.share; ++end) take(ends[end], m_heights.at(ends[end]));
      take(p.share, p.height_m);
    }
    for (const Highest& s : steps) m_beside.push_back({0, s.any ? s.top.top : -INFINITY, 0, 0, 0});
    // A raster does not tell apart what is nearer than half a cell.
    if (!m_ground.grids().empty() && m_widest_m > m_ground.cell_m() / 2)
      for (const Chord& chord : m_chords) terrainBeside(chord);
    const Place first = endPlace(m_heights.places.front().height_m, 0),
                last = endPlace(m_heights.places.back().height_m, m_reach_m);
    write(steps, first, last, out);
  }

  Place endPlace(double ground, double d) const {
    Place out{d, ground, ground, ground, 0};
    for (const Stretch& s : m_stretches)
      if (s.from <= d && s.to >= d) {
        out.top = std::max(out.top, ground + s.what.height_m);
        if (!s.what.trees) out.hard = std::max(out.hard, ground + s.what.height_m);
      }
    return out;
  }

  void write(const std::vector<Highest>& steps, const Place& first, const Place& last, SightLine& out) {
    std::vector<Place> all{first};
    std::sort(m_near.begin(), m_near.end(), [](const Aside& a, const Aside& b) { return a.d < b.d; });
    std::size_t near = 0;
    Steps ends(m_reach_m);
    for (std::size_t i = 0; i < steps.size(); ++i) {
      const Highest& s = steps[i];
      const std::size_t begin = all.size();
      if (s.any) all.push_back(s.top);
      if (s.any && s.hard.d != s.top.d) all.push_back(s.hard);
      const double under = s.any ? s.top.top : -INFINITY;
      const auto add = [&](const Aside& b) {
        if (b.top > under) all.push_back({b.d, b.ground, b.hard, b.top, b.beside});
      };
      if (m_beside[i].beside > 0) add(m_beside[i]);
      for (; near < m_near.size() && ends.next(m_near[near].d) <= i; ++near) add(m_near[near]);
      std::sort(all.begin() + std::ptrdiff_t(begin), all.end(),
                [](const Place& a, const Place& b) { return a.d < b.d; });
    }
    all.push_back(last);
    for (auto* column : {&out.distance_m, &out.ground_m, &out.hard_m, &out.top_m, &out.beside_m})
      column->reserve(all.size());
    for (const Place& p : all) {
      const bool is_last = &p == &all.back();
      double d = is_last ? m_reach_m : p.d;
      if (!out.distance_m.empty() && d <= out.distance_m.back()) d = out.distance_m.back() + kApart_m;
      if (!is_last && d >= m_reach_m) continue;
      out.distance_m.push_back(d);
      out.ground_m.push_back(p.ground);
      out.hard_m.push_back(p.hard);
      out.top_m.push_back(p.top);
      out.beside_m.push_back(p.beside);
    }
  }

  static constexpr double kWorth_m = 0.5;   ///< higher, for what stands farther beside to count
  static constexpr double kApart_m = 1e-6;  ///< between two things at one distance

  const terrain::Ground& m_ground;
  double m_station_m, m_reach_m, m_frequency_mhz, m_widest_m = 0;
  Steps m_steps;
  Heights m_heights;
  std::vector<Chord> m_chords;
  std::vector<Stretch> m_stretches;
  std::vector<Aside> m_beside, m_near;
};

}  // namespace

SightLine SightGround::lineTo(const course::Flat& to, double distance_m, double aircraft_m) const {
  Look look(m_ground, m_station_m, distance_m, m_frequency_mhz);
  const int bends = std::max(int(std::ceil(distance_m / kBend_m)), 1);
  course::Position from = m_plane.position({});
  for (int i = 1; i <= bends; ++i) {
    const course::Position next = m_plane.position({to.east_m * i / bends, to.north_m * i / bends});
    look.chord(from, next, distance_m * (i - 1) / bends, distance_m * i / bends);
    from = next;
  }
  SightLine out = look.made();
  out.aircraft_m = aircraft_m;
  return out;
}

}  // namespace distanz::plan

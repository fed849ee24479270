#include "core/terrain/crossing.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace distanz::terrain {
namespace {

struct Point {
  double x, y;
};

/// Of a leg and an edge in one direction, where they lie on one line.
std::optional<double> along(const Point& a, const Point& b, const Point& c, const Point& d) {
  const double leg_x = b.x - a.x, leg_y = b.y - a.y, squared = leg_x * leg_x + leg_y * leg_y;
  if (squared == 0 || leg_x * (c.y - a.y) - leg_y * (c.x - a.x) != 0) return std::nullopt;
  const auto share = [&](const Point& p) { return ((p.x - a.x) * leg_x + (p.y - a.y) * leg_y) / squared; };
  const double from = std::min(share(c), share(d)), to = std::max(share(c), share(d));
  if (from > 1 || to < 0) return std::nullopt;
  return std::max(from, 0.0);
}

/// Share of the leg from a to b at which it meets the edge from c to d.
std::optional<double> meets(const Point& a, const Point& b, const Point& c, const Point& d) {
  const double leg_x = b.x - a.x, leg_y = b.y - a.y, edge_x = d.x - c.x, edge_y = d.y - c.y;
  const double across = leg_x * edge_y - leg_y * edge_x;
  if (across == 0) return along(a, b, c, d);
  const double t = ((c.x - a.x) * edge_y - (c.y - a.y) * edge_x) / across,
               u = ((c.x - a.x) * leg_y - (c.y - a.y) * leg_x) / across;
  if (!(t >= 0 && t <= 1 && u >= 0 && u <= 1)) return std::nullopt;
  return t;
}

Point pointOf(const course::Position& p, double lon_from) {
  return {std::remainder(p.lon_deg - lon_from, 360.0), p.lat_deg};
}

bool inside(const Feature& f, const Point& p, double lon_from) {
  bool in = false;
  for (const auto& ring : f.rings)
    for (std::size_t i = 0; i < ring.size(); ++i) {
      const Point a = pointOf(ring[i], lon_from), b = pointOf(ring[(i + 1) % ring.size()], lon_from);
      if ((a.y > p.y) != (b.y > p.y) && p.x < a.x + (b.x - a.x) * (p.y - a.y) / (b.y - a.y)) in = !in;
    }
  return in;
}

/// Legs and how far along the path each begins, in the plane of degrees: what meets there meets on the
/// ground.
class Legs {
 public:
  Legs(const std::vector<course::Position>& path, const std::vector<double>& lengths_m)
      : m_lengths_m(lengths_m) {
    for (const auto& p : path) {
      m_points.push_back(pointOf(p, path.front().lon_deg));
      m_low = {std::min(m_low.x, m_points.back().x), std::min(m_low.y, m_points.back().y)};
      m_high = {std::max(m_high.x, m_points.back().x), std::max(m_high.y, m_points.back().y)};
    }
    m_lon_from = path.front().lon_deg;
  }

  std::optional<double> first_m(const Feature& f) const {
    if (f.kind == Feature::Kind::Point || apart(f)) return std::nullopt;
    if (f.kind == Feature::Kind::Area && inside(f, m_points.front(), m_lon_from)) return 0;
    double before = 0;
    for (std::size_t leg = 0; leg + 1 < m_points.size(); ++leg) {
      std::optional<double> nearest;
      for (const auto& ring : f.rings)
        for (std::size_t i = 0; i + (f.kind == Feature::Kind::Line) < ring.size(); ++i)
          if (const auto t = meets(m_points[leg], m_points[leg + 1], pointOf(ring[i], m_lon_from),
                                   pointOf(ring[(i + 1) % ring.size()], m_lon_from)))
            nearest = std::min(nearest.value_or(2), *t);
      if (nearest) return before + *nearest * m_lengths_m[leg];
      before += m_lengths_m[leg];
    }
    return std::nullopt;
  }

 private:
  bool apart(const Feature& f) const {
    Point low{INFINITY, INFINITY}, high{-INFINITY, -INFINITY};
    for (const auto& p : f.rings.front()) {
      const Point q = pointOf(p, m_lon_from);
      low = {std::min(low.x, q.x), std::min(low.y, q.y)};
      high = {std::max(high.x, q.x), std::max(high.y, q.y)};
    }
    return low.x > m_high.x || high.x < m_low.x || low.y > m_high.y || high.y < m_low.y;
  }

  const std::vector<double>& m_lengths_m;
  std::vector<Point> m_points;
  Point m_low{INFINITY, INFINITY}, m_high{-INFINITY, -INFINITY};
  double m_lon_from = 0;
};

}  // namespace

std::vector<Crossing> crossings(const Ground& ground, Layer::Role role,
                                const std::vector<course::Position>& path,
                                const std::vector<double>& lengths_m) {
  std::vector<Crossing> out;
  if (path.size() < 2 || lengths_m.size() + 1 != path.size()) return out;
  const Legs legs(path, lengths_m);
  for (const Layer& layer : ground.layers()) {
    if (layer.role != role) continue;
    for (const Feature& f : layer.features)
      if (const auto at = legs.first_m(f)) out.push_back({&layer, &f, *at});
  }
  std::sort(out.begin(), out.end(),
            [](const Crossing& a, const Crossing& b) { return a.along_m < b.along_m; });
  if (out.size() > kMostCrossings) out.resize(kMostCrossings);
  return out;
}

}  // namespace distanz::terrain

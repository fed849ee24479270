// Boost's geometry itself includes a header that Boost warns of.
#define BOOST_ALLOW_DEPRECATED_HEADERS

#include "core/terrain/clutter.h"

#include <algorithm>
#include <boost/geometry/geometries/box.hpp>
#include <boost/geometry/geometries/point.hpp>
#include <boost/geometry/index/rtree.hpp>
#include <cmath>
#include <cstdint>
#include <map>
#include <numbers>
#include <optional>
#include <set>

#include "core/terrain/grid.h"

namespace distanz::terrain {

/// Of an outline, in degrees from the first vertex of all.
struct OutlineVertex {
  double x, y;
};

namespace {

using Vertex = OutlineVertex;
namespace bg = boost::geometry;

constexpr double kHighest_m = 6000, kPiece_m = 200, kMostPieces = 100, kRounded_m = 0.2;
constexpr std::size_t kMostMet =
    512;                         // outlines in a piece, of one thing: more are taken for one solid thing
constexpr double kBegin = 1e-9;  // share of a line: past an outline that it may begin on

using BoxCorner = bg::model::point<float, 2, bg::cs::cartesian>;  // degrees from the first vertex of all
using Box = bg::model::box<BoxCorner>;
using Entry = std::pair<Box, std::uint32_t>;

bool stands(const Layer& layer, const Feature& f) {
  const bool kind = layer.role == Layer::Role::Trees || layer.role == Layer::Role::Buildings;
  return kind && f.kind == Feature::Kind::Area && f.height_m.value_or(layer.height_m.value_or(0)) > 0;
}

/// No smaller than what it is made of, whatever a float rounds off.
Box boxAround(const Vertex& a, const Vertex& b, double more_x = 0, double more_y = 0) {
  const auto low = [](double v) { return std::nextafter(float(v), -INFINITY); };
  const auto high = [](double v) { return std::nextafter(float(v), INFINITY); };
  return {{low(std::min(a.x, b.x) - more_x), low(std::min(a.y, b.y) - more_y)},
          {high(std::max(a.x, b.x) + more_x), high(std::max(a.y, b.y) + more_y)}};
}

/// On which side of a line a point lies.
bool leftOf(const Vertex& from, const Vertex& to, const Vertex& p) {
  return (to.x - from.x) * (p.y - from.y) - (to.y - from.y) * (p.x - from.x) > 0;
}

/// Share of a line at which it crosses an edge whose ends lie on either side of it.
double crossingOf(const Vertex& from, const Vertex& to, const Vertex& a, const Vertex& b) {
  const double x = to.x - from.x, y = to.y - from.y, edge_x = b.x - a.x, edge_y = b.y - a.y;
  return ((a.x - from.x) * edge_y - (a.y - from.y) * edge_x) / (x * edge_y - y * edge_x);
}

}  // namespace

struct Clutter::Index {
  double lon_deg = 0, lat_deg = 0;
  std::vector<Vertex> vertices;           ///< ring after ring, the first of each again at its end
  std::vector<std::uint32_t> feature_of;  ///< of each vertex
  std::vector<Standing> features;
  bg::index::rtree<Entry, bg::index::rstar<16>> edges;  ///< from a vertex to the next

  Vertex of(const course::Position& p) const {
    return {std::remainder(p.lon_deg - lon_deg, 360.0), p.lat_deg - lat_deg};
  }

  void add(const Feature& f, const Standing& what, std::vector<Entry>& entries) {
    const auto feature = std::uint32_t(features.size());
    features.push_back(what);
    for (const auto& ring : f.rings)
      for (std::size_t i = 0; i <= ring.size() && !ring.empty(); ++i) {
        vertices.push_back(of(ring[i % ring.size()]));
        feature_of.push_back(feature);
        if (i > 0)
          entries.push_back({boxAround(vertices[vertices.size() - 2], vertices.back()),
                             std::uint32_t(vertices.size() - 2)});
      }
  }

  template <class Query, class Each>
  void eachEdge(const Query& query, Each each) const {
    for (auto at = edges.qbegin(bg::index::intersects(query)); at != edges.qend(); ++at)
      each(vertices[at->second], vertices[at->second + 1], feature_of[at->second]);
  }

  /// Features that a point lies in: an odd number of their edges lie east of it.
  std::vector<std::uint32_t> around(const Vertex& p) const {
    std::map<std::uint32_t, bool> odd;
    const Box east{{std::nextafter(float(p.x), -INFINITY), std::nextafter(float(p.y), -INFINITY)},
                   {INFINITY, std::nextafter(float(p.y), INFINITY)}};
    eachEdge(east, [&](const Vertex& a, const Vertex& b, std::uint32_t feature) {
      if ((a.y > p.y) != (b.y > p.y) && p.x < a.x + (b.x - a.x) * (p.y - a.y) / (b.y - a.y))
        odd[feature] = !odd[feature];
    });
    std::vector<std::uint32_t> out;
    for (const auto& [feature, is] : odd)
      if (is) out.push_back(feature);
    return out;
  }
};

Clutter::Clutter(const std::vector<Layer>& layers) {
  auto index = std::make_unique<Index>();
  std::vector<Entry> entries;
  for (const Layer& layer : layers)
    for (const Feature& f : layer.features) {
      if (!stands(layer, f) || f.rings.empty() || f.rings.front().empty()) continue;
      if (index->features.empty()) {
        index->lon_deg = f.rings.front().front().lon_deg;
        index->lat_deg = f.rings.front().front().lat_deg;
      }
      index->add(f,
                 {std::min(f.height_m.value_or(layer.height_m.value_or(0)), kHighest_m),
                  layer.role == Layer::Role::Trees},
                 entries);
    }
  index->edges = decltype(index->edges)(entries);
  m_index = std::move(index);
}

Clutter::~Clutter() = default;

bool Clutter::empty() const {
  return m_index->features.empty();
}

Standing Clutter::at(const course::Position& p) const {
  Standing out;
  if (!empty())
    for (const std::uint32_t feature : m_index->around(m_index->of(p)))
      if (m_index->features[feature].height_m > out.height_m) out = m_index->features[feature];
  return out;
}

namespace {

/// A straight line, and places on it and beside it in metres.
struct Line {
  Vertex from, to;
  double east_m, north_m;  ///< of a degree
  double dx, dy, length_m;

  Line(const Vertex& a, const Vertex& b, double lat_deg)
      : from(a),
        to(b),
        east_m(kMetresOfDegree * std::cos(lat_deg * std::numbers::pi / 180)),
        north_m(kMetresOfDegree),
        dx((b.x - a.x) * east_m),
        dy((b.y - a.y) * north_m),
        length_m(std::hypot(dx, dy)) {}

  Vertex at(double share) const {
    return {from.x + (to.x - from.x) * share, from.y + (to.y - from.y) * share};
  }
  /// A stretch of it with so many metres around.
  Box around(double begin, double end, double more_m) const {
    return boxAround(at(begin), at(end), more_m / east_m, more_m / north_m);
  }
  /// Share of the line, and metres to its left.
  Vertex seen(const Vertex& p) const {
    const double x = (p.x - from.x) * east_m, y = (p.y - from.y) * north_m;
    return {(x * dx + y * dy) / (length_m * length_m), (y * dx - x * dy) / length_m};
  }
};

/// The stretch of an edge that lies beside a stretch of the line: its ends as Line::seen() has them.
std::optional<std::pair<Vertex, Vertex>> besideOf(const Line& line, double from, double to, const Vertex& a,
                                                  const Vertex& b) {
  Vertex p = line.seen(a), q = line.seen(b);
  if (p.x > q.x) std::swap(p, q);
  if (q.x < from || p.x > to) return std::nullopt;
  const auto cut = [&](double share) {
    return Vertex{share, p.y + (q.y - p.y) * (share - p.x) / (q.x - p.x)};
  };
  const Vertex first = p.x < from ? cut(from) : p, last = q.x > to ? cut(to) : q;
  return std::pair(first, last);
}

/// Where a piece of a line crosses the outline of one thing.
struct Crossed {
  std::vector<double> shares;  ///< kMostMet at most
  std::size_t count = 0;

  void add(double share) {
    if (++count <= kMostMet) shares.push_back(share);
  }
  /// The stretches of the piece that lie in it; all of it where more crosses than can be told apart.
  void addThrough(double begin, double end, bool inside, const Standing& what, std::vector<Through>& out) {
    if (count > kMostMet) {
      out.push_back({begin, end, what});
      return;
    }
    std::sort(shares.begin(), shares.end());
    double from = begin;
    for (const double share : shares) {
      if (inside && share > from) out.push_back({from, share, what});
      from = share;
      inside = !inside;
    }
    if (inside && end > from) out.push_back({from, end, what});
  }
};

/// @return how many were added
std::size_t addNear(const Clutter::Index& index, const Line& line, double begin, double end, const Vertex& c,
                    const Vertex& d, std::uint32_t feature, const std::function<double(double)>& near_m,
                    std::vector<Near>& out) {
  const auto beside = besideOf(line, begin, end, c, d);
  if (!beside || (beside->first.y > 0) != (beside->second.y > 0)) return 0;
  const std::size_t before = out.size();
  for (const Vertex& p : {beside->first, beside->second}) {
    if (!(std::abs(p.y) < near_m(p.x))) continue;
    const Vertex on = line.at(p.x);
    out.push_back({p.x,
                   std::abs(p.y),
                   {index.lat_deg + on.y + p.y * line.dx / line.length_m / line.north_m,
                    index.lon_deg + on.x - p.y * line.dy / line.length_m / line.east_m},
                   index.features[feature]});
  }
  return out.size() - before;
}

}  // namespace

Clutter::Met Clutter::along(const course::Position& from, const course::Position& to, double widest_m,
                            const std::function<double(double)>& near_m) const {
  Met out;
  if (empty()) return out;
  const Index& index = *m_index;
  const Vertex a = index.of(from);
  const Line line(a,
                  {a.x + std::remainder(to.lon_deg - from.lon_deg, 360.0), a.y + to.lat_deg - from.lat_deg},
                  (from.lat_deg + to.lat_deg) / 2);
  if (!(line.length_m > 0)) return out;
  std::set<std::uint32_t> open;  // what the line is inside of
  for (const std::uint32_t feature : index.around(line.at(kBegin))) open.insert(feature);
  const int pieces = int(std::clamp(std::ceil(line.length_m / kPiece_m), 1.0, kMostPieces));
  for (int i = 0; i < pieces; ++i) {
    const double begin = i == 0 ? kBegin : double(i) / pieces, end = double(i + 1) / pieces;
    std::map<std::uint32_t, Crossed> crossed;
    for (const std::uint32_t feature : open) crossed[feature];
    std::size_t near = 0;
    index.eachEdge(line.around(begin, end, widest_m + kRounded_m), [&](const Vertex& c, const Vertex& d,
                                                                       std::uint32_t feature) {
      if (leftOf(line.from, line.to, c) != leftOf(line.from, line.to, d))
        if (const double share = crossingOf(line.from, line.to, c, d); share >= begin && share < end)
          crossed[feature].add(share);
      if (near_m && near < kMostMet)
        near += addNear(index, line, begin, end, c, d, feature, near_m, out.near);
    });
    for (auto& [feature, met] : crossed) {
      met.addThrough(begin, end, open.contains(feature), index.features[feature], out.through);
      if (met.count % 2 == 0) continue;
      if (!open.erase(feature)) open.insert(feature);
    }
  }
  std::sort(out.through.begin(), out.through.end(),
            [](const Through& x, const Through& y) { return x.from < y.from; });
  return out;
}

}  // namespace distanz::terrain

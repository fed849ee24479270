#include "core/terrain/relief.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

namespace distanz::terrain {
namespace {

struct Extent {
  float low = INFINITY, high = -INFINITY;
};
Extent extentOf(const Relief& r) {
  Extent out;
  for (const float h : r.height_m)
    if (!std::isnan(h)) out = {std::min(out.low, h), std::max(out.high, h)};
  return out;
}

struct Corner {
  float x, y, h;
};
/// Where a side passes the height.
std::optional<std::pair<float, float>> passes(const Corner& a, const Corner& b, float height) {
  if ((a.h < height) == (b.h < height)) return std::nullopt;
  const float t = (height - a.h) / (b.h - a.h);
  return std::pair{a.x + (b.x - a.x) * t, a.y + (b.y - a.y) * t};
}

/// Triangles leave no question open which a square would: two lines or the other two.
void addTriangle(const std::array<Corner, 3>& t, float height, Contour& out) {
  std::array<std::pair<float, float>, 2> ends;
  std::size_t n = 0;
  for (std::size_t i = 0; i < 3 && n < 2; ++i)
    if (const auto at = passes(t[i], t[(i + 1) % 3], height)) ends[n++] = *at;
  if (n == 2) out.pieces.push_back({ends[0].first, ends[0].second, ends[1].first, ends[1].second});
}

}  // namespace

std::vector<float> shadeOf(const Relief& r, double exaggeration) {
  std::vector<float> out(r.height_m.size(), NAN);
  const auto h = [&](int c, int row) {
    return r.at(std::clamp(c, 0, r.columns - 1), std::clamp(row, 0, r.rows - 1));
  };
  for (int row = 0; row < r.rows; ++row)
    for (int c = 0; c < r.columns; ++c) {
      const double dx = exaggeration * (h(c + 1, row) - h(c - 1, row)) / (2 * r.cell_m),
                   dy = exaggeration * (h(c, row + 1) - h(c, row - 1)) / (2 * r.cell_m);
      // Light from the upper left, 45 degrees high: (-1, -1, sqrt 2) / 2; the normal is (-dx, -dy, 1).
      const double lit = (dx + dy + std::sqrt(2.0)) / (2 * std::sqrt(1 + dx * dx + dy * dy));
      if (!std::isnan(r.at(c, row)))
        out[std::size_t(row) * std::size_t(r.columns) + std::size_t(c)] =
            float(std::isnan(lit) ? kLevelShade : std::max(lit, 0.0));
    }
  return out;
}

std::vector<Contour> contoursOf(const Relief& r, double step_m) {
  const Extent e = extentOf(r);
  std::vector<Contour> out;
  if (!(e.high > e.low) || !(step_m > 0)) return out;
  const double first = std::ceil(e.low / step_m), last = std::floor(e.high / step_m);
  if (last - first >= kMostContours) return out;
  for (double k = first; k <= last; ++k) out.push_back({k * step_m, {}});
  for (int row = 0; row + 1 < r.rows; ++row)
    for (int c = 0; c + 1 < r.columns; ++c) {
      const float x = float(c), y = float(row);
      const Corner a{x, y, r.at(c, row)}, b{x + 1, y, r.at(c + 1, row)}, d{x, y + 1, r.at(c, row + 1)},
          f{x + 1, y + 1, r.at(c + 1, row + 1)};
      const float low = std::min({a.h, b.h, d.h, f.h}), high = std::max({a.h, b.h, d.h, f.h});
      if (std::isnan(a.h + b.h + d.h + f.h)) continue;
      for (int k = std::max(int(std::ceil(low / step_m) - first), 0);
           k < int(out.size()) && out[std::size_t(k)].height_m <= high; ++k) {
        Contour& line = out[std::size_t(k)];
        addTriangle({a, b, d}, float(line.height_m), line);
        addTriangle({b, f, d}, float(line.height_m), line);
      }
    }
  return out;
}

double contourStep_m(const Relief& r, int wanted) {
  const Extent e = extentOf(r);
  if (!(e.high > e.low) || wanted < 1) return 0;
  const double least = (e.high - e.low) / wanted, power = std::pow(10, std::floor(std::log10(least)));
  for (const double factor : {1.0, 2.0, 5.0, 10.0})
    if (factor * power >= least * (1 - 1e-9)) return std::max(factor * power, 1.0);
  return std::max(10 * power, 1.0);
}

}  // namespace distanz::terrain

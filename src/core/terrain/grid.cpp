#include "core/terrain/grid.h"

#include <algorithm>
#include <cmath>

namespace distanz::terrain {
namespace {

constexpr double kEdge = 0.5 + 1e-6;

/// Where between two cells: the first of them and the share of the second. None outside.
struct Between {
  int first = -1;
  double share = 0;
};
Between between(double index, int cells) {
  if (!(index >= -kEdge && index <= cells - 1 + kEdge)) return {};
  const double inside = std::clamp(index, 0.0, cells - 1.0);
  const int first = std::min(int(inside), std::max(cells - 2, 0));
  return {first, inside - first};
}

/// Not std::lerp, which gives the other end where one is not known.
double mix(double a, double b, double share) {
  return a + share * (b - a);
}

}  // namespace

double Grid::cell_m() const {
  return step_lat_deg * kMetresOfDegree;
}

double heightAt(const Grid& g, const course::Position& at) {
  const Between row = between((g.north_deg - at.lat_deg) / g.step_lat_deg, g.rows);
  double east = at.lon_deg - g.west_deg;
  if (east < -180) east += 360;
  if (east < -g.step_lon_deg && east + 360 <= g.step_lon_deg * g.columns) east += 360;
  if (east > 180 && east > g.step_lon_deg * g.columns) east -= 360;
  const Between column = between(east / g.step_lon_deg, g.columns);
  if (row.first < 0 || column.first < 0) return std::nan("");
  const auto row_at = [&](int r) {
    const double left = g.at(r, column.first);
    return column.share > 0 ? mix(left, double(g.at(r, column.first + 1)), column.share) : left;
  };
  const double upper = row_at(row.first);
  return row.share > 0 ? mix(upper, row_at(row.first + 1), row.share) : upper;
}

}  // namespace distanz::terrain

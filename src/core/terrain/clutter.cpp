#include "core/terrain/clutter.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/terrain/grid.h"

namespace distanz::terrain {
namespace {

constexpr double kHighest_m = 6000;

bool stands(const Layer& layer, const Feature& f) {
  const bool kind = layer.role == Layer::Role::Trees || layer.role == Layer::Role::Buildings;
  return kind && f.kind == Feature::Kind::Area && f.height_m.value_or(layer.height_m.value_or(0)) > 0;
}

}  // namespace

Clutter::Clutter(const std::vector<Layer>& layers) {
  double north = -90, south = 90, west = INFINITY, east = -INFINITY;
  for (const Layer& layer : layers)
    for (const Feature& f : layer.features)
      if (stands(layer, f))
        for (const auto& p : f.rings.front()) {
          north = std::max(north, p.lat_deg);
          south = std::min(south, p.lat_deg);
          west = std::min(west, p.lon_deg);
          east = std::max(east, p.lon_deg);
        }
  if (!(north >= south && east >= west)) return;
  const double narrow = std::max(std::cos((north + south) / 2 * std::numbers::pi / 180), 0.01);
  const double high_m = (north - south) * kMetresOfDegree, wide_m = (east - west) * kMetresOfDegree * narrow;
  m_cell_m = std::max({kCell_m, high_m / (kMostCells - 2), wide_m / (kMostCells - 2)});
  m_step_lat_deg = m_cell_m / kMetresOfDegree;
  m_step_lon_deg = m_step_lat_deg / narrow;
  m_north_deg = north;
  m_west_deg = west;
  m_rows = int((north - south) / m_step_lat_deg) + 1;
  m_columns = int((east - west) / m_step_lon_deg) + 1;
  m_cells.resize(std::size_t(m_rows) * std::size_t(m_columns));
  for (const Layer& layer : layers)
    for (const Feature& f : layer.features)
      if (stands(layer, f)) {
        const double height = std::min(f.height_m.value_or(layer.height_m.value_or(0)), kHighest_m);
        fill(f, {std::uint16_t(std::lround(height * 10)), layer.role == Layer::Role::Trees});
      }
}

void Clutter::fill(const Feature& f, Cell cell) {
  double north = -90, south = 90;
  for (const auto& p : f.rings.front()) {
    north = std::max(north, p.lat_deg);
    south = std::min(south, p.lat_deg);
  }
  const int first = std::max(int((m_north_deg - north) / m_step_lat_deg), 0),
            last = std::min(int((m_north_deg - south) / m_step_lat_deg), m_rows - 1);
  std::vector<double> crossings;
  for (int row = first; row <= last; ++row) {
    const double lat = m_north_deg - (row + 0.5) * m_step_lat_deg;
    crossings.clear();
    for (const auto& ring : f.rings)
      for (std::size_t i = 0; i < ring.size(); ++i) {
        const auto &a = ring[i], &b = ring[(i + 1) % ring.size()];
        if ((a.lat_deg > lat) != (b.lat_deg > lat))
          crossings.push_back(a.lon_deg +
                              (b.lon_deg - a.lon_deg) * (lat - a.lat_deg) / (b.lat_deg - a.lat_deg));
      }
    std::sort(crossings.begin(), crossings.end());
    for (std::size_t i = 0; i + 1 < crossings.size(); i += 2) {
      const int from = std::max(int(std::ceil((crossings[i] - m_west_deg) / m_step_lon_deg - 0.5)), 0),
                to = std::min(int(std::floor((crossings[i + 1] - m_west_deg) / m_step_lon_deg - 0.5)),
                              m_columns - 1);
      for (int column = from; column <= to; ++column) {
        Cell& there = m_cells[std::size_t(row) * std::size_t(m_columns) + std::size_t(column)];
        if (cell.height_dm > there.height_dm) there = cell;
      }
    }
  }
}

Standing Clutter::at(const course::Position& p) const {
  if (empty()) return {};
  const double row = std::floor((m_north_deg - p.lat_deg) / m_step_lat_deg),
               column = std::floor((p.lon_deg - m_west_deg) / m_step_lon_deg);
  if (!(row >= 0 && row < m_rows && column >= 0 && column < m_columns)) return {};
  const Cell& cell = m_cells[std::size_t(row) * std::size_t(m_columns) + std::size_t(column)];
  return {cell.height_dm / 10.0, cell.trees};
}

}  // namespace distanz::terrain

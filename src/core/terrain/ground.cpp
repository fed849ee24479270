#include "core/terrain/ground.h"

#include <algorithm>
#include <cmath>

namespace distanz::terrain {

Ground::Ground(std::vector<std::shared_ptr<const Grid>> grids, std::vector<Layer> layers)
    : m_grids(std::move(grids)), m_layers(std::move(layers)), m_clutter(m_layers) {
  std::stable_sort(m_grids.begin(), m_grids.end(),
                   [](const auto& a, const auto& b) { return a->step_lat_deg < b->step_lat_deg; });
}

double Ground::height_m(const course::Position& at) const {
  if (m_grids.empty()) return 0;
  for (const auto& g : m_grids)
    if (const double h = heightAt(*g, at); !std::isnan(h)) return h;
  return std::nan("");
}

std::vector<Along> Ground::heightsAlong(const course::Position& from, const course::Position& to) const {
  if (m_grids.empty()) return {{0, 0}, {1, 0}};
  return terrain::heightsAlong(m_grids, from, to);
}

}  // namespace distanz::terrain

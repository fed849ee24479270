#pragma once
#include <cstdint>
#include <vector>

#include "core/terrain/layer.h"

namespace distanz::terrain {

/// What stands on the ground at one place.
struct Standing {
  double height_m = 0;
  bool trees = false;  ///< else it lets nothing through
};

/// Trees and buildings of the layers, on a grid of cells of kCell_m and more, kMostCells a side at most; what
/// has no height stands not. Of several the highest counts.
class Clutter {
 public:
  explicit Clutter(const std::vector<Layer>& layers);
  Standing at(const course::Position& position) const;
  bool empty() const { return m_cells.empty(); }
  double cell_m() const { return m_cell_m; }

  static constexpr double kCell_m = 5;
  static constexpr int kMostCells = 4096;

 private:
  struct Cell {
    std::uint16_t height_dm = 0;
    bool trees = false;
  };
  void fill(const Feature& feature, Cell cell);

  double m_north_deg = 0, m_west_deg = 0, m_step_lat_deg = 0, m_step_lon_deg = 0, m_cell_m = kCell_m;
  int m_rows = 0, m_columns = 0;
  std::vector<Cell> m_cells;
};

}  // namespace distanz::terrain

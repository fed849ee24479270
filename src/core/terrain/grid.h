#pragma once
#include <string>
#include <vector>

#include "core/course/course.h"

namespace distanz::terrain {

constexpr double kMetresOfDegree = 111195.0;  ///< of a mean meridian

/// Heights on a grid of parallels and meridians (WGS 84), row by row from north, each row from west.
struct Grid {
  std::string name;                           ///< of the file, in the pilot's words
  double north_deg = 0, west_deg = 0;         ///< of the first cell's middle
  double step_lat_deg = 0, step_lon_deg = 0;  ///< from cell to cell, > 0
  int rows = 0, columns = 0;
  std::vector<float> height_m;  ///< above mean sea level as the raster has it; NaN where it is not known

  float at(int row, int column) const {
    return height_m[std::size_t(row) * std::size_t(columns) + std::size_t(column)];
  }
  /// Of a cell, north to south, metres.
  double cell_m() const;
  double south_deg() const { return north_deg - step_lat_deg * (rows - 1); }
  double east_deg() const { return west_deg + step_lon_deg * (columns - 1); }  ///< may be above 180
};

/// Between the middles of four cells, bilinear; up to half a cell outside as at the edge, so that tiles side
/// by side leave no gap. NaN elsewhere, and where one of the four is not known.
double heightAt(const Grid& grid, const course::Position& at);

}  // namespace distanz::terrain

#pragma once
#include <map>
#include <vector>

#include "core/estimate/cells.h"

namespace distanz::estimate {

/// The cells of a flight that goes on: what cellsOf() makes of the samples so far, with no turn cut out and
/// no floor, at a cost that does not grow with the flight. Lowest readings are not kept.
class GrowingCells {
 public:
  GrowingCells() = default;
  /// @param first_place number of the path's first place
  explicit GrowingCells(int first_place) : m_first_place(first_place) {}

  /// @param rssi_dbm as the receiver gave it @param shift_db what refers it; NaN leaves it out of the cells
  /// @param place_m that tells places apart, see FlightSamples::along_m
  void add(double distance_m, double place_m, double rssi_dbm, double shift_db);
  /// Brings the cells up to date with what was added.
  const FlightCells& cells();

 private:
  struct Stretch {
    std::vector<double> level_dbm;  ///< rising
    std::vector<double> fresh;      ///< added since
    double log_distances = 0, shifts = 0;
    std::size_t saturated = 0;
  };
  std::optional<Cell> summary(int index, Stretch& stretch, std::size_t least) const;
  void requireSamples();

  int m_first_place = 0;
  std::map<int, Stretch> m_stretches;
  std::vector<int> m_changed;
  std::size_t m_least = defaults::kMinSamplesPerCell;  ///< samples that a cell needs
  std::map<int, Cell> m_cells;
  FlightCells m_all;
};

}  // namespace distanz::estimate

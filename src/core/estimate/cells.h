#pragma once
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/estimate/defaults.h"

namespace distanz::estimate {

/// One flight's signal over place, as the estimator takes it. Spans are of equal length, rows in time order.
struct FlightSamples {
  std::span<const double> time_s;
  std::span<const double> distance_m;  ///< from the station
  std::span<const double> rssi_dbm;
  std::optional<double> turn_begin_s,
      turn_end_s;  ///< the turn as cut by hand; without them the farthest row +- 4 s
  /// What refers each reading to the campaign's common power and mode, dB; NaN leaves the row out; empty:
  /// nothing. Added after the reading was held against floor and ceiling, which are the receiver's own.
  std::span<const double> shift_db = {};
  /// What tells places apart: distance along the path, on which two places at one distance from the station
  /// are two. Empty: the distance.
  std::span<const double> along_m = {};
  /// When banking began, where that is known: rows of the way out between the turn as cut and this make the
  /// last cells of the flight.
  std::optional<double> banking_s = {};
  /// Rows in which nothing was heard: their reading is only what the signal lay below. Empty: none.
  std::vector<bool> silent = {};
  /// At and above this the receiver saturates; infinite where nobody knows.
  double ceiling_dbm = defaults::kCeiling_dbm;
  /// Of what a cell's value is the mean: 0 for readings in few steps, whose middle one would be a step itself.
  double trim = defaults::kTrim;
  bool silentAt(std::size_t row) const { return !silent.empty() && silent[row]; }
  double shiftAt(std::size_t row) const { return shift_db.empty() ? 0 : shift_db[row]; }
  double placeAt(std::size_t row) const { return along_m.empty() ? distance_m[row] : along_m[row]; }
};

/// A stretch of path as one flight saw it.
struct Cell {
  int index = 0;  ///< see placeIndex()
  double log_distance =
      0;  ///< mean log10 of the samples' distances in metres (not the centre: that biases the exponent)
  double level_dbm = 0;  ///< trimmed mean; for a censored cell its upper bound
  bool censored =
      false;  ///< clipped at the receiver's floor, or not heard: the level is only known to be lower
  bool above = false;  ///< with censored: at the ceiling of its scale, the level is only known to be higher
  double lowest_dbm =
      0;  ///< lowest reading as the receiver gave it, and the share of samples within rounding of it
  double lowest_share = 0;
  double highest_dbm = 0, highest_share = 0;
  double shift_db = 0;  ///< mean shift of its samples
  int samples = 0;
  double variance_db2 = 0;  ///< of its samples about the mean of their leg; 0 where none has two
};

/// Samples that a cell needs: as many as average fading out, unless the log hardly has cells of so many.
/// @param counts of samples, per stretch flown
std::size_t samplesNeeded(std::vector<double> counts);

/// floor(place / width), bounded so that the places of all paths can be numbered one behind the other.
int placeIndex(double place_m, double width_m = defaults::kCellWidth_m);

struct FlightCells {
  std::vector<Cell> cells;  ///< in order of index
  double farthest_m = 0;    ///< largest finite distance in the flight; 0 where there is none
  double turn_s = 0;        ///< time of it
  int uncensored = 0;
  bool usable() const { return uncensored >= defaults::kMinCellsPerRun; }
};

/// One flight reduced whole, and its two legs apart.
struct LegCells {
  FlightCells both, out, back;
  /// Flown between the cut of the turn and the banking. Pilots turn where a link fails: without these the
  /// place where it failed would not have been seen.
  std::vector<Cell> last;
};

/// The flight with what was seen just before it turned (LegCells::last) as cells like the others.
FlightCells withLast(const FlightCells& flight, const std::vector<Cell>& last);

/// Value at which a receiver's reading stops falling, found from its repetition over all flights of a
/// campaign. Rows in one flight are counted together. Feed every flight, then ask.
class FloorFinder {
 public:
  void add(const FlightSamples& flight);
  /// As if the other's flights had been added here.
  void merge(const FloorFinder& other);
  std::optional<double> floor_dbm() const;

 private:
  double m_lowest = 0;
  long m_rows = 0;
  int m_streak = 0;
};

/// Reduces one flight to cells (estimator section 1). @param floor_dbm as found or given; none: nothing is
/// censored.
/// @throws DomainError for spans of unequal length or a width that is not positive.
FlightCells cellsOf(const FlightSamples& flight, std::optional<double> floor_dbm,
                    double width_m = defaults::kCellWidth_m);

/// The same, and each leg by itself: out is what was flown before the turn, back what after it.
LegCells legCellsOf(const FlightSamples& flight, std::optional<double> floor_dbm,
                    double width_m = defaults::kCellWidth_m);

/// Flags the cells of a flight reduced without a floor once the campaign's floor is known. @param floor_dbm
/// the lowest reading of all flights, as FloorFinder tells it (a floor above readings that were made must be
/// given to cellsOf() instead).
void censorAt(FlightCells& flight, double floor_dbm);

}  // namespace distanz::estimate

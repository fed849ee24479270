#pragma once
#include <cstddef>
#include <span>
#include <vector>

#include "core/log/recording.h"

namespace distanz::log {

/// Rows of one flight: out from the station and back to it.
struct FlightRows {
  std::size_t begin = 0, end = 0;  ///< [begin, end)
  double farthest_m = 0;
};

/// The flights that a log holds one behind the other: each goes beyond a third of the farthest, and comes
/// back near the station before the next. They part where the aircraft was nearest.
/// @param distance_m from the station, NaN where unknown
/// @return in time order, covering all rows; one for a log that holds a single flight
std::vector<FlightRows> flightsIn(std::span<const double> distance_m);

/// A flight of a log of several, without what comes before it leaves the station's surroundings and after it is back:
/// take-off, hover, landing.
struct FlightPart {
  double from_s = 0, to_s = 0;  ///< first and last row, on the log's clock
  double farthest_m = 0;
};

/// The flights of a log: parted by gaps and landings (see airborneIn()), and each that went out and back more than once
/// into its passes (see flightsIn()). What never went anywhere is left out.
std::vector<FlightPart> flightParts(const Recording& recording, std::span<const double> distance_m);

/// Rows from one time to another, both included, on the recording's own clock.
Recording rowsBetween(const Recording& recording, double from_s, double to_s);

/// Rows [begin, end) of a recording, on its own clock.
Recording rowsOf(const Recording& recording, std::size_t begin, std::size_t end);

}  // namespace distanz::log

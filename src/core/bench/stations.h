#pragma once
#include <optional>
#include <vector>

#include "core/bench/attenuator.h"

namespace distanz::bench {

/// A level read with both ends at fixed places.
struct StationReading {
  double distance_m = 0;  ///< > 0
  double level_dbm = 0;
};

/// Level = at 1 km - 10 n log10(d / 1 km), by least squares, with what places scatter about it.
struct StationFit {
  Spread exponent;           ///< n, 95 % (Student)
  double at_1km_dbm = 0;
  double sd_db = 0;          ///< of one place about the line
  std::size_t readings = 0;
  double near_m = 0, far_m = 0;
  bool falls = false;        ///< the interval of n keeps above 0

  double mean_log = 0, sum_square = 0;  ///< of log10 d, as reachOf() needs them
};
constexpr std::size_t kStationReadings = 4;
constexpr double kStationSpan = 2;  ///< the farthest over the nearest

/// None with fewer readings, places that lie within that factor, or all at two distances. @throws DomainError
std::optional<StationFit> stationFit(const std::vector<StationReading>& readings);

/// Where the line meets a level, with its 95 % interval; an open end where the readings leave it open. None where the level
/// does not clearly fall. Source: Fieller 1954 (inverse regression).
/// @param below_sd places that lie so many sd under the line still have it: 0 for the median, 1.645 for 95 %
struct StationReach {
  double estimate_m = 0;
  std::optional<double> low_m = {}, high_m = {};
};
std::optional<StationReach> stationReach(const StationFit& fit, double level_dbm, double below_sd = 0);

}  // namespace distanz::bench

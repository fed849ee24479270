#pragma once
#include <span>
#include <vector>

#include "core/log/recording.h"

namespace distanz::log {

/// Rows [begin, end) in which the aircraft was in the air, without a gap in the log.
struct Airborne {
  std::size_t begin = 0, end = 0;
};

/// Parted where the log has a gap, and where the aircraft stood still on the ground: low where heights are logged (a
/// hover is no landing), else for long and near the station.
/// @param distance_m from the station, one per row, NaN where unknown
/// @return in time order; all rows where the log tells no movement
std::vector<Airborne> airborneIn(const Recording& recording, std::span<const double> distance_m);

}  // namespace distanz::log

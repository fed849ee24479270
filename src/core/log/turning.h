#pragma once
#include <span>
#include <vector>

namespace distanz::log {

/// When a flight stopped going out, and when it was on its way home: the farthest row lies between, or at
/// either end.
struct Turning {
  double begin_s = 0, end_s = 0;
  double out_mps = 0;  ///< usual speed away from the station on the way out; NaN where it cannot be told
};

/// From the speed away from the station, over two seconds at a time, against what is usual on that flight's
/// way.
/// @param distance_m from the station; NaN where unknown @param farthest_s time of the farthest row
Turning turningOf(std::span<const double> time_s, std::span<const double> distance_m, double farthest_s);

/// Where a flight turned back on its way and came again: an orbit, a second look. It banked there, and faced
/// the other way.
struct Loop {
  double begin_s = 0, end_s = 0, at_m = 0;
};
std::vector<Loop> loopsOf(std::span<const double> time_s, std::span<const double> distance_m,
                          const Turning& turning);

}  // namespace distanz::log

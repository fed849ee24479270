#pragma once
#include "core/log/recording.h"

namespace distanz::log {

constexpr double kJoinHold_s =
    3;  ///< samples farther apart than this say nothing about the time between them

/// How the clock of a second source runs against the first one's.
struct Clock {
  double offset_s = 0;   ///< time of the first at the second's beginning
  double drift_ppm = 0;  ///< by how many millionths the second runs slow
  /// Time of the first at a time of the second.
  double on(double time_s) const { return offset_s + time_s * (1 + drift_ppm * 1e-6); }
};

/// Adds the channels that only the other recording has, at the rows of the first: linearly between its
/// samples, what counts in steps (modes, satellites) as the one before. NaN outside, and over gaps of more
/// than kJoinHold_s.
void join(Recording& recording, const Recording& other, const Clock& clock);

}  // namespace distanz::log

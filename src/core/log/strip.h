#pragma once
#include <span>
#include <string>
#include <vector>

#include "core/log/recording.h"
#include "core/log/trace.h"
#include "core/log/track.h"

namespace distanz::log {

/// One channel of one run, thinned for drawing: over time as the range of each piece, and over the path.
struct StripLane {
  std::string channel;
  std::vector<double> time_s, lowest, highest;  ///< per piece of time that has samples
  LegTraces over_path;
  double low = 0, high = 1;    ///< scale that holds all of it
  double least = 0, most = 0;  ///< of what was measured
};

/// A run to be looked at: where it was, and what was measured there.
struct Strip {
  double begin_s = 0, end_s = 0;  ///< of the whole log
  double farthest_m = 0;
  StripLane distance;  ///< over_path: how far beside the path, where positions tell it
  std::vector<StripLane> lanes;
};

/// Signal, quality and what else of its links has a lane, power, rate, mode and band where they changed, then height and speed; what the log does not hold is left out.
/// @param track of the recording @param links in their order @param pieces of time, > 0
Strip stripOf(const Recording& recording, const Track& track, std::span<const std::string> links, int pieces = 700);

/// The same where only a part of the log is the run: all of it over time, the part alone over the path.
Strip stripOfPart(Strip whole, const Strip& part);

}  // namespace distanz::log

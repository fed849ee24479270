#pragma once
#include <span>
#include <string>
#include <vector>

#include "core/finding/error.h"
#include "core/log/recording.h"
#include "core/log/track.h"

namespace distanz::log {

/// Charge that a flight took from its battery, by used_mah, else by the current over time.
struct EnergyUse {
  double out_mah_km = NAN, back_mah_km = NAN;  ///< NaN where a leg is too short, or the log tells nothing
  double both_mah_km = NAN;                    ///< out and back together
  double out_mps = NAN, back_mps = NAN;        ///< speed over the ground of either leg
  double total_mah = NAN;
  double first_v = NAN, lowest_v = NAN;        ///< medians of ten seconds, so that one reading decides nothing
};
EnergyUse energyUse(const Recording& recording, const Track& track);

/// Where a link changed its packet rate, mode or band.
struct ModeStep {
  std::string channel;  ///< "control.rate_hz"
  double from = 0, to = 0;
  double at_m = NAN, at_s = 0;
  int steps = 1;  ///< of this channel in all
};
/// The first step of every channel that changes, in the order of the links.
std::vector<ModeStep> modeSteps(const Recording& recording, const Track& track, std::span<const std::string> links);

/// The picture stood still: no bitrate, a delay far above the usual one, or a frame counter that did not count.
struct Freeze {
  double begin_s = 0, end_s = 0;
  double lost_m = NAN, regained_m = NAN;  ///< distances from the station
};
std::vector<Freeze> freezesIn(const Recording& recording, const Track& track, const std::string& link);

/// All of a run's.
struct Freezes {
  std::string link;
  int count = 0;
  double longest_s = 0, first_m = NAN;
  double worst_from_m = NAN;  ///< the 100 m with most of them
  int worst_count = 0;
};
std::vector<Freezes> freezesOf(const Recording& recording, const Track& track, std::span<const std::string> links);

/// All of it as sentences; nothing that the log does not tell.
std::vector<Finding> runFacts(const Recording& recording, const Track& track, std::span<const std::string> links);

}  // namespace distanz::log

#pragma once
#include <optional>

#include "core/estimate/usable_range.h"

namespace distanz::estimate {

/// What a flight still in the air may be told, from earlier flights and from what it has shown so far.
struct LiveAdvice {
  double distance_m = 0;       ///< of the last placed row
  double signal_dbm = 0;       ///< local signal there: mean over the last defaults::kLiveWindow_s
  double margin_db = 0;        ///< of that above the critical level
  double off_setup_db = 0;     ///< how far this flight lies above its setup's mean, shrunk by what is usual
  double off_setup_sd_db = 0;  ///< and how sure that is
  /// Distances still to fly at this heading until the level meets the critical one: in one of two stretches,
  /// and in one of twenty. Infinite where the heading leads nearer. 0: past it already.
  double typical_left_m = 0, dependable_left_m = 0;
  bool beyond_flown =
      false;  ///< the dependable end lies over 25 % beyond anything flown: the line there is a guess
};

/// Where the aircraft is and how it is heard there.
struct Present {
  double distance_m = 0;
  double signal_dbm = 0;  ///< local signal: mean over the last defaults::kLiveWindow_s
};
/// From the rows so far. @return none where no row has both a place and a signal
std::optional<Present> presentOf(const FlightSamples& so_far);

/// @param model of earlier flights that holds the setup; or of this flight alone, where it is the first
/// @param cells of the flight so far, nothing cut out as a turn @param heading_off_deg angle between the
/// heading and the direction straight away from the station: 0 outbound, 180 home
/// @return none where the setup is not in the model or the signal does not fall
std::optional<LiveAdvice> adviseLive(const SignalModel& model, int setup, const CriticalLevel& critical,
                                     const FlightCells& cells, const Present& now, double heading_off_deg);

/// The same, from rows from take-off on, times rising.
std::optional<LiveAdvice> adviseLive(const SignalModel& model, int setup, const CriticalLevel& critical,
                                     const FlightSamples& so_far, double heading_off_deg);

/// Straight on from a distance at an angle off the outward direction: how far until the distance from the
/// station is `reach_m`. 0 where that is passed already; infinite where the heading leads nearer first.
double distanceLeft(double distance_m, double reach_m, double heading_off_deg);

}  // namespace distanz::estimate

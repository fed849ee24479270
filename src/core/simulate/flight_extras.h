#pragma once
#include <string>

#include "core/log/recording.h"

namespace distanz::simulate {

/// What a flight takes from its battery.
struct BatteryPhysics {
  double use_mah_km = 0;  ///< 0: the log tells none
  double full_v = 16.6, resting_drop_v = 1.6, capacity_mah = 1500;  ///< falls by so much when it is used up
};
/// Adds the charge used and the voltage, by the way flown at a steady speed. Nothing here is drawn by chance.
/// @param speed_mps over the ground, > 0
void addBattery(log::Recording& recording, const BatteryPhysics& battery, double speed_mps);

/// Adds a counter of pictures to a video link: it stands while fewer of its packets arrive than `stands_below_pct`.
void addFrames(log::Recording& recording, const std::string& link, double stands_below_pct, double frames_per_s = 30);

}  // namespace distanz::simulate

#pragma once
#include <optional>

#include "core/course/course.h"
#include "core/log/recording.h"

namespace distanz::plan {

/// What an earlier flight tells of the next one's battery and wind.
struct FlownUse {
  std::optional<double>
      use_mah_km;           ///< in still air at that airspeed; none where no charge or current was logged
  double airspeed_mps = 0;  ///< speed over the ground where it flew one way only
  std::optional<double> wind_mps, wind_from_deg;  ///< along the way out and back; across it nothing is known
  double flown_s = 0;                             ///< moving
};

/// From the rows in which the aircraft moved, out and back told apart by the distance from the station.
/// @param recording with positions @return none where it moved for less than half a minute, or no position
/// was logged
std::optional<FlownUse> flownUse(const log::Recording& recording, const course::Course& course);

}  // namespace distanz::plan

#pragma once

namespace distanz::plan {

/// What the two antennas give less than their peaks toward one another, dB <= 0, at one distance; and the
/// most that airframe and what stands beside the station may take from that besides, dB >= 0.
struct LegLosses {
  double out_db = 0, back_db = 0;              ///< flying away from the station, and toward it
  double turn_best_db = 0, turn_worst_db = 0;  ///< over all headings of a turn banked kBank_deg
  double out_shade_db = 0, back_shade_db = 0, turn_shade_db = 0;
};
constexpr double kBank_deg = 30;

}  // namespace distanz::plan

#pragma once
#include <span>

namespace distanz::bench {

/// How an aircraft is held in a ground check, turned from level with its nose toward the station: first about
/// the upright, then nose up, then right side down.
struct Attitude {
  const char* what;  ///< a term without "attitude-"
  double yaw_deg, pitch_deg, roll_deg;
};
/// All sides and both ends, each for the same time.
std::span<const Attitude> attitudes();

/// Which of them at a time of the check; the last one at its end. @param duration_s > 0
std::size_t attitudeAt(double elapsed_s, double duration_s);

}  // namespace distanz::bench

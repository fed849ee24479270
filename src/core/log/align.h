#pragma once
#include <optional>
#include <string>

#include "core/log/recording.h"

namespace distanz::log {

/// How the clock of one recording lies to that of another, found by what both of them saw.
struct ClockFit {
  std::string channel;     ///< that both know, as the first calls it
  double offset_s = 0;     ///< to be added to the other's times
  double drift_ppm = 0;    ///< by how much the other's clock runs slow
  double offset_sd_s = 0;  ///< where both clocks are compared best: the middle of what both saw
  double peak = 0, second = 0;  ///< correlation where they fit, and the best of any other place
  double overlap_s = 0;
};

/// Cross-correlates the channels that both know: speed, height, distance, voltage, signal, in that order of trust. A
/// frame rate that was guessed wrong counts as a drift. None where nothing fits, or more than one place fits.
std::optional<ClockFit> alignClocks(const Recording& first, const Recording& other);

constexpr double kLeastOverlap_s = 40;

}  // namespace distanz::log

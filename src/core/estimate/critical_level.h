#pragma once
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/estimate/usable_range.h"

namespace distanz::estimate {

/// One flight's signal and quality in one-second means, the turn left out.
struct QualityWindow {
  double rssi_dbm = 0;
  double quality = 0;  ///< in the unit of the threshold
};
std::vector<QualityWindow> qualityWindows(std::span<const double> time_s, std::span<const double> rssi_dbm,
                                          std::span<const double> quality, double turn_begin_s,
                                          double turn_end_s);

/// Level at which the quality crosses the threshold, from a logistic curve over 1 dB bins.
/// @param flights windows per flight @param threshold same unit as quality @param full quality of a perfect
/// link (100 for %)
/// @return none where the link was never seen failing well enough: fewer than 4 bins, fewer than 5 failing
/// windows, or a
///         curve that does not rise. Variance by leaving out each flight that failed (jackknife), at least
///         0.3 dB squared.
/// Source: Efron & Tibshirani, An Introduction to the Bootstrap (1993), chapter 11.
std::optional<CriticalLevel> criticalFromQuality(const std::vector<std::vector<QualityWindow>>& flights,
                                                 double threshold, double full = 100);

}  // namespace distanz::estimate

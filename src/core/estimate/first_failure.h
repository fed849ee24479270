#pragma once
#include <map>
#include <optional>
#include <span>
#include <vector>

#include "core/estimate/comparison.h"

namespace distanz::estimate {

/// Where a flight's link first failed on the way out, or how far it got without.
struct FirstFailure {
  int setup = 0;
  double distance_m = 0;
  bool failed = false;  ///< false: turned back (or ended) with the link still good, so "at least this far"
};

/// Finds it from a moving one-second mean; the distance is where that second begins. The last 2 s before the
/// turn do not count unless the link is still down 2 to 3.5 s after it.
/// @param threshold the quality (or bitrate) below which the rule is broken. None for a flight without a
/// quality on the way out.
std::optional<FirstFailure> firstFailure(int setup, std::span<const double> time_s,
                                         std::span<const double> distance_m, std::span<const double> quality,
                                         double turn_s, double threshold);

struct ReachEstimate {
  int flights = 0, failures = 0;
  double farthest_m = 0;  ///< largest first-failure or turn-back distance
  std::optional<Interval>
      typical_m;  ///< median distance of first failure; only where more than half of the flights failed
  double lower95_m = 0;  ///< one-sided, with typical_m
  /// Where no typical distance can be told: every flight got this far, so the median hardly lies nearer.
  std::optional<double> at_least_m;
  double at_least_confidence = 0;  ///< 1 - 2^-r (sign test)
};

struct ReachModel {
  double log_sd = 0;  ///< sigma, posterior geometric mean; ln T has this sd
  std::map<int, ReachEstimate> setups;
  std::map<std::pair<int, int>, Interval> ratios;  ///< only where both setups have a typical distance
};

/// ln T ~ N(mu_s, sigma^2), sigma common, right-censored flights, exact on a grid. Empty for no flights.
/// Source: Kalbfleisch & Prentice, The Statistical Analysis of Failure Time Data, 2nd ed. (2002), chapter 3.
ReachModel fitReach(const std::vector<FirstFailure>& flights);

}  // namespace distanz::estimate

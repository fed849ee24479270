#pragma once
#include <vector>

namespace distanz::bench {

/// Means of two groups of readings, apart.
struct TwoMeans {
  double difference = 0;     ///< first less second
  double low = 0, high = 0;  ///< 95 % interval; NaN where a group has fewer than two readings
  double variance = 0, df = 0;  ///< of the difference; NaN likewise
};

/// Unequal spreads allowed. Source: B. L. Welch, Biometrika 34, 28-35 (1947). @throws DomainError for an
/// empty group or numbers that are not finite
/// @param least_sd of one reading, as it is read off: readings that happen to be alike are not exact
TwoMeans twoMeans(const std::vector<double>& first, const std::vector<double>& second, double least_sd = 0);

}  // namespace distanz::bench

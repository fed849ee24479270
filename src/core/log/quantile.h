#pragma once
#include <optional>
#include <vector>

namespace distanz::log {

/// The value that a share of them lies below, without interpolating; NaN where there are none.
/// @param p 0..1
double quantile(std::vector<double> values, double p);

/// The one value that all known ones are; none where there are several, or nothing is known.
std::optional<double> onlyValue(const std::vector<double>& values);

}  // namespace distanz::log

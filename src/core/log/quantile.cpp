#include "core/log/quantile.h"

#include <algorithm>
#include <cmath>

namespace distanz::log {

double quantile(std::vector<double> values, double p) {
  if (values.empty()) return NAN;
  const auto at =
      values.begin() + static_cast<std::ptrdiff_t>(std::lround(p * static_cast<double>(values.size() - 1)));
  std::nth_element(values.begin(), at, values.end());
  return *at;
}

std::optional<double> onlyValue(const std::vector<double>& values) {
  const auto first = std::find_if(values.begin(), values.end(), [](double v) { return std::isfinite(v); });
  if (first == values.end() ||
      std::any_of(first, values.end(), [&](double v) { return std::isfinite(v) && v != *first; }))
    return std::nullopt;
  return *first;
}

}  // namespace distanz::log

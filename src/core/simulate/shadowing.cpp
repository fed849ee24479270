#include "core/simulate/shadowing.h"

#include <algorithm>
#include <cmath>

#include "core/finding/error.h"

namespace distanz::simulate {

Shadowing::Shadowing(dice::Random& random, double sd_db, double correlation_m, double reach_m) {
  requirePositive(correlation_m, "correlation_m");
  requireFinite(reach_m, "reach_m");
  const double rho = std::exp(-kStep_m / correlation_m);
  double value = sd_db * random.normal();
  for (double d = 0; d <= reach_m + 2 * kStep_m; d += kStep_m) {
    m_value.push_back(value);
    value = rho * value + sd_db * std::sqrt(1 - rho * rho) * random.normal();
  }
}

double Shadowing::at(double distance_m) const {
  const double steps = std::max(distance_m, 0.0) / kStep_m;
  const auto i = std::min(static_cast<std::size_t>(steps), m_value.size() - 2);
  const double share = std::min(steps - static_cast<double>(i), 1.0);
  return m_value[i] + share * (m_value[i + 1] - m_value[i]);
}

}  // namespace distanz::simulate

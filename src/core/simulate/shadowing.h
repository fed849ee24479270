#pragma once
#include <vector>

#include "core/dice/random.h"

namespace distanz::simulate {

/// Shadowing along a path: normal, with correlation exp(-distance/length). Sampled on a fixed step, linear
/// between. Source: M. Gudmundson, Electronics Letters 27(23), 2145-2146 (1991).
class Shadowing {
 public:
  /// @param sd_db >= 0 @param correlation_m > 0 @param reach_m how far the path goes, >= 0
  Shadowing(dice::Random& random, double sd_db, double correlation_m, double reach_m);
  double at(double distance_m) const;

 private:
  static constexpr double kStep_m = 2;
  std::vector<double> m_value;
};

}  // namespace distanz::simulate

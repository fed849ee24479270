#pragma once
#include <optional>
#include <vector>

#include "core/bench/attenuator.h"

namespace distanz::bench {

/// Distances reached on foot at reduced power, or behind an attenuator, before and after a change.
struct Walk {
  Spread before_m, after_m;          ///< geometric means, 95 % (Student); no interval for one walk
  std::optional<Spread> change_pct;  ///< after over before, less 1, with Welch's interval of the logarithms
  bool sure = false;                 ///< the interval keeps off no change
};

/// @param before_m at least one distance @param after_m may be empty @throws DomainError for distances not >
/// 0
Walk walkOf(const std::vector<double>& before_m, const std::vector<double>& after_m = {});

/// A walked distance at full power: standsFor_m() of its interval and the exponent's, each end with each.
Spread atFullPower_m(const Spread& walked_m, double reduced_db, const Spread& exponent);

}  // namespace distanz::bench

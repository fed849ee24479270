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

/// One change after another, on any days, each walked against the one before it: what all of them make together.
struct WalkChange {
  std::vector<double> before_m, after_m;  ///< at least one each
};
struct WalkChain {
  Spread change_pct;  ///< product of the ratios, less 1; no interval where a change was walked once
  bool sure = false;  ///< the interval keeps off no change
};
/// The logarithms add up, and so do their variances; degrees of freedom by Satterthwaite (1946). @throws DomainError
WalkChain chainOf(const std::vector<WalkChange>& changes);

/// A walked distance at full power: standsFor_m() of its interval and the exponent's, each end with each.
Spread atFullPower_m(const Spread& walked_m, double reduced_db, const Spread& exponent);

}  // namespace distanz::bench

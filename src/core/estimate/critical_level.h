#pragma once
#include <optional>
#include <vector>

#include "core/estimate/usable_range.h"

namespace distanz::estimate {

/// One look at the rule with the local signal as well as it is known.
struct RuleLook {
  double level_dbm = 0, variance_db2 = 0;
  double kept = 0;    ///< 0..1, as StretchLook
  double weight = 1;  ///< rows it rests on that count as apart
};

struct RuleFit : CriticalLevel {
  /// Per flight and look: chance that something else than the signal made it what it is (interference, where
  /// the rule fails at a strong signal). Such looks hardly move the level.
  std::vector<std::vector<double>> other;
};

/// Level at which the rule is met, by one likelihood over all looks: what is kept is binomial about a
/// logistic curve of the local signal, which is itself only known to lie about its mean. Noise in the signal
/// and turning back once the rule fails then do not move the level, as they do when quality is held against
/// noisy readings.
/// @param flights looks per flight @param wanted 0..1 exclusive, where the rule is met
/// @return none where it was hardly seen failing, or the level would lie outside the signals seen
/// Sources: D. R. Cox & E. J. Snell, Analysis of Binary Data (1989); R. J. Carroll et al., Measurement Error
/// in Nonlinear Models (2006), chapter 8; P. J. Huber, Proc. 5th Berkeley Symp. 1 (1967): variance by
/// flights.
std::optional<RuleFit> criticalFromLooks(const std::vector<std::vector<RuleLook>>& flights, double wanted);

}  // namespace distanz::estimate

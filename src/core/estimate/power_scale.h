#pragma once
#include "core/estimate/comparison.h"

namespace distanz::estimate {

/// The fitted fall of the signal, or what stands in for it.
struct Exponent {
  double n = defaults::kExponentPrior;
  double sd = defaults::kExponentPriorSd;
  double df = defaults::kPlacePriorDf;
};
Exponent exponentOf(const PlaceLine& line);

/// How many times as far a link carries with `gain_db` more power, antenna gain, or less attenuation:
/// 10^(gain/(10 n)), with a 95 % interval from the exponent's uncertainty. Negative gains shorten. @throws
/// DomainError for a gain that is not finite
Interval rangeFactor(double gain_db, const Exponent& exponent);

/// A range found at reduced power, or behind an attenuator, referred to full power; both uncertainties
/// together, on the log scale.
/// @param reduced_m 95 % interval, ends > 0 @throws DomainError for a range that is not positive
Interval fullPowerRange(const Interval& reduced_m, double reduction_db, const Exponent& exponent);

}  // namespace distanz::estimate

#include "core/estimate/power_scale.h"

#include <cmath>

#include "core/estimate/distribution.h"
#include "core/finding/error.h"
#include "core/radio/path_loss.h"

namespace distanz::estimate {
namespace {

/// Half width of the 95 % interval of log10 of the factor, to first order in the exponent.
double halfWidth(double gain_db, const Exponent& e) {
  const double per_exponent = gain_db / (10 * e.n * e.n);
  return tQuantile(0.5 + defaults::kConfidence / 2, e.df) * std::abs(per_exponent) * e.sd;
}

}  // namespace

Exponent exponentOf(const PlaceLine& line) {
  return {line.exponent(), line.exponentSd(), line.df};
}

Interval rangeFactor(double gain_db, const Exponent& exponent) {
  requireFinite(gain_db, "gain_db");
  const double factor = radio::rangeRatio(gain_db, exponent.n),
               wide = std::pow(10, halfWidth(gain_db, exponent));
  return {factor, factor / wide, factor * wide};
}

Interval fullPowerRange(const Interval& reduced_m, double reduction_db, const Exponent& exponent) {
  requirePositive(reduced_m.estimate, "reduced_m");
  requirePositive(reduced_m.low, "reduced_m");
  const double full = reduced_m.estimate * rangeFactor(reduction_db, exponent).estimate,
               h = halfWidth(reduction_db, exponent);
  const auto end = [&](double of_reduced_m) {
    return std::pow(10, std::hypot(std::log10(of_reduced_m / reduced_m.estimate), h));
  };
  return {full, full / end(reduced_m.low), full * end(reduced_m.high)};
}

}  // namespace distanz::estimate

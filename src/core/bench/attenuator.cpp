#include "core/bench/attenuator.h"

#include <algorithm>
#include <cmath>

#include "core/finding/error.h"
#include "core/radio/path_loss.h"

namespace distanz::bench {
namespace {

void check(double attenuation_db) {
  if (!(attenuation_db >= 0 && std::isfinite(attenuation_db))) throw DomainError("attenuation_db >= 0");
}

/// A function of the exponent, at its ends too.
template <class Of>
Spread atEnds(const Spread& exponent, Of of) {
  Spread out{of(exponent.estimate), {}, {}};
  if (!exponent.low || !exponent.high) return out;
  const double a = of(*exponent.low), b = of(*exponent.high);
  out.low = std::min(a, b);
  out.high = std::max(a, b);
  return out;
}

}  // namespace

Spread standsFor_m(double distance_m, double attenuation_db, const Spread& exponent) {
  requirePositive(distance_m, "distance_m");
  check(attenuation_db);
  return atEnds(exponent, [&](double n) { return distance_m * radio::rangeRatio(attenuation_db, n); });
}

Spread attenuatorFor_db(double wanted_m, double space_m, const Spread& exponent) {
  requirePositive(wanted_m, "wanted_m");
  requirePositive(space_m, "space_m");
  return atEnds(exponent,
                [&](double n) { return std::max(radio::decibelsForRatio(wanted_m / space_m, n), 0.0); });
}

double wronglyMultiplied_m(double distance_m, double attenuation_db) {
  requirePositive(distance_m, "distance_m");
  check(attenuation_db);
  return distance_m * radio::rangeRatio(attenuation_db, 1);
}

}  // namespace distanz::bench

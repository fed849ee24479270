#include "core/analysis/result/beyond.h"

#include <cmath>

namespace distanz::analysis {

estimate::Interval FreezesOnLink::every_m() const {
  constexpr double kKilometre_m = 1000;
  if (!per_km) return {NAN, NAN, INFINITY};
  const double high = per_km->low > 0 ? kKilometre_m / per_km->low : INFINITY;
  return {per_km->estimate > 0 ? kKilometre_m / per_km->estimate : NAN, kKilometre_m / per_km->high, high};
}

}  // namespace distanz::analysis

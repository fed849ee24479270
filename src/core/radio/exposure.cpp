#include "core/radio/exposure.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/finding/error.h"
#include "core/quantity/decibel.h"
#include "core/radio/far_field.h"

namespace distanz::radio {

double referenceLevel_w_m2(double frequency_mhz, Exposed who) {
  if (!(frequency_mhz >= kLeastDensity_mhz && frequency_mhz <= kMostDensity_mhz))
    throw DomainError("30 <= frequency_mhz <= 300000");
  const double anybody = frequency_mhz <= 400 ? 2 : frequency_mhz <= 2000 ? frequency_mhz / 200 : 10;
  return who == Exposed::Public ? anybody : 5 * anybody;
}

KeepAway keepAway(const Radiator& r, Exposed who) {
  requireFinite(r.eirp_dbm, "eirp_dbm");
  if (!(r.duty > 0 && r.duty <= 1)) throw DomainError("0 < duty <= 1");
  if (!(r.reflection >= 1 && r.reflection <= 4)) throw DomainError("1 <= reflection <= 4");
  const double sent_w = quantity::milliwattFromDbm(r.eirp_dbm) / 1000 * r.duty * r.reflection;
  const double level_m =
      std::sqrt(sent_w / (4 * std::numbers::pi * referenceLevel_w_m2(r.frequency_mhz, who)));
  const double far_m = farFieldOfSize_m(r.frequency_mhz, r.size_m.value_or(0));
  if (level_m >= std::max(far_m, kLeastTold_m)) return {level_m, KeepAway::By::Level};
  if (far_m >= kLeastTold_m) return {far_m, KeepAway::By::FarField};
  return {kLeastTold_m, KeepAway::By::LeastTold};
}

}  // namespace distanz::radio

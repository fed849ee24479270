#include "core/radio/exposure.h"

#include <cmath>
#include <numbers>

#include "core/finding/error.h"
#include "core/quantity/decibel.h"

namespace distanz::radio {

double exclusionDistance_m(double eirp_dbm, double density_w_m2) {
  requireFinite(eirp_dbm, "eirp_dbm");
  requirePositive(density_w_m2, "density_w_m2");
  const double eirp_w = quantity::milliwattFromDbm(eirp_dbm) / 1000;
  return std::sqrt(eirp_w / (4 * std::numbers::pi * density_w_m2));
}

}  // namespace distanz::radio

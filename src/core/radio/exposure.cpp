#include "core/radio/exposure.h"

#include <cmath>
#include <numbers>

#include "core/finding/error.h"
#include "core/radio/path_loss.h"

namespace distanz::radio {

double exclusionDistance_m(double eirp_dbm, double density_w_m2) {
  requireFinite(eirp_dbm, "eirp_dbm");
  requirePositive(density_w_m2, "density_w_m2");
  const double eirp_w = std::pow(10, (eirp_dbm - 30) / 10);
  return std::sqrt(eirp_w / (4 * std::numbers::pi * density_w_m2));
}

double farField_m(double size_m, double frequency_mhz) {
  requirePositive(size_m, "size_m");
  return 2 * size_m * size_m / wavelength_m(frequency_mhz);
}

}  // namespace distanz::radio

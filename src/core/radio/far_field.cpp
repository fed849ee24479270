#include "core/radio/far_field.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/finding/error.h"
#include "core/radio/path_loss.h"

namespace distanz::radio {

double farFieldOfSize_m(double frequency_mhz, double size_m) {
  if (!(size_m >= 0 && std::isfinite(size_m))) throw DomainError("size_m >= 0");
  const double wave = wavelength_m(frequency_mhz);
  return std::max(2 * size_m * size_m / wave, wave / (2 * std::numbers::pi));
}

double farFieldOfGain_m(double frequency_mhz, double gain_dbi) {
  requireFinite(gain_dbi, "gain_dbi");
  return farFieldOfSize_m(frequency_mhz,
                          wavelength_m(frequency_mhz) * std::pow(10, gain_dbi / 20) / std::numbers::pi);
}

}  // namespace distanz::radio

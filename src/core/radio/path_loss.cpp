#include "core/radio/path_loss.h"

#include <cmath>
#include <numbers>

#include "core/finding/error.h"

namespace distanz::radio {

namespace {
constexpr double kSpeedOfLight_mps = 299792458.0;
}

double wavelength_m(double frequency_mhz) {
  requirePositive(frequency_mhz, "frequency_mhz");
  return kSpeedOfLight_mps / (frequency_mhz * 1e6);
}

double freeSpaceLoss_db(double distance_m, double frequency_mhz) {
  requirePositive(distance_m, "distance_m");
  return 20 * std::log10(4 * std::numbers::pi * distance_m / wavelength_m(frequency_mhz));
}

double logDistanceLoss_db(double distance_m, double frequency_mhz, double exponent, double reference_m) {
  requirePositive(distance_m, "distance_m");
  requirePositive(exponent, "exponent");
  if (distance_m <= reference_m) return freeSpaceLoss_db(distance_m, frequency_mhz);
  return freeSpaceLoss_db(reference_m, frequency_mhz) + 10 * exponent * std::log10(distance_m / reference_m);
}

double rangeRatio(double delta_db, double exponent) {
  requireFinite(delta_db, "delta_db");
  requirePositive(exponent, "exponent");
  return std::pow(10, delta_db / (10 * exponent));
}

double decibelsForRatio(double ratio, double exponent) {
  requirePositive(ratio, "ratio");
  requirePositive(exponent, "exponent");
  return 10 * exponent * std::log10(ratio);
}

}  // namespace distanz::radio

#include "core/radio/gain_width.h"

#include <cmath>
#include <numbers>

#include "core/finding/error.h"
#include "core/radio/path_loss.h"

namespace distanz::radio {
namespace {

void checkWidth(double width_deg) {
  if (!(width_deg > 0 && width_deg < 360)) throw DomainError("0 < width_deg < 360");
}

double dbi(double directivity) {
  return 10 * std::log10(directivity);
}

double beamGain_dbi(double squareDegrees, double width1_deg, double width2_deg) {
  checkWidth(width1_deg);
  checkWidth(width2_deg);
  return dbi(squareDegrees / (width1_deg * width2_deg));
}

constexpr double kPractical = 32400;

}  // namespace

double beamGainKraus_dbi(double width1_deg, double width2_deg) {
  return beamGain_dbi(4 * 180 * 180 / std::numbers::pi, width1_deg, width2_deg);
}

double beamGainTaiPereira_dbi(double width1_deg, double width2_deg) {
  checkWidth(width1_deg);
  checkWidth(width2_deg);
  return dbi(72815 / (width1_deg * width1_deg + width2_deg * width2_deg));
}

double beamGainPractical_dbi(double width1_deg, double width2_deg) {
  return beamGain_dbi(kPractical, width1_deg, width2_deg);
}

double beamWidthOf_deg(double gain_dbi) {
  requireFinite(gain_dbi, "gain_dbi");
  return std::sqrt(kPractical / std::pow(10, gain_dbi / 10));
}

double omniGainMcDonald_dbi(double width_deg) {
  checkWidth(width_deg);
  const double divisor = width_deg - 0.0027 * width_deg * width_deg;
  return divisor > 0 ? dbi(101 / divisor) : NAN;
}

double omniGainPozar_dbi(double width_deg) {
  checkWidth(width_deg);
  return dbi(-172.4 + 191 * std::sqrt(0.818 + 1 / width_deg));
}

double omniWidthOf_deg(double gain_dbi) {
  requireFinite(gain_dbi, "gain_dbi");
  const double root = (std::pow(10, gain_dbi / 10) + 172.4) / 191, inverse = root * root - 0.818;
  return inverse >= 1.0 / 180 && inverse <= 1 ? 1 / inverse : NAN;
}

double leastQuality(double diameter_m, double frequency_mhz, bool circular) {
  requirePositive(diameter_m, "diameter_m");
  requirePositive(frequency_mhz, "frequency_mhz");
  const double ka = std::numbers::pi * diameter_m / wavelength_m(frequency_mhz);
  const double magnetic = 1 / (ka * ka * ka);
  return circular ? (magnetic + 2 / ka) / 2 : magnetic + 1 / ka;
}

double bandShare(double quality, double vswr) {
  requirePositive(quality, "quality");
  if (!(vswr > 1 && std::isfinite(vswr))) throw DomainError("vswr > 1");
  return (vswr - 1) / (quality * std::sqrt(vswr));
}

}  // namespace distanz::radio

#include "core/radio/ground_reflection.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/finding/error.h"
#include "core/radio/path_loss.h"
#include "core/radio/weather.h"

namespace distanz::radio {
namespace {

using Complex = std::complex<double>;
using std::numbers::pi;

constexpr double kPerConductivity = 17.975;  // e'' = 17.975 sigma / f, S/m and GHz
constexpr double kSeaConductivity_s_m = 5, kWarm_c = 20;

struct Soil {
  double permittivity_1, permittivity_5, conductivity_1, conductivity_5;  ///< at 1 and 5 GHz
};

Complex soil(const Soil& s, double ghz) {
  const double t = std::clamp(std::log(ghz) / std::log(5.0), 0.0, 2.0);
  const double e = s.permittivity_1 * std::pow(s.permittivity_5 / s.permittivity_1, t),
               c = s.conductivity_1 * std::pow(s.conductivity_5 / s.conductivity_1, t);
  return {e, -kPerConductivity * c / ghz};
}

}  // namespace

Complex permittivityOf(Ground ground, double frequency_mhz) {
  if (!(frequency_mhz >= 100 && frequency_mhz <= 30000)) throw DomainError("100 <= frequency_mhz <= 30000");
  const double ghz = frequency_mhz / 1000;
  switch (ground) {
    case Ground::VeryDry:
      return soil({3, 3, 1.5e-4, 2e-3}, ghz);
    case Ground::MediumDry:
      return soil({15, 14, 0.035, 0.3}, ghz);
    case Ground::Wet:
      return soil({30, 25, 0.14, 1.3}, ghz);
    case Ground::FreshWater:
      return waterPermittivity(frequency_mhz, kWarm_c);
    case Ground::SeaWater:
      return waterPermittivity(frequency_mhz, kWarm_c) - Complex(0, kPerConductivity * kSeaConductivity_s_m / ghz);
  }
  throw DomainError("a kind of ground");
}

Complex groundReflection(Complex permittivity, double grazing_rad, Plane plane) {
  if (!(grazing_rad >= 0 && grazing_rad <= pi / 2)) throw DomainError("0 <= grazing_rad <= pi/2");
  const double s = std::sin(grazing_rad), c = std::cos(grazing_rad);
  const Complex root = std::sqrt(permittivity - c * c);
  const Complex horizontal = (s - root) / (s + root),
                vertical = (permittivity * s - root) / (permittivity * s + root);
  if (plane == Plane::Horizontal) return horizontal;
  if (plane == Plane::Vertical) return vertical;
  return (horizontal + vertical) / 2.0;
}

double pseudoBrewster_rad(Complex permittivity) {
  double low = 0, high = pi / 2;
  const double golden = (std::sqrt(5.0) - 1) / 2;
  const auto sent_back = [&](double grazing) { return std::abs(groundReflection(permittivity, grazing, Plane::Vertical)); };
  while (high - low > 1e-9) {
    const double first = high - golden * (high - low), second = low + golden * (high - low);
    (sent_back(first) < sent_back(second) ? high : low) = sent_back(first) < sent_back(second) ? second : first;
  }
  return (low + high) / 2;
}

double smoothestRough_m(double grazing_rad, double frequency_mhz) {
  if (!(grazing_rad > 0 && grazing_rad <= pi / 2)) throw DomainError("0 < grazing_rad <= pi/2");
  return wavelength_m(frequency_mhz) / (8 * std::sin(grazing_rad));
}

double twoRayLoss_db(double distance_m, double h1_m, double h2_m, double frequency_mhz, Complex permittivity,
                     Plane plane, double rough_m) {
  requirePositive(distance_m, "distance_m");
  if (!(h1_m >= 0 && h2_m >= 0 && rough_m >= 0 && std::isfinite(h1_m + h2_m + rough_m)))
    throw DomainError("heights >= 0");
  const double wave = wavelength_m(frequency_mhz), direct = std::hypot(distance_m, h2_m - h1_m),
               bounced = std::hypot(distance_m, h1_m + h2_m),
               grazing = std::atan2(h1_m + h2_m, distance_m);
  const double depth = 4 * pi * rough_m * std::sin(grazing) / wave;
  const Complex back = groundReflection(permittivity, grazing, plane) * std::exp(-depth * depth / 2) * (direct / bounced);
  // As a difference of squares: both ways are alike to nine digits.
  const double longer = 4 * h1_m * h2_m / (bounced + direct);
  const double sum = std::abs(1.0 + back * std::polar(1.0, -2 * pi * longer / wave));
  return std::min(-20 * std::log10(sum), kDeepestNull_db);
}

}  // namespace distanz::radio

#include "core/radio/weather.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <span>

#include "core/finding/error.h"

namespace distanz::radio {
namespace {

void demand(bool holds, const char* condition) {
  if (!holds) throw DomainError(condition);
}

struct Bell {
  double a, b, c;
};

/// Sum of bells over the logarithm of the frequency, and a line: the form of all four rain coefficients.
double curve(std::span<const Bell> bells, double m, double c, double x) {
  double sum = m * x + c;
  for (const Bell& bell : bells) sum += bell.a * std::exp(-std::pow((x - bell.b) / bell.c, 2));
  return sum;
}

constexpr Bell kRainH[] = {{-5.33980, -0.10008, 1.13098},
                           {-0.35351, 1.26970, 0.45400},
                           {-0.23789, 0.86036, 0.15354},
                           {-0.94158, 0.64552, 0.16817}};
constexpr Bell kRainV[] = {{-3.80595, 0.56934, 0.81061},
                           {-3.44965, -0.22911, 0.51059},
                           {-0.39902, 0.73042, 0.11899},
                           {0.50167, 1.07319, 0.27195}};
constexpr Bell kPowerH[] = {{-0.14318, 1.82442, -0.55187},
                            {0.29591, 0.77564, 0.19822},
                            {0.32177, 0.63773, 0.13164},
                            {-5.37610, -0.96230, 1.47828},
                            {16.1721, -3.29980, 3.43990}};
constexpr Bell kPowerV[] = {{-0.07771, 2.33840, -0.76284},
                            {0.56727, 0.95545, 0.54039},
                            {-0.20238, 1.14520, 0.26809},
                            {-48.2991, 0.791669, 0.116226},
                            {48.5833, 0.791459, 0.116479}};

struct Rain {
  double k, a;
};
Rain rainOf(double ghz, Plane plane) {
  const double x = std::log10(ghz);
  const Rain h{std::pow(10, curve(kRainH, -0.18961, 0.71147, x)), curve(kPowerH, 0.67849, -1.95537, x)},
      v{std::pow(10, curve(kRainV, -0.16398, 0.63297, x)), curve(kPowerV, -0.053739, 0.83433, x)};
  if (plane == Plane::Horizontal) return h;
  if (plane == Plane::Vertical) return v;
  return {(h.k + v.k) / 2, (h.k * h.a + v.k * v.a) / (h.k + v.k)};
}

struct Ratios {
  double pressure, temperature;
};
Ratios ratiosOf(const Air& air) {
  demand(air.pressure_hpa > 0 && std::isfinite(air.pressure_hpa), "pressure_hpa > 0");
  demand(air.temperature_c >= -60 && air.temperature_c <= 60, "-60 <= temperature_c <= 60");
  demand(air.vapour_g_m3 >= 0 && std::isfinite(air.vapour_g_m3), "vapour_g_m3 >= 0");
  return {air.pressure_hpa / 1013.25, 288 / (273 + air.temperature_c)};
}

void requireGas(double frequency_mhz) {
  demand(frequency_mhz > 0 && frequency_mhz <= 54000, "0 < frequency_mhz <= 54000");
}

}  // namespace

std::complex<double> waterPermittivity(double frequency_mhz, double temperature_c) {
  demand(frequency_mhz > 0 && frequency_mhz <= 1e6, "0 < frequency_mhz <= 1000000");
  demand(temperature_c >= -20 && temperature_c <= 60, "-20 <= temperature_c <= 60");
  const double f = frequency_mhz / 1000, t = 300 / (temperature_c + 273.15) - 1;
  const double e0 = 77.66 + 103.3 * t, e1 = 0.0671 * e0, e2 = 3.52;
  const double first = 20.20 - 146 * t + 316 * t * t, second = 39.8 * first;
  const double p = f / first, s = f / second;
  return {(e0 - e1) / (1 + p * p) + (e1 - e2) / (1 + s * s) + e2,
          -(p * (e0 - e1) / (1 + p * p) + s * (e1 - e2) / (1 + s * s))};
}

double rainLoss_db_km(double frequency_mhz, double rate_mm_h, Plane plane) {
  demand(frequency_mhz > 0 && frequency_mhz <= 1e6, "0 < frequency_mhz <= 1000000");
  demand(rate_mm_h >= 0 && rate_mm_h <= 300, "0 <= rate_mm_h <= 300");
  const Rain r = rainOf(std::max(frequency_mhz / 1000, 1.0), plane);
  return rate_mm_h > 0 ? r.k * std::pow(rate_mm_h, r.a) : 0;
}

double cloudLoss_db_km(double frequency_mhz, double water_g_m3, double temperature_c) {
  demand(frequency_mhz <= 200000, "frequency_mhz <= 200000");
  demand(water_g_m3 >= 0 && water_g_m3 <= 10, "0 <= water_g_m3 <= 10");
  const std::complex<double> e = waterPermittivity(frequency_mhz, temperature_c);
  const double lost = -e.imag(), eta = (2 + e.real()) / lost;
  return water_g_m3 * 0.819 * frequency_mhz / 1000 / (lost * (1 + eta * eta));
}

double oxygenLoss_db_km(double frequency_mhz, const Air& air) {
  requireGas(frequency_mhz);
  const auto [p, t] = ratiosOf(air);
  const double f = frequency_mhz / 1000;
  const auto xi = [p = p, t = t](double a, double b, double c, double d) {
    return std::pow(p, a) * std::pow(t, b) * std::exp(c * (1 - p) + d * (1 - t));
  };
  const double x1 = xi(0.0717, -1.8132, 0.0156, -1.6515), x2 = xi(0.5146, -4.6368, -0.1921, -5.7416),
               x3 = xi(0.3414, -6.5851, 0.2130, -8.5854);
  return (7.2 * std::pow(t, 2.8) / (f * f + 0.34 * p * p * std::pow(t, 1.6)) +
          0.62 * x3 / (std::pow(54 - f, 1.16 * x1) + 0.83 * x2)) *
         f * f * p * p * 1e-3;
}

double vapourLoss_db_km(double frequency_mhz, const Air& air) {
  requireGas(frequency_mhz);
  const auto [p, t] = ratiosOf(air);
  const double f = frequency_mhz / 1000, rho = air.vapour_g_m3;
  const double n1 = 0.955 * p * std::pow(t, 0.68) + 0.006 * rho,
               n2 = 0.735 * p * std::sqrt(t) + 0.0353 * std::pow(t, 4) * rho;
  const auto wide = [f](double centre) { return 1 + std::pow((f - centre) / (f + centre), 2); };
  const auto line = [f, t = t](double strength, double slope, double centre, double width) {
    return strength * std::exp(slope * (1 - t)) / ((f - centre) * (f - centre) + width);
  };
  const double sum = line(3.98 * n1, 2.23, 22.235, 9.42 * n1 * n1) * wide(22) +
                     line(11.96 * n1, 0.7, 183.31, 11.14 * n1 * n1) +
                     line(0.081 * n1, 6.44, 321.226, 6.29 * n1 * n1) +
                     line(3.66 * n1, 1.6, 325.153, 9.22 * n1 * n1) + line(25.37 * n1, 1.09, 380, 0) +
                     line(17.4 * n1, 1.46, 448, 0) + line(844.6 * n1, 0.17, 557, 0) * wide(557) +
                     line(290 * n1, 0.41, 752, 0) * wide(752) + line(8.3328e4 * n2, 0.99, 1780, 0) * wide(1780);
  return sum * f * f * std::pow(t, 2.5) * rho * 1e-4;
}

double woodlandLoss_db(double frequency_mhz, double depth_m) {
  demand(frequency_mhz >= 230 && frequency_mhz <= 95000, "230 <= frequency_mhz <= 95000");
  demand(depth_m >= 0 && std::isfinite(depth_m), "depth_m >= 0");
  const double by_frequency = std::pow(frequency_mhz / 1000, 0.284), d = std::min(depth_m, 400.0);
  return d < 14 ? 0.45 * by_frequency * d : 1.33 * by_frequency * std::pow(d, 0.588);
}

}  // namespace distanz::radio

#include "core/radio/clearance.h"

#include <cmath>

#include "core/finding/error.h"
#include "core/radio/path_loss.h"

namespace distanz::radio {

namespace {
void requireHeight(double value, const char* name) {
  if (!(std::isfinite(value) && value >= 0))
    throw DomainError(finding("outside-domain", {{"what", std::string(name) + " >= 0"}}));
}
}  // namespace

double fresnelRadius_m(double d1_m, double d2_m, double frequency_mhz, int zone) {
  requireHeight(d1_m, "d1_m");
  requireHeight(d2_m, "d2_m");
  requirePositive(d1_m + d2_m, "d1_m + d2_m");
  if (zone < 1) throw DomainError("zone >= 1");
  return std::sqrt(zone * wavelength_m(frequency_mhz) * d1_m * d2_m / (d1_m + d2_m));
}

double earthBulge_m(double d1_m, double d2_m, double earth_factor) {
  requireHeight(d1_m, "d1_m");
  requireHeight(d2_m, "d2_m");
  requirePositive(earth_factor, "earth_factor");
  return d1_m * d2_m / (2 * earth_factor * kEarthRadius_m);
}

double radioHorizon_m(double h1_m, double h2_m, double earth_factor) {
  requireHeight(h1_m, "h1_m");
  requireHeight(h2_m, "h2_m");
  requirePositive(earth_factor, "earth_factor");
  return std::sqrt(2 * earth_factor * kEarthRadius_m) * (std::sqrt(h1_m) + std::sqrt(h2_m));
}

Clearance worstClearance(double distance_m, double station_height_m, double aircraft_height_m,
                         double frequency_mhz, double earth_factor) {
  requirePositive(distance_m, "distance_m");
  requireHeight(station_height_m, "station_height_m");
  requireHeight(aircraft_height_m, "aircraft_height_m");
  Clearance worst;
  constexpr int kSteps = 64;
  for (int i = 1; i < kSteps; ++i) {
    const double d1 = distance_m * i / kSteps, d2 = distance_m - d1;
    const double ray =
        station_height_m + (aircraft_height_m - station_height_m) * i / kSteps - earthBulge_m(d1, d2, earth_factor);
    const Clearance here{ray, kClearShare * fresnelRadius_m(d1, d2, frequency_mhz), d1};
    if (i == 1 || here.ray_m - here.needed_m < worst.ray_m - worst.needed_m) worst = here;
  }
  return worst;
}

std::optional<Clearance> worstClearance(const Profile& p, double frequency_mhz, double earth_factor) {
  std::optional<Clearance> worst;
  for (std::size_t i = 1; i + 1 < p.distance_m.size(); ++i) {
    const double d1 = p.distance_m[i], d2 = p.distance_m.back() - d1;
    const double above = std::lerp(p.first_m, p.last_m, d1 / p.distance_m.back()) - p.top_m[i] - earthBulge_m(d1, d2, earth_factor);
    const double beside = p.besideAt_m(i), ray = beside > 0 ? std::hypot(beside, std::max(above, 0.0)) : above;
    const Clearance here{ray, kClearShare * fresnelRadius_m(d1, d2, frequency_mhz), d1};
    if (!worst || here.ray_m - here.needed_m < worst->ray_m - worst->needed_m) worst = here;
  }
  return worst;
}

std::optional<LowestHeight> lowestClearHeight(const Profile& p, double frequency_mhz, double earth_factor) {
  std::optional<LowestHeight> out;
  for (std::size_t i = 1; i + 1 < p.distance_m.size(); ++i) {
    const double d1 = p.distance_m[i], d2 = p.distance_m.back() - d1;
    const double zone = kClearShare * fresnelRadius_m(d1, d2, frequency_mhz), beside = p.besideAt_m(i);
    if (beside >= zone && beside > 0) continue;
    const double needed = p.top_m[i] + earthBulge_m(d1, d2, earth_factor) + std::sqrt(zone * zone - beside * beside);
    const double height = p.first_m + (needed - p.first_m) * p.distance_m.back() / d1;
    if (!out || height > out->height_m) out = LowestHeight{height, d1};
  }
  return out;
}

double twoRayBreakpoint_m(double h1_m, double h2_m, double frequency_mhz) {
  requireHeight(h1_m, "h1_m");
  requireHeight(h2_m, "h2_m");
  return 4 * h1_m * h2_m / wavelength_m(frequency_mhz);
}

std::optional<double> twoRayNull_m(double h1_m, double h2_m, double frequency_mhz, double from_m,
                                   double to_m) {
  requireHeight(h1_m, "h1_m");
  requireHeight(h2_m, "h2_m");
  requirePositive(from_m, "from_m");
  const double wavelength = wavelength_m(frequency_mhz);
  /// Wavelengths by which the bounced way is longer.
  const auto longer = [&](double d) {
    return (std::hypot(d, h1_m + h2_m) - std::hypot(d, h1_m - h2_m)) / wavelength;
  };
  /// Distance at which it is longer by so many, > 0: the intersection of a hyperbola with the flight line.
  const auto nullAt = [&](double waves) {
    const double l = waves * wavelength, s = (h1_m + h2_m) * (h1_m + h2_m), d = (h1_m - h2_m) * (h1_m - h2_m);
    const double direct = (s - d - l * l) / (2 * l);
    return std::sqrt(std::max(direct * direct - d, 0.0));
  };
  const double order = std::ceil(longer(to_m));
  if (order < 1 || order > longer(from_m)) return std::nullopt;
  const double at = nullAt(order), nearer = nullAt(order + 1);
  if (at - nearer < 2 * (to_m - from_m)) return std::nullopt;
  return at;
}

}  // namespace distanz::radio

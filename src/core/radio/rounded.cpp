#include "core/radio/rounded.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/finding/error.h"
#include "core/radio/path_loss.h"

namespace distanz::radio {

constexpr double kRoundest = 3;  // m; a smooth earth at its horizon costs some 20 dB, as this does then

double roundedLoss_db(double d1_m, double d2_m, double height_m, double radius_m, double frequency_mhz) {
  requirePositive(d1_m, "d1_m");
  requirePositive(d2_m, "d2_m");
  requireFinite(height_m, "height_m");
  if (!(radius_m >= 0 && std::isfinite(radius_m))) throw DomainError("radius_m >= 0");
  if (radius_m == 0) return 0;
  const double waves = std::cbrt(std::numbers::pi * radius_m / wavelength_m(frequency_mhz));
  const double m = std::min(radius_m * (d1_m + d2_m) / (d1_m * d2_m) / waves, kRoundest),
               n = std::max(height_m, 0.0) * waves * waves / radius_m, root = std::sqrt(m);
  const double both = m * n;
  const double out =
      both <= 4 ? 7.2 * root - (2 - 12.5 * n) * m + 3.6 * m * root - 0.8 * m * m
                : -6 - 20 * std::log10(both) + 7.2 * root - (2 - 17 * n) * m + 3.6 * m * root - 0.8 * m * m;
  return std::max(out, 0.0);
}

}  // namespace distanz::radio

#include "core/radio/helix.h"

#include <cmath>
#include <numbers>

#include "core/finding/error.h"

namespace distanz::radio {
namespace {

void check(const Helix& h) {
  requirePositive(h.turns, "turns");
  requirePositive(h.circumference, "circumference");
  requirePositive(h.spacing, "spacing");
}

/// Tangent of the pitch angle over that of 12.5 degrees, which the measurements are referred to.
double pitchRatio(const Helix& h) {
  return h.spacing / h.circumference / std::tan(12.5 * std::numbers::pi / 180);
}

}  // namespace

double helixGainKraus_dbi(const Helix& h) {
  check(h);
  return 10 * std::log10(15 * h.circumference * h.circumference * h.turns * h.spacing);
}

double helixGainKingWong_dbi(const Helix& h) {
  check(h);
  return 10 *
         std::log10(8.3 * std::pow(h.circumference, std::sqrt(h.turns + 2) - 1) *
                    std::pow(h.turns * h.spacing, 0.8) * std::pow(pitchRatio(h), -std::sqrt(h.turns) / 2));
}

double helixWidthKraus_deg(const Helix& h) {
  check(h);
  return 52 / (h.circumference * std::sqrt(h.turns * h.spacing));
}

double helixWidthKingWong_deg(const Helix& h) {
  check(h);
  const double quarter = std::sqrt(h.turns) / 4;
  return 61.5 * std::pow(2 * h.turns / (h.turns + 5), 0.6) /
         (std::pow(h.circumference, quarter) * std::pow(h.turns * h.spacing, 0.7)) *
         std::pow(pitchRatio(h), quarter);
}

double helixAxialRatio_db(const Helix& h) {
  check(h);
  return 20 * std::log10((2 * h.turns + 1) / (2 * h.turns));
}

double helixTurnsForGain(const Helix& h, double gain_dbi) {
  check(h);
  requireFinite(gain_dbi, "gain_dbi");
  const auto gain = [&](double turns) { return helixGainKingWong_dbi({turns, h.circumference, h.spacing}); };
  double low = 0.01, high = kMostTurns;
  if (!(gain(high) >= gain_dbi && gain(low) <= gain_dbi)) return NAN;
  while (high - low > 1e-9) {
    const double half = (low + high) / 2;
    (gain(half) < gain_dbi ? low : high) = half;
  }
  return high;
}

}  // namespace distanz::radio

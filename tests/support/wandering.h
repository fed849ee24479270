#pragma once
#include <algorithm>
#include <cmath>
#include <vector>

#include "core/dice/random.h"

namespace distanz::test {

/// Distance from the station on the way out and back, a value every step_s, at about 12 m/s and a speed that wanders over
/// some ten seconds: no two such flights are alike.
inline std::vector<double> wanderingFlight(dice::Random& random, double out_m, double step_s) {
  constexpr double kOver_s = 10, kCruise_mps = 12;
  const double keep = std::exp(-step_s / kOver_s), draw = std::sqrt(1 - keep * keep);
  std::vector<double> d{0};
  double gust = 0, way = 1;
  while (d.back() >= 0) {
    gust = keep * gust + draw * random.normal();
    d.push_back(d.back() + way * std::max(kCruise_mps + gust, 1.0) * step_s);
    if (d.back() > out_m) way = -1;
  }
  d.pop_back();
  return d;
}

/// A signal that falls by 25 dB a decade.
inline double wanderingLevel_dbm(double distance_m) {
  return -50 - 25 * std::log10(std::max(distance_m, 20.0) / 20);
}

}  // namespace distanz::test

#pragma once
#include <vector>

namespace distanz::radio {

/// Heights along a path, at rising distances from the station; the ends are the antennas themselves.
struct Profile {
  std::vector<double> distance_m;  ///< from the first antenna, 0 first, the other antenna last
  std::vector<double> top_m;  ///< of ground and what stands on it, above one level, as many; those of the
                              ///< ends are not looked at
  double first_m = 0, last_m = 0;  ///< of the antennas, above the same level
  /// How far to the side of the line what is told there stands; 0 under it. Empty: all of it under the line.
  std::vector<double> beside_m = {};

  double besideAt_m(std::size_t i) const { return beside_m.empty() ? 0 : beside_m[i]; }
};

}  // namespace distanz::radio

#pragma once
#include <cmath>
#include <vector>

#include "core/campaign/campaign.h"

namespace distanz::plan {

/// A point of the flight line as seen from the ground antenna.
struct SeenAt {
  double along_m = 0;                            ///< the path, outward
  double ahead_m = 0, right_m = 0, above_m = 0;  ///< along the far post's bearing, to its right, over the antenna

  double away_m() const { return std::hypot(ahead_m, right_m); }  ///< horizontal
};

/// The first path in small steps, some thousands at most, outward; nothing without a path. @param mast_m
/// height of the antenna above the station's ground
std::vector<SeenAt> seenFrom(const campaign::Campaign& campaign, double mast_m);

}  // namespace distanz::plan

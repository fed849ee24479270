#pragma once
#include <optional>

#include "core/campaign/campaign.h"
#include "core/terrain/ground.h"

namespace distanz::plan {

/// What lies between a planned path and what is under it, over every leg, every cell of the ground and every
/// outline on it. Places are told by their distance from the station.
struct FlownAbove {
  double least_m = 0, least_at_m = 0;  ///< over what stands there; below 0 the path runs into it
  std::optional<double> hits_at_m;     ///< the first place where it is not above
  double highest_above_ground_m = 0;
};

/// @param station_m ground at the station, above sea level. None without a path, or where nothing is known
/// under it.
std::optional<FlownAbove> flownAbove(const campaign::Campaign& campaign, const terrain::Ground& ground,
                                     double station_m);

}  // namespace distanz::plan

#pragma once
#include <optional>
#include <vector>

#include "core/plan/sight_lines.h"

namespace distanz::plan {

/// How high the aircraft must fly, place by place, for 60 % of the first Fresnel zone to be free on every
/// link, and how high the percentage school would fly. Heights above the station's ground.
struct ClearHeights {
  std::vector<double> distance_m, flown_m;
  std::vector<double> needed_m;         ///< infinite where no height does: the mast is too low
  std::vector<double> share_m;          ///< height_pct of the distance
  std::vector<double> ground_m, top_m;  ///< under the aircraft: ground, and with what stands on it
  std::vector<double> bulge_m;  ///< of the earth above the chord to the far post: a drawing adds it to all

  double lowest_m = 0;        ///< that clears all of the path; infinite where none does
  double decided_at_m = 0;    ///< distance of what decides
  double share_at_far_m = 0;  ///< of the percentage school, at the far post
  /// Where the aircraft is nearest to what stands under it; above the flight line it is below 0.
  double least_above_m = 0, least_above_at_m = 0;
  std::optional<double> hits_at_m;  ///< the first place where that is not above 0
  double highest_above_ground_m = 0;
};

/// Along the first path to its far post, over known ground, else over flat ground; the largest zone and the
/// lowest mast of all links count. None without a path.
std::optional<ClearHeights> clearHeights(const campaign::Campaign& campaign, const Sights& sights = {});

}  // namespace distanz::plan

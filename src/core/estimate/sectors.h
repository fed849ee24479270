#pragma once
#include <optional>
#include <vector>

#include "core/estimate/comparison.h"

namespace distanz::estimate {

/// Mean signal that one flight had from one sector, beside others that it had at the same place.
struct SectorValue {
  int flight = 0;
  int group = 0;   ///< what else decides the level there: flight and place. Values of two flights never share one
  int sector = 0;  ///< 0 .. sectors - 1
  double level_db = 0;
  double weight = 1;  ///< samples, as far as they count apart
};

/// How much each sector gives above the mean of all that were seen.
struct SectorEffects {
  std::vector<std::optional<Interval>> effect_db;  ///< by sector; none where it was not seen beside others
  std::vector<int> flights;                        ///< that saw it
  int seen = 0;                                    ///< sectors with an effect
};

/// Level = group + sector, by least squares over all flights at once; what hangs together in no group is not held
/// against each other, and the most seen part is told. How flights differ makes the intervals, moderated as between
/// flights' levels.
SectorEffects fitSectors(const std::vector<SectorValue>& values, int sectors);

}  // namespace distanz::estimate

#pragma once
#include <optional>
#include <span>
#include <vector>

#include "core/log/track.h"

namespace distanz::log {

/// A stretch in which the link was below the pilot's rule, or silent, second by second.
struct Dropout {
  double begin_s = 0, end_s = 0;
  double begin_m = 0, end_m = 0;  ///< distances from the station; NaN where unknown
};

struct LinkEvents {
  std::vector<Dropout> dropouts;
  std::optional<double> lost_at_m;      ///< where the first dropout on the way out began
  std::optional<double> regained_at_m;  ///< where the link came back for good; none if never lost, or never regained
};

/// @param quality link quality (%) or bitrate (Mbit/s), NaN where nothing arrived @param threshold in the same unit
/// @param turn a dropout that lies wholly inside it is the
/// turn's own (banking) and does not count as the link being lost. A gap of more than a second between rows with a value is a dropout too.
LinkEvents linkEvents(std::span<const double> time_s, std::span<const double> distance_m, std::span<const double> quality, double threshold,
                      const Turn& turn);

}  // namespace distanz::log

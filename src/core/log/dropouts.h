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
  std::optional<double> lost_at_m;  ///< where the first dropout on the way out began
  std::optional<double>
      regained_at_m;  ///< where the link came back for good; none if never lost, or never regained
};

/// A measured part of the pilot's rule: its channel, NaN where nothing arrived, and what it must not fall
/// below, in the same unit.
struct RulePart {
  std::span<const double> values;
  double threshold = 0;
};

/// The link is down in a second in which the mean of any part lies below its threshold. Where nothing was
/// heard the values say so (see heardIn()). A part that has no value in a second (it is logged more slowly)
/// is taken to be as it was, for up to 5 s.
/// @param parts each as long as time_s; none: no events
/// @param turn a dropout that lies wholly inside it is the turn's own (banking) and does not count as the
/// link being lost @param loops likewise
LinkEvents linkEvents(std::span<const double> time_s, std::span<const double> distance_m,
                      std::span<const RulePart> parts, const Turn& turn, std::span<const Loop> loops = {});

/// The first part whose mean over the last second that it was heard in lies below its threshold; none where
/// the rule holds now, or nothing was heard for 2 s before the end.
std::optional<std::size_t> brokenNow(std::span<const double> time_s, std::span<const RulePart> parts);

}  // namespace distanz::log

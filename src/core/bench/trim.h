#pragma once
#include <optional>
#include <vector>

namespace distanz::bench {

/// One search: the offsets from the channel, to both sides, at which the link fails.
struct TrimReading {
  double low_khz = 0, high_khz = 0;  ///< low < high
};

struct Trim {
  std::size_t searches = 0;
  double midpoint_khz = 0, width_khz = 0;  ///< means
  double scatter_khz = 0;                  ///< standard deviation of midpoints; NaN for one search
  double low_khz = 0, high_khz = 0;        ///< 95 % interval of the midpoint (Student); NaN for one search
  bool trustworthy =
      false;  ///< three searches or more, and the interval within a tenth of the width to each side
  bool off_centre = false;  ///< trustworthy, and the interval keeps off 0
};

/// @return none for no reading @throws DomainError for an offset that is not finite, or low >= high
std::optional<Trim> trimOf(const std::vector<TrimReading>& readings);

}  // namespace distanz::bench

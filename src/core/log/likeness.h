#pragma once
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/log/marks.h"

namespace distanz::log {

/// How one run was laid on another over the same course.
struct Likeness {
  std::vector<Mark> marks;   ///< where the run was, every few seconds
  double correlation = 0;    ///< of its signals with those of the other, laid so
  double by_chance = 0;      ///< the best that the same signals reach where the other is cut up and put together wrongly
  double rms_db = 0;         ///< that is left between them, level apart
  /// It follows the other clearly better than chance makes it.
  bool tells() const;
};

/// Places a run that nothing else places by a run over the same course that is placed: what both heard is laid on each
/// other by dynamic time warping (Sakoe & Chiba, IEEE Trans. ASSP 26(1), 1978), no more than three times as fast or slow
/// as usual, beginning and ending within a fifth of the other's time. Levels may differ: setups do. A proposal, to be
/// accepted by a person.
/// @param other_along_m where on the path each row of the other was; NaN where unknown @param links whose signals are compared
/// @return none where they have no signal in common, or either is shorter than half a minute or longer than two hours
std::optional<Likeness> placeByLikeness(const Recording& run, const Recording& other, std::span<const double> other_along_m,
                                        std::span<const std::string> links);

}  // namespace distanz::log

#pragma once
#include <algorithm>
#include <limits>
#include <span>
#include <vector>

#include "core/estimate/cells.h"

namespace distanz::estimate {

/// What one leg of one flight showed of the rule on one stretch, with the signal over the very same rows.
struct StretchLook {
  int index = 0;  ///< see placeIndex()
  bool back = false;
  double log_distance = 0;
  int samples = 0;
  double kept = 0;  ///< mean quality as a share of full, or share of the rows that keep the rule
  double level_dbm = std::numeric_limits<double>::quiet_NaN();  ///< trimmed mean; NaN without a signal
  double variance_db2 = 0;                                      ///< of its samples
  bool below = false;  ///< mostly not heard: the level is only known to be lower than level_dbm
  bool heard() const { return level_dbm == level_dbm; }
};

/// How rows become `kept`.
struct RuleMeasure {
  double threshold = 0;
  double full = 100;           ///< of a perfect link
  bool share_of_time = false;  ///< rows at or above the threshold, instead of the mean of what they say
  double of(double value) const {
    return share_of_time ? (value >= threshold ? 1 : 0) : std::clamp(value / full, 0.0, 1.0);
  }
  /// Where `kept` meets the rule.
  double wanted() const { return share_of_time ? 0.5 : threshold / full; }
};

/// @param flight its rssi_dbm may be empty; shift_db as for cells. Turn: what lies between is left out;
/// unlike for cells the way out counts up to where banking starts, for there it fails. Both ends must be
/// given.
/// @param values of the rule's channel, NaN where there are none
/// @return way out first, by place
std::vector<StretchLook> looksOf(const FlightSamples& flight, std::span<const double> values,
                                 const RuleMeasure& measure, double width_m = defaults::kCellWidth_m);

/// Where the rule first failed on the way out, from looks in any order; none without looks on the way out. A
/// stretch of which hardly anything was seen does not count.
struct FirstFailingStretch {
  double distance_m = 0;  ///< where it begins, or how far was flown
  bool failed = false;
};
std::optional<FirstFailingStretch> firstFailingStretch(const std::vector<StretchLook>& looks, double wanted,
                                                       int first_place, double flown_m);

/// Where it first failed on two stretches running and longer than it allows, metres along the path; INFINITY where it did
/// not. @param looks by place, as looksOf() gives them
double firstBroken_m(const std::vector<StretchLook>& looks, double wanted, int first_place, double allowed_m);

}  // namespace distanz::estimate

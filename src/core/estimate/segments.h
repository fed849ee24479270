#pragma once
#include <map>
#include <optional>
#include <utility>
#include <vector>

#include "core/estimate/comparison.h"

namespace distanz::estimate {

/// What one pass of one flight saw of a named stretch: its mean signal in dBm, or another figure that may be averaged.
struct SegmentValue {
  int setup = 0, flight = 0;  ///< any numbers that tell them apart
  int segment = 0;
  double value = 0;
};

/// What is known beforehand of how flights of one setup differ, each worth defaults::kSegmentPriorDf.
struct SegmentPrior {
  double flight_sd = defaults::kFlightPriorSd_db;    ///< over all stretches alike
  double local_sd = defaults::kSegmentPriorSd_db;    ///< on each stretch by itself
};

struct SegmentLevel {
  Interval level;  ///< of a new flight's mean: 95 %
  int flights = 0, passes = 0;
};

struct SegmentModel {
  std::map<std::pair<int, int>, SegmentLevel> levels;  ///< by (setup, segment)
  double flight_var = 0, local_var = 0;                ///< of one flight's mean over its passes
  double flight_df = 0, local_df = 0;
  int spread_df = 0;  ///< flights less setups: 0 means how flights differ is assumed, not measured
  /// Level of a over b on that stretch. None where either has not been there.
  std::optional<ComparisonInputs> difference(int a, int b, int segment) const;
};

/// Value = setup on that stretch + flight + flight on that stretch + pass: the passes of a flight are averaged, flights
/// are what repeats. Variances are moderated. Never throws for thin data.
/// Source: Searle, Casella & McCulloch, Variance Components (1992), chapter 4; Smyth (2004): moderated variance
SegmentModel fitSegments(const std::vector<SegmentValue>& values, const SegmentPrior& prior = {});

/// Shares of time, 0..1: fitted as asin(sqrt(share)), whose spread does not depend on the share (Bartlett 1947), and told
/// as shares again.
SegmentModel fitSegmentShares(const std::vector<SegmentValue>& shares);

/// The verdict on one stretch; the margin of range stands for dB by the usual exponent.
Comparison judgeSegment(const ComparisonInputs& difference);

/// Which of several looks stand when all are claimed at once: Holm (1979), step-down.
/// @param p_over_level p-value of each divided by the level it is judged at
std::vector<bool> holdTogether(const std::vector<double>& p_over_level);

}  // namespace distanz::estimate

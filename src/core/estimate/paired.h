#pragma once
#include <optional>
#include <utility>
#include <vector>

#include "core/estimate/comparison.h"

namespace distanz::estimate {

/// What two receivers (or the two legs of one flight) showed against each other in one flight: flight and
/// place cancel.
struct PairedFlight {
  double difference_db = 0;  ///< first less second: trimmed mean over common uncensored places
  int places = 0;
  double slope_db = 0;  ///< per decade of distance
  bool has_slope = false;
};

/// @return none where fewer than defaults::kMinSharedCells places are common
std::optional<PairedFlight> pairedFlight(const FlightCells& first, const FlightCells& second);

/// What is usual for the difference between flights; see defaults.h.
struct PairedPrior {
  double sd_db = defaults::kPairedPriorSd_db, unusual_sd_db = defaults::kPairedUnusual_db;
};

struct PairedDifference {
  int flights = 0;
  Interval difference_db;  ///< mean over flights, 95 % t interval
  double se_db = 0, df = 0;
  double flight_sd_db = 0;      ///< of one flight's difference, moderated
  bool spread_assumed = false;  ///< one flight: the spread is the prior's
  bool unusual_spread = false;
  std::optional<GapTrend> trend;  ///< from three flights on
};

/// Mean over flights with a moderated variance. @param flights at least one @throws DomainError for none
PairedDifference pairedDifference(const std::vector<PairedFlight>& flights, const PairedPrior& prior = {});

/// The verdict from paired flights. @param model tells the exponent; holds both setups or either
Comparison comparePaired(const SignalModel& model, const PairedDifference& paired,
                         double margin = defaults::kPracticalMargin);

}  // namespace distanz::estimate

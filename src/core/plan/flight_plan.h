#pragma once
#include <optional>
#include <string>
#include <vector>

#include "core/estimate/repeats.h"
#include "core/plan/order.h"
#include "core/plan/planned.h"

namespace distanz::plan {

/// What earlier flights of the campaign show.
struct FlownSoFar {
  std::optional<double> flight_sd_db, paired_sd_db;
};

/// How many flights, in which order, how far, and what ends them.
struct FlightPlan {
  estimate::RepeatsPlan repeats;
  bool sd_assumed = false;           ///< neither flown nor entered
  std::vector<double> chance, chance_together;  ///< of telling the setups apart, after 1, 2, ... pairs
  int enough = 0;                    ///< pairs that tell four times in five; 0: none
  std::vector<std::string> setups;   ///< as `run.setup` of the order counts them; "A+B" where all listen at once
  std::vector<OrderedRun> order;     ///< still to be flown
  Schedule schedule;                 ///< without clock times where the speed is not known
  bool timed = false;
  std::vector<SetupFlight> flights;
  std::vector<Finding> findings;
};
constexpr int kPairsShown = 20;

/// @param planned of the same campaign
FlightPlan flightPlan(const campaign::Campaign& campaign, const Planned& planned, const FlownSoFar& flown = {});

}  // namespace distanz::plan

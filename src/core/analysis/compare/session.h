#pragma once
#include <vector>

#include "core/analysis/result/drawn.h"
#include "core/campaign/campaign.h"

namespace distanz::analysis {

/// When in the session each run was flown.
struct Session {
  std::vector<double> place;  ///< per run: -1/2 for the first, 1/2 for the last; NaN where nobody knows
  bool by_clock = false;      ///< the logs' clocks told it, and the list of runs has no order
  std::vector<int> flight;    ///< per run: number of the flight that it shares with others; -1: none
};

/// By when the logs began, where all tell it and it can be; else in the order of the list, where every used run has one.
Session sessionOf(const campaign::Campaign& campaign, const std::vector<bool>& used,
                  const Reductions& reductions);

}  // namespace distanz::analysis

#pragma once
#include <vector>

#include "core/analysis/result/drawn.h"
#include "core/campaign/campaign.h"

namespace distanz::analysis {

/// Which runs are of one flight: those the pilot gave the same name, unless their logs show otherwise (clocks
/// apart, other tracks, one setup twice); and those whose clocks overlap though nobody said so.
struct FlownTogether {
  std::vector<int> flight;    ///< per run: number of the flight it shares; -1 where it was flown alone
  std::vector<Finding> told;  ///< where that is not what was typed
};

/// @param used per run; others are alone
FlownTogether flownTogether(const campaign::Campaign& campaign, const std::vector<bool>& used,
                            const Reductions& reductions);

}  // namespace distanz::analysis

#pragma once
#include <optional>
#include <vector>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"
#include "core/finding/finding.h"

namespace distanz::analysis {

/// What Compare says first: who reaches farther, what limits, what to do next.
struct Answer {
  std::vector<Finding> verdicts;  ///< one a pair of neighbours in the ranking, or the ranking itself; never empty
  std::vector<Finding> limits;    ///< one line, or none where nothing failed
  std::optional<Finding> next;
};

/// A place in the ranking: setups that no verdict tells apart share it.
struct Place {
  std::vector<std::string> setups;
};

/// Farthest first by the median range; neighbours are parted only by a verdict that one reaches farther, certain or likely.
/// Setups of unknown range are left out.
std::vector<Place> ranking(const Answers& answers);

Answer answerOf(const campaign::Campaign& campaign, const Answers& answers);

}  // namespace distanz::analysis

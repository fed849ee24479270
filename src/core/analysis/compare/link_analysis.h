#pragma once
#include "core/analysis/result/campaign_analysis.h"

namespace distanz::analysis {

/// Adds one link's ranges, comparisons and warnings to the result. @param used per run: counts towards the
/// analysis
void analyseLink(const campaign::Campaign& campaign, const campaign::Link& link,
                 const std::vector<bool>& used, CampaignAnalysis& result);

}  // namespace distanz::analysis

#pragma once
#include <vector>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"

namespace distanz::analysis {

/// Cautions about runs that were flown otherwise than the rest over the same path: height, speed, heading, beside it.
/// What of three or more runs is usual decides. @param used per run
void warnAboutFlying(const campaign::Campaign& campaign, const std::vector<bool>& used, CampaignAnalysis& result);

}  // namespace distanz::analysis

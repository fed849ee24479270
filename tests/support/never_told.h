#pragma once
#include <string>
#include <vector>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"

namespace distanz::test {

/// What an analysis tells that no analysis may tell, whatever was flown; empty where it keeps to that:
/// - ranges beyond where this setup's own flights broke their rule in half, or in more than one of twenty for the reliable
///   one; anything from behind a stop of the equipment;
/// - a verdict whose own interval contains equality, or that contradicts its numbers;
/// - figures of channels that no log of the setup holds;
/// - intervals and bounds that contradict each other.
std::vector<std::string> neverTold(const campaign::Campaign& campaign, const analysis::CampaignAnalysis& analysis);

}  // namespace distanz::test

#pragma once
#include <vector>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"

namespace distanz::analysis {

/// Fills result.beyond's parts but for caps, which the ranges need (see analyseLink()).
/// @param counts per run: flights over the path, and courses
void addBeyond(const campaign::Campaign& campaign, const std::vector<bool>& counts, CampaignAnalysis& result);

}  // namespace distanz::analysis

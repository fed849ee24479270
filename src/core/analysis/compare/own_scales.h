#pragma once
#include <vector>

#include "core/analysis/result/campaign_analysis.h"

/// Receivers' own scales that nobody calibrated. Inside of the analysis: not for other folders.
namespace distanz::analysis {

/// Makes levels of what such scales read, link by link, from all flights that share one: cells and looks of the reductions
/// become dB as estimate::OwnScale has them. Runs whose reading cannot be put beside the others' keep no signal.
void settleScales(const campaign::Campaign& campaign, const std::vector<bool>& used, CampaignAnalysis& result);

/// Once all is worked out: no dB and no dBm is told of such a link, for none was measured; what lanes draw is readings again.
void withholdLevels(CampaignAnalysis& result);

}  // namespace distanz::analysis

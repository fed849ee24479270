#pragma once
#include <vector>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"
#include "core/finding/finding.h"
#include "core/log/likeness.h"
#include "core/log/run_facts.h"

/// What logs tell beside the range, as sentences: the window, the command line and (later) the report tell the same.
namespace distanz::analysis {

/// Setups on each named stretch, the surest first.
std::vector<Finding> segmentsTold(const campaign::Campaign& campaign, const CampaignAnalysis& analysis, const std::string& link);
/// Blind sides of the aircraft, weak bearings of the ground antenna, and what of the turn they explain.
std::vector<Finding> sidesTold(const campaign::Campaign& campaign, const CampaignAnalysis& analysis, const std::string& link);
/// Steps of rate, mode and band; freezes; links that lived on.
std::vector<Finding> stepsTold(const campaign::Campaign& campaign, const CampaignAnalysis& analysis, const std::string& link);
/// Charge: what the battery would have allowed, and what wind costs.
std::vector<Finding> energyTold(const campaign::Campaign& campaign, const CampaignAnalysis& analysis);

/// What a proposed placing rests on. @param other the run that it follows
Finding likenessTold(const std::optional<log::Likeness>& like, const std::string& other);

/// Wind against the way out, m/s, as the two legs of a flight tell it; NaN where they do not.
double headwindOut_mps(const log::EnergyUse& energy);

}  // namespace distanz::analysis

#pragma once
#include <string>
#include <string_view>
#include <vector>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"

namespace distanz::analysis {

/// What the counted flights of a setup showed of a channel, section by section: middle, where eight of ten lie, and the
/// extremes.
struct ChannelSpread {
  std::vector<double> distance_m, median, low, high, least, most;
};

/// @param channel one that has a lane. Both ways, runs at reduced power only of the signal (it is referred).
ChannelSpread spreadOf(const campaign::Campaign& campaign, const CampaignAnalysis& analysis,
                       const std::string& setup, const std::string& link, std::string_view channel);

}  // namespace distanz::analysis

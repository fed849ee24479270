#pragma once
#include <string>
#include <vector>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"
#include "lanes/lane.h"

namespace distanz::lanes {

/// A lane that the Compare stage can show.
struct Offered {
  std::string id, name;
  bool at_first;  ///< shown until the pilot hides it
};
/// The share of flights that still hold, every channel that has a lane, the place profile, dropouts and residuals; and
/// whether every single flight is drawn in the lanes that else show the middle of a setup's.
std::vector<Offered> offeredLanes();

/// All runs of one link overlaid by place on the path, what was estimated of them, and the rules they are
/// held to.
/// @param wanted ids of the lanes to draw; those the link has nothing for are left out
Lanes compareLanes(const campaign::Campaign& campaign, const analysis::CampaignAnalysis& analysis,
                   const std::string& link, const std::vector<std::string>& wanted);

}  // namespace distanz::lanes

#pragma once
#include <string>
#include <vector>

#include "core/campaign/campaign.h"

namespace distanz::campaign {

/// Adds a link of a kind, as it usually is; its frequency, sensitivity and limit are the pilot's. @return its id
std::string addLink(Campaign& campaign, LinkKind kind);

/// A campaign to begin with: these links, and two setups to compare on them. @param compared one or more
Campaign newCampaign(const std::string& title, const std::vector<LinkKind>& compared);

}  // namespace distanz::campaign

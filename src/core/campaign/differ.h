#pragma once
#include <optional>
#include <string>

#include "core/campaign/campaign.h"

namespace distanz::campaign {

/// Everything about both ends of a link is the same: what parts are and state, how they point and are mounted. Two entries
/// for parts that are described alike are one.
bool alike(const Campaign& campaign, const SetupLink& a, const SetupLink& b);

/// The only link on which the kit has two setups differ. None where they differ on none or several, or in what all links
/// share: airframe, battery, mast.
std::optional<std::string> onlyLinkThatDiffers(const Campaign& campaign, const std::string& a, const std::string& b);

}  // namespace distanz::campaign

#pragma once
#include <map>
#include <string>

#include "core/campaign/campaign.h"

namespace distanz::app {

/// Gives the demo campaign the valley its canal runs through: terrain, orchards, poplars, a road and a
/// farmyard, all made up. Its files are added by name.
void addDemoGround(campaign::Campaign& campaign, std::map<std::string, std::string>& files);

}  // namespace distanz::app

#pragma once
#include <map>
#include <string>

#include "core/campaign/campaign.h"

namespace distanz::app {

/// Puts simulated bench records into the demo campaign. @return the bytes of their files, by
/// name
std::map<std::string, std::string> addDemoBench(campaign::Campaign& campaign);

}  // namespace distanz::app

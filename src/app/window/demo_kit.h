#pragma once
#include "core/campaign/campaign.h"

namespace distanz::app {

/// Names the parts of the demo campaign, says what its antennas are, how they are mounted and pointed.
void nameDemoKit(campaign::Campaign& campaign);

}  // namespace distanz::app

#pragma once
#include "core/campaign/campaign.h"

namespace distanz::cli {

/// A campaign with one control and one video link, for looking at a log outside any campaign.
campaign::Campaign logCampaign();

}  // namespace distanz::cli

#pragma once
#include "core/campaign/campaign.h"

namespace distanz::plan {

/// What a tracked ground antenna must do along the path, and from where on it aims within its own beam: for
/// each link that a setup tracks, with that setup's mast. Nothing without a path.
std::vector<Finding> toldTracking(const campaign::Campaign& campaign);

}  // namespace distanz::plan

#pragma once
#include "core/campaign/campaign.h"
#include "core/plan/planned.h"
#include "lanes/lane.h"

namespace distanz::lanes {

/// Predicted signal and clearance of the link to plan by. @param end_m of the shared axis
Lanes planLanes(const campaign::Campaign& campaign, const plan::Planned& planned, double end_m);

}  // namespace distanz::lanes

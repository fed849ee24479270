#pragma once
#include "core/analysis/result/answer.h"
#include "core/campaign/campaign.h"
#include "core/plan/planned.h"
#include "lanes/lane.h"

namespace distanz::lanes {

/// Predicted signal and clearance of the link to plan by, with what was flown so far as bands behind the prediction.
/// @param end_m of the shared axis
Lanes planLanes(const campaign::Campaign& campaign, const plan::Planned& planned, double end_m,
                const analysis::Answers& flown = {});

}  // namespace distanz::lanes

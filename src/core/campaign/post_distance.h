#pragma once
#include "core/campaign/campaign.h"

namespace distanz::campaign {

/// Distance of a post that is called by its number: along the path where it has one of that name, else as many spacings.
/// Of the path that the run flew; NaN for a number that is none, or without a path.
double postDistance_m(const Campaign& campaign, const Run& run, double number);

}  // namespace distanz::campaign

#pragma once
#include "core/campaign/campaign.h"

namespace distanz::campaign {

/// Distance of a post that is called by its number: along the path where it has one of that name, else as many spacings.
/// Of the path that the run flew; NaN for a number that is none, or without a path.
double postDistance_m(const Campaign& campaign, const Run& run, double number);

/// Number of the last post of the first path, by its spacing; 0 without a path.
int lastPost(const Campaign& campaign);

}  // namespace distanz::campaign

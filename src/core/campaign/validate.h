#pragma once
#include "core/campaign/campaign.h"
#include "core/finding/error.h"

namespace distanz::campaign {

/// Everything that contradicts itself or lies outside what the arithmetic can take: duplicate or missing ids,
/// coordinates off the globe, frequencies, levels and rules out of bounds. Empty for a campaign that can be
/// kept and analysed. A campaign still being filled in (no path, no power) is valid.
std::vector<Finding> validate(const Campaign& campaign);
/// @throws InputError with the first of them
void requireValid(const Campaign& campaign);

}  // namespace distanz::campaign

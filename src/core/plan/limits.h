#pragma once
#include "core/plan/chain.h"
#include "core/radio/exposure.h"

namespace distanz::plan {

/// What a chain means for law and safety: its EIRP against the limit entered for the place, the distance to
/// keep from the powered antenna, and what a change of gain is worth in power.
std::vector<Finding> cautionsOf(const Chain& chain, const campaign::Link& link,
                                const std::optional<ChainChange>& change = {});

/// The distance to keep from it, and by what it is told; nothing below 30 MHz.
void addKeepAway(const radio::Radiator& radiator, std::vector<Finding>& out);

}  // namespace distanz::plan

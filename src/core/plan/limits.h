#pragma once
#include "core/plan/chain.h"

namespace distanz::plan {

/// What a chain means for law and safety: its EIRP against the limit entered for the place, the distance to
/// keep from the powered antenna, and what a change of gain is worth in power.
std::vector<Finding> cautionsOf(const Chain& chain, const campaign::Link& link,
                                const std::optional<ChainChange>& change = {});

}  // namespace distanz::plan

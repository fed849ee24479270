#pragma once
#include "core/plan/chain.h"

namespace distanz::plan {

/// What goes into a chain's figures: every term up to the transmit antenna, whose sum is the EIRP.
std::vector<Finding> whyEirp(const Chain& chain);
/// What arrives at the far post, how far that is above what the link needs, and of what it is made. None where
/// the level is not known.
std::optional<Finding> toldAtFarPost(const campaign::Campaign& campaign, const campaign::Link& link,
                                     const Chain& chain);

}  // namespace distanz::plan

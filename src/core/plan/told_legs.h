#pragma once
#include "core/plan/planned.h"

namespace distanz::plan {

/// What patterns and mounting cost out, back and in the turn at the far post, on the link that is planned by.
std::vector<Finding> toldLegs(const campaign::Campaign& campaign, const Planned& planned);

}  // namespace distanz::plan

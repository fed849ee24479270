#pragma once
#include "core/plan/planned.h"

namespace distanz::plan {

/// The path against the limits that the pilot entered, and what to do instead where the distance is not
/// allowed. Nothing where there is no path.
std::vector<Finding> limitsOf(const campaign::Campaign& campaign, const Planned& planned);

}  // namespace distanz::plan

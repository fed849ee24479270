#pragma once
#include "core/plan/planned.h"

namespace distanz::plan {

/// What ground and maps say of the path: what it hits, how high it must be flown, what of it is not known,
/// what it crosses, and coordinates that cannot be meant. Nothing without a path.
std::vector<Finding> toldGround(const campaign::Campaign& campaign, const Planned& planned);

}  // namespace distanz::plan

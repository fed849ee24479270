#pragma once
#include "core/finding/catalogue.h"

namespace distanz {

/// The rows of the table that logs fill beyond the range: courses, sides of the aircraft, steps, freezes, energy.
std::span<const FindingInfo> beyondFindings();

}  // namespace distanz

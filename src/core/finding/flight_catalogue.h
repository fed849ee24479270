#pragma once
#include "core/finding/catalogue.h"

namespace distanz {

/// The rows of the table that the plan of the flights fills: how many, in which order, battery, limits, list.
std::span<const FindingInfo> flightFindings();

}  // namespace distanz

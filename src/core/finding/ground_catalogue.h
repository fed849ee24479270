#pragma once
#include "core/finding/catalogue.h"

namespace distanz {

/// The rows of the table that the ground fills: rasters and maps, what they say of the path, and what a path
/// is laid out by.
std::span<const FindingInfo> groundFindings();

}  // namespace distanz

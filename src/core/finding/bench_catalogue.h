#pragma once
#include "core/finding/catalogue.h"

namespace distanz {

/// The rows of the table that the kit as a chain, the bench and the ground check fill.
std::span<const FindingInfo> benchFindings();

}  // namespace distanz

#pragma once
#include <string>
#include <string_view>

#include "core/simulate/scenario.h"

namespace distanz::formats {

/// A scenario for the simulator: the interchange form of a campaign plus "physics" by link, "level_dbm" (at 1
/// km) by setup and link, and "flights". Documented in docs/file-format.md.
/// @throws InputError naming the place
simulate::Scenario readScenario(std::string_view text, const std::string& where);

}  // namespace distanz::formats

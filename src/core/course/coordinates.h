#pragma once
#include <optional>
#include <string>
#include <string_view>

#include "core/course/course.h"

namespace distanz::course {

/// A position as pilots type or paste it: "46.91, 20.96", "46°54.6'N 20°57.6'E", "N46 54 36 E20 57 36", UTM
/// "34T 497000 5195000" or "34 n 497000 5195000", a grid reference. Latitude comes first where no letter
/// tells. A comma may part the two, or be the decimal sign of both ("46,91 20,96"). @return none where it is
/// no position
std::optional<Position> coordinatesFrom(std::string_view typed);

/// As it is shown and can be read again: "46.910000, 20.960000", a tenth of a metre.
std::string coordinatesText(const Position& position);

}  // namespace distanz::course

#pragma once
#include <optional>
#include <string_view>

namespace distanz::quantity {

/// "6:30", "06:30", "630", "6" as seconds of the day, 24:00 included; none for what is no time of day.
std::optional<double> clockFrom(std::string_view text);

}  // namespace distanz::quantity

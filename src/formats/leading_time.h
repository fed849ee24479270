#pragma once
#include <cstddef>
#include <optional>
#include <string_view>

namespace distanz::formats {

/// The time that a line of a log begins with: "[06:31:02.5]", "2026-11-24 06:31:02,123", "00:12.500 -", "[12.5]", "T+12s".
struct LeadingTime {
  std::string_view name;  ///< "datetime" or "time"
  std::string_view text, unit;
  std::size_t end = 0;    ///< where what follows begins
};
/// @return none where the line begins otherwise; a whole number without a unit may count anything and is none
std::optional<LeadingTime> leadingTime(std::string_view line);

}  // namespace distanz::formats

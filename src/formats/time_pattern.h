#pragma once
#include <optional>
#include <string_view>

#include "formats/column_match.h"
#include "formats/log_table.h"

namespace distanz::formats {

/// What a header says of how its times are written: "hh:mm:ss", "dd/mm/yyyy", "jj.mm.aaaa", "24h", "UTC+1".
struct TimePattern {
  bool clock = false;          ///< with hours
  bool minutes_first = false;  ///< "mm:ss"
  std::string_view day_order = {};  ///< kDayFirst, kMonthFirst, or empty
};
/// @param unit as it stands in brackets, of any of the languages of header_languages.h @return none: it is no pattern
std::optional<TimePattern> timePattern(std::string_view unit);

struct DayOrder {
  std::string_view order;  ///< kDayFirst or kMonthFirst; empty where no strokes part dates
  DayOrderBy by = DayOrderBy::Known;
};
/// Of dates like 05/11/2026: by the first rows where a number is beyond 12, else as the header says, else by the language
/// of the header or its decimal commas (day first), else month first.
DayOrder dayOrder(const TableHead& head, int column, std::string_view told);

}  // namespace distanz::formats

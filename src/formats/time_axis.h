#pragma once
#include <functional>
#include <string>
#include <vector>

#include "core/finding/error.h"
#include "formats/column_match.h"

namespace distanz::formats {

struct TimeInput {
  const std::vector<double>* seconds = nullptr;       ///< a count, a clock or date with clock, in seconds
  const std::vector<double>* date_seconds = nullptr;  ///< midnight of each row's date, where a column has it
  FieldKind kind = FieldKind::Number;
  double zone_s =
      0;  ///< local time less UTC in the first row, where the log tells zones: seconds are then UTC
};

struct TimeAxis {
  std::vector<double> time_s;  ///< of the rows kept, from the first, not decreasing
  std::vector<bool> keep;      ///< per row of the input: has a time
  bool coarse = false;  ///< the clock ticks slower than rows come: rows of one tick were spread over it
  std::string started;
  std::vector<Finding> problems;
};

/// Lays rows on one time axis: joins date and clock, follows the clock over midnight, spreads the rows of a
/// slow clock.
/// @param line_of line of the file for a row, for messages
/// @throws InputError where no row has a time, or times run backwards
TimeAxis timeAxis(const TimeInput& input, const std::function<int(std::size_t)>& line_of);

}  // namespace distanz::formats

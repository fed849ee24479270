#pragma once
#include <string>
#include <vector>

#include "core/log/recording.h"

namespace distanz::log {

constexpr double kTopQuality_pct = 110;  ///< rounding may take a full link a little over 100

/// What a log writes for one link, row by row.
enum class Row : unsigned char { Heard, Nothing, Impossible, Repeated };

/// Which rows of a link tell that it was heard, by their values alone. Impossible: a signal no receiver gives
/// (0 and above among negative ones, or one value far below all others), a quality outside 0..100 %.
/// Repeated: all its channels stand still for longer than chance allows while the aircraft moves, or its
/// position stands still with them.
struct LinkRows {
  std::vector<Row> rows;
  std::vector<bool> signal_impossible;  ///< of that column alone: the row may have been heard all the same
  double impossible = 0;                ///< the value
};
/// @return empty rows where the recording has no channel of the link
LinkRows rowsOfLink(const Recording& recording, const std::string& link);

}  // namespace distanz::log

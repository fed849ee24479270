#pragma once
#include <vector>

#include "core/finding/finding.h"
#include "core/log/recording.h"
#include "formats/column_match.h"

namespace distanz::formats {

/// Holds what the columns say against what they can mean, once all rows are read: quality told as 0..1,
/// signal told without its sign, a power of which nobody knows whether it is in mW or dBm, a signal that
/// never moves. What can be recognised is put right and told; the rest is left out, with what to do.
/// @param matches of the log, for the units they were matched with
std::vector<Finding> makeSense(log::Recording& recording, const std::vector<ColumnMatch>& matches);

}  // namespace distanz::formats

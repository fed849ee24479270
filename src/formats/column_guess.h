#pragma once
#include <vector>

#include "formats/column_match.h"

namespace distanz::formats {

/// Columns that no name told, held by their first values alone to be a time, a position, a signal or a quality that
/// no column was matched to. A guess is offered, never taken: it counts once it is a correction.
std::vector<ColumnMatch> guessColumns(const TableHead& head, const std::vector<campaign::Link>& links,
                                      const std::vector<ColumnMatch>& matches);

}  // namespace distanz::formats

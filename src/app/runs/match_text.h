#pragma once
#include <QString>
#include <vector>

#include "formats/column_match.h"

namespace distanz::app {

/// The unit of a match, or what its fields are written in; and of how many antennas' columns the best counts.
QString unitText(const std::vector<formats::ColumnMatch>& matches, const formats::ColumnMatch& match);

}  // namespace distanz::app

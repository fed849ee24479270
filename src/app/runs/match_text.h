#pragma once
#include <QString>
#include <string_view>
#include <vector>

#include "formats/column_match.h"

namespace distanz::app {

/// The unit of a match, or what its fields are written in; and of how many antennas' columns the best counts.
QString unitText(const std::vector<formats::ColumnMatch>& matches, const formats::ColumnMatch& match);

/// In which order the dates of a match's unit are written; `other` where strokes part none.
QString dayOrderText(std::string_view unit, const QString& other = {});

}  // namespace distanz::app

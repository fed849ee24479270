#pragma once
#include <string_view>
#include <vector>

#include "formats/column_match.h"

namespace distanz::formats {

/// A field's text as a number in its channel's unit; NaN where it is none. Not for LatLon, which is two.
double fieldValue(std::string_view field, const ColumnMatch& match, bool decimal_comma);

/// First slot of a match in a NumberTable.
std::size_t slotOf(const std::vector<ColumnMatch>& matches, std::size_t match);
/// How many slots the matches fill.
std::size_t slotsOf(const std::vector<ColumnMatch>& matches);

/// @throws InputError for more values than kMostValues, or for more room than a log of that many bytes may
/// ask for
void requireRoom(std::size_t rows, std::size_t slots, std::size_t bytes);

}  // namespace distanz::formats

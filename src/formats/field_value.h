#pragma once
#include <string_view>
#include <vector>

#include "formats/column_match.h"
#include "formats/fields.h"

namespace distanz::formats {

/// A field's text as a number in its channel's unit; NaN where it is none. Its own unit counts ("1.1 km" among metres),
/// else that of its column; south and west of a coordinate are negative. Not for LatLon, which is two.
double fieldValue(std::string_view field, const ColumnMatch& match, bool decimal_comma);

/// Both coordinates of a LatLon field, whichever of them the match says comes first.
LatLonField latLonValue(std::string_view field, const ColumnMatch& match);

/// First slot of a match in a NumberTable.
std::size_t slotOf(const std::vector<ColumnMatch>& matches, std::size_t match);
/// How many slots the matches fill.
std::size_t slotsOf(const std::vector<ColumnMatch>& matches);

/// @throws InputError for more values than kMostValues, or for more room than a log of that many bytes may
/// ask for
void requireRoom(std::size_t rows, std::size_t slots, std::size_t bytes);

}  // namespace distanz::formats

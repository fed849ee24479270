#pragma once
#include <memory>
#include <string_view>

#include "formats/log_table.h"

namespace distanz::formats {

/// GeoJSON as a log: points that tell a time among their properties, or a line with an array of times
/// ("coordTimes" or "times") and further arrays as long as it.
bool isTrackGeoJson(std::string_view bytes);
/// @throws InputError
std::unique_ptr<LogTable> openTrackGeoJson(std::string_view bytes);

}  // namespace distanz::formats

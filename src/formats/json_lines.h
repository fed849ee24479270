#pragma once
#include <memory>
#include <string_view>

#include "formats/log_table.h"

/// Logs of one JSON object per line. Members are columns; those of an object within are named "gps.lat".
/// Columns are those of the first rows, in their order; a line that is cut off or holds something else counts
/// as a row of blanks.
namespace distanz::formats {

bool isJsonLines(std::string_view bytes);
/// @throws InputError: no object in the first lines, a line that is too long
std::unique_ptr<LogTable> openJsonLines(std::string_view bytes);

}  // namespace distanz::formats

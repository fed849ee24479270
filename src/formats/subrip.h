#pragma once
#include <memory>
#include <string_view>

#include "formats/log_table.h"

namespace distanz::formats {

/// SubRip: subtitles whose text tells telemetry. Each is a row at the time it is shown from; what its text
/// names are its values.
bool isSubRip(std::string_view bytes);
/// @throws InputError
std::unique_ptr<LogTable> openSubRip(std::string_view bytes);

}  // namespace distanz::formats

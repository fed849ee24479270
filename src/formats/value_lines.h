#pragma once
#include <memory>
#include <string_view>

#include "formats/log_table.h"

namespace distanz::formats {

/// Lines that name their values: "t=1.5 rssi=-71 lq=98", "Alt: 12 m, Link quality: 98 %". A row each.
bool isValueLines(std::string_view bytes);
/// @throws InputError
std::unique_ptr<LogTable> openValueLines(std::string_view bytes);

}  // namespace distanz::formats

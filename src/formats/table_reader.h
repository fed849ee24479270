#pragma once
#include <memory>
#include <string_view>

#include "formats/log_table.h"

namespace distanz::formats {

/// Delimited text: see layoutOf(). Read on all cores.
bool isDelimitedText(std::string_view bytes);
/// @throws InputError as layoutOf()
std::unique_ptr<LogTable> openDelimitedText(std::string_view bytes);

}  // namespace distanz::formats

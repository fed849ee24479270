#pragma once
#include <memory>
#include <string_view>

#include "formats/log_table.h"

namespace distanz::formats {

/// Delimited text: see layoutOf(). Read on all cores.
bool isDelimitedText(std::string_view bytes);
/// @throws InputError as layoutOf()
std::unique_ptr<LogTable> openDelimitedText(std::string_view bytes);
struct CsvLayout;
/// Rows alone, laid out as the head of their file says.
std::unique_ptr<LogTable> openDelimitedRows(std::string_view rows, const CsvLayout& layout);

}  // namespace distanz::formats

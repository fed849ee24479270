#pragma once
#include <string>
#include <string_view>
#include <vector>

#include "core/limits/reading.h"
#include "formats/log_table.h"

namespace distanz::formats {

using limits::kLongestLine;

/// How a delimited text file is laid out: found from its first lines.
struct CsvLayout : TableHead {  // names trimmed, quotes removed
  char delimiter = ',';
  std::size_t data_begin = 0;  ///< byte offset of the first data row
};

/// Reads the layout: UTF-8 with or without BOM; comma, semicolon, tab or bar; comment lines (#) and blank
/// lines before the header, and titles above it; a row of units below it is taken into the names.
/// @throws InputError: empty, binary, UTF-16, a line over kLongestLine, no header row, no data row
CsvLayout layoutOf(std::string_view bytes);

/// Fields of one line, quotes removed and spaces trimmed.
std::vector<std::string> splitLine(std::string_view line, char delimiter);

/// Next line from `rest` without its end ("\n" or "\r\n"), which is taken off `rest`.
std::string_view takeLine(std::string_view& rest);

bool isBlankLine(std::string_view line);

/// Line of the file on which a data row stands. @param data what follows `line_before` @param row counted
/// from 0; blank lines are none
int lineOfRow(std::string_view data, int line_before, std::size_t row);

/// Next field of a line; takes it and its delimiter off `rest`. Quotes and outer spaces are removed (a
/// doubled quote stays doubled).
std::string_view takeField(std::string_view& rest, char delimiter);

}  // namespace distanz::formats

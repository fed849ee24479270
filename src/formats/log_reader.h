#pragma once
#include <functional>
#include <string_view>
#include <vector>

#include "core/log/recording.h"
#include "core/quantity/error.h"
#include "formats/column_match.h"

namespace distanz::formats {

struct LogRead {
  log::Recording recording;
  std::vector<Problem> problems;  ///< rows left out or mended, each with the line of the first
  std::size_t rows = 0;           ///< data rows in the file
};

/// Called with the share done (0..1); returning false stops the reading.
using Progress = std::function<bool(double)>;

struct ReadCancelled : Error {
  ReadCancelled() : Error("cancelled") {}
};

/// Reads the matched columns of a delimited text log on all cores.
/// @throws InputError (what, where, what to do): no time, times running backwards, no measurement, a line over kLongestLine
/// @throws ReadCancelled where progress said stop
LogRead readLog(std::string_view bytes, const CsvLayout& layout, const std::vector<ColumnMatch>& matches, const Progress& progress = {});

}  // namespace distanz::formats

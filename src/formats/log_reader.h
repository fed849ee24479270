#pragma once
#include <functional>
#include <string_view>
#include <vector>

#include "core/log/recording.h"
#include "core/quantity/error.h"
#include "formats/column_match.h"

namespace distanz::formats {

/// Raised whenever the same bytes and columns give other samples: what was kept of a log is then read again.
constexpr int kReaderVersion = 3;

/// Most values (rows times columns) that are read from one log, or kept of it: half a gigabyte, 20 hours of ten channels at 100 Hz.
constexpr std::size_t kMostValues = std::size_t{1} << 26;

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

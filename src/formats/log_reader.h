#pragma once
#include <vector>

#include "core/finding/error.h"
#include "core/log/recording.h"
#include "formats/column_match.h"
#include "formats/log_table.h"

namespace distanz::formats {

/// Raised whenever the same bytes and columns give other samples: what was kept of a log is then read again.
constexpr int kReaderVersion = 12;

struct LogRead {
  log::Recording recording;
  std::vector<Finding> problems;  ///< rows left out or mended, each with the line of the first
  std::size_t rows = 0;           ///< data rows in the file
};

/// What a log must hold to be read: something measured on a link, or, as a further source of a run, anything.
enum class Needs { Measurement, Anything };

/// Reads the matched columns of a log.
/// @throws InputError (what, where, what to do): no time, times running backwards, no measurement, a line
/// over kLongestLine
/// @throws ReadCancelled where progress said stop
LogRead readLog(const LogTable& table, const std::vector<ColumnMatch>& matches, const Progress& progress = {},
                Needs needs = Needs::Measurement);

/// @throws InputError where a recording measures nothing of a link, or nothing that it measures ever changes
void requireMeasurement(const log::Recording& recording);

}  // namespace distanz::formats

#pragma once
#include <functional>
#include <string>
#include <vector>

#include "core/finding/error.h"
#include "core/limits/reading.h"

namespace distanz::formats {

/// Most values (rows times columns) that are read from one log, or kept of it: half a gigabyte, 20 hours of
/// ten channels at 100 Hz.
using limits::kMostValues;
using limits::kMostColumns;

/// Called with the share done (0..1); returning false stops the reading.
using Progress = std::function<bool(double)>;

struct ReadCancelled : Error {
  ReadCancelled() : Error(finding("cancelled")) {}
};

/// That a line is far too long for a table of samples. @param line of the file, counted from 1; 0: not known
Finding lineTooLong(std::size_t bytes, int line = 0);

struct ColumnMatch;

/// What a log shows before its numbers are read.
struct TableHead {
  std::vector<std::string> header;  ///< column names
  int header_line = 1;              ///< line of the file, counted from 1
  bool decimal_comma = false;
  std::vector<std::vector<std::string>> preview;  ///< the first rows, as text
};

/// The matched columns of a log as numbers, one vector per slot. A LatLon match fills two slots.
struct NumberTable {
  std::vector<std::vector<double>> values;  ///< by slot
  std::size_t rows = 0;
  std::size_t not_numbers = 0;  ///< fields with text where a number belongs
  std::size_t first_not_number_row = 0;
  std::vector<Finding> problems;  ///< what of the log was left out, with its first line
};

/// A log of any format: rows under named columns. It looks at the bytes it was opened on, which must outlive
/// it.
class LogTable {
 public:
  virtual ~LogTable() = default;
  virtual const TableHead& head() const = 0;
  /// @throws InputError for what is no table of samples, or beyond kMostValues; ReadCancelled
  virtual NumberTable numbers(const std::vector<ColumnMatch>& matches, const Progress& progress) const = 0;
  /// Line of the file, counted from 1, on which a data row counted from 0 stands.
  virtual int lineOfRow(std::size_t row) const = 0;
};

}  // namespace distanz::formats

#pragma once
#include <cmath>
#include <functional>
#include <map>
#include <memory>
#include <string_view>
#include <vector>

#include "formats/log_table.h"

namespace distanz::formats {

/// A value of a row that names its own: "Alt: 12.5 m". Texts are good until the row was taken.
struct NamedValue {
  std::string_view name, text, unit;
  double number = NAN;   ///< where the format tells numbers rather than text
  bool is_time = false;  ///< number: seconds since 1970-01-01
};

struct LogRecord {
  std::vector<NamedValue> values;
  std::size_t offset = 0;  ///< of its first byte
};

/// What of a log was left out, by code of its finding: how often, and where first.
struct RecordFaults {
  struct Fault {
    std::size_t count = 0, offset = 0;
  };
  std::map<std::string_view, Fault> faults;
  void add(std::string_view code, std::size_t offset);
};

/// Takes a row; false: no more are wanted.
using TakeRecord = std::function<bool(const LogRecord&)>;
/// Calls take for every row of a log, in the order in which they stand. @throws InputError: what is no such log
using EachRecord = void (*)(std::string_view bytes, const TakeRecord& take, RecordFaults& faults);

/// A log whose rows name their own values: its columns are the names in the order in which they first occur,
/// each with its unit ("Alt [m]"). A value told in another unit of the same kind is converted.
/// @throws InputError as `each`, or where there is no row
std::unique_ptr<LogTable> openRecords(std::string_view bytes, EachRecord each);

}  // namespace distanz::formats

#include "formats/value_lines.h"

#include "formats/csv_layout.h"
#include "formats/leading_time.h"
#include "formats/named_values.h"

namespace distanz::formats {
namespace {

void eachLine(std::string_view bytes, const TakeRecord& take, RecordFaults& faults) {
  std::string_view rest = bytes;
  LogRecord record;
  while (!rest.empty()) {
    record.offset = std::size_t(rest.data() - bytes.data());
    const std::string_view line = takeLine(rest);
    if (line.size() > kLongestLine) throw InputError(lineTooLong(line.size()));
    if (isBlankLine(line) || line.front() == '#') continue;
    record.values.clear();
    const auto time = leadingTime(line);
    if (time) record.values.push_back({time->name, time->text, time->unit});
    addNamedValues(time ? line.substr(time->end) : line, record.values);
    if (record.values.empty()) {
      faults.add("line-without-values", record.offset);
      continue;
    }
    if (!take(record)) return;
  }
}

}  // namespace

bool isValueLines(std::string_view bytes) {
  constexpr int kLooked = 8;
  int lines = 0, naming = 0;
  std::vector<NamedValue> values;
  bytes = bytes.substr(0, 1 << 16);
  while (!bytes.empty() && lines < kLooked) {
    const std::string_view line = takeLine(bytes);
    if (isBlankLine(line) || line.front() == '#') continue;
    ++lines;
    values.clear();
    addNamedValues(line, values);
    std::size_t numbers = 0;
    for (const NamedValue& v : values)
      numbers += !v.text.empty() && v.text.find_first_of("0123456789") != std::string_view::npos;
    naming += numbers >= 2 && line.find_first_of("=:") != std::string_view::npos;
  }
  // A header and its rows name nothing: most lines do, here.
  return naming > 0 && 2 * naming > lines;
}

std::unique_ptr<LogTable> openValueLines(std::string_view bytes) {
  return openRecords(bytes, eachLine);
}

}  // namespace distanz::formats

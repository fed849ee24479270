#include "formats/subrip.h"

#include "formats/csv_layout.h"
#include "formats/fields.h"
#include "formats/named_values.h"

namespace distanz::formats {
namespace {

constexpr std::string_view kArrow = "-->", kMark = "\xEF\xBB\xBF";

bool isNumber(std::string_view line) {
  while (!line.empty() && line.back() == ' ') line.remove_suffix(1);
  return !line.empty() && line.find_first_not_of("0123456789") == std::string_view::npos;
}

/// Seconds from which a subtitle is shown; NaN where the line is not one of its times.
double shownFrom(std::string_view line) {
  const auto arrow = line.find(kArrow);
  if (arrow == std::string_view::npos) return NAN;
  std::string_view begin = line.substr(0, arrow);
  while (!begin.empty() && begin.back() == ' ') begin.remove_suffix(1);
  while (!begin.empty() && begin.front() == ' ') begin.remove_prefix(1);
  return parseClock(begin);
}

/// The text of one subtitle: lines up to the next one's times, whose number went before them.
void eachSubtitle(std::string_view bytes, const TakeRecord& take, RecordFaults& faults) {
  std::string_view rest = bytes;
  if (rest.starts_with(kMark)) rest.remove_prefix(kMark.size());
  LogRecord record;
  double from = NAN;
  const char *text_begin = nullptr, *text_end = nullptr, *number_line = nullptr;
  const auto give = [&] {
    if (!std::isfinite(from)) return true;
    record.values.assign(1, {.name = "time", .text = {}, .unit = "s", .number = from});
    const char* end = number_line && number_line > text_begin ? number_line : text_end;
    if (text_begin && end > text_begin)
      addNamedValues({text_begin, std::size_t(end - text_begin)}, record.values);
    // A date with its clock says more than how long the video ran.
    for (std::size_t i = 1; i < record.values.size(); ++i)
      if (record.values[i].name == "datetime") std::swap(record.values[0], record.values[i]);
    return take(record);
  };
  while (!rest.empty()) {
    const auto offset = std::size_t(rest.data() - bytes.data());
    const std::string_view line = takeLine(rest);
    if (line.size() > kLongestLine) throw InputError(lineTooLong(line.size()));
    const double at = line.find(kArrow) == std::string_view::npos ? NAN : shownFrom(line);
    if (std::isfinite(at)) {
      if (!give()) return;
      from = at;
      record.offset = offset;
      text_begin = rest.data();
      text_end = number_line = nullptr;
      continue;
    }
    if (line.find(kArrow) != std::string_view::npos) faults.add("subtitle-time", offset);
    text_end = line.data() + line.size();
    if (isNumber(line)) number_line = line.data();
    else if (!isBlankLine(line)) number_line = nullptr;
  }
  number_line = nullptr;
  give();
}

}  // namespace

bool isSubRip(std::string_view bytes) {
  if (bytes.starts_with(kMark)) bytes.remove_prefix(kMark.size());
  for (int i = 0; i < 12 && !bytes.empty(); ++i) {
    const std::string_view line = takeLine(bytes);
    if (isBlankLine(line) || isNumber(line)) continue;
    return std::isfinite(shownFrom(line));
  }
  return false;
}

std::unique_ptr<LogTable> openSubRip(std::string_view bytes) {
  return openRecords(bytes, eachSubtitle);
}

}  // namespace distanz::formats

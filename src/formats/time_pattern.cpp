#include "formats/time_pattern.h"

#include <algorithm>
#include <charconv>
#include <string>
#include <vector>

#include "core/text/ascii.h"
#include "formats/column_words.h"

namespace distanz::formats {
namespace {

enum class DatePart { Year, Month, Day, Hour, MinuteOrMonth, Second };
/// Of "yyyy", "dd", "tt", "jjjj", "hh": one letter again and again.
std::optional<DatePart> partOf(char letter, std::size_t length, bool has_day) {
  switch (letter) {
    case 'y':
    case 'a':
    case 'r':
      return DatePart::Year;
    case 'j':  // Jahr, jaar; jour
      return length == 4 || has_day ? DatePart::Year : DatePart::Day;
    case 'd':
    case 't':
      return DatePart::Day;
    case 'g':  // giorno; godzina
      return has_day ? DatePart::Hour : DatePart::Day;
    case 'h':
    case 'u':
      return DatePart::Hour;
    case 'm':
      return DatePart::MinuteOrMonth;
    case 's':
      return DatePart::Second;
    default:
      return std::nullopt;
  }
}

/// Empty where it is no pattern.
std::vector<DatePart> tokensOf(std::string_view low) {
  std::vector<DatePart> out;
  bool has_day = false;
  for (std::size_t i = 0; i < low.size();) {
    const std::size_t end = std::min(low.find_first_not_of(low[i], i), low.size());
    const bool mark = std::string_view("/-.:, _").find(low[i]) != std::string_view::npos;
    const bool of_iso = low[i] == 't' && has_day && end == i + 1;  // "yyyy-mm-ddThh:mm"
    const bool fraction = !out.empty() && out.back() == DatePart::Second && std::string_view("0fs").find(low[i]) != std::string_view::npos;
    if (mark || of_iso || fraction) {
      i = end;
      continue;
    }
    if (const auto part = partOf(low[i], end - i, has_day)) {
      has_day = has_day || *part == DatePart::Day;
      out.push_back(*part);
    } else {
      return {};
    }
    i = end;
  }
  return out.size() < 2 ? std::vector<DatePart>() : out;
}

bool isClockWord(std::string_view low) {
  constexpr std::string_view kWords[] = {"24h", "12h", "24-h", "12-h", "24hour", "local", "localtime", "lokal", "locale", "gps", "gnss", "z", "iso", "iso8601", "iso-8601", "clock", "am/pm", "cet", "cest", "mez", "mesz"};
  const bool zone = (low.starts_with("utc") || low.starts_with("gmt")) && low.find_first_not_of("0123456789+-:", 3) == std::string_view::npos;
  return zone || std::find(std::begin(kWords), std::end(kWords), low) != std::end(kWords);
}

/// The first two numbers of "05/11/2026".
std::optional<std::pair<int, int>> aroundStroke(std::string_view text) {
  int first = 0, second = 0;
  const char* end = text.data() + text.size();
  const auto a = std::from_chars(text.data(), end, first);
  if (a.ec != std::errc() || a.ptr == end || *a.ptr != '/' || first > 31) return std::nullopt;
  const auto b = std::from_chars(a.ptr + 1, end, second);
  if (b.ec != std::errc() || b.ptr == end || *b.ptr != '/') return std::nullopt;
  return std::pair(first, second);
}

/// Of a log whose header speaks another language than English.
bool speaksOther(const TableHead& head) {
  int words = 0;
  for (const std::string& header : head.header) {
    const ColumnWords w = wordsOf(header);
    if (w.foreign && w.hasAny({"time", "date"})) return true;
    words += w.foreign;
  }
  return words > 1;
}

}  // namespace

std::optional<TimePattern> timePattern(std::string_view unit) {
  const std::string low = text::lower(unit);
  if (isClockWord(low)) return TimePattern{.clock = true};
  const std::vector<DatePart> tokens = tokensOf(low);
  if (tokens.empty()) return std::nullopt;
  TimePattern out;
  out.clock = std::any_of(tokens.begin(), tokens.end(), [](DatePart part) { return part == DatePart::Hour; });
  out.minutes_first = !out.clock && tokens[0] == DatePart::MinuteOrMonth && tokens[1] == DatePart::Second;
  if (tokens[0] == DatePart::Day && tokens[1] == DatePart::MinuteOrMonth) out.day_order = kDayFirst;
  if (tokens[0] == DatePart::MinuteOrMonth && tokens[1] == DatePart::Day) out.day_order = kMonthFirst;
  return out;
}

DayOrder dayOrder(const TableHead& head, int column, std::string_view told) {
  bool parted = false, same = true;
  for (const auto& row : head.preview) {
    const auto both = std::size_t(column) < row.size() ? aroundStroke(row[std::size_t(column)]) : std::nullopt;
    if (!both) continue;
    if (both->first > 12) return {kDayFirst, DayOrderBy::Known};
    if (both->second > 12) return {kMonthFirst, DayOrderBy::Known};
    parted = true;
    same = same && both->first == both->second;
  }
  if (!parted) return {};
  if (!told.empty()) return {told, DayOrderBy::Known};
  if (head.decimal_comma || speaksOther(head)) return {kDayFirst, DayOrderBy::Language};
  return {kMonthFirst, same ? DayOrderBy::Language : DayOrderBy::Nothing};
}

}  // namespace distanz::formats

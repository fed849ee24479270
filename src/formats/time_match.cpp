#include "formats/time_match.h"

#include <algorithm>
#include <cmath>
#include <optional>
#include <set>

#include "core/quantity/unit.h"
#include "formats/fields.h"
#include "formats/head_preview.h"
#include "formats/time_pattern.h"

namespace distanz::formats {
namespace {

std::optional<double> inSeconds(const std::string& unit) {
  const auto spelt = quantity::unitSpelt(unit, quantity::Dimension::Time);
  return spelt ? std::optional(quantity::infoOf(*spelt).factor) : std::nullopt;
}

/// Beside a date stands a clock.
bool tellsDates(const TableHead& layout) {
  return !layout.preview.empty() && std::any_of(layout.preview.front().begin(), layout.preview.front().end(),
                                                [](const std::string& field) { return std::isfinite(parseDate(field)); });
}

/// Rows that a clock of hours and minutes would put a minute apart, and more than a few, are of minutes and seconds.
bool areMinutesAndSeconds(const TableHead& layout, int column) {
  if (tellsDates(layout)) return false;
  constexpr std::size_t kLeastRows = 20, kLeastTicks = 3;
  std::size_t rows = 0;
  std::set<double> ticks;
  for (const auto& row : layout.preview) {
    const std::string text = static_cast<std::size_t>(column) < row.size() ? row[static_cast<std::size_t>(column)] : std::string();
    if (text.empty()) continue;
    if (std::count(text.begin(), text.end(), ':') != 1) return false;
    const double elapsed_s = parseElapsed(text);
    if (!std::isfinite(elapsed_s)) return false;
    if (text.find_first_of(".,") != std::string::npos) return true;  // no clock of hours tells tenths of minutes
    if (text.size() > 5) return false;
    ++rows;
    ticks.insert(elapsed_s);
  }
  return rows >= kLeastRows && ticks.size() >= kLeastTicks;
}

/// A time column may be a count in some unit, a clock, or a date with a clock: its first rows tell.
void settleClock(const TableHead& layout, ColumnMatch& m, const TimePattern& told) {
  const std::string text = previewText(layout, m.column);
  if (std::isfinite(parseDateTime(text).seconds)) {
    m.kind = FieldKind::DateTime;
    m.unit = "date and time";
  } else if (told.minutes_first ? std::isfinite(parseElapsed(text)) : !told.clock && areMinutesAndSeconds(layout, m.column)) {
    m.kind = FieldKind::Elapsed;
    m.unit = "min:s";
  } else if (std::isfinite(parseClock(text))) {
    m.kind = FieldKind::Clock;
    m.unit = "clock";
  } else if (m.unit.empty()) {
    const auto v = previewNumbers(layout, m.column);
    const double step = v.size() > 1 ? (v.back() - v.front()) / static_cast<double>(v.size() - 1) : 0;
    // A log that is over after a few rows was written by hand or far apart: no flight lasts milliseconds.
    constexpr std::size_t kFewRows = 20;
    constexpr double kShortestFlight_ms = 10'000;
    const bool sparse = v.size() > 1 && v.size() < kFewRows && v.back() - v.front() < kShortestFlight_ms;
    const double first = v.empty() ? 0 : v.front();
    m.unit = first >= kIn2000_s * 1e6 ? "us" : first >= kIn2000_s * 1e3 ? "ms" : step >= 5000 ? "us" : step >= 5 && !sparse ? "ms" : "s";
    m.scale = inSeconds(m.unit).value_or(1);
  }
}

/// Which of day and month comes first, where strokes part them.
void settleDayOrder(const TableHead& head, ColumnMatch& m, const TimePattern& told) {
  const DayOrder found = dayOrder(head, m.column, told.day_order);
  if (found.order.empty()) return;
  m.unit = found.order;
  m.day_order = found.by;
}

}  // namespace

bool settleTime(const TableHead& head, ColumnMatch& m) {
  const bool counted = inSeconds(m.unit) && m.unit != "UTC" && m.unit != "utc";
  const auto pattern = counted ? std::nullopt : timePattern(m.unit);
  if (pattern) m.unit.clear();
  const TimePattern told = pattern.value_or(TimePattern());
  if (m.channel == "time_s") {
    if (!m.unit.empty()) {
      const auto scale = inSeconds(m.unit);
      if (!scale) return false;
      m.unit = quantity::symbolOf(*quantity::unitSpelt(m.unit, quantity::Dimension::Time));
      m.scale = *scale;
    }
    settleClock(head, m, told);
    if (m.kind == FieldKind::DateTime) settleDayOrder(head, m, told);
    return true;
  }
  const std::string text = previewText(head, m.column);
  if (text.empty() && !m.unit.empty()) return false;
  m.unit.clear();
  m.kind = FieldKind::Date;
  if (std::isfinite(parseDateTime(text).seconds)) {
    m.channel = "time_s";
    m.kind = FieldKind::DateTime;
  } else if (!text.empty() && !std::isfinite(parseDate(text))) {
    return false;  // "data" is a date in three languages, and much else in others
  }
  settleDayOrder(head, m, told);
  return true;
}

}  // namespace distanz::formats

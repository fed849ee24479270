#include "formats/day_order.h"

#include <algorithm>
#include <cmath>
#include <optional>
#include <string>

#include "core/finding/error.h"
#include "formats/column_match.h"
#include "formats/fields.h"
#include "formats/head_preview.h"

namespace distanz::formats {
namespace {

struct Dated {
  double as_read, other_way;  ///< days since 1970
  ColumnMatch match;
};

double dayOf(const std::string& text, const ColumnMatch& m, bool day_first) {
  const double day = parseDate(text, day_first), moment_s = parseDateTime(text, day_first).seconds;
  if (std::isfinite(day)) return day;
  const double count_s = m.kind == FieldKind::Number ? parseNumber(text, false) * m.scale : NAN;  // since 1970
  return std::floor((count_s >= kIn2000_s && count_s < kIn2100_s ? count_s : moment_s) / kDay_s);
}

/// Of what a log first tells; none where it tells no date.
std::optional<Dated> firstDay(const GivenLog& log, const std::vector<campaign::Link>& links) {
  try {
    const auto table = openGiven(log);
    for (const ColumnMatch& m : matchColumns(table->head(), links, log.corrections)) {
      if (m.channel != "time_s" && m.channel != "date") continue;
      const std::string text = previewText(table->head(), m.column);
      const bool day_first = m.unit == kDayFirst;
      const Dated out{dayOf(text, m, day_first), dayOf(text, m, !day_first), m};
      if (std::isfinite(out.as_read)) return out;
    }
  } catch (const Error&) {
  }
  return std::nullopt;
}

}  // namespace

void settleDayOrders(std::vector<GivenLog>& logs, const std::vector<campaign::Link>& links) {
  std::vector<std::optional<Dated>> dated;
  for (const GivenLog& log : logs) dated.push_back(firstDay(log, links));
  const auto open = [](const std::optional<Dated>& d) { return d && d->match.day_order != DayOrderBy::Known; };
  const auto isAnothersDay = [&](double day) {
    return std::any_of(dated.begin(), dated.end(), [&](const auto& d) { return d && !open(d) && std::abs(d->as_read - day) <= 1; });
  };
  for (std::size_t i = 0; i < logs.size(); ++i) {
    if (!open(dated[i]) || isAnothersDay(dated[i]->as_read) || !isAnothersDay(dated[i]->other_way)) continue;
    const ColumnMatch& m = dated[i]->match;
    logs[i].corrections[m.channel] = m.header + " [" + std::string(m.unit == kDayFirst ? kMonthFirst : kDayFirst) + "]";
  }
}

}  // namespace distanz::formats

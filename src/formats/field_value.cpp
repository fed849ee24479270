#include "formats/field_value.h"

#include <fmt/format.h>

#include <cmath>

#include "core/quantity/decibel.h"
#include "formats/fields.h"

namespace distanz::formats {
double fieldValue(std::string_view field, const ColumnMatch& match, bool decimal_comma) {
  switch (match.kind) {
    case FieldKind::Number:
      return parseNumber(field, decimal_comma) * match.scale;
    case FieldKind::LevelAsPower: {
      const double dbm = parseNumber(field, decimal_comma);
      return std::isfinite(dbm) ? quantity::milliwattFromDbm(dbm) : NAN;
    }
    case FieldKind::Clock:
      return parseClock(field);
    case FieldKind::Date:
      return parseDate(field) * kDay_s;
    case FieldKind::DateTime:
      return parseDateTime(field).seconds;
    case FieldKind::LatLon:
      return NAN;
  }
  return NAN;
}

std::size_t slotOf(const std::vector<ColumnMatch>& matches, std::size_t match) {
  std::size_t slot = 0;
  for (std::size_t m = 0; m < match; ++m) slot += matches[m].kind == FieldKind::LatLon ? 2 : 1;
  return slot;
}

std::size_t slotsOf(const std::vector<ColumnMatch>& matches) {
  return slotOf(matches, matches.size());
}

void requireRoom(std::size_t rows, std::size_t slots, std::size_t bytes) {
  constexpr std::size_t kFree = 64'000'000, kPerByte = 8;
  if (slots > 0 && rows > kMostValues / slots)
    throw InputError(finding("log-too-many-values",
                             {{"rows", rows}, {"columns", slots}, {"most", kMostValues / 1'000'000}}));
  if (rows * slots * sizeof(double) > kFree + kPerByte * bytes) throw InputError(finding("log-mostly-blank"));
}

Finding lineTooLong(std::size_t bytes, int line) {
  const Argument size("megabytes", bytes >> 20);
  return line > 0 ? finding("line-too-long", {{"line", line}, size}) : finding("a-line-too-long", {size});
}

}  // namespace distanz::formats

#include "formats/field_value.h"

#include <fmt/format.h>

#include <cctype>
#include <cmath>
#include <optional>
#include <utility>

#include "core/log/channel.h"
#include "core/log/recording.h"
#include "core/quantity/decibel.h"
#include "core/quantity/unit.h"
#include "formats/fields.h"

namespace distanz::formats {
namespace {

using quantity::Dimension, quantity::Unit;

/// A number with what its field says behind it: a unit of its own, or a hemisphere. None where that says nothing.
std::optional<double> asTold(double number, std::string_view behind, const ColumnMatch& match) {
  const log::ChannelInfo* about = log::channelInfo(match.channel);
  if (behind.empty() || !about) return std::nullopt;
  if (about->name == log::channel::kLatitude || about->name == log::channel::kLongitude)
    if (const int sign = hemisphere(behind)) return sign * number;
  const bool power = about->unit == Unit::Milliwatt;
  auto spelt = quantity::unitSpelt(behind, quantity::infoOf(about->unit).dimension);
  if (!spelt && power) spelt = quantity::unitSpelt(behind, Dimension::Level);
  return spelt ? std::optional(quantity::convert(number, *spelt, about->unit)) : std::nullopt;
}

}  // namespace

LatLonField latLonValue(std::string_view field, const ColumnMatch& match) {
  LatLonField both = parseLatLon(field);
  if (match.unit == kLonFirst) std::swap(both.lat_deg, both.lon_deg);
  return both;
}

double fieldValue(std::string_view field, const ColumnMatch& match, bool decimal_comma) {
  switch (match.kind) {
    case FieldKind::Number:
    case FieldKind::LevelAsPower: {
      const double number = parseNumber(field, decimal_comma);
      if (!std::isfinite(number)) return NAN;
      if (!std::isdigit(static_cast<unsigned char>(field.back())))
        if (const auto told = asTold(number, unitOf(field), match)) return *told;
      return match.kind == FieldKind::Number ? number * match.scale : quantity::milliwattFromDbm(number);
    }
    case FieldKind::Elapsed:
      return parseElapsed(field);
    case FieldKind::Clock:
      return parseClock(field);
    case FieldKind::Date:
      return parseDate(field, match.unit == kDayFirst) * kDay_s;
    case FieldKind::DateTime:
      return parseDateTime(field, match.unit == kDayFirst).seconds;
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

#include "core/log/clock.h"

#include <fmt/format.h>

#include <boost/date_time/gregorian/gregorian_types.hpp>
#include <cmath>
#include <cstdio>

#include "core/text/ascii.h"

namespace distanz::log {
namespace {

namespace calendar = boost::gregorian;

const calendar::date& epoch() {
  static const calendar::date kEpoch(1970, 1, 1);
  return kEpoch;
}

constexpr long long kDay_s = 86'400;
constexpr double kMostDays = 2'900'000;  // to the year 9900

}  // namespace

std::optional<double> secondsOf(std::string_view started) {
  int year = 0, month = 0, day = 0, hour = 0, minute = 0;
  int seconds_at = 0;
  if (std::sscanf(std::string(started).c_str(), "%4d-%2d-%2d %2d:%2d:%n", &year, &month, &day, &hour, &minute, &seconds_at) != 5 || seconds_at == 0)
    return std::nullopt;
  const auto read = text::leadingNumber(started.substr(static_cast<std::size_t>(seconds_at)));
  if (!read) return std::nullopt;
  const double second = *read;
  if (year < 1400 || month < 1 || month > 12 || day < 1 || hour < 0 || hour > 23 || minute < 0 || minute > 59 || !(second >= 0 && second < 61))
    return std::nullopt;
  using Calendar = calendar::gregorian_calendar;
  if (day > Calendar::end_of_month_day(static_cast<unsigned short>(year), static_cast<unsigned short>(month))) return std::nullopt;
  const calendar::date date(static_cast<unsigned short>(year), static_cast<unsigned short>(month), static_cast<unsigned short>(day));
  return static_cast<double>((date - epoch()).days()) * 86400 + hour * 3600.0 + minute * 60.0 + second;
}

namespace {

/// @param digits of a second @param per_s 10 to that power
std::string dateText(double seconds, int digits, long long per_s) {
  if (!(std::abs(seconds) < kMostDays * kDay_s)) return {};
  const long long ticks = std::llround(seconds * static_cast<double>(per_s)), per_day = kDay_s * per_s;
  const long long days = ticks / per_day - (ticks % per_day < 0), rest = ticks - days * per_day;
  if (static_cast<double>(days) < -200'000) return {};  // before the calendar
  const auto date = (epoch() + calendar::days(days)).year_month_day();
  std::string out = fmt::format("{:04}-{:02}-{:02} {:02}:{:02}:{:02}", static_cast<int>(date.year), static_cast<int>(date.month),
                                static_cast<int>(date.day), rest / (3600 * per_s), rest / (60 * per_s) % 60, rest / per_s % 60);
  if (rest % per_s != 0) out += fmt::format(".{:0{}}", rest % per_s, digits);
  return out;
}

}  // namespace

std::string startedText(double seconds) {
  return dateText(seconds, 3, 1000);
}

std::string rowTimeText(double seconds) {
  return dateText(seconds, 6, 1'000'000);
}

}  // namespace distanz::log

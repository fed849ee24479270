#include "core/log/clock.h"

#include <fmt/format.h>

#include <boost/date_time/gregorian/gregorian_types.hpp>
#include <cmath>
#include <cstdio>

namespace distanz::log {
namespace {

namespace calendar = boost::gregorian;

const calendar::date& epoch() {
  static const calendar::date kEpoch(1970, 1, 1);
  return kEpoch;
}

constexpr long long kDay_ms = 86'400'000;
constexpr double kMostDays = 2'900'000;  // to the year 9900

}  // namespace

std::optional<double> secondsOf(std::string_view started) {
  int year = 0, month = 0, day = 0, hour = 0, minute = 0;
  double second = 0;
  if (std::sscanf(std::string(started).c_str(), "%4d-%2d-%2d %2d:%2d:%lf", &year, &month, &day, &hour, &minute, &second) != 6)
    return std::nullopt;
  if (year < 1400 || month < 1 || month > 12 || day < 1 || hour < 0 || hour > 23 || minute < 0 || minute > 59 || !(second >= 0 && second < 61))
    return std::nullopt;
  using Calendar = calendar::gregorian_calendar;
  if (day > Calendar::end_of_month_day(static_cast<unsigned short>(year), static_cast<unsigned short>(month))) return std::nullopt;
  const calendar::date date(static_cast<unsigned short>(year), static_cast<unsigned short>(month), static_cast<unsigned short>(day));
  return static_cast<double>((date - epoch()).days()) * 86400 + hour * 3600.0 + minute * 60.0 + second;
}

std::string startedText(double seconds) {
  if (!(std::abs(seconds) < kMostDays * 86400)) return {};
  const long long milliseconds = std::llround(seconds * 1000);
  const long long days = milliseconds / kDay_ms - (milliseconds % kDay_ms < 0), rest = milliseconds - days * kDay_ms;
  if (static_cast<double>(days) < -200'000) return {};  // before the calendar
  const auto date = (epoch() + calendar::days(days)).year_month_day();
  std::string out = fmt::format("{:04}-{:02}-{:02} {:02}:{:02}:{:02}", static_cast<int>(date.year), static_cast<int>(date.month),
                                static_cast<int>(date.day), rest / 3'600'000, rest / 60'000 % 60, rest / 1000 % 60);
  if (rest % 1000 != 0) out += fmt::format(".{:03}", rest % 1000);
  return out;
}

}  // namespace distanz::log

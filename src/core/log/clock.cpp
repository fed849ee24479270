#include "core/log/clock.h"

#include <fmt/format.h>

#include <chrono>
#include <cmath>
#include <cstdio>

namespace distanz::log {

std::optional<double> secondsOf(std::string_view started) {
  int year = 0, hour = 0, minute = 0;
  unsigned month = 0, day = 0;
  double second = 0;
  if (std::sscanf(std::string(started).c_str(), "%4d-%2u-%2u %2d:%2d:%lf", &year, &month, &day, &hour, &minute, &second) != 6)
    return std::nullopt;
  const std::chrono::year_month_day date{std::chrono::year(year), std::chrono::month(month), std::chrono::day(day)};
  if (!date.ok() || hour < 0 || hour > 23 || minute < 0 || minute > 59 || !(second >= 0 && second < 61)) return std::nullopt;
  const auto days = std::chrono::sys_days(date).time_since_epoch().count();
  return double(days) * 86400 + hour * 3600.0 + minute * 60.0 + second;
}

std::string startedText(double seconds) {
  if (!(std::abs(seconds) < 1e12)) return {};
  const auto milliseconds = std::llround(seconds * 1000);
  const std::chrono::sys_time<std::chrono::milliseconds> time{std::chrono::milliseconds(milliseconds)};
  const auto day = std::chrono::floor<std::chrono::days>(time);
  const std::chrono::year_month_day date(day);
  const long long rest = (time - day).count();
  std::string out = fmt::format("{:04}-{:02}-{:02} {:02}:{:02}:{:02}", int(date.year()), unsigned(date.month()),
                                unsigned(date.day()), rest / 3'600'000, rest / 60'000 % 60, rest / 1000 % 60);
  if (rest % 1000 != 0) out += fmt::format(".{:03}", rest % 1000);
  return out;
}

}  // namespace distanz::log

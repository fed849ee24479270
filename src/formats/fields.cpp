#include "formats/fields.h"

#include <fast_float/fast_float.h>
#include <fmt/format.h>

#include <cctype>
#include <chrono>
#include <cmath>

#include "core/course/coordinates.h"
#include "core/text/ascii.h"

namespace distanz::formats {
namespace {

/// Reads a whole number of up to `most` digits and takes it off the text; -1 where there is none.
int takeInt(std::string_view& text, std::size_t most) {
  int value = 0;
  std::size_t n = 0;
  for (; n < text.size() && n < most && text[n] >= '0' && text[n] <= '9'; ++n)
    value = value * 10 + (text[n] - '0');
  text.remove_prefix(n);
  return n == 0 ? -1 : value;
}

bool take(std::string_view& text, char c) {
  if (text.empty() || text.front() != c) return false;
  text.remove_prefix(1);
  return true;
}

/// Hours of the day where "AM" or "PM" follows, which is taken; else as they are.
int halfDay(std::string_view& text, int hours) {
  const std::string_view rest = text.substr(std::min(text.find_first_not_of(' '), text.size()));
  if (rest.size() < 2 || (rest[1] | 0x20) != 'm' || hours > 12 || hours < 1) return hours;
  const char half = rest[0] | 0x20;
  if (half != 'a' && half != 'p') return hours;
  text = rest.substr(2);
  return hours % 12 + (half == 'p' ? 12 : 0);
}

double takeClock(std::string_view& text) {
  const int hours = takeInt(text, 2);
  if (hours < 0 || hours > 24 || !take(text, ':')) return NAN;
  const int minutes = takeInt(text, 2);
  if (minutes < 0 || minutes > 59) return NAN;
  double seconds = 0;
  if (take(text, ':')) {
    std::string_view digits = text;
    const int whole = takeInt(digits, 2);
    if (whole < 0 || whole > 60) return NAN;
    seconds = whole;
    if (!digits.empty() && (digits.front() == '.' || digits.front() == ',' || digits.front() == ':')) {
      digits.remove_prefix(1);
      double unit = 0.1;
      for (; !digits.empty() && digits.front() >= '0' && digits.front() <= '9';
           digits.remove_prefix(1), unit /= 10)
        seconds += unit * (digits.front() - '0');
    }
    text = digits;
  }
  return halfDay(text, hours) * 3600.0 + minutes * 60.0 + seconds;
}

double takeDate(std::string_view& text, bool day_first) {
  int first = takeInt(text, 4);
  if (text.empty()) return NAN;
  const char mark = text.front();
  if (first < 0 || (mark != '-' && mark != '.' && mark != '/') || !take(text, mark)) return NAN;
  const int second = takeInt(text, 2);
  if (second < 0 || !take(text, mark)) return NAN;
  const int third = takeInt(text, 4);
  if (third < 0) return NAN;
  int year = first, month = second, day = third;
  if (first <= 31) {
    const bool month_first = mark == '/' && !day_first;
    year = third < 100 ? 2000 + third : third;
    day = month_first ? second : first;
    month = month_first ? first : second;
    if (month > 12) std::swap(month, day);
  }
  const std::chrono::year_month_day date{std::chrono::year(year),
                                         std::chrono::month(static_cast<unsigned>(month)),
                                         std::chrono::day(static_cast<unsigned>(day))};
  if (!date.ok()) return NAN;
  return static_cast<double>(std::chrono::sys_days(date).time_since_epoch().count());
}

/// Seconds that local time is ahead of UTC: "", "Z", "UTC", "+01:00", "-0530", "+1"; NaN for anything else.
double zone(std::string_view rest) {
  while (!rest.empty() && rest.front() == ' ') rest.remove_prefix(1);
  if (rest.empty() || rest == "Z" || rest == "UTC" || rest == "GMT") return 0;
  const double sign = rest.front() == '-' ? -1 : 1;
  if (rest.front() != '+' && rest.front() != '-') return NAN;
  rest.remove_prefix(1);
  const int hours = takeInt(rest, 2);
  int minutes = 0;
  if (!rest.empty()) {
    take(rest, ':');
    minutes = takeInt(rest, 2);
  }
  if (hours < 0 || hours > 14 || minutes < 0 || minutes > 59 || !rest.empty()) return NAN;
  return sign * (hours * 3600 + minutes * 60);
}

}  // namespace

double parseNumber(std::string_view field, bool decimal_comma) {
  if (field.starts_with('+')) field.remove_prefix(1);
  double value = NAN;
  const auto result = fast_float::from_chars_advanced(
      field.data(), field.data() + field.size(), value,
      fast_float::parse_options{fast_float::chars_format::general, decimal_comma ? ',' : '.'});
  if (result.ec != std::errc()) return NAN;
  if (result.ptr != field.data() + field.size()) {
    const char next = *result.ptr;  // a unit may follow; more digits mean that this is no single number
    if (next == '.' || next == ',' || next == ':' || next == '-' || next == '/') return NAN;
  }
  return std::isfinite(value) ? value : NAN;
}

double parseClock(std::string_view field) {
  const double seconds = takeClock(field);
  return seconds - zone(field);
}

double parseElapsed(std::string_view text) {
  double out = 0;
  int parts = 0;
  while (!text.empty() && parts < 3) {
    const auto colon = text.find(':');
    const double part = parseNumber(text.substr(0, colon), text.find(',') != std::string_view::npos);
    if (!(part >= 0)) return NAN;
    out = out * 60 + part;
    ++parts;
    text = colon == std::string_view::npos ? std::string_view() : text.substr(colon + 1);
  }
  return parts > 0 && text.empty() ? out : NAN;
}

double parseDate(std::string_view field, bool day_first) {
  const double days = takeDate(field, day_first);
  return field.empty() ? days : NAN;
}

DateTime parseDateTime(std::string_view field, bool day_first) {
  const double days = takeDate(field, day_first);
  if (!std::isfinite(days) || !(take(field, 'T') || take(field, ' '))) return {NAN};
  const double clock = takeClock(field), ahead = zone(field);
  return {days * 86400 + clock - ahead, ahead};
}

std::string_view unitOf(std::string_view field) {
  constexpr std::string_view kNumber = "+-0123456789.,", kDigits = "0123456789";
  const auto digit = field.find_first_of(kDigits), end = field.find_last_of(kDigits);
  if (digit == std::string_view::npos || field.substr(0, digit).find_first_not_of("+-.,") != std::string_view::npos) return {};
  if (field.substr(0, end).find_first_not_of(kNumber) != std::string_view::npos) return {};  // more than a number
  const auto begin = field.find_first_not_of(" .,", end + 1);
  if (begin == std::string_view::npos) return {};
  return field.substr(begin, field.find_last_not_of(' ') - begin + 1);
}

int hemisphere(std::string_view letter) {
  if (letter.size() != 1) return 0;
  const char c = text::upper(letter.front());
  return c == 'N' || c == 'E' ? 1 : c == 'S' || c == 'W' ? -1 : 0;
}

namespace {

LatLonField asWritten(std::string_view field) {
  const auto place = course::coordinatesFrom(field);
  return place ? LatLonField{place->lat_deg, place->lon_deg} : LatLonField{NAN, NAN};
}

}  // namespace

LatLonField parseLatLon(std::string_view field) {
  double lat = NAN, lon = NAN;
  const auto first = fast_float::from_chars(field.data(), field.data() + field.size(), lat);
  if (first.ec != std::errc()) return asWritten(field);
  const char* next = first.ptr;
  const char* end = field.data() + field.size();
  while (next < end && (*next == ' ' || *next == ';' || *next == ',')) ++next;
  const auto second = fast_float::from_chars(next, end, lon);
  if (next == first.ptr || second.ec != std::errc()) return asWritten(field);
  if (second.ptr != end) {  // a height, parted alike
    const auto parted = std::size_t(next - first.ptr);
    const std::string_view rest(second.ptr, std::size_t(end - second.ptr));
    double height = NAN;
    if (!rest.starts_with(std::string_view(first.ptr, parted))) return asWritten(field);
    const auto third = fast_float::from_chars(second.ptr + parted, end, height);
    if (third.ec != std::errc() || third.ptr != end) return asWritten(field);
  }
  return {lat, lon};
}

}  // namespace distanz::formats

#pragma once
#include <cstddef>
#include <string>
#include <string_view>

namespace distanz::formats {

/// Number in a field, NaN where there is none. A unit behind it ("-70 dBm", "95 %") is passed over.
double parseNumber(std::string_view field, bool decimal_comma);

/// Takes a plain decimal number ("-70.5") and the delimiter behind it off the front of a line: the common
/// case, several times as fast as taking the field and parsing it, and the same value to the last bit (up to
/// 15 digits both steps are exact; Clinger, PLDI 1990). @return false, with the line untouched, for anything
/// else
inline bool takePlainNumber(std::string_view& line, char delimiter, char decimal_mark, double& value) {
  static constexpr double kPower[] = {1,   1e1, 1e2,  1e3,  1e4,  1e5,  1e6,  1e7,
                                      1e8, 1e9, 1e10, 1e11, 1e12, 1e13, 1e14, 1e15};
  const char *at = line.data(), *const end = at + line.size();
  const bool negative = at < end && *at == '-';
  at += negative;
  unsigned long long mantissa = 0;  // may wrap for more digits than are taken
  int digits = 0, decimals = 0;
  for (; at < end && static_cast<unsigned char>(*at - '0') < 10; ++at, ++digits)
    mantissa = mantissa * 10 + static_cast<unsigned char>(*at - '0');
  if (at < end && *at == decimal_mark && decimal_mark != delimiter)
    for (++at; at < end && static_cast<unsigned char>(*at - '0') < 10 && digits <= 15;
         ++at, ++digits, ++decimals)
      mantissa = mantissa * 10 + static_cast<unsigned char>(*at - '0');
  if (digits == 0 || digits > 15 || (at < end && *at != delimiter)) return false;
  const double magnitude = static_cast<double>(static_cast<long long>(mantissa)) / kPower[decimals];
  value = negative ? -magnitude : magnitude;
  line.remove_prefix(static_cast<std::size_t>(at - line.data()) + (at < end ? 1 : 0));
  return true;
}

constexpr double kDay_s = 86400;
constexpr double kIn2000_s = 946'684'800, kIn2100_s = 4'102'444'800;  // since 1970: no other count of seconds is as long

/// Seconds since midnight of "06:31:02.25" or "06:31", in UTC where a zone follows ("+01:00", "Z"), else in
/// the log's own time; NaN where the field is not a clock.
double parseClock(std::string_view field);

/// Seconds of "3:27", minutes and seconds, of "1:02:03" or "207"; NaN for anything else.
double parseElapsed(std::string_view field);

/// Days since 1970-01-01 of "2026-11-24", "24.11.2026" or "11/24/2026"; NaN where the field is not a date.
/// @param day_first of "05/11/2026": it is of November
double parseDate(std::string_view field, bool day_first = false);

struct DateTime {
  double seconds;  ///< since 1970-01-01, in UTC where a zone follows, else in the log's own time; NaN where
                   ///< the field is no date with a clock
  double zone_s = 0;  ///< local time less UTC, where a zone follows
};
DateTime parseDateTime(std::string_view field, bool day_first = false);

/// What stands behind a number, "km" of "1.2 km"; empty where nothing does, or where the text is no number so far.
std::string_view unitOf(std::string_view field);
/// 1 for N and E, -1 for S and W, 0 for anything else.
int hemisphere(std::string_view letter);

struct LatLonField {
  double lat_deg, lon_deg;  ///< NaN where the field does not hold two coordinates
};
/// "46.91 20.96", "46.91;20.96" or "46.91,20.96", a height behind or not; or as people write coordinates, with N, S, E, W, degrees and minutes.
LatLonField parseLatLon(std::string_view field);

}  // namespace distanz::formats

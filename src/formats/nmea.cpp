#include "formats/nmea.h"

#include <array>
#include <chrono>

#include "formats/csv_layout.h"
#include "formats/fields.h"
#include "formats/record_table.h"

namespace distanz::formats {
namespace {

constexpr double kHalfDay_s = kDay_s / 2;
constexpr std::size_t kMostFields = 24;

struct Sentence {
  std::string_view kind;  ///< "GGA", without its talker
  std::array<std::string_view, kMostFields> fields{};
  std::size_t count = 0;
  std::string_view operator[](std::size_t i) const { return i < count ? fields[i] : std::string_view(); }
};

int hexOf(char c) {
  if (c >= '0' && c <= '9') return c - '0';
  if (c >= 'A' && c <= 'F') return c - 'A' + 10;
  return c >= 'a' && c <= 'f' ? c - 'a' + 10 : -1;
}

/// What stands between "$" and "*"; none where it is no sentence or its checksum, which may be left away, does not fit.
enum class Sum { Fits, Wrong, NoSentence };
Sum split(std::string_view line, Sentence& out) {
  while (!line.empty() && (line.back() == ' ' || line.back() == '\r')) line.remove_suffix(1);
  const auto begin = line.find('$');
  if (begin == std::string_view::npos) return Sum::NoSentence;
  std::string_view body = line.substr(begin + 1);
  if (const auto star = body.rfind('*'); star != std::string_view::npos) {
    if (star + 3 != body.size()) return Sum::Wrong;
    unsigned sum = 0;
    for (const char c : body.substr(0, star)) sum ^= static_cast<unsigned char>(c);
    if (int(sum) != hexOf(body[star + 1]) * 16 + hexOf(body[star + 2])) return Sum::Wrong;
    body = body.substr(0, star);
  }
  out.count = 0;
  while (out.count < kMostFields) {
    const auto comma = body.find(',');
    out.fields[out.count++] = body.substr(0, comma);
    if (comma == std::string_view::npos) break;
    body.remove_prefix(comma + 1);
  }
  if (out.fields[0].size() < 5 || out.count < 2) return Sum::NoSentence;
  out.kind = out.fields[0].substr(out.fields[0].size() - 3);
  return Sum::Fits;
}

/// Seconds of the day of "063102.25".
double clockOf(std::string_view f) {
  const double v = f.size() >= 6 ? parseNumber(f, false) : NAN;
  if (!(v >= 0 && v < 240000)) return NAN;
  const int whole = int(v);
  return whole / 10000 * 3600 + whole / 100 % 100 * 60 + whole % 100 + (v - whole);
}

/// Midnight of "241126", seconds since 1970-01-01.
double dateOf(std::string_view f) {
  const double v = f.size() == 6 ? parseNumber(f, false) : NAN;
  if (!(v > 0 && v < 1e6)) return NAN;
  const int whole = int(v);
  const std::chrono::year_month_day date{std::chrono::year(2000 + whole % 100),
                                         std::chrono::month(unsigned(whole / 100 % 100)),
                                         std::chrono::day(unsigned(whole / 10000))};
  return date.ok() ? double(std::chrono::sys_days(date).time_since_epoch().count()) * kDay_s : NAN;
}

/// Degrees of "4654.6," "N".
double degreesOf(std::string_view f, std::string_view side) {
  const double v = parseNumber(f, false);
  if (!(v >= 0 && v <= 18000) || side.empty()) return NAN;
  const double whole = std::floor(v / 100), degrees = whole + (v - 100 * whole) / 60;
  return side == "S" || side == "W" ? -degrees : degrees;
}

/// What the sentences of one time told.
struct Fix {
  double clock_s = NAN, midnight_s = NAN;
  double lat_deg = NAN, lon_deg = NAN, altitude_m = NAN, satellites = NAN, hdop = NAN, speed_kn = NAN, course_deg = NAN;

  void take(double& into, double value) {
    if (std::isfinite(value)) into = value;
  }
  void add(const Sentence& s) {
    if (s.kind == "GGA" && s[6] != "0" && !s[6].empty()) {
      take(lat_deg, degreesOf(s[2], s[3]));
      take(lon_deg, degreesOf(s[4], s[5]));
      take(satellites, parseNumber(s[7], false));
      take(hdop, parseNumber(s[8], false));
      take(altitude_m, parseNumber(s[9], false));
    } else if (s.kind == "RMC") {
      take(midnight_s, dateOf(s[9]));
      if (s[2] == "V") return;  // receivers tell their last place on without a fix
      take(lat_deg, degreesOf(s[3], s[4]));
      take(lon_deg, degreesOf(s[5], s[6]));
      take(speed_kn, parseNumber(s[7], false));
      take(course_deg, parseNumber(s[8], false));
    } else if (s.kind == "VTG") {
      take(course_deg, parseNumber(s[1], false));
      take(speed_kn, parseNumber(s[5], false));
    }
  }
};

/// Rows out of sentences, on one time that follows the clock over midnight.
class Rows {
 public:
  explicit Rows(const TakeRecord& take) : m_take(take) {}

  /// @return false: no more are wanted
  bool add(const Sentence& s, std::size_t offset) {
    const bool timed = s.kind == "GGA" || s.kind == "RMC";
    if (!timed && s.kind != "VTG") return true;
    if (timed) {
      const double clock = clockOf(s[1]);
      if (!std::isfinite(clock)) return true;
      if (clock != m_fix.clock_s) {
        if (!give()) return false;
        if (clock < m_fix.clock_s - kHalfDay_s) m_midnight_s += kDay_s;
        m_fix = Fix();
        m_fix.clock_s = clock;
        m_record.offset = offset;
      }
    }
    m_fix.add(s);
    return true;
  }

  /// @param midnight_s of the first row, since 1970-01-01; NaN where the log tells no date
  void begin(double midnight_s) {
    m_dated = std::isfinite(midnight_s);
    m_midnight_s = m_dated ? midnight_s : 0;
  }

  bool give() {
    if (!std::isfinite(m_fix.clock_s)) return true;
    if (m_dated && std::isfinite(m_fix.midnight_s)) m_midnight_s = m_fix.midnight_s;
    m_record.values.clear();
    const auto add = [&](const char* name, const char* unit, double value) {
      m_record.values.push_back({.name = name, .text = {}, .unit = unit, .number = value});
    };
    add("time", m_dated ? "" : "s", m_midnight_s + m_fix.clock_s);
    m_record.values.back().is_time = m_dated;
    add("latitude", "deg", m_fix.lat_deg);
    add("longitude", "deg", m_fix.lon_deg);
    add("altitude msl", "m", m_fix.altitude_m);
    add("speed", "kn", m_fix.speed_kn);
    add("heading", "deg", m_fix.course_deg);
    add("satellites", "", m_fix.satellites);
    add("hdop", "", m_fix.hdop);
    return m_take(m_record);
  }

 private:
  const TakeRecord& m_take;
  Fix m_fix;
  double m_midnight_s = 0;
  bool m_dated = false;
  LogRecord m_record;
};

/// Midnight of a log's first row, by the first date it tells: a day earlier where that came after midnight.
double firstMidnight(std::string_view bytes) {
  Sentence s;
  double first_clock = NAN;
  while (!bytes.empty()) {
    if (split(takeLine(bytes), s) != Sum::Fits || (s.kind != "RMC" && s.kind != "GGA")) continue;
    const double clock = clockOf(s[1]), date = s.kind == "RMC" ? dateOf(s[9]) : NAN;
    if (!std::isfinite(first_clock)) first_clock = clock;
    if (std::isfinite(date)) return clock < first_clock - kHalfDay_s ? date - kDay_s : date;
  }
  return NAN;
}

void eachFix(std::string_view bytes, const TakeRecord& take, RecordFaults& faults) {
  std::string_view rest = bytes;
  Sentence s;
  Rows rows(take);
  rows.begin(firstMidnight(bytes.substr(0, std::size_t{1} << 24)));
  while (!rest.empty()) {
    const auto offset = std::size_t(rest.data() - bytes.data());
    const std::string_view line = takeLine(rest);
    if (line.size() > kLongestLine) throw InputError(lineTooLong(line.size()));
    const Sum sum = split(line, s);
    if (sum == Sum::Wrong) faults.add("bad-checksum", offset);
    if (sum == Sum::Fits && !rows.add(s, offset)) return;
  }
  rows.give();
}

}  // namespace

bool isNmea(std::string_view bytes) {
  Sentence s;
  bytes = bytes.substr(0, 1 << 16);
  for (int i = 0; i < 20 && !bytes.empty(); ++i) {
    const std::string_view line = takeLine(bytes);
    if (isBlankLine(line)) continue;
    if (split(line, s) == Sum::Fits && line.find('$') < 40 &&
        (s.kind == "GGA" || s.kind == "RMC" || s.kind == "VTG" || s.kind == "GSA" || s.kind == "GSV" || s.kind == "GLL" || s.kind == "TXT"))
      return true;
  }
  return false;
}

std::unique_ptr<LogTable> openNmea(std::string_view bytes) {
  return openRecords(bytes, eachFix);
}

}  // namespace distanz::formats

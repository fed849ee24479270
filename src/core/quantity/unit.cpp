#include "core/quantity/unit.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>
#include <map>
#include <string>

#include "core/quantity/decibel.h"
#include "core/text/ascii.h"

namespace distanz::quantity {
namespace {

using enum Unit;

constexpr double kDipoleOverIsotropic_db = 2.15;  // gain of a half-wave dipole over the isotropic radiator
constexpr double kHour_s = 3600;

constexpr UnitInfo kUnits[] = {
    {None, "", Dimension::None},
    {Millimetre, "mm", Dimension::Length, 1e-3},
    {Centimetre, "cm", Dimension::Length, 1e-2},
    {Metre, "m", Dimension::Length},
    {Kilometre, "km", Dimension::Length, 1000},
    {Foot, "ft", Dimension::Length, 0.3048},
    {Mile, "mi", Dimension::Length, 1609.344},
    {NauticalMile, "NM", Dimension::Length, 1852},
    {MetrePerSecond, "m/s", Dimension::Speed},
    {KilometrePerHour, "km/h", Dimension::Speed, 1000 / kHour_s},
    {MilePerHour, "mph", Dimension::Speed, 0.44704},
    {Knot, "kn", Dimension::Speed, 1852 / kHour_s},
    {FootPerSecond, "ft/s", Dimension::Speed, 0.3048},
    {Microsecond, "µs", Dimension::Time, 1e-6},
    {Millisecond, "ms", Dimension::Time, 1e-3},
    {Second, "s", Dimension::Time},
    {Minute, "min", Dimension::Time, 60},
    {Degree, "°", Dimension::Angle},
    {Radian, "rad", Dimension::Angle, 180 / M_PI},
    {Hertz, "Hz", Dimension::Frequency},
    {Kilohertz, "kHz", Dimension::Frequency, 1e3},
    {Megahertz, "MHz", Dimension::Frequency, 1e6},
    {Gigahertz, "GHz", Dimension::Frequency, 1e9},
    {BitPerSecond, "bit/s", Dimension::Bitrate},
    {KilobitPerSecond, "kbit/s", Dimension::Bitrate, 1e3},
    {MegabitPerSecond, "Mbit/s", Dimension::Bitrate, 1e6},
    {BytePerSecond, "B/s", Dimension::Bitrate, 8},
    {KilobytePerSecond, "kB/s", Dimension::Bitrate, 8e3},
    {MegabytePerSecond, "MB/s", Dimension::Bitrate, 8e6},
    {GigabytePerSecond, "GB/s", Dimension::Bitrate, 8e9},
    {Percent, "%", Dimension::Percent},
    {Decibel, "dB", Dimension::Ratio},
    {Dbi, "dBi", Dimension::Gain},
    {Dbd, "dBd", Dimension::Gain, 1, kDipoleOverIsotropic_db},
    {Dbm, "dBm", Dimension::Level},
    {Dbw, "dBW", Dimension::Level, 1, 30},
    {Microwatt, "µW", Dimension::Power, 1e-3},
    {Milliwatt, "mW", Dimension::Power},
    {Watt, "W", Dimension::Power, 1e3},
    {Millivolt, "mV", Dimension::Voltage, 1e-3},
    {Volt, "V", Dimension::Voltage},
    {Milliampere, "mA", Dimension::Current, 1e-3},
    {Ampere, "A", Dimension::Current},
    {MilliampereHour, "mAh", Dimension::Charge, 1e-3},
    {AmpereHour, "Ah", Dimension::Charge},
    {Celsius, "°C", Dimension::Temperature},
};

struct Spelling {
  std::string_view text;  // lower case
  Unit unit;
};

/// Besides the symbols themselves.
constexpr Spelling kSpellings[] = {
    {"meter", Metre},
    {"meters", Metre},
    {"metre", Metre},
    {"metres", Metre},
    {"metros", Metre},
    {"metri", Metre},
    {"metry", Metre},
    {"feet", Foot},
    {"foot", Foot},
    {"mps", MetrePerSecond},
    {"kmh", KilometrePerHour},
    {"kph", KilometrePerHour},
    {"kt", Knot},
    {"kts", Knot},
    {"knots", Knot},
    {"fps", FootPerSecond},
    {"us", Microsecond},
    {"usec", Microsecond},
    {"msec", Millisecond},
    {"sec", Second},
    {"seconds", Second},
    {"secs", Second},
    {"sek", Second},
    {"sekunden", Second},
    {"sekundy", Second},
    {"secondes", Second},
    {"segundos", Second},
    {"secondi", Second},
    {"seconden", Second},
    {"utc", Second},
    {"deg", Degree},
    {"degrees", Degree},
    {"grad", Degree},
    {"radians", Radian},
    {"bps", BitPerSecond},
    {"b/s", BitPerSecond},
    {"kbps", KilobitPerSecond},
    {"kb/s", KilobitPerSecond},
    {"mbps", MegabitPerSecond},
    {"mb/s", MegabitPerSecond},
    {"byte/s", BytePerSecond},
    {"kbyte/s", KilobytePerSecond},
    {"mbyte/s", MegabytePerSecond},
    {"gbyte/s", GigabytePerSecond},
    {"pct", Percent},
    {"percent", Percent},
    {"prozent", Percent},
    {"procent", Percent},
    {"pourcent", Percent},
    {"porciento", Percent},
    {"percento", Percent},
    {"porcento", Percent},
    {"uw", Microwatt},
    {"celsius", Celsius},
    {"degc", Celsius},
};

/// Bytes are told from bits by a capital B: "kB/s" is said as "kbyte/s" before all becomes lower case.
std::string plain(std::string_view text) {
  std::string out(text);
  for (const std::string_view ending : {"B/s", "Bps"})
    if (text.ends_with(ending) && text.size() <= ending.size() + 1 &&
        (text.size() == ending.size() ||
         std::string_view("kKMG").find(text.front()) != std::string_view::npos))
      out = out.substr(0, text.size() - ending.size()) + "byte/s";
  return text::lower(out);
}

/// All that stands for units, as plain() has it; of one name those of kSpellings come first.
const std::multimap<std::string, Unit, std::less<>>& spellings() {
  static const auto all = [] {
    std::multimap<std::string, Unit, std::less<>> out;
    for (const Spelling& s : kSpellings) out.emplace(s.text, s.unit);
    for (const UnitInfo& u : kUnits)
      if (!u.symbol.empty()) out.emplace(plain(u.symbol), u.unit);
    return out;
  }();
  return all;
}

}  // namespace

const UnitInfo& infoOf(Unit unit) {
  return kUnits[static_cast<std::size_t>(unit)];
}

Unit unitOfSymbol(std::string_view symbol) {
  for (const UnitInfo& u : kUnits)
    if (u.symbol == symbol) return u.unit;
  return Unit::None;
}

std::optional<Unit> unitSpelt(std::string_view text, Dimension dimension) {
  const auto [begin, end] = spellings().equal_range(plain(text));
  const auto found = std::find_if(begin, end, [&](const auto& spelling) { return infoOf(spelling.second).dimension == dimension; });
  return found == end ? std::nullopt : std::optional(found->second);
}

bool isUnit(std::string_view text) {
  return spellings().contains(plain(text));
}

double convert(double value, Unit from, Unit to) {
  const UnitInfo &a = infoOf(from), &b = infoOf(to);
  double base = value * a.factor + a.offset;
  if (a.dimension == Dimension::Power && b.dimension == Dimension::Level)
    base = base > 0 ? dbmFromMilliwatt(base) : NAN;
  else if (a.dimension == Dimension::Level && b.dimension == Dimension::Power)
    base = milliwattFromDbm(base);
  else if (a.dimension != b.dimension)
    return NAN;
  return (base - b.offset) / b.factor;
}

}  // namespace distanz::quantity

#pragma once
#include <optional>
#include <string_view>

/// The one table of units: how they are written, what they measure, how they convert.
namespace distanz::quantity {

enum class Dimension {
  None,
  Length,
  Speed,
  Time,
  Angle,
  Frequency,
  Bitrate,
  Percent,
  Ratio,  ///< dB
  Gain,   ///< of an antenna
  Level,  ///< power on a logarithmic scale
  Power,  ///< the same, linear
  Voltage,
  Current,
  Charge,
  Temperature
};

enum class Unit {
  None,
  Millimetre,
  Centimetre,
  Metre,
  Kilometre,
  Foot,
  Mile,
  NauticalMile,
  MetrePerSecond,
  KilometrePerHour,
  MilePerHour,
  Knot,
  FootPerSecond,
  Microsecond,
  Millisecond,
  Second,
  Minute,
  Degree,
  Radian,
  Hertz,
  Kilohertz,
  Megahertz,
  Gigahertz,
  BitPerSecond,
  KilobitPerSecond,
  MegabitPerSecond,
  BytePerSecond,
  KilobytePerSecond,
  MegabytePerSecond,
  GigabytePerSecond,
  Percent,
  Decibel,
  Dbi,
  Dbd,
  Dbm,
  Dbw,
  Microwatt,
  Milliwatt,
  Watt,
  Millivolt,
  Volt,
  Milliampere,
  Ampere,
  MilliampereHour,
  AmpereHour,
  Celsius
};

struct UnitInfo {
  Unit unit;
  std::string_view symbol;  ///< as people write it behind a number: "Mbit/s", "°"
  Dimension dimension;
  double factor = 1;  ///< one of it in the dimension's base unit (m, m/s, s, deg, Hz, bit/s, %, dB, dBi, dBm,
                      ///< mW, V, A, Ah)
  double offset = 0;  ///< added after the factor: 1 dBd is 3.15 dBi
};

const UnitInfo& infoOf(Unit unit);
inline std::string_view symbolOf(Unit unit) {
  return infoOf(unit).symbol;
}

/// The unit of a symbol, to the letter; None where there is none such.
Unit unitOfSymbol(std::string_view symbol);
/// The unit that a spelling means where a quantity of that dimension is looked for, whatever its case: "KMH",
/// "metres", "kB/s" (bytes are told from bits by a capital B). None where it means nothing there.
std::optional<Unit> unitSpelt(std::string_view text, Dimension dimension);
/// True for a spelling of any unit.
bool isUnit(std::string_view text);

/// A value in another unit of the same dimension, or from power to level and back. NaN for units that do not
/// convert, and for the level of a power that is not above zero.
double convert(double value, Unit from, Unit to);

}  // namespace distanz::quantity

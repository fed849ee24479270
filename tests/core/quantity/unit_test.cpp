#include "core/quantity/unit.h"

#include <catch2/catch.hpp>
#include <cmath>

using namespace distanz::quantity;
using Catch::Matchers::WithinAbs;

TEST_CASE("units: every symbol is read back as its unit, and converts to itself") {
  for (int i = 1; i <= static_cast<int>(Unit::AmpereHour); ++i) {
    const Unit unit = static_cast<Unit>(i);
    const UnitInfo& info = infoOf(unit);
    CAPTURE(info.symbol);
    CHECK(info.unit == unit);
    CHECK(unitSpelt(info.symbol, info.dimension) == unit);
    CHECK(isUnit(info.symbol));
    CHECK_THAT(convert(7.5, unit, unit), WithinAbs(7.5, 1e-12));
  }
}

TEST_CASE("units: what people write, in any case; a capital B makes bytes") {
  CHECK(unitSpelt("KMH", Dimension::Speed) == Unit::KilometrePerHour);
  CHECK(unitSpelt("Metres", Dimension::Length) == Unit::Metre);
  CHECK(unitSpelt("ms", Dimension::Time) == Unit::Millisecond);
  CHECK(unitSpelt("kB/s", Dimension::Bitrate) == Unit::KilobytePerSecond);
  CHECK(unitSpelt("kb/s", Dimension::Bitrate) == Unit::KilobitPerSecond);
  CHECK(unitSpelt("Mbps", Dimension::Bitrate) == Unit::MegabitPerSecond);
  CHECK_FALSE(unitSpelt("ms", Dimension::Length));
  CHECK_FALSE(unitSpelt("", Dimension::Length));
  CHECK_FALSE(isUnit("furlong/s"));
}

TEST_CASE("units: conversions against their definitions") {
  CHECK_THAT(convert(1, Unit::Mile, Unit::Metre), WithinAbs(1609.344, 1e-9));
  CHECK_THAT(convert(36, Unit::KilometrePerHour, Unit::MetrePerSecond), WithinAbs(10, 1e-12));
  CHECK_THAT(convert(1, Unit::Knot, Unit::KilometrePerHour), WithinAbs(1.852, 1e-12));
  CHECK_THAT(convert(1, Unit::Dbd, Unit::Dbi), WithinAbs(3.15, 1e-12));
  CHECK_THAT(convert(3.15, Unit::Dbi, Unit::Dbd), WithinAbs(1, 1e-12));
  CHECK_THAT(convert(0, Unit::Dbw, Unit::Dbm), WithinAbs(30, 1e-12));
  CHECK_THAT(convert(1, Unit::Watt, Unit::Dbm), WithinAbs(30, 1e-12));
  CHECK_THAT(convert(20, Unit::Dbm, Unit::Milliwatt), WithinAbs(100, 1e-9));
  CHECK_THAT(convert(1, Unit::MegabytePerSecond, Unit::MegabitPerSecond), WithinAbs(8, 1e-12));
  CHECK(std::isnan(convert(0, Unit::Milliwatt, Unit::Dbm)));
  CHECK(std::isnan(convert(1, Unit::Metre, Unit::Second)));
}

#include "core/quantity/parse.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/finding/error.h"
#include "core/quantity/clock.h"
#include "core/quantity/decibel.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::quantity;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;

TEST_CASE("typed values: units as people type them") {
  const auto [kind, text, value] =
      GENERATE(table<Kind, const char*, double>({{Kind::Power, "250 mW", 23.9794},
                                                 {Kind::Power, "24 dBm", 24},
                                                 {Kind::Power, "1W", 30},
                                                 {Kind::Power, "0.25 W", 23.9794},
                                                 {Kind::Power, "20", 20},
                                                 {Kind::Power, "-6 dBW", 24},
                                                 {Kind::Power, "24 dBm - 1 dB", 23},
                                                 {Kind::Frequency, "5.8 GHz", 5800},
                                                 {Kind::Frequency, "5,8 GHz", 5800},
                                                 {Kind::Frequency, "2440", 2440},
                                                 {Kind::Frequency, "868000 kHz", 868},
                                                 {Kind::Length, "1.2 km", 1200},
                                                 {Kind::Length, "1.2 km + 300 m", 1500},
                                                 {Kind::Length, "2*30 m", 60},
                                                 {Kind::Length, "100 ft", 30.48},
                                                 {Kind::Length, "1 mi", 1609.344},
                                                 {Kind::Gain, "8 dBi", 8},
                                                 {Kind::Gain, "0 dBd", 2.15},
                                                 {Kind::Gain, "\u22123 dBi", -3},
                                                 {Kind::Level, "-108dBm", -108},
                                                 {Kind::Level, "-108 dBm + 3", -105},
                                                 {Kind::Loss, "0.5 dB + 0.2 dB", 0.7},
                                                 {Kind::Percent, "70 %", 70},
                                                 {Kind::Speed, "36 km/h", 10},
                                                 {Kind::Speed, "14", 14},
                                                 {Kind::Charge, "1.5 Ah", 1500},
                                                 {Kind::Bitrate, "8000 kbps", 8},
                                                 {Kind::Bitrate, "8 Mbit/s", 8},
                                                 {Kind::Angle, "46.91\u00b0", 46.91},
                                                 {Kind::Number, "1.5e+3", 1500},
                                                 {Kind::Power, "1e-3mW", -30},
                                                 {Kind::Length, "1,298 km", 1298},
                                                 {Kind::Number, "2,725", 2.725},
                                                 {Kind::Frequency, "0,868 GHz", 868},
                                                 {Kind::Number, "2.7", 2.7}}));
  CAPTURE(text);
  const Parsed parsed = parse(kind, text);
  CHECK(test::told(parsed.problem) == "");
  CHECK_THAT(parsed.value, WithinAbs(value, 1e-4));
}

TEST_CASE("typed values: wrong ones are refused with the reason and an example") {
  const auto [kind, text, because] =
      GENERATE(table<Kind, const char*, const char*>({{Kind::Power, "", "nothing was entered"},
                                                      {Kind::Power, "   ", "nothing was entered"},
                                                      {Kind::Power, "lots", "not a number"},
                                                      {Kind::Length, "1,000 m", "a thousand or one"},
                                                      {Kind::Length, "1,250", "a thousand or one"},
                                                      {Kind::Power, "1,000 mW", "a thousand or one"},
                                                      {Kind::Power, "-3 mW", "above zero"},
                                                      {Kind::Power, "20 dBm + 20 dBm", "do not add up"},
                                                      {Kind::Frequency, "5.8 GHx", "not a unit"},
                                                      {Kind::Frequency, "5.8 GHz 3", "not understood"},
                                                      {Kind::Length, "3 dBm", "not a unit"},
                                                      {Kind::Length, "1..2 km", "not a number"},
                                                      {Kind::Length, "1 km +", "not understood"},
                                                      {Kind::Number, "2.7 dB", "has none"}}));
  CAPTURE(text);
  const Parsed parsed = parse(kind, text);
  CHECK_FALSE(parsed);
  CHECK_THAT(test::told(parsed.problem), Contains(because));
  CHECK_THAT(test::told(parsed.problem), Contains("type for example"));
}

TEST_CASE("typed values: bounds are named in the refusal") {
  CHECK_THAT(test::told(parseWithin(Kind::Frequency, "1000 GHz", 1, 300000).problem),
             Contains("outside 1 MHz to 300 GHz"));
  CHECK(parseWithin(Kind::Frequency, "300 GHz", 1, 300000));
  CHECK_FALSE(parseWithin(Kind::Length, "-1 m", 0, 100));
}

TEST_CASE("decibels: definition, inverse and refusal") {
  CHECK_THAT(dbmFromMilliwatt(1), WithinAbs(0, 1e-12));
  CHECK_THAT(dbmFromMilliwatt(25), WithinAbs(13.9794, 1e-4));
  const double dbm = GENERATE(take(50, random(-120.0, 40.0)));
  CHECK_THAT(dbmFromMilliwatt(milliwattFromDbm(dbm)), WithinAbs(dbm, 1e-9));
  CHECK_REFUSED(dbmFromMilliwatt(0), Contains("power_mw"));
  CHECK_THROWS_AS(dbmFromMilliwatt(-1), DomainError);
  CHECK_THROWS_AS(milliwattFromDbm(NAN), DomainError);
}

TEST_CASE("time of day: as people type it, and nothing else") {
  for (const auto& [text, minutes] : {std::pair{"6:30", 390}, {"06:30", 390}, {"630", 390}, {"0630", 390}, {"6", 360},
                                      {"18", 1080}, {" 7.05 ", 425}, {"24:00", 1440}, {"0:00", 0}})
    CHECK(clockFrom(text) == std::optional<double>(60.0 * minutes));
  for (const char* text : {"", "25", "6:60", "24:01", ":30", "6:3", "123:00", "06:30:10", "dawn", "-6", "06300"})
    CHECK_FALSE(clockFrom(text));
}

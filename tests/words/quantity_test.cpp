// Quantities as text: scale, unit, language, and back.
#include "words/quantity.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "words/style.h"

using namespace distanz;
using namespace distanz::words;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;
using quantity::Kind;
using quantity::Unit;

namespace {

/// A style for as long as a test runs.
struct Speaking {
  explicit Speaking(const Style& style) { setStyle(style); }
  ~Speaking() { setStyle({}); }
};

const Style kGerman{QLocale(QLocale::German), Units::Metric, Power::Milliwatt};
const Style kImperial{QLocale(QLocale::English), Units::Imperial, Power::Dbm};

}  // namespace

TEST_CASE("fields: what is shown is read back as the same value, in every style", "[property]") {
  const Speaking speaking(GENERATE(Style{}, kGerman, kImperial));
  const Kind kind = GENERATE(Kind::Length, Kind::Power, Kind::Level, Kind::Gain, Kind::Loss, Kind::Frequency,
                             Kind::Bitrate, Kind::Percent, Kind::Angle, Kind::Number);
  const double most = kind == Kind::Power ? 50 : 5000;
  const double value = std::round(GENERATE_COPY(take(20, random(1.0, most))) * 10) / 10;
  const std::string shown = field(kind, value).toStdString();
  CAPTURE(shown);
  const quantity::Parsed again = quantity::parse(kind, shown);
  CHECK(again);
  CHECK_THAT(again.value, WithinAbs(value, 0.5 + 1e-4 * value));
  CHECK(field(kind, again.value).toStdString() == shown);
}

TEST_CASE("fields: scale and unit") {
  CHECK(field(Kind::Length, 850) == "850 m");
  CHECK(field(Kind::Length, 1250) == "1.25 km");
  CHECK(field(Kind::Frequency, 5800) == "5.8 GHz");
  CHECK(field(Kind::Frequency, 868) == "868 MHz");
  CHECK(field(Kind::Power, 20) == "100 mW");
  CHECK(field(Kind::Power, 36) == "3.981 W");
  CHECK(field(Kind::Level, NAN) == "");
  CHECK(field(Kind::Gain, -0.001) == "0 dBi");
}

TEST_CASE("quantities: one switch for metric or imperial, one for dBm or mW") {
  CHECK(distance(856.4) == "856 m");
  CHECK(distance(1856) == "1.86 km");
  CHECK(distance(INFINITY) == "no limit");
  CHECK(span(950, 1830) == "950 m–1.83 km");
  CHECK(span(1450, 1830) == "1.45–1.83 km");
  CHECK(power(250) == "250 mW");
  CHECK(power(1500) == "1.5 W");
  CHECK(quantity::symbolOf(Unit::Metre) == "m");
  CHECK(words::quantity(12.34, Unit::Metre, 1) == "12.3 m");
  const Speaking speaking(kImperial);
  CHECK(distance(100) == "328 ft");        // 1 ft = 0.3048 m
  CHECK(distance(1609.344) == "1.00 mi");  // the international mile
  CHECK(distance(402) == "1319 ft");  // feet below a quarter of a mile
  CHECK(distance(402.4) == "0.25 mi");
  CHECK(field(Kind::Length, 402.336) == "0.25 mi");
  CHECK(field(Kind::Length, 304.8) == "1000 ft");
  CHECK(words::quantity(30.48, Unit::Metre, 1) == "100.0 ft");
  CHECK(words::quantity(0.44704, Unit::MetrePerSecond) == "1 mph");
  CHECK(power(250) == "24.0 dBm");
  CHECK(field(Kind::Power, 24) == "24 dBm");
  CHECK(field(Kind::Length, 30.48) == "100 ft");
}

TEST_CASE("quantities: numbers are written as the language writes them") {
  const Speaking speaking(kGerman);
  CHECK(distance(1856) == "1,86 km");
  CHECK(number(-0.04, 1) == "0,0");
  CHECK(number(12345.6, 1) == "12345,6");
  CHECK(shortNumber(2.5, 4) == "2,5");
  CHECK(shortNumber(1.5e20, 2) == "1,5E+20");
}

TEST_CASE("quantities: the largest and the least are shown as they can be typed") {
  for (const double dbm : {-5000.0, -300.0, 24.0, 300.0, 5000.0, 1e22}) {
    const std::string shown = field(Kind::Power, dbm).toStdString();
    INFO(dbm << " " << shown);
    CHECK_THAT(quantity::parse(Kind::Power, shown).value, WithinRel(dbm, 1e-3));
  }
  CHECK(field(Kind::Power, NAN).isEmpty());
}

TEST_CASE("quantities: probabilities in words and in per cent, never as certainty") {
  CHECK(likelihood(0.995) == "almost certainly");
  CHECK(likelihood(0.5) == "as likely as not");
  CHECK(likelihood(NAN) == "possibly");
  CHECK(chance(1) == "over 99.9 %");
  CHECK(chance(0) == "under 0.1 %");
  CHECK(chance(0.996) == "99 %");
}

TEST_CASE("axes: marks stand at round distances of the pilot's own unit") {
  CHECK(distanceMarks(180, 3000).step_m == 250);
  CHECK(distanceMarks(1000, 9000).step_m == 1000);
  CHECK(distanceMarks(1e6, 9e6).step_m == 1e6);  // beyond any path: as asked
  CHECK(distanceMarks(180, 3000).text(1500) == "1.50 km");
  const Speaking speaking(kImperial);
  const Marks near = distanceMarks(60, 400), far = distanceMarks(180, 3000);
  CHECK(near.step_m == Approx(76.2));  // 250 ft
  CHECK(near.text(2 * near.step_m) == "500 ft");
  CHECK(far.step_m == Approx(402.336));  // a quarter of a mile
  CHECK(far.text(far.step_m) == "0.25 mi");
  CHECK(far.text(3 * far.step_m) == "0.75 mi");
  CHECK(distanceMarks(1e6, 9e6).step_m == 1e6);
  CHECK(lengthUnit() == Unit::Foot);
}

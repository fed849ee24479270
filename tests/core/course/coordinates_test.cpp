#include "core/course/coordinates.h"

#include <catch2/catch.hpp>
#include <fmt/format.h>

#include "core/course/ahead.h"
#include "core/course/local_plane.h"

using namespace distanz::course;
using Catch::Matchers::WithinAbs;

TEST_CASE("coordinates: the ways pilots write one place") {
  const char* text = GENERATE(
      "46.91, 20.96", "46.91 20.96", "46,91 20,96", "46,91; 20,96", "46.91;20.96", "46°54.6'N 20°57.6'E",
      "N46 54 36 E20 57 36", "46 54 36 N 20 57 36 E", "46° 54' 36\" N, 20° 57' 36\" E",
      "N 46° 54.6' E 20° 57.6'", "20.96E 46.91N", "46°54′36″N 20°57′36″E", "46.91°, 20.96°", "46.91° 20.96°",
      "N 46 54.6 E 20 57.6", "lat 46.91 lon 20.96", "lat: 46.91, lon: 20.96", "  46.910000,20.960000  ",
      "46 54 36 20 57 36", "46:54:36, 20:57:36", "46 54 36.0; 20 57 36.0");
  CAPTURE(text);
  const auto at = coordinatesFrom(text);
  REQUIRE(at);
  CHECK_THAT(at->lat_deg, WithinAbs(46.91, 1e-9));
  CHECK_THAT(at->lon_deg, WithinAbs(20.96, 1e-9));
}

TEST_CASE("coordinates: UTM by zone and hemisphere or band, south and west") {
  // 3 degrees east of its zone's middle a point lies where the projection says: zone 34's middle is 21 east,
  // where the easting is 500 km and the northing 0.9996 of the meridian's arc (5193 km to 46.9 north).
  for (const char* text : {"34T 500000 5194335", "34n 500000 5194335", "34 N 500000 5194335"}) {
    const auto at = coordinatesFrom(text);
    REQUIRE(at);
    CHECK_THAT(at->lon_deg, WithinAbs(21, 1e-9));
    const double arc = between({0, 21}, {at->lat_deg, 21}).distance_m;
    CHECK_THAT(arc * 0.9996, WithinAbs(5194335, 0.01));
  }
  CHECK_THAT(coordinatesFrom("S 46 54.6 W 20 57.6")->lat_deg, WithinAbs(-46.91, 1e-9));
  CHECK_THAT(coordinatesFrom("-46.91 -20.96")->lon_deg, WithinAbs(-20.96, 1e-9));
}

TEST_CASE("coordinates: what is no position is none") {
  for (const char* text : {"", "abc", "46.91", "91 200", "46.91 20.96 7", "nan nan", "inf, 3", "34T 5 5 5 5",
                           ",", "°", "N E", "1e400 2", "46.91, 200619.02", "46.91 -2000", "46.91, E2000"})
    CHECK_FALSE(coordinatesFrom(text));
  CHECK_FALSE(coordinatesFrom(std::string(5000, '1')));
}

TEST_CASE("coordinates: more pieces than an angle has are refused before the library counts them") {
  for (const char* text : {"1:10:11:10:10,100", "24;2;2;5;;2;2;2;24;2;2;5", "1 2 3 4 5 6 7 8 9 10 11 12 N", "1\"2 3 4 5, 6\"7 8 9",
                           "N 1 2 3 4 5 6 7 8 9 E 1 2 3 4 5 6 7 8 9", "1d2'3\" 4 5 6 7 8", "1d2'3\"4 5 6 7 8 9"})
    CHECK_FALSE(coordinatesFrom(text));
  for (int words = 1; words < 90; ++words) {
    std::string text;
    for (int i = 0; i < words; ++i) text += fmt::to_string(i % 9 + 1) + (i % 7 == 3 ? "'" : "") + " ";
    coordinatesFrom(text);
    coordinatesFrom("N " + text + "E " + text);
  }
}

TEST_CASE("coordinates: what is shown is read back within a tenth of a metre") {
  const Position p{GENERATE(take(30, random(-89.0, 89.0))), GENERATE(take(2, random(-180.0, 180.0)))};
  const auto back = coordinatesFrom(coordinatesText(p));
  REQUIRE(back);
  CHECK(between(p, *back).distance_m < 0.1);
}

TEST_CASE("local plane: there and back") {
  const LocalPlane plane({46.91, 20.96});
  const double far = std::pow(10, GENERATE(take(20, random(0.0, 5.3))));
  const Position p = destination({46.91, 20.96}, {far, GENERATE(take(2, random(0.0, 360.0)))});
  const Position back = plane.position(plane.flat(p));
  CHECK_THAT(back.lat_deg, WithinAbs(p.lat_deg, 1e-11));
  CHECK_THAT(back.lon_deg, WithinAbs(p.lon_deg, 1e-11));
}

TEST_CASE("course: a place along it, and back to where it lies; seen along a bearing, and back") {
  const Position station{46.91, 20.96};
  const Course bent(station, {station, destination(station, {1000, 90}), destination(station, {2000, 45})});
  const double along = GENERATE(0.0, 300.0, 999.0, 1001.0, 1800.0);
  const Placement there = bent.place(bent.position(bent.at(along)));
  CHECK_THAT(there.chainage_m, WithinAbs(along, 1e-6));
  CHECK_THAT(there.side_m, WithinAbs(0, 1e-6));
  CHECK(apart_m(bent.at(-5), bent.points().front()) == 0);
  CHECK(apart_m(bent.at(1e6), bent.points().back()) == 0);
  const Flat f{GENERATE(take(5, random(-900.0, 900.0))), 333};
  const double bearing = GENERATE(0.0, 54.0, 270.0);
  CHECK(apart_m(flatOf(aheadOf(f, bearing), bearing), f) < 1e-9);
  CHECK_THAT(aheadOf({0, 1}, 90).right_m, WithinAbs(-1, 1e-12));  // north lies left of east
}

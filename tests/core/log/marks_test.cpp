#include "core/log/marks.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/finding/error.h"
#include "core/log/track.h"

using namespace distanz;
using namespace distanz::log;
using Catch::Matchers::WithinAbs;

namespace {

const course::Position kPad{46.91, 20.96};

Recording rowsEvery(double step_s, std::size_t rows) {
  Recording r;
  for (std::size_t i = 0; i < rows; ++i) r.time_s.push_back(step_s * static_cast<double>(i));
  r.columns.push_back({"control.rssi_dbm", std::vector<double>(rows, -60)});
  return r;
}

}  // namespace

TEST_CASE("marks: a steady speed lies between them, in any order, and nothing beyond them") {
  const std::vector<double> time_s{0, 10, 15, 20, 30, 40};
  const std::vector<double> along = alongByMarks(time_s, {{30, 500}, {10, 0}, {20, 250}});
  CHECK(std::isnan(along[0]));
  CHECK_THAT(along[1], WithinAbs(0, 1e-12));
  CHECK_THAT(along[2], WithinAbs(125, 1e-9));
  CHECK_THAT(along[3], WithinAbs(250, 1e-12));
  CHECK_THAT(along[4], WithinAbs(500, 1e-12));
  CHECK(std::isnan(along[5]));
  CHECK_THAT(alongByMarks(time_s, {{10, 0}, {20, 240}, {20, 260}})[3], WithinAbs(250, 1e-12));
  for (const double a : alongByMarks(time_s, {})) CHECK(std::isnan(a));
  for (const double a : alongByMarks(time_s, {{NAN, 1}, {2, NAN}})) CHECK(std::isnan(a));
}

TEST_CASE("marks: a row noted at each post places the rows between, a number that is held does so where it changes") {
  Recording noted = rowsEvery(1, 21), held = noted;
  std::vector<double> posts(21, NAN), repeated(21);
  posts[0] = 0, posts[10] = 1, posts[20] = 2;
  for (std::size_t i = 0; i < 21; ++i) repeated[i] = static_cast<double>(i / 10);
  noted.columns.push_back({"post", posts});
  held.columns.push_back({"post", repeated});
  const auto along = [](double number) { return 250 * number; };
  for (Recording* r : {&noted, &held}) {
    REQUIRE(isByPosts(*r));
    placeByMarks(*r, marksOfPosts(*r, along));
    CHECK_FALSE(isUnplaced(*r));
    CHECK_THAT((*r->find("along_m"))[5], WithinAbs(125, 1e-9));
    CHECK_THAT((*r->find("along_m"))[16], WithinAbs(400, 1e-9));
  }
}

TEST_CASE("track: a place on the path gives the distance from the station, straight and round a bend") {
  Recording r = rowsEvery(1, 101);
  placeByMarks(r, {{0, 0}, {50, 1000}, {100, 0}});
  const course::Course straight(kPad, {kPad, course::destination(kPad, {2000, 54})});
  const Track out = trackOf(r, &straight);
  CHECK_FALSE(out.from_gnss);
  CHECK_THAT(out.farthest_m, WithinAbs(1000, 1));
  CHECK_THAT(out.distance_m[25], WithinAbs(500, 1));
  const course::Position corner = course::destination(kPad, {500, 0});
  const course::Course bent(kPad, {kPad, corner, course::destination(corner, {500, 180})});
  const Track round = trackOf(r, &bent);
  CHECK_THAT(round.distance_m[50], WithinAbs(0, 2));     // along the path and back beside the station
  CHECK_THAT(round.farthest_along_m, WithinAbs(1000, 2));
  CHECK(trackOf(r, nullptr).farthest_m == Approx(1000));  // without a path: the marks themselves
}

TEST_CASE("track: slant, horizontal, along and travelled are four distances") {
  Recording r = rowsEvery(1, 201);
  std::vector<double> slant, height(201, 300), travelled;
  for (std::size_t i = 0; i <= 200; ++i) {
    const double out = 4.0 * static_cast<double>(i <= 100 ? i : 200 - i);
    slant.push_back(std::hypot(out, 300));
    travelled.push_back(4.0 * static_cast<double>(i));
  }
  r.columns.push_back({"slant_m", slant});
  r.columns.push_back({"height_m", height});
  const Track t = trackOf(r, nullptr);
  const Distances at = distancesAt(r, t, 100, 0), end = farthestDistances(r, t, 0);
  CHECK_THAT(at.horizontal_m, WithinAbs(400, 1e-6));
  CHECK_THAT(at.slant_m, WithinAbs(500, 1e-6));
  CHECK_THAT(at.travelled_m, WithinAbs(400, 1e-6));
  CHECK(std::isnan(at.along_m));
  CHECK_THAT(end.travelled_m, WithinAbs(800, 1e-6));
  CHECK_THAT(end.slant_m, WithinAbs(500, 1e-6));
  Recording only = rowsEvery(1, 201);
  only.columns.push_back({"travelled_m", travelled});
  try {
    trackOf(only, nullptr);
    FAIL("the distance travelled was taken for that from the station");
  } catch (const InputError& e) {
    CHECK(e.found.code == "only-travelled");
  }
}

TEST_CASE("track: a path that begins away from the station is counted from its first point, as its posts are", "[regression]") {
  Recording r = rowsEvery(1, 101);
  placeByMarks(r, {{0, 0}, {50, 1000}, {100, 0}});
  const course::Course away(kPad, {course::destination(kPad, {200, 90}), course::destination(kPad, {1200, 90})});
  const Track t = trackOf(r, &away);
  CHECK_THAT(t.distance_m[50], WithinAbs(1200, 1));
  CHECK_THAT(t.chainage_m()[50], WithinAbs(1000, 1));
  CHECK_THAT(farthestDistances(r, t, 2).along_m, WithinAbs(1000, 1));
}

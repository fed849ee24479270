// Laying out a path a field at a time.
#include "core/campaign/lay_path.h"

#include <catch2/catch.hpp>

#include "core/finding/error.h"

using namespace distanz;
using namespace distanz::campaign;

namespace {

Campaign atStation() {
  Campaign c;
  c.station.lat_deg = 46.91;
  c.station.lon_deg = 20.96;
  return c;
}

}  // namespace

TEST_CASE("laying a path: nothing is laid without a station") {
  Campaign c;
  CHECK_FALSE(wayOut(c));
  CHECK_THROWS_AS(farPost(c), DomainError);
  CHECK_THROWS_AS(setWayOut(c, 500, {}), DomainError);
  CHECK(firstPath(c).empty());
}

TEST_CASE("laying a path: distance and bearing are set apart, and what is not given stays") {
  Campaign c = atStation();
  setWayOut(c, {}, 54);
  CHECK(wayOut(c)->distance_m == Approx(1000).epsilon(1e-6));
  setWayOut(c, 3160, {});
  CHECK(wayOut(c)->distance_m == Approx(3160).epsilon(1e-6));
  CHECK(wayOut(c)->bearing_deg == Approx(54).margin(1e-3));
  CHECK(firstPath(c).front().position == *c.station.position());
}

TEST_CASE("laying a path: it goes with the station it begins at, and with no other") {
  Campaign c = atStation();
  farPost(c);
  moveStation(c, 46.92, c.station.lon_deg);
  CHECK(firstPath(c).front().position.lat_deg == 46.92);
  editFirstPath(c).points.front().position.lat_deg = 46.93;
  moveStation(c, 46.94, c.station.lon_deg);
  CHECK(firstPath(c).front().position.lat_deg == 46.93);
}

namespace {

Campaign withPath() {
  Campaign c;
  c.station.place({46.91, 20.96});
  setWayOut(c, 2000, 54);
  return c;
}

double fromStation(const Campaign& c, std::size_t point) {
  return course::between(*c.station.position(), firstPath(c).at(point).position).distance_m;
}

}  // namespace

TEST_CASE("points: one put between two lies as high as the way there, the last two stay") {
  Campaign c = withPath();
  editFirstPath(c).points[1].height_m = 100;
  insertPoint(c, 0, course::destination(*c.station.position(), {500, 54}));
  REQUIRE(firstPath(c).size() == 3);
  CHECK(firstPath(c)[1].height_m == Approx(60 + 40 * 0.25).epsilon(1e-6));
  appendPoint(c, course::destination(*c.station.position(), {3000, 54}));
  CHECK(firstPath(c).back().height_m == 100);
  CHECK(removePoint(c, 1));
  CHECK(removePoint(c, 1));
  CHECK_FALSE(removePoint(c, 0));
  CHECK_FALSE(removePoint(c, 7));
  CHECK_THROWS_AS(insertPoint(c, 1, {46, 20}), DomainError);
  CHECK_THROWS_AS(movePoint(c, 2, {46, 20}), DomainError);
}

TEST_CASE("courses: each shape lies where it is asked for") {
  Campaign c = withPath();
  editFirstPath(c).segments = {{"old", 1, 2, {}}};
  layCourse(c, {CourseShape::Out, 1500, 30, 500, 200, 45});
  CHECK(fromStation(c, 1) == Approx(1500));
  CHECK(firstPath(c)[0].height_m == 45);
  CHECK(c.paths[0].segments.empty());
  layCourse(c, {CourseShape::Across, 300, 0, 800, 200, 45});
  CHECK(fromStation(c, 0) == Approx(500).epsilon(1e-6));  // 300 ahead, 400 to either side
  CHECK(fromStation(c, 1) == Approx(500).epsilon(1e-6));
  CHECK(firstPath(c)[0].position.lon_deg < 20.96);  // from the left
  layCourse(c, {CourseShape::Through, 300, 0, 800, 200, 45});
  CHECK(fromStation(c, 0) == Approx(400).epsilon(1e-6));
  CHECK(firstPath(c)[0].position.lat_deg < 46.91);  // from behind
  layCourse(c, {CourseShape::Circle, 120, 0, 800, 200, 45});
  for (std::size_t i = 0; i < firstPath(c).size(); ++i) CHECK(fromStation(c, i) == Approx(120).epsilon(1e-6));
  CHECK(firstPath(c).front() == firstPath(c).back());
  CHECK(courseOf(c)->length_m() == Approx(2 * M_PI * 120).epsilon(0.002));
  layCourse(c, {CourseShape::Box, 20, 90, 30, 10, 2});
  CHECK(courseOf(c)->length_m() == Approx(2 * (30 + 10)).epsilon(1e-6));
  CHECK(firstPath(c).front() == firstPath(c).back());
  CHECK_THROWS_AS(layCourse(c, {CourseShape::Circle, 0, 0, 1, 1, 1}), DomainError);
  CHECK_THROWS_AS(layCourse(c, {CourseShape::Out, NAN, 0, 1, 1, 1}), DomainError);
  Campaign nowhere;
  CHECK_THROWS_AS(layCourse(nowhere, {}), DomainError);
}

TEST_CASE("paths: another one is planned, and runs keep the one they flew") {
  Campaign c = withPath();
  c.runs.resize(2);
  c.runs[1].path = "other";
  c.paths.push_back(c.paths[0]);
  c.paths[1].id = "other";
  planPath(c, "other");
  CHECK(c.paths[0].id == "other");
  CHECK(c.runs[0].path == kFirstPathId);
  CHECK(c.runs[1].path == "other");
  planPath(c, "none");
  CHECK(c.paths[0].id == "other");
  addPath(c);
  CHECK(c.paths.size() == 3);
  CHECK(c.paths[0].points == c.paths[1].points);
  CHECK(c.paths[0].id != c.paths[1].id);
  const std::string fresh = c.paths[0].id;
  CHECK_FALSE(removePath(c, "other"));  // flown
  CHECK(removePath(c, fresh));
  CHECK(c.paths.size() == 2);
}

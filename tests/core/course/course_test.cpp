#include "core/course/course.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/finding/error.h"

using namespace distanz;
using namespace distanz::course;
using Catch::Matchers::WithinAbs;

namespace {
const Position kStation{46.91, 20.96};
}

TEST_CASE("geodesics: out and back agree, and a degree of latitude has its published length") {
  const double distance = GENERATE(take(10, random(1.0, 50000.0)));
  const double bearing = GENERATE(take(5, random(0.0, 360.0)));
  const DistanceBearing way = between(kStation, destination(kStation, {distance, bearing}));
  CHECK_THAT(way.distance_m, WithinAbs(distance, 1e-6));
  CHECK_THAT(std::remainder(way.bearing_deg - bearing, 360), WithinAbs(0, 1e-6));
  CHECK_THAT(between({0, 0}, {1, 0}).distance_m,
             WithinAbs(110574.4, 0.1));  // WGS 84, first degree from the equator
  CHECK_THROWS_AS(destination({91, 0}, {1, 0}), DomainError);
  CHECK_THROWS_AS(destination(kStation, {NAN, 0}), DomainError);
}

TEST_CASE("course: flat positions fall short of the geodesic by what the plane leaves out, 3.3 cm at 20 km") {
  const Course path(kStation, {kStation, destination(kStation, {20000, 54})});
  const double distance = GENERATE(take(20, random(10.0, 20000.0)));
  const double bearing = GENERATE(take(4, random(0.0, 360.0)));
  const Placement p = path.place(destination(kStation, {distance, bearing}));
  constexpr double kEarth_m = 6371000;
  CHECK_THAT(p.distance_m, WithinAbs(distance - std::pow(distance, 3) / (6 * kEarth_m * kEarth_m), 0.001));
}

TEST_CASE("course: chainage and side of samples about a straight path") {
  const Course path(kStation, {kStation, destination(kStation, {3000, 90})});
  const Position on = destination(kStation, {1000, 90});
  CHECK_THAT(path.place(on).chainage_m, WithinAbs(1000, 0.2));
  CHECK_THAT(path.place(on).side_m, WithinAbs(0, 0.2));
  CHECK_THAT(path.place(destination(on, {25, 180})).side_m,
             WithinAbs(25, 0.3));  // south of an eastward path: right
  CHECK_THAT(path.place(destination(on, {25, 0})).side_m, WithinAbs(-25, 0.3));
  CHECK_THAT(path.place(destination(kStation, {50, 270})).chainage_m,
             WithinAbs(0, 1e-6));  // before the start
  CHECK_THAT(path.farPost_m(), WithinAbs(3000, 0.01));
}

TEST_CASE("course: a bent path counts along itself") {
  const Position corner = destination(kStation, {1000, 0});
  const Course path(kStation, {kStation, corner, destination(corner, {500, 90})});
  CHECK_THAT(path.length_m(), WithinAbs(1500, 0.05));
  CHECK_THAT(path.place(destination(corner, {200, 90})).chainage_m, WithinAbs(1200, 0.1));
}

TEST_CASE(
    "course: places run on past the last point, and are counted from the station where the path begins "
    "farther out") {
  const Position corner = destination(kStation, {1000, 0});
  const Course path(kStation, {kStation, corner, destination(corner, {500, 90})});
  const Placement beyond = path.place(destination(corner, {700, 90}));
  CHECK_THAT(beyond.chainage_m, WithinAbs(1500, 0.1));
  CHECK_THAT(beyond.along_m, WithinAbs(1700, 0.2));
  const Course later(kStation, {destination(kStation, {300, 0}), corner});
  CHECK_THAT(later.place(destination(kStation, {800, 0})).along_m, WithinAbs(800, 0.1));
  CHECK_THAT(later.place(destination(kStation, {800, 0})).chainage_m, WithinAbs(500, 0.1));
}

TEST_CASE("course: paths that are none are refused") {
  CHECK_THROWS_AS(Course(kStation, {kStation}), DomainError);
  CHECK_THROWS_AS(Course(kStation, {kStation, kStation}), DomainError);
  CHECK_THROWS_AS(Course({95, 0}, {kStation, {47, 21}}), DomainError);
}

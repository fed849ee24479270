#include "core/course/follow.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"

using namespace distanz;
using namespace distanz::course;
using Catch::Matchers::WithinAbs;

namespace {

const Position kHomeHere{46.91, 20.96};

Position at(double east_m, double north_m) {
  return destination(kHomeHere, {std::hypot(east_m, north_m), std::atan2(east_m, north_m) * 180 / M_PI});
}

/// A flight along a path at 10 m/s, ten rows a second, its positions off by a few metres.
struct Flown {
  std::vector<double> time_s, chainage_m;
  std::vector<Flat> flat;
  Flown(const Course& course, double laps, double off_m, unsigned seed) {
    dice::Random random(seed);
    double east = 0, north = 0;
    for (double way = 0; way <= laps * course.length_m(); way += 1) {
      const double chainage = std::fmod(way, course.length_m());
      const Flat p = course.at(chainage);
      east = 0.95 * east + 0.31 * off_m * random.normal();  // GNSS wanders, it does not jump
      north = 0.95 * north + 0.31 * off_m * random.normal();
      time_s.push_back(way / 10);
      chainage_m.push_back(chainage);
      flat.push_back({p.east_m + east, p.north_m + north});
    }
  }
};

double worstOff(const Course& course, const Flown& flown, const Followed& followed) {
  double worst = 0;
  const double lap = course.closed() ? course.length_m() : 1e12;
  for (std::size_t i = 0; i < flown.flat.size(); ++i)
    worst = std::max(worst, std::abs(std::remainder(followed.chainage_m[i] - flown.chainage_m[i], lap)));
  return worst;
}

}  // namespace

TEST_CASE("follow: a straight path does not come near itself, one that leads round or back does") {
  CHECK_FALSE(comesNearItself(Course(kHomeHere, {kHomeHere, at(0, 3000)})));
  CHECK_FALSE(comesNearItself(Course(kHomeHere, {kHomeHere, at(0, 1000), at(1000, 1000)})));
  CHECK(comesNearItself(Course(kHomeHere, {kHomeHere, at(0, 1000), at(30, 1000), at(30, 0)})));
  CHECK(comesNearItself(Course(kHomeHere, {at(0, 100), at(300, 100), at(300, 400), at(0, 400), at(0, 100)})));
}

TEST_CASE("follow: lanes a dozen metres apart are told apart though the positions wander across") {
  const Course path(kHomeHere, {at(0, 100), at(0, 600), at(12, 600), at(12, 100), at(24, 100), at(24, 600)});
  const unsigned seed = GENERATE(1u, 2u, 3u, 4u, 5u, 6u);
  const Flown flown(path, 1, 4, seed);
  const Followed f = follow(path, flown.time_s, flown.flat);
  for (std::size_t i = 0; i < flown.flat.size(); ++i) {
    const double to_joint = std::min({std::abs(flown.chainage_m[i] - 500), std::abs(flown.chainage_m[i] - 512), std::abs(flown.chainage_m[i] - 1012), std::abs(flown.chainage_m[i] - 1024)});
    if (to_joint < 100) continue;  // about a joint both lanes fit
    CHECK(std::abs(f.chainage_m[i] - flown.chainage_m[i]) < 20);
  }
  double nearest_worst = 0;  // what the nearest place alone would have said
  for (std::size_t i = 0; i < flown.flat.size(); ++i)
    nearest_worst = std::max(nearest_worst, std::abs(path.placeNear(flown.flat[i], 0, INFINITY).chainage_m - flown.chainage_m[i]));
  CHECK(nearest_worst > 300);
}

TEST_CASE("follow: a path drawn out and back on one line is flown forward first") {
  const Course path(kHomeHere, {at(0, 100), at(0, 800), at(1, 800), at(1, 100)});
  const Flown flown(path, 1, 2, 7);
  CHECK(worstOff(path, flown, follow(path, flown.time_s, flown.flat)) < 60);  // about the turn both fit
}

TEST_CASE("follow: a figure of eight is crossed straight on, and laps are counted") {
  const Course path(kHomeHere, {at(0, 0), at(300, 300), at(300, 0), at(0, 300), at(0, 2)});
  REQUIRE(path.closed());
  const Flown flown(path, 3, 3, 11);
  const Followed f = follow(path, flown.time_s, flown.flat);
  CHECK(worstOff(path, flown, f) < 40);
  REQUIRE(f.lap_begins_s.size() >= 3);
  CHECK_THAT(f.lap_begins_s[1], WithinAbs(path.length_m() / 10, 4));
  CHECK_THAT(f.lap_begins_s[2], WithinAbs(2 * path.length_m() / 10, 4));
}

TEST_CASE("follow: what is not known stays unknown, and nothing known gives nothing") {
  const Course path(kHomeHere, {at(0, 100), at(0, 600), at(20, 600), at(20, 100)});
  const std::vector<double> time_s{0, 1, 2};
  const std::vector<Flat> none(3, {NAN, NAN});
  for (const double c : follow(path, time_s, none).chainage_m) CHECK(std::isnan(c));
  CHECK(follow(path, {}, {}).chainage_m.empty());
  const std::vector<Flat> far(3, {50000, 50000});  // nowhere near: the nearest place
  CHECK(std::isfinite(follow(path, time_s, far).chainage_m[0]));
}

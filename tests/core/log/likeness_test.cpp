#include "core/log/likeness.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"

using namespace distanz;
using namespace distanz::log;

namespace {

/// Signal along a course: hills and holes of the place, the same for every run over it.
struct Ground {
  std::vector<double> level;
  explicit Ground(dice::Random& random) {
    double a = 0;
    for (int m = 0; m < 1300; ++m) {
      a = 0.975 * a + 0.222 * 4 * random.normal();  // correlated over 40 m, 4 dB
      level.push_back(-60 - 20 * std::log10(std::max(m, 30) / 30.0) + a);
    }
  }
};

struct Rover {
  Recording log;
  std::vector<double> along_m;
};

/// Over the ground at a speed that wanders, with stops.
Rover drive(const Ground& ground, dice::Random& random, double speed, double level_db) {
  Rover out;
  std::vector<double> rssi;
  double at = 0, now = speed;
  for (double t = 0; at < 1200 && t < 1500; t += 0.5) {
    now = std::clamp(0.97 * now + 0.03 * speed + 0.06 * speed * random.normal(), 0.4 * speed, 1.8 * speed);
    at += 0.5 * now;
    out.log.time_s.push_back(t);
    out.along_m.push_back(at);
    rssi.push_back(ground.level[static_cast<std::size_t>(std::min(at, 1299.0))] + level_db + 2.5 * random.normal());
  }
  out.log.columns = {{"control.rssi_dbm", rssi}};
  return out;
}

const std::vector<std::string> kHeardOn{"control"};

}  // namespace

TEST_CASE("likeness: a rover on the same course at another speed and level is placed to some metres") {
  int told = 0, near = 0, all = 0;
  for (unsigned seed = 1; seed <= 20; ++seed) {
    dice::Random random(seed);
    const Ground ground(random);
    const Rover reference = drive(ground, random, 5, 0), run = drive(ground, random, 3.5 + 0.15 * seed, 7);
    const auto fit = placeByLikeness(run.log, reference.log, reference.along_m, kHeardOn);
    REQUIRE(fit);
    told += fit->tells();
    UNSCOPED_INFO(fit->correlation << " " << fit->by_chance << " " << fit->rms_db);
    if (!fit->tells()) continue;
    const std::vector<double> along = alongByMarks(run.log.time_s, fit->marks);
    for (std::size_t i = 0; i < along.size(); ++i)
      if (std::isfinite(along[i])) ++all, near += std::abs(along[i] - run.along_m[i]) < 40;
  }
  CAPTURE(told, near, all);
  CHECK(told >= 18);
  CHECK(near > 0.9 * all);
}

TEST_CASE("likeness: another course is not taken for this one") {
  int told = 0;
  for (unsigned seed = 1; seed <= 40; ++seed) {
    dice::Random random(100 + seed);
    const Ground ground(random), elsewhere(random);
    // without the fall with distance, which every course has in common
    Ground flat = ground, flat_elsewhere = elsewhere;
    for (std::size_t m = 0; m < flat.level.size(); ++m) {
      const double fall = -20 * std::log10(std::max<double>(m, 30) / 30.0);
      flat.level[m] -= fall, flat_elsewhere.level[m] -= fall;
    }
    const Rover reference = drive(flat, random, 5, 0), run = drive(flat_elsewhere, random, 5, 0);
    const auto fit = placeByLikeness(run.log, reference.log, reference.along_m, kHeardOn);
    told += fit && fit->tells();
    UNSCOPED_INFO(fit->correlation << " " << fit->by_chance << " " << fit->rms_db);
  }
  CHECK(told <= 2);
}

TEST_CASE("likeness: what has nothing in common, or lasts too short or too long, tells nothing") {
  dice::Random random(1);
  const Ground ground(random);
  const Rover reference = drive(ground, random, 5, 0);
  Recording other = reference.log;
  other.columns[0].channel = "video.rssi_dbm";
  CHECK_FALSE(placeByLikeness(other, reference.log, reference.along_m, kHeardOn));
  Recording brief = reference.log;
  brief.time_s = {0, 1};
  brief.columns[0].values = {-60, -61};
  CHECK_FALSE(placeByLikeness(brief, reference.log, reference.along_m, kHeardOn));
  Recording even = reference.log;
  for (double& v : even.columns[0].values) v = -60;
  CHECK_FALSE(placeByLikeness(reference.log, even, reference.along_m, kHeardOn));
  CHECK_FALSE(placeByLikeness({}, reference.log, reference.along_m, kHeardOn));
}

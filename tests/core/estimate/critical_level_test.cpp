#include "core/estimate/critical_level.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"
#include "core/estimate/stretch_look.h"
#include "core/finding/error.h"
#include "core/log/turning.h"

using namespace distanz;
using namespace distanz::estimate;
using Catch::Matchers::WithinAbs;

namespace {

double arriving(double level_dbm) {
  return 1 / (1 + std::exp(-(level_dbm + 104) / 1.2));
}
const double kTrueLevel = -104 + 1.2 * std::log(0.7 / 0.3);

/// Looks at levels that are themselves only known to an sd.
std::vector<std::vector<RuleLook>> lookingAt(int flights, double sd_db, std::uint64_t seed) {
  dice::Random random(seed);
  std::vector<std::vector<RuleLook>> out(static_cast<std::size_t>(flights));
  for (auto& flight : out)
    for (int i = 0; i < 60; ++i) {
      // Told level first, then what it really was about it: as a posterior has it.
      const double told = random.uniform(-112, -85), level = told + sd_db * random.normal();
      flight.push_back({told, sd_db * sd_db, random.binomial(30, arriving(level)) / 30.0, 30});
    }
  return out;
}

struct RuleFlight {
  std::vector<double> t, d, y, q;
  FlightSamples samples(double begin, double end) const { return {t, d, y, begin, end}; }
};

/// Out at 10 m/s to 600 m and back, quality 100 but 20 between two distances.
RuleFlight outAndBack(double from_m, double to_m) {
  RuleFlight f;
  for (int i = 0; i <= 1200; ++i) {
    f.t.push_back(i * 0.1);
    f.d.push_back(i <= 600 ? i : 1200 - i);
    f.y.push_back(-60);
    f.q.push_back(f.d.back() >= from_m && f.d.back() < to_m ? 20 : 100);
  }
  return f;
}

}  // namespace

TEST_CASE("critical level: where a known curve crosses, however noisy the signal it is held against") {
  for (const double sd : {0.0, 1.0, 2.5}) {
    CAPTURE(sd);
    double sum = 0, covered = 0;
    constexpr int kTimes = 40;
    for (int i = 0; i < kTimes; ++i) {
      const auto level = criticalFromLooks(lookingAt(4, sd, 100 + static_cast<std::uint64_t>(i)), 0.7);
      REQUIRE(level);
      sum += level->level_dbm / kTimes;
      covered += std::abs(level->level_dbm - kTrueLevel) < 2 * std::sqrt(level->variance_db2);
    }
    CHECK_THAT(sum, WithinAbs(kTrueLevel, 0.2));
    CHECK(covered >= 0.9 * kTimes);
  }
}

TEST_CASE("critical level: withheld where the rule was never seen failing, or never kept") {
  std::vector<std::vector<RuleLook>> good{{{-60, 1, 1, 30}, {-70, 1, 1, 30}, {-80, 1, 1, 30}}}, bad = good;
  for (RuleLook& l : bad[0]) l.kept = 0;
  CHECK_FALSE(criticalFromLooks(good, 0.7));
  CHECK_FALSE(criticalFromLooks(bad, 0.7));
  CHECK_FALSE(criticalFromLooks({}, 0.7));
  CHECK_THROWS_AS(criticalFromLooks(good, 1), DomainError);
}

TEST_CASE("critical level: never outside the signals seen, even from looks that contradict the physics") {
  dice::Random random(3);
  for (int i = 0; i < 30; ++i) {
    std::vector<std::vector<RuleLook>> flights(3);
    for (auto& f : flights)
      for (int k = 0; k < 30; ++k) {
        const double level = random.uniform(-90, -60);
        f.push_back({level, 1, random.uniform() < 0.1 ? 0.3 : 1, 10});  // fails anywhere alike
      }
    if (const auto level = criticalFromLooks(flights, 0.7)) {
      CHECK(level->level_dbm > -93);
      CHECK(level->level_dbm < -57);
    }
  }
}

TEST_CASE("looks: both legs by stretch, with quality as a share and bitrate as time that keeps the rule") {
  const RuleFlight f = outAndBack(300, 340);
  const auto all = looksOf(f.samples(60, 60), f.q, {70, 100, false});
  CHECK(all.size() == 2 * 13 + 1);  // 80 m to 600 m either way, the last stretch just touched
  for (const StretchLook& l : all) {
    if (l.index == 7) CHECK_THAT(l.kept, WithinAbs((20 * 20 + 20 * 100) / 4000.0, 0.03));
    if (l.index == 9) CHECK(l.kept == 1);
    CHECK(l.level_dbm == -60);
  }
  const auto share = looksOf(f.samples(60, 60), f.q, {50, 50, true});
  for (const StretchLook& l : share)
    if (l.index == 7) CHECK_THAT(l.kept, WithinAbs(0.5, 0.03));
}

TEST_CASE("looks: the second after the turn is still told by the banked aircraft's quality") {
  const RuleFlight f = outAndBack(0, 0);
  const auto rows = [&](double turn_begin_s, double turn_end_s) {
    int out = 0;
    for (const StretchLook& l : looksOf(f.samples(turn_begin_s, turn_end_s), f.q, {70, 100, false}))
      out += l.samples;
    return out;
  };
  const int all = rows(60, 60), turning = rows(60, 64), longer = rows(60, 65);
  CHECK(turning - longer == all - rows(60, 61));  // rows of one second more
  CHECK(all - turning > 3 * (turning - longer));  // the turn itself
  for (const StretchLook& l : looksOf(f.samples(60, 64), f.q, {70, 100, false}))
    if (l.back) CHECK(std::pow(10, l.log_distance) < 551);  // 5 s of 10 m/s behind the farthest point
}

TEST_CASE("first failing stretch: the first of the way out that fails as a whole, else how far was flown") {
  const auto first = [](const RuleFlight& f) {
    return *firstFailingStretch(looksOf(f.samples(60, 60), f.q, {70, 100, false}), 0.7, 0, 600);
  };
  CHECK(first(outAndBack(200, 240)).distance_m == 200);
  CHECK(first(outAndBack(200, 240)).failed);
  CHECK_FALSE(first(outAndBack(205, 213)).failed);  // a fifth of a stretch is not the stretch
  CHECK(first(outAndBack(0, 0)).distance_m == 600);
  CHECK(first(outAndBack(0, 700)).distance_m == 80);
  CHECK_FALSE(firstFailingStretch({}, 0.7, 0, 600));
}

TEST_CASE("turning: begins where the flight stops going out and ends where it is on its way home") {
  std::vector<double> t, d;
  double at = 0;
  for (int i = 0; i <= 1500; ++i) {
    t.push_back(i * 0.1);
    const double now = t.back();
    const double speed = now < 60 ? 12 : now < 64 ? 3 : now < 70 ? -2 : -12;  // a wide turn of ten seconds
    at += 0.1 * speed;
    d.push_back(at);
  }
  const log::Turning turning = log::turningOf(t, d, 64);
  CHECK_THAT(turning.begin_s, WithinAbs(60, 1.5));
  CHECK_THAT(turning.end_s, WithinAbs(70, 1.5));
  // A hover on the way out is no turn.
  std::vector<double> hovering = d;
  for (std::size_t i = 0; i < hovering.size(); ++i)
    hovering[i] = t[i] < 20 ? 12 * t[i] : t[i] < 40 ? 240 : 240 + 12 * (t[i] - 40);
  CHECK(log::turningOf(t, hovering, t.back()).begin_s > t.back() - 1);
}

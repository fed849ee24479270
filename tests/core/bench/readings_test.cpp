#include <catch2/catch.hpp>
#include <cmath>
#include <numbers>
#include <set>

#include "core/bench/attenuator.h"
#include "core/bench/attitudes.h"
#include "core/bench/ground_check.h"
#include "core/bench/monotone.h"
#include "core/bench/power_record.h"
#include "core/bench/signal_scale.h"
#include "core/bench/swap_test.h"
#include "core/bench/trim.h"
#include "core/bench/turntable.h"
#include "core/bench/two_means.h"
#include "core/bench/walk.h"
#include "core/dice/random.h"
#include "core/finding/error.h"

using namespace distanz;
using namespace distanz::bench;
using Catch::Matchers::WithinAbs;

TEST_CASE("power: warm-up, droop, throttling and supply of a transmitter whose story is known") {
  std::vector<PowerReading> r;
  for (int t = 0; t <= 240; t += 10)
    r.push_back({double(t), 23 - 2 * std::exp(-t / 40.0), 30 + t / 6.0, {}, "200 mW"});
  const auto steady = powerHistories(r);
  REQUIRE(steady.size() == 1);
  CHECK(steady[0].first_dbm == 21);
  CHECK_THAT(steady[0].settled_dbm, WithinAbs(23, 0.05));
  CHECK_THAT(steady[0].warm_up_s, WithinAbs(80, 10));  // 2 exp(-t / 40) = 0.3 at 76 s
  CHECK_FALSE(steady[0].throttled_at_s);
  CHECK_FALSE(steady[0].db_per_volt);
  for (PowerReading& x : r)
    if (x.time_s >= 150) x.power_dbm -= 4;
  const auto hot = powerHistories(r);
  REQUIRE(hot[0].throttled_at_s);
  CHECK(*hot[0].throttled_at_s == 150);
  CHECK(*hot[0].throttled_at_c == 55);
  CHECK_THAT(hot[0].droop_db, WithinAbs(4, 0.1));
  CHECK_THAT(nominalShare(20, 23.0103), WithinAbs(0.5, 1e-5));

  std::vector<PowerReading> supply;
  for (int i = 0; i <= 8; ++i) supply.push_back({i * 10.0, 20 + 1.5 * (i * 0.25), {}, 10 + i * 0.25, "full"});
  supply.push_back({5, 2, {}, {}, "full", true});
  const auto both = powerHistories(supply);
  REQUIRE(both.size() == 2);
  CHECK_THAT(*both[0].db_per_volt, WithinAbs(1.5, 1e-9));
  CHECK(both[1].idle);
  CHECK_THROWS_AS(powerHistories({{0, NAN}}), DomainError);
}

TEST_CASE("a dip that recovers is no throttling") {
  const auto h = powerHistories({{0, 20}, {10, 20}, {20, 17}, {30, 20}, {40, 20}});
  CHECK_FALSE(h[0].throttled_at_s);
}

TEST_CASE("monotone regression: worked by hand, and pools that swallow their neighbours") {
  CHECK(neverFalling({1, 3, 2, 4, 3.5}) == std::vector<double>{1, 2.5, 2.5, 3.75, 3.75});
  CHECK(neverFalling({3, 2, 1}) == std::vector<double>{2, 2, 2});
  CHECK(neverFalling({3, 1}, {1, 3}) == std::vector<double>{1.5, 1.5});
  CHECK(neverFalling({}).empty());
  CHECK_THROWS_AS(neverFalling({1, 2}, {1}), DomainError);
  CHECK_THROWS_AS(neverFalling({1, 2}, {1, 0}), DomainError);
}

namespace {

/// A scale of 0 to 100 that stands still below -100 and above -50 dBm, with reading noise.
std::vector<ScaleReading> percentScale(dice::Random& random, double noise, bool falling = false) {
  std::vector<ScaleReading> out;
  for (int level = -115; level <= -35; level += 5)
    for (int i = 0; i < 12; ++i) {
      const double value = 2 * (std::clamp(level, -100, -50) + 100) + noise * random.normal();
      out.push_back({double(level), falling ? 100 - value : value});
    }
  return out;
}

}  // namespace

TEST_CASE("signal scale: levels come back, floor and ceiling are found, scatter is told") {
  dice::Random random(4);
  const bool falling = GENERATE(false, true);
  const auto scale = scaleOf(percentScale(random, 1, falling));
  REQUIRE(scale);
  CHECK(scale->falling == falling);
  CHECK(scale->floor_seen);
  CHECK(scale->ceiling_seen);
  CHECK_THAT(scale->floor_db, WithinAbs(-100, 0.1));
  CHECK_THAT(scale->ceiling_db, WithinAbs(-50, 0.1));
  CHECK_THAT(levelAt(*scale, 50), WithinAbs(-75, 1));
  CHECK_THAT(levelAt(*scale, falling ? 70 : 30), WithinAbs(-85, 1));
  CHECK_THAT(scale->sd_db, WithinAbs(0.5, 0.15));  // 1 of 2 per dB
  const double dead = falling ? 104 : -4;
  CHECK(atFloor(*scale, dead));
  CHECK(levelAt(*scale, dead) == scale->floor_db);
  CHECK(std::isnan(levelAt(*scale, NAN)));
}

TEST_CASE("signal scale: a fine straight scale has neither floor nor ceiling") {
  std::vector<ScaleReading> r;
  for (int i = 0; i <= 80; ++i) r.push_back({-110.0 + i, 0.5 + 0.03 * i});
  const auto scale = scaleOf(r);
  REQUIRE(scale);
  CHECK_FALSE(scale->floor_seen);
  CHECK_FALSE(scale->ceiling_seen);
  CHECK_THAT(levelAt(*scale, 1.7), WithinAbs(-70, 1e-9));
  CHECK(std::isnan(levelAt(*scale, 3.5)));
  CHECK(std::isnan(levelAt(*scale, 0.1)));
  CHECK(std::isnan(scale->sd_db));
}

TEST_CASE("signal scale: bars are steps, and one that does not move is no scale") {
  std::vector<ScaleReading> bars;
  for (int level = -110; level <= -50; level += 2)
    bars.push_back({double(level), std::floor((level + 110) / 15.0)});
  const auto scale = scaleOf(bars);
  REQUIRE(scale);
  CHECK(scale->points.size() <= 5);
  CHECK(scale->step_db >= 12);
  CHECK_FALSE(scaleOf({{-90, 1}, {-80, 1}, {-70, 1}}));
  CHECK_FALSE(scaleOf({{-90, 1}, {-80, 2}}));
}

TEST_CASE("turntable: beam, lobe, back, asymmetry and gain of a pattern that is known") {
  std::vector<TurnReading> r;
  const auto level = [](double a) {
    const double main = -12 * std::pow(a / 60, 2), side = -16 - 0.02 * std::pow(std::abs(a) - 120, 2);
    return -40 + std::max({main, side, -30.0});
  };
  for (int a = -180; a < 180; a += 5) r.push_back({a + 20.0, level(a)});
  r.push_back({-160, level(-180) + 0.4});
  const auto turn = turnOf(r, TurnReference{-46, 2.15});
  REQUIRE(turn);
  CHECK_THAT(turn->peak_deg, WithinAbs(20, 0.1));
  CHECK_THAT(turn->width_deg, WithinAbs(60.1, 0.3));  // 12 (a / 60)^2 = 3.01 at 30.05
  REQUIRE(turn->lobes.size() == 2);
  CHECK_THAT(std::abs(turn->lobes[0].angle_deg), WithinAbs(120, 1));
  CHECK_THAT(turn->lobes[0].below_db, WithinAbs(16, 0.1));
  CHECK_THAT(*turn->gain_dbi, WithinAbs(8.15, 0.02));
  CHECK_THAT(turn->asymmetry_db, WithinAbs(0, 0.05));
  CHECK_THAT(*turn->zero_drift_db, WithinAbs(0.4, 1e-9));
  CHECK_FALSE(turn->reflections_suspected);
  CHECK_THAT(usableAngle_deg(r, 12), WithinAbs(120, 0.6));
  CHECK(usableAngle_deg(r, 50) == 360);
  for (TurnReading& x : r)
    if (x.angle_deg > 25 && x.angle_deg < 110) x.level_db -= 2.5;
  CHECK(turnOf(r)->reflections_suspected);
  CHECK_FALSE(turnOf({{0, 1}, {10, 2}, {20, 1}, {30, 0}}));
}

TEST_CASE("turntable: reading noise moves neither peak nor width much, and is no reflection") {
  dice::Random random(8);
  double square = 0;
  int suspected = 0;
  constexpr int kTurns = 200;
  for (int i = 0; i < kTurns; ++i) {
    std::vector<TurnReading> r;
    for (int a = -180; a < 180; a += 10)
      r.push_back(
          {double(a), -40 + std::max(-3.0103 * std::pow(a / 30.0, 2), -25.0) + 0.2 * random.normal()});
    const auto turn = turnOf(r);
    square += turn->peak_deg * turn->peak_deg / kTurns;
    suspected += turn->reflections_suspected;
    CHECK_THAT(turn->width_deg, WithinAbs(60, 8));
  }
  CHECK(std::sqrt(square) < 1.5);
  CHECK(suspected <= kTurns / 50);
}

TEST_CASE("turntable: the width of a round beam is not short for being read in steps") {
  for (const int step : {2, 5, 10, 15})
    for (const double width : {30.0, 60.0, 80.0}) {
      if (width < 3 * step) continue;
      std::vector<TurnReading> r;
      // cos^n of the half angle: a lobe as arrays and patches have it.
      const double n = -3.0103 / (20 * std::log10(std::cos(width / 4 * std::numbers::pi / 180)));
      for (int a = -180; a < 180; a += step) r.push_back({double(a), std::max(20 * n * std::log10(std::max(std::cos((a - 1.7) / 2 * std::numbers::pi / 180), 1e-3)), -35.0)});
      CHECK_THAT(turnOf(r)->width_deg, WithinAbs(width, 0.004 * width));
    }
}

TEST_CASE("turntable: half a turn knows nothing of the back") {
  std::vector<TurnReading> r;
  for (int a = -60; a <= 60; a += 10) r.push_back({double(a), -a * a / 300.0});
  const auto turn = turnOf(r);
  REQUIRE(turn);
  CHECK(std::isnan(turn->front_to_back_db));
  CHECK(std::isfinite(turn->width_deg));
  CHECK(std::isnan(usableAngle_deg(r, 20)));
}

TEST_CASE("attenuator: 20 dB stand for ten times the distance in free space") {
  CHECK_THAT(standsFor_m(100, 20, {2}).estimate, WithinAbs(1000, 1e-9));
  const Spread s = standsFor_m(100, 30, {3, 2.5, 3.5});
  CHECK_THAT(s.estimate, WithinAbs(1000, 1e-9));
  CHECK_THAT(*s.low, WithinAbs(100 * std::pow(10, 30 / 35.0), 1e-9));
  CHECK_THAT(*s.high, WithinAbs(100 * std::pow(10, 30 / 25.0), 1e-9));
  CHECK_THAT(attenuatorFor_db(2000, 200, {2, 2, 3}).estimate, WithinAbs(20, 1e-9));
  CHECK_THAT(*attenuatorFor_db(2000, 200, {2, 2, 3}).high, WithinAbs(30, 1e-9));
  CHECK(attenuatorFor_db(100, 200, {2}).estimate == 0);
  CHECK_THAT(wronglyMultiplied_m(100, 10), WithinAbs(1000, 1e-9));
  CHECK_THROWS_AS(standsFor_m(100, -1, {2}), DomainError);
}

TEST_CASE("trim: midpoint and width, and its interval covers the truth in 95 of 100") {
  const auto trim = trimOf({{-60, 40}, {-62, 42}, {-58, 38}});
  REQUIRE(trim);
  CHECK_THAT(trim->midpoint_khz, WithinAbs(-10, 1e-9));
  CHECK_THAT(trim->width_khz, WithinAbs(100, 1e-9));
  CHECK(trim->trustworthy);
  CHECK(trim->off_centre);
  CHECK_FALSE(trimOf({{-60, 40}})->trustworthy);
  CHECK_FALSE(trimOf({}));
  CHECK_THROWS_AS(trimOf({{5, 5}}), DomainError);
  dice::Random random(9);
  int covered = 0;
  for (int i = 0; i < 2000; ++i) {
    std::vector<TrimReading> r;
    for (int k = 0; k < 4; ++k) r.push_back({-50 + 4 * random.normal() + 7, 50 + 4 * random.normal() + 7});
    const auto t = trimOf(r);
    covered += t->low_khz <= 7 && t->high_khz >= 7;
  }
  CHECK_THAT(covered / 2000.0, WithinAbs(0.95, 0.015));
}

TEST_CASE("two means: Welch's interval by an independent computation, and what readings alike may not say") {
  // scipy 1.10 (bench/reference/small_samples): ttest_ind([5.1, 4.9, 6.2, 5.7], [4.1, 4.0, 4.4, 3.9, 4.3], equal_var=False): df 3.5941.
  const TwoMeans t = twoMeans({5.1, 4.9, 6.2, 5.7}, {4.1, 4.0, 4.4, 3.9, 4.3});
  CHECK_THAT(t.difference, WithinAbs(1.335, 1e-9));
  CHECK_THAT((t.high - t.low) / 2, WithinAbs(0.8994483, 1e-6));
  CHECK(std::isnan(twoMeans({1}, {2, 3}).low));
  CHECK(twoMeans({-94, -94}, {-95, -95}, 0.3).low < 0);
  CHECK_THROWS_AS(twoMeans({}, {1}), DomainError);
}

TEST_CASE("ground check: the verdict follows the pilot's rule and says which part failed") {
  const PassRule rule;
  const Counters before{{10, 20}, 3, 1, {}};
  const auto fine = groundResult(before, {{60, 400}, 9, 1, 99.0}, 60, rule);
  CHECK(fine.verdict == GroundVerdict::Fly);
  CHECK(fine.happened.fades == std::vector<double>{50, 380});
  CHECK(*fine.happened.lost_frames == 6);
  CHECK(fine.weak == std::vector<std::size_t>{1});
  const auto held = groundResult(before, {{60, 400}, 9, 2, 99.0}, 60, rule);
  CHECK(held.verdict == GroundVerdict::DoNotFly);
  CHECK(held.held);
  CHECK(groundResult(before, {{60, 400}, 60, 1, 99.0}, 60, rule).lost);
  CHECK_FALSE(groundResult(before, {{60, 400}, 60, 1, 99.0}, 240, rule).lost);
  CHECK(groundResult(before, {{60, 400}, 9, 1, 80.0}, 60, rule).few_received);
  CHECK(groundResult(before, {{60, 900}, 9, 1, 99.0}, 60, rule).verdict == GroundVerdict::LookInto);
  CHECK(groundResult(before, {{0, 0}, 0, 0, {}}, 60, rule).counters_ran_backwards);
  CHECK(groundResult({}, {}, 60, rule).nothing_counted);
  // Whether frames were lost is what matters: fades alone are no pass.
  CHECK(groundResult({}, {{3, 4}}, 60, rule).verdict == GroundVerdict::LookInto);
  CHECK(groundResult({}, {{3, 4}}, 60, rule).only_fades);
  CHECK_THROWS_AS(groundResult({}, {}, 0, rule), DomainError);
}

TEST_CASE("walk: percent with its interval, which covers the truth") {
  const Walk w = walkOf({100, 110, 95}, {130, 140, 128});
  REQUIRE(w.change_pct);
  CHECK(w.sure);
  CHECK_THAT(w.change_pct->estimate,
             WithinAbs(100 * (std::cbrt(130.0 * 140 * 128 / (100.0 * 110 * 95)) - 1), 1e-9));
  CHECK_FALSE(walkOf({100}).before_m.low);
  CHECK_FALSE(walkOf({100}).change_pct);
  CHECK_FALSE(walkOf({100}, {200}).sure);
  CHECK_THROWS_AS(walkOf({}), DomainError);
  CHECK_THROWS_AS(walkOf({-1}), DomainError);
  CHECK(*walkOf({100, 100, 100}, {100, 100, 100}).change_pct->low < 0);

  dice::Random random(21);
  int covered = 0, wrong = 0;
  for (int i = 0; i < 2000; ++i) {
    std::vector<double> before, after, same;
    for (int k = 0; k < 4; ++k) {
      before.push_back(100 * std::exp(0.08 * random.normal()));
      after.push_back(125 * std::exp(0.08 * random.normal()));
      same.push_back(100 * std::exp(0.08 * random.normal()));
    }
    const auto c = walkOf(before, after).change_pct;
    covered += *c->low <= 25 && *c->high >= 25;
    wrong += walkOf(before, same).sure;
  }
  CHECK_THAT(covered / 2000.0, WithinAbs(0.955, 0.015));
  CHECK(wrong <= 2000 * 0.06);
  const Spread full = atFullPower_m({100, 90, 110}, 20, {2, 2, 2.5});
  CHECK_THAT(full.estimate, WithinAbs(1000, 1e-9));
  CHECK_THAT(*full.low, WithinAbs(90 * std::pow(10, 20 / 25.0), 1e-9));
  CHECK_THAT(*full.high, WithinAbs(1100, 1e-9));
}

namespace {

std::vector<SwapReading> alternating(std::initializer_list<double> values) {
  std::vector<SwapReading> out;
  for (double v : values) out.push_back({out.size() % 2 == 0, v});
  return out;
}

}  // namespace

TEST_CASE("swap test: every way is counted, ties as ties") {
  // Four of each, all of one above all of the other: 2 of 70 ways (Fisher's cups of tea, both sides).
  const auto clear = swapResult(alternating({9, 1, 8, 2, 9, 1, 7, 3}));
  REQUIRE(clear);
  CHECK_THAT(clear->p, WithinAbs(2.0 / 70, 1e-12));
  CHECK(clear->clear);
  CHECK(clear->least_p == Approx(2.0 / 70));
  const auto few = swapResult(alternating({9, 1, 8, 2}));
  CHECK_THAT(few->p, WithinAbs(2.0 / 6, 1e-12));
  CHECK_FALSE(few->can_be_clear);
  CHECK(swapResult(alternating({5, 5, 5, 5}))->p == 1);
  // scipy 1.10 (bench/reference/small_samples): permutation_test(([3, 5, 4, 6, 5], [2, 4, 4, 3, 5]), difference of means, two-sided): 78 of
  // 252.
  CHECK_THAT(swapResult({{true, 3},
                         {true, 5},
                         {true, 4},
                         {true, 6},
                         {true, 5},
                         {false, 2},
                         {false, 4},
                         {false, 4},
                         {false, 3},
                         {false, 5}})
                 ->p,
             WithinAbs(78.0 / 252, 1e-9));
  CHECK(leastSwaps() == 4);
  CHECK_FALSE(swapResult({{true, 1}}));
  CHECK_THROWS_AS(swapResult(std::vector<SwapReading>(27)), DomainError);
  CHECK_THROWS_AS(swapResult({{true, NAN}, {false, 1}}), DomainError);
}

TEST_CASE("swap test: equal parts come out clear in no more than one of twenty, drift or not") {
  dice::Random random(33);
  for (double drift : {0.0, 0.3, 1.0}) {
    int clear = 0;
    constexpr int kTests = 1500;
    for (int i = 0; i < kTests; ++i) {
      std::vector<SwapReading> r;
      for (int k = 0; k < 12; ++k) r.push_back({k % 2 == 0, drift * k + random.normal()});
      clear += swapResult(r)->clear;
    }
    CAPTURE(drift);
    CHECK(clear <= kTests * 0.06);
  }
}

TEST_CASE("swap test: with as many swaps as it asks for, four of five such differences come out clear") {
  dice::Random random(34);
  int clear = 0;
  constexpr int kTests = 600;
  for (int i = 0; i < kTests; ++i) {
    std::vector<SwapReading> r;
    for (int k = 0; k < 18; ++k) r.push_back({k % 2 == 0, (k % 2 == 0 ? 1.32 : 0) + random.normal()});
    clear += swapResult(r)->clear;  // 2 (1.96 + 0.84)^2 / 1.32^2 = 9 of each
  }
  CHECK(clear >= kTests * 0.72);
  CHECK(clear <= kTests * 0.88);
  std::vector<SwapReading> alike = alternating({1, 2, 2, 1, 1, 2, 1.5, 1.4});
  CHECK_FALSE(swapResult(alike)->clear);
}

TEST_CASE("ground check: every attitude gets its share of the time, in order") {
  const auto all = attitudes();
  CHECK(all.size() == 10);
  std::set<std::size_t> seen;
  std::size_t last = 0;
  for (double t = 0; t < 60; t += 0.5) {
    const std::size_t now = attitudeAt(t, 60);
    CHECK((now == last || now == last + 1));
    seen.insert(last = now);
  }
  CHECK(seen.size() == all.size());
  CHECK(attitudeAt(90, 60) == all.size() - 1);
  CHECK_THROWS_AS(attitudeAt(1, 0), DomainError);
}

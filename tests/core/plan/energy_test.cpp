#include "core/plan/energy.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"
#include "core/finding/error.h"

using namespace distanz;
using namespace distanz::plan;
using Catch::Matchers::WithinAbs;

TEST_CASE("wind triangle: ahead, behind, across, and more than the aircraft can") {
  CHECK_THAT(*groundSpeed_mps(15, 90, {90, 5}), WithinAbs(10, 1e-9));
  CHECK_THAT(*groundSpeed_mps(15, 90, {270, 5}), WithinAbs(20, 1e-9));
  CHECK_THAT(*groundSpeed_mps(15, 90, {0, 9}), WithinAbs(12, 1e-9));  // 9, 12, 15
  CHECK_THAT(*groundSpeed_mps(15, 10, {200, 0}), WithinAbs(15, 1e-12));
  CHECK_FALSE(groundSpeed_mps(15, 90, {90, 15}));
  CHECK_FALSE(groundSpeed_mps(15, 90, {0, 15}));
  CHECK_THROWS_AS(groundSpeed_mps(0, 0, {}), DomainError);
  CHECK_THROWS_AS(groundSpeed_mps(15, 0, {0, -1}), DomainError);
  const WindAlong w = windOfLegs(20, 10);
  CHECK(w.along_mps == 5);
  CHECK(w.airspeed_mps == 15);
}

TEST_CASE("energy: still air halves the battery's way, and any wind costs") {
  const Consumption use{100, 15};
  const Battery battery{1000, 0.3, 100};
  const Energy still = energyOf({{20000, 40}}, use, battery, {});
  CHECK_THAT(*still.turn_m, WithinAbs(3000, 1e-6));  // 600 mAh are 6 km
  CHECK_FALSE(still.whole_path);
  CHECK_THAT(still.out_mah + still.back_mah, WithinAbs(600, 1e-9));
  for (const double from : {40.0, 220.0, 130.0, 85.0}) {
    const Energy windy = energyOf({{20000, 40}}, use, battery, {from, 6});
    CHECK(*windy.turn_m < *still.turn_m);
    CHECK_THAT(windy.out_mah + windy.back_mah, WithinAbs(600, 1e-9));
  }
  // Against and with the wind are one sum: 1 / (v - w) + 1 / (v + w) = 2 v / (v^2 - w^2).
  const Energy ahead = energyOf({{20000, 40}}, use, battery, {40, 6});
  CHECK_THAT(*ahead.turn_m, WithinAbs(3000 * (225 - 36) / 225.0, 1e-6));
  CHECK_THAT(*energyOf({{20000, 40}}, use, battery, {220, 6}).turn_m, WithinAbs(*ahead.turn_m, 1e-9));
  CHECK(ahead.out_mah > ahead.back_mah);
  CHECK(energyOf({{1000, 40}, {500, 90}}, use, battery, {}).whole_path);
}

TEST_CASE("energy: a wind that makes the way back impossible says where") {
  const Energy e = energyOf({{1000, 0}, {1000, 90}}, {100, 15}, {1000}, {270, 16});
  REQUIRE(e.impossible_back);  // across the first stretch it is more than the airspeed
  CHECK(*e.impossible_back == 0);
  CHECK_FALSE(e.turn_m);
  const Energy later = energyOf({{1000, 0}, {1000, 90}}, {100, 20}, {1000}, {270, 20});
  CHECK(later.impossible_back);
  const Energy second = energyOf({{1000, 250}, {1000, 90}}, {100, 20}, {1000}, {270, 19.9999});
  CHECK_FALSE(second.impossible_back == std::optional<std::size_t>(0));
  CHECK_THROWS_AS(energyOf({}, {100, 15}, {1000}, {}), DomainError);
  CHECK_THROWS_AS(energyOf({{1000, 0}}, {0, 15}, {1000}, {}), DomainError);
  const Energy empty = energyOf({{1000, 0}}, {100, 15}, {1000, 1.0}, {});
  CHECK(*empty.turn_m == 0);
}

TEST_CASE("energy: agrees with flying it in small steps") {
  dice::Random random(11);
  for (int trial = 0; trial < 50; ++trial) {
    const Wind wind{random.uniform(0, 360), random.uniform(0, 8)};
    std::vector<Leg> legs;
    for (int i = 0; i < 4; ++i) legs.push_back({random.uniform(200, 1500), random.uniform(0, 360)});
    const Consumption use{random.uniform(60, 200), random.uniform(10, 20)};
    const Battery battery{random.uniform(300, 1500), random.uniform(0, 0.5)};
    const Energy e = energyOf(legs, use, battery, wind);
    double used = 0, at = 0;
    bool full = true;
    for (const Leg& leg : legs)
      for (double d = 0; d < leg.length_m && full; d += 0.5) {
        used += 0.5 * use.mah_per_s() * (1 / *groundSpeed_mps(use.airspeed_mps, leg.track_deg, wind) +
                                         1 / *groundSpeed_mps(use.airspeed_mps, leg.track_deg - 180, wind));
        full = used <= battery.usable_mah();
        if (full) at += 0.5;
      }
    CHECK_THAT(*e.turn_m, WithinAbs(at, 4));
  }
}

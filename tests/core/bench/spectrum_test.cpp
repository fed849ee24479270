#include "core/bench/spectrum.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/bench/claims.h"
#include "core/bench/interference.h"
#include "core/dice/random.h"
#include "core/finding/error.h"
#include "core/radio/gain_width.h"
#include "core/radio/noise.h"
#include "core/radio/path_loss.h"

using namespace distanz;
using namespace distanz::bench;
using Catch::Matchers::WithinAbs;

namespace {

Trace flat(double low, double high, double from, double to, double level, double ground, double step = 0.1) {
  Trace t;
  for (int i = 0; low + i * step <= high + 1e-9; ++i) {
    const double f = low + i * step;
    t.frequency_mhz.push_back(f);
    t.level_dbm.push_back(f >= from - 1e-9 && f <= to + 1e-9 ? level : ground);
  }
  return t;
}

}  // namespace

TEST_CASE("spectrum: a block of even power has the bandwidth and the power that it has") {
  const Trace t = flat(5700, 5900, 5790, 5810, -40, -160);
  const auto most = occupied(t);
  REQUIRE(most);
  CHECK_THAT(most->width_mhz(), WithinAbs(0.99 * 20.1, 0.02));  // 201 steps of 0.1
  CHECK_THAT((most->low_mhz + most->high_mhz) / 2, WithinAbs(5800, 0.01));
  const auto x = widthBelowPeak(t);
  REQUIRE(x);
  CHECK_THAT(x->width_mhz(), WithinAbs(20, 0.21));
  CHECK_THAT(bandPower_dbm(t, 5790, 5810), WithinAbs(-40 + 10 * std::log10(201), 0.05));
  CHECK(std::isinf(bandPower_dbm(t, 1, 2)));
  CHECK_FALSE(widthBelowPeak(flat(5795, 5900, 5790, 5810, -40, -100)));
  CHECK_FALSE(occupied({}));
  CHECK_THROWS_AS(occupied(t, 1), DomainError);
}

TEST_CASE("spectrum: the power in a band does not depend on how finely it is swept, once the resolution is known") {
  dice::Random random(4);
  for (const double step : {0.05, 0.1, 0.5}) {
    Trace t = flat(5700, 5900, 0, 0, 0, -100 + 10 * std::log10(0.3), step);  // -100 dBm in each MHz, seen by 300 kHz
    CHECK_THAT(bandPower_dbm(t, 5750, 5850) - 10 * std::log10(100 / step + 1), WithinAbs(-105.23, 0.01));
    t.rbw_mhz = 0.3;
    CHECK_THAT(bandPower_dbm(t, 5750 - step / 2, 5850 + step / 2), WithinAbs(-100 + 10 * std::log10(100 + step), 0.05));
  }
  Trace uneven;
  uneven.rbw_mhz = 1;
  for (double f = 100; f < 200; f += 0.2 + random.uniform()) uneven.frequency_mhz.push_back(f), uneven.level_dbm.push_back(-70);
  const double span = uneven.frequency_mhz.back() - uneven.frequency_mhz.front();
  CHECK_THAT(bandPower_dbm(uneven, 100, 200), WithinAbs(-70 + 10 * std::log10(span), 0.1));
}

TEST_CASE("spectrum: noise alone has no width") {
  dice::Random random(9);
  Trace noise = flat(5700, 5900, 0, 0, 0, -100);
  for (double& level : noise.level_dbm) level += 2 * random.normal();
  CHECK_FALSE(occupied(noise));
  for (std::size_t i = 900; i < 1100; ++i) noise.level_dbm[i] += 30;
  CHECK(occupied(noise));
  // A signal that fills most of the sweep has a width, whatever the middle level is.
  CHECK_THAT(occupied(flat(5785, 5815, 5790, 5810, -40, -90))->width_mhz(), WithinAbs(19.9, 0.1));
  CHECK_FALSE(occupied(flat(5792, 5808, 5790, 5810, -40, -90)));
}

TEST_CASE("spectrum: the share holds for a slope, too") {
  Trace t;  // power falls by half every MHz: 99 % within what lies between 0.5 % and 99.5 %
  for (int i = 0; i < 4000; ++i)
    t.frequency_mhz.push_back(i * 0.01), t.level_dbm.push_back(-3.0103 * i * 0.01);
  const auto most = occupied(t);
  CHECK_THAT(most->low_mhz, WithinAbs(-std::log2(0.995), 0.01));
  CHECK_THAT(most->high_mhz, WithinAbs(-std::log2(0.005), 0.01));
}

TEST_CASE("spectrum: peak hold keeps what was ever there, difference says what changed") {
  const Trace a = flat(2400, 2500, 2410, 2420, -50, -100), b = flat(2400, 2500, 2460, 2470, -45, -100),
              coarse = flat(2400, 2500, 2440, 2450, -60, -100, 1);
  const Trace held = peakHold({a, b, coarse});
  const auto used = usedBands(held);
  REQUIRE(used.size() == 3);
  CHECK_THAT(used[0].low_mhz, WithinAbs(2410, 0.01));
  CHECK_THAT(used[1].high_mhz, WithinAbs(2450, 1.0));
  CHECK(used[2].peak_dbm == -45);
  const auto d = difference_db(a, b);
  CHECK(d[150] == -50);
  CHECK(d[650] == 55);
  CHECK(std::isnan(difference_db(a, flat(2450, 2500, 0, 0, 0, -100))[0]));
  CHECK(floor_dbm(held) == -100);
  REQUIRE(largestRise(a, b));
  CHECK(largestRise(a, b)->rise_db == 55);
  Trace spike = a;
  spike.level_dbm[500] += 40;  // one point is none
  CHECK(largestRise(a, spike)->rise_db == 0);
  CHECK_FALSE(largestRise(a, flat(5000, 5100, 0, 0, 0, -100)));
  CHECK_THROWS_AS(peakHold({}), DomainError);
}

TEST_CASE("interference: harmonics and third-order products land where arithmetic puts them") {
  const std::vector<Emitter> emitters{{"control", 868, 0.5, 20}, {"video", 5800, 20, 25}};
  const std::vector<Victim> victims{{"video low", 1720, 1750, -100}, {"GNSS", 1559, 1610, -130}};
  const auto found = productsInBands(emitters, victims);
  REQUIRE(found.size() == 1);
  CHECK(found[0].kind == ProductKind::Harmonic);
  CHECK(found[0].order == 2);
  CHECK_THAT(found[0].low_mhz, WithinAbs(1735.5, 1e-9));
  // Two video channels 40 MHz apart fall 40 MHz beside both; three also between.
  const std::vector<Emitter> three{{"a", 5740, 0, 25}, {"b", 5780, 0, 25}, {"c", 5880, 0, 25}};
  const auto third = productsInBands(three, {{"d", 5699, 5701, -90}, {"e", 5840, 5840, -90}}, 2);
  REQUIRE(third.size() == 2);  // 2a - b; b + c - ... a + c - b
  CHECK(third[0].from == std::vector<std::size_t>{0, 1});
  CHECK(third[1].from == std::vector<std::size_t>{0, 2, 1});
  CHECK(assumedSuppression_db(third[0]) == 40);
  // Of two bands the difference falls beside the satellites, and into them where it is as wide.
  const std::vector<Emitter> two{{"control", 2440, 40, 20}, {"other", 868, 0.5, 20}};
  const auto second = productsInBands(two, {{"L1", 1559, 1592, -130}, {"sum", 3300, 3310, -100}});
  REQUIRE(second.size() == 2);
  for (const Product& p : second) CHECK(p.kind == ProductKind::SecondOrder);
  CHECK_THAT((second[0].low_mhz + second[0].high_mhz) / 2, WithinAbs(3308, 1e-9));
  CHECK_THAT((second[1].low_mhz + second[1].high_mhz) / 2, WithinAbs(1572, 1e-9));
  CHECK_THAT(second[1].high_mhz - second[1].low_mhz, WithinAbs(40.5, 1e-9));
  CHECK_THROWS_AS(productsInBands(emitters, victims, 1), DomainError);
}

TEST_CASE("interference: isolation is free space and the filter, never better than what is needed by magic") {
  CHECK_THAT(isolation_db(10, 2400, 30), WithinAbs(radio::freeSpaceLoss_db(10, 2400) + 30, 1e-12));
  CHECK(isolation_db(0.001, 2400) >= 6.0);
  CHECK_THAT(isolation_db(distanceForIsolation_m(70, 5800), 5800), WithinAbs(70, 1e-9));
  CHECK(neededIsolation_db(-20, -10) == 0);
  // 20 dBm, its second harmonic 40 dB down, against -110 dBm: 90 dB, of which a filter gives 30.
  const std::vector<Emitter> e{{"a", 800, 0, 20}};
  const Victim v{"b", 1590, 1610, -110};
  const auto p = productsInBands(e, {v}, 2);
  REQUIRE(p.size() == 1);
  const Isolation i = isolationOf(p[0], e, v, 0.3, 30);
  CHECK_THAT(i.needed_db, WithinAbs(90, 1e-12));
  CHECK_THAT(i.got_db, WithinAbs(radio::freeSpaceLoss_db(0.3, 1600) + 30, 1e-12));
  CHECK_FALSE(i.enough());
  CHECK(isolationOf(p[0], e, v, i.apart_m * 1.001, 30).enough());
  CHECK(neededIsolation_db(20, -60) == 80);
  CHECK_THROWS_AS(isolation_db(0, 2400), DomainError);
}

TEST_CASE("interference: what costs 1 dB is told from the noise, not from the sensitivity") {
  CHECK_THAT(10 * std::log10(1 + std::pow(10, -kTolerated_db / 10)), WithinAbs(1, 1e-3));
  CHECK_THAT(noiseOf_dbm(-90, 20.0), WithinAbs(-173.975 + 73.0103 + radio::kUsualNoiseFigure_db, 1e-3));
  CHECK(noiseOf_dbm(-90, {}) == -90 - kUsualSnr_db);
}

TEST_CASE("interference: the noise floor rises with what is switched on, told with its interval") {
  const auto rises = floorRises({{"", -101},
                                 {"video", -92},
                                 {"", -100},
                                 {"video", -93},
                                 {"heater", -100},
                                 {"", -101},
                                 {"heater", -101}});
  REQUIRE(rises.size() == 2);
  CHECK(rises[0].emitter == "video");
  CHECK_THAT(rises[0].rise_db, WithinAbs(8.1667, 1e-3));
  CHECK(rises[0].sure);
  CHECK_FALSE(rises[1].sure);
  CHECK(floorRises({{"video", -92}}).empty());
}

TEST_CASE("claims: nothing inside of the interval that is told clashes with it; what a good build reaches holds") {
  const auto helixHolds = [](double turns, double gain) {
    for (const ClaimCheck& c : checkClaims({.gain_dbi = gain, .turns = turns}, {}, 2440))
      if (c.kind == ClaimKind::HelixGain) return c.holds;
    return false;
  };
  CHECK(helixHolds(4, 10));
  CHECK(helixHolds(6, 12));
  CHECK_FALSE(helixHolds(4, 15));
  CHECK_FALSE(helixHolds(6, 17));
  for (double gain = -3; gain < 25; gain += 0.25)
    for (double width = 15; width < 120; width += 7)
      for (double turns = 2; turns < 15; ++turns)
        for (const ClaimCheck& c :
             checkClaims({.gain_dbi = gain, .width_deg = width, .axial_ratio_db = 1, .turns = turns}, {}, 2440)) {
          CAPTURE(gain, width, turns, c.implied_low, c.implied_high);
          if (c.claimed >= c.implied_low && c.claimed <= c.implied_high && !c.holds) FAIL("clashes inside");
        }
}

TEST_CASE("claims: what cannot all be true is found, what can is left alone") {
  const auto kinds = [](const std::vector<ClaimCheck>& all) {
    std::vector<ClaimKind> out;
    for (const ClaimCheck& c : all)
      if (!c.holds) out.push_back(c.kind);
    return out;
  };
  AntennaFigures patch{.gain_dbi = 8, .width_deg = 65, .width2_deg = 70};
  CHECK(kinds(checkClaims(patch, {}, 5800)).empty());
  patch.gain_dbi = 14;
  CHECK(kinds(checkClaims(patch, {}, 5800)) == std::vector{ClaimKind::GainOfWidth});
  AntennaFigures whip{.gain_dbi = 5, .width_deg = 75, .around = true};
  const auto checks = checkClaims(whip, {}, 2440);
  CHECK(kinds(checks) == std::vector{ClaimKind::GainOfWidth});
  CHECK_THAT(checks[0].implied_high, WithinAbs(2.3, 0.2));
  CHECK_THAT(*checks[0].back, WithinAbs(radio::omniWidthOf_deg(5), 1e-9));  // what 5 dBi would be
  AntennaFigures helix{.gain_dbi = 16, .width_deg = 50, .axial_ratio_db = 0.2, .turns = 6};
  CHECK(kinds(checkClaims(helix, {}, 5800)) == std::vector{ClaimKind::GainOfWidth, ClaimKind::HelixGain, ClaimKind::HelixAxialRatio});
  AntennaFigures tiny{.vswr = 2, .low_mhz = 800, .high_mhz = 1000, .size_mm = 30};
  CHECK(kinds(checkClaims(tiny, {}, 900)) == std::vector{ClaimKind::BandOfSize});
  const AntennaFigures said{.gain_dbi = 8, .vswr = 1.5, .low_mhz = 5700, .high_mhz = 5900},
      found{.gain_dbi = 5.5, .vswr = 2.4, .low_mhz = 5600, .high_mhz = 5850};
  CHECK(kinds(checkClaims(said, found, 5800)) ==
        std::vector{ClaimKind::Gain, ClaimKind::Vswr, ClaimKind::Band});  // 50 MHz of it are not held
}

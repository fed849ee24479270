#include "core/bench/sweep.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/finding/error.h"
#include "core/radio/mismatch.h"

using namespace distanz;
using namespace distanz::bench;
using Catch::Matchers::WithinAbs;

namespace {

/// A series circuit of given quality factor: matched at its resonance where r is 1.
Sweep resonator(double centre_mhz, double quality, double r = 1, double step_mhz = 0.5) {
  Sweep s;
  for (double f = centre_mhz * 0.9; f <= centre_mhz * 1.1; f += step_mhz) {
    const std::complex<double> z(r, quality * (f / centre_mhz - centre_mhz / f));
    s.frequency_mhz.push_back(f);
    s.s11.push_back((z - 1.0) / (z + 1.0));
  }
  return s;
}

}  // namespace

TEST_CASE("sweep: minimum, channel and band of a resonator whose circuit is known") {
  const Sweep s = resonator(5800, 20);
  CHECK_THAT(bestMatch(s).frequency_mhz, WithinAbs(5800, 0.5));
  CHECK_THAT(bestMatch(s).vswr, WithinAbs(1, 0.01));
  // VSWR 2 of a matched series circuit: Q (f/f0 - f0/f) = 1 / sqrt 2, a band of f0 / (Q sqrt 2).
  const auto bands = bandsBelow(s, 2);
  REQUIRE(bands.size() == 1);
  CHECK_THAT(bands[0].high_mhz - bands[0].low_mhz, WithinAbs(5800 / (20 * std::sqrt(2.0)), 0.1));
  CHECK_FALSE(bands[0].from_start);
  CHECK_FALSE(bands[0].to_end);
  const auto at = matchAt(s, bands[0].low_mhz);
  REQUIRE(at);
  CHECK_THAT(at->vswr, WithinAbs(2, 0.002));
  CHECK_FALSE(matchAt(s, 6500));
  CHECK(matchAt(s, s.frequency_mhz.back()));
  CHECK(bandsBelow(s, 1000)[0].from_start);
  CHECK(bandsBelow(s, 1000)[0].to_end);
  CHECK_THROWS_AS(bandsBelow(s, 1), DomainError);
  CHECK_THROWS_AS(bestMatch({}), DomainError);
}

TEST_CASE("sweep: a band ends where the sweep has a gap, and nothing is read inside of it", "[regression]") {
  Sweep s;
  for (double f = 2300; f <= 2550; f += 5) {
    if (f > 2350 && f < 2450) continue;
    s.frequency_mhz.push_back(f);
    s.s11.push_back(std::abs(f - 2460) / 200);
  }
  const auto bands = bandsBelow(s, 2);
  REQUIRE(bands.size() == 1);
  CHECK(bands[0].low_mhz == 2450);  // the first that was swept
  CHECK(bands[0].from_start);
  CHECK_FALSE(bands[0].to_end);
  CHECK_FALSE(matchAt(s, 2400));
  CHECK(matchAt(s, 2350));
  CHECK(matchAt(s, 2450));
}

TEST_CASE("sweep: two resonances are two, the ripple between them none") {
  Sweep s = resonator(2400, 30);
  const Sweep high = resonator(5800, 30, 1.5);
  for (std::size_t i = 0; i < s.s11.size(); ++i)
    s.s11[i] *= 1 + 0.02 * std::sin(0.7 * static_cast<double>(i));
  s.frequency_mhz.insert(s.frequency_mhz.end(), high.frequency_mhz.begin(), high.frequency_mhz.end());
  s.s11.insert(s.s11.end(), high.s11.begin(), high.s11.end());
  const auto found = resonances(s);
  REQUIRE(found.size() == 2);
  CHECK_THAT(found[0].frequency_mhz, WithinAbs(2400, 1));
  CHECK_THAT(found[1].frequency_mhz, WithinAbs(5800, 1));
  CHECK(bandsBelow(s, 2).size() == 2);
  Sweep slope;
  for (int i = 0; i < 50; ++i) slope.frequency_mhz.push_back(100 + i), slope.s11.push_back(0.9 - 0.01 * i);
  CHECK(resonances(slope).empty());
}

TEST_CASE("sweep: told for another reference, and back") {
  const Sweep s = resonator(900, 10, 1.5);
  const Sweep other = referredTo(s, 75);  // 1.5 times 50 ohm is 75
  CHECK_THAT(bestMatch(other).vswr, WithinAbs(1, 0.01));
  const Sweep back = referredTo(other, 50);
  for (std::size_t i = 0; i < s.s11.size(); i += 37) CHECK(std::abs(back.s11[i] - s.s11[i]) < 1e-12);
  Sweep open = s;
  open.s11[3] = 1;
  CHECK(std::abs(referredTo(open, 75).s11[3] - 1.0) < 1e-12);
  CHECK_THROWS_AS(referredTo(s, 0), DomainError);
}

TEST_CASE("sweep: what a cover does: the resonance moves, and the channel pays") {
  const Sweep bare = resonator(5800, 25), covered = resonator(5650, 25);
  const auto change = changeBetween(bare, covered, 5800);
  REQUIRE(change);
  REQUIRE(change->shift_mhz);
  CHECK_THAT(*change->shift_mhz, WithinAbs(-150, 1));
  CHECK_THAT(change->loss_db,
             WithinAbs(radio::mismatchLoss_db(std::abs(matchAt(covered, 5800)->gamma)), 1e-6));
  CHECK_FALSE(changeBetween(bare, covered, 9000));
}

TEST_CASE("grip check: a cable that radiates moves when it is held") {
  const Sweep free = resonator(2440, 15), same = resonator(2440.5, 15), moved = resonator(2400, 15);
  const auto still = gripMove(free, same, 2400, 2480), moving = gripMove(free, moved, 2400, 2480);
  REQUIRE(still);
  REQUIRE(moving);
  CHECK_FALSE(still->cable_radiates);
  CHECK(moving->cable_radiates);
  CHECK(moving->frequency_mhz >= 2400);
  CHECK(moving->frequency_mhz <= 2480);
  CHECK_FALSE(gripMove(free, same, 5000, 6000));
  // Without a phase only what shows in the magnitude counts: never more than with it.
  Sweep a = free, b = moved;
  for (auto* s : {&a, &b}) {
    s->has_phase = false;
    for (auto& gamma : s->s11) gamma = std::abs(gamma);
  }
  CHECK(gripMove(a, b, 2400, 2480)->moved <= moving->moved + 1e-12);
}

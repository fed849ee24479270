#include <catch2/catch.hpp>
#include <cmath>

#include "core/finding/error.h"
#include "core/radio/budget.h"
#include "core/radio/clearance.h"
#include "core/radio/path_loss.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::radio;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;

TEST_CASE("free-space loss: the constant of Rec. ITU-R P.525 and the law of doubling") {
  CHECK_THAT(freeSpaceLoss_db(1000, 1), WithinAbs(32.45, 0.005));
  CHECK_THAT(freeSpaceLoss_db(1000, 2400), WithinAbs(32.45 + 20 * std::log10(2400.0), 0.005));
  const double d = std::pow(10, GENERATE(take(30, random(0.0, 6.0))));
  const double f = std::pow(10, GENERATE(take(5, random(0.0, 5.0))));
  CAPTURE(d, f);
  CHECK_THAT(freeSpaceLoss_db(2 * d, f) - freeSpaceLoss_db(d, f), WithinAbs(20 * std::log10(2.0), 1e-10));
  CHECK_THAT(freeSpaceLoss_db(d, 2 * f) - freeSpaceLoss_db(d, f), WithinAbs(20 * std::log10(2.0), 1e-10));
  CHECK_REFUSED(freeSpaceLoss_db(-d, f), Contains("distance_m"));
  CHECK_REFUSED(freeSpaceLoss_db(d, NAN), Contains("frequency_mhz"));
}

TEST_CASE("log-distance loss: exponent 2 is free space, whatever the reference") {
  const double d = GENERATE(take(20, random(1.0, 20000.0)));
  const double reference = GENERATE(1.0, 100.0, 1000.0);
  CHECK_THAT(logDistanceLoss_db(d, 5800, 2, reference), WithinAbs(freeSpaceLoss_db(d, 5800), 1e-9));
  CHECK_THAT(logDistanceLoss_db(10 * d, 5800, 3.1) - logDistanceLoss_db(d, 5800, 3.1), WithinAbs(31, 1e-9));
  // Nearer than the reference there is free space, whatever lies beyond.
  CHECK_THAT(logDistanceLoss_db(0.5, 5800, 4), WithinAbs(freeSpaceLoss_db(0.5, 5800), 1e-9));
  CHECK_REFUSED(logDistanceLoss_db(d, 5800, 0), Contains("exponent"));
}

TEST_CASE("range ratio: four times the power doubles the range in free space, and the inverse") {
  CHECK_THAT(rangeRatio(10 * std::log10(4.0), 2), WithinRel(2.0, 1e-12));
  CHECK_THAT(rangeRatio(0, 3.3), WithinRel(1.0, 1e-12));
  const double delta = GENERATE(take(20, random(-20.0, 20.0)));
  CHECK_THAT(decibelsForRatio(rangeRatio(delta, 2.7), 2.7), WithinAbs(delta, 1e-9));
  CHECK_THROWS_AS(decibelsForRatio(0, 2), DomainError);
  CHECK_THROWS_AS(rangeRatio(1, -2), DomainError);
}

TEST_CASE("Fresnel radius: the textbook figure, symmetry, ends and higher zones") {
  // 17.32 sqrt(d1 d2 / (f d)) with km and GHz: 1 km + 1 km at 2.4 GHz.
  CHECK_THAT(fresnelRadius_m(1000, 1000, 2400), WithinAbs(17.32 * std::sqrt(1 * 1 / (2.4 * 2)), 0.01));
  CHECK_THAT(fresnelRadius_m(300, 700, 5800), WithinAbs(fresnelRadius_m(700, 300, 5800), 1e-12));
  CHECK(fresnelRadius_m(0, 1000, 5800) == 0);
  CHECK_THAT(fresnelRadius_m(500, 500, 5800, 4), WithinRel(2 * fresnelRadius_m(500, 500, 5800, 1), 1e-12));
  CHECK_THROWS_AS(fresnelRadius_m(0, 0, 5800), DomainError);
  CHECK_THROWS_AS(fresnelRadius_m(1, 1, 5800, 0), DomainError);
}

TEST_CASE("radio horizon: 4.12 times the roots, as the textbooks have it") {
  CHECK_THAT(radioHorizon_m(60, 2), WithinAbs(4120 * (std::sqrt(60.0) + std::sqrt(2.0)), 30));
  CHECK(radioHorizon_m(0, 0) == 0);
  CHECK_THROWS_AS(radioHorizon_m(-1, 0), DomainError);
}

TEST_CASE("earth bulge: 4/3 earth, and where bulge meets the horizon") {
  CHECK_THAT(earthBulge_m(10000, 10000), WithinAbs(5.886, 0.01));
  CHECK(earthBulge_m(0, 5000) == 0);
  // From ground level a ray just grazes the horizon distance of the other end: h = d^2/(2 k Re).
  const double h = 30, horizon = radioHorizon_m(h, 0);
  CHECK_THAT(horizon * horizon / (2 * kEffectiveEarthFactor * kEarthRadius_m), WithinRel(h, 1e-12));
}

TEST_CASE("clearance: high enough is clear, low is not, and the need is 60 % of the zone") {
  const Clearance high = worstClearance(2000, 10, 120, 2440);
  CHECK(high.ray_m > high.needed_m);
  const Clearance low = worstClearance(4000, 1, 5, 2440);
  CHECK(low.ray_m < low.needed_m);
  CHECK_THAT(low.needed_m,
             WithinRel(0.6 * fresnelRadius_m(low.distance_m, 4000 - low.distance_m, 2440), 1e-12));
}

TEST_CASE("two-ray breakpoint: the published example of 2.4 GHz, 2 m and 50 m") {
  CHECK_THAT(twoRayBreakpoint_m(2, 50, 2400), WithinAbs(3200, 10));
}

TEST_CASE("link budget: every term moves the received level by itself") {
  const LinkEnds ends{20, 2, 8, 0.5, 0.7};
  const Budget b = linkBudget(ends, 100);
  CHECK_THAT(b.eirp_dbm, WithinAbs(21.5, 1e-12));
  CHECK_THAT(b.received_dbm, WithinAbs(21.5 - 100 + 8 - 0.7, 1e-12));
  CHECK_THAT(linkBudget(ends, 103).received_dbm, WithinAbs(b.received_dbm - 3, 1e-12));
  CHECK_THROWS_AS(linkBudget({NAN, 0, 0, 0, 0}, 100), DomainError);
  LinkEnds all = ends;
  all.tx_filter_db = 0.3, all.rx_filter_db = 0.4, all.polarisation_db = 3, all.pointing_db = 1;
  CHECK_THAT(linkBudget(all, 100).eirp_dbm, WithinAbs(21.2, 1e-12));
  CHECK_THAT(linkBudget(all, 100).received_dbm, WithinAbs(b.received_dbm - 4.7, 1e-12));
  const auto terms = budgetTerms(all, 100);
  REQUIRE(terms.size() == 12);
  CHECK(terms[4].level_dbm == linkBudget(all, 100).eirp_dbm);
  CHECK(terms.back().level_dbm == linkBudget(all, 100).received_dbm);
  for (std::size_t i = 1; i < terms.size(); ++i)
    CHECK_THAT(terms[i].level_dbm - terms[i - 1].level_dbm, WithinAbs(terms[i].change_db, 1e-9));
}

TEST_CASE("clearance of a profile: over flat ground that of flat ground, an edge takes what it stands up") {
  radio::Profile flat{{}, {}, 2, 60};
  for (int i = 0; i <= 64; ++i) {
    flat.distance_m.push_back(3000.0 * i / 64);
    flat.top_m.push_back(0);
  }
  const double k = GENERATE(0.7, 4.0 / 3.0, 3.0);
  const radio::Clearance known = radio::worstClearance(3000, 2, 60, 2440, k);
  const auto same = radio::worstClearance(flat, 2440, k);
  REQUIRE(same);
  CHECK(same->ray_m == Approx(known.ray_m));
  CHECK(same->distance_m == Approx(known.distance_m));
  const double lowest = radio::lowestClearHeight(flat, 2440, k)->height_m;
  for (const double above : {-0.5, 0.5}) {
    flat.last_m = lowest + above;
    const auto at = radio::worstClearance(flat, 2440, k);
    CHECK((at->ray_m >= at->needed_m) == (above > 0));
  }
  flat.top_m[32] = 25;
  CHECK(radio::lowestClearHeight(flat, 2440, k)->distance_m == Approx(1500));
  // Half-way, the ray over the edge ends twice as high above the mast as it is there.
  const double needed = 25 + radio::earthBulge_m(1500, 1500, k) + 0.6 * radio::fresnelRadius_m(1500, 1500, 2440);
  CHECK(radio::lowestClearHeight(flat, 2440, k)->height_m == Approx(2 + 2 * (needed - 2)));
  CHECK_FALSE(radio::worstClearance({{0, 10}, {0, 0}, 1, 1}, 2440));
}

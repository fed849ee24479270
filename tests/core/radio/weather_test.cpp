#include "core/radio/weather.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <numbers>

#include "core/finding/error.h"
#include "core/radio/clearance.h"
#include "core/radio/ground_reflection.h"
#include "core/radio/path_loss.h"

using namespace distanz;
using namespace distanz::radio;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;

TEST_CASE("rain: the table of the recommendation") {
  struct Row {
    double ghz, k_h, a_h, k_v, a_v;
  };
  // Rec. ITU-R P.838-3, table 5.
  for (const Row& r : {Row{1, 0.0000259, 0.9691, 0.0000308, 0.8592}, {2, 0.0000847, 1.0664, 0.0000998, 0.9490},
                       {4, 0.0001071, 1.6009, 0.0002461, 1.2476}, {5, 0.0002162, 1.6969, 0.0002428, 1.5317},
                       {6, 0.0007056, 1.5900, 0.0004878, 1.5728}, {10, 0.01217, 1.2571, 0.01129, 1.2156},
                       {20, 0.09164, 1.0568, 0.09611, 0.9847}, {100, 1.3671, 0.6815, 1.3680, 0.6765}}) {
    CAPTURE(r.ghz);
    for (const double rate : {1.0, 25.0, 100.0}) {
      CHECK_THAT(rainLoss_db_km(r.ghz * 1000, rate, Plane::Horizontal), WithinRel(r.k_h * std::pow(rate, r.a_h), 3e-3));
      CHECK_THAT(rainLoss_db_km(r.ghz * 1000, rate, Plane::Vertical), WithinRel(r.k_v * std::pow(rate, r.a_v), 3e-3));
    }
  }
  const double round = rainLoss_db_km(10000, 25, Plane::Circular);
  CHECK(round > rainLoss_db_km(10000, 25, Plane::Vertical));
  CHECK(round < rainLoss_db_km(10000, 25, Plane::Horizontal));
  CHECK(rainLoss_db_km(5800, 0, Plane::Vertical) == 0);
  CHECK(rainLoss_db_km(433, 20, Plane::Vertical) == rainLoss_db_km(1000, 20, Plane::Vertical));
  CHECK_THROWS_AS(rainLoss_db_km(5800, -1, Plane::Vertical), DomainError);
}

TEST_CASE("gases: the annex typed a second time, and nothing without vapour") {
  // 1013 hPa, 15 degrees, 7.5 g/m3; typed apart in another language, from the same equations.
  CHECK_THAT(oxygenLoss_db_km(2400), WithinAbs(0.0068, 3e-4));
  CHECK_THAT(oxygenLoss_db_km(5800), WithinAbs(0.0074, 3e-4));
  CHECK_THAT(oxygenLoss_db_km(10000), WithinAbs(0.0079, 3e-4));
  CHECK_THAT(vapourLoss_db_km(10000), WithinAbs(0.0066, 3e-4));
  CHECK_THAT(vapourLoss_db_km(22235), WithinAbs(0.179, 0.003));
  CHECK(vapourLoss_db_km(5800, {1013.25, 15, 0}) == 0);
  CHECK_THROWS_AS(oxygenLoss_db_km(60000), DomainError);
}

TEST_CASE("cloud: the equations typed a second time, and next to nothing where drones fly") {
  // Kl at 0 degrees; typed apart in another language.
  CHECK_THAT(cloudLoss_db_km(10000, 1, 0), WithinAbs(0.0926, 0.001));
  CHECK_THAT(cloudLoss_db_km(30000, 1, 0), WithinAbs(0.771, 0.005));
  CHECK_THAT(cloudLoss_db_km(100000, 1, 0), WithinAbs(4.89, 0.02));
  CHECK(cloudLoss_db_km(5800, 0.5, 10) < 0.02);
  CHECK_THAT(cloudLoss_db_km(10000, 0.5, 0) * 2, WithinAbs(cloudLoss_db_km(10000, 1, 0), 1e-12));
}

TEST_CASE("water: still at low frequencies, and its relaxation near 17 GHz at 20 degrees") {
  CHECK_THAT(waterPermittivity(1, 20).real(), WithinAbs(80.2, 0.3));
  double most = 0, at = 0;
  for (double f = 1000; f < 60000; f += 100)
    if (-waterPermittivity(f, 20).imag() > most) most = -waterPermittivity(f, 20).imag(), at = f;
  CHECK_THAT(at, WithinAbs(17200, 700));
  CHECK_THAT(most, WithinAbs(37.6, 1));
}

TEST_CASE("woodland: Weissberger's two stretches") {
  CHECK_THAT(woodlandLoss_db(1000, 10), WithinAbs(4.5, 1e-9));
  CHECK_THAT(woodlandLoss_db(1000, 100), WithinAbs(1.33 * std::pow(100, 0.588), 1e-9));
  CHECK_THAT(woodlandLoss_db(5800, 100) / woodlandLoss_db(1000, 100), WithinAbs(std::pow(5.8, 0.284), 1e-9));
  CHECK_THAT(woodlandLoss_db(2400, 13.999), WithinAbs(woodlandLoss_db(2400, 14), 0.25));
  CHECK(woodlandLoss_db(2400, 1000) == woodlandLoss_db(2400, 400));
  CHECK_THROWS_AS(woodlandLoss_db(100, 10), DomainError);
}

TEST_CASE("ground: Brewster's angle, straight down, and grazing") {
  const std::complex<double> e(4, 0);
  CHECK(std::abs(groundReflection(e, std::atan(1 / std::sqrt(4.0)), Plane::Vertical)) < 1e-12);
  CHECK_THAT(groundReflection(e, std::numbers::pi / 2, Plane::Horizontal).real(), WithinAbs(-1.0 / 3, 1e-12));
  CHECK_THAT(groundReflection(e, std::numbers::pi / 2, Plane::Vertical).real(), WithinAbs(1.0 / 3, 1e-12));
  CHECK(std::abs(groundReflection(e, std::numbers::pi / 2, Plane::Circular)) < 1e-12);  // all turns its hand
  for (const Plane plane : {Plane::Vertical, Plane::Horizontal, Plane::Circular})
    CHECK(std::abs(groundReflection(permittivityOf(Ground::MediumDry, 2440), 0, plane) + 1.0) < 1e-12);
  CHECK(std::abs(permittivityOf(Ground::SeaWater, 1000)) > std::abs(permittivityOf(Ground::FreshWater, 1000)));
}

TEST_CASE("two rays: a perfect mirror gives 2 sin, far out it falls by 12 dB a doubling, roughness breaks it") {
  const std::complex<double> mirror(1e12, 0);
  CHECK_THAT(twoRayLoss_db(200, 2.5, 50, 2440, mirror, Plane::Horizontal), WithinAbs(1.9792, 1e-3));  // both ways
  CHECK_THAT(twoRayLoss_db(700, 2.5, 50, 2440, mirror, Plane::Horizontal), WithinAbs(4.1290, 1e-3));  // by hand
  for (const double d : {3000.0, 5000.0, 20000.0}) {
    const double phase = 2 * std::numbers::pi * 2.5 * 50 / (wavelength_m(2440) * d);
    CHECK_THAT(twoRayLoss_db(d, 2.5, 50, 2440, mirror, Plane::Horizontal),
               WithinAbs(-20 * std::log10(2 * std::abs(std::sin(phase))), 0.01));
  }
  const auto loss = [&](double d) { return twoRayLoss_db(d, 2, 10, 2440, permittivityOf(Ground::Wet, 2440), Plane::Vertical); };
  CHECK_THAT(loss(80000) - loss(40000), WithinAbs(20 * std::log10(2.0), 0.1));  // on top of free space
  CHECK_THAT(twoRayLoss_db(*twoRayNull_m(2.5, 50, 2440, 950, 1080), 2.5, 50, 2440, mirror, Plane::Horizontal),
             WithinAbs(35, 5));
  CHECK(std::abs(twoRayLoss_db(300, 20, 50, 5800, permittivityOf(Ground::Wet, 5800), Plane::Vertical, 1)) < 0.01);
  CHECK(twoRayLoss_db(1000, 0, 50, 2440, mirror, Plane::Horizontal) == kDeepestNull_db);  // on the mirror
  CHECK_THROWS_AS(twoRayLoss_db(0, 2, 2, 2440, mirror, Plane::Vertical), DomainError);
}

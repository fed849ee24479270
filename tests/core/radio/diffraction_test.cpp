#include "core/radio/diffraction.h"

#include <array>
#include <catch2/catch.hpp>
#include <cmath>
#include <numbers>

#include "core/finding/error.h"
#include "core/radio/path_loss.h"
#include "core/radio/rounded.h"

using namespace distanz;
using namespace distanz::radio;
using Catch::Matchers::WithinAbs;

namespace {

/// The Fresnel integrals by the midpoint rule.
double exact_db(double v) {
  constexpr int kSteps = 20000;
  double c = 0, s = 0;
  for (int i = 0; i < kSteps; ++i) {
    const double x = v * (i + 0.5) / kSteps, angle = std::numbers::pi * x * x / 2;
    c += std::cos(angle) * v / kSteps;
    s += std::sin(angle) * v / kSteps;
  }
  return -20 * std::log10(std::hypot(1 - c - s, c - s) / 2);
}

}  // namespace

TEST_CASE("knife edge: the Fresnel integrals, grazing, and clear of the ray") {
  for (const double v : {-0.7, -0.5, -0.2, 0.0, 0.5, 1.0, 2.0, 3.0, 5.0})
    CHECK_THAT(knifeEdgeLoss_db(v), WithinAbs(exact_db(v), 0.13));
  CHECK_THAT(knifeEdgeLoss_db(0), WithinAbs(6.02, 0.02));
  CHECK(knifeEdgeLoss_db(-0.78) == 0);
  CHECK(knifeEdgeLoss_db(-100) == 0);
}

TEST_CASE("obstruction: three profiles worked out apart, by bench/reference/diffraction, in the recommendation's own units") {
  Profile p{{0, 400, 900, 1500, 2200, 3000}, {80, 88, 97, 84, 99, 80}, 82, 118};
  CHECK_THAT(obstruction(p, 2440, Diffraction::Bullington).loss_db, WithinAbs(20.438, 0.002));
  CHECK_THAT(obstruction(p, 2440, Diffraction::Deygout).loss_db, WithinAbs(11.7885, 0.002));
  CHECK(obstruction(p, 2440, Diffraction::Deygout).v > 0);
  CHECK(obstruction(p, 2440, Diffraction::Deygout).distance_m == 900);
  p.last_m = 140;
  CHECK_THAT(obstruction(p, 5800, Diffraction::Bullington).loss_db, WithinAbs(3.790, 0.002));
  CHECK_THAT(obstruction(p, 5800, Diffraction::Deygout).loss_db, WithinAbs(1.5282, 0.002));
  const Profile far{{0, 5000, 12000, 19000, 26000, 30000}, {0, 40, 95, 60, 80, 0}, 10, 20};
  CHECK_THAT(obstruction(far, 868, Diffraction::Bullington).loss_db, WithinAbs(36.899, 0.005));
  CHECK_THAT(obstruction(far, 868, Diffraction::Deygout).loss_db, WithinAbs(50.1213, 0.005));
}

TEST_CASE("obstruction: one thin edge is one knife edge for both schools, and open ground costs nothing") {
  Profile p{{0, 1500, 3000}, {0, 30, 0}, 10, 10};
  const double v = (30 + earthBulge_m(1500, 1500) - 10) * std::sqrt(2 * 3000 / (wavelength_m(2440) * 1500 * 1500));
  const double one = knifeEdgeLoss_db(v), behind = 1 - std::exp(-one / 6);
  CHECK_THAT(obstruction(p, 2440, Diffraction::Bullington).loss_db, WithinAbs(one + behind * 10.06, 1e-9));
  CHECK_THAT(obstruction(p, 2440, Diffraction::Deygout).loss_db, WithinAbs(one, 1e-9));  // section 4.1
  CHECK_THAT(obstruction(p, 2440, Diffraction::Deygout).v, WithinAbs(v, 1e-9));
  p.top_m[1] = -200;
  for (const Diffraction method : {Diffraction::Bullington, Diffraction::Deygout})
    CHECK(obstruction(p, 2440, method).loss_db == 0);
  CHECK(obstruction({{0, 100}, {0, 0}, 2, 50}, 2440, Diffraction::Bullington).loss_db == 0);  // nothing between
}

namespace {

/// A hill as round as a circle of `radius_m` at its top, 2 km out of 6.
Profile roundHill(double top_m, double radius_m, double step_m) {
  Profile p;
  p.first_m = 2;
  p.last_m = 30;
  for (double d = 0; d <= 6000; d += step_m) {
    p.distance_m.push_back(d);
    p.top_m.push_back(std::max(top_m - (d - 2000) * (d - 2000) / (2 * radius_m), -500.0));
  }
  return p;
}

}  // namespace

TEST_CASE("rounded: what a cylinder costs beyond an edge, in its limits and where both of its equations meet") {
  const double f = 2440, d1 = 2000, d2 = 4000;
  CHECK(roundedLoss_db(d1, d2, 20, 0, f) == 0);
  CHECK_THAT(roundedLoss_db(d1, d2, 20, 1e-6, f), WithinAbs(0, 0.01));
  const double waves = std::cbrt(std::numbers::pi * 500 / wavelength_m(f)), m = 500 * 6000 / (d1 * d2) / waves;
  CHECK_THAT(roundedLoss_db(d1, d2, 0, 500, f), WithinAbs(7.2 * std::sqrt(m) - 2 * m + 3.6 * std::pow(m, 1.5) - 0.8 * m * m, 1e-9));
  CHECK(roundedLoss_db(d1, d2, -5, 500, f) == roundedLoss_db(d1, d2, 0, 500, f));
  const double meet = 4 / m * 500 / (waves * waves);  // m n = 4
  CHECK_THAT(roundedLoss_db(d1, d2, meet * 1.00001, 500, f), WithinAbs(roundedLoss_db(d1, d2, meet * 0.99999, 500, f), 0.05));
  CHECK(roundedLoss_db(d1, d2, 60, 500, f) > roundedLoss_db(d1, d2, 20, 500, f));
  for (const auto& bad : {std::array{0.0, 1.0}, std::array{100.0, -1.0}})
    CHECK_THROWS_AS(roundedLoss_db(bad[0], 100, 5, bad[1], f), DomainError);
}

TEST_CASE("obstruction: one hill is one rounded edge, however finely it is sampled") {
  const double f = GENERATE(433.0, 868.0, 2440.0, 5800.0), radius = GENERATE(20.0, 100.0, 500.0, 2000.0), top = GENERATE(20.0, 40.0);
  const double height = top + earthBulge_m(2000, 4000) - (2 + 28.0 / 3);
  const double v = height * std::sqrt(2 * 6000 / (wavelength_m(f) * 2000 * 4000));
  const double alone = knifeEdgeLoss_db(v) + roundedLoss_db(2000, 4000, height, radius, f);
  for (const double step : {2.0, 10.0, 20.0})
    CHECK_THAT(obstruction(roundHill(top, radius, step), f, Diffraction::Deygout).loss_db, WithinAbs(alone, 0.15));
}

TEST_CASE("obstruction: another hill behind a valley counts, bumps on the same hill do not") {
  Profile p = roundHill(40, 100, 10);
  const double alone = obstruction(p, 2440, Diffraction::Deygout).loss_db;
  Profile bumpy = p;
  bumpy.top_m[197] += 0.2;  // 30 m before the top
  CHECK_THAT(obstruction(bumpy, 2440, Diffraction::Deygout).loss_db, WithinAbs(alone, 1.5));
  Profile two = p;
  two.top_m[400] = 45;  // 4 km out
  CHECK(obstruction(two, 2440, Diffraction::Deygout).loss_db > alone + 10);
}

TEST_CASE("obstruction: what stands beside the line counts as an edge as far from the ray as it is") {
  Profile p{{0, 1500, 3000}, {0, 200, 0}, 30, 30, {0, 4, 0}};
  const double v = -4 * std::sqrt(2 * 3000 / (wavelength_m(868) * 1500 * 1500));
  CHECK_THAT(obstruction(p, 868, Diffraction::Deygout).v, WithinAbs(v, 1e-9));
  CHECK_THAT(obstruction(p, 868, Diffraction::Deygout).loss_db, WithinAbs(knifeEdgeLoss_db(v), 1e-9));
  CHECK_THAT(worstClearance(p, 868)->ray_m, WithinAbs(4, 1e-9));
  p.top_m[1] = 30 - earthBulge_m(1500, 1500) - 3;  // below and beside: 5 m away
  CHECK_THAT(worstClearance(p, 868)->ray_m, WithinAbs(5, 1e-9));
  const double zone = kClearShare * fresnelRadius_m(1500, 1500, 868);
  CHECK_THAT(lowestClearHeight(p, 868)->height_m, WithinAbs(30 + 2 * (std::sqrt(zone * zone - 16) - 3), 1e-6));
  p.beside_m = {0, 40, 0};
  CHECK_FALSE(lowestClearHeight(p, 868));
  CHECK(obstruction(p, 868, Diffraction::Bullington).loss_db == 0);
}

TEST_CASE("obstruction: a profile that is none is refused") {
  for (const Profile& p : {Profile{{0}, {0}, 1, 1}, Profile{{0, 10, 10}, {0, 0, 0}, 1, 1},
                           Profile{{5, 10}, {0, 0}, 1, 1}, Profile{{0, 10}, {0}, 1, 1}})
    CHECK_THROWS_AS(obstruction(p, 2440, Diffraction::Deygout), DomainError);
  CHECK_THROWS_AS(obstruction({{0, 10}, {0, 0}, 1, 1}, 2440, Diffraction::Deygout, 0), DomainError);
}

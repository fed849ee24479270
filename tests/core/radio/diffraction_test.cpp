#include "core/radio/diffraction.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <numbers>

#include "core/finding/error.h"
#include "core/radio/path_loss.h"

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
  CHECK_THAT(obstruction(p, 2440, Diffraction::Deygout).loss_db, WithinAbs(24.378, 0.002));
  CHECK(obstruction(p, 2440, Diffraction::Deygout).v > 0);
  CHECK(obstruction(p, 2440, Diffraction::Deygout).distance_m == 900);
  p.last_m = 140;
  CHECK_THAT(obstruction(p, 5800, Diffraction::Bullington).loss_db, WithinAbs(3.790, 0.002));
  CHECK_THAT(obstruction(p, 5800, Diffraction::Deygout).loss_db, WithinAbs(4.611, 0.002));
  const Profile far{{0, 5000, 12000, 19000, 26000, 30000}, {0, 40, 95, 60, 80, 0}, 10, 20};
  CHECK_THAT(obstruction(far, 868, Diffraction::Bullington).loss_db, WithinAbs(36.899, 0.005));
  CHECK_THAT(obstruction(far, 868, Diffraction::Deygout).loss_db, WithinAbs(50.619, 0.005));
}

TEST_CASE("obstruction: one thin edge is one knife edge for both schools, and open ground costs nothing") {
  Profile p{{0, 1500, 3000}, {0, 30, 0}, 10, 10};
  const double v = (30 + earthBulge_m(1500, 1500) - 10) * std::sqrt(2 * 3000 / (wavelength_m(2440) * 1500 * 1500));
  const double one = knifeEdgeLoss_db(v), behind = 1 - std::exp(-one / 6);
  CHECK_THAT(obstruction(p, 2440, Diffraction::Bullington).loss_db, WithinAbs(one + behind * 10.06, 1e-9));
  CHECK_THAT(obstruction(p, 2440, Diffraction::Deygout).loss_db, WithinAbs(one + behind * 10.12, 1e-9));
  CHECK_THAT(obstruction(p, 2440, Diffraction::Deygout).v, WithinAbs(v, 1e-9));
  p.top_m[1] = -200;
  for (const Diffraction method : {Diffraction::Bullington, Diffraction::Deygout})
    CHECK(obstruction(p, 2440, method).loss_db == 0);
  CHECK(obstruction({{0, 100}, {0, 0}, 2, 50}, 2440, Diffraction::Bullington).loss_db == 0);  // nothing between
}

TEST_CASE("obstruction: a profile that is none is refused") {
  for (const Profile& p : {Profile{{0}, {0}, 1, 1}, Profile{{0, 10, 10}, {0, 0, 0}, 1, 1},
                           Profile{{5, 10}, {0, 0}, 1, 1}, Profile{{0, 10}, {0}, 1, 1}})
    CHECK_THROWS_AS(obstruction(p, 2440, Diffraction::Deygout), DomainError);
  CHECK_THROWS_AS(obstruction({{0, 10}, {0, 0}, 1, 1}, 2440, Diffraction::Deygout, 0), DomainError);
}

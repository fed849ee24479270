#include <catch2/catch.hpp>
#include <cmath>
#include <complex>
#include <future>
#include <numbers>

#include "core/dice/random.h"
#include "core/finding/error.h"
#include "core/radio/exposure.h"
#include "core/radio/far_field.h"
#include "core/radio/noise.h"
#include "core/radio/path_loss.h"
#include "core/radio/gain_width.h"
#include "core/radio/helix.h"
#include "core/radio/mismatch.h"
#include "core/radio/pattern.h"
#include "core/radio/polarisation.h"

using namespace distanz;
using namespace distanz::radio;
using Catch::Matchers::WithinAbs;

TEST_CASE("mismatch: the table of every textbook, and its ends") {
  struct Row {
    double vswr, reflection, return_loss_db, mismatch_loss_db;
  };
  // Pozar, Microwave Engineering, section 2.3: |Gamma| 1/5, 1/3, 1/2.
  for (const Row& r : {Row{1.5, 0.2, 13.979, 0.177}, {2, 1.0 / 3, 9.542, 0.512}, {3, 0.5, 6.021, 1.249}}) {
    CHECK_THAT(reflection(r.vswr), WithinAbs(r.reflection, 1e-12));
    CHECK_THAT(vswr(r.reflection), WithinAbs(r.vswr, 1e-12));
    CHECK_THAT(returnLoss_db(r.reflection), WithinAbs(r.return_loss_db, 5e-4));
    CHECK_THAT(mismatchLoss_db(r.reflection), WithinAbs(r.mismatch_loss_db, 5e-4));
  }
  CHECK(reflection(INFINITY) == 1);
  CHECK(std::isinf(vswr(1)));
  CHECK(std::isnan(vswr(1.01)));
  CHECK(std::isinf(returnLoss_db(0)));
  CHECK(std::isinf(mismatchLoss_db(1.2)));
  CHECK_THROWS_AS(reflection(0.99), DomainError);
  CHECK_THROWS_AS(vswr(-0.1), DomainError);
}

namespace {

/// The same by Jones vectors: |a* . b|^2 of unit field vectors.
double byFields(const Polarisation& a, const Polarisation& b) {
  using Complex = std::complex<double>;
  struct Field {
    Complex x, y;
  };
  const auto field = [](const Polarisation& p) {
    const double axis = p.hand == Hand::None ? 0 : std::pow(10, -p.axial_ratio_db / 20);
    const Complex u = 1, v = Complex(0, p.hand == Hand::Right ? -axis : axis);
    const double t = p.tilt_deg * std::numbers::pi / 180, n = std::sqrt(1 + axis * axis);
    return Field{(u * std::cos(t) - v * std::sin(t)) / n, (u * std::sin(t) + v * std::cos(t)) / n};
  };
  const Field f = field(a), g = field(b);
  return std::norm(std::conj(f.x) * g.x + std::conj(f.y) * g.y);
}

}  // namespace

TEST_CASE("polarisation: what textbooks give, and the same by field vectors") {
  const Polarisation upright{}, flat{Hand::None, 0, 90}, right{Hand::Right, 0}, left{Hand::Left, 0};
  CHECK_THAT(polarisationLoss_db(upright, right), WithinAbs(3.0103, 1e-4));
  CHECK_THAT(polarisationLoss_db(upright, {Hand::None, 0, 45}), WithinAbs(3.0103, 1e-4));
  CHECK(polarisationLoss_db(right, right) == 0);
  CHECK(std::isinf(polarisationLoss_db(right, left)));
  CHECK(std::isinf(polarisationLoss_db(upright, flat)));
  // Two antennas of 3 dB axial ratio: 0.51 dB at worst; one of them to a linear one: 1.76 to 4.77 dB.
  const Polarisation usual{Hand::Right, 3};
  CHECK_THAT(polarisationSpan(usual, usual).worst_db, WithinAbs(0.508, 1e-3));
  CHECK_THAT(polarisationSpan(usual, usual).best_db, WithinAbs(0, 1e-9));
  CHECK_THAT(polarisationSpan(usual, upright).best_db, WithinAbs(1.764, 2e-3));
  CHECK_THAT(polarisationSpan(usual, upright).worst_db, WithinAbs(4.764, 2e-3));

  const double axial = GENERATE(take(6, random(0.0, 20.0))), tilt = GENERATE(take(4, random(-90.0, 90.0)));
  for (Hand hand : {Hand::Left, Hand::Right, Hand::None})
    for (const Polarisation& other : {usual, Polarisation{Hand::Left, 1, 20}, upright})
      CHECK_THAT(polarisationEfficiency({hand, axial, tilt}, other),
                 WithinAbs(byFields({hand, axial, tilt}, other), 1e-12));
}

TEST_CASE("polarisation: a bounce turns the hand, so that some of the wrong one gets through") {
  const Polarisation right{Hand::Right, 0}, left{Hand::Left, 0};
  CHECK(std::isinf(polarisationLossWithBounce_db(right, left, 0)));
  CHECK_THAT(polarisationLossWithBounce_db(right, left, 0.1), WithinAbs(10, 1e-9));
  CHECK_THAT(polarisationLossWithBounce_db(right, left, 1), WithinAbs(0, 1e-9));
  CHECK_THAT(polarisationLossWithBounce_db(right, right, 0.1), WithinAbs(0.4576, 1e-4));
  CHECK_THROWS_AS(polarisationLossWithBounce_db(right, left, 1.1), DomainError);
  CHECK_THROWS_AS(polarisationLoss_db({Hand::Right, -1}, left), DomainError);
}

TEST_CASE("patterns: gain and width of antennas whose theory is known") {
  const auto through = [](const AntennaShape& s) { return factsOf(*patternOf(s), Cut::ThroughAxis); };
  // Balanis, Antenna Theory, 4.6: 1.64, 78 degrees; a quarter wave on a plane has twice the gain.
  const CutFacts dipole = through({AntennaKind::Dipole});
  CHECK_THAT(dipole.peak_dbi, WithinAbs(2.151, 0.002));
  CHECK_THAT(dipole.width_deg, WithinAbs(78.08, 0.1));
  CHECK(std::abs(dipole.peak_deg) == Approx(90).margin(0.2));
  REQUIRE(dipole.nulls_deg.size() == 2);
  CHECK_THAT(dipole.nulls_deg[1], WithinAbs(0, 0.2));
  CHECK_THAT(through({AntennaKind::Monopole}).peak_dbi, WithinAbs(5.161 - 0.07, 0.01));
  // A small loop or short dipole: 3/2, 90 degrees.
  const CutFacts omni = through({AntennaKind::CircularOmni});
  CHECK_THAT(omni.peak_dbi, WithinAbs(1.761, 0.005));
  CHECK_THAT(omni.width_deg, WithinAbs(90, 0.1));
  // cos^q: D = 2 (q + 1), half power at acos(0.5^(1/q)).
  const CutFacts yagi = through({.kind = AntennaKind::Yagi, .gain_dbi = 10, .front_to_back_db = 60});
  CHECK_THAT(yagi.peak_dbi, WithinAbs(10, 0.01));
  CHECK_THAT(yagi.width_deg, WithinAbs(65.53, 0.1));
  CHECK_THAT(yagi.front_to_back_db, WithinAbs(60, 1e-9));
  const CutFacts leaking = through({.kind = AntennaKind::Yagi, .gain_dbi = 12, .front_to_back_db = 16});
  CHECK_THAT(leaking.peak_dbi, WithinAbs(12, 0.01));
  CHECK_THAT(leaking.front_to_back_db, WithinAbs(16, 1e-9));
  CHECK(patternOf({})->gain_dbi({70, 30}) == Approx(0).margin(1e-9));
}

TEST_CASE("patterns: a bent dipole is a straight one at 180 degrees, and fills its nulls when bent") {
  const auto straight = patternOf({AntennaKind::Dipole}),
             open = patternOf({.kind = AntennaKind::BentDipole, .bend_deg = 180}),
             bent = patternOf({.kind = AntennaKind::BentDipole, .bend_deg = 90});
  for (double theta : {10.0, 47.0, 90.0, 133.0})
    CHECK_THAT(open->gain_dbi({theta, 25}), WithinAbs(straight->gain_dbi({theta, 25}), 0.01));
  CHECK(straight->gain_dbi({0, 0}) < -50);
  CHECK(bent->gain_dbi({0, 0}) > -7);
  CHECK(bent->peak_dbi() < straight->peak_dbi() + 0.3);
  CHECK(factsOf(*bent, Cut::ThroughAxis).nulls_deg.empty());
}

TEST_CASE("patterns: all power that goes in comes out, wherever it goes") {
  const AntennaShape shape{.kind = GENERATE(AntennaKind::Dipole, AntennaKind::BentDipole, AntennaKind::Patch,
                                            AntennaKind::Helix, AntennaKind::CircularOmni)};
  const auto pattern = patternOf(shape);
  dice::Random random(5);
  double sum = 0;
  constexpr int kDirections = 400000;
  for (int i = 0; i < kDirections; ++i) {
    const double theta = std::acos(random.uniform(-1, 1)) * 180 / std::numbers::pi;
    sum += std::pow(10, pattern->gain_dbi({theta, random.uniform(0, 360)}) / 10) / kDirections;
  }
  CAPTURE(static_cast<int>(shape.kind));
  CHECK_THAT(10 * std::log10(sum), WithinAbs(0, 0.03));
}

TEST_CASE("patterns: whoever asks for the same antenna gets the same pattern, from any thread, after many others") {
  const AntennaShape shape{.kind = AntennaKind::Patch, .permittivity = 3.3};
  const auto first = patternOf(shape);
  CHECK(patternOf(shape) == first);
  CHECK(patternOf({.kind = AntennaKind::Patch, .permittivity = 3.4}) != first);
  const auto asked = [&](int of) {
    bool right = true;
    for (int i = 0; i < 100; ++i) {
      const double gain_dbi = 10 + 0.1 * ((i * of) % 83);  // more than are kept
      right = right && std::abs(patternOf({.kind = AntennaKind::Yagi, .gain_dbi = gain_dbi})->peak_dbi() - gain_dbi) < 0.02;
    }
    return right;
  };
  auto other = std::async(std::launch::async, asked, 7);
  CHECK(asked(5));
  CHECK(other.get());
  CHECK(patternOf(shape)->peak_dbi() == first->peak_dbi());
  CHECK(first->gain_dbi({0, 0}) == first->peak_dbi());  // kept by who has it
}

TEST_CASE("patterns: a patch and a helix point forward, more turns more so") {
  const CutFacts air = factsOf(*patternOf({.kind = AntennaKind::Patch, .permittivity = 1}), Cut::ThroughAxis),
                 print =
                     factsOf(*patternOf({.kind = AntennaKind::Patch, .permittivity = 4.4}), Cut::ThroughAxis);
  // Balanis 14.2: about 8 dBi in air, 5 to 6 on glass fibre.
  CHECK(air.peak_dbi > 7.5);
  CHECK(air.peak_dbi < 9.5);
  CHECK(print.peak_dbi > 5);
  CHECK(print.peak_dbi < 6.6);
  CHECK_THAT(air.peak_deg, WithinAbs(0, 0.1));
  double before = 0;
  for (double turns : {3.0, 6.0, 12.0}) {
    const CutFacts helix =
        factsOf(*patternOf({.kind = AntennaKind::Helix, .turns = turns}), Cut::ThroughAxis);
    CHECK_THAT(helix.peak_deg, WithinAbs(0, 0.2));
    CHECK(helix.peak_dbi > before + 1.5);
    // Kraus's own formula for the width of his pattern.
    CHECK_THAT(helix.width_deg / helixWidthKraus_deg({turns, 1, 0.225}), WithinAbs(1, 0.15));
    before = helix.peak_dbi;
  }
  CHECK_THROWS_AS(patternOf({.kind = AntennaKind::Helix, .turns = 0}), DomainError);
  CHECK_THROWS_AS(patternOf({.kind = AntennaKind::Yagi, .gain_dbi = 2}), DomainError);
  CHECK_THROWS_AS(patternOf({.bend_deg = 0}), DomainError);
}

TEST_CASE("helix: Kraus and King and Wong by hand") {
  const Helix ten{10, 1, 0.22};
  CHECK_THAT(helixGainKraus_dbi(ten), WithinAbs(15.185, 1e-3));  // 15 * 2.2
  CHECK_THAT(helixWidthKraus_deg(ten), WithinAbs(35.06, 0.01));  // 52 / sqrt 2.2
  CHECK_THAT(helixAxialRatio_db(ten), WithinAbs(0.4238, 1e-4));  // 21 / 20
  // At the pitch angle of 12.5 degrees and C = 1 only (N S)^0.8 is left: 8.3 * 2.217^0.8 = 15.69.
  const Helix reference{10, 1, std::tan(12.5 * std::numbers::pi / 180)};
  CHECK_THAT(helixGainKingWong_dbi(reference),
             WithinAbs(10 * std::log10(8.3 * std::pow(2.21695, 0.8)), 1e-3));
  CHECK_THAT(helixWidthKingWong_deg(reference),
             WithinAbs(61.5 * std::pow(20.0 / 15, 0.6) / std::pow(2.21695, 0.7), 1e-3));
  CHECK(helixGainKingWong_dbi(ten) < helixGainKraus_dbi(ten) - 2.5);  // 3 to 4 dB less, as they found
  CHECK_THAT(helixTurnsForGain(ten, helixGainKingWong_dbi(ten)), WithinAbs(10, 1e-9));
}

TEST_CASE("gain against width: Balanis's examples") {
  // cos^4: directivity 10 exactly, width 65.53 degrees.
  CHECK_THAT(beamGainKraus_dbi(65.53, 65.53), WithinAbs(10 * std::log10(9.606), 0.005));
  CHECK_THAT(beamGainTaiPereira_dbi(65.53, 65.53), WithinAbs(10 * std::log10(8.478), 0.005));
  CHECK_THAT(beamWidthOf_deg(beamGainPractical_dbi(40, 40)), WithinAbs(40, 1e-9));
  // Short dipole (3/2, 90 degrees): 1.4825 after McDonald, 1.516 after Pozar.
  CHECK_THAT(std::pow(10, omniGainMcDonald_dbi(90) / 10), WithinAbs(1.4825, 1e-3));
  CHECK_THAT(std::pow(10, omniGainPozar_dbi(90) / 10), WithinAbs(1.516, 2e-3));
  CHECK_THAT(omniWidthOf_deg(omniGainPozar_dbi(30)), WithinAbs(30, 1e-6));
  CHECK(std::isnan(omniWidthOf_deg(-20)));
  // A sphere of ka = 1 has Q = 2, and so a third of its frequency below a VSWR of 2: 1 / (2 sqrt 2).
  CHECK_THAT(leastQuality(1 / std::numbers::pi, 299.792458), WithinAbs(2, 1e-9));
  // A circular one of the same size: (1 / ka^3 + 2 / ka) / 2 = 1.5.
  CHECK_THAT(leastQuality(1 / std::numbers::pi, 299.792458, true), WithinAbs(1.5, 1e-9));
  CHECK_THAT(bandShare(2, 2), WithinAbs(0.35355, 1e-5));
  CHECK_THROWS_AS(beamGainKraus_dbi(0, 10), DomainError);
}

TEST_CASE("exposure: the reference levels of the guideline's table, and the distances at which they are reached") {
  struct Row {
    double mhz, anybody, at_work;
  };
  for (const Row& r : {Row{30, 2, 10}, Row{400, 2, 10}, Row{433, 2.165, 10.825}, Row{868, 4.34, 21.7}, Row{1300, 6.5, 32.5}, Row{2000, 10, 50}, Row{2440, 10, 50},
                       Row{5800, 10, 50}, Row{24000, 10, 50}, Row{300000, 10, 50}}) {
    CHECK_THAT(referenceLevel_w_m2(r.mhz, Exposed::Public), WithinAbs(r.anybody, 1e-9));
    CHECK_THAT(referenceLevel_w_m2(r.mhz, Exposed::Occupational), WithinAbs(r.at_work, 1e-9));
  }
  CHECK_THAT(keepAway({39, 868}, Exposed::Public).distance_m, WithinAbs(0.3816, 1e-4));
  CHECK_THAT(keepAway({39, 433}, Exposed::Public).distance_m, WithinAbs(std::sqrt(7.943282 / (4 * std::numbers::pi * 2.165)), 1e-6));
  CHECK_THAT(keepAway({46, 5800}, Exposed::Occupational).distance_m, WithinAbs(std::sqrt(39.81072 / (200 * std::numbers::pi)), 1e-6));
  CHECK_THAT(keepAway({39, 868, 0.25}, Exposed::Public).distance_m, WithinAbs(0.2, 1e-9));
  CHECK_THAT(keepAway({39, 868, 1, 4}, Exposed::Public).distance_m, WithinAbs(2 * 0.3816, 2e-4));
}

TEST_CASE("exposure: nearer than the far field, or than a hand, nothing is told") {
  const KeepAway faint = keepAway({0, 2440}, Exposed::Public);
  CHECK(faint.by == KeepAway::By::LeastTold);
  CHECK(faint.distance_m == kLeastTold_m);
  const KeepAway dish = keepAway({36, 5800, 1, 1, 0.5}, Exposed::Public);
  CHECK(dish.by == KeepAway::By::FarField);
  CHECK_THAT(dish.distance_m, WithinAbs(2 * 0.25 / wavelength_m(5800), 1e-9));
  CHECK(keepAway({40, 868}, Exposed::Public).by == KeepAway::By::Level);
  CHECK_THAT(keepAway({20, 35}, Exposed::Public).distance_m, WithinAbs(wavelength_m(35) / (2 * std::numbers::pi), 1e-9));
  for (const Radiator& bad : {Radiator{30, 2440, 0}, Radiator{30, 2440, 1.1}, Radiator{30, 2440, 1, 0.5}, Radiator{30, 2440, 1, 5}, Radiator{30, 10}, Radiator{30, 400000},
                              Radiator{NAN, 2440}, Radiator{30, 2440, 1, 1, -1.0}})
    CHECK_THROWS_AS(keepAway(bad, Exposed::Public), DomainError);
}

TEST_CASE("far field: of a dish, of a short wire, and of the aperture that has a gain") {
  CHECK_THAT(farFieldOfSize_m(5800, 0.3), WithinAbs(2 * 0.09 * 5800 / 299.792458, 1e-9));
  CHECK_THAT(farFieldOfSize_m(868, 0.01), WithinAbs(299.792458 / 868 / (2 * std::numbers::pi), 1e-9));
  // The aperture of a gain: G = (pi D / wavelength)^2.
  const double wave = wavelength_m(5800), gain = 20 * std::log10(std::numbers::pi * 0.3 / wave);
  CHECK_THAT(farFieldOfGain_m(5800, gain), WithinAbs(farFieldOfSize_m(5800, 0.3), 1e-9));
  CHECK_THROWS_AS(farFieldOfSize_m(868, -1), DomainError);
}

TEST_CASE("noise: -174 dBm in 1 Hz, and the sensitivity it leaves") {
  CHECK_THAT(noiseFloor_dbm(1, 0), WithinAbs(-173.975, 1e-3));
  CHECK_THAT(noiseFloor_dbm(20e6, 6), WithinAbs(-173.975 + 73.0103 + 6, 1e-3));
  CHECK_THAT(sensitivity_dbm(812500, 6, -12.5), WithinAbs(-121.377, 2e-3));
  CHECK_THROWS_AS(noiseFloor_dbm(0, 6), DomainError);
  CHECK_THROWS_AS(noiseFloor_dbm(1e6, -1), DomainError);
}

// What the program's formulas say for given numbers, a line each: "name,argument,...,value".
// bench/reference/figures works the same out apart from it.
#include <fmt/format.h>

#include <cmath>
#include <initializer_list>

#include "core/radio/clearance.h"
#include "core/radio/diffraction.h"
#include "core/radio/exposure.h"
#include "core/radio/far_field.h"
#include "core/radio/gain_width.h"
#include "core/radio/ground_reflection.h"
#include "core/radio/helix.h"
#include "core/radio/mismatch.h"
#include "core/radio/noise.h"
#include "core/radio/path_loss.h"
#include "core/radio/polarisation.h"
#include "core/radio/rounded.h"
#include "core/radio/weather.h"

using namespace distanz::radio;

namespace {

void tell(const char* name, std::initializer_list<double> arguments, double value) {
  fmt::print("{}", name);
  for (const double a : arguments) fmt::print(",{}", a);
  fmt::print(",{}\n", value);
}

void atFrequency(double f) {
  tell("wavelength", {f}, wavelength_m(f));
  tell("free-space", {f, 1000}, freeSpaceLoss_db(1000, f));
  tell("log-distance", {f, 2500, 2.7}, logDistanceLoss_db(2500, f, 2.7));
  tell("fresnel", {f, 400, 1600, 1}, fresnelRadius_m(400, 1600, f, 1));
  tell("fresnel", {f, 3000, 3000, 2}, fresnelRadius_m(3000, 3000, f, 2));
  tell("breakpoint", {f, 2, 40}, twoRayBreakpoint_m(2, 40, f));
  tell("hill", {f, 2000, 4000, 12, 0},
       obstruction({{0, 2000, 6000}, {0, 12, 0}, 2, 2}, f, Diffraction::Deygout).loss_db);
  tell("rounded", {f, 2000, 4000, 12, 300}, roundedLoss_db(2000, 4000, 12, 300, f));
  const auto ground = permittivityOf(Ground::MediumDry, f);
  for (const auto& [name, plane] :
       {std::pair("two-ray-vertical", Plane::Vertical), std::pair("two-ray-horizontal", Plane::Horizontal),
        std::pair("two-ray-circular", Plane::Circular)})
    tell(name, {f, 700, 2, 30, ground.real(), ground.imag()}, twoRayLoss_db(700, 2, 30, f, ground, plane));
  tell("pseudo-brewster", {f, ground.real(), ground.imag()},
       pseudoBrewster_rad(ground) * 180 / 3.14159265358979323846);
  tell("smoothest", {f, 2}, smoothestRough_m(2 * 3.14159265358979323846 / 180, f));
  tell("woodland", {f, 9}, woodlandLoss_db(f, 9));
  tell("woodland", {f, 60}, woodlandLoss_db(f, 60));
  tell("level-public", {f}, referenceLevel_w_m2(f, Exposed::Public));
  tell("level-work", {f}, referenceLevel_w_m2(f, Exposed::Occupational));
  tell("keep-away", {f, 39, 1, 1, 0}, keepAway({39, f}, Exposed::Public).distance_m);
  tell("keep-away", {f, 36, 0.5, 2.56, 0.15}, keepAway({36, f, 0.5, 2.56, 0.15}, Exposed::Public).distance_m);
  tell("far-field", {f, 0.3}, farFieldOfSize_m(f, 0.3));
  tell("far-field-gain", {f, 12}, farFieldOfGain_m(f, 12));
  tell("least-q", {f, 0.03, 0}, leastQuality(0.03, f, false));
  tell("least-q", {f, 0.03, 1}, leastQuality(0.03, f, true));
}

void anywhere() {
  for (const double s : {1.0, 1.1, 1.5, 2.0, 3.0, 6.0, 20.0}) {
    tell("reflection", {s}, reflection(s));
    tell("mismatch", {s}, mismatchLoss_db(reflection(s)));
    if (s > 1) tell("return-loss", {s}, returnLoss_db(reflection(s)));
  }
  for (const double turns : {5.0, 7.0, 10.0, 20.0}) {
    tell("helix-gain", {turns, 1.05, 0.225}, helixGainKingWong_dbi({turns, 1.05, 0.225}));
    tell("helix-gain-kraus", {turns, 1.05, 0.225}, helixGainKraus_dbi({turns, 1.05, 0.225}));
    tell("helix-width", {turns, 1.05, 0.225}, helixWidthKingWong_deg({turns, 1.05, 0.225}));
    tell("helix-axial-ratio", {turns}, helixAxialRatio_db({turns, 1.05, 0.225}));
  }
  for (const double width : {20.0, 45.0, 65.0}) {
    tell("beam-gain", {width, 60}, beamGainPractical_dbi(width, 60));
    tell("beam-gain-tai", {width, 60}, beamGainTaiPereira_dbi(width, 60));
    tell("around-gain-mcdonald", {width}, omniGainMcDonald_dbi(width));
    tell("around-gain-pozar", {width}, omniGainPozar_dbi(width));
  }
  struct Pair {
    double a_db, b_db, tilt, same;
  };
  for (const Pair& p :
       {Pair{0, 0, 0, 1}, Pair{3, 3, 90, 1}, Pair{1, 2, 45, 1}, Pair{6, 3, 0, 0}, Pair{3, 1, 30, 0}})
    tell("polarisation", {p.a_db, p.b_db, p.tilt, p.same},
         polarisationEfficiency({Hand::Right, p.a_db, 0},
                                {p.same == 1 ? Hand::Right : Hand::Left, p.b_db, p.tilt}));
  for (const double tilt : {0.0, 30.0, 60.0})
    tell("polarisation-linear", {tilt}, polarisationEfficiency({Hand::None, 0, 0}, {Hand::None, 0, tilt}));
  tell("polarisation-circular-linear", {0}, polarisationLoss_db({Hand::Right, 0, 0}, {Hand::None, 0, 20}));
  for (const double h : {2.0, 10.0, 120.0}) tell("horizon", {h, 60}, radioHorizon_m(h, 60));
  for (const double d : {500.0, 3000.0, 15000.0}) tell("bulge", {d, 2 * d}, earthBulge_m(d, 2 * d));
  for (const double v : {-0.5, 0.0, 1.0, 2.4}) tell("knife-edge", {v}, knifeEdgeLoss_db(v));
  for (const double b : {25e3, 500e3, 20e6}) tell("noise-floor", {b, 6}, noiseFloor_dbm(b, 6));
  tell("sensitivity", {812500, 6, -12.5}, sensitivity_dbm(812500, 6, -12.5));
  for (const double db : {1.0, 3.0, 10.0}) tell("range-ratio", {db, 2.4}, rangeRatio(db, 2.4));
}

}  // namespace

int main() {
  for (const double f : {433.0, 868.0, 1300.0, 2440.0, 5800.0, 24000.0}) atFrequency(f);
  anywhere();
}

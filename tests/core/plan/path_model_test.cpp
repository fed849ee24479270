#include "core/plan/path_model.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/plan/chain.h"
#include "core/plan/prediction.h"
#include "core/radio/ground_reflection.h"
#include "core/radio/path_loss.h"
#include "core/radio/weather.h"
#include "support/planned.h"

using namespace distanz;
using namespace distanz::campaign;
using Catch::Matchers::WithinAbs;

namespace {

plan::PathModel modelOf(const Campaign& c) {
  return {c, c.links[0], *findEnds(c, "A", "control")};
}

}  // namespace

TEST_CASE("path model: nothing said is the log-distance law, each term adds its own") {
  Campaign c = test::planned();
  CHECK_FALSE(modelOf(c).counts());
  CHECK_THAT(modelOf(c).at(2000).sum_db(), WithinAbs(radio::logDistanceLoss_db(std::hypot(2000, 58), 2440, c.plan_exponent), 1e-9));
  c.plan.rain_mm_h = 50;
  c.plan.cloud_g_m3 = 0.5;
  c.plan.gases = true;
  c.plan.ground = GroundKind::Wet;
  const plan::PathLosses l = modelOf(c).at(2000);
  const double km = std::hypot(2000, 60 - c.station.antenna_height_m) / 1000;
  CHECK_THAT(l.rain_db, WithinAbs(km * radio::rainLoss_db_km(2440, 50, radio::Plane::Vertical), 1e-12));
  CHECK_THAT(l.gases_db, WithinAbs(km * (radio::oxygenLoss_db_km(2440) + radio::vapourLoss_db_km(2440)), 1e-12));
  CHECK_THAT(l.reflection_db,
             WithinAbs(radio::twoRayLoss_db(2000, 2, 60, 2440, radio::permittivityOf(radio::Ground::Wet, 2440),
                                            radio::Plane::Vertical),
                       1e-9));
  CHECK(l.cloud_db > 0);
  CHECK(l.obstruction_db == 0);
  CHECK_THAT(l.sum_db(), WithinAbs(l.distance_db + l.reflection_db + l.rain_db + l.cloud_db + l.gases_db, 1e-12));
}

TEST_CASE("path model: waves travel the slant, not the way over the ground") {
  Campaign c = test::planned();
  c.plan_exponent = 2;
  for (PathPoint& p : editFirstPath(c).points) p.height_m = 120;
  c.station.antenna_height_m = 2;
  CHECK_THAT(modelOf(c).at(63).sum_db(), WithinAbs(radio::freeSpaceLoss_db(std::hypot(63, 118), 2440), 1e-9));
  CHECK_THAT(modelOf(c).at(63).sum_db() - radio::freeSpaceLoss_db(63, 2440), WithinAbs(6.54, 0.01));
  // The range is told over the ground: where the slant is as long as the budget allows.
  radio::LinkEnds ends;
  for (const double slant : {119.0, 200.0, 3000.0, 40000.0}) {
    const double critical = -radio::freeSpaceLoss_db(slant, 2440);
    CHECK_THAT(std::hypot(modelOf(c).range_m(ends, critical), 118), WithinAbs(slant, 0.01));
  }
  c.paths.clear();  // without a path nobody knows how high it flies
  CHECK_THAT(modelOf(c).range_m(ends, -radio::freeSpaceLoss_db(3000, 2440)), WithinAbs(3000, 1e-6));
}

TEST_CASE("path model: low over the ground the earth itself stands in the way, higher it does not") {
  Campaign c = test::planned();
  c.plan.obstruction = true;
  for (const DiffractionSchool school : {DiffractionSchool::Bullington, DiffractionSchool::Deygout}) {
    c.plan.school = school;
    for (PathPoint& p : editFirstPath(c).points) p.height_m = 1;
    CHECK(modelOf(c).at(3000).obstruction_db > 3);
    for (PathPoint& p : editFirstPath(c).points) p.height_m = 120;
    CHECK(modelOf(c).at(3000).obstruction_db < 0.5);
  }
}

TEST_CASE("path model: the height of the flight line is that of the path, and of its end beyond it") {
  Campaign c = test::planned();
  editFirstPath(c).points[0].height_m = 20;
  editFirstPath(c).points[1].height_m = 80;
  c.plan.obstruction = true;
  const plan::PathModel m = modelOf(c);
  CHECK_THAT(m.height_m(1500), WithinAbs(50, 0.01));
  CHECK(m.height_m(9000) == 80);
  CHECK(m.height_m(0) == 20);
  CHECK(m.raised(10, 0).height_m(9000) == 90);
}

TEST_CASE("path model: the range is where the level meets the critical one, and chain and prediction agree") {
  Campaign c = test::planned();
  c.plan_exponent = 2.4;
  const auto range = [&] { return *plan::predict(c, 3000)[0].range_m; };
  const double plain = range();
  c.plan.rain_mm_h = 100;
  c.plan.gases = true;
  c.links[0].frequency_mhz = 24000;
  const double wet = range();
  c.plan.rain_mm_h.reset();
  c.plan.gases = false;
  const double dry = range();
  CHECK(wet < dry);
  CHECK(dry < plain);
  c.plan.rain_mm_h = 100;
  const plan::PathModel m = modelOf(c);
  const auto ends = endsOf(c, c.links[0], *findEnds(c, "A", "control"));
  const double at = m.range_m(*ends, -108);
  CHECK_THAT(radio::linkBudget(*ends, m.at(at).sum_db()).received_dbm, WithinAbs(-108, 0.01));
  CHECK_THAT(*plan::chainOf(c, c.links[0], *findEnds(c, "A", "control")).range_m, WithinAbs(range(), 1e-9));
  setValueAt(c, "A", "control", kTransmitPower, -60);  // not even across the field
  CHECK(modelOf(c).range_m(*endsOf(c, c.links[0], *findEnds(c, "A", "control")), -60) <= 50);
}

#include "core/plan/leg_model.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/plan/prediction.h"
#include "core/plan/told_legs.h"
#include "support/planned.h"

using namespace distanz;
using namespace distanz::campaign;
using Catch::Matchers::WithinAbs;

namespace {

/// The aircraft's antenna of a shape, its axis pointing there; the ground's says nothing.
Campaign mounted(const char* shape, double azimuth_deg, double elevation_deg) {
  Campaign c = test::planned();
  Part antenna;
  antenna.id = "air";
  antenna.kind = PartKind::Antenna;
  antenna.traits["shape"] = shape;
  c.parts.push_back(antenna);
  SetupLink& ends = c.setups[0].links["control"];
  ends.rx_antenna = "air";  // the control link's receiver flies
  ends.mount.azimuth_deg = azimuth_deg;
  ends.mount.elevation_deg = elevation_deg;
  return c;
}

plan::LegLosses at(const Campaign& c, double distance_m) {
  return plan::LegModel(c, c.setups[0], c.links[0], c.setups[0].links.at("control")).at(distance_m, true);
}

}  // namespace

TEST_CASE("legs: an upright dipole does not care which way it flies, a lying one is blind along its axis") {
  const plan::LegLosses upright = at(mounted("dipole", 0, 90), 3000);
  CHECK_THAT(upright.out_db, WithinAbs(upright.back_db, 1e-9));
  CHECK(upright.out_db > -0.1);
  CHECK(upright.turn_worst_db < upright.out_db);  // it leans
  const plan::LegLosses along = at(mounted("dipole", 0, 0), 3000);
  CHECK(along.out_db < -15);
  CHECK_THAT(along.out_db, WithinAbs(along.back_db, 1e-6));
  CHECK(along.turn_best_db > -1);  // beam on at half of the turn
  const plan::LegLosses across = at(mounted("dipole", 90, 0), 3000);
  CHECK(across.out_db > -0.1);
  // Leaning 30 degrees, with the station below the horizon, its axis comes that near to it: a half-wave dipole's law.
  const double near = (30 - std::atan2(58, 3000) * 180 / M_PI) * M_PI / 180;
  const double law = 20 * std::log10(std::cos(M_PI / 2 * std::cos(near)) / std::sin(near));
  CHECK_THAT(across.turn_worst_db, WithinAbs(law, 0.02));
}

TEST_CASE("legs: a patch on the nose sees home on the way back, one on the tail on the way out") {
  const plan::LegLosses nose = at(mounted("patch", 0, 0), 2000), tail = at(mounted("patch", 180, 0), 2000);
  CHECK(nose.back_db > -1);
  CHECK(nose.out_db < -10);
  CHECK_THAT(nose.out_db, WithinAbs(tail.back_db, 1e-9));
  CHECK_THAT(nose.back_db, WithinAbs(tail.out_db, 1e-9));
  CHECK_THAT(nose.turn_worst_db, WithinAbs(tail.turn_worst_db, 1e-9));
}

TEST_CASE("legs: nothing is made up where nothing is said, and what is known is told") {
  Campaign c = test::planned();
  CHECK_FALSE(plan::predict(c, 3000)[0].legs);
  CHECK(plan::toldLegs(c, plan::planned(c, 3000)).at(0).code == "legs-unknown");
  c = mounted("patch", 0, 0);
  c.setups[0].links["control"].mount = {};  // which way it points is not said
  CHECK_FALSE(plan::predict(c, 3000)[0].legs);
  c = mounted("patch", 0, 0);
  const auto p = plan::predict(c, 3000)[0];
  REQUIRE(p.legs);
  CHECK_THAT(p.legs->back_db, WithinAbs(at(c, 3000).back_db, 1e-6));
  CHECK_THAT((p.high_dbm.back() + p.low_dbm.back()) / 2 - p.received_dbm.back(),
             WithinAbs((p.legs->out_db + p.legs->back_db) / 2, 0.05));
  const auto told = plan::toldLegs(c, plan::planned(c, 3000));
  CHECK((told.at(0).code == "legs-differ" || told.at(0).code == "legs-deep"));
  CHECK(plan::toldLegs({}, {}).empty());
}

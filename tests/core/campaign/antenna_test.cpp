#include "core/campaign/antenna.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/campaign/kit.h"
#include "core/finding/error.h"

using namespace distanz;
using namespace distanz::campaign;
using Catch::Matchers::WithinAbs;

namespace {

Part antenna(const char* shape, const char* hand, std::map<std::string, double> values = {}) {
  Part p{.id = "p", .uuid = {}, .kind = PartKind::Antenna, .name = "x", .notes = {}, .values = {}};
  if (*shape) p.traits["shape"] = shape;
  if (*hand) p.traits["hand"] = hand;
  for (const auto& [key, value] : values) p.values[key] = {.value = value};
  return p;
}

}  // namespace

TEST_CASE("antenna part: hands told on both ends cost what polarisation says, and never without end") {
  const Part right = antenna("", "right"), left = antenna("", "left"), linear = antenna("", "linear");
  CHECK_THAT(*polarisationLoss_db(&right, &right), WithinAbs(0, 0.06));
  CHECK_THAT(*polarisationLoss_db(&right, &linear), WithinAbs(3.01, 0.55));  // an axial ratio of 1 dB about 3
  CHECK(*polarisationLoss_db(&right, &left) > 15);
  Part flat = linear;
  flat.values["tilt_deg"] = {.value = 90};
  CHECK(*polarisationLoss_db(&linear, &flat) == kMostPolarisationLoss_db);
  const Part unsaid = antenna("patch", "");
  CHECK_FALSE(polarisationLoss_db(&right, &unsaid));
  CHECK_FALSE(polarisationLoss_db(nullptr, &right));
}

TEST_CASE("antenna part: a beam that points aside by half its width loses 3 dB; a rod points nowhere") {
  const Part beam = antenna("yagi", "", {{"gain_dbi", 12}});
  const auto pattern = patternOf(beam);
  REQUIRE(pattern);
  const double width = radio::factsOf(*pattern, radio::Cut::ThroughAxis).width_deg;
  CHECK_THAT(*pointingLoss_db(beam, width / 2), WithinAbs(3.01, 0.05));
  CHECK_THAT(*pointingLoss_db(beam, 0), WithinAbs(0, 1e-9));
  CHECK_FALSE(pointingLoss_db(antenna("dipole", "", {{"gain_dbi", 2}}), 20));
  CHECK_FALSE(pointingLoss_db(antenna("", ""), 20));
  CHECK_FALSE(shapeOf(antenna("yagi", "", {{"gain_dbi", 1}})));  // no beam has so little
}

TEST_CASE("antenna part: a VSWR of 2 costs 0.51 dB, unless the gain was measured with it") {
  Part p = antenna("", "", {{"vswr", 2}, {"gain_dbi", 6}});
  CHECK_THAT(*mismatchLoss_db(p), WithinAbs(0.512, 0.001));  // 1 - 1/9
  p.values["gain_dbi"].origin = Origin::Measured;
  CHECK_FALSE(mismatchLoss_db(p));
  CHECK_FALSE(mismatchLoss_db(antenna("", "", {{"gain_dbi", 6}})));
}

TEST_CASE("antenna part: a helix takes its turns and pitch, a bent mount bends a dipole") {
  const Part helix = antenna("helix", "right", {{"turns", 6}, {"pitch_deg", 12.5}});
  const auto shape = shapeOf(helix);
  REQUIRE(shape);
  CHECK(shape->turns == 6);
  CHECK_THAT(shape->spacing, WithinAbs(std::tan(12.5 * 3.14159265358979 / 180), 1e-9));
  const Part rod = antenna("dipole", "linear");
  const double straight = patternOf(rod)->gain_dbi({0, 0}), bent = patternOf(rod, true)->gain_dbi({0, 0});
  CHECK(straight < -40);
  CHECK(bent > -10);
}

TEST_CASE("kit: both ends lose against each other, by pointing and mismatch, where the parts say so") {
  Campaign c;
  c.links.resize(1);
  c.links[0].id = "control";
  c.setups.push_back({"A", "", ""});
  setValueAt(c, "A", "control", kTransmitPower, 20);
  setValueAt(c, "A", "control", kTransmitGain, 12);
  setValueAt(c, "A", "control", kReceiveGain, 2);
  SetupLink& own = c.setups[0].links["control"];
  const auto part = [&](const std::string& id) -> Part& {
    return c.parts[static_cast<std::size_t>(findPart(c, id) - c.parts.data())];
  };
  const double before = radio::linkBudget(*endsOf(c, c.links[0], own), 100).received_dbm;
  CHECK_THAT(before, WithinAbs(-66, 1e-9));
  part(own.tx_antenna).traits["hand"] = "right";
  part(own.rx_antenna).traits["hand"] = "linear";
  part(own.rx_antenna).values["vswr"] = {.value = 2};
  own.pointing_error_deg = 15;
  const radio::LinkEnds ends = *endsOf(c, c.links[0], own);
  const double lost = *polarisationLoss_db(&part(own.tx_antenna), &part(own.rx_antenna)) + 0.5115 +
                      *pointingLoss_db(part(own.tx_antenna), 15);
  CHECK_THAT(radio::linkBudget(ends, 100).received_dbm, WithinAbs(before - lost, 1e-3));
}

TEST_CASE("antenna part: every shape takes every number at its ends, or has no pattern", "[regression]") {
  for (const char* shape :
       {"", "dipole", "bent-dipole", "monopole", "patch", "helix", "yagi", "circular-omni"})
    for (const PartField& f : partFields(PartKind::Antenna))
      for (const double value : {f.low, f.high}) {
        Part p = antenna(shape, "right", {{f.key, value}});
        CAPTURE(shape, f.key, value);
        for (const bool bent : {false, std::string(shape) == "dipole"})  // of the others nothing is bent
          if (const auto pattern = patternOf(p, bent)) CHECK(std::isfinite(pattern->gain_dbi({40, 10})));
        mismatchLoss_db(p);
        pointingLoss_db(p, 180);
        CHECK_NOTHROW(polarisationLoss_db(&p, &p));
      }
}

#include "core/plan/what_helps.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/campaign/kit.h"
#include "core/radio/path_loss.h"
#include "support/planned.h"

using namespace distanz;
using namespace distanz::campaign;
using Catch::Matchers::WithinAbs;

namespace {

const plan::Help* helpOf(const std::vector<plan::Help>& helps, const char* what) {
  for (const plan::Help& h : helps)
    if (h.what == what) return &h;
  return nullptr;
}

}  // namespace

TEST_CASE("what helps: decibels are worth their ratio, the most first, and what is not lost is not offered") {
  Campaign c = test::planned();
  c.plan_exponent = 2.5;
  setValueAt(c, "A", "control", kTransmitLoss, 1.5);
  const auto helps = plan::whatHelps(c, c.setups[0], c.links[0]);
  REQUIRE(helpOf(helps, "power"));
  CHECK_THAT(helpOf(helps, "power")->share, WithinAbs(radio::rangeRatio(3, 2.5) - 1, 1e-3));  // over the ground, from a slant range
  CHECK_THAT(helpOf(helps, "cable")->share, WithinAbs(radio::rangeRatio(1.5, 2.5) - 1, 1e-3));  // over the ground, from a slant range
  CHECK_FALSE(helpOf(helps, "band"));  // no radio of the kit has a lower one
  CHECK_FALSE(helpOf(helps, "polarisation"));
  CHECK_FALSE(helpOf(helps, "height"));  // the law alone knows no height
  for (std::size_t i = 1; i < helps.size(); ++i) CHECK(helps[i].more_m <= helps[i - 1].more_m);
  const auto told = plan::toldHelp(c, plan::planned(c, 3000));
  REQUIRE(told.size() == 1);
  CHECK(told[0].why.size() == 3);
}

TEST_CASE("what helps: a lower band only where the kit has one, and last") {
  Campaign c = test::planned();
  c.plan_exponent = 2.5;
  Link low = c.links[0];
  low.id = "low";
  low.frequency_mhz = c.links[0].frequency_mhz / 2;
  c.links.push_back(low);
  const auto helps = plan::whatHelps(c, c.setups[0], c.links[0]);
  REQUIRE(helps.size() >= 2);
  CHECK(helps.back().what == "band");
  CHECK_THAT(helps.back().share, WithinAbs(radio::rangeRatio(20 * std::log10(2.0), 2.5) - 1, 1e-3));
  CHECK_FALSE(helpOf(plan::whatHelps(c, c.setups[0], c.links[1]), "band"));
}

TEST_CASE("what helps: low over reflecting ground height and mast carry further") {
  Campaign c = test::planned();
  c.plan_exponent = 2;
  c.plan.ground = GroundKind::MediumDry;
  for (PathPoint& p : editFirstPath(c).points) p.height_m = 10;
  const auto helps = plan::whatHelps(c, c.setups[0], c.links[0]);
  REQUIRE(helpOf(helps, "height"));
  // Far out the level falls with 40 log d and rises with 20 log h: range goes with the root of the height.
  CHECK_THAT(helpOf(helps, "height")->share, WithinAbs(std::sqrt(2.0) - 1, 0.06));
  CHECK_THAT(helpOf(helps, "mast")->share, WithinAbs(std::sqrt(1.5) - 1, 0.06));
  c.links[0].sensitivity_dbm.reset();
  CHECK(plan::whatHelps(c, c.setups[0], c.links[0]).empty());
}

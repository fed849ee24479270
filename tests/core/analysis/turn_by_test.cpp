// Where a setup turns at the latest: never beyond its reliable range, and by the nearest of all limits.
#include "core/analysis/findings/turn_by.h"

#include <catch2/catch.hpp>

#include "support/planned.h"
#include "support/told.h"

using namespace distanz;
using analysis::TurnLimit;

namespace {

analysis::Answers flown(double plan_m) {
  analysis::Answers a;
  analysis::SetupAnswer answer;
  answer.setup = "A";
  answer.link = "control";
  answer.plan_m = plan_m;
  a.answers.push_back(answer);
  a.answer_at["A"] = 0;
  return a;
}

analysis::TurnBy of(const campaign::Campaign& c, const analysis::Answers& a) {
  const auto all = analysis::turnsBy(c, a, plan::planned(c, 3000));
  REQUIRE(all.size() == 1);
  return all.front();
}

}  // namespace

TEST_CASE("turn at the latest: the smaller of the link's reliable range and the other limits, each named") {
  campaign::Campaign c = test::planned();
  c.plan.sight_m = 1500;
  const analysis::TurnBy by_link = of(c, flown(858)), by_sight = of(c, flown(2400));
  REQUIRE(by_link.first());
  CHECK(by_link.first()->what == "link");
  CHECK(by_link.first()->link == "control");
  CHECK(by_link.first()->by == TurnLimit::By::Flown);
  CHECK(by_link.first()->at_m == 858);
  REQUIRE(by_link.other());
  CHECK(by_link.other()->what == "sight");
  CHECK(by_sight.first()->what == "sight");
  CHECK(by_sight.first()->at_m == 1500);
  CHECK(by_sight.other()->at_m == 2400);
  const auto said = analysis::turnsTold(c, {by_link});
  REQUIRE(said.size() == 1);
  CHECK(test::told(said[0]) == "A: turn at 858 m at the latest. 95 % of flights reach that on the control link.");
  CHECK(test::told(analysis::turnsTold(c, {by_sight})[0]) == "A: turn at 1.50 km at the latest (visual line of sight).");
}

TEST_CASE("turn at the latest: before a flight it is what physics says of 95 of 100 flights, not its middle") {
  campaign::Campaign c = test::planned();
  const auto planned = plan::planned(c, 3000);
  const plan::Prediction* p = planned.limiting("A");
  REQUIRE((p && p->sure));
  const analysis::TurnBy told = of(c, {});
  REQUIRE(told.link);
  CHECK(told.link->by == TurnLimit::By::Predicted);
  CHECK(told.link->at_m == p->sure->dependable_m);
  CHECK(told.link->at_m < *p->range_m);
  CHECK(told.plan->what == "path");
  CHECK(told.plan->at_m == Approx(3000).margin(0.1));
}

TEST_CASE("turn at the latest: a bound that flights have shown stands where no range may be told") {
  campaign::Campaign c = test::planned();
  analysis::Answers a = flown(0);
  a.answers.front().plan_m.reset();
  a.answers.front().dependable.status = analysis::Status::AtLeast;
  a.answers.front().dependable.at_least_m = 700;
  CHECK(of(c, a).first()->at_m == 700);
  campaign::Campaign bare;
  bare.setups = c.setups;
  bare.setups.front().links.clear();
  const auto nothing = analysis::turnsBy(bare, {}, plan::planned(bare, 1000));
  CHECK_FALSE(nothing.front().first());
}

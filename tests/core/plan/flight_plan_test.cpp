#include "core/plan/flight_plan.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <fmt/format.h>

#include "core/campaign/describe.h"
#include "core/campaign/validate.h"
#include "core/plan/preflight.h"
#include "core/radio/path_loss.h"
#include "support/planned.h"

using namespace distanz;
using namespace distanz::campaign;
using Catch::Matchers::WithinAbs;

namespace {

plan::FlightPlan planOf(const Campaign& c, const plan::FlownSoFar& flown = {}) {
  return plan::flightPlan(c, plan::planned(c, 3000), flown);
}

bool tells(const plan::FlightPlan& p, const char* code) {
  for (const Finding& f : p.findings)
    if (f.code == code) return true;
  return false;
}

}  // namespace

TEST_CASE("flight plan: the chance is that of the estimator, with the scatter known so far") {
  Campaign c = test::planned();
  c.setups.resize(2);
  c.setups[1].id = "B";
  plan::FlightPlan p = planOf(c);
  CHECK(p.sd_assumed);
  CHECK_THAT(p.repeats.difference_db, WithinAbs(radio::decibelsForRatio(1.1, c.plan_exponent), 1e-12));
  CHECK_THAT(p.chance[4], WithinAbs(estimate::chanceToTell(p.repeats, 5), 1e-12));
  CHECK((tells(p, "pairs-tell") || tells(p, "pairs-too-few")));
  p = planOf(c, {3.0, {}});
  CHECK_FALSE(p.sd_assumed);
  CHECK(p.repeats.flight_sd_db == 3);
  c.plan.flight_sd_db = 0.5;  // the pilot's own word counts
  c.plan.difference_pct = 40;
  p = planOf(c, {3.0, {}});
  CHECK(p.repeats.flight_sd_db == 0.5);
  CHECK(tells(p, "pairs-tell"));
  c.plan.flight_sd_db = 25;
  c.plan.difference_pct = 2;
  CHECK(tells(planOf(c), "pairs-never"));
  c.setups.resize(1);
  CHECK_FALSE(tells(planOf(c), "pairs-never"));  // nothing to compare
}

TEST_CASE("flight plan: wind, battery, limits and path compete for the stop") {
  Campaign c = test::planned();
  plan::FlightPlan p = planOf(c);
  CHECK(tells(p, "energy-wanted"));
  CHECK(tells(p, "limits-wanted"));
  REQUIRE_FALSE(p.flights.empty());
  const double far = courseOf(c)->farPost_m();
  CHECK(p.flights[0].stop == "path");  // in free space the link reaches beyond it
  c.plan.airspeed_mps = 15;
  c.plan.use_mah_km = 100;
  c.plan.battery_mah = 500;
  p = planOf(c);
  REQUIRE(p.flights[0].energy);
  CHECK(p.flights[0].stop == "battery");
  CHECK_THAT(p.flights[0].stop_m, WithinAbs(1750, 0.5));
  CHECK(tells(p, "battery-turns"));
  c.plan.farthest_m = 500;
  c.plan.sight_m = 800;
  p = planOf(c);
  CHECK(p.flights[0].stop == "farthest");
  CHECK(tells(p, "limit-distance"));
  CHECK(tells(p, "limit-sight"));
  c.plan.farthest_m = c.plan.sight_m = far + 1;
  c.plan.highest_m = 5;
  p = planOf(c);
  CHECK(tells(p, "limit-height"));
  CHECK_FALSE(tells(p, "limit-distance"));
  c.plan.highest_m = 500;
  CHECK(tells(planOf(c), "limits-kept"));
  c.plan.wind_mps = 16;
  p = planOf(c);
  CHECK(tells(p, "wind-from-wanted"));
  CHECK(tells(p, "wind-no-return"));  // until somebody says where from
  c.plan.wind_from_deg = course::between(*c.station.position(), firstPath(c).back().position).bearing_deg + 180;
  if (*c.plan.wind_from_deg >= 360) *c.plan.wind_from_deg -= 360;
  p = planOf(c);
  CHECK(tells(p, "wind-no-return"));
  CHECK(p.flights[0].energy->impossible_back);
  c.plan.use_mah_km.reset();
  CHECK(tells(planOf(c), "wind-no-return"));  // the battery has no say in it
  c.plan.use_mah_km = 100;
  c.plan.wind_mps = 5;
  CHECK(tells(planOf(c), "wind-helps-out"));
  c.plan.reserve_pct = 100;
  CHECK(tells(planOf(c), "battery-empty"));
}

TEST_CASE("flight plan: on a path that bends the battery's turn is told from the station") {
  Campaign c = test::planned();
  const course::Position station = *c.station.position(), corner = course::destination(station, {1000, 0});
  editFirstPath(c).points = {{corner, 60}, {course::destination(corner, {3000, 90}), 60}};  // begins farther out
  c.plan.airspeed_mps = 15;
  c.plan.use_mah_km = 100;
  c.plan.battery_mah = 2 * 1500 * 0.1 / 0.7;  // 1500 m each way
  const plan::FlightPlan p = planOf(c);
  REQUIRE(p.flights[0].energy);
  CHECK_THAT(*p.flights[0].energy->turn_m, WithinAbs(1500, 1));
  CHECK_THAT(p.flights[0].battery_m, WithinAbs(std::hypot(1000, 500), 1));
}

TEST_CASE("flight plan: the order goes on where flights stopped, and has clock times once they can be known") {
  Campaign c = test::planned();
  c.setups.resize(2);
  c.setups[1].id = "B";
  c.planned_pairs = 3;
  CHECK(planOf(c).order.size() == 6);
  CHECK_FALSE(planOf(c).timed);
  for (const char* setup : {"A", "A", "B"}) {
    Run run;
    run.id = "r" + fmt::to_string(c.runs.size());
    run.setup = setup;
    c.runs.push_back(run);
  }
  CHECK(planOf(c).order.size() == 3);
  c.runs[0].void_reason = "wind";
  CHECK(planOf(c).order.size() == 4);  // a lost run is flown again
  c.plan.airspeed_mps = 15;
  c.plan.begin_s = 6 * 3600;
  plan::FlightPlan p = planOf(c);
  CHECK(p.timed);
  CHECK_THAT(p.schedule.runs[0].end_s - p.schedule.runs[0].begin_s, WithinAbs(2 * 3000 / 15.0 + 60, 1));
  c.plan.together = true;  // one flight for both: as many as the pairs, less those that every setup has
  CHECK(planOf(c).setups == std::vector<std::string>{"A+B"});
  CHECK(planOf(c).order.size() == 2);
  c.plan.together = false;
  c.plan.end_s = 6 * 3600 + 1000;
  CHECK(tells(planOf(c), "session-too-long"));
  c.plan.batteries = 1;
  c.plan.end_s.reset();
  CHECK(tells(planOf(c), "batteries-run-out"));
}

TEST_CASE("pre-flight list: made of plan and kit, open by default, ticked with time and name") {
  Campaign c = test::planned();
  const auto has = [&](const std::string& id) {
    for (const plan::PreflightItem& i : plan::preflightOf(c))
      if (i.id == id) return true;
    return false;
  };
  for (const plan::PreflightItem& i : plan::preflightOf(c)) CHECK_FALSE(i.tick);
  CHECK(has("failsafe"));
  CHECK(has("fixed-power/control"));
  CHECK(has("near-first/A"));
  CHECK_FALSE(has("pointing/control"));
  c.setups[0].links["control"].automatic_power = true;
  c.setups[0].links["control"].pointing = Pointing::Fixed;
  c.plan.sight_m = 400;
  CHECK_FALSE(has("fixed-power/control"));
  CHECK(has("pointing/control"));
  CHECK(has("observer"));
  Run run;
  run.id = "r";
  run.setup = "A";
  c.runs.push_back(run);
  CHECK_FALSE(has("near-first/A"));
  CHECK(plan::preflightState(plan::preflightOf(c), "2026-05-01").code == "preflight-open");
  for (const plan::PreflightItem& i : plan::preflightOf(Campaign(c)))
    c = plan::withTick(c, i.id, "2026-05-01T06:10", "Ada of the made-up valley");
  CHECK(plan::preflightState(plan::preflightOf(c), "2026-05-01").code == "preflight-done");
  CHECK(plan::preflightState(plan::preflightOf(c), "2026-05-02").code == "preflight-stale");  // not done today
  CHECK(validate(c).empty());
  c = plan::withTick(c, "failsafe", "", "");
  for (const plan::PreflightItem& i : plan::preflightOf(c)) CHECK((i.tick == nullptr) == (i.id == "failsafe"));
}

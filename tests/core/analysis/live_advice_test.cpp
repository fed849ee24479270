// Advice in the air: which link runs out first, which way the aircraft is heading, and what cannot be said.
#include "core/analysis/live/live_advice.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/analysis/analyse.h"
#include "core/finding/error.h"
#include "support/scenarios.h"
#include "support/sentences.h"

using namespace distanz;
using namespace distanz::analysis;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;

namespace {

struct Flown {
  simulate::Scenario scenario = test::twoSetups(3);
  simulate::Simulated flown;
  CampaignAnalysis analysis;
  explicit Flown(bool gnss = false) {
    scenario.with_gnss = gnss;
    if (gnss)
      campaign::editFirstPath(scenario.campaign).points = {
          {scenario.campaign.station.position().value(), 60},
          {course::destination(scenario.campaign.station.position().value(), {3500, 54}), 60}};
    flown = simulate::simulate(scenario, 8);
    analysis = test::analyseSimulated(flown);
  }
  log::Recording head(std::size_t run, std::size_t rows) const {
    log::Recording r = flown.recordings[run];
    r.time_s.resize(rows);
    for (auto& c : r.columns) c.values.resize(rows);
    return r;
  }
  FlightAdvice advise(std::size_t run, std::size_t rows, std::optional<double> heading = {}) const {
    const auto course = campaign::courseOf(flown.campaign);
    return adviseFlight(flown.campaign, analysis, flown.campaign.runs[run], head(run, rows),
                        course ? &*course : nullptr, heading);
  }
};

}  // namespace

TEST_CASE("live advice: the heading is read off the track, by GNSS and by distance alone") {
  for (const bool gnss : {false, true}) {
    const Flown f(gnss);
    const std::size_t all = f.flown.recordings[0].rows();
    CHECK_THAT(f.advise(0, 1000).heading_off_deg, WithinAbs(0, 25));
    CHECK_THAT(f.advise(0, all - 300).heading_off_deg, WithinAbs(180, 25));
    CHECK_FALSE(std::isfinite(f.advise(0, all - 300).links.at(0).advice.typical_left_m));
  }
}

TEST_CASE("live advice: what is left shrinks as the flight goes out, and a heading aside leaves more") {
  const Flown f;
  const auto left = [&](std::size_t rows, double heading) {
    return f.advise(0, rows, heading).links.at(0).advice.typical_left_m;
  };
  CHECK(left(600, 0) > left(1200, 0));
  CHECK(left(1200, 80) > left(1200, 0));
}

TEST_CASE(
    "live advice: no signal, no critical level, no position are each no advice or a refusal, never a "
    "number") {
  Flown f;
  log::Recording silent = f.head(0, 500);
  std::erase_if(silent.columns, [](const auto& c) { return c.channel == "control.rssi_dbm"; });
  CHECK(adviseFlight(f.flown.campaign, f.analysis, f.flown.campaign.runs[0], silent, nullptr).links.empty());
  log::Recording nowhere = f.head(0, 500);
  std::erase_if(nowhere.columns, [](const auto& c) { return c.channel == "distance_m"; });
  CHECK_THROWS_AS(adviseFlight(f.flown.campaign, f.analysis, f.flown.campaign.runs[0], nowhere, nullptr),
                  InputError);
  campaign::Campaign unknown = f.flown.campaign;
  unknown.links[0].sensitivity_dbm.reset();
  unknown.links[0].rule = {};
  const CampaignAnalysis nothing = analyse(unknown, std::vector<RunReduction>(unknown.runs.size()));
  CHECK(adviseFlight(unknown, nothing, unknown.runs[0], f.head(0, 500), nullptr).links.empty());
}

TEST_CASE("live advice in words: how much margin, how far still, and when to turn") {
  LinkAdvice l;
  l.link = "video";
  l.advice.distance_m = 1200;
  l.advice.margin_db = 12;
  l.advice.dependable_left_m = 640;
  l.advice.typical_left_m = 1310;
  CHECK(test::told(findingOf(l)) ==
        "video: 12 dB above the critical level at 1.20 km; dependable for 640 m more, typical for 1.31 km "
        "more.");
  l.advice.dependable_left_m = 0;
  CHECK_THAT(test::told(findingOf(l)), Contains("past the dependable range") && Contains("turn back"));
  l.advice.typical_left_m = 0;
  l.advice.margin_db = -3;
  CHECK_THAT(test::told(findingOf(l)),
             Contains("3 dB below") && Contains("past the typical range: turn back"));
  l.advice.dependable_left_m = l.advice.typical_left_m = INFINITY;
  l.advice.beyond_flown = l.first_flight = true;
  CHECK_THAT(test::told(findingOf(l)),
             Contains("all the way home") && Contains("beyond anything flown") && Contains("this one alone"));
}

TEST_CASE("live advice: a part of the rule that fails now is said first, whatever the signal",
          "[regression]") {
  Flown f;
  f.flown.campaign.links[0].rule.lq_min_pct = 70;
  log::Recording r = f.head(0, 600);
  for (auto& column : r.columns)
    if (column.channel == "control.lq_pct") std::fill(column.values.end() - 20, column.values.end(), 10);
  const auto advice = adviseFlight(f.flown.campaign, f.analysis, f.flown.campaign.runs[0], r, nullptr);
  REQUIRE(advice.links.size() == 1);
  CHECK(advice.links[0].below_rule == "quality");
  CHECK_THAT(test::told(findingOf(advice.links[0])),
             Contains("link quality is below the rule now: turn back"));
  CHECK(f.advise(0, 600).links[0].below_rule.empty());
}

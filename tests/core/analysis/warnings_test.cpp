// Every caution comes where it is due, with its remedy, and stays away from a sound campaign.
#include <catch2/catch.hpp>
#include <cmath>
#include <functional>

#include "core/analysis/findings/findings.h"
#include "core/finding/catalogue.h"
#include "support/analyse_simulated.h"
#include "support/scenarios.h"
#include "support/sentences.h"

using namespace distanz;
using namespace distanz::analysis;
using Catch::Matchers::Contains;

namespace {

const Finding* find(const CampaignAnalysis& a, const std::string& code) {
  for (const Finding& w : a.warnings)
    if (w.code == code) return &w;
  return nullptr;
}

const Finding* find(CampaignAnalysis&&, const std::string&) = delete;  // it would point into what is gone

/// Sound flights: in turns, three each, far enough.
simulate::Scenario sound() {
  simulate::Scenario s = test::twoSetups(3, 3);
  for (auto& run : s.runs) run.farthest_m = 3300;
  return s;
}

struct Case {
  const char* code;
  const char* remedy;
  std::function<void(simulate::Scenario&)> spoil;
};

const Case kCases[] = {
    {"not-interleaved", "Fly them in turns",
     [](simulate::Scenario& s) {
       std::stable_sort(s.runs.begin(), s.runs.end(),
                        [](const auto& a, const auto& b) { return a.setup < b.setup; });
     }},
    {"one-flight", "Fly at least twice more",
     [](simulate::Scenario& s) {
       std::erase_if(s.runs, [n = 0](const auto& r) mutable { return r.setup == "B" && n++ > 0; });
     }},
    {"equipment-cap", "nothing about the radio",
     [](simulate::Scenario& s) { s.runs[2].ended = campaign::Ended::EquipmentCap; }},
    {"ended-together", "still holds",
     [](simulate::Scenario& s) {
       for (auto& r : s.runs) r.farthest_m = 900;
     }},
    {"too-short", "Fly farther", [](simulate::Scenario& s) { s.runs[1].farthest_m = 110; }},
    {"signal-does-not-fall", "check",
     [](simulate::Scenario& s) {
       s.physics["control"].exponent = 0.05;
       s.physics["control"].place_sd_db = 0.5;
     }},
    {"unusual-exponent", "Check the distances",
     [](simulate::Scenario& s) { s.physics["control"].exponent = 7; }},
    {"flights-differ", "exclude the run", [](simulate::Scenario& s) { s.runs[4].level_offset_db = -15; }},
    {"no-common-places", "over the same path",
     [](simulate::Scenario& s) {
       for (auto& r : s.runs) {
         r.start_m = r.setup == "A" ? 20 : 1800;
         r.farthest_m = r.setup == "A" ? 1500 : 3300;
       }
     }},
    {"two-ray-breakpoint", "shorter than shown",
     [](simulate::Scenario& s) {
       s.with_gnss = true;
       s.campaign.station.antenna_height_m = 1.5;
       campaign::editFirstPath(s.campaign).points = {
           {s.campaign.station.position().value(), 40},
           {course::destination(s.campaign.station.position().value(), {1900, 54}), 40}};
       for (auto& r : s.runs) r.farthest_m = 1850;
     }},
    {"power-changed", "fly it again",
     [](simulate::Scenario& s) {
       s.runs[0].power["control"] = {{0, 100}, {900, 25}};
     }},
};

}  // namespace

TEST_CASE("warnings: a sound campaign has none") {
  const auto a = test::analyseSimulated(simulate::simulate(sound(), 3));
  std::string all;
  for (const Finding& w : a.warnings) all += test::told(w) + "\n";
  CAPTURE(all);
  CHECK(a.warnings.empty());
}

TEST_CASE("warnings: each comes where it is due, as a sentence with its remedy") {
  for (const Case& c : kCases) {
    simulate::Scenario s = sound();
    c.spoil(s);
    const auto flown = simulate::simulate(s, 3);
    const auto a = test::analyseSimulated(flown);
    CAPTURE(c.code);
    const Finding* w = find(a, c.code);
    REQUIRE(w != nullptr);
    CHECK_THAT(test::told(*w), Contains(c.remedy) && Catch::EndsWith("."));
    const auto said = findings(flown.campaign, a);
    CHECK(std::any_of(said.begin(), said.end(), [&](const Finding& x) {
      return infoOf(x.code)->severity == Severity::Caution && x == *w;
    }));
  }
}

TEST_CASE("warnings: the gap that grows with distance is told with its size") {
  simulate::Scenario s = test::twoSetups(6, 0);
  for (auto& run : s.runs) run.farthest_m = 3300;
  auto flown = simulate::simulate(s, 3);
  for (std::size_t i = 0; i < flown.recordings.size(); ++i) {
    if (flown.campaign.runs[i].setup != "A") continue;
    const auto& d = *flown.recordings[i].find("distance_m");
    for (auto& c : flown.recordings[i].columns)
      if (c.channel == "control.rssi_dbm")
        for (std::size_t k = 0; k < d.size(); ++k) c.values[k] -= 8 * std::log10(std::max(d[k], 1.0) / 1000);
  }
  const auto a = test::analyseSimulated(flown);
  const Finding* w = find(a, "gap-changes");
  REQUIRE(w != nullptr);
  CHECK_THAT(test::told(*w),
             Contains("between A and B") && Contains("per factor 10") && Contains("near the far end"));
}

TEST_CASE("warnings: a rule that was never seen failing rests on the sensitivity, and says so") {
  simulate::Scenario s = sound();
  s.campaign.links[0].rule.lq_min_pct = 70;
  for (auto& r : s.runs) r.farthest_m = 900;
  const auto a = test::analyseSimulated(simulate::simulate(s, 3));
  const Finding* w = find(a, "never-seen-failing");
  REQUIRE(w != nullptr);
  CHECK_THAT(test::told(*w), Contains("entered sensitivity"));
  CHECK(a.find("A", "control")->limited_by == "margin");
}

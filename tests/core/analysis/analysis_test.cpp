#include <algorithm>
#include <catch2/catch.hpp>
#include <cmath>
#include <cstdint>
#include <fmt/format.h>
#include <limits>

#include "core/analysis/analyse.h"
#include "core/analysis/findings/findings.h"
#include "core/analysis/reduce/reduction.h"
#include "core/analysis/result/reading.h"
#include "core/analysis/result/words.h"
#include "core/campaign/limits.h"
#include "core/finding/catalogue.h"
#include "support/analyse_simulated.h"
#include "support/scenarios.h"
#include "support/sentences.h"

using namespace distanz;
using namespace distanz::analysis;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;

namespace {

bool warned(const CampaignAnalysis& a, const std::string& code) {
  return std::any_of(a.warnings.begin(), a.warnings.end(), [&](const Finding& w) { return w.code == code; });
}

}  // namespace

TEST_CASE("analysis: a clear difference is found, with its size, and the stronger setup reaches farther") {
  const auto flown = simulate::simulate(test::twoSetups(5, 6), 11);
  const CampaignAnalysis a = test::analyseSimulated(flown);
  REQUIRE(a.comparisons.size() == 1);
  CHECK(a.comparisons[0].verdict == estimate::Verdict::BBetter);
  CHECK_THAT(a.comparisons[0].delta_db->estimate, WithinAbs(-6, 2));
  CHECK(*a.find("B", "control")->typical.estimate_m > *a.find("A", "control")->typical.estimate_m);
  CHECK(a.find("A", "control")->runs_used == 5);
  CHECK(a.deciding("A", "B") == &a.comparisons[0]);
  CHECK(a.deciding("A", "Z") == nullptr);
}

TEST_CASE("analysis: the answer does not depend on the number of threads, to the last bit") {
  const auto flown = simulate::simulate(test::twoSetups(4), 3);
  const CampaignAnalysis one = test::analyseSimulated(flown, 1), many = test::analyseSimulated(flown, 7);
  REQUIRE(one.setups.size() == many.setups.size());
  for (std::size_t i = 0; i < one.setups.size(); ++i) {
    CHECK(one.setups[i].typical.estimate_m == many.setups[i].typical.estimate_m);
    CHECK(one.setups[i].dependable.high_m == many.setups[i].dependable.high_m);
  }
  CHECK(one.comparisons[0].delta_db->low == many.comparisons[0].delta_db->low);
}

TEST_CASE("analysis: one run of each says that the flight-to-flight spread is assumed") {
  const auto flown = simulate::simulate(test::twoSetups(1, 20), 3);
  const CampaignAnalysis a = test::analyseSimulated(flown);
  CHECK(a.comparisons[0].verdict == estimate::Verdict::Undecided);
  CHECK(a.comparisons[0].spread_assumed);
  CHECK(warned(a, "one-flight"));
  CHECK_THAT(test::verdictSentence(flown.campaign, a, a.comparisons[0]).text,
             Contains("the flight-to-flight spread is assumed"));
}

TEST_CASE("analysis: a range beyond what was flown is told as at least") {
  auto s = test::twoSetups(3);
  for (auto& run : s.runs) run.farthest_m = 700;
  const CampaignAnalysis a = test::analyseSimulated(simulate::simulate(s, 2));
  const SetupOnLink* r = a.find("A", "control");
  CHECK(r->typical.status == Status::AtLeast);
  CHECK(*r->typical.at_least_m <= 700);
  CHECK_THAT(test::rangeText(r->typical), Contains("at least"));
}

TEST_CASE(
    "analysis: without sensitivity and without failures no range is made up, only what was reached is told") {
  auto s = test::twoSetups(3);
  s.campaign.links[0].sensitivity_dbm.reset();
  s.campaign.links[0].rule = {70, {}, {}};
  for (auto& run : s.runs) run.farthest_m = 900;
  const CampaignAnalysis a = test::analyseSimulated(simulate::simulate(s, 2));
  const SetupOnLink* r = a.find("A", "control");
  CHECK(r->typical.status == Status::AtLeast);
  CHECK_FALSE(r->typical.estimate_m);
  CHECK(*r->typical.at_least_m <= 900);
  CHECK_THAT(r->typical.confidence, WithinAbs(0.875, 1e-12));  // three flights without a failure: sign test
  CHECK(r->dependable.status == Status::Withheld);
  CHECK_FALSE(r->critical_dbm);
  CHECK(warned(a, "no-critical-level"));
  CHECK_THAT(test::rangeText(r->typical), Contains("at least") && Contains("88 % sure"));
  CHECK(test::rangeText(r->dependable) == "unknown");
}

TEST_CASE("analysis: quality alone gives first failures, basis reach") {
  auto flown = simulate::simulate(test::twoSetups(3, 4), 2);
  flown.campaign.links[0].rule.lq_min_pct = 70;
  for (auto& r : flown.recordings)
    std::erase_if(r.columns, [](const log::Column& c) { return c.channel == "control.rssi_dbm"; });
  const CampaignAnalysis a = test::analyseSimulated(flown);
  const SetupOnLink* r = a.find("A", "control");
  REQUIRE(r);
  CHECK(r->basis == Basis::Reach);
  CHECK(word(r->basis) == "reach");
  CHECK_FALSE(a.comparisons[0].delta_db);
}

TEST_CASE("analysis: voided runs and copies of a log do not count, and say why") {
  auto flown = simulate::simulate(test::twoSetups(3), 2);
  flown.campaign.runs[0].void_reason = "loose connector";
  flown.campaign.runs[1].editSource().sha256 = flown.campaign.runs[3].editSource().sha256 = "same";
  const CampaignAnalysis a = test::analyseSimulated(flown);
  CHECK_FALSE(a.runs[0].used);
  CHECK_THAT(test::told(a.runs[0].why_not), Contains("loose connector"));
  CHECK(a.runs[1].used);
  CHECK_FALSE(a.runs[3].used);
  CHECK(warned(a, "duplicate-log"));
  CHECK(a.find("A", "control")->runs_used == 2);
}

TEST_CASE("analysis: flown one after the other is a caution") {
  auto flown = simulate::simulate(test::twoSetups(2), 2);
  CHECK_FALSE(warned(test::analyseSimulated(flown), "not-interleaved"));
  int order = 0;
  for (const char* setup : {"A", "B"})
    for (auto& run : flown.campaign.runs)
      if (run.setup == setup) run.order = ++order;
  CHECK(warned(test::analyseSimulated(flown), "not-interleaved"));
}

TEST_CASE("analysis: automatic power and a log without signal are cautions, not silence") {
  auto flown = simulate::simulate(test::twoSetups(2), 2);
  std::vector<double> power(flown.recordings[0].rows(), 25);
  power.back() = 100;
  flown.recordings[0].columns.push_back({"control.power_mw", power});
  flown.recordings[3].columns.resize(1);
  const CampaignAnalysis a = test::analyseSimulated(flown);
  CHECK(warned(a, "power-changed"));
  CHECK(warned(a, "run-refused"));
  CHECK_FALSE(a.runs[3].used);
}

TEST_CASE("analysis: flights that all end together with signal in hand are a limit, not the radio") {
  auto s = test::twoSetups(3);
  for (auto& run : s.runs) run.farthest_m = 800;
  CHECK(warned(test::analyseSimulated(simulate::simulate(s, 2)), "ended-together"));
}

TEST_CASE("analysis: nothing flown, nothing claimed; cancelling throws") {
  const auto flown = simulate::simulate(test::twoSetups(2), 2);
  const auto source = [](const campaign::Run&) -> std::shared_ptr<const log::Recording> {
    throw InputError(finding("step-said", {{"what", "gone"}}));
  };
  const CampaignAnalysis none = analyse(flown.campaign, source);
  CHECK(none.setups.empty());
  CHECK(test::told(none.runs[0].why_not) == "gone");
  CHECK_THROWS_AS(analyse(
                      flown.campaign, source, [](double) { return false; }, 1),
                  Cancelled);
  CHECK(analyse(campaign::Campaign(), source).setups.empty());
}

TEST_CASE("sentences: the better setup by name, how much, how sure, and what to do next") {
  const auto flown = simulate::simulate(test::twoSetups(4, 7), 12);
  const CampaignAnalysis a = test::analyseSimulated(flown);
  const test::Said verdict = test::verdictSentence(flown.campaign, a, a.comparisons[0]);
  CHECK(verdict.title == "Setup B reaches farther than Setup A");
  CHECK_THAT(verdict.text, Contains("Signal +7.0 dB") && Contains("1.32× as long") && Contains("95 %"));
  const auto all = findings(flown.campaign, a);
  CHECK(std::count_if(all.begin(), all.end(),
                      [](const Finding& s) { return infoOf(s.code)->severity == Severity::Advice; }) == 1);
  CHECK_THAT(test::limitSentence(flown.campaign, a, "A").text, Contains("control link fails first"));
  CHECK_THAT(test::limitSentence(flown.campaign, a, "Z").title, Contains("not flown"));
  CHECK_THAT(test::nextStepSentence(flown.campaign, a).title, Contains("Plan with Setup B"));
  CHECK_THAT(
      test::nextStepSentence(campaign::Campaign(), analyse(campaign::Campaign(), std::vector<RunReduction>()))
          .title,
      Contains("Fly the first pair"));
}

TEST_CASE("readings: the mean of the runs near a distance, and nothing where nobody flew") {
  const auto flown = simulate::simulate(test::twoSetups(3, 5), 4);
  const CampaignAnalysis a = test::analyseSimulated(flown);
  const auto readings = readAt(flown.campaign, a, "control", 1000);
  REQUIRE(readings.size() == 2);
  CHECK(readings[0].runs == 3);
  CHECK_THAT(readings[0].mean("rssi_dbm").value(), WithinAbs(-90, 6));
  CHECK(readings[1].mean("rssi_dbm").value() > readings[0].mean("rssi_dbm").value());
  CHECK(readAt(flown.campaign, a, "control", 90000)[0].runs == 0);
  const std::string csv = lanesCsv(flown.campaign, a, "control");
  CHECK_THAT(csv, Catch::StartsWith("run,setup,leg,distance_m") && Contains("\nA1,A,out,") &&
                      Contains("\nB3,B,back,"));
}

TEST_CASE("analysis: places of the last of very many paths, and of one round the globe, can be counted",
          "[hostile]") {
  campaign::Campaign c;
  c.paths.resize(campaign::limits::kMostItems);
  for (std::size_t i = 0; i < c.paths.size(); ++i) c.paths[i].id = fmt::to_string(i);
  campaign::Run run;
  run.path = c.paths.back().id;
  const int first = firstPlaceOf(c, run);
  run.path = c.paths[c.paths.size() - 2].id;
  CHECK(first - firstPlaceOf(c, run) == estimate::defaults::kPlacesOfAPath);
  const int least = estimate::placeIndex(-1e12), most = estimate::placeIndex(1e12);
  CHECK(most - least < estimate::defaults::kPlacesOfAPath);
  CHECK(std::int64_t(first) + most <= std::numeric_limits<int>::max());
  CHECK(estimate::placeIndex(-1) == -1);
  CHECK(estimate::placeIndex(estimate::defaults::kCellWidth_m) == 1);
}

TEST_CASE("analysis: places are counted along the path; those of two paths are never one") {
  const auto flown = simulate::simulate(test::twoSetups(1, 4), 5);
  campaign::Campaign c = flown.campaign;
  const course::Position station = c.station.position().value();
  std::vector<campaign::PathPoint> points{{station, 60}};
  for (int bearing = 0; bearing <= 60; bearing += 10)
    points.push_back({course::destination(station, {600, double(bearing)}), 60});
  campaign::editFirstPath(c).points = points;
  campaign::Path other = c.paths.front();
  other.id = "other";
  c.paths.push_back(other);
  log::Recording r;
  std::vector<double> lat, lon, rssi;
  const auto add = [&](const course::Position& p, double level) {
    r.time_s.push_back(double(r.time_s.size()) * 0.2);
    lat.push_back(p.lat_deg);
    lon.push_back(p.lon_deg);
    rssi.push_back(level);
  };
  for (double d = 0; d <= 600; d += 2) add(course::destination(station, {d, 0}), -60);
  for (double bearing = 0; bearing <= 60; bearing += 0.2)
    add(course::destination(station, {600, bearing}), bearing < 30 ? -60 : -80);
  r.columns = {{"lat_deg", lat}, {"lon_deg", lon}, {"control.rssi_dbm", rssi}};
  const auto course = campaign::courseOf(c);
  campaign::Run run = c.runs[0];
  run.turn_begin_s = run.turn_end_s = 1e6;  // not cut
  const RunReduction first = reduceRun(c, run, r, &*course);
  REQUIRE_FALSE(first.refused);
  const auto& cells = first.links.at("control").cells.both.cells;
  CHECK(cells.size() >= 25);  // 13 out and 15 round; by distance it would be 13
  CHECK(std::any_of(cells.begin(), cells.end(),
                    [](const auto& k) { return k.level_dbm > -61 && k.log_distance > 2.77; }));
  CHECK(std::any_of(cells.begin(), cells.end(),
                    [](const auto& k) { return k.level_dbm < -79 && k.log_distance > 2.77; }));
  run.path = "other";
  const RunReduction second = reduceRun(c, run, r, &*course);
  for (const auto& a : cells)
    for (const auto& b : second.links.at("control").cells.both.cells) CHECK(a.index != b.index);
}

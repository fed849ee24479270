// What stands on the path: interference, holes, all links at once; who flew when.
#include <catch2/catch.hpp>
#include <cmath>
#include <fmt/format.h>

#include "core/analysis/analyse.h"
#include "core/analysis/findings/findings.h"
#include "core/radio/clearance.h"
#include "support/analyse_simulated.h"
#include "support/scenarios.h"
#include "support/told.h"
#include "support/worlds/world_study.h"

using namespace distanz;
using namespace distanz::analysis;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;

namespace {

std::vector<double>& column(log::Recording& r, const std::string& channel) {
  for (log::Column& c : r.columns)
    if (c.channel == channel) return c.values;
  throw std::runtime_error(channel);
}

simulate::Simulated byQuality(int flights_each, std::uint64_t seed) {
  simulate::Scenario s = test::twoSetups(flights_each, 2);
  s.campaign.links[0].sensitivity_dbm.reset();
  s.campaign.links[0].rule = {};
  s.campaign.links[0].rule.lq_min_pct = 70;
  return simulate::simulate(s, seed);
}

/// Lowers a channel between two distances.
void spoil(log::Recording& r, const std::string& channel, double from_m, double to_m, double to_value) {
  const auto& d = *r.find("distance_m");
  for (std::size_t i = 0; i < d.size(); ++i)
    if (d[i] >= from_m && d[i] < to_m) column(r, channel)[i] = to_value;
}

}  // namespace

TEST_CASE("interference: located, told, left out of the level, and its share of flights fails there") {
  auto flown = byQuality(3, 4);
  const auto plain = test::analyseSimulated(flown);
  CHECK(plain.interference.empty());
  for (std::size_t i : {0, 1, 2, 3, 5}) spoil(flown.recordings[i], "control.lq_pct", 600, 720, 20);
  const auto a = test::analyseSimulated(flown);
  REQUIRE(a.interference.size() == 1);
  CHECK_THAT(a.interference[0].from_m, WithinAbs(600, 40));
  CHECK_THAT(a.interference[0].to_m, WithinAbs(720, 40));
  CHECK(a.interference[0].runs.size() == 5);
  CHECK(a.interference[0].flights == 6);
  CHECK_THAT(*a.find("A", "control")->critical_dbm,
             WithinAbs(*plain.find("A", "control")->critical_dbm, 0.3));
  // Five of six flights fail there: so do most new ones, unless the rule allows so long a dip.
  CHECK(*a.answer("A")->typical.estimate_m < 640);
  flown.campaign.links[0].rule.gap_m = 200;
  const auto allowed = test::analyseSimulated(flown);
  CHECK(allowed.interference.size() == 1);
  CHECK(*allowed.answer("A")->typical.estimate_m > 1000);
  CHECK(*plain.answer("A")->typical.estimate_m > 1000);
  std::string told;
  for (const Finding& w : a.warnings) told += test::told(w) + "\n";
  CHECK_THAT(told,
             Contains("Interference on the control link from 600 m to 720 m") && Contains("change channel"));
}

TEST_CASE("holes: a stretch that fails in most flights is named, with what lies behind it") {
  auto flown = byQuality(3, 4);
  for (std::size_t i = 0; i < 5; ++i) {
    spoil(flown.recordings[i], "control.lq_pct", 600, 720, 10);
    spoil(flown.recordings[i], "control.rssi_dbm", 600, 720, -112);
  }
  const auto a = test::analyseSimulated(flown);
  REQUIRE_FALSE(a.holes.empty());
  const Hole& h = a.holes.front();
  CHECK_THAT(h.from_m, WithinAbs(600, 1));
  CHECK_THAT(h.to_m, WithinAbs(720, 1));
  CHECK(h.failed == 5);
  CHECK(h.flights == 6);
  CHECK(h.returns);
  CHECK(h.in_the_way);
  CHECK(h.setups == std::vector<std::string>{"A", "B"});
  CHECK_FALSE(a.holes.back().returns);  // where the range ends
  const auto said = holesOf(a);
  REQUIRE_FALSE(said.empty());
  CHECK_THAT(test::said(said[0]).title, Contains("fails between 600 m and 720 m"));
  CHECK_THAT(test::said(said[0]).text, Contains("5 of 6 flights"));
  CHECK(*a.answer("A")->typical.estimate_m < 640);
}

TEST_CASE("gaps allowed: a dip no longer than that does not end the range, and is still named") {
  auto flown = byQuality(3, 4);
  for (log::Recording& r : flown.recordings) {
    spoil(r, "control.lq_pct", 600, 720, 10);
    spoil(r, "control.rssi_dbm", 600, 720, -112);
  }
  const auto typical = [&](std::optional<double> gap_m, std::optional<double> gap_s) {
    flown.campaign.links[0].rule.gap_m = gap_m;
    flown.campaign.links[0].rule.gap_s = gap_s;
    const auto a = test::analyseSimulated(flown);
    CHECK_FALSE(a.holes.empty());
    return *a.answer("A")->typical.estimate_m;
  };
  CHECK(typical({}, {}) < 640);
  CHECK(typical(80, {}) < 640);
  CHECK(typical(200, {}) > 1000);
  CHECK(typical({}, 4) < 640);    // 52 m at 13 m/s
  CHECK(typical({}, 16) > 1000);  // 208 m
}

TEST_CASE("two-ray nulls: where the ways differ by whole wavelengths, and only where they stand apart") {
  const double wavelength = 299.792458 / 2440;
  const auto differs = [&](double d) { return (std::hypot(d, 34.0) - std::hypot(d, 26.0)) / wavelength; };
  const auto at = radio::twoRayNull_m(4, 30, 2440, 1900, 2000);
  REQUIRE(at);
  CHECK_THAT(differs(*at), WithinAbs(1, 1e-9));
  CHECK_FALSE(radio::twoRayNull_m(4, 30, 2440, 1500, 1560));  // between two of them
  CHECK_FALSE(radio::twoRayNull_m(4, 30, 2440, 2500, 2600));  // beyond the last
  CHECK_FALSE(radio::twoRayNull_m(4, 30, 2440, 100, 200));    // too close together to tell
}

TEST_CASE("all links at once: no setup reaches farther than any of its links") {
  test::World w;
  w.flights_each = 3;
  test::WorldLink video;
  video.id = "video";
  video.frequency_mhz = 5800;
  video.level_dbm[0] = -96;
  w.links.push_back(video);
  const test::FlownWorld flown = test::fly(w, 11);
  const auto a = test::analyseWorld(flown);
  for (const SetupAnswer& s : a.answers)
    for (const char* link : {"control", "video"}) {
      CHECK(*s.dependable.estimate_m <= *a.find(s.setup, link)->dependable.estimate_m);
      CHECK(*s.typical.estimate_m <= *a.find(s.setup, link)->typical.estimate_m);
      CHECK(*s.plan_m <= *s.dependable.estimate_m);
    }
  REQUIRE(a.setup_comparisons.size() == 1);
  CHECK(a.setup_comparisons[0].links == std::vector<std::string>{"control", "video"});
  CHECK(a.setup_comparisons[0].ratio.has_value());
}

TEST_CASE("all links at once: links flown by different setups, and unlike far, are told together",
          "[regression]") {
  test::World w;
  w.flights_each = 3;
  test::WorldLink video;
  video.id = "video";
  w.links.push_back(video);
  test::FlownWorld flown = test::fly(w, 12);
  // Very many setups, of which only two have a video link; and one video log ends early.
  for (int i = 0; i < 45; ++i) {
    campaign::Setup more;
    more.id = "S" + fmt::to_string(i);
    flown.campaign.setups.push_back(more);
    campaign::Run run = flown.campaign.runs[0];
    run.id = more.id + "1";
    run.setup = more.id;
    log::Recording r = flown.recordings[0];
    std::erase_if(r.columns, [](const log::Column& c) { return c.channel.starts_with("video"); });
    r.columns[1].values[0] -= i + 1;  // not the same flight to the last sample
    for (double& v : r.columns[1].values) v -= 0.01 * i + 0.01;
    flown.campaign.runs.push_back(run);
    flown.recordings.push_back(r);
  }
  const auto& distance = *flown.recordings[1].find("distance_m");
  for (std::size_t run = 1; run < 6; run += 2)
    for (log::Column& c : flown.recordings[run].columns)
      for (std::size_t i = 0; c.channel.starts_with("video") && i < c.values.size(); ++i)
        if ((*flown.recordings[run].find("distance_m"))[i] > 700) c.values[i] = NAN;
  REQUIRE(distance.size() > 100);
  const auto a = test::analyseWorld(flown);
  const SetupAnswer* b = a.answer("B");
  REQUIRE(b);
  CHECK(b->typical.estimate_m.has_value());
  CHECK(a.answers.size() == 47);
}

TEST_CASE("interference: paired flights meet it alike, and their ratio stays about one", "[regression]") {
  test::World w;
  w.paired = true;
  w.links[0].rule = test::Rule::Quality;
  w.links[0].patch = test::Patch{500, 640, 1, 0.2};
  const auto a = test::analyseWorld(test::fly(w, 5));
  REQUIRE_FALSE(a.interference.empty());
  REQUIRE(a.comparisons[0].paired_flights > 1);
  CHECK_THAT(a.comparisons[0].ratio->estimate, WithinAbs(1, 0.1));
}

TEST_CASE("ratio: of setups that never failed none is told, nor that they are alike", "[regression]") {
  simulate::Scenario s = test::twoSetups(3, 3);
  for (auto& run : s.runs) run.farthest_m = 700;
  const auto flown = simulate::simulate(s, 3);
  const auto a = test::analyseSimulated(flown);
  CHECK(a.answer("A")->typical.status == Status::AtLeast);
  CHECK_FALSE(a.comparisons[0].ratio.has_value());
  const std::string said = test::said(verdictOf(flown.campaign, a, a.setup_comparisons[0])).text;
  CAPTURE(said);
  CHECK_THAT(said, !Contains("Range ratio") && Contains("Signal +"));
}

TEST_CASE("session: the clocks of the logs tell the order, and where the list has none it is said") {
  auto flown = simulate::simulate(test::twoSetups(3, 0), 5);
  for (std::size_t i = 0; i < flown.recordings.size(); ++i) {
    flown.campaign.runs[i].order = 0;
    // A first, B after: not the order of the list.
    const bool of_b = flown.campaign.runs[i].setup == "B";
    flown.recordings[i].started =
        "2026-11-24 0" + fmt::to_string(of_b ? 8 : 6) + ":" + fmt::to_string(i) + "0:00";
  }
  const auto a = test::analyseSimulated(flown);
  std::string codes;
  for (const Finding& w : a.warnings) codes += w.code + " ";
  CHECK_THAT(codes, Contains("order-by-clock") && Contains("not-interleaved"));
  auto typed = flown;
  for (std::size_t i = 0; i < typed.campaign.runs.size(); ++i)
    typed.campaign.runs[i].order = static_cast<int>(i) + 1;
  const auto b = test::analyseSimulated(typed);
  CHECK(b.comparisons[0].se_db == a.comparisons[0].se_db);  // the clocks stand
  // Recorders without a clock begin every log at one moment: the list counts. In turns, the day adds less.
  for (auto& r : typed.recordings) r.started = "2026-11-24 00:00:00";
  const auto listed = test::analyseSimulated(typed);
  codes.clear();
  for (const Finding& w : listed.warnings) codes += w.code + " ";
  CHECK_THAT(codes, !Contains("order-by-clock") && !Contains("not-interleaved"));
  CHECK(a.comparisons[0].se_db > 1.1 * listed.comparisons[0].se_db);
  // The list says one after the other, the clocks deny it: no caution.
  for (std::size_t i = 0; i < typed.campaign.runs.size(); ++i) {
    typed.campaign.runs[i].order = typed.campaign.runs[i].setup == "B" ? 20 + int(i) : 1 + int(i);
    typed.recordings[i].started = "2026-11-24 1" + fmt::to_string(i) + ":00:00";
  }
  const auto in_turns = test::analyseSimulated(typed);
  codes.clear();
  for (const Finding& w : in_turns.warnings) codes += w.code + " ";
  CHECK_THAT(codes, !Contains("order-by-clock") && !Contains("not-interleaved"));
}

TEST_CASE("looks: a campaign is judged at its planned number of pairs") {
  auto flown = simulate::simulate(test::twoSetups(4, 3), 9);
  flown.campaign.planned_pairs = 4;
  const auto planned = test::analyseSimulated(flown);
  CHECK(planned.comparisons[0].pairs == 4);
  CHECK(planned.comparisons[0].level == 0.04);
  flown.campaign.planned_pairs = 8;
  const auto early = test::analyseSimulated(flown);
  CHECK(early.comparisons[0].level == 0.008);
  CHECK(early.comparisons[0].p_value == planned.comparisons[0].p_value);
}

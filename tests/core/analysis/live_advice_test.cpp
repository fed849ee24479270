// Advice in the air: which link runs out first, which way the aircraft is heading, and what cannot be said.
#include <catch2/catch.hpp>
#include <cmath>

#include "core/analysis/analyse.h"
#include "core/analysis/live/live_flight.h"
#include "core/analysis/reduce/reduction.h"
#include "core/finding/error.h"
#include "core/log/track.h"
#include "support/analyse_simulated.h"
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
        "video: 12 dB margin at 1.20 km; reliable for 640 m more, median 1.31 km "
        "more. This way was not flown before: its holes are unknown.");
  l.on_path = true;
  CHECK_THAT(test::told(findingOf(l)), !Contains("holes"));
  l.advice.dependable_left_m = 0;
  CHECK_THAT(test::told(findingOf(l)), Contains("beyond the reliable range") && Contains("turn back"));
  l.advice.typical_left_m = 0;
  l.advice.margin_db = -3;
  CHECK_THAT(test::told(findingOf(l)),
             Contains("3 dB below") && Contains("beyond the median range: turn back"));
  l.advice.dependable_left_m = l.advice.typical_left_m = INFINITY;
  l.advice.beyond_flown = l.first_flight = true;
  CHECK_THAT(test::told(findingOf(l)),
             Contains("all the way home") && Contains("farther than any flight so far") && Contains("the present flight alone"));
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
             Contains("link quality is below the usable limit now: turn back"));
  CHECK(f.advise(0, 600).links[0].below_rule.empty());
}

namespace {

log::Recording rowsOf(const log::Recording& r, std::size_t from, std::size_t to) {
  log::Recording out;
  const auto part = [&](const std::vector<double>& v) {
    return std::vector<double>(v.begin() + std::ptrdiff_t(from), v.begin() + std::ptrdiff_t(to));
  };
  out.time_s = part(r.time_s);
  for (const log::Column& c : r.columns) out.columns.push_back({c.channel, part(c.values)});
  return out;
}

/// A flight with everything that makes rows hang together: gaps in GNSS, a jump, power that changes, a mode
/// that lasts.
log::Recording eventful(const log::Recording& flown) {
  log::Recording r = flown;
  const std::size_t n = r.rows();
  std::vector<double> power(n, NAN), mode(n);
  for (std::size_t i = 0; i < n; ++i) {
    if (i % 7 == 0) power[i] = i < n / 3 ? 100 : i < n / 2 ? 250 : 25;
    mode[i] = i < n / 4 ? 50 : 150;
  }
  r.columns.push_back({"control.power_mw", power});
  r.columns.push_back({"control.mode", mode});
  for (auto& c : r.columns)
    if (c.channel == "distance_m") {
      for (std::size_t i = 40; i < 46; ++i) c.values[i] = NAN;
      for (std::size_t i = 100; i < 180; ++i) c.values[i] = NAN;
      c.values[220] += 4000;
    }
  return r;
}

void same(double a, double b) {
  if (std::isfinite(b))
    CHECK(a == Approx(b).epsilon(1e-9));
  else
    CHECK(a == b);
}

}  // namespace

TEST_CASE("live flight: row by row it says what it says of all rows at once", "[property]") {
  Flown f;
  f.flown.campaign.links[0].modes = {{50, -112}, {150, -107}};
  const campaign::Run& run = f.flown.campaign.runs[0];
  const log::Recording all = eventful(f.flown.recordings[0]);
  LiveFlight growing(f.flown.campaign, f.analysis, run, nullptr);
  for (std::size_t n = 1; n <= std::min<std::size_t>(all.rows(), 700); ++n) {
    growing.append(rowsOf(all, n - 1, n));
    if (n % 23 != 0 || n < 60) continue;
    const FlightAdvice one_by_one = growing.advise(0);
    const FlightAdvice at_once =
        adviseFlight(f.flown.campaign, f.analysis, run, rowsOf(all, 0, n), nullptr, 0);
    REQUIRE(one_by_one.links.size() == at_once.links.size());
    for (std::size_t i = 0; i < at_once.links.size(); ++i) {
      CAPTURE(n);
      same(one_by_one.links[i].advice.signal_dbm, at_once.links[i].advice.signal_dbm);
      same(one_by_one.links[i].advice.off_setup_db, at_once.links[i].advice.off_setup_db);
      same(one_by_one.links[i].advice.dependable_left_m, at_once.links[i].advice.dependable_left_m);
    }
  }
}

TEST_CASE("live flight: where GNSS finds itself late, what the distance column put elsewhere is taken back",
          "[regression]") {
  Flown f(true);
  log::Recording all = f.flown.recordings[0];
  std::erase_if(all.columns, [](const auto& c) { return c.channel == "distance_m"; });
  all.columns.push_back({"distance_m", std::vector<double>(all.rows())});
  for (std::size_t i = 0; i < all.rows(); ++i)
    all.columns.back().values[i] = 1500 + double(i);  // counted from another place
  for (auto& c : all.columns)
    if (c.channel == "lat_deg" || c.channel == "lon_deg") std::fill_n(c.values.begin(), 200, NAN);
  const campaign::Run& run = f.flown.campaign.runs[0];
  const auto course = campaign::courseOf(f.flown.campaign);
  REQUIRE(course);
  LiveFlight growing(f.flown.campaign, f.analysis, run, &*course);
  for (std::size_t n = 1; n <= 700; ++n) {
    growing.append(rowsOf(all, n - 1, n));
    if (n == 150) growing.advise(0);
  }
  const FlightAdvice one_by_one = growing.advise(0);
  const FlightAdvice at_once =
      adviseFlight(f.flown.campaign, f.analysis, run, rowsOf(all, 0, 700), &*course, 0);
  REQUIRE(one_by_one.links.size() == 1);
  same(one_by_one.links[0].advice.off_setup_db, at_once.links.at(0).advice.off_setup_db);
  same(one_by_one.links[0].advice.dependable_left_m, at_once.links[0].advice.dependable_left_m);
}

TEST_CASE("live flight: its track is the track of the whole recording, and its cells are the estimator's",
          "[property]") {
  Flown f;
  const log::Recording r = eventful(f.flown.recordings[1]);
  LiveTrack track(nullptr);
  log::Recording so_far;
  for (std::size_t i = 0; i < r.rows(); ++i) {
    so_far.append(rowsOf(r, i, i + 1));
    track.update(so_far);
  }
  const log::Track whole = log::trackOf(r, nullptr);
  REQUIRE(track.distance_m().size() == whole.distance_m.size());
  for (std::size_t i = 0; i < whole.distance_m.size(); ++i) {
    if (std::isfinite(whole.distance_m[i]))
      CHECK(track.distance_m()[i] == whole.distance_m[i]);
    else
      CHECK_FALSE(std::isfinite(track.distance_m()[i]));
  }
  const std::vector<double>& rssi = *r.find("control.rssi_dbm");
  estimate::GrowingCells growing;
  for (std::size_t i = 0; i < r.rows(); ++i) {
    growing.add(whole.distance_m[i], whole.distance_m[i], rssi[i], 1.5);
    if (i % 50 == 0) growing.cells();
  }
  const std::vector<double> shift(r.rows(), 1.5);
  const auto want =
      estimate::cellsOf({r.time_s, whole.distance_m, rssi, INFINITY, INFINITY, shift}, std::nullopt);
  const auto& got = growing.cells();
  REQUIRE(got.cells.size() == want.cells.size());
  CHECK(got.farthest_m == want.farthest_m);
  for (std::size_t i = 0; i < want.cells.size(); ++i) {
    CHECK(got.cells[i].index == want.cells[i].index);
    CHECK(got.cells[i].level_dbm == Approx(want.cells[i].level_dbm).epsilon(1e-12));
    CHECK(got.cells[i].log_distance == Approx(want.cells[i].log_distance).epsilon(1e-12));
    CHECK(got.cells[i].shift_db == Approx(1.5));
  }
}

TEST_CASE("live advice: 0 dBm is what a receiver writes while it hears nothing, not a signal") {
  Flown f;
  const campaign::Run& run = f.flown.campaign.runs[1];
  const log::Recording heard = rowsOf(f.flown.recordings[1], 0, 700);
  log::Recording dead = heard;
  for (log::Column& c : dead.columns)
    if (c.channel == "control.rssi_dbm") std::fill(c.values.begin() + 650, c.values.begin() + 680, 0.0);
  const FlightAdvice before = adviseFlight(f.flown.campaign, f.analysis, run, heard, nullptr, 0),
                     now = adviseFlight(f.flown.campaign, f.analysis, run, dead, nullptr, 0);
  REQUIRE(before.links.size() == 1);
  REQUIRE(now.links.size() == 1);
  CHECK(std::abs(now.links[0].advice.margin_db - before.links[0].advice.margin_db) < 2);
  CHECK(std::abs(now.links[0].advice.off_setup_db - before.links[0].advice.off_setup_db) < 1);
}

TEST_CASE("recording: rows are added channel by channel; one that is missing is not a number") {
  log::Recording a{{0, 1}, {{"x", {1, 2}}}, {}};
  a.append({{2}, {{"x", {3}}, {"y", {7}}}, {}});
  a.append({{3}, {{"y", {8}}}, {}});
  REQUIRE(a.rows() == 4);
  CHECK(a.find("x")->at(2) == 3);
  CHECK(std::isnan(a.find("x")->back()));
  CHECK(std::isnan(a.find("y")->front()));
  CHECK(a.find("y")->back() == 8);
}

TEST_CASE("live advice: at a power nobody knows, only what flights at such a power showed on this path") {
  Flown f;
  const auto setup = f.flown.campaign.runs[0].setup;
  f.flown.campaign.setups[0].links["control"].automatic_power = true;
  REQUIRE(f.flown.campaign.setups[0].id == setup);
  const auto known = f.analysis;
  f.analysis = test::analyseSimulated(f.flown);
  const auto advice = f.advise(0, 900, 0.0);
  REQUIRE(advice.links.size() == 1);
  CHECK(advice.links[0].on_path);
  CHECK(advice.links[0].advice.distance_m + advice.links[0].advice.typical_left_m <
        f.scenario.runs[0].farthest_m + 200);
  CHECK(f.advise(0, 900, 70.0).links.empty());  // another way
  f.analysis = known;                           // earlier flights told their power, this one does not
  CHECK(f.advise(0, 900, 0.0).links.empty());
}

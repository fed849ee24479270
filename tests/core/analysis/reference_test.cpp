// Readings of unlike flights put beside each other: power that changed, packet rates, reduced power, other
// bands and paths.
#include "core/analysis/reduce/reference.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <fmt/format.h>

#include "core/analysis/analyse.h"
#include "core/analysis/compare/outlier_causes.h"
#include "core/analysis/findings/findings.h"
#include "core/analysis/reduce/reduction.h"
#include "core/campaign/kit.h"
#include "core/campaign/validate.h"
#include "core/finding/catalogue.h"
#include "support/analyse_simulated.h"
#include "support/scenarios.h"
#include "support/sentences.h"

using namespace distanz;
using namespace distanz::analysis;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;

namespace {

bool toldOf(const CampaignAnalysis& a, const std::string& code, const std::string& run = {}) {
  return std::any_of(a.warnings.begin(), a.warnings.end(),
                     [&](const Finding& w) { return w.code == code && (run.empty() || w.run() == run); });
}

simulate::Scenario threeEach(double b_over_a_db = 0) {
  simulate::Scenario s = test::twoSetups(3, b_over_a_db);
  for (auto& run : s.runs) run.farthest_m = 3300;
  return s;
}

std::vector<double>& addColumn(log::Recording& r, const std::string& channel, double value) {
  r.columns.push_back({channel, std::vector<double>(r.rows(), value)});
  return r.columns.back().values;
}

/// Sets the channel's value from a distance on.
void fromDistance(log::Recording& r, const std::string& channel, double from_m, double value) {
  const auto& d = *r.find("distance_m");
  for (auto& c : r.columns)
    if (c.channel == channel)
      for (std::size_t i = 0; i < d.size(); ++i)
        if (d[i] >= from_m) c.values[i] = value;
}

}  // namespace

TEST_CASE(
    "power changed in flight: the signal is referred to one power, and the answer is that of an undisturbed "
    "flight") {
  const auto plain = test::analyseSimulated(simulate::simulate(threeEach(), 4));
  simulate::Scenario s = threeEach();
  campaign::setValueAt(s.campaign, s.campaign.setups[0].id, "control", campaign::kTransmitPower, 20);
  for (const std::size_t run : {std::size_t{0}, std::size_t{2}, std::size_t{4}})
    s.runs[run].power["control"] = {{0, 100}, {1200, 400}};
  const auto changed = test::analyseSimulated(simulate::simulate(s, 4));
  CHECK(toldOf(changed, "power-changed", "A1"));
  CHECK_THAT(changed.find("A", "control")->typical.estimate_m.value(),
             WithinRel(plain.find("A", "control")->typical.estimate_m.value(), 0.01));
  CHECK_THAT(changed.comparisons[0].delta_db->estimate,
             WithinAbs(plain.comparisons[0].delta_db->estimate, 0.1));
}

TEST_CASE(
    "power changed in flight, kit silent: told at the power of the steady flights, the setup's own before "
    "the others'") {
  const auto plain = test::analyseSimulated(simulate::simulate(threeEach(), 4));
  simulate::Scenario s = threeEach();
  for (std::size_t run = 0; run < s.runs.size(); ++run)
    s.runs[run].power["control"] = run == 0 || run == 2
                                       ? std::vector<simulate::PowerStep>{{0, 100}, {900, 400}}
                                       : std::vector<simulate::PowerStep>{{0, 100}};
  const auto changed = test::analyseSimulated(simulate::simulate(s, 4));
  CHECK_THAT(changed.comparisons[0].delta_db->estimate,
             WithinAbs(plain.comparisons[0].delta_db->estimate, 0.1));
  CHECK_THAT(changed.reductions[0].links.at("control").power.reference_dbm, WithinAbs(20, 1e-9));
  s.runs[4].power["control"] = {{0, 100}, {900, 400}};  // no steady flight of A is left: those of B tell
  CHECK_THAT(test::analyseSimulated(simulate::simulate(s, 4)).comparisons[0].delta_db->estimate,
             WithinAbs(plain.comparisons[0].delta_db->estimate, 0.1));
  for (auto& run : s.runs)
    run.power["control"] = {{0, 100}, {900, 400}};  // nor of B: all are told at the highest alike
  const auto none = test::analyseSimulated(simulate::simulate(s, 4));
  CHECK_THAT(none.comparisons[0].delta_db->estimate, WithinAbs(plain.comparisons[0].delta_db->estimate, 0.1));
  CHECK_THAT(none.reductions[5].links.at("control").power.reference_dbm, WithinAbs(26.0206, 1e-3));
}

TEST_CASE("power changed in flight: rows whose power is not known are left out, and the share is told") {
  auto flown = simulate::simulate(threeEach(), 4);
  auto& r = flown.recordings[0];
  addColumn(r, "control.power_mw", 100);
  fromDistance(r, "control.power_mw", 1000, 400);
  fromDistance(r, "control.power_mw", 2000, NAN);
  const auto a = test::analyseSimulated(flown);
  const PowerUse& power = a.reductions[0].links.at("control").power;
  CHECK(power.changed);
  CHECK(power.unknown_share > 0.3);
  CHECK_THAT(test::told(a.warnings.at(0)), Contains("have no power"));
  const auto& cells = a.reductions[0].links.at("control").cells.both.cells;
  CHECK(std::none_of(cells.begin(), cells.end(), [](const auto& c) { return c.index > 55; }));
}

TEST_CASE("power other than the kit says: referred to the kit's, gaps in a steady power hide nothing") {
  auto flown = simulate::simulate(threeEach(), 4);
  campaign::setValueAt(flown.campaign, flown.campaign.setups[0].id, "control", campaign::kTransmitPower, 26);
  auto& power = addColumn(flown.recordings[0], "control.power_mw", 100);  // 20 dBm
  for (std::size_t i = 0; i < power.size(); ++i)
    if (i % 50) power[i] = NAN;
  const Reference ref =
      referenceOf(flown.campaign, flown.campaign.runs[0], flown.campaign.links[0], flown.recordings[0]);
  for (double shift : {ref.signal_db.front(), ref.signal_db.back()}) CHECK_THAT(shift, WithinAbs(6, 1e-9));
  CHECK(ref.power.unknown_share == 0);
  CHECK(toldOf(test::analyseSimulated(flown), "power-differs", "A1"));
  power.assign(power.size(), 400);  // 26.02 dBm is the kit's 26
  CHECK(referenceOf(flown.campaign, flown.campaign.runs[0], flown.campaign.links[0], flown.recordings[0])
            .signal_db.empty());
}

TEST_CASE("power logged wrong: its conversion sets the flight apart, and nobody is told to leave it out", "[regression]") {
  auto flown = simulate::simulate(threeEach(), 4);
  campaign::setValueAt(flown.campaign, flown.campaign.setups[0].id, "control", campaign::kTransmitPower, 30);
  addColumn(flown.recordings[0], "control.power_mw", 25);  // sent at 1 W all the same: 16 dB too much
  const auto a = test::analyseSimulated(flown);
  CHECK(toldOf(a, "power-differs", "A1"));
  REQUIRE(toldOf(a, "flight-off-by-conversion", "A1"));
  for (const Finding& w : a.warnings) {
    if (w.code == "flight-off-by-conversion") CHECK(w.more.front().code == "cause-power");
    if (w.run() == "A1") CHECK(std::string_view(infoOf(w.code)->remedy) != "void-run");
  }
}

TEST_CASE("flights apart: what a flight did otherwise is told first, by how far beyond the others", "[regression]") {
  auto plan = threeEach();
  plan.runs[4].level_offset_db = -15;
  auto flown = simulate::simulate(plan, 4);
  const auto plain = test::analyseSimulated(flown);
  REQUIRE(toldOf(plain, "flights-differ"));
  auto a = plain;
  const std::size_t own = 4;
  const std::string setup = flown.campaign.runs[own].setup;
  std::vector<std::size_t> all;
  for (std::size_t i = 0; i < a.reductions.size(); ++i) {
    all.push_back(i);
    a.reductions[i].height_m = 40 + 0.5 * double(i);
    a.reductions[i].side_m = 1;
  }
  CHECK(outlierCauses(flown.campaign, "control", a.reductions, all, own, -15).causes.empty());
  a.reductions[own].height_m = 90;
  a.reductions[own].side_m = 400;
  const auto why = outlierCauses(flown.campaign, "control", a.reductions, all, own, -15);
  REQUIRE(why.causes.size() == 2);
  CHECK(why.causes[0].code == "cause-side");  // 399 m of 15 against 48 of 5
  CHECK(why.causes[1].code == "cause-height");
  CHECK_FALSE(why.by_conversion);
}

TEST_CASE("power unknown to the kit: flights of one setup at different powers are told apart") {
  auto flown = simulate::simulate(threeEach(), 4);
  addColumn(flown.recordings[0], "control.power_mw", 100);
  addColumn(flown.recordings[2], "control.power_mw", 400);
  CHECK(toldOf(test::analyseSimulated(flown), "powers-differ"));
  campaign::setValueAt(flown.campaign, flown.campaign.setups[0].id, "control", campaign::kTransmitPower, 26);
  CHECK_FALSE(toldOf(test::analyseSimulated(flown), "powers-differ"));
}

TEST_CASE(
    "automatic power that no log tells: how far it carried on this path, nothing beyond, no comparison") {
  auto flown = simulate::simulate(threeEach(), 4);
  const auto plain = test::analyseSimulated(flown);
  flown.campaign.setups[0].links["control"].automatic_power = true;
  const auto a = test::analyseSimulated(flown);
  CHECK(toldOf(a, "power-not-told"));
  CHECK_FALSE(toldOf(a, "no-common-places"));
  const SetupOnLink *of_a = a.find("A", "control"), *of_b = a.find("B", "control");
  CHECK(of_a->runs_used == 3);
  CHECK_THAT(of_a->typical.estimate_m.value(),
             WithinRel(plain.find("A", "control")->typical.estimate_m.value(), 0.1));
  CHECK(of_a->typical.status != Status::Extrapolated);
  CHECK_FALSE(of_a->exponent);
  CHECK(of_a->elsewhere_typical.status == Status::Withheld);
  CHECK(of_b->exponent);
  CHECK(of_b->elsewhere_typical.status != Status::Withheld);
  CHECK(a.places.size() == 1);  // of what flew at a known power
  auto both = flown;
  both.campaign.setups[1].links["control"].automatic_power = true;
  CHECK(test::analyseSimulated(both).places.empty());
  const PairOnLink& pair = a.comparisons.at(0);
  CHECK(pair.power_unknown);
  CHECK_FALSE(pair.delta_db);
  CHECK_FALSE(pair.ratio);
  CHECK(pair.verdict == estimate::Verdict::Undecided);
  CHECK_FALSE(a.setup_comparisons.at(0).ratio);
  CHECK(a.setup_comparisons.at(0).hidden_links == std::vector<std::string>{"control"});
  CHECK(verdictOf(flown.campaign, a, a.setup_comparisons.at(0)).code == "power-hides-difference");
  CHECK_FALSE(nextStep(flown.campaign, a).code.starts_with("fly-"));  // more flights would not tell
}

TEST_CASE("automatic power told by some logs only: the others are left out of that link") {
  auto flown = simulate::simulate(threeEach(), 4);
  flown.campaign.setups[0].links["control"].automatic_power = true;
  addColumn(flown.recordings[0], "control.power_mw", 100);
  addColumn(flown.recordings[2], "control.power_mw", 100);
  const auto a = test::analyseSimulated(flown);
  CHECK(a.find("A", "control")->runs_used == 2);
  CHECK(toldOf(a, "left-out", "A3"));
  CHECK_FALSE(a.comparisons.at(0).power_unknown);
}

TEST_CASE("packet rates: levels become margins above each mode's sensitivity") {
  auto flown = simulate::simulate(threeEach(), 4);
  campaign::Link& link = flown.campaign.links[0];
  link.modes = {{50, -104}, {150, -98}};
  for (std::size_t run = 0; run < flown.recordings.size(); ++run)
    addColumn(flown.recordings[run], "control.rate_hz", run % 2 ? 150 : 50);
  const auto a = test::analyseSimulated(flown);
  CHECK(toldOf(a, "modes-differ"));
  CHECK_THAT(a.comparisons[0].delta_db->estimate,
             WithinAbs(6, 2.5));  // B flew in the mode that needs 6 dB more
  CHECK(a.find("A", "control")->typical.estimate_m.value() >
        1.3 * a.find("B", "control")->typical.estimate_m.value());
}

TEST_CASE(
    "packet rate stepped in flight: told for the most sensitive mode held, and said; without the kit's "
    "figures it is doubtful") {
  auto flown = simulate::simulate(threeEach(), 4);
  const auto plain = test::analyseSimulated(flown);
  for (auto& r : flown.recordings) {
    addColumn(r, "control.mode", 2);
    fromDistance(r, "control.mode", 1500, 1);
  }
  const auto open = test::analyseSimulated(flown);
  CHECK(toldOf(open, "mode-changed", "B3"));
  flown.campaign.links[0].modes = {{1, -110}, {2, -104}};
  const auto known = test::analyseSimulated(flown);
  // 6 dB more sensitive in the mode held at the far end: farther by 10^(6/(10 n)).
  const double n = known.find("A", "control")->exponent->estimate;
  CHECK_THAT(*known.find("A", "control")->elsewhere_typical.estimate_m /
                 *plain.find("A", "control")->elsewhere_typical.estimate_m,
             WithinRel(std::pow(10, 6 / (10 * n)), 0.02));
}

TEST_CASE(
    "reduced power: a walk near home stands for full power with the fitted exponent, and keeps its own "
    "distance apart") {
  simulate::Scenario s = threeEach();
  for (auto& run : s.runs)
    if (run.setup == "B") {
      run.reduced_db["control"] = 20;
      run.farthest_m = 800;
    }
  const auto a = test::analyseSimulated(simulate::simulate(s, 4));
  REQUIRE(a.reduced.size() == 1);
  const ReducedPower& r = a.reduced[0];
  const double truth = 1000 * std::pow(10, 14 / 27.0);
  CHECK(r.setup == "B");
  CHECK_THAT(r.reduced_m.estimate * r.factor.estimate, WithinRel(r.full_m.estimate, 1e-9));
  CHECK(r.full_m.low < truth);
  CHECK(truth < r.full_m.high);
  CHECK(r.reduced_m.estimate < 1000);
  CHECK_THAT(r.power_ratio, WithinRel(100, 1e-12));
  CHECK_THAT(a.comparisons[0].delta_db->estimate, WithinAbs(0, 3));  // levels are referred to full power
  CHECK(a.find("B", "control")->typical.status == Status::AtLeast);  // flown to 800 m only
  CHECK_THAT(test::reducedSentence(s.campaign, r).text, Contains("the power is 100 times as high"));
}

TEST_CASE(
    "reduced power without a signal: the distance of first failure is scaled with the assumed exponent, and "
    "said so") {
  simulate::Scenario s = threeEach();
  for (auto& run : s.runs) run.reduced_db["control"] = 20, run.farthest_m = 900;
  auto flown = simulate::simulate(s, 4);
  flown.campaign.links[0].rule.lq_min_pct = 70;
  for (auto& r : flown.recordings)
    std::erase_if(r.columns, [](const auto& c) { return c.channel == "control.rssi_dbm"; });
  const auto a = test::analyseSimulated(flown);
  REQUIRE_FALSE(a.reduced.empty());
  CHECK(a.reduced[0].exponent_assumed);
  CHECK_THAT(a.reduced[0].factor.estimate, WithinRel(std::pow(10, 20 / 27.0), 1e-9));
  CHECK(a.find("A", "control")->typical.status ==
        Status::Withheld);  // its distances are those of a weaker link
}

TEST_CASE(
    "legs: the airframe's shade on the way back is found with its interval, and either leg can count alone") {
  simulate::Scenario s = threeEach();
  s.back_db["A"]["control"] = -4;
  s.physics["control"].leg_sd_db = 0.5;
  auto flown = simulate::simulate(s, 4);
  const auto a = test::analyseSimulated(flown);
  REQUIRE(a.legs.size() == 2);
  const estimate::PairedDifference& legs = a.legs[0].back_over_out;
  CHECK(legs.flights == 3);
  CHECK(legs.difference_db.low < -4);
  CHECK(-4 < legs.difference_db.high);
  CHECK(legs.difference_db.high < 0);
  CHECK(a.legs[1].back_over_out.difference_db.low < 0);
  CHECK(a.legs[1].back_over_out.difference_db.high > 0);
  CHECK_THAT(a.legs[0].turn_db.value(), WithinAbs(-8, 3));  // 10 dB for 5 of the 8 s that count as turn
  CHECK_THAT(test::legSentence(flown.campaign, a.legs[0]).title, Contains("weaker inbound"));
  CHECK(test::legSentence(flown.campaign, a.legs[1]).title.find("way back") == std::string::npos);
  for (auto& run : flown.campaign.runs) run.legs = campaign::Legs::Out;
  const auto out = test::analyseSimulated(flown);
  for (auto& run : flown.campaign.runs) run.legs = campaign::Legs::Back;
  const auto back = test::analyseSimulated(flown);
  const auto delta = [](const CampaignAnalysis& x) { return x.comparisons[0].delta_db->estimate; };
  CHECK_THAT(delta(out) - delta(back), WithinAbs(4, 1));
  CHECK(delta(a) > delta(back));
  CHECK(delta(a) < delta(out));
}

TEST_CASE("legs as setups: the two ways of one setup are compared within each flight") {
  simulate::Scenario s = threeEach();
  s.back_db["A"]["control"] = -4;
  auto flown = simulate::simulate(s, 4);
  const std::size_t flights = flown.recordings.size();
  for (std::size_t i = 0; i < flights; ++i)
    flown.campaign.runs[i].editSource().sha256 = "sha" + fmt::to_string(i);
  flown.campaign = campaign::splitByLeg(flown.campaign, "A", {"out", "back"});
  REQUIRE(flown.campaign.setups.size() == 3);
  CHECK(flown.campaign.setups[1].name == "back");
  REQUIRE(flown.campaign.runs.size() == flights + 3);
  CHECK(campaign::validate(flown.campaign).empty());
  for (std::size_t i = flights; i < flown.campaign.runs.size(); ++i)
    for (std::size_t k = 0; k < flights; ++k)
      if (flown.campaign.runs[k].source().sha256 == flown.campaign.runs[i].source().sha256)
        flown.recordings.push_back(flown.recordings[k]);
  const auto a = test::analyseSimulated(flown);
  CHECK(std::all_of(a.runs.begin(), a.runs.end(), [](const auto& r) { return r.used; }));
  const PairOnLink* ways = a.deciding("A", flown.campaign.setups[1].id);
  REQUIRE(ways);
  CHECK(ways->paired_flights == 3);
  CHECK(ways->verdict == estimate::Verdict::ABetter);
  CHECK_THAT(ways->delta_db->estimate, WithinAbs(4, 1));
  CHECK_THROWS_AS(campaign::splitByLeg(flown.campaign, "nobody", {}), DomainError);
}

TEST_CASE("lost and regained: both are kept per run with their gap") {
  auto flown = simulate::simulate(threeEach(), 4);
  flown.campaign.links[0].rule.lq_min_pct = 70;
  for (auto& r : flown.recordings) {
    const auto& d = *r.find("distance_m");
    for (auto& c : r.columns)
      if (c.channel == "control.lq_pct")
        for (std::size_t i = 0; i < d.size(); ++i)
          c.values[i] = (d[i] > 2000 || (i > d.size() / 2 && d[i] > 1400)) ? 0 : 100;
  }
  const auto a = test::analyseSimulated(flown);
  CHECK_THAT(a.runs[0].lost_at_m.value(), WithinAbs(2000, 30));
  CHECK_THAT(a.runs[0].regained_at_m.value(), WithinAbs(1400, 30));
  CHECK_THAT(a.runs[0].gap_m.value(), WithinAbs(600, 40));
  CHECK_THAT(a.legs[0].gap_m.value(), WithinAbs(600, 40));
  CHECK_THAT(a.legs[0].lost_m.value(), WithinAbs(2000, 30));
  CHECK_THAT(a.legs[0].regained_m.value(), WithinAbs(1400, 30));
  CHECK_THAT(test::legSentence(flown.campaign, a.legs[0]).title, Contains("lost at 2.00 km") && Contains("regained at"));
}

TEST_CASE("paired flights: compared in the flights they share, much more sharply") {
  simulate::Scenario s = threeEach(2);
  const auto alone = test::analyseSimulated(simulate::simulate(s, 4));
  for (std::size_t i = 0; i < s.runs.size(); ++i) s.runs[i].flight = "f" + fmt::to_string(i / 2);
  const auto flown = simulate::simulate(s, 4);
  const auto together = test::analyseSimulated(flown);
  const PairOnLink& p = together.comparisons[0];
  CHECK(alone.comparisons[0].paired_flights == 0);
  CHECK(p.paired_flights == 3);
  CHECK(p.delta_db->high - p.delta_db->low <
        0.7 * (alone.comparisons[0].delta_db->high - alone.comparisons[0].delta_db->low));
  CHECK_THAT(p.delta_db->estimate, WithinAbs(-2, 1.5));
  CHECK_THAT(test::verdictSentence(flown.campaign, together, p).why, Contains("same 3 flights"));
}

TEST_CASE("another band, another path: refused for this campaign with the reason") {
  auto flown = simulate::simulate(threeEach(), 4);
  addColumn(flown.recordings[0], "control.frequency_mhz", 868);
  const auto a = test::analyseSimulated(flown);
  CHECK(toldOf(a, "left-out", "A1"));
  CHECK(a.find("A", "control")->runs_used == 2);

  simulate::Scenario s = threeEach();
  s.with_gnss = true;
  campaign::editFirstPath(s.campaign).points = {
      {s.campaign.station.position().value(), 60},
      {course::destination(s.campaign.station.position().value(), {3400, 54}), 60}};
  auto placed = simulate::simulate(s, 4);
  campaign::editFirstPath(placed.campaign).points.back().position =
      course::destination(s.campaign.station.position().value(), {3400, 90});  // another way out
  const auto elsewhere = test::analyseSimulated(placed);
  CHECK_FALSE(elsewhere.runs[0].used);
  CHECK_THAT(test::told(elsewhere.runs[0].why_not), Contains("beside this path"));
}

TEST_CASE("the same flight under another file name is counted once") {
  auto flown = simulate::simulate(threeEach(), 4);
  flown.recordings[2] = flown.recordings[0];
  const auto a = test::analyseSimulated(flown);
  CHECK(a.runs[0].used);
  CHECK_FALSE(a.runs[2].used);
  CHECK(toldOf(a, "duplicate-log", "A2"));
}

TEST_CASE(
    "one sample, one distance, a distance that runs backwards, no numbers: each refused with its reason, "
    "nothing made up") {
  auto flown = simulate::simulate(threeEach(), 4);
  log::Recording& one = flown.recordings[0];
  one.time_s.resize(1);
  for (auto& c : one.columns) c.values.resize(1);
  for (auto& c : flown.recordings[1].columns)
    if (c.channel == "distance_m") c.values.assign(c.values.size(), 500);
  for (auto& c : flown.recordings[2].columns)
    if (c.channel == "distance_m")
      std::reverse(c.values.begin(), c.values.begin() + static_cast<std::ptrdiff_t>(c.values.size() / 2));
  for (auto& c : flown.recordings[3].columns)
    if (c.channel != "distance_m") c.values.assign(c.values.size(), NAN);
  const auto a = test::analyseSimulated(flown);
  CHECK_FALSE(a.runs[0].used);
  CHECK(a.runs[0].why_not.has_value());
  CHECK_FALSE(a.runs[1].used);
  for (const auto& s : a.setups)
    for (const auto& v : {s.typical.estimate_m, s.typical.low_m, s.typical.high_m, s.dependable.low_m})
      CHECK((!v || std::isfinite(*v)));
  for (const auto& p : a.comparisons) CHECK((!p.delta_db || std::isfinite(p.delta_db->estimate)));
}

TEST_CASE("ten thousand setups: an answer that says what was compared, in bounded work") {
  simulate::Scenario s = test::twoSetups(1, 2);
  s.sample_s = 0.5;
  for (auto& run : s.runs) run.farthest_m = 1200;
  const auto flown = simulate::simulate(s, 4);
  campaign::Campaign many = flown.campaign;
  many.setups.clear();
  many.runs.clear();
  std::vector<RunReduction> reductions;
  constexpr int kSetups = 10000;
  const RunReduction own[] = {
      reduceRun(flown.campaign, flown.campaign.runs[0], flown.recordings[0], nullptr),
      reduceRun(flown.campaign, flown.campaign.runs[1], flown.recordings[1], nullptr)};
  for (int i = 0; i < kSetups; ++i) {
    campaign::Setup setup;
    setup.id = "S" + fmt::to_string(i);
    many.setups.push_back(setup);
    campaign::Run run;
    run.id = "R" + fmt::to_string(i);
    run.setup = setup.id;
    many.runs.push_back(run);
    reductions.push_back(own[i % 2]);
    for (auto& c : reductions.back().links.at("control").cells.both.cells) c.level_dbm += 1e-3 * i / kSetups;
  }
  CHECK(campaign::validate(many).empty());
  const CampaignAnalysis a = analyse(many, std::move(reductions));
  CHECK(a.comparisons.size() == kSetups - 1);
  CHECK(toldOf(a, "many-setups"));
  CHECK(findings(many, a).size() < kSetups + 100);
  for (const auto& p : a.comparisons) CHECK(p.verdict == estimate::Verdict::Undecided);  // each flown once
}

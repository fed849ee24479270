// What is said: every verdict, what limits, what to do next, in words that follow the figures.
#include "support/analyse_simulated.h"
#include "support/sentences.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <cmath>

#include "core/analysis/analyse.h"
#include "core/analysis/findings/findings.h"
#include "core/analysis/reduce/reduction.h"
#include "core/finding/catalogue.h"
#include "support/scenarios.h"

using namespace distanz;
using namespace distanz::analysis;
using Catch::Matchers::Contains;
using estimate::Interval;
using estimate::Verdict;

namespace {

campaign::Campaign named() {
  campaign::Campaign c = test::twoSetups(1).campaign;
  c.setups[0].name = "Print patch";
  c.setups[1].name = "Stub pair";
  return c;
}

PairOnLink pair(double delta_db, double half_db, Verdict verdict) {
  PairOnLink p;
  p.a = "A";
  p.b = "B";
  p.link = "control";
  p.delta_db = Interval{delta_db, delta_db - half_db, delta_db + half_db};
  const auto ratio = [](double db) { return std::pow(10, db / 27); };
  p.ratio = Interval{ratio(delta_db), ratio(delta_db - half_db), ratio(delta_db + half_db)};
  p.verdict = verdict;
  p.p_a_longer = delta_db > 0 ? 0.97 : 0.03;
  p.p_a_more = 0.9;
  p.p_b_more = 0.9;
  return p;
}

LegDifference legs(double estimate_db, double half_db) {
  LegDifference l;
  l.setup = "A";
  l.link = "control";
  l.back_over_out.flights = 3;
  l.back_over_out.difference_db = {estimate_db, estimate_db - half_db, estimate_db + half_db};
  return l;
}

}  // namespace

TEST_CASE("verdict: the better one is named first, whichever side it is on, with amounts above 1") {
  const campaign::Campaign c = named();
  const test::Said a = test::verdictSentence(c, {}, pair(3, 1, Verdict::ABetter)),
                   b = test::verdictSentence(c, {}, pair(-3, 1, Verdict::BBetter));
  CHECK(a.title == "Print patch reaches 1.29× as far as Stub pair");
  CHECK(b.title == "Stub pair reaches 1.29× as far as Print patch");
  CHECK(a.text == b.text);  // mirrored data, mirrored sentence
  CHECK_THAT(a.text, Contains("Range ratio 1.29 (95 %") && Contains("Signal +3.0 dB (95 %: +2.0 to +4.0)") &&
                         Contains("More than 10 % longer: "));
}

TEST_CASE("verdict: a chance is never told as certainty") {
  const campaign::Campaign c = named();
  PairOnLink p = pair(8, 1, Verdict::ABetter);
  p.p_a_longer = 1 - 1e-9;
  p.p_a_more = 0.9996;
  CHECK_THAT(test::verdictSentence(c, {}, p).why,
             Contains("reaches farther: over 99.9 %") && Contains("10 %: over 99.9 %"));
  p.p_a_more = 0.996;
  CHECK_THAT(test::verdictSentence(c, {}, p).why, Contains("10 %: 99 %"));
}

TEST_CASE("verdict: cautions of several pairs and of one flight each are said, further flights are counted") {
  const campaign::Campaign c = named();
  PairOnLink p = pair(3, 1, Verdict::ABetter);
  p.holds_for_all = false;
  CHECK_THAT(test::verdictSentence(c, {}, p).title, Contains("reaches 1.29×"));
  CHECK_THAT(test::verdictSentence(c, {}, p).text, Contains("not certain: several setups were compared"));
  p = pair(1, 3, Verdict::Undecided);
  p.more_pairs = 4;
  CHECK_THAT(test::verdictSentence(c, {}, p).text,
             Contains("Not certain yet") && Contains("Fly 4 more of each"));
  p.paired_flights = 2;
  p.more_pairs = 1;
  CHECK_THAT(test::verdictSentence(c, {}, p).text,
             Contains("2 flights with both aboard") && Contains("Fly 1 more with both aboard"));
  p.more_pairs = 200;
  CHECK_THAT(test::verdictSentence(c, {}, p).text, Contains("more than 20 more pairs"));
  p.spread_assumed = true;
  CHECK_THAT(test::verdictSentence(c, {}, p).text, Contains("the flight-to-flight spread is assumed"));
  CHECK_THAT(test::verdictSentence(c, {}, pair(0.1, 0.3, Verdict::NoPracticalDifference)).title,
             Contains("reach equally far"));
  CHECK_THAT(test::verdictSentence(c, {}, pair(0.1, 0.3, Verdict::NoPracticalDifference)).text,
             Contains("If anything, Print patch is ahead"));
  PairOnLink nothing;
  nothing.a = "A";
  nothing.b = "B";
  CHECK_THAT(test::verdictSentence(c, {}, nothing).title, Contains("not enough data"));
}

TEST_CASE("legs: told only where they differ beyond chance and by enough to matter") {
  const campaign::Campaign c = named();
  CHECK_THAT(test::legSentence(c, legs(-3, 1)).title, Contains("3.0 dB weaker inbound"));
  CHECK_THAT(test::legSentence(c, legs(2, 1)).title, Contains("stronger"));
  CHECK(test::legSentence(c, legs(-3, 4)).title.empty());      // chance
  CHECK(test::legSentence(c, legs(-0.5, 0.2)).title.empty());  // sure, but nothing
  LegDifference gap = legs(0, 1);
  gap.lost_m = 2000;
  gap.regained_m = 1200;
  gap.gap_m = 800;
  gap.lost_flights = 2;
  CHECK(test::legSentence(c, gap).title == "Print patch, control link: lost at 2.00 km, regained at 1.20 km");
  CHECK_THAT(test::legSentence(c, gap).text, Contains("2 flights"));
  gap.gap_m = 20;
  CHECK(test::legSentence(c, gap).title.empty());
}

TEST_CASE("place: the stretch that costs most is told where several flights saw it and it costs enough") {
  CampaignAnalysis a;
  a.places.push_back({"control", {100, 140, 180}, {1, -6, -9}, {3, 3, 1}});
  CHECK_THAT(test::placeSentence(a, "control").title,
             Contains("Every setup loses 6 dB at 140 m"));  // 180 m was seen once
  a.places[0].off_line_db[1] = -2;
  CHECK(test::placeSentence(a, "control").title.empty());
  CHECK(test::placeSentence(a, "video").title.empty());
}

TEST_CASE("reduced power: setups walked at the same reduction are compared, and nothing is said never to have failed", "[regression]") {
  simulate::Scenario s = test::twoSetups(3, 6);
  s.campaign.links[0].rule = {};
  s.campaign.links[0].rule.lq_min_pct = 70;
  for (auto& run : s.runs) run.farthest_m = 1500, run.reduced_db = {{"control", 20}};
  auto flown = simulate::simulate(s, 8);
  for (auto& r : flown.recordings) std::erase_if(r.columns, [](const auto& c) { return c.channel == "control.rssi_dbm"; });
  const auto a = test::analyseSimulated(flown);
  REQUIRE(a.reduced_pairs.size() == 1);
  const ReducedPair& p = a.reduced_pairs[0];
  CHECK(p.reduction_db == 20);
  CHECK(p.ratio.low < 1);
  CHECK(p.ratio.estimate < 1);  // B is 6 dB stronger
  CHECK(p.ratio.high < 1.2);
  const auto said = test::said(reducedOf(flown.campaign, p));
  CAPTURE(said.title, said.text);
  CHECK_THAT(said.title + said.text, Contains("20 dB less"));
  for (const Finding& f : findings(flown.campaign, a)) CHECK_THAT(test::said(f).text, !Contains("never failed"));
}

TEST_CASE("reduced power: both figures, and the wrong one beside the right one") {
  ReducedPower r{"A", "control", 20, 1, {400, 380, 420}, {2200, 1800, 2700}, {5.5, 4.6, 6.6}, 100, false};
  const test::Said s = test::reducedSentence(named(), r);
  CHECK_THAT(s.title, Contains("400 m at 20 dB less power"));
  CHECK_THAT(s.text,
             Contains("2.20 km (95 %: 1.80–2.70 km)") && Contains("5.5 times as far; the power is 100 times as high"));
  CHECK_THAT(s.text, !Contains("assumed"));
  r.exponent_assumed = true;
  CHECK_THAT(test::reducedSentence(named(), r).text, Contains("assumed"));
}

TEST_CASE("ranges in words: units shared where they can be, open ends, bounds with their confidence") {
  RangeAnswer r;
  CHECK(test::rangeText(r) == "unknown");
  r.status = Status::Measured;
  r.estimate_m = 1620;
  r.low_m = 1450;
  r.high_m = 1830;
  CHECK(test::rangeText(r) == "1.62 km (95 %: 1.45–1.83 km)");
  r.low_m = 950;
  CHECK(test::rangeText(r) == "1.62 km (95 %: 950 m–1.83 km)");
  r.high_m.reset();
  CHECK(test::rangeText(r) == "1.62 km (95 %: from 950 m)");
  r.status = Status::AtLeast;
  r.at_least_m = 800;
  CHECK(test::rangeText(r) == "at least 800 m");
  r.confidence = 0.75;
  CHECK(test::rangeText(r) == "at least 800 m (75 % sure)");
}

TEST_CASE("next step: first pair, missing setup, more flights, then what to plan with") {
  const auto next = [](int flights, bool both) {
    simulate::Scenario s = test::twoSetups(flights, 6);
    if (!both) std::erase_if(s.runs, [](const auto& r) { return r.setup == "B"; });
    const auto flown = simulate::simulate(s, 12);
    return test::nextStepSentence(flown.campaign, test::analyseSimulated(flown)).title;
  };
  campaign::Campaign empty = named();
  CHECK_THAT(test::nextStepSentence(empty, analyse(empty, std::vector<RunReduction>{})).title,
             Contains("first pair"));
  CHECK_THAT(next(3, false), Contains("Fly") && Contains("B"));
  CHECK_THAT(next(2, true), Contains("Fly A, B: 3 flights each"));
  CHECK_THAT(next(4, true), Contains("Plan with Setup B"));
}

TEST_CASE("plan with: ranked by what may be told, and no dB is computed from a bound", "[regression]") {
  campaign::Campaign c = named();
  campaign::editFirstPath(c).points = {{c.station.position().value(), 60},
                                       {course::destination(c.station.position().value(), {5000, 54}), 60}};
  const auto flown = simulate::simulate(test::twoSetups(4, 6), 12);
  CampaignAnalysis a = test::analyseSimulated(flown);
  a.comparisons.clear();
  a.setup_comparisons.clear();
  c.runs = flown.campaign.runs;
  const auto answer = [&](const std::string& id) -> SetupAnswer& { return a.answers[a.answer_at.at(id)]; };
  answer("A").plan_m = 1500;
  answer("A").dependable.status = Status::Measured;
  answer("B").plan_m = 1200;
  answer("B").dependable.status = Status::AtLeast;  // its end lies beyond what was flown
  answer("B").dependable.estimate_m = 9000;
  test::Said told = test::nextStepSentence(c, a);
  CHECK_THAT(told.title, Contains("Plan with Print patch to 1.50 km"));
  CHECK_THAT(told.text, Contains("dB more") && Contains("90 % sure"));
  answer("B").plan_m = 1800;
  told = test::nextStepSentence(c, a);
  CHECK_THAT(told.title, Contains("Plan with Stub pair to 1.80 km"));
  CHECK_THAT(told.text, Contains("at least") && !Contains("dB"));
  answer("A").plan_m.reset();
  answer("B").plan_m.reset();
  CHECK_THAT(test::nextStepSentence(c, a).title, Contains("sensitivity"));
}

TEST_CASE("verdict over several links: of the ranges, with the level named by its link") {
  const campaign::Campaign c = named();
  CampaignAnalysis a;
  PairOnLink control = pair(3, 1, Verdict::ABetter), video = pair(-2, 1, Verdict::BBetter);
  video.link = "video";
  a.comparisons = {control, video};
  SetupPair both;
  both.a = "A";
  both.b = "B";
  both.links = {"control", "video"};
  both.pairs = 3;
  both.ratio = Interval{1.4, 1.2, 1.6};
  both.verdict = Verdict::ABetter;
  both.p_a_longer = 0.99;
  const test::Said said = test::said(verdictOf(c, a, both));
  CHECK(said.title == "Print patch reaches 1.40× as far as Stub pair");
  CHECK_THAT(said.text, Contains("Range ratio 1.40"));
  CHECK_THAT(said.why, Contains("Control link: Print patch against Stub pair +3.0 dB") &&
                           Contains("Video link: Print patch against Stub pair -2.0 dB (95 %: -3.0 to -1.0)"));
}

TEST_CASE("looks: so far, at the planned number, beyond it") {
  campaign::Campaign c = named();
  c.planned_pairs = 5;
  PairOnLink p = pair(3, 1, Verdict::ABetter);
  const auto after = [&](int pairs) {
    p.pairs = pairs;
    return test::verdictSentence(c, {}, p).text;
  };
  CHECK_THAT(after(3), Contains("3 of 5 pairs flown"));
  CHECK_THAT(after(5), Contains("as planned, after 5 pairs"));
  CHECK_THAT(after(7), Contains("after 7 pairs, planned 5"));
}

TEST_CASE(
    "findings: verdicts first, then the next step, then what limits; cautions last; every figure can be "
    "asked why") {
  const auto flown = simulate::simulate(test::twoSetups(4, 6), 12);
  const auto said = findings(flown.campaign, test::analyseSimulated(flown));
  REQUIRE(said.size() >= 4);
  CHECK_THAT(test::said(said[0]).title, Contains("reaches farther than"));
  CHECK_FALSE(said[0].why.empty());
  CHECK(infoOf(said[1].code)->severity == Severity::Advice);
  CHECK_THAT(test::said(said[2]).title, Contains("Setup A: 95 % of flights reach"));
  CHECK_THAT(test::said(said[2]).why, Contains("dB per factor 10") && Contains("A4"));
  for (std::size_t i = 1; i < said.size(); ++i)
    CHECK_FALSE((infoOf(said[i - 1].code)->severity == Severity::Caution &&
                 infoOf(said[i].code)->severity != Severity::Caution));
}

TEST_CASE("next step: nobody is sent out without the way home", "[regression]") {
  const auto flown = simulate::simulate(test::twoSetups(3), 3);
  CampaignAnalysis a = test::analyseSimulated(flown);
  for (SetupOnLink& l : a.setups) l.runs_used = 3;
  PairOnLink& p = a.comparisons.at(0);
  p.verdict = estimate::Verdict::Undecided;
  p.more_pairs = 2;
  for (const int paired : {0, 2}) {
    p.paired_flights = paired;
    int cautions = 0;
    for (const Finding& f : findings(flown.campaign, a)) {
      if (f.code != "how-far") continue;
      ++cautions;
      CHECK_THAT(test::told(f), Contains("Turn when a link fails") && Contains("battery") && Contains("return on link loss") && Contains("clear every obstacle"));
    }
    CHECK(cautions == 1);  // once a screen, not under every advice
  }
}

TEST_CASE("several setups: what holds for all pairs comes first, the rest may be so, one look is told once") {
  auto flown = simulate::simulate(test::twoSetups(3, 6), 12);
  flown.campaign.planned_pairs = 5;
  CampaignAnalysis a = test::analyseSimulated(flown);
  PairOnLink first = pair(3, 1, Verdict::ABetter), second = pair(4, 1, Verdict::ABetter);
  second.b = "C";
  first.pairs = second.pairs = 3;
  a.comparisons = {first, second};
  a.setup_comparisons.clear();
  for (const PairOnLink& p : a.comparisons) {
    SetupPair s;
    s.a = p.a, s.b = p.b, s.links = {p.link}, s.pairs = p.pairs;
    s.ratio = p.ratio, s.verdict = p.verdict;
    s.holds_for_all = p.b == "C";
    a.setup_comparisons.push_back(s);
  }
  const std::vector<Finding> all = findings(flown.campaign, a);
  REQUIRE(all.size() > 2);
  CHECK(all[0].code == "better");
  CHECK(all[1].code == "better-alone");
  const auto has = [](const std::vector<Finding>& in, const char* code) {
    return std::any_of(in.begin(), in.end(), [&](const Finding& f) { return f.code == code; });
  };
  CHECK(has(all[0].more, "look-so-far"));
  CHECK_FALSE(has(all[1].more, "look-so-far"));
  CHECK(has(all[1].why, "look-so-far"));
}

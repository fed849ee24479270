// The answer in a few lines, and that no screen contradicts itself, over simulated campaigns.
#include "core/analysis/findings/answer.h"

#include <catch2/catch.hpp>
#include <set>

#include "core/analysis/findings/advice.h"
#include "core/analysis/findings/findings.h"
#include "core/analysis/findings/has.h"
#include "core/finding/catalogue.h"
#include "core/finding/settle.h"
#include "core/plan/planned.h"
#include "core/quantity/unit.h"
#include "support/analyse_simulated.h"
#include "support/scenarios.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::analysis;
using estimate::Verdict;

namespace {

SetupAnswer reaching(const char* setup, double median_m) {
  SetupAnswer s;
  s.setup = setup;
  s.typical.status = Status::Measured;
  s.typical.estimate_m = median_m;
  return s;
}

SetupPair judged(const char* a, const char* b, Verdict verdict, bool holds = true) {
  SetupPair p;
  p.a = a, p.b = b, p.verdict = verdict, p.holds_for_all = holds;
  return p;
}

std::string shape(const std::vector<Place>& places) {
  std::string out;
  for (const Place& p : places) {
    if (!out.empty()) out += " > ";
    for (std::size_t i = 0; i < p.setups.size(); ++i) out += (i ? "=" : "") + p.setups[i];
  }
  return out;
}

double number(const Finding& f, const char* key) {
  return std::get<Measure>(f.find(key)->value).value;
}

/// What may not be on one screen, whatever the campaign.
void checkScreen(const std::vector<Finding>& screen) {
  for (const Finding& x : screen)
    for (const Finding& y : screen)
      for (const Exclusion& rule : exclusions()) {
        INFO(test::told(x) << " | " << test::told(y));
        CHECK_FALSE(exclude(rule, x, y));
      }
  std::set<std::pair<std::string, std::string>> verdicts;  // pairs, by name: one verdict each
  double reliable_m = 0, planned_m = 0;
  for (const Finding& f : screen) {
    INFO(test::told(f));
    if (f.code == "better" || f.code == "better-alone" || f.code == "probably-farther") CHECK(number(f, "ratio") > 1);
    const char* one = f.find("better") ? "better" : f.find("a") ? "a" : nullptr;
    if (infoOf(f.code)->severity != Severity::Result) one = nullptr;
    if (one && f.find("a_name")) {
      auto pair = std::minmax(std::get<std::string>(f.find("a")->value), std::get<std::string>(f.find("b")->value));
      CHECK(verdicts.insert(pair).second);
    } else if (one && f.find("worse")) {
      auto pair = std::minmax(std::get<std::string>(f.find("better")->value), std::get<std::string>(f.find("worse")->value));
      CHECK(verdicts.insert(pair).second);
    }
    if (f.code == "range-dependable" || f.code == "range-at-least") reliable_m = std::max(reliable_m, number(f, "told"));
    if (f.code == "plan-with" || f.code == "plan-with-at-least") planned_m = number(f, "told");
  }
  INFO([&] { std::string all; for (const Finding& f : screen) all += test::said(f).title + "\n"; return all; }());
  if (planned_m > 0 && reliable_m > 0) CHECK(planned_m <= reliable_m + 1);
}

}  // namespace

TEST_CASE("ranking: farthest first, parted by verdicts alone; ties share a place") {
  Answers a;
  a.answers = {reaching("A", 1000), reaching("B", 2000), reaching("C", 1500), reaching("D", 500)};
  a.setup_comparisons = {judged("A", "B", Verdict::BBetter), judged("B", "C", Verdict::Undecided), judged("A", "C", Verdict::BBetter),
                         judged("A", "D", Verdict::ABetter), judged("B", "D", Verdict::ABetter),   judged("C", "D", Verdict::ABetter)};
  CHECK(shape(ranking(a)) == "B=C > A > D");
  a.setup_comparisons[1].verdict = Verdict::ABetter;
  CHECK(shape(ranking(a)) == "B > C > A > D");
  a.answers[3].typical.status = Status::Withheld;
  CHECK(shape(ranking(a)) == "B > C > A");
  CHECK(ranking({}).empty());
}

TEST_CASE("ranking: a setup is parted from a place only where it is told apart from all of it") {
  Answers a;
  a.answers = {reaching("A", 2000), reaching("B", 1900), reaching("C", 1800)};
  a.setup_comparisons = {judged("A", "B", Verdict::Undecided), judged("A", "C", Verdict::ABetter), judged("B", "C", Verdict::Undecided)};
  CHECK(shape(ranking(a)) == "A=B=C");
}

TEST_CASE("answer: two setups are one line, four are ranked, and what limits is said once") {
  const auto two = simulate::simulate(test::twoSetups(3, 6), 12);
  const CampaignAnalysis a = test::analyseSimulated(two);
  const Answer answer = answerOf(two.campaign, a);
  REQUIRE(answer.verdicts.size() == 1);
  CHECK(answer.verdicts[0].code == findings(two.campaign, a)[0].code);
  REQUIRE(answer.next);
  CHECK(*answer.next == nextStep(two.campaign, a));
  campaign::Campaign c;
  Answers many;
  for (const char* id : {"A", "B", "C", "D"}) {
    c.setups.push_back({});
    c.setups.back().id = id;
    c.setups.back().name = std::string("Setup ") + id;
  }
  many.answers = {reaching("A", 1000), reaching("B", 2000), reaching("C", 1500), reaching("D", 500)};
  for (std::size_t i = 0; i < 4; ++i)
    for (std::size_t j = i + 1; j < 4; ++j)
      many.setup_comparisons.push_back(judged(many.answers[i].setup.c_str(), many.answers[j].setup.c_str(),
                                              *many.answers[i].typical.estimate_m > *many.answers[j].typical.estimate_m ? Verdict::ABetter : Verdict::BBetter));
  Answer ranked = answerOf(c, many);
  REQUIRE(ranked.verdicts.size() == 1);
  CHECK(test::said(ranked.verdicts[0]).title == "1. Setup B, 2. Setup C, 3. Setup A, 4. Setup D");
  CHECK(test::said(ranked.verdicts[0]).text == "Certain.");
  for (SetupPair& p : many.setup_comparisons) p.holds_for_all = p.a != "B" && p.b != "B";
  CHECK(answerOf(c, many).verdicts[0].code == "ranking-likely");
  for (SetupPair& p : many.setup_comparisons) p.verdict = Verdict::Undecided;
  CHECK(test::said(answerOf(c, many).verdicts[0]).title == "1. Setup B = Setup C = Setup A = Setup D");
}

TEST_CASE("answer: before anything flew it is what to do") {
  campaign::Campaign c;
  const Answer answer = answerOf(c, {});
  REQUIRE(answer.verdicts.size() == 1);
  CHECK(answer.verdicts[0].code == "fly-first-pair");
  CHECK_FALSE(answer.next);
}

TEST_CASE("screens: no simulated campaign says two things that exclude each other") {
  for (int flights = 1; flights <= 4; ++flights)
    for (const double b_over_a : {-6.0, 0.0, 1.0, 8.0})
      for (const unsigned seed : {3u, 7u}) {
        auto flown = simulate::simulate(test::twoSetups(flights, b_over_a), seed);
        INFO(flights << " flights, " << b_over_a << " dB, seed " << seed);
        if (seed == 7) flown.campaign.plan.farthest_m = 900;
        if (flights == 2) flown.campaign.plan.wind_mps = 30, flown.campaign.plan.wind_from_deg = 0, flown.campaign.plan.airspeed_mps = 12;
        const CampaignAnalysis a = test::analyseSimulated(flown);
        checkScreen(findings(flown.campaign, a));
        const plan::Planned planned = plan::planned(flown.campaign, 3000);
        checkScreen(settled(planAdvice(flown.campaign, planned, a)));
        checkScreen(settled(runsAdvice(flown.campaign, a)));
        checkScreen(settled(kitAdvice(flown.campaign)));
      }
}

TEST_CASE("has: what is there at each stage, in a word or two") {
  campaign::Campaign c;
  CHECK(test::told(kitHas(c)) == "0 setups");
  CHECK(test::told(planHas(c)) == "no path yet");
  CHECK(test::told(runsHas(c)) == "no run yet");
  CHECK(test::told(benchHas(c)) == "no record yet");
  CHECK(test::told(compareHas({})) == "nothing flown yet");
  c.setups.resize(1);
  c.runs.resize(3);
  c.records.resize(2);
  c.runs[1].void_reason = "wind";
  CHECK(test::told(kitHas(c)) == "1 setup");
  CHECK(test::told(runsHas(c)) == "3 runs, 1 excluded");
  c.runs[1].void_reason.clear();
  CHECK(test::told(runsHas(c)) == "3 runs");
  CHECK(test::told(benchHas(c)) == "2 records");
  Answers a;
  a.answers.resize(2);
  CHECK(test::told(compareHas(a)) == "2 setups flown");
}

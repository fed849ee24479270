// Control and video together: which link limits, by which part of its rule, and how the pair is then decided.
#include <catch2/catch.hpp>
#include <cmath>
#include <functional>

#include "core/analysis/findings/findings.h"
#include "core/analysis/reduce/reduction.h"
#include "core/campaign/differ.h"
#include "core/campaign/kit.h"
#include "core/campaign/validate.h"
#include "support/analyse_simulated.h"
#include "support/scenarios.h"
#include "support/sentences.h"

using namespace distanz;
using namespace distanz::analysis;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;

namespace {

/// A video link beside the control link; its quality falls at -95 dBm.
simulate::Scenario withVideo(double control_dbm, double video_dbm) {
  simulate::Scenario s = test::twoSetups(4, 0);
  campaign::Link video;
  video.id = "video";
  video.kind = campaign::LinkKind::Video;
  video.frequency_mhz = 5800;
  video.rule.bitrate_min_mbps = 8;
  s.campaign.links.push_back(video);
  simulate::LinkPhysics p;
  p.quality_midpoint_dbm = -95;
  p.floor_dbm = -110;
  p.full_bitrate_mbps = 40;
  s.physics["video"] = p;
  for (const char* id : {"A", "B"}) s.level_dbm[id] = {{"control", control_dbm}, {"video", video_dbm}};
  s.level_dbm["B"]["video"] += 6;
  return s;
}

}  // namespace

TEST_CASE("two links: the one that fails first limits, by the bitrate rule") {
  const auto flown = simulate::simulate(withVideo(-80, -86), 21);
  const CampaignAnalysis a = test::analyseSimulated(flown);
  REQUIRE(a.setups.size() == 4);
  const SetupOnLink* limit = a.limiting("A");
  REQUIRE(limit);
  CHECK(limit->link == "video");
  CHECK(limit->limited_by == "bitrate");
  CHECK(limit->basis == Basis::Quality);
  CHECK_THAT(*limit->critical_dbm, WithinAbs(-95, 2));
  CHECK(a.deciding("A", "B")->link == "video");
  CHECK(a.deciding("A", "B")->verdict == estimate::Verdict::BBetter);
  CHECK_THAT(test::limitSentence(flown.campaign, a, "A").text,
             Contains("The video link fails first, by bitrate"));
}

TEST_CASE("two links: the only one on which the kit differs is the headline, all links together come second", "[regression]") {
  // The control link ends every flight first and is the same; the video transmitter is 6 dB stronger in B.
  auto flown = simulate::simulate(withVideo(-96, -80), 21);
  for (const auto& [setup, power] : {std::pair("A", 20.0), std::pair("B", 26.0)})
    campaign::setValueAt(flown.campaign, setup, "video", campaign::kTransmitPower, power);
  REQUIRE(campaign::onlyLinkThatDiffers(flown.campaign, "A", "B") == "video");
  const CampaignAnalysis a = test::analyseSimulated(flown);
  REQUIRE(a.limiting("A")->link == "control");
  const SetupPair& p = a.setup_comparisons.at(0);
  CHECK(p.own_link == "video");
  REQUIRE(p.together);
  CHECK(p.verdict == estimate::Verdict::BBetter);
  CHECK(p.together->verdict != estimate::Verdict::BBetter);
  CHECK(a.deciding("A", "B")->link == "video");
  const auto said = test::said(verdictOf(flown.campaign, a, p));
  CAPTURE(said.title, said.text);
  CHECK_THAT(said.title, Contains("B"));
  CHECK_THAT(said.text, Contains("video link, the only one on which they differ") && Contains("Over all links"));
  // What nobody typed tells of no link; what differs on both is judged on all.
  campaign::setValueAt(flown.campaign, "A", "control", campaign::kTransmitPower, 10);
  CHECK_FALSE(campaign::onlyLinkThatDiffers(flown.campaign, "A", "B"));
  CHECK(test::analyseSimulated(flown).setup_comparisons.at(0).own_link.empty());
}

TEST_CASE("two links: a strong video link leaves the control link to limit") {
  const CampaignAnalysis a = test::analyseSimulated(simulate::simulate(withVideo(-96, -72), 22));
  CHECK(a.limiting("A")->link == "control");
  CHECK(a.limiting("A")->limited_by == "margin");
  CHECK(a.deciding("A", "B")->link == "control");
}

TEST_CASE(
    "two links: where one link's power is unknown the setups are compared over the other, and it is said") {
  auto flown = simulate::simulate(withVideo(-96, -84), 22);
  const CampaignAnalysis known = test::analyseSimulated(flown);
  CHECK(known.setup_comparisons.at(0).links == std::vector<std::string>{"control", "video"});
  for (const char* id : {"A", "B"})
    campaign::findSetup(flown.campaign, id)->links["control"].automatic_power = true;
  const CampaignAnalysis a = test::analyseSimulated(flown);
  const SetupPair& pair = a.setup_comparisons.at(0);
  CHECK(pair.links == std::vector<std::string>{"video"});
  CHECK(pair.hidden_links == std::vector<std::string>{"control"});
  CHECK(pair.verdict == estimate::Verdict::BBetter);  // 6 dB on the video link
  REQUIRE(pair.ratio.has_value());
  CHECK_THAT(pair.ratio->estimate, WithinAbs(std::pow(10, -6 / 27.0), 0.15));
  CHECK_THAT(test::said(verdictOf(flown.campaign, a, pair)).text, Contains("The control link is left out"));
  // How far a setup gets is still told over both.
  CHECK(a.answer("A")->typical.estimate_m.value() <= a.find("A", "control")->typical.estimate_m.value() + 1);
  CHECK(a.answer("A")->typical.estimate_m.value() <= a.find("A", "video")->typical.estimate_m.value() + 1);
}

TEST_CASE("rule of several parts: the highest critical level counts") {
  simulate::Scenario s = test::twoSetups(4, 0);
  s.campaign.links[0].rule = {70, 0, {}};
  s.campaign.links[0].sensitivity_dbm = -120;  // far below where the quality fails
  const auto quality = test::analyseSimulated(simulate::simulate(s, 5));
  CHECK(quality.find("A", "control")->limited_by == "quality");
  CHECK(quality.find("A", "control")->critical_interval_dbm->high - quality.find("A", "control")->critical_interval_dbm->low >= 2 * 2.228 * 0.3);
  s.campaign.links[0].sensitivity_dbm = -98;
  const auto margin = test::analyseSimulated(simulate::simulate(s, 5));
  CHECK(margin.find("A", "control")->limited_by == "margin");
  CHECK(*margin.find("A", "control")->critical_dbm == -98);
  CHECK(*margin.find("A", "control")->typical.estimate_m < *quality.find("A", "control")->typical.estimate_m);
}

TEST_CASE("margin: every dB of it costs range by the exponent") {
  simulate::Scenario s = test::twoSetups(3, 0);
  const auto none = test::analyseSimulated(simulate::simulate(s, 8));
  s.campaign.links[0].rule.margin_db = 6;
  const auto six = test::analyseSimulated(simulate::simulate(s, 8));
  const double n = none.find("A", "control")->exponent->estimate;
  CHECK_THAT(*none.find("A", "control")->elsewhere_typical.estimate_m /
                 *six.find("A", "control")->elsewhere_typical.estimate_m,
             WithinRel(std::pow(10, 6 / (10 * n)), 1e-9));
}

TEST_CASE("hard conditions: the typical range stays right, or is not told") {
  struct Condition {
    const char* name;
    std::function<void(simulate::LinkPhysics&)> make;
    double tolerance;
  };
  const std::vector<Condition> conditions{{"clipped at the floor", [](auto& p) { p.floor_dbm = -101; }, 0.25},
                                          {"Rician fading", [](auto& p) { p.rician_k_db = 6; }, 0.25},
                                          {"10 % wild samples", [](auto& p) { p.wild_share = 0.1; }, 0.25},
                                          {"3 dB steps", [](auto& p) { p.step_db = 3; }, 0.25},
                                          {"exponent 4", [](auto& p) { p.exponent = 4; }, 0.25}};
  for (const Condition& c : conditions) {
    CAPTURE(c.name);
    simulate::Scenario s = test::twoSetups(5, 3);
    c.make(s.physics["control"]);
    const auto a = test::analyseSimulated(simulate::simulate(s, 14));
    const SetupOnLink* r = a.find("A", "control");
    const simulate::Truth truth = simulate::truthOf(s.physics["control"], -90, -104);
    const RangeAnswer& typical = r->elsewhere_typical;
    REQUIRE(typical.estimate_m);
    CHECK(*typical.low_m < truth.typical_m);
    CHECK(typical.high_m.value_or(INFINITY) > truth.typical_m);
    CHECK(std::abs(*typical.estimate_m / truth.typical_m - 1) < c.tolerance);
    CHECK_THAT(a.comparisons[0].delta_db->estimate, WithinAbs(-3, 2.5));
  }
}

TEST_CASE("the model's curve passes the runs' own level, and flights' levels sum to nothing") {
  const auto flown = simulate::simulate(test::twoSetups(4, 2), 18);
  const CampaignAnalysis a = test::analyseSimulated(flown);
  for (const char* setup : {"A", "B"}) {
    const SetupOnLink* s = a.find(setup, "control");
    REQUIRE(s->curve.distance_m.size() > 10);
    CHECK(s->curve.distance_m.back() <= s->farthest_m + 1e-6);
    double sum = 0;
    for (const FlightLevel& f : s->flights) sum += f.off_setup_db;
    CHECK(s->flights.size() == 4);
    CHECK_THAT(sum, WithinAbs(0, 1e-9));
    for (std::size_t i = 0; i < s->curve.distance_m.size(); ++i) {
      CHECK(s->curve.low_dbm[i] < s->curve.level_dbm[i]);
      CHECK(s->curve.level_dbm[i] < s->curve.high_dbm[i]);
    }
  }
}

TEST_CASE("three setups: every pair is compared, and Holm's step-down never adds a claim") {
  simulate::Scenario s = test::twoSetups(3, 3);
  campaign::Setup c;
  c.id = "C";
  s.campaign.setups.push_back(c);
  s.level_dbm["C"] = {{"control", -84}};
  for (int i = 0; i < 3; ++i) {
    simulate::RunPlan run;
    run.setup = "C";
    run.farthest_m = 3200;
    s.runs.push_back(run);
  }
  const CampaignAnalysis a = test::analyseSimulated(simulate::simulate(s, 6));
  REQUIRE(a.comparisons.size() == 3);
  CHECK(a.comparisons[0].a == "A");
  CHECK(a.comparisons[2].b == "C");
  for (const PairOnLink& p : a.comparisons)
    if (p.holds_for_all) CHECK((p.delta_db->low > 0 || p.delta_db->high < 0));
}

TEST_CASE("setups flown over different stretches are compared by range, and the pilot is told") {
  simulate::Scenario s = test::twoSetups(2, 3);
  auto flown = simulate::simulate(s, 9);
  for (std::size_t i = 0; i < flown.recordings.size(); ++i) {
    auto& distance = flown.recordings[i].columns[0].values;
    for (double& d : distance)
      if (flown.campaign.runs[i].setup == "A" ? d > 1400 : d < 1500) d = NAN;
  }
  const CampaignAnalysis a = test::analyseSimulated(flown);
  CHECK(std::any_of(a.warnings.begin(), a.warnings.end(),
                    [](const Finding& w) { return w.code == "no-common-places"; }));
  REQUIRE(a.comparisons.size() == 1);
  CHECK_FALSE(a.comparisons[0].same_places);
}

TEST_CASE("rule: a bitrate part does not put the quality part out of dropouts, lost and regained",
          "[regression]") {
  campaign::Link link;
  link.id = "video";
  link.rule.lq_min_pct = 70;
  link.rule.bitrate_min_mbps = 4;
  log::Recording r;
  std::vector<double> quality, bitrate, distance;
  for (int i = 0; i <= 2000; ++i) {
    r.time_s.push_back(0.1 * i);
    distance.push_back(20 + (i <= 1000 ? i : 2000 - i));
    quality.push_back(distance.back() > 600 ? 30 : 100);
    bitrate.push_back(20);
  }
  r.columns = {{"distance_m", distance}, {"video.lq_pct", quality}, {"video.bitrate_mbps", bitrate}};
  campaign::Campaign c;
  c.links = {link};
  c.setups.push_back({"A", "", "", {}, ""});
  campaign::Run run;
  run.id = "A1";
  run.setup = "A";
  const LinkReduction reduced = reduceRun(c, run, r, nullptr).links.at("video");
  REQUIRE(reduced.events.lost_at_m);
  REQUIRE(reduced.rule.at("quality").failure);
  CHECK(reduced.rule.at("quality").failure->failed);
  CHECK(*reduced.events.lost_at_m == Approx(600).margin(20));
  CHECK(reduced.rule.at("quality").failure->distance_m == Approx(*reduced.events.lost_at_m).margin(20));  // one rule
  CHECK(reduced.events.dropouts.size() == 1);
}

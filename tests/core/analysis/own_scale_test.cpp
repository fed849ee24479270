// Receivers' own scales, not calibrated: ranges and their ratios, and no dB.
#include <catch2/catch.hpp>

#include "core/analysis/findings/findings.h"
#include "core/analysis/reduce/reduction.h"
#include "core/analysis/result/reading.h"
#include "core/log/channel.h"
#include "support/told.h"
#include "support/worlds/world_study.h"

using namespace distanz;
using namespace distanz::analysis;

namespace {

const test::WorldKind& scaleKind(const std::string& name) {
  for (const test::WorldKind& k : test::worldKinds())
    if (k.name == name) return k;
  throw std::runtime_error(name);
}

test::FlownWorld scaleWorld(const std::string& kind, double b_over_a_db = 6, std::uint64_t seed = 4) {
  dice::Random random(seed);
  return test::fly(test::drawnWorld(scaleKind(kind), 3, b_over_a_db, random), seed);
}

bool toldOf(const CampaignAnalysis& a, const std::string& code) {
  return std::any_of(a.warnings.begin(), a.warnings.end(), [&](const Finding& f) { return f.code == code; });
}

void useReceivers(campaign::Campaign& c) {
  for (const char* id : {"r1", "r2"}) {
    campaign::Part part;
    part.id = part.name = id;
    part.kind = campaign::PartKind::Receiver;
    c.parts.push_back(part);
  }
  c.setups[0].links["control"].receiver = "r1";
  c.setups[1].links["control"].receiver = "r2";
}

}  // namespace

TEST_CASE("own scale: a campaign in percent answers as the same one in dBm does") {
  const CampaignAnalysis in_percent = test::analyseWorld(scaleWorld("scale: linear")), in_dbm = test::analyseWorld(scaleWorld("quality at 5 Hz"));
  REQUIRE(in_percent.answers.size() == 2);
  for (const char* setup : {"A", "B"}) {
    const SetupAnswer &a = *in_percent.answer(setup), &b = *in_dbm.answer(setup);
    CAPTURE(setup, *a.typical.estimate_m, *b.typical.estimate_m);
    CHECK(a.typical.tellsEstimate());
    CHECK(*a.typical.estimate_m == Approx(*b.typical.estimate_m).epsilon(0.06));
    CHECK(*a.dependable.estimate_m == Approx(*b.dependable.estimate_m).epsilon(0.1));
  }
  const SetupPair &a = in_percent.setup_comparisons.front(), &b = in_dbm.setup_comparisons.front();
  CHECK(a.verdict == b.verdict);
  CHECK(a.ratio->estimate == Approx(b.ratio->estimate).epsilon(0.06));
}

TEST_CASE("own scale: no dB, no dBm, no exponent and no quality that nobody logged is told") {
  const test::FlownWorld world = scaleWorld("scale: saturating");
  const CampaignAnalysis a = test::analyseWorld(world);
  CHECK(toldOf(a, "on-own-scale"));
  for (const SetupOnLink& s : a.setups) {
    CHECK(s.onScale());
    CHECK(s.curve.distance_m.empty());  // nothing that is held against dBm elsewhere
    CHECK_FALSE((s.critical_dbm || s.critical_interval_dbm || s.exponent));
    REQUIRE(s.critical_reading);
    CHECK(s.critical_reading->estimate > 0);
    CHECK(s.critical_reading->estimate < 60);
    for (const double v : s.reading_curve.level_dbm) CHECK((v > -10 && v < 130));
  }
  for (const PairOnLink& p : a.comparisons) CHECK_FALSE((p.delta_db || p.gap_trend));
  CHECK(a.modelOn("control") == nullptr);  // live readings in dBm are not held against it
  CHECK(a.places.empty());
  CHECK(a.legs.empty());
  for (const Finding& f : findings(world.campaign, a)) {
    const test::Said said = test::said(f);
    for (const std::string& text : {said.title, said.text, said.why}) {
      CAPTURE(f.code, text);
      CHECK(text.find("dBm") == std::string::npos);
      CHECK((text.find(" dB") == std::string::npos || f.code == "on-own-scale"));
    }
  }
}

TEST_CASE("own scale: without a quality it counts as lost where the scale stands at nothing, or below what was asked") {
  test::FlownWorld world = scaleWorld("scale: linear");
  for (log::Recording& r : world.recordings) {
    std::erase_if(r.columns, [](const log::Column& c) { return c.channel == "control.lq_pct"; });
    for (double& v : r.columns.back().values) v = std::max(v - 24, 0.0);  // reaches nothing before the pilot turns
  }
  const CampaignAnalysis nothing = test::analyseWorld(world);
  REQUIRE(nothing.setups.size() == 2);
  CHECK(nothing.setups[0].limited_by == "scale");
  CHECK(nothing.setups[0].failures > 0);
  CHECK(nothing.answer("A")->typical.tellsEstimate());
  CHECK(nothing.reductions[0].links.at("control").trace("lq_pct") == nullptr);

  world.campaign.links[0].rule.scale_min = 9;
  const CampaignAnalysis asked = test::analyseWorld(world);
  CHECK(asked.setups[0].critical_reading->estimate == Approx(8.5).margin(0.01));
  CHECK(*asked.answer("A")->typical.estimate_m < *nothing.answer("A")->typical.estimate_m);
}

TEST_CASE("own scale: a scale that never comes to nothing gives a ratio and no range") {
  test::FlownWorld world = scaleWorld("scale: linear");
  for (log::Recording& r : world.recordings) {
    std::erase_if(r.columns, [](const log::Column& c) { return c.channel == "control.lq_pct"; });
    for (double& v : r.columns.back().values) v += 20;
  }
  const CampaignAnalysis a = test::analyseWorld(world);
  CHECK(a.answer("A")->typical.status == Status::Withheld);
  REQUIRE(a.comparisons.size() == 1);
  REQUIRE(a.comparisons[0].elsewhere_ratio);
  CHECK(a.comparisons[0].elsewhere_ratio->estimate < 0.9);
  CHECK(a.comparisons[0].verdict == estimate::Verdict::BBetter);
}

TEST_CASE("own scale: two receivers' scales are compared only where the pilot says that they are one") {
  test::FlownWorld world = scaleWorld("scale: linear");
  useReceivers(world.campaign);
  const CampaignAnalysis apart = test::analyseWorld(world);
  CHECK(toldOf(apart, "scales-apart"));
  CHECK(apart.scales.empty());
  CHECK(apart.answer("A")->typical.tellsEstimate());  // by its quality
  world.campaign.links[0].one_scale = true;
  const CampaignAnalysis one = test::analyseWorld(world);
  CHECK_FALSE(toldOf(one, "scales-apart"));
  CHECK(one.scales.contains("control"));
}

TEST_CASE("own scale: one that stands still says so and is left out") {
  test::FlownWorld world = scaleWorld("scale: linear");
  for (log::Recording& r : world.recordings)
    for (log::Column& c : r.columns)
      if (c.channel == "control.level") std::fill(c.values.begin(), c.values.end(), 73);
  const CampaignAnalysis a = test::analyseWorld(world);
  CHECK(toldOf(a, "scale-still"));
  CHECK(a.answer("A")->typical.tellsEstimate());
}

TEST_CASE("own scale: one that runs backwards gives the same answers", "[regression]") {
  const test::FlownWorld world = scaleWorld("scale: linear");
  test::FlownWorld turned = world;
  for (log::Recording& r : turned.recordings)
    for (log::Column& c : r.columns)
      if (c.channel == "control.level")
        for (double& v : c.values) v = 99 - v;
  const CampaignAnalysis a = test::analyseWorld(world), b = test::analyseWorld(turned);
  CHECK(toldOf(b, "scale-backwards"));
  CHECK(*b.answer("A")->typical.estimate_m == Approx(*a.answer("A")->typical.estimate_m).epsilon(0.02));
  CHECK(b.setup_comparisons[0].ratio->estimate == Approx(a.setup_comparisons[0].ratio->estimate).epsilon(0.02));
}

TEST_CASE("own scale: reduced power is no known step of it, and its factor rests on an assumed exponent", "[regression]") {
  test::FlownWorld world = scaleWorld("scale: linear");
  const CampaignAnalysis whole = test::analyseWorld(world);
  world.campaign.runs[0].reduced_db["control"] = 10;
  const CampaignAnalysis a = test::analyseWorld(world);
  CHECK(a.reductions[0].links.at("control").has_signal == false);
  CHECK(*a.answer("A")->typical.estimate_m == Approx(*whole.answer("A")->typical.estimate_m).epsilon(0.15));
  for (const ReducedPower& r : a.reduced) CHECK(r.exponent_assumed);
}

TEST_CASE("called out: a dip that is allowed does not hide what posts showed", "[regression]") {
  test::FlownWorld world = scaleWorld("called: bitrate, one per 100 m");
  const CampaignAnalysis strict = test::analyseWorld(world);
  world.campaign.links[0].rule.gap_m = 120;
  const CampaignAnalysis allowed = test::analyseWorld(world);
  REQUIRE(strict.answer("A")->typical.tellsEstimate());
  CHECK(allowed.answer("A")->typical.tellsEstimate());
  CHECK(*allowed.answer("A")->typical.estimate_m == Approx(*strict.answer("A")->typical.estimate_m));
}

TEST_CASE("usable limits: each is a channel that a log can tell, under the same name") {
  for (const campaign::UsableLimit& limit : campaign::usableLimits()) {
    const log::ChannelInfo* c = log::channelInfo(log::linkChannel("control", limit.quantity));
    REQUIRE(c);
    CHECK(c->rule == limit.name);
  }
}

TEST_CASE("own scale: backwards and without a quality, nothing at the station is no loss", "[regression]") {
  test::FlownWorld world = scaleWorld("scale: linear");
  for (log::Recording& r : world.recordings) {
    std::erase_if(r.columns, [](const log::Column& c) { return c.channel == "control.lq_pct"; });
    for (double& v : r.columns.back().values) v = std::max(60 - v, 0.0);  // nothing near by
  }
  const CampaignAnalysis a = test::analyseWorld(world);
  CHECK(toldOf(a, "scale-backwards"));
  for (const RunResult& run : a.runs) CHECK_FALSE((run.lost_at_m || run.dropouts > 0));
  CHECK(a.setups[0].failures == 0);
  CHECK(a.answer("A")->typical.status == Status::Withheld);
}

TEST_CASE("poor records: a limit for figures that no log holds is what is told and advised, not more flights") {
  test::FlownWorld world = scaleWorld("called: bitrate, one per 100 m");
  world.campaign.links[0].rule = {};
  world.campaign.links[0].rule.lq_min_pct = 70;
  const CampaignAnalysis a = test::analyseWorld(world);
  const std::vector<Finding> all = findings(world.campaign, a);
  const auto has = [&](const std::string& code) { return std::any_of(all.begin(), all.end(), [&](const Finding& f) { return f.code == code; }); };
  CHECK(has("nothing-judged"));
  CHECK(has("limit-for-logged"));
  CHECK_FALSE((has("nothing-to-compare") || has("never-failed") || has("fly-pairs")));
}

TEST_CASE("called out: at a post that was read, a bitrate alone counts as having been there", "[regression]") {
  const test::FlownWorld world = scaleWorld("called: bitrate, one per 100 m");
  const auto at_post = readAt(world.campaign, test::analyseWorld(world), "video", 500, 20);
  REQUIRE(at_post.size() == 2);
  for (const Reading& r : at_post) CHECK(r.runs == 3);
}

// What no analysis may tell, whatever was flown: in campaigns of all simulated worlds, and in ones drawn at random with odd
// channels, gaps and values.
#include "support/never_told.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/analysis/findings/findings.h"
#include "core/parallel/on_all_cores.h"
#include "support/flown_log.h"
#include "support/sentences.h"
#include "support/worlds/world_study.h"

using namespace distanz;

namespace {

/// Told of some of the campaigns, with the number of the campaign.
std::vector<std::string> toldIn(std::size_t campaigns, const std::function<std::vector<std::string>(std::size_t)>& of) {
  std::vector<std::vector<std::string>> all(campaigns);
  parallel::onAllCores(campaigns, [&](std::size_t i) { all[i] = of(i); });
  std::vector<std::string> out;
  for (std::size_t i = 0; i < campaigns; ++i)
    for (const std::string& fault : all[i]) out.push_back(std::to_string(i) + ": " + fault);
  return out;
}

/// A campaign of anything: links whose rules are for other channels than the logs hold, channels of every kind that follow a
/// common level more or less, run backwards, stand still, have gaps, infinities and jumps; runs flown once, turned early.
struct OddCampaign {
  campaign::Campaign c = test::twoOnPath();
  std::vector<log::Recording> logs;

  explicit OddCampaign(std::uint64_t seed) : m_random(seed) {
    campaign::Link& link = c.links.at(0);
    if (chance(0.3)) link.sensitivity_dbm = -105;
    if (chance(0.5)) link.rule.bitrate_min_mbps = 10;
    if (chance(0.2)) link.rule.picture_min = 3;
    if (chance(0.2)) link.rule.scale_min = 20;
    const char* channels[] = {"rssi_dbm", "lq_pct", "bitrate_mbps", "level", "picture", "snr_db"};
    std::vector<std::string> held;
    for (const char* channel : channels)
      if (chance(0.4)) held.push_back(channel);
    const int runs = 1 + int(m_random.uniform() * 6);
    for (int i = 0; i < runs; ++i) fly(held, i % 2 ? "B" : "A");
  }

 private:
  bool chance(double p) { return m_random.uniform() < p; }
  double follow(const std::string& channel, double level) {
    const double share = 1 / (1 + std::exp(-(level + 95) / 3));
    if (channel == "rssi_dbm") return std::round(level);
    if (channel == "lq_pct") return std::round(100 * share);
    if (channel == "bitrate_mbps") return 30 * share;
    if (channel == "picture") return std::round(1 + 4 * share);
    return std::clamp(1.4 * (level + 120), 0.0, 99.0);
  }
  void fly(const std::vector<std::string>& held, const char* setup) {
    test::addRun(c, setup).legs = chance(0.1) ? campaign::Legs::Out : campaign::Legs::Both;
    test::FlownLog flown{300 + 2000 * m_random.uniform()};
    log::Recording r = flown.begin();
    const double day = 3 * m_random.normal(), stop = chance(0.2) ? 500 + 500 * m_random.uniform() : INFINITY;
    const double backwards = chance(0.05) ? -1 : 1, still = chance(0.05), gaps = chance(0.2) ? 0.3 : 0;
    for (const std::string& channel : held)
      flown.add(r, ("control." + channel).c_str(), [&](double m, bool, double) {
        if (chance(gaps)) return double(NAN);
        if (chance(0.002)) return 1e6;  // no receiver reads that
        const double level = -50 - 27 * std::log10(std::max(m, 10.0) / 10) + day + (*setup == 'B' ? 4 : 0) + 3 * m_random.normal();
        return m > stop ? 0.0 : still ? 42.0 : backwards * follow(channel, level);
      });
    logs.push_back(std::move(r));
  }
  dice::Random m_random;
};

}  // namespace

TEST_CASE("never told: no contradiction in campaigns of any simulated world", "[simulation]") {
  const std::vector<test::WorldKind>& kinds = test::worldKinds();
  const auto faults = toldIn(4 * kinds.size(), [&](std::size_t i) {
    dice::Random random(i * 991 + 7);
    const int flights[] = {1, 2, 3, 5};
    const test::World w = test::drawnWorld(kinds[i % kinds.size()], flights[i / kinds.size()], double(i % 3) * 3, random);
    const test::FlownWorld flown = test::fly(w, i + 5000);
    return test::neverTold(flown.campaign, test::analyseWorld(flown));
  });
  for (const std::string& fault : faults) FAIL_CHECK(fault);
}

TEST_CASE("never told: nor in campaigns of odd channels, and every sentence of them can be said", "[property]") {
  const auto faults = toldIn(150, [&](std::size_t i) {
    OddCampaign odd(100 + i);
    const analysis::CampaignAnalysis a = test::analyseLogs(odd.c, odd.logs);
    std::vector<std::string> out = test::neverTold(odd.c, a);
    for (const Finding& f : analysis::findings(odd.c, a)) {
      const test::Said said = test::said(f);
      for (const char* never : {"nan", "inf ", "{", "}"})
        if ((said.title + said.text).find(never) != std::string::npos) out.push_back(f.code + ": " + said.title + " " + said.text);
    }
    return out;
  });
  for (const std::string& fault : faults) FAIL_CHECK(fault);
}

TEST_CASE("never told: the check itself finds what it is for") {
  dice::Random random(3);
  const test::WorldKind& quality = *std::find_if(test::worldKinds().begin(), test::worldKinds().end(),
                                                 [](const auto& k) { return k.name == "turned when lost, 10 Hz, K 30 dB"; });
  const test::FlownWorld flown = test::fly(test::drawnWorld(quality, 3, 6, random), 4);
  const analysis::CampaignAnalysis right = test::analyseWorld(flown);
  REQUIRE(test::neverTold(flown.campaign, right).empty());
  auto a = right;
  a.setups[0].typical.estimate_m = 50'000;
  CHECK_FALSE(test::neverTold(flown.campaign, a).empty());
  a = right;
  a.setups[0].stops_m = 10;
  CHECK_FALSE(test::neverTold(flown.campaign, a).empty());
  a = right;
  a.setup_comparisons[0].verdict = estimate::Verdict::ABetter;
  a.setup_comparisons[0].ratio = estimate::Interval{1.0, 0.8, 1.2};
  CHECK_FALSE(test::neverTold(flown.campaign, a).empty());
  a.setup_comparisons[0].verdict = estimate::Verdict::NoPracticalDifference;
  CHECK_FALSE(test::neverTold(flown.campaign, a).empty());
  a = right;
  a.setups[0].limited_by = "bitrate";  // no log holds one
  CHECK_FALSE(test::neverTold(flown.campaign, a).empty());
  a = right;
  a.answers[0].plan_m = 1e6;
  CHECK_FALSE(test::neverTold(flown.campaign, a).empty());
}

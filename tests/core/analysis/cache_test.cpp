// Runs are reduced anew only where something they depend on changed, and the answer is the same either way.
#include <catch2/catch.hpp>
#include <fmt/format.h>
#include <map>
#include <mutex>

#include "core/analysis/analyse.h"
#include "core/analysis/reduce/reduction.h"
#include "core/analysis/result/words.h"
#include "core/campaign/kit.h"
#include "core/finding/error.h"
#include "support/analyse_simulated.h"
#include "support/scenarios.h"
#include "support/sentences.h"

using namespace distanz;
using namespace distanz::analysis;

namespace {

/// A campaign whose recordings are counted as they are asked for.
struct Counted {
  simulate::Simulated flown = simulate::simulate(test::twoSetups(2), 5);
  campaign::Campaign campaign = flown.campaign;
  ReductionCache cache = {};
  std::map<std::string, int> asked = {};
  std::mutex guard = {};

  CampaignAnalysis analyse() {
    asked.clear();
    const auto source = [&](const campaign::Run& run) {
      const std::lock_guard lock(guard);
      ++asked[run.id];
      const auto index =
          static_cast<std::size_t>(campaign::findRun(flown.campaign, run.id) - flown.campaign.runs.data());
      return std::make_shared<const log::Recording>(flown.recordings[index]);
    };
    return analysis::analyse(campaign, source, cache);
  }
};

}  // namespace

TEST_CASE("cache: nothing is read twice for notes, voiding, flights or legs") {
  Counted c;
  c.analyse();
  CHECK(c.asked.size() == 4);
  c.campaign.runs[0].notes = "gusty";
  c.campaign.runs[1].void_reason = "wrong battery";
  c.campaign.runs[2].flight = "f1";
  c.campaign.runs[3].legs = campaign::Legs::Out;
  c.campaign.setups[0].name = "Other";
  const CampaignAnalysis a = c.analyse();
  CHECK(c.asked.empty());
  CHECK_FALSE(a.runs[1].used);
}

TEST_CASE(
    "cache: only the run whose turn, power or setup changed is read again; a link's rule concerns all") {
  Counted c;
  c.analyse();
  c.campaign.runs[0].turn_begin_s = 200;
  c.campaign.runs[0].turn_end_s = 240;
  c.analyse();
  CHECK(c.asked == std::map<std::string, int>{{"A1", 1}});
  c.campaign.runs[1].reduced_db["control"] = 10;
  c.analyse();
  CHECK(c.asked == std::map<std::string, int>{{"B1", 1}});
  campaign::setValueAt(c.campaign, c.campaign.setups[1].id, "control", campaign::kTransmitPower, 20);
  c.analyse();
  CHECK(c.asked.size() == 2);  // both runs of B
  c.campaign.links[0].rule.lq_min_pct = 60;
  c.analyse();
  CHECK(c.asked.size() == 4);
}

TEST_CASE("cache: the answer is that of an analysis from scratch, to the last bit") {
  Counted c;
  c.analyse();
  c.campaign.runs[2].reduced_db["control"] = 3;
  const CampaignAnalysis kept = c.analyse();
  c.cache = {};
  const CampaignAnalysis fresh = c.analyse();
  REQUIRE(kept.setups.size() == fresh.setups.size());
  for (std::size_t i = 0; i < kept.setups.size(); ++i) {
    CHECK(kept.setups[i].typical.estimate_m == fresh.setups[i].typical.estimate_m);
    CHECK(kept.setups[i].dependable.low_m == fresh.setups[i].dependable.low_m);
  }
  CHECK(kept.comparisons[0].delta_db->estimate == fresh.comparisons[0].delta_db->estimate);
}

TEST_CASE("cache: a passing read error is told once, and the run counts as soon as it can be read",
          "[regression]") {
  const auto flown = simulate::simulate(test::twoSetups(2), 5);
  ReductionCache cache;
  bool failing = true;
  const auto source = [&](const campaign::Run& run) -> std::shared_ptr<const log::Recording> {
    if (failing && run.id == "A1") throw InputError(finding("file-in-use"));
    return std::make_shared<const log::Recording>(
        flown
            .recordings[std::size_t(campaign::findRun(flown.campaign, run.id) - flown.campaign.runs.data())]);
  };
  const CampaignAnalysis without = analysis::analyse(flown.campaign, source, cache);
  CHECK_FALSE(without.runs[0].used);
  CHECK_THAT(test::told(without.runs[0].why_not), Catch::Contains("in use"));
  failing = false;
  CHECK(analysis::analyse(flown.campaign, source, cache).runs[0].used);
}

TEST_CASE("one log counts once for each of its legs: both ways and one of them are not three",
          "[regression]") {
  auto flown = simulate::simulate(test::twoSetups(2), 5);
  const auto add = [&](campaign::Legs legs, const char* setup) {
    campaign::Run copy = flown.campaign.runs[0];
    copy.id = "X" + fmt::to_string(flown.campaign.runs.size());
    copy.legs = legs;
    copy.setup = setup;
    flown.campaign.runs.push_back(copy);
    flown.recordings.push_back(flown.recordings[0]);
  };
  add(campaign::Legs::Back, "B");
  CHECK_FALSE(test::analyseSimulated(flown).runs[4].used);
  flown.campaign.runs[0].legs = campaign::Legs::Out;
  CHECK(test::analyseSimulated(flown).runs[4].used);
  add(campaign::Legs::Both, "A");
  CHECK_FALSE(test::analyseSimulated(flown).runs[5].used);
  add(campaign::Legs::Back, "B");  // overlaps only with what does not count itself
  flown.campaign.runs[4].void_reason = "wind";
  CHECK(test::analyseSimulated(flown).runs[6].used);
  flown.campaign.runs[4].void_reason.clear();
  flown.campaign.runs[6].void_reason = "wind";
  flown.campaign.runs[0].void_reason = "wind";  // what does not count is in nobody's way
  CHECK_FALSE(test::analyseSimulated(flown).runs[5].used);
  flown.campaign.runs[4].void_reason = "wind";
  CHECK(test::analyseSimulated(flown).runs[5].used);
}

#include "support/worlds/world_study.h"

#include <algorithm>
#include <cmath>
#include <tuple>

#include "core/analysis/result/campaign_analysis.h"
#include "core/parallel/on_all_cores.h"

namespace distanz::test {
namespace {

using analysis::RangeAnswer;

struct Range {
  bool told = false, withheld = false;
  double covers = NAN, error = NAN, width = NAN;
};

struct Outcome {
  Range typical, dependable;  // of one of the setups
  double beyond_plan = NAN;
  double delta = NAN, ratio = NAN, better = NAN, wrong = NAN;
  double critical_error = NAN, critical_covers = NAN;
  std::vector<std::string> warned;
};

Range judged(const RangeAnswer& r, double truth) {
  Range out;
  out.told = r.tellsEstimate();
  out.withheld = r.status == analysis::Status::Withheld;
  if (r.low_m) out.covers = *r.low_m <= truth && truth <= r.high_m.value_or(INFINITY);
  if (r.low_m && r.high_m) out.width = *r.high_m / *r.low_m;
  if (out.told) out.error = *r.estimate_m / truth - 1;
  return out;
}

bool holds(const estimate::Interval& i, double truth) {
  return i.low <= truth && truth <= i.high;
}

Outcome campaignOf(const WorldKind& kind, const WorldPlan& plan, std::uint64_t seed) {
  dice::Random random(seed * 977 + 5);
  const World w = drawnWorld(kind, plan.flights_each, plan.b_over_a_db, random);
  const FlownWorld flown = fly(w, seed);
  const auto a = analyseWorld(flown);
  Outcome out;
  for (const auto& warning : a.warnings) out.warned.push_back(warning.code);
  out.better = out.wrong = 0;
  for (const auto& p : a.setup_comparisons) {
    const bool a_better = p.verdict == estimate::Verdict::ABetter,
               b_better = p.verdict == estimate::Verdict::BBetter;
    if (!((a_better || b_better) && p.holds_for_all)) continue;
    out.better = 1;
    if (plan.b_over_a_db > 0 && a_better) out.wrong = 1;
  }
  if (!plan.with_truth) return out;
  WayTruth truth[2];
  for (int s : {0, 1}) {
    truth[s] = truthOf(w, flown.ground, s, std::nullopt, seed + 17);
    const analysis::SetupAnswer* answer = a.answer(s == 0 ? "A" : "B");
    const analysis::SetupOnLink* told = a.limiting(s == 0 ? "A" : "B");
    if (s == static_cast<int>(seed % 2)) {
      out.typical = answer ? judged(answer->typical, truth[s].typical_m) : Range{false, true};
      out.dependable = answer ? judged(answer->dependable, truth[s].dependable_m) : Range{false, true};
      if (answer && answer->plan_m) out.beyond_plan = *answer->plan_m > truth[s].dependable_m;
    }
    // Bitrate goes down at another level than the mean one at which the rule is met.
    if (told && told->critical_dbm && w.links[0].rule == Rule::Quality && s == 0) {
      out.critical_error = *told->critical_dbm - Radio(w, w.links[0]).critical_dbm();
      out.critical_covers = std::abs(out.critical_error) <= told->critical_interval_dbm->high - told->critical_interval_dbm->estimate;
    }
  }
  for (const auto& p : a.comparisons)
    if (p.a == "A" && p.b == "B" && p.link == w.links[0].id && p.delta_db)
      out.delta = holds(*p.delta_db, trueDelta(w, 0, (truth[0].typical_m + truth[1].typical_m) / 2));
  for (const auto& p : a.setup_comparisons)
    if (p.a == "A" && p.b == "B" && p.ratio)
      out.ratio = holds(*p.ratio, truth[0].typical_m / truth[1].typical_m);
  return out;
}

/// What is NaN was not to be had.
void count(Share& share, double hit) {
  if (std::isfinite(hit)) share += hit > 0.5;
}

}  // namespace

analysis::CampaignAnalysis analyseWorld(const FlownWorld& flown) {
  return analysis::analyse(
      flown.campaign,
      [&](const campaign::Run& run) {
        const auto i = campaign::findRun(flown.campaign, run.id) - flown.campaign.runs.data();
        return std::make_shared<const log::Recording>(flown.recordings[static_cast<std::size_t>(i)]);
      },
      {}, 1);
}

namespace {

WorldResult flownWorlds(const WorldKind& kind, const WorldPlan& plan) {
  std::vector<Outcome> all(static_cast<std::size_t>(plan.campaigns));
  parallel::onAllCores(all.size(),
                       [&](std::size_t i) { all[i] = campaignOf(kind, plan, plan.first_seed + i); });
  WorldResult r;
  std::vector<double> typical_error, dependable_error, typical_width, dependable_width, level;
  for (const Outcome& o : all) {
    r.told += o.typical.told, r.withheld += o.typical.withheld;
    count(r.typical, o.typical.covers), count(r.dependable, o.dependable.covers), count(r.beyond_plan, o.beyond_plan);
    count(r.near, std::isfinite(o.typical.error) ? std::abs(o.typical.error) < 0.15 : NAN);
    typical_error.push_back(o.typical.error), typical_width.push_back(o.typical.width);
    dependable_error.push_back(o.dependable.error), dependable_width.push_back(o.dependable.width);
    count(r.delta, o.delta), count(r.ratio, o.ratio), count(r.better, o.better), count(r.wrong, o.wrong);
    level.push_back(o.critical_error), count(r.critical_covers, o.critical_covers);
    for (const std::string& code : o.warned) ++r.warned[code];
  }
  const auto median = [](const std::vector<double>& v) { return Middle(v, Middle::Of::Median); };
  r.typical_bias = median(typical_error), r.dependable_bias = median(dependable_error);
  r.typical_width = median(typical_width), r.dependable_width = median(dependable_width);
  r.critical_bias = {level, Middle::Of::Mean};
  return r;
}

}  // namespace

WorldResult studyWorld(const WorldKind& kind, const WorldPlan& plan) {
  using Key = std::tuple<std::string, int, int, double, std::uint64_t, bool>;
  static std::map<Key, WorldResult> before;
  const Key key{kind.name, plan.campaigns, plan.flights_each, plan.b_over_a_db, plan.first_seed, plan.with_truth};
  const auto known = before.find(key);
  return known != before.end() ? known->second : before[key] = flownWorlds(kind, plan);
}

}  // namespace distanz::test

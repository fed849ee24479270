#include "support/worlds/world_study.h"

#include <algorithm>
#include <cmath>

#include "core/parallel/on_all_cores.h"

namespace distanz::test {
namespace {

using analysis::RangeAnswer;

struct Range {
  bool told = false, withheld = false;
  double covers = NAN, error = NAN, width = NAN;
};

struct Outcome {
  std::vector<Range> typical, dependable;  // of both setups
  std::vector<bool> beyond_plan;
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
    out.typical.push_back(answer ? judged(answer->typical, truth[s].typical_m) : Range{false, true});
    out.dependable.push_back(answer ? judged(answer->dependable, truth[s].dependable_m) : Range{false, true});
    if (answer && answer->plan_m) out.beyond_plan.push_back(*answer->plan_m > truth[s].dependable_m);
    // Bitrate goes down at another level than the mean one at which the rule is met.
    if (told && told->critical_dbm && w.links[0].rule == Rule::Quality && s == 0) {
      out.critical_error = *told->critical_dbm - Radio(w, w.links[0]).critical_dbm();
      out.critical_covers = std::abs(out.critical_error) <= 1.96 * told->critical_sd_db;
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

struct Tally {
  std::vector<double> values;
  void operator()(double v) {
    if (std::isfinite(v)) values.push_back(v);
  }
  double mean() const {
    double sum = 0;
    for (double v : values) sum += v;
    return values.empty() ? NAN : sum / static_cast<double>(values.size());
  }
  double median() {
    if (values.empty()) return NAN;
    std::nth_element(values.begin(), values.begin() + static_cast<long>(values.size() / 2), values.end());
    return values[values.size() / 2];
  }
};

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

WorldResult studyWorld(const WorldKind& kind, const WorldPlan& plan) {
  std::vector<Outcome> all(static_cast<std::size_t>(plan.campaigns));
  parallel::onAllCores(all.size(),
                       [&](std::size_t i) { all[i] = campaignOf(kind, plan, plan.first_seed + i); });
  WorldResult r;
  Tally told, withheld, typical, dependable, typical_error, dependable_error, typical_width, dependable_width,
      delta, ratio, beyond, better, wrong, level, level_covers;
  for (const Outcome& o : all) {
    for (const Range& t : o.typical)
      told(t.told), withheld(t.withheld), typical(t.covers), typical_error(t.error), typical_width(t.width);
    for (const Range& t : o.dependable)
      dependable(t.covers), dependable_error(t.error), dependable_width(t.width);
    for (bool b : o.beyond_plan) beyond(b);
    delta(o.delta), ratio(o.ratio), better(o.better), wrong(o.wrong);
    level(o.critical_error), level_covers(o.critical_covers);
    for (const std::string& code : o.warned) ++r.warned[code];
  }
  r.told = told.mean(), r.withheld = withheld.mean();
  r.typical = typical.mean(), r.dependable = dependable.mean();
  r.typical_bias = typical_error.median(), r.dependable_bias = dependable_error.median();
  r.typical_width = typical_width.median(), r.dependable_width = dependable_width.median();
  r.delta = delta.mean(), r.ratio = ratio.mean();
  r.beyond_plan = beyond.mean(), r.better = better.mean(), r.wrong = wrong.mean();
  r.critical_bias = level.mean(), r.critical_covers = level_covers.mean();
  return r;
}

}  // namespace distanz::test

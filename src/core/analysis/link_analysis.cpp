#include "core/analysis/link_analysis.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "core/analysis/warnings.h"
#include "core/estimate/distribution.h"

namespace distanz::analysis {
namespace {

using namespace estimate;

struct Critical {
  CriticalLevel level;
  std::string part;
};

/// One link of one campaign while it is analysed.
struct LinkWork {
  const campaign::Campaign& campaign;
  const campaign::Link& link;
  CampaignAnalysis& result;
  std::vector<std::size_t> runs = {};     ///< used runs that have this link
  std::vector<ModelFlight> flights = {};  ///< those with a signal
  std::vector<std::size_t> flight_runs = {};
  SignalModels models = {};
  std::optional<Critical> critical = {};
  ReachModel reach = {};

  const LinkReduction& reduced(std::size_t run) const { return result.reductions[run].links.at(link.id); }
  int setupOf(std::size_t run) const {
    const auto& setups = campaign.setups;
    const auto found = std::find_if(setups.begin(), setups.end(), [&](const auto& s) { return s.id == campaign.runs[run].setup; });
    return static_cast<int>(found - setups.begin());
  }
  /// The component in which a setup has most flights.
  const SignalModel* modelOf(int setup) const {
    const SignalModel* best = nullptr;
    int most = 0;
    for (const SignalModel& m : models.components)
      if (const auto found = m.setups.find(setup); found != m.setups.end() && found->second.flights > most) {
        most = found->second.flights;
        best = &m;
      }
    return best;
  }
  void warn(const char* code, std::string text) const { result.warnings.push_back({code, {}, std::move(text)}); }
};

void fitModels(LinkWork& w) {
  FloorFinder floor;
  for (std::size_t run : w.runs)
    if (w.reduced(run).has_signal) floor.merge(w.reduced(run).floor);
  for (std::size_t run : w.runs) {
    if (!w.reduced(run).has_signal) continue;
    w.flights.push_back({w.setupOf(run), w.reduced(run).cells});
    w.flight_runs.push_back(run);
    if (floor.floor_dbm()) censorAt(w.flights.back().cells, *floor.floor_dbm());
  }
  w.models = fitSignalModels(w.flights);
  for (int flight : w.models.unusable) {
    const std::string& run = w.campaign.runs[w.flight_runs[static_cast<std::size_t>(flight)]].id;
    w.result.warnings.push_back(
        {"too-short", run,
         fmt::format("Run {} has too little usable signal on the {} link (it needs three 40 m stretches beyond 80 m above "
                     "the receiver's floor) and does not count there. Fly farther.",
                     run, w.link.id)});
  }
  if (w.models.components.size() > 1)
    w.warn(
        "no-common-places",
        fmt::format("On the {} link some flights share no stretch of path with the others and are compared by their ranges only. Fly every "
                    "setup over the same path.",
                    w.link.id));
}

void addCritical(LinkWork& w, std::optional<CriticalLevel> level, const char* part) {
  if (level && (!w.critical || level->level_dbm > w.critical->level.level_dbm)) w.critical = Critical{*level, part};
}

std::optional<CriticalLevel> criticalOf(const LinkWork& w, std::vector<QualityWindow> LinkReduction::*windows, double threshold,
                                        double full) {
  if (!(threshold > 0 && threshold < full)) return std::nullopt;
  std::vector<std::vector<QualityWindow>> flights;
  for (std::size_t run : w.runs)
    if (!(w.reduced(run).*windows).empty()) flights.push_back(w.reduced(run).*windows);
  return criticalFromQuality(flights, threshold, full);
}

/// The level below which the rule fails: the highest of its parts, as those present must all hold.
void findCritical(LinkWork& w) {
  const campaign::RangeRule& rule = w.link.rule;
  bool unseen = false;
  if (rule.lq_min_pct) {
    const auto level = criticalOf(w, &LinkReduction::quality_windows, *rule.lq_min_pct, 100);
    addCritical(w, level, "quality");
    unseen = unseen || !level;
  }
  if (rule.bitrate_min_mbps) {
    double top = 0;
    for (std::size_t run : w.runs) top = std::max(top, w.reduced(run).top_bitrate_mbps);
    const auto level = criticalOf(w, &LinkReduction::bitrate_windows, *rule.bitrate_min_mbps, top);
    addCritical(w, level, "bitrate");
    unseen = unseen || !level;
  }
  const bool rule_is_empty = !rule.lq_min_pct && !rule.bitrate_min_mbps;
  if (w.link.sensitivity_dbm && (rule.margin_db || rule_is_empty || !w.critical))
    addCritical(w, CriticalLevel{*w.link.sensitivity_dbm + rule.margin_db.value_or(0), 0}, "margin");
  if (!w.critical && !w.models.components.empty())
    w.warn(
        "no-critical-level",
        fmt::format("The {} link was never seen failing, and its sensitivity is not known, so no range can be told. Enter the receiver's "
                    "sensitivity in Kit, or fly until the quality falls.",
                    w.link.id));
  else if (unseen && w.critical && !w.models.components.empty())
    w.warn("never-seen-failing", fmt::format("The {} link was hardly seen failing its {}, so its range rests on the {} alone.", w.link.id,
                                             rule.bitrate_min_mbps ? "bitrate rule" : "quality rule",
                                             w.critical->part == "margin" ? "sensitivity you entered" : w.critical->part + " rule"));
}

void fitFailures(LinkWork& w) {
  std::vector<FirstFailure> failures;
  for (std::size_t run : w.runs) {
    const LinkReduction& r = w.reduced(run);
    std::optional<FirstFailure> first = r.quality_failure;
    if (r.bitrate_failure &&
        (!first || (r.bitrate_failure->failed && (!first->failed || r.bitrate_failure->distance_m < first->distance_m))))
      first = r.bitrate_failure;
    if (!first) continue;
    first->setup = w.setupOf(run);
    failures.push_back(*first);
  }
  w.reach = fitReach(failures);
}

RangeAnswer answerFrom(const RangeEstimate& r, double farthest_m) {
  RangeAnswer out;
  if (!std::isfinite(r.estimate_m) || r.estimate_m <= 0) return out;
  out.estimate_m = r.estimate_m;
  out.low_m = r.low_m;
  if (r.high_m < defaults::kNoUpperLimit_m) out.high_m = r.high_m;
  out.at_least_m = std::min(r.lower95_m, farthest_m);
  const double extrapolation = r.estimate_m / farthest_m;
  out.status = extrapolation <= 1 ? Status::Measured : extrapolation <= defaults::kExtrapolation ? Status::Extrapolated : Status::AtLeast;
  return out;
}

ModelCurve curveOf(const SignalModel& model, int setup, double farthest_m) {
  ModelCurve curve;
  const double v_u = model.flight_var_db2 / model.setups.at(setup).flights;
  const double t = tQuantile(0.975, model.flight_df);
  constexpr int kPoints = 60;
  for (int i = 0; i < kPoints; ++i) {
    const double d = defaults::kNearField_m * std::pow(std::max(farthest_m / defaults::kNearField_m, 1.0), i / (kPoints - 1.0));
    const double level = model.level_dbm(setup, d), half = t * std::sqrt(v_u + model.line.varianceAt(std::log10(d)));
    curve.distance_m.push_back(d);
    curve.level_dbm.push_back(level);
    curve.low_dbm.push_back(level - half);
    curve.high_dbm.push_back(level + half);
  }
  return curve;
}

void answerBySignal(const LinkWork& w, int setup, const SignalModel& model, SetupOnLink& out) {
  out.basis = w.critical && w.critical->part != "margin" ? Basis::Quality : Basis::Signal;
  out.curve = curveOf(model, setup, out.farthest_m);
  for (const FlightEffect& f : model.flights)
    if (f.setup == setup) out.flights.push_back({w.campaign.runs[w.flight_runs[static_cast<std::size_t>(f.flight)]].id, f.off_setup_db});
  const double n = model.line.exponent(), half = tQuantile(0.975, model.line.df) * model.line.exponentSd();
  out.exponent = Interval{n, n - half, n + half};
  if (!w.critical) return;
  out.critical_dbm = w.critical->level.level_dbm;
  out.critical_sd_db = std::sqrt(w.critical->level.variance_db2);
  out.limited_by = w.critical->part;
  if (signalDoesNotFall(model.line) || !(model.line.coefficient[1] < 0)) return;
  out.typical = answerFrom(usableRange(model, setup, 0, w.critical->level), out.farthest_m);
  out.dependable = answerFrom(usableRange(model, setup, defaults::kDependableZ, w.critical->level), out.farthest_m);
}

void answerByReach(const ReachEstimate& reach, SetupOnLink& out) {
  out.basis = Basis::Reach;
  out.limited_by = "quality";
  if (reach.typical_m) {
    out.typical = {Status::Measured, reach.typical_m->estimate, reach.typical_m->low, reach.typical_m->high, reach.lower95_m};
  } else if (reach.at_least_m) {
    out.typical.status = Status::AtLeast;
    out.typical.at_least_m = reach.at_least_m;
  }
}

void addSetups(LinkWork& w) {
  for (std::size_t s = 0; s < w.campaign.setups.size(); ++s) {
    SetupOnLink out;
    out.setup = w.campaign.setups[s].id;
    out.link = w.link.id;
    for (std::size_t run : w.runs) {
      if (w.setupOf(run) != static_cast<int>(s)) continue;
      ++out.runs_used;
      out.farthest_m = std::max(out.farthest_m, w.result.reductions[run].farthest_m);
    }
    if (out.runs_used == 0) continue;
    const auto reach = w.reach.setups.find(static_cast<int>(s));
    if (reach != w.reach.setups.end()) out.failures = reach->second.failures;
    if (const SignalModel* model = w.modelOf(static_cast<int>(s)))
      answerBySignal(w, static_cast<int>(s), *model, out);
    else if (reach != w.reach.setups.end())
      answerByReach(reach->second, out);
    w.result.setups.push_back(std::move(out));
  }
}

void fill(PairOnLink& out, const Comparison& c) {
  out.delta_db = c.delta_db;
  out.ratio = c.ratio;
  out.verdict = c.verdict;
  out.more_pairs = c.more_pairs;
  out.p_a_longer = c.p_a_longer;
  out.p_a_more = c.p_a_more;
  out.p_b_more = c.p_b_more;
  out.spread_assumed = c.spread_assumed;
  out.same_places = c.same_places;
  out.gap_trend = c.gap_trend;
}

void fillByReach(PairOnLink& out, const Interval& ratio) {
  out.ratio = ratio;
  if (ratio.low > 1) out.verdict = Verdict::ABetter;
  if (ratio.high < 1) out.verdict = Verdict::BBetter;
  out.p_a_longer = NAN;
}

/// Holm (1979) step-down over all pairs of the link: which "better" stands when all are claimed at once.
void stepDown(std::vector<PairOnLink>& pairs, const std::vector<double>& p_values) {
  std::vector<std::size_t> order(pairs.size());
  for (std::size_t i = 0; i < order.size(); ++i) order[i] = i;
  std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return p_values[a] < p_values[b]; });
  bool holds = true;
  for (std::size_t rank = 0; rank < order.size(); ++rank) {
    holds = holds && p_values[order[rank]] <= (1 - defaults::kConfidence) / static_cast<double>(order.size() - rank);
    pairs[order[rank]].holds_for_all = holds;
  }
}

std::optional<Comparison> compareOn(const LinkWork& w, int a, int b) {
  for (const SignalModel& m : w.models.components)
    if (m.setups.contains(a) && m.setups.contains(b)) return compare(m, a, b);
  const SignalModel *ma = w.modelOf(a), *mb = w.modelOf(b);
  if (!ma || !mb || !w.critical || signalDoesNotFall(ma->line) || signalDoesNotFall(mb->line)) return std::nullopt;
  return compareApart(*ma, a, *mb, b, w.critical->level);
}

void addPairs(LinkWork& w) {
  std::vector<PairOnLink> pairs;
  std::vector<double> p_values;
  std::vector<int> flown;
  for (std::size_t s = 0; s < w.campaign.setups.size(); ++s)
    if (w.result.find(w.campaign.setups[s].id, w.link.id)) flown.push_back(static_cast<int>(s));
  for (std::size_t i = 0; i < flown.size(); ++i)
    for (std::size_t j = i + 1; j < flown.size(); ++j) {
      const int a = flown[i], b = flown[j];
      PairOnLink pair;
      pair.a = w.campaign.setups[static_cast<std::size_t>(a)].id;
      pair.b = w.campaign.setups[static_cast<std::size_t>(b)].id;
      pair.link = w.link.id;
      double p = 1;
      if (const auto c = compareOn(w, a, b)) {
        fill(pair, *c);
        p = c->p_value;
        if (c->gap_trend && c->gap_trend->p < 0.05)
          w.warn(
              "gap-changes",
              fmt::format("On the {} link the gap between {} and {} changes with distance by {:+.1f} dB per factor 10: one figure does not "
                          "describe it. Compare them near the far end.",
                          w.link.id, pair.a, pair.b, c->gap_trend->db_per_decade));
      } else if (const auto ratio = w.reach.ratios.find({a, b}); ratio != w.reach.ratios.end()) {
        fillByReach(pair, ratio->second);
      }
      pairs.push_back(std::move(pair));
      p_values.push_back(p);
    }
  if (pairs.size() > 1) stepDown(pairs, p_values);
  w.result.comparisons.insert(w.result.comparisons.end(), pairs.begin(), pairs.end());
}

}  // namespace

void analyseLink(const campaign::Campaign& campaign, const campaign::Link& link, const std::vector<bool>& used, CampaignAnalysis& result) {
  LinkWork w{campaign, link, result};
  for (std::size_t i = 0; i < used.size(); ++i)
    if (used[i] && result.reductions[i].links.contains(link.id)) w.runs.push_back(i);
  if (w.runs.empty()) return;
  fitModels(w);
  findCritical(w);
  fitFailures(w);
  addSetups(w);
  addPairs(w);
  std::optional<CriticalLevel> critical;
  if (w.critical) critical = w.critical->level;
  for (const SignalModel& model : w.models.components) warnAboutModel(campaign, link, model, w.flight_runs, critical, result);
}

}  // namespace distanz::analysis

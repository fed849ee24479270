#include <algorithm>
#include <cmath>

#include "core/analysis/compare/link_work.h"
#include "core/analysis/reduce/reduction.h"
#include "core/estimate/distribution.h"

namespace distanz::analysis {

using namespace estimate;

namespace {

ModelCurve curveOf(const SignalModel& model, int setup, double farthest_m) {
  ModelCurve curve;
  const double lean = model.setups.at(setup).lean_sd_db, v_u = model.levelVar_db2(setup) + lean * lean;
  const double t = tQuantile(0.5 + defaults::kConfidence / 2, model.flight_df);
  constexpr int kPoints = 60;
  for (int i = 0; i < kPoints; ++i) {
    const double d = defaults::kNearField_m *
                     std::pow(std::max(farthest_m / defaults::kNearField_m, 1.0), i / (kPoints - 1.0));
    const double level = model.level_dbm(setup, d),
                 half = t * std::sqrt(v_u + model.line.varianceAt(std::log10(d)));
    curve.distance_m.push_back(d);
    curve.level_dbm.push_back(level);
    curve.low_dbm.push_back(level - half);
    curve.high_dbm.push_back(level + half);
  }
  return curve;
}

void addFlights(const LinkWork& w, int setup, const SignalModel& model, SetupOnLink& out) {
  const double flight_sd = std::sqrt(model.seenFlightVar_db2());
  for (const FlightEffect& f : model.flights) {
    if (f.setup != setup) continue;
    const auto flight = static_cast<std::size_t>(f.flight);
    const double turned = w.result.reductions[w.flight_runs[flight]].farthest_m;
    out.flights.push_back({w.runId(flight), f.off_setup_db, turned,
                           model.level_dbm(setup, turned) + f.off_setup_db,
                           std::abs(f.off_setup_db) > defaults::kFlightOutlier * flight_sd});
  }
}

/// What the model tells of a setup with or without a critical level.
void describe(const LinkWork& w, int setup, const SignalModel& model, SetupOnLink& out) {
  out.curve = curveOf(model, setup, out.farthest_m);
  addFlights(w, setup, model, out);
  const double n = model.line.exponent(),
               half = tQuantile(0.5 + defaults::kConfidence / 2, model.line.df) * model.line.exponentSd();
  if (!w.power_unknown.contains(setup)) out.exponent = Interval{n, n - half, n + half};
  out.total_sd_db = model.total_sd_db;
  out.flight_sd_db = std::sqrt(model.flight_var_db2);
}

RangeAnswer elsewhere(const RangeEstimate& r, double farthest_m) {
  if (!std::isfinite(r.estimate_m) || r.estimate_m <= 0) return {};
  return answerFrom(Interval{r.estimate_m, r.low_m, r.high_m}, r.lower95_m, farthest_m);
}

void answerBySignal(const LinkWork& w, int setup, const SignalModel& model, SetupOnLink& out) {
  out.parts = w.parts;
  out.limited_by = w.parts.front().part;
  out.critical_dbm = w.critical->level_dbm;
  const double half = tQuantile(0.5 + defaults::kConfidence / 2, defaults::kCriticalDf) * std::sqrt(w.critical->variance_db2);
  out.critical_interval_dbm = Interval{w.critical->level_dbm, w.critical->level_dbm - half, w.critical->level_dbm + half};
  out.basis = out.limited_by == "margin" ? Basis::Signal : Basis::Quality;
  if (!falls(model) || w.power_unknown.contains(setup)) return;
  out.elsewhere_typical = elsewhere(usableRange(model, setup, 0, *w.critical), out.farthest_m);
  out.elsewhere_dependable =
      elsewhere(usableRange(model, setup, defaults::kDependableZ, *w.critical), out.farthest_m);
}

/// Distances of first failure as they can be told where there is no signal to go by.
RangeAnswer answerOf(const ReachEstimate& reach) {
  RangeAnswer out;
  if (reach.typical_m) {
    out.status = Status::Measured;
    out.estimate_m = reach.typical_m->estimate;
    out.low_m = reach.typical_m->low;
    out.high_m = reach.typical_m->high;
    out.at_least_m = reach.lower95_m;
  } else if (reach.at_least_m) {
    out.status = Status::AtLeast;
    out.at_least_m = reach.at_least_m;
    out.confidence = std::min(reach.at_least_confidence, defaults::kConfidence);
  }
  return out;
}

/// Behind where the equipment stops nothing is told: neither range nor bound.
void endAt(RangeAnswer& range, double end_m) {
  if (range.status == Status::Withheld) return;
  if (range.at_least_m) range.at_least_m = std::min(*range.at_least_m, end_m);
  if (range.high_m && *range.high_m > end_m) range.high_m.reset();
  if (range.low_m) range.low_m = std::min(*range.low_m, end_m);
  if (!range.estimate_m || *range.estimate_m < end_m) return;
  range.estimate_m = end_m;
  if (!range.at_least_m) range.at_least_m = end_m;
  range.status = Status::AtLeast;
}

/// The part of the rule that flights of the setup broke, most of them; where none did, one that their logs tell.
std::string brokenPart(const LinkWork& w, std::size_t setup) {
  std::map<std::string, int> broken;
  for (const std::size_t run : w.runs_of[setup])
    for (const auto& [part, seen] : w.reduced(run).rule) broken[part] += seen.failure && seen.failure->failed;
  const auto most = std::max_element(broken.begin(), broken.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
  return most == broken.end() ? std::string() : most->first;
}

}  // namespace

void addRanges(LinkWork& w) {
  for (std::size_t s = 0; s < w.campaign.setups.size(); ++s) {
    if (w.runs_of[s].empty()) continue;
    const int setup = static_cast<int>(s);
    SetupOnLink out;
    out.setup = w.campaign.setups[s].id;
    out.link = w.link.id;
    for (std::size_t run : w.runs_of[s]) {
      ++out.runs_used;
      out.farthest_m = std::max(out.farthest_m, w.result.reductions[run].farthest_m);
      out.judged = out.judged || !w.reduced(run).rule.empty();
    }
    const double end_m = w.endOf(setup).at_m;
    out.farthest_m = std::min(out.farthest_m, end_m);
    if (std::isfinite(end_m)) out.stops_m = end_m;
    const auto reach = w.reach.setups.find(setup);
    if (reach != w.reach.setups.end()) out.failures = reach->second.failures;
    const SignalModel* model = w.modelOf(setup);
    if (model) describe(w, setup, *model, out);
    if (model && w.critical) {
      answerBySignal(w, setup, *model, out);
    } else if (reach != w.reach.setups.end()) {
      out.basis = Basis::Reach;
      out.limited_by = brokenPart(w, s);
      out.elsewhere_typical = answerOf(reach->second);
      if (const auto on_path = w.path_reach.setups.find(setup); on_path != w.path_reach.setups.end())
        out.typical = answerOf(on_path->second);
    }
    for (RangeAnswer* range : {&out.typical, &out.dependable, &out.elsewhere_typical, &out.elsewhere_dependable}) endAt(*range, end_m);
    w.answer_of[setup] = w.result.setups.size();
    w.result.setups.push_back(std::move(out));
  }
}

}  // namespace distanz::analysis

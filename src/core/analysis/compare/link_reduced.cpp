#include <map>
#include <set>

#include "core/analysis/compare/link_work.h"
#include "core/estimate/power_scale.h"
#include "core/quantity/decibel.h"

namespace distanz::analysis {

using namespace estimate;

namespace {

/// Reduced-power runs of one setup by how far they were reduced.
std::map<double, std::vector<std::size_t>> byReduction(const LinkWork& w, std::size_t setup) {
  std::map<double, std::vector<std::size_t>> out;
  for (std::size_t run : w.runs_of[setup])
    if (w.reduced(run).reduced_db > 0) out[w.reduced(run).reduced_db].push_back(run);
  return out;
}

Interval intervalOf(const RangeEstimate& r) {
  return {r.estimate_m, r.low_m, r.high_m};
}

/// The same line read at the reduced and at the full level: the uncertainty of its fall is in the wider
/// interval.
bool scaleBySignal(const LinkWork& w, int setup, ReducedPower& out) {
  const SignalModel* model = w.modelOf(setup);
  if (w.scale || !model || !w.critical || !falls(*model)) return false;
  const CriticalLevel weaker{w.critical->level_dbm + out.reduction_db, w.critical->variance_db2};
  out.reduced_m = intervalOf(usableRange(*model, setup, 0, weaker));
  out.full_m = intervalOf(usableRange(*model, setup, 0, *w.critical));
  out.factor = rangeFactor(out.reduction_db, exponentOf(model->line));
  return true;
}

/// Without a signal: the distances at which the rule failed, times the factor.
bool scaleByReach(const LinkWork& w, int setup, const std::vector<std::size_t>& runs, ReducedPower& out) {
  std::vector<FirstFailure> failures;
  for (std::size_t run : runs)
    if (auto first = firstFailureOf(w.reduced(run))) {
      first->setup = setup;
      failures.push_back(*first);
    }
  const ReachModel reach = fitReach(failures);
  const auto found = reach.setups.find(setup);
  if (found == reach.setups.end() || !found->second.typical_m) return false;
  const SignalModel* model = w.scale ? nullptr : w.modelOf(setup);  // on its own scale no exponent is known
  const Exponent exponent = model ? exponentOf(model->line) : Exponent{};
  out.exponent_assumed = !model;
  out.reduced_m = *found->second.typical_m;
  out.full_m = fullPowerRange(out.reduced_m, out.reduction_db, exponent);
  out.factor = rangeFactor(out.reduction_db, exponent);
  return true;
}

/// Where the rule failed in every run at that reduction, of all setups.
std::vector<FirstFailure> failuresAt(const LinkWork& w, double reduction_db) {
  std::vector<FirstFailure> out;
  for (std::size_t s = 0; s < w.runs_of.size(); ++s) {
    if (w.power_unknown.contains(static_cast<int>(s))) continue;
    for (const std::size_t run : w.runs_of[s])
      if (w.reduced(run).reduced_db == reduction_db)
        if (auto first = firstFailureOf(w.reduced(run))) {
          first->setup = static_cast<int>(s);
          out.push_back(*first);
        }
  }
  return out;
}

void addReducedPairs(LinkWork& w) {
  std::set<double> reductions;
  for (const std::size_t run : w.runs)
    if (w.reduced(run).reduced_db > 0) reductions.insert(w.reduced(run).reduced_db);
  for (const double reduction : reductions) {
    const ReachModel reach = fitReach(failuresAt(w, reduction));
    for (const auto& [both, ratio] : reach.ratios) {
      const auto id = [&](int setup) { return w.campaign.setups[static_cast<std::size_t>(setup)].id; };
      if (both.first >= both.second) continue;
      w.result.reduced_pairs.push_back({id(both.first), id(both.second), w.link.id, reduction, reach.setups.at(both.first).flights,
                                        reach.setups.at(both.second).flights, ratio});
    }
  }
}

}  // namespace

void addReducedPower(LinkWork& w) {
  addReducedPairs(w);
  for (std::size_t s = 0; s < w.runs_of.size(); ++s)
    for (const auto& [reduction, runs] : byReduction(w, s)) {
      ReducedPower out;
      out.setup = w.campaign.setups[s].id;
      out.link = w.link.id;
      out.reduction_db = reduction;
      out.runs = static_cast<int>(runs.size());
      out.power_ratio = quantity::milliwattFromDbm(reduction);
      const bool known = !w.power_unknown.contains(static_cast<int>(s));
      if (known &&
          (scaleBySignal(w, static_cast<int>(s), out) || scaleByReach(w, static_cast<int>(s), runs, out)))
        w.result.reduced.push_back(out);
      else
        w.warn("reduced-power-open",
               {{"setup", out.setup}, {"reduction", reduction, quantity::Unit::Decibel}});
    }
}

}  // namespace distanz::analysis

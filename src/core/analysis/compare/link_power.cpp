#include <algorithm>
#include <map>

#include "core/analysis/compare/link_work.h"
#include "core/analysis/reduce/reduction.h"

namespace distanz::analysis {

namespace {

/// The most frequent of the powers; the lower of equally frequent ones.
std::optional<double> mostFrequent(const std::vector<double>& powers_dbm) {
  std::map<double, int> counts;
  for (double p : powers_dbm) ++counts[p];
  const auto most = std::max_element(counts.begin(), counts.end(),
                                     [](const auto& a, const auto& b) { return a.second < b.second; });
  return most == counts.end() ? std::nullopt : std::optional(most->first);
}

/// Adds a constant to all that a run keeps of its signal.
void shiftSignal(LinkReduction& r, double db) {
  for (estimate::FlightCells* cells : {&r.cells.both, &r.cells.out, &r.cells.back})
    for (estimate::Cell& c : cells->cells) {
      c.level_dbm += db;
      c.shift_db += db;
    }
  for (estimate::Cell& c : r.cells.last) c.level_dbm += db;
  if (const auto signal = r.traces.find(log::channel::kRssi); signal != r.traces.end())
    for (log::Trace* trace : {&signal->second.out, &signal->second.back})
      for (double& v : trace->value) v += db;
}

/// Powers of runs that kept to one, of one setup or of all.
std::vector<double> steadyPowers(const LinkWork& w, std::optional<int> setup) {
  std::vector<double> out;
  for (std::size_t run : w.runs) {
    const PowerUse& p = w.reduced(run).power;
    if (p.recorded && !p.changed && (!setup || w.setup_of[run] == *setup)) out.push_back(p.reference_dbm);
  }
  return out;
}

}  // namespace

void referToCommonPower(LinkWork& w) {
  double highest = -INFINITY;
  for (std::size_t run : w.runs)
    if (const PowerUse& p = w.reduced(run).power; p.changed && !p.kit_known)
      highest = std::max(highest, p.high_dbm);
  const auto of_all = mostFrequent(steadyPowers(w, std::nullopt));
  for (std::size_t run : w.runs) {
    LinkReduction& r = w.result.reductions[run].links.at(w.link.id);
    if (!r.power.changed || r.power.kit_known) continue;
    const auto of_setup = mostFrequent(steadyPowers(w, w.setup_of[run]));
    const double reference = of_setup ? *of_setup : of_all.value_or(highest);
    shiftSignal(r, reference - r.power.reference_dbm);
    r.power.reference_dbm = reference;
  }
}

}  // namespace distanz::analysis

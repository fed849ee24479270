#include <utility>

#include "core/analysis/compare/link_work.h"
#include "core/analysis/reduce/reduction.h"
#include "core/estimate/robust.h"

namespace distanz::analysis {

using namespace estimate;

namespace {

std::optional<double> medianOf(std::vector<double> values) {
  return values.empty() ? std::nullopt : std::optional(median(std::move(values)));
}

void addEvents(const LinkWork& w, std::size_t setup, LegDifference& out) {
  std::vector<double> lost, regained, gap, turn;
  for (std::size_t run : w.runs_of[setup]) {
    const LinkReduction& r = w.reduced(run);
    if (w.campaign.runs[run].legs != campaign::Legs::Both) continue;
    if (r.turn_db) turn.push_back(*r.turn_db);
    if (!r.events.lost_at_m || !r.events.regained_at_m) continue;
    lost.push_back(*r.events.lost_at_m);
    regained.push_back(*r.events.regained_at_m);
    gap.push_back(lost.back() - regained.back());
  }
  if (!turn.empty()) out.turn_db = trimmedMean(turn, 0);
  out.lost_m = medianOf(lost);
  out.regained_m = medianOf(regained);
  out.gap_m = medianOf(gap);
  out.lost_flights = static_cast<int>(lost.size());
}

}  // namespace

void addLegs(LinkWork& w) {
  for (std::size_t s = 0; s < w.runs_of.size(); ++s) {
    std::vector<PairedFlight> flights;
    const bool power_known = !w.power_unknown.contains(static_cast<int>(s));
    for (std::size_t run : w.runs_of[s]) {
      if (!power_known || w.campaign.runs[run].legs != campaign::Legs::Both) continue;
      FlightCells back = w.reduced(run).cells.back, out = w.reduced(run).cells.out;
      if (w.floor_dbm)
        for (FlightCells* leg : {&back, &out}) censorAt(*leg, *w.floor_dbm);
      if (const auto pair = pairedFlight(back, out)) flights.push_back(*pair);
    }
    LegDifference legs{w.campaign.setups[s].id, w.link.id, {}, {}, {}, {}, {}};
    if (!flights.empty()) legs.back_over_out = pairedDifference(flights);
    addEvents(w, s, legs);
    if (!flights.empty() || legs.lost_flights > 0) w.result.legs.push_back(std::move(legs));
  }
}

}  // namespace distanz::analysis

#include <algorithm>
#include <cmath>

#include "core/analysis/compare/link_work.h"
#include "core/analysis/reduce/reduction.h"

namespace distanz::analysis {

using namespace estimate;

namespace {

constexpr double kTurnedWithin_m = 150;  // of where the link went: some ten seconds of flight

FlightCells countedLeg(const LegCells& cells, campaign::Legs legs) {
  return legs == campaign::Legs::Out ? cells.out : legs == campaign::Legs::Back ? cells.back : cells.both;
}

/// The pilot turned because the link went: what was seen just before the turn is then what ended the flight,
/// and a fit without it would be of the good places only.
bool turnedWhenLost(const LinkWork& w, std::size_t run) {
  const auto& lost = w.reduced(run).events.lost_at_m;
  return lost && w.result.reductions[run].farthest_along_m - *lost < kTurnedWithin_m;
}

void gatherFlights(LinkWork& w) {
  FloorFinder floor;
  for (std::size_t run : w.runs)
    if (w.reduced(run).has_signal) floor.merge(w.reduced(run).floor);
  w.floor_dbm = floor.floor_dbm();
  w.flights_of.resize(w.campaign.setups.size());
  for (std::size_t run : w.runs) {
    if (!w.reduced(run).has_signal) continue;
    const LegCells& cells = w.reduced(run).cells;
    ModelFlight flight{w.setup_of[run], countedLeg(cells, w.campaign.runs[run].legs), w.session.flight[run],
                       cells.last};
    flight.session = w.session.place[run];
    flight.called = w.reduced(run).called;
    if (w.power_unknown.contains(flight.setup)) flight.scale = 1 + flight.setup;
    if (turnedWhenLost(w, run)) {
      flight.cells = withLast(flight.cells, cells.last);
      flight.last.clear();
    }
    w.flights.push_back(std::move(flight));
    w.flights_of[static_cast<std::size_t>(w.setup_of[run])].push_back(w.flight_runs.size());
    w.flight_runs.push_back(run);
    if (w.floor_dbm) censorAt(w.flights.back().cells, *w.floor_dbm);
  }
}

void indexModels(LinkWork& w) {
  std::map<int, int> most;
  for (const SignalModel& m : w.models.components)
    for (const auto& [setup, level] : m.setups)
      if (level.flights > most[setup]) {
        most[setup] = level.flights;
        w.model_of[setup] = &m;
      }
}

}  // namespace

const SignalModel* LinkWork::modelOf(int setup) const {
  const auto found = model_of.find(setup);
  return found == model_of.end() ? nullptr : found->second;
}

bool powerKnown(const LinkWork& w, const SignalModel& model) {
  return !w.power_unknown.contains(model.setups.begin()->first);  // a setup of unknown power stands alone
}

void fitModels(LinkWork& w) {
  gatherFlights(w);
  w.models = fitSignalModels(w.flights);
  indexModels(w);
  for (int flight : w.models.unusable) {
    const std::string& run = w.runId(static_cast<std::size_t>(flight));
    w.warn("too-short",
           {{"stretch", defaults::kCellWidth_m, quantity::Unit::Metre},
            {"beyond", defaults::kNearField_m, quantity::Unit::Metre}},
           run);
  }
  if (std::count_if(w.models.components.begin(), w.models.components.end(),
                    [&](const SignalModel& m) { return powerKnown(w, m); }) > 1)
    w.warn("no-common-places", {});
}

namespace {

/// The first stretch of the way out that fails any measured part of the rule.
std::optional<FirstFailure> firstFailingOf(const LinkWork& w, std::size_t run) {
  std::optional<FirstFailure> first;
  for (const auto& [part, seen] : w.reduced(run).rule) {
    const auto found =
        firstFailingStretch(seen.looks, seen.measure.wanted(), firstPlaceOf(w.campaign, w.campaign.runs[run]),
                            w.result.reductions[run].farthest_along_m);
    if (found && (!first || !first->failed || (found->failed && found->distance_m < first->distance_m)))
      first = FirstFailure{0, found->distance_m, found->failed};
  }
  return first;
}

}  // namespace

std::optional<FirstFailure> firstFailureOf(const LinkReduction& r) {
  std::optional<FirstFailure> first;
  for (const auto& [part, seen] : r.rule)
    if (const auto& f = seen.failure; f && (!first || !first->failed || (f->failed && f->distance_m < first->distance_m))) first = f;
  return first;
}

void fitFailures(LinkWork& w) {
  std::vector<FirstFailure> seconds;
  for (std::size_t run : w.runs) {
    const LinkReduction& r = w.reduced(run);
    if (r.reduced_db > 0) continue;  // its distances are those of a weaker link
    if (w.campaign.runs[run].legs == campaign::Legs::Back)
      continue;  // first failures are those of the way out
    if (std::optional<FirstFailure> first = firstFailureOf(r)) {
      first->setup = w.setup_of[run];
      seconds.push_back(*first);
    }
    if (std::optional<FirstFailure> first = firstFailingOf(w, run)) {
      first->setup = w.setup_of[run];
      w.failures.push_back(*first);
    }
  }
  w.reach = fitReach(seconds);
  w.path_reach = fitReach(w.failures);
}

void addProfile(LinkWork& w) {
  const auto found = std::find_if(w.models.components.begin(), w.models.components.end(),
                                  [&](const SignalModel& m) { return powerKnown(w, m); });
  if (found == w.models.components.end())
    return;  // what the transmitter did would look like the place's doing
  const SignalModel& model = *found;
  PlaceProfile profile{w.link.id, {}, {}, {}};
  std::vector<PlaceLevel> places = model.places;
  std::stable_sort(places.begin(), places.end(),
                   [](const PlaceLevel& a, const PlaceLevel& b) { return a.log_distance < b.log_distance; });
  for (const PlaceLevel& p : places) {
    profile.distance_m.push_back(std::pow(10, p.log_distance));
    profile.off_line_db.push_back(p.level_dbm - model.line.at(p.log_distance));
    profile.flights.push_back(p.flights);
  }
  w.result.places.push_back(std::move(profile));
  std::vector<CellResidual> residuals = model.residuals;
  std::stable_sort(residuals.begin(), residuals.end(), [](const CellResidual& a, const CellResidual& b) {
    return std::pair(a.flight, a.log_distance) < std::pair(b.flight, b.log_distance);
  });
  for (const CellResidual& r : residuals) {
    const auto flight = static_cast<std::size_t>(model.flights[static_cast<std::size_t>(r.flight)].flight);
    if (&r == &residuals.front() || r.flight != (&r - 1)->flight)
      w.result.residuals.push_back({w.runId(flight), w.link.id, {}, {}});
    w.result.residuals.back().distance_m.push_back(std::pow(10, r.log_distance));
    w.result.residuals.back().residual_db.push_back(r.residual_db);
  }
}

}  // namespace distanz::analysis

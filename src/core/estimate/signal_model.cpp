#include "core/estimate/signal_model.h"

#include <algorithm>
#include <cmath>

#include "core/estimate/components.h"
#include "core/estimate/decomposition.h"
#include "core/estimate/distribution.h"
#include "core/estimate/robust.h"

namespace distanz::estimate {
namespace {

/// One cell of one flight as it enters a fit; a censored one carries its current conditional mean.
struct Observation {
  int flight = 0;  // within the component
  int cell = 0;
  double log_distance = 0;
  double level_dbm = 0;
  bool censored = false, above = false;
  double bound_dbm = 0;
  int samples = 0;
  double variance_db2 = 0;
  bool called = false;
};

bool allCalled(const std::vector<Observation>& obs) {
  return std::all_of(obs.begin(), obs.end(), [](const Observation& o) { return o.called; });
}

/// Readings called out may be of single packets after all: flights then differ at the same posts by more than a display
/// and shadowing leave. By how much, dB^2.
double fadesBeyond(const SignalModel& model) {
  using namespace defaults;
  if (model.within_df < kWithinMinDf) return 0;
  return std::max(model.within_var_db2 - kCalledSd_db * kCalledSd_db - kUsualWithin_db * kUsualWithin_db, 0.0);
}

/// Of a single reading about its cell: from cells of several, else as usual.
double fadingOf(const std::vector<Observation>& obs) {
  double sum = 0;
  int known = 0;
  for (const Observation& o : obs)
    if (!o.censored && o.samples > 1) sum += o.variance_db2, ++known;
  if (allCalled(obs)) return defaults::kCalledSd_db * defaults::kCalledSd_db;
  return known >= defaults::kMinCells ? sum / known : defaults::kSingleFade_db * defaults::kSingleFade_db;
}

bool isOfFew(const Observation& o) {
  return !o.censored && o.samples > 0 && o.samples < defaults::kMinSamplesPerCell;
}

/// What a cell of few samples varies by above one of many.
double extraOf(const Observation& o, double fading_db2) {
  return isOfFew(o) ? fading_db2 * (1.0 / o.samples - 1 / defaults::kManySamples) : 0;
}

/// Puts cells of few readings where cells of many would lie.
void raiseFew(std::vector<Observation>& obs, double fading_db2) {
  for (Observation& o : obs)
    if (isOfFew(o)) o.level_dbm += defaults::kFewLean * std::sqrt(fading_db2);
}

/// How far that may be off, by how many of a setup's cells are of few.
void setLean(SignalModel& model, const std::vector<Observation>& obs, double fading_db2) {
  std::map<int, std::pair<double, double>> of;  // few, all
  for (const Observation& o : obs) {
    auto& [few, all] = of[model.flights[static_cast<std::size_t>(o.flight)].setup];
    few += isOfFew(o);
    ++all;
  }
  for (const auto& [setup, counts] : of)
    model.setups[setup].lean_sd_db = defaults::kFewLeanSd * std::sqrt(fading_db2) * counts.first / counts.second;
}

/// What that leaves of a place's level, above what as many full cells would: from the entries that see it.
std::vector<double> extraAtPlaces(const std::vector<Entry>& entries, std::size_t places, double within_db2) {
  const double full = std::max(within_db2, defaults::kLeastCellNoise_db2);
  std::vector<double> inverse(places, 0), seen(places, 0);
  for (const Entry& e : entries) {
    inverse[static_cast<std::size_t>(e.place)] += 1 / (full + e.extra_db2);
    ++seen[static_cast<std::size_t>(e.place)];
  }
  for (std::size_t k = 0; k < places; ++k) inverse[k] = std::max(1 / inverse[k] - full / seen[k], 0.0);
  return inverse;
}

void gatherPlaces(const std::vector<Observation>& obs, SignalModel& model, std::vector<int>& place_of) {
  std::map<int, std::pair<double, int>> sums;
  for (const Observation& o : obs) {
    sums[o.cell].first += o.log_distance;
    ++sums[o.cell].second;
  }
  model.places.clear();
  std::map<int, int> position;
  for (const auto& [cell, sum] : sums) {
    position[cell] = static_cast<int>(model.places.size());
    model.places.push_back({cell, sum.first / sum.second, 0, sum.second, 0});
  }
  place_of.clear();
  for (const Observation& o : obs) place_of.push_back(position[o.cell]);
}

/// Degrees of freedom of the spread between flights: flights less setups. Flights recorded together share
/// what the day did and count once; setups they join have one mean to lose between them.
int spreadDf(const SignalModel& model) {
  std::map<int, int> setup_root;
  for (const auto& [id, setup] : model.setups) setup_root[id] = id;
  const auto root = [&](int id) {
    while (setup_root[id] != id) id = setup_root[id];
    return id;
  };
  std::map<int, int> first_setup;  // by group
  int flights = 0;
  for (const FlightEffect& f : model.flights) {
    const auto [known, fresh] =
        f.group < 0 ? std::pair(first_setup.end(), true) : first_setup.emplace(f.group, f.setup);
    flights += fresh;
    if (!fresh) setup_root[root(f.setup)] = root(known->second);
  }
  int setups = 0;
  for (const auto& [id, parent] : setup_root) setups += id == parent;
  return flights - setups;
}

/// What few readings add to the variance of each flight's effect: their fading, and what shadows so few places.
std::vector<double> fewInFlights(const std::vector<Entry>& entries, std::size_t flights, double within_db2) {
  std::vector<double> weights(flights, 0), out(flights, 0);
  for (const Entry& e : entries) {
    const double w = weightOf(e);
    weights[static_cast<std::size_t>(e.flight)] += w;
    if (e.extra_db2 > 0) out[static_cast<std::size_t>(e.flight)] += w * w * (e.extra_db2 + within_db2);
  }
  for (std::size_t r = 0; r < flights; ++r) out[r] /= weights[r] * weights[r];
  return out;
}

/// @param few as fewInFlights()
void setLevels(SignalModel& model, const std::vector<double>& few) {
  model.setups.clear();
  model.flight_few_db2 = 0;
  for (std::size_t r = 0; r < model.flights.size(); ++r) {
    SetupLevel& setup = model.setups[model.flights[r].setup];
    setup.level_db += model.flights[r].level_db;
    setup.few_db2 += few[r];
    ++setup.flights;
    model.flight_few_db2 += few[r] / static_cast<double>(model.flights.size());
  }
  for (auto& [id, setup] : model.setups) {
    setup.level_db /= setup.flights;
    setup.few_db2 /= setup.flights;
  }
  double ss = 0;
  for (FlightEffect& f : model.flights) {
    f.off_setup_db = f.level_db - model.setups[f.setup].level_db;
    ss += f.off_setup_db * f.off_setup_db;
  }
  using namespace defaults;
  model.spread_df = spreadDf(model);
  const auto unshared = static_cast<double>(model.flights.size() - model.setups.size());
  if (unshared > 0) ss *= model.spread_df / unshared;  // deviations told twice by flights recorded together
  const ModeratedVariance v =
      moderatedVariance(ss, model.spread_df, std::sqrt(kFlightPriorSd_db * kFlightPriorSd_db + model.flight_few_db2), kFlightPriorDf,
                        std::sqrt(kUnusualSpread_db * kUnusualSpread_db + model.flight_few_db2));
  model.flight_df = v.df;
  model.flight_var_db2 = std::max(v.variance - model.flight_few_db2, kLeastLocalShare * v.variance);
  model.unusual_spread = v.unusual;
}

void setTotals(SignalModel& model, const Decomposition& parts) {
  const double within = parts.within_var_db2 * (1 - parts.mean_inverse_n);
  const double su2 = model.flight_var_db2, sc2 = model.line.place_var_db2;
  model.within_var_db2 = parts.within_var_db2;
  model.within_df = parts.within_df;
  model.total_sd_db = std::sqrt(su2 + sc2 + within);
  const double nu_x = std::max(
      (model.line.df - defaults::kPlacePriorDf) * parts.within_df / static_cast<double>(model.places.size()),
      1.0);
  // What was seen of place and flight has the fading of few readings in it: that was taken off, its scatter stays.
  const double seen_u2 = model.seenFlightVar_db2(), seen_c2 = sc2 + model.line.extra_db2, seen_x2 = within + parts.within_extra_db2,
               taken = model.line.extra_db2 + parts.within_extra_db2 + model.flight_few_db2;
  const double variance = 2 * seen_u2 * seen_u2 / model.flight_df + 2 * seen_c2 * seen_c2 / model.line.df +
                          model.line.place_var_var + 2 * seen_x2 * seen_x2 / nu_x +
                          std::pow(defaults::kFadingUnsure * taken, 2);
  model.total_sd_var = variance / (4 * model.total_sd_db * model.total_sd_db);
}

void setResidualSlopes(SignalModel& model, const std::vector<Observation>& obs, const Decomposition& parts) {
  struct Sums {
    double n = 0, x = 0, xx = 0, xe = 0, e = 0;
  };
  std::vector<Sums> sums(model.flights.size());
  for (std::size_t i = 0; i < obs.size(); ++i) {
    Sums& s = sums[static_cast<std::size_t>(obs[i].flight)];
    const double x = obs[i].log_distance, e = parts.residual_db[i];
    s.n += 1;
    s.x += x;
    s.xx += x * x;
    s.xe += x * e;
    s.e += e;
  }
  for (std::size_t r = 0; r < sums.size(); ++r) {
    const Sums& s = sums[r];
    const double spread = s.xx - s.x * s.x / s.n;
    model.flights[r].has_slope = spread > 1e-9;
    model.flights[r].residual_slope = model.flights[r].has_slope ? (s.xe - s.x * s.e / s.n) / spread : 0;
  }
}

/// Means per setup and the spread about them, for telling whether a gap changes with distance.
void poolSlopes(SignalModel& model) {
  for (const FlightEffect& f : model.flights)
    if (f.has_slope) {
      model.setups[f.setup].slope_db += f.residual_slope;
      ++model.setups[f.setup].slopes;
    }
  model.slope_ss = 0;
  model.slope_df = 0;
  for (auto& [id, setup] : model.setups)
    if (setup.slopes > 0) {
      setup.slope_db /= setup.slopes;
      model.slope_df += setup.slopes - 1;
    }
  for (const FlightEffect& f : model.flights)
    if (f.has_slope) model.slope_ss += std::pow(f.residual_slope - model.setups[f.setup].slope_db, 2);
}

/// Sections 2 to 4 on one set of observations.
void fitOnce(SignalModel& model, const std::vector<Observation>& obs, double fading) {
  std::vector<int> place_of;
  gatherPlaces(obs, model, place_of);
  std::vector<Entry> entries;
  for (std::size_t i = 0; i < obs.size(); ++i)
    entries.push_back({obs[i].flight, place_of[i], obs[i].level_dbm, extraOf(obs[i], fading)});
  const Decomposition parts =
      decompose(entries, static_cast<int>(model.flights.size()), static_cast<int>(model.places.size()));
  const std::vector<double> extra = extraAtPlaces(entries, model.places.size(), parts.within_var_db2);
  std::vector<double> x;
  for (std::size_t k = 0; k < model.places.size(); ++k) {
    model.places[k].level_dbm = parts.place_dbm[k];
    model.places[k].noise_db2 = parts.within_var_db2 / parts.flights_at[k] + extra[k];
    x.push_back(model.places[k].log_distance);
  }
  model.line = fitPlaceLine(x, parts.place_dbm, parts.flights_at, parts.within_var_db2, extra);
  for (std::size_t r = 0; r < model.flights.size(); ++r) model.flights[r].level_db = parts.flight_db[r];
  setLevels(model, fewInFlights(entries, model.flights.size(), parts.within_var_db2));
  setTotals(model, parts);
  setResidualSlopes(model, obs, parts);
  poolSlopes(model);
  model.residuals.clear();
  for (std::size_t i = 0; i < obs.size(); ++i)
    model.residuals.push_back({obs[i].flight, place_of[i], obs[i].log_distance, parts.residual_db[i]});
}

/// What of the within-flight spread is the local signal's own, and how it hangs together along the path.
void setLocalSpread(SignalModel& model, const std::vector<Observation>& obs, double fading) {
  using namespace defaults;
  std::vector<double> inside;
  for (const Observation& o : obs)
    if (!o.censored && o.samples > 1) inside.push_back(o.variance_db2);
  const double sample_var = model.sample_var_db2 = inside.empty() ? 0 : median(std::move(inside));
  double sampling = 0;
  int shared = 0;
  for (std::size_t i = 0; i < obs.size(); ++i) {
    CellResidual& r = model.residuals[i];
    r.sampling_var_db2 =
        obs[i].samples > 0 ? (isOfFew(obs[i]) ? fading : kMedianInefficiency * sample_var) / obs[i].samples : 0;
    if (model.places[static_cast<std::size_t>(r.place)].flights < 2) continue;
    sampling += std::max(r.sampling_var_db2 - extraOf(obs[i], fading), 0.0);  // the rest was taken out before
    ++shared;
  }
  if (shared > 0) sampling /= shared;
  // Where readings are called out, it is by readings that a flight is judged: what a display leaves of scatter is part of it.
  if (allCalled(obs)) sampling = fading - kCalledSd_db * kCalledSd_db;
  model.local_var_db2 = std::max(model.within_var_db2 - sampling, kLeastLocalShare * model.within_var_db2);
  double products = 0, squares = 0;
  int pairs = 0;
  for (std::size_t i = 0; i + 1 < model.residuals.size(); ++i) {
    const CellResidual &a = model.residuals[i], &b = model.residuals[i + 1];
    const auto index = [&](const CellResidual& r) {
      return model.places[static_cast<std::size_t>(r.place)].index;
    };
    if (a.flight != b.flight || index(b) != index(a) + 1) continue;
    products += a.residual_db * b.residual_db;
    squares += (a.residual_db * a.residual_db + b.residual_db * b.residual_db) / 2;
    ++pairs;
  }
  const double lag_one = pairs > 0 && squares > 0 ? products / squares : 0;
  model.neighbour_correlation = std::clamp(lag_one, kLeastNeighbour, kMostNeighbour);
}

void imputeCensored(const SignalModel& model, std::vector<Observation>& obs) {
  const double sd = std::sqrt(model.within_var_db2 + model.line.place_var_db2);
  for (Observation& o : obs) {
    if (!o.censored) continue;
    const double mean =
        model.flights[static_cast<std::size_t>(o.flight)].level_db + model.line.at(o.log_distance);
    const double side = o.above ? -1 : 1;
    o.level_dbm = mean - side * sd * inverseMills(side * (o.bound_dbm - mean) / sd);
  }
}

SignalModel fitComponent(const std::vector<ModelFlight>& flights, const std::vector<int>& members) {
  SignalModel model;
  std::vector<Observation> clean, all;
  for (int member : members) {
    const ModelFlight& f = flights[static_cast<std::size_t>(member)];
    const int r = static_cast<int>(model.flights.size());
    model.flights.push_back({member, f.setup});
    model.flights.back().group = f.group;
    model.flights.back().session = f.session;
    for (const Cell& c : f.cells.cells) {
      all.push_back(
          {r, c.index, c.log_distance, c.level_dbm, c.censored, c.above, c.level_dbm, c.samples, c.variance_db2, f.called});
      if (!c.censored) clean.push_back(all.back());
    }
  }
  double fading = fadingOf(clean);
  if (allCalled(clean)) {
    fitOnce(model, clean, fading);
    fading += fadesBeyond(model);
  }
  raiseFew(clean, fading);
  raiseFew(all, fading);
  fitOnce(model, clean, fading);
  model.censored = all.size() > clean.size();
  for (int pass = 0; model.censored && pass < defaults::kCensorPasses; ++pass) {
    imputeCensored(model, all);
    fitOnce(model, all, fading);
  }
  setLocalSpread(model, model.censored ? all : clean, fading);
  setLean(model, clean, fading);
  for (const FlightEffect& effect : model.flights)
    for (const Cell& c : flights[static_cast<std::size_t>(effect.flight)].last)
      if (!c.censored)
        model.last_seen.push_back(
            {c.index, c.log_distance, c.level_dbm - effect.level_db,
             model.local_var_db2 + defaults::kMedianInefficiency * model.sample_var_db2 / c.samples});
  return model;
}

int distinctCells(const std::vector<ModelFlight>& flights, const std::vector<int>& members) {
  std::vector<int> cells;
  for (int member : members)
    for (const Cell& c : flights[static_cast<std::size_t>(member)].cells.cells)
      if (!c.censored) cells.push_back(c.index);
  std::sort(cells.begin(), cells.end());
  return static_cast<int>(std::unique(cells.begin(), cells.end()) - cells.begin());
}

}  // namespace

double SignalModel::level_dbm(int setup, double distance_m) const {
  const auto found = setups.find(setup);
  return found == setups.end() ? NAN : found->second.level_db + line.at(std::log10(distance_m));
}

double SignalModel::levelVar_db2(int setup) const {
  const SetupLevel& level = setups.at(setup);
  return (flight_var_db2 + level.few_db2) / level.flights;
}

SignalModels fitSignalModels(const std::vector<ModelFlight>& flights) {
  SignalModels out;
  std::vector<int> usable;
  for (std::size_t i = 0; i < flights.size(); ++i)
    (flights[i].cells.usable() ? usable : out.unusable).push_back(static_cast<int>(i));
  for (const std::vector<int>& members : connectedFlights(flights, usable)) {
    if (distinctCells(flights, members) >= defaults::kMinCells)
      out.components.push_back(fitComponent(flights, members));
    else
      out.unusable.insert(out.unusable.end(), members.begin(), members.end());
  }
  std::stable_sort(
      out.components.begin(), out.components.end(),
      [](const SignalModel& a, const SignalModel& b) { return a.flights.size() > b.flights.size(); });
  return out;
}

}  // namespace distanz::estimate

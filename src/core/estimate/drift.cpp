#include "core/estimate/drift.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace distanz::estimate {
namespace {

constexpr double kTurnsApart = 1.5;  // flights: one setup's mean place from the other's

bool known(const SignalModel& model) {
  return std::all_of(model.flights.begin(), model.flights.end(),
                     [](const FlightEffect& f) { return std::isfinite(f.session); });
}

}  // namespace

double sessionMean(const SignalModel& model, int setup) {
  if (!known(model)) return 0;
  double sum = 0;
  int n = 0;
  for (const FlightEffect& f : model.flights)
    if (f.setup == setup) sum += f.session, ++n;
  return n > 0 ? sum / n : 0;
}

Drift driftOf(const SignalModel& model) {
  if (!known(model) || model.flights.empty()) return {};
  std::map<int, double> mean;
  for (const FlightEffect& f : model.flights) mean[f.setup] += f.session / model.setups.at(f.setup).flights;
  double products = 0, squares = 0;
  for (const FlightEffect& f : model.flights) {
    const double at = f.session - mean.at(f.setup);
    products += at * f.off_setup_db;
    squares += at * at;
  }
  const double prior = defaults::kDriftPriorSd_db * defaults::kDriftPriorSd_db;
  if (!(squares > 0) || !(model.seenFlightVar_db2() > 0)) return {0, prior};
  const double own = model.seenFlightVar_db2() / squares, trust = prior / (prior + own);
  return {trust * products / squares, prior * (1 - trust)};
}

bool flownInTurns(const SignalModel& model, int a, int b) {
  if (!known(model)) return true;
  std::vector<std::pair<double, int>> flights;
  for (const FlightEffect& f : model.flights)
    if (f.setup == a || f.setup == b) flights.emplace_back(f.session, f.setup);
  std::sort(flights.begin(), flights.end());
  double sum[2] = {0, 0};
  int n[2] = {0, 0};
  for (std::size_t i = 0; i < flights.size(); ++i) {
    const bool of_b = flights[i].second == b;
    sum[of_b] += static_cast<double>(i);
    ++n[of_b];
  }
  if (n[0] < 2 || n[1] < 2) return true;  // one flight of a setup comes before or after: that is no order
  return std::abs(sum[0] / n[0] - sum[1] / n[1]) <= kTurnsApart;
}

}  // namespace distanz::estimate

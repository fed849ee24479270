#include "core/estimate/local_level.h"

#include <algorithm>
#include <cmath>

#include "core/estimate/distribution.h"
#include "core/estimate/place_chain.h"
#include "core/finding/error.h"

namespace distanz::estimate {

namespace {

/// What is known of a normal once it is known to lie below a bound. Source: N. L. Johnson, S. Kotz & N.
/// Balakrishnan, Continuous Univariate Distributions 1 (1994), section 13.10.1.
LocalLevel belowOf(const LocalLevel& known, double bound_dbm) {
  const double sd = std::sqrt(known.variance_db2);
  if (!(sd > 0)) return {std::min(known.mean_dbm, bound_dbm), 0};
  const double z = (bound_dbm - known.mean_dbm) / sd;
  const double hazard = inverseMills(z);
  return {known.mean_dbm - sd * hazard, known.variance_db2 * std::max(1 - z * hazard - hazard * hazard, 0.0)};
}

}  // namespace

LocalLevels::LocalLevels(const SignalModel& model) : m_model(model), m_sample_var_db2(model.sample_var_db2) {
  std::vector<double> distance, noise, off;
  for (const PlaceLevel& p : model.places) {
    distance.push_back(std::pow(10, p.log_distance));
    noise.push_back(p.noise_db2);
    off.push_back(p.level_dbm - model.line.at(p.log_distance));
  }
  PlaceChain chain(distance, model.line.place_var_db2, model.line.correlation_m, noise);
  chain.smooth(off);
  const std::vector<double> variance = chain.variance();
  for (std::size_t k = 0; k < model.places.size(); ++k) {
    const PlaceLevel& p = model.places[k];
    m_places.push_back({p.index, p.log_distance, model.line.at(p.log_distance) + off[k], variance[k]});
  }
}

LocalLevels::Place LocalLevels::placeAt(int index, double log_distance) const {
  const auto after = std::lower_bound(m_places.begin(), m_places.end(), index,
                                      [](const Place& p, int i) { return p.index < i; });
  if (after != m_places.end() && after->index == index) return *after;
  // Beyond or between what was seen: what is left of the nearest place's shadowing.
  const Place& nearest = after == m_places.begin() ? *after : *std::prev(after);
  const double rho = std::exp(-std::abs(std::pow(10, log_distance) - std::pow(10, nearest.log_distance)) /
                              m_model.line.correlation_m);
  const double off = nearest.level_dbm - m_model.line.at(nearest.log_distance);
  return {index, log_distance, m_model.line.at(log_distance) + rho * off,
          rho * rho * nearest.variance_db2 + (1 - rho * rho) * m_model.line.place_var_db2};
}

LocalLevel LocalLevels::at(std::size_t flight, const StretchLook& look) const {
  if (flight >= m_model.flights.size() || m_places.empty()) throw DomainError("flight in model");
  const Place place = placeAt(look.index, look.log_distance);
  const double expected = m_model.flights[flight].level_db + place.level_dbm;
  const double own_var = m_model.local_var_db2 + place.variance_db2;  // before this flight is read
  if (!look.heard()) return {expected, own_var};
  if (look.below) return belowOf({expected, own_var}, look.level_dbm);
  const double reading_var = defaults::kMedianInefficiency * std::max(m_sample_var_db2, 0.1) / look.samples;
  const double trust = own_var / (own_var + reading_var);
  return {expected + trust * (look.level_dbm - expected), own_var * (1 - trust)};
}

}  // namespace distanz::estimate

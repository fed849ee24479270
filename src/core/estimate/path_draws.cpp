#include "core/estimate/path_draws.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

#include "core/estimate/drift.h"
#include "core/estimate/place_chain.h"
#include "core/estimate/strata.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

using dice::Random;

constexpr double kLeastNoise_db2 = 1e-4;
constexpr std::size_t kMostWithDrift = 40;  // setups: of more, each pair would have to be looked at
constexpr int kNearStretches = static_cast<int>(defaults::kNearField_m / defaults::kCellWidth_m);

std::size_t stretchesUpTo(double farthest_m) {
  const double end = std::min(defaults::kExtrapolation * farthest_m, defaults::kNoUpperLimit_m);
  return static_cast<std::size_t>(
      std::clamp(static_cast<int>(std::ceil(end / defaults::kCellWidth_m)) - kNearStretches, 1,
                 defaults::kPlacesOfAPath));
}

}  // namespace

Stretches Stretches::upTo(double farthest_m) const {
  Stretches out = *this;
  out.log_distance.resize(std::min(count(), stretchesUpTo(farthest_m)));
  return out;
}

Stretches stretchesOf(const SignalModel& model, int first_place, double farthest_m) {
  Stretches out;
  out.first_index = first_place + kNearStretches;
  out.start_m = defaults::kNearField_m;
  const std::size_t count = stretchesUpTo(farthest_m);
  // Where a stretch was not seen its distance follows from the last one seen: on a straight path its middle.
  std::vector<double> off(count, NAN);
  const auto middle = [&](std::size_t k) { return out.startOf(k) + defaults::kCellWidth_m / 2; };
  for (const PlaceLevel& p : model.places)
    if (const int k = p.index - out.first_index; k >= 0 && k < static_cast<int>(count))
      off[static_cast<std::size_t>(k)] = std::pow(10, p.log_distance) - middle(static_cast<std::size_t>(k));
  double last = 0;
  for (std::size_t k = 0; k < count; ++k) {
    const bool seen = std::isfinite(off[k]);
    if (seen) last = off[k];
    // Within half a stretch of its middle the path is straight and only the samples lie unevenly.
    const double shift = !seen && std::abs(last) <= defaults::kCellWidth_m / 2 ? 0 : last;
    out.log_distance.push_back(std::log10(std::max(middle(k) + shift, 1.0)));
  }
  return out;
}

std::vector<float> PathDraws::placesFor(int setup, std::size_t draw) const {
  const auto first = place_dbm.begin() + static_cast<std::ptrdiff_t>(draw * stretches.count());
  std::vector<float> out(first, first + static_cast<std::ptrdiff_t>(stretches.count()));
  if (const auto slopes = slope_db.find(setup); slopes != slope_db.end())
    for (std::size_t k = 0; k < out.size(); ++k)
      out[k] += static_cast<float>(slopes->second[draw] * (stretches.log_distance[k] - slope_centre));
  return out;
}

Stretches straightStretches(double farthest_m) {
  return stretchesOf({}, 0, farthest_m);
}

namespace {

bool allInTurns(const SignalModel& model) {
  for (auto a = model.setups.begin(); a != model.setups.end(); ++a)
    for (auto b = std::next(a); b != model.setups.end(); ++b)
      if (!flownInTurns(model, a->first, b->first)) return false;
  return true;
}

/// Setups that were not flown in turns stood in another part of the day: their levels are told for its
/// middle.
void addDrift(const SignalModel& model, Strata& strata, PathDraws& out) {
  if (model.setups.size() > kMostWithDrift || allInTurns(model)) return;
  const Drift drift = driftOf(model);
  const std::vector<double> z = strata.normals();
  for (auto& [setup, levels] : out.level_db) {
    const double at = sessionMean(model, setup);
    for (std::size_t m = 0; m < levels.size(); ++m)
      levels[m] -= at * (drift.db + std::sqrt(drift.variance_db2) * z[m]);
  }
}

/// Slopes of setups about that of all: as their flights show them, drawn towards none.
void addSlopes(const SignalModel& model, Strata& strata, PathDraws& out) {
  if (model.setups.size() < 2 || model.slope_df < 2 || !(model.slope_ss > 0)) return;
  const double prior = defaults::kSlopePriorSd_db * defaults::kSlopePriorSd_db,
               n = static_cast<double>(model.setups.size());
  double centre = 0;
  for (const CellResidual& r : model.residuals)
    centre += r.log_distance / static_cast<double>(model.residuals.size());
  out.slope_centre = centre;
  for (const auto& [setup, level] : model.setups) {
    if (level.slopes == 0) continue;
    const double own = model.slope_ss / model.slope_df / level.slopes, trust = prior / (prior + own);
    const double sd = std::sqrt(prior * (1 - trust) * (n - 1) / n);
    std::vector<double>& slopes = out.slope_db[setup];
    for (double z : strata.normals()) slopes.push_back(trust * level.slope_db + sd * z);
  }
}

/// Few readings lie off their middle, of all setups alike.
void addLean(const SignalModel& model, Strata& strata, PathDraws& out) {
  if (std::none_of(model.setups.begin(), model.setups.end(), [](const auto& s) { return s.second.lean_sd_db > 0; })) return;
  const std::vector<double> z = strata.normals();
  for (const auto& [setup, level] : model.setups)
    for (std::size_t m = 0; m < z.size(); ++m) out.level_db[setup][m] += level.lean_sd_db * z[m];
}

}  // namespace

PathDraws drawPath(const SignalModel& model, const Stretches& stretches, const CriticalLevel& critical,
                   std::uint64_t seed, int draws) {
  if (stretches.count() == 0 || draws < 1) throw DomainError("stretches and draws");
  Random random(seed);
  Strata strata(random, draws);
  PathDraws out;
  out.stretches = stretches;
  out.draws = draws;
  out.neighbour_correlation = model.neighbour_correlation;
  out.flight_sd_db = strata.sds(model.flight_var_db2, model.flight_df);
  out.within_sd_db = model.within_df > 0 ? strata.sds(model.local_var_db2, model.within_df)
                                         : std::vector<double>(static_cast<std::size_t>(draws), 0.0);
  for (double z : strata.normals())
    out.critical_dbm.push_back(critical.level_dbm + std::sqrt(critical.variance_db2) * z);
  for (const auto& [setup, level] : model.setups) {
    std::vector<double>& levels = out.level_db[setup];
    levels = strata.normals();
    for (std::size_t m = 0; m < levels.size(); ++m)
      levels[m] = level.level_db + levels[m] * std::sqrt((out.flight_sd_db[m] * out.flight_sd_db[m] + level.few_db2) / level.flights);
  }
  addDrift(model, strata, out);
  addSlopes(model, strata, out);
  addLean(model, strata, out);
  const std::vector<double> z0 = strata.normals(), z1 = strata.normals();
  const auto& v = model.line.covariance;
  const Eigen::Matrix2d covariance{{v[0][0], v[0][1]}, {v[1][0], v[1][1]}};
  const Eigen::Matrix2d root = Eigen::LLT<Eigen::Matrix2d>(covariance).matrixL();

  const std::size_t n = stretches.count();
  std::vector<double> seen_dbm(n, 0.0), weight(n, 0.0), noise, distance;
  for (double x : stretches.log_distance) distance.push_back(std::pow(10, x));
  const auto see = [&](int index, double level_dbm, double variance) {
    const int k = index - stretches.first_index;
    if (k < 0 || k >= static_cast<int>(n)) return;
    const double w = 1 / std::max(variance, kLeastNoise_db2);
    double &mean = seen_dbm[static_cast<std::size_t>(k)], &sum = weight[static_cast<std::size_t>(k)];
    mean += (level_dbm - mean) * w / (sum + w);
    sum += w;
  };
  for (const PlaceLevel& p : model.places) see(p.index, p.level_dbm, p.noise_db2);
  for (const LastSeen& l : model.last_seen) see(l.index, l.level_dbm, l.variance_db2);
  for (double w : weight) noise.push_back(w > 0 ? 1 / w : INFINITY);
  PlaceChain chain(distance, model.line.place_var_db2, model.line.correlation_m, noise);
  out.place_dbm.reserve(n * static_cast<std::size_t>(draws));
  std::vector<double> line(n), place(n);
  for (std::size_t m = 0; m < static_cast<std::size_t>(draws); ++m) {
    const Eigen::Vector2d b =
        Eigen::Vector2d(model.line.coefficient.data()) + root * Eigen::Vector2d(z0[m], z1[m]);
    for (std::size_t k = 0; k < n; ++k) {
      line[k] = b[0] + b[1] * (stretches.log_distance[k] - model.line.centre);
      place[k] = seen_dbm[k] - line[k];
    }
    chain.draw(place, random);
    for (std::size_t k = 0; k < n; ++k) out.place_dbm.push_back(static_cast<float>(line[k] + place[k]));
  }
  return out;
}

}  // namespace distanz::estimate

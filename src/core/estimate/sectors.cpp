#include "core/estimate/sectors.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

#include "core/estimate/distribution.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

using Group = std::vector<const SectorValue*>;

/// Sectors that groups hold together, as the root of each.
struct Together {
  std::vector<int> parent;
  explicit Together(int n) : parent(static_cast<std::size_t>(n)) { std::iota(parent.begin(), parent.end(), 0); }
  int root(int s) {
    while (parent[static_cast<std::size_t>(s)] != s) s = parent[static_cast<std::size_t>(s)];
    return s;
  }
  void join(int a, int b) { parent[static_cast<std::size_t>(root(a))] = root(b); }
};

std::vector<Group> groupsOf(const std::vector<const SectorValue*>& values) {
  std::map<int, Group> by;
  for (const SectorValue* v : values) by[v->group].push_back(v);
  std::vector<Group> out;
  for (auto& [id, group] : by)
    if (group.size() > 1) out.push_back(std::move(group));
  return out;
}

/// Effect by sector, mean 0 over those told; NaN for the rest.
std::vector<double> effectsOf(const std::vector<const SectorValue*>& values, int n) {
  std::vector<double> out(static_cast<std::size_t>(n), NAN);
  const std::vector<Group> groups = groupsOf(values);
  Together together(n);
  std::vector<double> weight(static_cast<std::size_t>(n), 0);
  for (const Group& g : groups)
    for (const SectorValue* v : g) {
      together.join(v->sector, g.front()->sector);
      weight[static_cast<std::size_t>(v->sector)] += v->weight;
    }
  std::map<int, double> parts;
  for (int s = 0; s < n; ++s) parts[together.root(s)] += weight[static_cast<std::size_t>(s)];
  const auto most = std::max_element(parts.begin(), parts.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
  if (most == parts.end() || !(most->second > 0)) return out;
  std::vector<int> told;
  for (int s = 0; s < n; ++s)
    if (weight[static_cast<std::size_t>(s)] > 0 && together.root(s) == most->first) told.push_back(s);
  if (told.size() < 2) return out;
  std::vector<int> at(static_cast<std::size_t>(n), -1);
  for (std::size_t i = 0; i < told.size(); ++i) at[static_cast<std::size_t>(told[i])] = static_cast<int>(i);
  const auto size = static_cast<Eigen::Index>(told.size());
  Eigen::MatrixXd normal = Eigen::MatrixXd::Ones(size, size);  // holds the sum at 0
  Eigen::VectorXd right = Eigen::VectorXd::Zero(size);
  for (const Group& g : groups) {
    if (at[static_cast<std::size_t>(g.front()->sector)] < 0) continue;
    double total = 0, mean = 0;
    for (const SectorValue* v : g) total += v->weight, mean += v->weight * v->level_db;
    mean /= total;
    for (const SectorValue* v : g) {
      const auto i = at[static_cast<std::size_t>(v->sector)];
      right[i] += v->weight * (v->level_db - mean);
      normal(i, i) += v->weight;
      for (const SectorValue* u : g) normal(i, at[static_cast<std::size_t>(u->sector)]) -= v->weight * u->weight / total;
    }
  }
  const Eigen::VectorXd effect = normal.ldlt().solve(right);
  for (std::size_t i = 0; i < told.size(); ++i) out[static_cast<std::size_t>(told[i])] = effect[static_cast<Eigen::Index>(i)];
  return out;
}

/// A flight's own effects, laid on those of all by the sectors that both tell.
std::vector<double> laidOn(std::vector<double> own, const std::vector<double>& all) {
  double off = 0;
  int n = 0;
  for (std::size_t s = 0; s < own.size(); ++s)
    if (std::isfinite(own[s]) && std::isfinite(all[s])) off += all[s] - own[s], ++n;
  for (double& v : own) v += n > 0 ? off / n : NAN;
  return own;
}

}  // namespace

SectorEffects fitSectors(const std::vector<SectorValue>& values, int sectors) {
  requirePositive(sectors, "sectors");
  SectorEffects out;
  out.effect_db.resize(static_cast<std::size_t>(sectors));
  out.flights.assign(static_cast<std::size_t>(sectors), 0);
  std::vector<const SectorValue*> all;
  std::map<int, std::vector<const SectorValue*>> by_flight;
  for (const SectorValue& v : values) {
    all.push_back(&v);
    by_flight[v.flight].push_back(&v);
  }
  const std::vector<double> effects = effectsOf(all, sectors);
  double squares = 0, df = 0;
  for (const auto& [flight, own] : by_flight) {
    const std::vector<double> seen = laidOn(effectsOf(own, sectors), effects);
    int told = 0;
    for (std::size_t s = 0; s < seen.size(); ++s) {
      if (!std::isfinite(seen[s]) || !std::isfinite(effects[s])) continue;
      squares += (seen[s] - effects[s]) * (seen[s] - effects[s]);
      ++out.flights[s];
      ++told;
    }
    df += std::max(told - 1, 0);
  }
  const auto told = static_cast<double>(std::count_if(effects.begin(), effects.end(), [](double e) { return std::isfinite(e); }));
  df = std::max(df - std::max(told - 1, 0.0), 0.0);
  const double prior = defaults::kFlightPriorSd_db * defaults::kFlightPriorSd_db;
  const double nu = df + defaults::kFlightPriorDf, variance = (squares + defaults::kFlightPriorDf * prior) / nu;
  for (std::size_t s = 0; s < effects.size(); ++s) {
    if (!std::isfinite(effects[s])) continue;
    const double half = tQuantile(0.975, nu) * std::sqrt(variance / std::max(out.flights[s], 1));
    out.effect_db[s] = Interval{effects[s], effects[s] - half, effects[s] + half};
    ++out.seen;
  }
  return out;
}

}  // namespace distanz::estimate

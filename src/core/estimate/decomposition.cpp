#include "core/estimate/decomposition.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/estimate/defaults.h"
#include "core/estimate/robust.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

struct Side {
  Eigen::VectorXd weight, weighted;  // sums of w and of w*y
};

struct Problem2 {
  const std::vector<Entry>& entries;
  std::vector<double> w;
  int flights, places;
};

/// Solves for the effects on one side after eliminating the other. `kept` and `other` pick the entry's index
/// on each side.
template <class Kept, class Other>
Eigen::VectorXd solveSide(const Problem2& p, const Side& kept_side, const Side& other_side,
                          const std::vector<std::vector<int>>& by_other, Kept kept, Other other) {
  const auto n = kept_side.weight.size();
  Eigen::MatrixXd m = kept_side.weight.asDiagonal();
  Eigen::VectorXd rhs = kept_side.weighted;
  for (const auto& group : by_other)
    for (int i : group) {
      const auto& a = p.entries[static_cast<std::size_t>(i)];
      const double share = p.w[static_cast<std::size_t>(i)] / other_side.weight[other(a)];
      rhs[kept(a)] -= share * other_side.weighted[other(a)];
      for (int j : group)
        m(kept(a), kept(p.entries[static_cast<std::size_t>(j)])) -= share * p.w[static_cast<std::size_t>(j)];
    }
  m.array() +=
      kept_side.weight.mean() / static_cast<double>(n);  // fixes the free constant: the effects sum to 0
  const Eigen::LLT<Eigen::MatrixXd> llt(m);
  if (llt.info() != Eigen::Success) throw DomainError("flights connected by places");
  return llt.solve(rhs);
}

int flightOf(const Entry& e) {
  return e.flight;
}
int placeOf(const Entry& e) {
  return e.place;
}

template <class Index>
Side sums(const Problem2& p, int n, Index index) {
  Side side{Eigen::VectorXd::Zero(n), Eigen::VectorXd::Zero(n)};
  for (std::size_t i = 0; i < p.entries.size(); ++i) {
    side.weight[index(p.entries[i])] += p.w[i];
    side.weighted[index(p.entries[i])] += p.w[i] * p.entries[i].level_dbm;
  }
  return side;
}

template <class Index>
std::vector<std::vector<int>> grouped(const Problem2& p, int n, Index index) {
  std::vector<std::vector<int>> groups(static_cast<std::size_t>(n));
  for (std::size_t i = 0; i < p.entries.size(); ++i)
    groups[static_cast<std::size_t>(index(p.entries[i]))].push_back(static_cast<int>(i));
  return groups;
}

/// Effects of the other side once one side is known: weighted mean of what is left.
template <class Index, class Known>
Eigen::VectorXd backSolve(const Problem2& p, const Side& side, const Eigen::VectorXd& known, Index index,
                          Known knownIndex) {
  Eigen::VectorXd effect = side.weighted;
  for (std::size_t i = 0; i < p.entries.size(); ++i)
    effect[index(p.entries[i])] -= p.w[i] * known[knownIndex(p.entries[i])];
  return effect.cwiseQuotient(side.weight);
}

void solveOnce(const Problem2& p, Decomposition& out) {
  const Side flight = sums(p, p.flights, flightOf), place = sums(p, p.places, placeOf);
  Eigen::VectorXd u, c;
  if (p.flights <= p.places) {
    u = solveSide(p, flight, place, grouped(p, p.places, placeOf), flightOf, placeOf);
    c = backSolve(p, place, u, placeOf, flightOf);
  } else {
    c = solveSide(p, place, flight, grouped(p, p.flights, flightOf), placeOf, flightOf);
    u = backSolve(p, flight, c, flightOf, placeOf);
    const double shift = u.mean();
    u.array() -= shift;
    c.array() += shift;
  }
  out.flight_db.assign(u.begin(), u.end());
  out.place_dbm.assign(c.begin(), c.end());
  for (std::size_t i = 0; i < p.entries.size(); ++i)
    out.residual_db[i] = p.entries[i].level_dbm - u[p.entries[i].flight] - c[p.entries[i].place];
}

}  // namespace

double weightOf(const Entry& e) {
  return defaults::kFullCell_db2 / (defaults::kFullCell_db2 + e.extra_db2);
}

Decomposition decompose(const std::vector<Entry>& entries, int flights, int places) {
  Decomposition out;
  out.residual_db.resize(entries.size());
  out.flights_at.assign(static_cast<std::size_t>(std::max(places, 0)), 0);
  for (const Entry& e : entries) {
    if (e.flight < 0 || e.flight >= flights || e.place < 0 || e.place >= places)
      throw DomainError("entry within its component");
    ++out.flights_at[static_cast<std::size_t>(e.place)];
  }
  double per_entry = 0;
  std::vector<std::size_t> shared;
  for (std::size_t i = 0; i < entries.size(); ++i) {
    const int n = out.flights_at[static_cast<std::size_t>(entries[i].place)];
    per_entry += n;
    if (n >= 2) shared.push_back(i);
  }
  per_entry /= static_cast<double>(entries.size());
  const auto sharedMad = [&] {
    std::vector<double> e;
    for (std::size_t i : shared) e.push_back(out.residual_db[i]);
    return e.empty() ? 0.0 : defaults::kMadToSd * medianAbsolute(std::move(e));
  };

  Problem2 problem{entries, {}, flights, places};
  for (const Entry& e : entries) problem.w.push_back(weightOf(e));
  const bool reweight = shared.size() >= static_cast<std::size_t>(defaults::kHuberMinEntries) && flights >= 2;
  for (int pass = 0; pass < (reweight ? defaults::kHuberPasses : 1); ++pass) {
    solveOnce(problem, out);
    if (!reweight) break;
    const double scale = sharedMad() / std::sqrt(std::max(1 - 1 / per_entry, 0.4)) + 1e-6;
    for (std::size_t i = 0; i < entries.size(); ++i)
      problem.w[i] = weightOf(entries[i]) *
                     std::min(1.0, defaults::kHuber * scale / std::max(std::abs(out.residual_db[i]), 1e-300));
  }

  for (int n : out.flights_at) {
    if (n >= 2) out.within_df += n - 1;
    out.mean_inverse_n += 1.0 / n;
  }
  out.mean_inverse_n /= static_cast<double>(places);
  if (out.within_df >= defaults::kWithinMinDf) {
    const double clip = defaults::kWithinClip * (sharedMad() + 1e-6);
    double extra = 0;
    for (std::size_t i : shared) {
      out.within_var_db2 += std::pow(std::clamp(out.residual_db[i], -clip, clip), 2);
      extra += entries[i].extra_db2;
    }
    out.within_var_db2 /= out.within_df;
    if (extra > 0) {
      const double all = out.within_var_db2;
      out.within_var_db2 = std::max(all - extra / static_cast<double>(shared.size()), defaults::kLeastLocalShare * all);
      out.within_extra_db2 = all - out.within_var_db2;
    }
  }
  return out;
}

}  // namespace distanz::estimate

#include "core/estimate/critical_level.h"

#include <Eigen/LU>
#include <algorithm>
#include <array>
#include <cmath>

#include "core/estimate/distribution.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

using Eigen::Matrix2d, Eigen::Vector2d;

/// A standard normal at equal steps, close enough for what one stretch tells by itself: some tenths of a dB.
/// (Gauss & Hermite's few nodes fall beside it.)
struct Node {
  double z, weight;
};
constexpr int kNodes = 25;
constexpr double kReach = 3.4;  // sd

const std::array<Node, kNodes>& nodes() {
  static const std::array<Node, kNodes> all = [] {
    std::array<Node, kNodes> out;
    double sum = 0;
    for (int i = 0; i < kNodes; ++i) {
      out[static_cast<std::size_t>(i)].z = kReach * (2.0 * i / (kNodes - 1) - 1);
      sum += out[static_cast<std::size_t>(i)].weight = normalPdf(out[static_cast<std::size_t>(i)].z);
    }
    for (Node& n : out) n.weight /= sum;
    return out;
  }();
  return all;
}

// The curve's steepness, per dB: of a bare receiver over 1, of one that fades hard 0.3.
constexpr double kSteepPrior = 1, kSteepLogSd = 1;
// Of looks that something else than the signal decides: interference, a log that hiccups.
constexpr double kOtherShare = 0.01;
constexpr int kNewtonSteps = 40;
constexpr double kSafe = 20;  // of the logistic's argument: failing is out of the question

double spreadOf(const RuleLook& look) {
  return std::sqrt(look.variance_db2 + defaults::kStretchUneven_db * defaults::kStretchUneven_db);
}

/// Likelihood of what was kept where any share is as likely as another.
double anyShare(const RuleLook& look) {
  const double kept = look.weight * look.kept, lost = look.weight - kept;
  return std::exp(std::lgamma(kept + 1) + std::lgamma(lost + 1) - std::lgamma(look.weight + 2));
}

struct Likelihood {
  const std::vector<std::vector<RuleLook>>& flights;
  double logit;  // of what is wanted

  /// Of what was kept, given the level. @param p critical level, dBm; ln of the steepness
  double ofLook(const RuleLook& look, const Vector2d& p) const {
    const double steep = std::exp(p[1]), sd = spreadOf(look);
    double likelihood = 0;
    for (const Node& node : nodes()) {
      const double x = logit + steep * (look.level_dbm + sd * node.z - p[0]);
      // ln of the logistic and of its complement, without overflow.
      const double ln_kept = x > 0 ? -std::log1p(std::exp(-x)) : x - std::log1p(std::exp(x));
      likelihood +=
          node.weight * std::exp(look.weight * (look.kept * ln_kept + (1 - look.kept) * (ln_kept - x)));
    }
    return likelihood;
  }
  /// Far above the level and all kept: nothing to learn.
  bool safe(const RuleLook& look, const Vector2d& p) const {
    return look.kept == 1 &&
           logit + std::exp(p[1]) * (look.level_dbm - kReach * spreadOf(look) - p[0]) > kSafe;
  }
  double ofFlight(const std::vector<RuleLook>& looks, const Vector2d& p) const {
    double sum = 0;
    for (const RuleLook& look : looks)
      if (!safe(look, p)) sum += std::log((1 - kOtherShare) * ofLook(look, p) + kOtherShare * anyShare(look));
    return sum;
  }
  /// Chance that something else than the signal made the look what it is.
  double other(const RuleLook& look, const Vector2d& p) const {
    if (safe(look, p)) return 0;
    const double by_signal = (1 - kOtherShare) * ofLook(look, p), by_other = kOtherShare * anyShare(look);
    return by_other / (by_signal + by_other);
  }
  double prior(const Vector2d& p) const {
    const double off = (p[1] - std::log(kSteepPrior)) / kSteepLogSd;
    return -0.5 * off * off;
  }
  double operator()(const Vector2d& p) const {
    double sum = prior(p);
    for (const auto& looks : flights) sum += ofFlight(looks, p);
    return sum;
  }
};

constexpr double kStep[] = {0.05, 0.05};  // of the numerical derivatives: dB, ln

template <class F>
Vector2d gradient(const F& f, const Vector2d& p) {
  Vector2d g;
  for (int i = 0; i < 2; ++i) {
    Vector2d up = p, down = p;
    up[i] += kStep[i];
    down[i] -= kStep[i];
    g[i] = (f(up) - f(down)) / (2 * kStep[i]);
  }
  return g;
}

Matrix2d curvature(const Likelihood& f, const Vector2d& p) {
  Matrix2d h;
  for (int i = 0; i < 2; ++i) {
    Vector2d up = p, down = p;
    up[i] += kStep[i];
    down[i] -= kStep[i];
    h.col(i) = (gradient(f, up) - gradient(f, down)) / (2 * kStep[i]);
  }
  return -0.5 * (h + h.transpose());
}

/// Newton's steps, made to climb: damped until the likelihood rises.
Vector2d highest(const Likelihood& f, Vector2d p) {
  double best = f(p);
  for (int step = 0; step < kNewtonSteps; ++step) {
    const Vector2d g = gradient(f, p);
    const Matrix2d h = curvature(f, p);
    bool climbed = false;
    for (double damp = 0; damp < 1e7 && !climbed;
         damp = damp == 0 ? 1e-2 * h.trace() * (h.trace() > 0 ? 1 : -1) + 1e-3 : damp * 6) {
      const Matrix2d damped = h + damp * Matrix2d::Identity();
      if (!(damped.determinant() > 0) || !(damped(0, 0) > 0)) continue;
      const Vector2d next = p + damped.inverse() * g;
      const double value = f(next);
      if (!(value > best)) continue;
      climbed = value - best > 1e-9;
      best = value;
      p = next;
      break;
    }
    if (!climbed) break;
  }
  return p;
}

/// The best of a coarse grid over the levels seen.
Vector2d startOf(const Likelihood& f, double low_dbm, double high_dbm) {
  constexpr int kLevels = 20;
  Vector2d best(low_dbm, 0);
  double most = -INFINITY;
  for (int i = 0; i <= kLevels; ++i)
    for (double steep : {0.3, 0.8, 2.0}) {
      const Vector2d p(low_dbm + (high_dbm - low_dbm) * i / kLevels, std::log(steep));
      if (const double value = f(p); value > most) {
        most = value;
        best = p;
      }
    }
  return best;
}

/// Variance of the level: between flights where several saw the rule fail, never less than the likelihood's
/// own.
double varianceOf(const Likelihood& f, const Vector2d& p, int failing_flights) {
  const double least = std::pow(defaults::kCriticalMinSd_db, 2),
               lone = std::pow(defaults::kCriticalLoneSd_db, 2);
  const Matrix2d h = curvature(f, p);
  if (!(h.determinant() > 0) || !(h(0, 0) > 0)) return lone;
  const Matrix2d inverse = h.inverse();
  if (failing_flights < 2) return std::max(inverse(0, 0), lone);
  Matrix2d between = Matrix2d::Zero();
  for (const auto& looks : f.flights) {
    const Vector2d g = gradient([&](const Vector2d& at) { return f.ofFlight(looks, at); }, p);
    between += g * g.transpose();
  }
  const double n = failing_flights;
  const double by_flights = (inverse * between * inverse)(0, 0) * n / (n - 1);
  return std::max({by_flights, inverse(0, 0), least});
}

}  // namespace

std::optional<RuleFit> criticalFromLooks(const std::vector<std::vector<RuleLook>>& flights, double wanted) {
  if (!(wanted > 0 && wanted < 1)) throw DomainError("0 < wanted < 1");
  double low = INFINITY, high = -INFINITY;
  int failing = 0, keeping = 0, failing_flights = 0;
  for (const auto& looks : flights) {
    bool fails = false;
    for (const RuleLook& look : looks) {
      low = std::min(low, look.level_dbm);
      high = std::max(high, look.level_dbm);
      const bool below = look.kept < wanted;
      failing += below;
      keeping += !below;
      fails = fails || below;
    }
    failing_flights += fails;
  }
  if (failing < defaults::kCriticalMinFailing || keeping == 0 || !(high > low)) return std::nullopt;
  const Likelihood f{flights, std::log(wanted / (1 - wanted))};
  const Vector2d p = highest(f, startOf(f, low, high));
  if (!(p[0] >= low && p[0] <= high)) return std::nullopt;
  RuleFit fit{{p[0], varianceOf(f, p, failing_flights)}, {}};
  for (const auto& looks : flights) {
    std::vector<double>& other = fit.other.emplace_back();
    for (const RuleLook& look : looks) other.push_back(f.other(look, p));
  }
  return fit;
}

}  // namespace distanz::estimate

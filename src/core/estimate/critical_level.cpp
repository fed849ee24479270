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
constexpr double kSafe = 14;  // of the logistic's argument: failing is out of the question

/// A look as the likelihood takes it.
struct Weighed {
  double level_dbm, sd_db;
  double weight, lost;  // rows that count; share not kept
  double any;           // likelihood of what was kept where any share is as likely as another

  explicit Weighed(const RuleLook& look)
      : level_dbm(look.level_dbm),
        sd_db(std::hypot(std::sqrt(look.variance_db2), defaults::kStretchUneven_db)),
        weight(look.weight),
        lost(1 - look.kept),
        any(std::exp(std::lgamma(weight * look.kept + 1) + std::lgamma(weight * lost + 1) -
                     std::lgamma(weight + 2))) {}
};

struct Likelihood {
  std::vector<std::vector<Weighed>> flights;
  double logit;  // of what is wanted

  Likelihood(const std::vector<std::vector<RuleLook>>& looks, double wanted)
      : logit(std::log(wanted / (1 - wanted))) {
    for (const auto& flight : looks) flights.emplace_back(flight.begin(), flight.end());
  }

  /// Of what was kept at an exact level.
  double at(const Weighed& look, double level_dbm, const Vector2d& p, double steep) const {
    const double x = logit + steep * (level_dbm - p[0]);
    // ln of the logistic without overflow; that of its complement is less by x.
    const double ln_kept = x > 0 ? -std::log1p(std::exp(-x)) : x - std::log1p(std::exp(x));
    return std::exp(look.weight * (ln_kept - look.lost * x));
  }
  /// Of what was kept, given how well the level is known. @param p critical level, dBm; ln of the steepness
  double bySignal(const Weighed& look, const Vector2d& p) const {
    const double steep = std::exp(p[1]);
    // Far above the level and all kept, or far below and all lost: certain.
    const double x = logit + steep * (look.level_dbm - p[0]), reach = kSafe + steep * kReach * look.sd_db;
    if ((look.lost == 0 && x > reach) || (look.lost == 1 && x < -reach)) return 1;
    double likelihood = 0;
    for (const Node& node : nodes())
      likelihood += node.weight * at(look, look.level_dbm + look.sd_db * node.z, p, steep);
    return likelihood;
  }
  double ofFlight(const std::vector<Weighed>& looks, const Vector2d& p) const {
    double sum = 0;
    for (const Weighed& look : looks)
      sum += std::log((1 - kOtherShare) * bySignal(look, p) + kOtherShare * look.any);
    return sum;
  }
  /// Chance that something else than the signal made the look what it is.
  double other(const Weighed& look, const Vector2d& p) const {
    const double by_signal = (1 - kOtherShare) * bySignal(look, p), by_other = kOtherShare * look.any;
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
  /// The same as if every level were known exactly: close enough to start from.
  double roughly(const Vector2d& p) const {
    double sum = prior(p);
    const double steep = std::exp(p[1]);
    for (const auto& looks : flights)
      for (const Weighed& look : looks)
        sum += std::log((1 - kOtherShare) * at(look, look.level_dbm, p, steep) + kOtherShare * look.any);
    return sum;
  }
};

constexpr double kStep = 0.05;  // of the numerical derivatives: dB, ln

struct Derivatives {
  Vector2d slope;
  Matrix2d curvature;  // of the negative
};

template <class F>
Derivatives derivativesOf(const F& f, const Vector2d& p) {
  const auto at = [&](double i, double j) { return f(Vector2d(p[0] + i * kStep, p[1] + j * kStep)); };
  const double middle = f(p), up0 = at(1, 0), down0 = at(-1, 0), up1 = at(0, 1), down1 = at(0, -1);
  const double cross = (at(1, 1) - at(1, -1) - at(-1, 1) + at(-1, -1)) / 4;
  Derivatives d;
  d.slope << (up0 - down0) / (2 * kStep), (up1 - down1) / (2 * kStep);
  d.curvature << 2 * middle - up0 - down0, -cross, -cross, 2 * middle - up1 - down1;
  d.curvature /= kStep * kStep;
  return d;
}

/// Newton's steps, made to climb: damped until the likelihood rises.
Vector2d highest(const Likelihood& f, Vector2d p) {
  double best = f(p);
  for (int step = 0; step < kNewtonSteps; ++step) {
    const auto [g, h] = derivativesOf(f, p);
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
      if (const double value = f.roughly(p); value > most) {
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
  const Matrix2d h = derivativesOf(f, p).curvature;
  if (!(h.determinant() > 0) || !(h(0, 0) > 0)) return lone;
  const Matrix2d inverse = h.inverse();
  if (failing_flights < 2) return std::max(inverse(0, 0), lone);
  Matrix2d between = Matrix2d::Zero();
  for (const auto& looks : f.flights) {
    const Vector2d g = derivativesOf([&](const Vector2d& at) { return f.ofFlight(looks, at); }, p).slope;
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
  const Likelihood f(flights, wanted);
  const Vector2d p = highest(f, startOf(f, low, high));
  if (!(p[0] >= low && p[0] <= high)) return std::nullopt;
  RuleFit fit{{p[0], varianceOf(f, p, failing_flights)}, {}};
  for (const auto& looks : f.flights) {
    std::vector<double>& other = fit.other.emplace_back();
    for (const Weighed& look : looks) other.push_back(f.other(look, p));
  }
  return fit;
}

}  // namespace distanz::estimate

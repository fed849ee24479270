#include "core/bench/walk.h"

#include <cmath>

#include "core/bench/two_means.h"
#include "core/estimate/distribution.h"
#include "core/finding/error.h"

namespace distanz::bench {
namespace {

constexpr double kPaced = 0.02;  // a paced distance is no better known than to 2 %

std::vector<double> logarithms(const std::vector<double>& distances_m) {
  std::vector<double> out;
  for (double d : distances_m) {
    requirePositive(d, "distance_m");
    out.push_back(std::log(d));
  }
  return out;
}

Spread meanOf(const std::vector<double>& logs) {
  const auto n = static_cast<double>(logs.size());
  double mean = 0, square = 0;
  for (double v : logs) mean += v / n;
  for (double v : logs) square += (v - mean) * (v - mean);
  Spread out{std::exp(mean), {}, {}};
  if (logs.size() < 2) return out;
  const double sd = std::max(std::sqrt(square / (n - 1)), kPaced);
  const double half = estimate::tQuantile(0.975, n - 1) * sd / std::sqrt(n);
  out.low = std::exp(mean - half);
  out.high = std::exp(mean + half);
  return out;
}

double percent(double log_ratio) {
  return 100 * (std::exp(log_ratio) - 1);
}

}  // namespace

Walk walkOf(const std::vector<double>& before_m, const std::vector<double>& after_m) {
  if (before_m.empty()) throw DomainError("a distance before");
  const std::vector<double> before = logarithms(before_m), after = logarithms(after_m);
  Walk out;
  out.before_m = meanOf(before);
  if (after.empty()) return out;
  out.after_m = meanOf(after);
  const TwoMeans apart = twoMeans(after, before, kPaced);
  out.change_pct = Spread{percent(apart.difference), {}, {}};
  if (!std::isfinite(apart.low)) return out;
  out.change_pct->low = percent(apart.low);
  out.change_pct->high = percent(apart.high);
  out.sure = apart.low > 0 || apart.high < 0;
  return out;
}

WalkChain chainOf(const std::vector<WalkChange>& changes) {
  double sum = 0, variance = 0, weights = 0;
  for (const WalkChange& c : changes) {
    const TwoMeans apart = twoMeans(logarithms(c.after_m), logarithms(c.before_m), kPaced);
    sum += apart.difference;
    variance += apart.variance;
    weights += apart.variance * apart.variance / apart.df;
  }
  WalkChain out{{percent(sum), {}, {}}, false};
  if (!std::isfinite(variance) || !(weights > 0)) return out;
  const double half = estimate::tQuantile(0.975, variance * variance / weights) * std::sqrt(variance);
  out.change_pct.low = percent(sum - half);
  out.change_pct.high = percent(sum + half);
  out.sure = sum - half > 0 || sum + half < 0;
  return out;
}

Spread atFullPower_m(const Spread& walked_m, double reduced_db, const Spread& exponent) {
  Spread out = standsFor_m(walked_m.estimate, reduced_db, exponent);
  const Spread low = standsFor_m(walked_m.low.value_or(walked_m.estimate), reduced_db, exponent),
               high = standsFor_m(walked_m.high.value_or(walked_m.estimate), reduced_db, exponent);
  if (!walked_m.low && !exponent.low) return out;
  out.low = low.low.value_or(low.estimate);
  out.high = high.high.value_or(high.estimate);
  return out;
}

}  // namespace distanz::bench

#include "core/bench/two_means.h"

#include <algorithm>
#include <cmath>

#include "core/estimate/distribution.h"
#include "core/finding/error.h"

namespace distanz::bench {
namespace {

struct Group {
  double mean = 0, variance = NAN, n = 0;  // variance of the mean
};

Group groupOf(const std::vector<double>& v, double least_sd) {
  if (v.empty()) throw DomainError("a reading in each group");
  Group out;
  out.n = static_cast<double>(v.size());
  for (double x : v) {
    requireFinite(x, "reading");
    out.mean += x / out.n;
  }
  if (v.size() < 2) return out;
  double square = 0;
  for (double x : v) square += (x - out.mean) * (x - out.mean);
  out.variance = std::max(square / (out.n - 1), least_sd * least_sd) / out.n;
  return out;
}

}  // namespace

TwoMeans twoMeans(const std::vector<double>& first, const std::vector<double>& second, double least_sd) {
  const Group a = groupOf(first, least_sd), b = groupOf(second, least_sd);
  const double difference = a.mean - b.mean, variance = a.variance + b.variance;
  if (!std::isfinite(variance)) return {difference, NAN, NAN, NAN, NAN};
  if (variance == 0) return {difference, difference, difference, 0, a.n + b.n - 2};
  const double df =
      variance * variance / (a.variance * a.variance / (a.n - 1) + b.variance * b.variance / (b.n - 1));
  const double half = estimate::tQuantile(0.975, df) * std::sqrt(variance);
  return {difference, difference - half, difference + half, variance, df};
}

}  // namespace distanz::bench

#include "core/bench/swap_test.h"

#include <algorithm>
#include <cmath>

#include "core/bench/two_means.h"
#include "core/finding/error.h"

namespace distanz::bench {
namespace {

constexpr double kTwoSided = 1.959964, kFourOfFive = 0.841621;  // normal quantiles of 0.975 and 0.8

double choose(std::size_t n, std::size_t k) {
  double out = 1;
  for (std::size_t i = 1; i <= k; ++i) out = out * static_cast<double>(n - k + i) / static_cast<double>(i);
  return std::round(out);
}

/// Counts the ways to pick so many readings whose mean differs from the others' at least as much.
class Ways {
 public:
  Ways(const std::vector<double>& values, std::size_t picked, double difference)
      : m_values(values), m_picked(picked) {
    for (double v : values) m_total += v;
    const auto n = static_cast<double>(values.size()), k = static_cast<double>(picked);
    // |mean on - mean off| >= d, as a bound on the sum of those picked. Readings are rounded: ways that tie
    // must count as ties.
    const double scale = n / (k * (n - k)), middle = m_total * k / n;
    const double reach = std::abs(difference) / scale,
                 slack = 1e-9 * (1 + std::abs(reach) + std::abs(middle));
    m_low = middle - reach + slack;
    m_high = middle + reach - slack;
    pick(0, 0, 0);
  }
  double share() const { return static_cast<double>(m_extreme) / static_cast<double>(m_all); }

 private:
  void pick(std::size_t from, std::size_t have, double sum) {
    if (have == m_picked) {
      ++m_all;
      m_extreme += sum <= m_low || sum >= m_high;
      return;
    }
    for (std::size_t i = from; i + (m_picked - have) <= m_values.size(); ++i)
      pick(i + 1, have + 1, sum + m_values[i]);
  }

  const std::vector<double>& m_values;
  std::size_t m_picked;
  double m_total = 0, m_low = 0, m_high = 0;
  long m_all = 0, m_extreme = 0;
};

/// The strongest readings all on; as many the other way round are as far apart only where there are as many
/// off.
double leastShare(std::size_t on, std::size_t off) {
  return std::min((on == off ? 2 : 1) / choose(on + off, on), 1.0);
}

double pooledVariance(const std::vector<double>& a, const std::vector<double>& b) {
  double square = 0;
  for (const auto* group : {&a, &b}) {
    double mean = 0;
    for (double v : *group) mean += v / static_cast<double>(group->size());
    for (double v : *group) square += (v - mean) * (v - mean);
  }
  return square / static_cast<double>(a.size() + b.size() - 2);
}

}  // namespace

int leastSwaps() {
  int n = 1;
  while (leastShare(static_cast<std::size_t>(n), static_cast<std::size_t>(n)) > kSwapLevel) ++n;
  return n;
}

std::optional<SwapResult> swapResult(const std::vector<SwapReading>& readings) {
  if (readings.size() > kMostSwapReadings) throw DomainError("readings <= 26");
  std::vector<double> on, off, all;
  for (const SwapReading& r : readings) {
    requireFinite(r.value, "value");
    (r.on ? on : off).push_back(r.value);
    all.push_back(r.value);
  }
  if (on.empty() || off.empty()) return std::nullopt;
  const TwoMeans apart = twoMeans(on, off);
  SwapResult out;
  out.on = on.size();
  out.off = off.size();
  out.difference = apart.difference;
  if (std::isfinite(apart.low)) out.low = apart.low, out.high = apart.high;
  out.p = Ways(all, on.size(), apart.difference).share();
  out.least_p = leastShare(on.size(), off.size());
  out.clear = out.p <= kSwapLevel;
  out.can_be_clear = out.least_p <= kSwapLevel;
  if (on.size() + off.size() < 4 || out.difference == 0) return out;
  const double quantiles = kTwoSided + kFourOfFive;
  const double needed =
      2 * quantiles * quantiles * pooledVariance(on, off) / (out.difference * out.difference);
  if (needed <= kMostSwaps) out.swaps_needed = std::max(leastSwaps(), static_cast<int>(std::ceil(needed)));
  return out;
}

}  // namespace distanz::bench

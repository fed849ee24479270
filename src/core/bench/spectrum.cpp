#include "core/bench/spectrum.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/finding/error.h"
#include "core/quantity/decibel.h"

namespace distanz::bench {
namespace {

void check(const Trace& t) {
  if (t.frequency_mhz.size() != t.level_dbm.size()) throw DomainError("a level at each frequency");
}

/// Straight between points; NaN outside.
double levelAt(const Trace& t, double frequency_mhz) {
  const auto& f = t.frequency_mhz;
  if (f.empty() || !(frequency_mhz >= f.front() && frequency_mhz <= f.back())) return NAN;
  const auto next = static_cast<std::size_t>(std::lower_bound(f.begin(), f.end(), frequency_mhz) - f.begin());
  if (f[next] == frequency_mhz || next == 0) return t.level_dbm[next];
  const double part = (frequency_mhz - f[next - 1]) / (f[next] - f[next - 1]);
  return t.level_dbm[next - 1] + part * (t.level_dbm[next] - t.level_dbm[next - 1]);
}

/// From half-way to the step before to half-way to the next.
double stepWidth_mhz(const Trace& t, std::size_t i) {
  const auto& f = t.frequency_mhz;
  if (f.size() < 2) return t.rbw_mhz;
  if (i == 0) return f[1] - f[0];
  if (i + 1 == f.size()) return f[i] - f[i - 1];
  return (f[i + 1] - f[i - 1]) / 2;
}

/// Where the summed power reaches a part of all, straight within a step.
double reaches_mhz(const Trace& t, const std::vector<double>& sum, double part) {
  const double wanted = part * sum.back();
  const auto at = static_cast<std::size_t>(std::lower_bound(sum.begin(), sum.end(), wanted) - sum.begin());
  const std::size_t i = std::min(at, sum.size() - 1);
  const auto edge = [&](std::size_t k) {  // lower edge of a step
    if (t.frequency_mhz.size() < 2) return t.frequency_mhz.front();
    if (k == 0) return t.frequency_mhz[0] - (t.frequency_mhz[1] - t.frequency_mhz[0]) / 2;
    if (k == t.frequency_mhz.size())
      return t.frequency_mhz[k - 1] + (t.frequency_mhz[k - 1] - t.frequency_mhz[k - 2]) / 2;
    return (t.frequency_mhz[k - 1] + t.frequency_mhz[k]) / 2;
  };
  const double before = i == 0 ? 0 : sum[i - 1], own = sum[i] - before;
  return edge(i) + (own > 0 ? (wanted - before) / own : 0) * (edge(i + 1) - edge(i));
}

}  // namespace

Trace peakHold(const std::vector<Trace>& traces) {
  if (traces.empty()) throw DomainError("a trace");
  Trace out = traces.front();
  check(out);
  for (std::size_t k = 1; k < traces.size(); ++k) {
    const Trace& t = traces[k];
    check(t);
    std::size_t i = 0;
    for (std::size_t j = 0; j < t.frequency_mhz.size() && !out.frequency_mhz.empty(); ++j) {
      const auto off = [&](std::size_t at) { return std::abs(out.frequency_mhz[at] - t.frequency_mhz[j]); };
      while (i + 1 < out.frequency_mhz.size() && off(i + 1) <= off(i)) ++i;
      if (t.frequency_mhz[j] < out.frequency_mhz.front() || t.frequency_mhz[j] > out.frequency_mhz.back())
        continue;
      out.level_dbm[i] = std::max(out.level_dbm[i], t.level_dbm[j]);
    }
    if (t.frequency_mhz.size() < out.frequency_mhz.size())  // swept more coarsely: steps between its own
      for (std::size_t at = 0; at < out.level_dbm.size(); ++at)
        if (const double level = levelAt(t, out.frequency_mhz[at]); level > out.level_dbm[at])
          out.level_dbm[at] = level;
  }
  return out;
}

std::optional<Occupied> occupied(const Trace& t, double share) {
  check(t);
  if (!(share > 0 && share < 1)) throw DomainError("0 < share < 1");
  std::vector<double> sum;
  double power = 0;
  for (double level : t.level_dbm) sum.push_back(power += quantity::milliwattFromDbm(level));
  if (!(power > 0 && std::isfinite(power))) return std::nullopt;
  const double rest = (1 - share) / 2;
  const Occupied out{reaches_mhz(t, sum, rest), reaches_mhz(t, sum, 1 - rest)};
  const double swept = t.frequency_mhz.back() - t.frequency_mhz.front();
  if (out.width_mhz() > kWholeSweep * swept) return std::nullopt;
  return out;
}

std::optional<Occupied> widthBelowPeak(const Trace& t, double below_db) {
  check(t);
  requirePositive(below_db, "below_db");
  if (t.level_dbm.empty()) return std::nullopt;
  const double limit = *std::max_element(t.level_dbm.begin(), t.level_dbm.end()) - below_db;
  if (t.level_dbm.front() > limit || t.level_dbm.back() > limit) return std::nullopt;
  const auto above = [limit](double level) { return level > limit; };
  const auto first = static_cast<std::size_t>(std::find_if(t.level_dbm.begin(), t.level_dbm.end(), above) -
                                              t.level_dbm.begin());
  const auto last = t.level_dbm.size() - 1 -
                    static_cast<std::size_t>(std::find_if(t.level_dbm.rbegin(), t.level_dbm.rend(), above) -
                                             t.level_dbm.rbegin());
  const auto between = [&](std::size_t i) {
    const double part = (limit - t.level_dbm[i]) / (t.level_dbm[i + 1] - t.level_dbm[i]);
    return t.frequency_mhz[i] + part * (t.frequency_mhz[i + 1] - t.frequency_mhz[i]);
  };
  return Occupied{between(first - 1), between(last)};
}

double bandPower_dbm(const Trace& t, double low_mhz, double high_mhz) {
  check(t);
  double power = 0;
  for (std::size_t i = 0; i < t.level_dbm.size(); ++i)
    if (t.frequency_mhz[i] >= low_mhz && t.frequency_mhz[i] <= high_mhz)
      power += quantity::milliwattFromDbm(t.level_dbm[i]) * (t.rbw_mhz > 0 ? stepWidth_mhz(t, i) / t.rbw_mhz : 1);
  return power > 0 ? quantity::dbmFromMilliwatt(power) : -INFINITY;
}

std::vector<double> difference_db(const Trace& a, const Trace& b) {
  check(a);
  check(b);
  std::vector<double> out;
  for (std::size_t i = 0; i < a.frequency_mhz.size(); ++i)
    out.push_back(levelAt(b, a.frequency_mhz[i]) - a.level_dbm[i]);
  return out;
}

std::optional<Rise> largestRise(const Trace& from, const Trace& to) {
  constexpr std::size_t kAround = 2;
  const std::vector<double> d = difference_db(from, to);
  std::optional<Rise> out;
  for (std::size_t i = kAround; i + kAround < d.size(); ++i) {
    std::array<double, 2 * kAround + 1> near{};
    std::copy_n(d.begin() + static_cast<std::ptrdiff_t>(i - kAround), near.size(), near.begin());
    if (std::any_of(near.begin(), near.end(), [](double v) { return !std::isfinite(v); })) continue;
    std::nth_element(near.begin(), near.begin() + kAround, near.end());
    if (!out || near[kAround] > out->rise_db) out = {from.frequency_mhz[i], near[kAround]};
  }
  return out;
}

double floor_dbm(const Trace& t) {
  if (t.level_dbm.empty()) return NAN;
  std::vector<double> levels = t.level_dbm;
  const auto middle = levels.begin() + static_cast<std::ptrdiff_t>(levels.size() / 2);
  std::nth_element(levels.begin(), middle, levels.end());
  return *middle;
}

std::vector<Used> usedBands(const Trace& t, double above_db, double join_mhz) {
  check(t);
  requirePositive(above_db, "above_db");
  const double limit = floor_dbm(t) + above_db;
  std::vector<Used> out;
  for (std::size_t i = 0; i < t.level_dbm.size(); ++i) {
    if (!(t.level_dbm[i] > limit)) continue;
    const double f = t.frequency_mhz[i];
    if (out.empty() || f - out.back().high_mhz > join_mhz) {
      out.push_back({f, f, f, t.level_dbm[i]});
      continue;
    }
    Used& u = out.back();
    u.high_mhz = f;
    if (t.level_dbm[i] > u.peak_dbm) u.peak_dbm = t.level_dbm[i], u.peak_mhz = f;
  }
  return out;
}

}  // namespace distanz::bench

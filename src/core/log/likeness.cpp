#include "core/log/likeness.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <limits>
#include <numeric>

namespace distanz::log {
namespace {

constexpr double kLeast_s = 30, kMost_s = 7200, kFreeEnd = 0.2, kMarkEvery_s = 5;
constexpr double kStand = 0.05, kFast = 0.05;     // cost of standing still or of twice the usual speed, in squared spreads
constexpr double kLeastCorrelation = 0.6, kLeftOver = 0.55;  // of what chance leaves unexplained
constexpr int kPieces = 9, kShuffles = 6, kSmooth = 5;

/// Means per step of one channel, their own mean taken off; gaps filled from the sides.
std::vector<double> perStep(const Recording& r, const std::vector<double>& values, double step_s) {
  const auto n = static_cast<std::size_t>((r.time_s.back() - r.time_s.front()) / step_s) + 1;
  std::vector<double> sum(n, 0);
  std::vector<int> count(n, 0);
  for (std::size_t i = 0; i < values.size(); ++i) {
    if (!std::isfinite(values[i])) continue;
    const auto at = std::min(static_cast<std::size_t>((r.time_s[i] - r.time_s.front()) / step_s), n - 1);
    sum[at] += values[i];
    ++count[at];
  }
  std::vector<double> filled(n, NAN);
  double last = NAN;
  for (std::size_t i = 0; i < n; ++i) filled[i] = last = count[i] > 0 ? sum[i] / count[i] : last;
  for (std::size_t i = n; i-- > 0;)
    if (std::isnan(filled[i])) filled[i] = i + 1 < n ? filled[i + 1] : NAN;
  if (n == 0 || std::isnan(filled.front())) return {};
  std::vector<double> out(n);
  for (std::size_t i = 0; i < n; ++i) {  // fading is not the place's
    const std::size_t from = i >= kSmooth / 2 ? i - kSmooth / 2 : 0, to = std::min(i + kSmooth / 2 + 1, n);
    out[i] = std::accumulate(filled.begin() + static_cast<std::ptrdiff_t>(from), filled.begin() + static_cast<std::ptrdiff_t>(to), 0.0) / static_cast<double>(to - from);
  }
  const double mean = std::accumulate(out.begin(), out.end(), 0.0) / static_cast<double>(n);
  for (double& v : out) v -= mean;
  return out;
}

/// Signals of both, second by second, in spreads of the other's.
struct Pair {
  std::vector<std::vector<double>> run, other;
  std::vector<double> spread_db;
  std::size_t runSeconds() const { return run.front().size(); }
  std::size_t otherSeconds() const { return other.front().size(); }
};

double costAt(const Pair& p, std::size_t i, std::size_t k) {
  double cost = 0;
  for (std::size_t c = 0; c < p.run.size(); ++c) {
    const double off = p.run[c][i] - p.other[c][k];
    cost += std::min(off * off, 9.0);  // a blind second decides nothing
  }
  return cost / static_cast<double>(p.run.size());
}

/// Second of the other for every step of the run; empty where there is no way through.
std::vector<std::size_t> warp(const Pair& p) {
  const std::size_t n = p.runSeconds(), m = p.otherSeconds();
  constexpr int kSteps = 4;  // the other goes on by 0, 1, 2 or 3 seconds while the run goes on by a step
  constexpr double kNever = std::numeric_limits<double>::infinity();
  const double step_cost[kSteps] = {kStand, 0, kFast, 2 * kFast};
  const auto free_end = static_cast<std::size_t>(kFreeEnd * static_cast<double>(m));
  std::vector<std::uint8_t> came(n * m, 0);
  std::vector<double> before(m, kNever), now(m, kNever);
  for (std::size_t k = 0; k <= std::min(free_end, m - 1); ++k) before[k] = costAt(p, 0, k);
  for (std::size_t i = 1; i < n; ++i) {
    for (std::size_t k = 0; k < m; ++k) {
      double best = kNever;
      for (int s = 0; s < kSteps && static_cast<std::size_t>(s) <= k; ++s) {
        const double cost = before[k - static_cast<std::size_t>(s)] + step_cost[s];
        if (cost < best) best = cost, came[i * m + k] = static_cast<std::uint8_t>(s);
      }
      now[k] = best < kNever ? best + costAt(p, i, k) : kNever;
    }
    std::swap(before, now);
  }
  std::size_t at = m - 1;
  for (std::size_t k = m - 1 - std::min(free_end, m - 1); k < m; ++k)
    if (before[k] < before[at]) at = k;
  if (!(before[at] < kNever)) return {};
  std::vector<std::size_t> out(n);
  for (std::size_t i = n; i-- > 0;) {
    out[i] = at;
    at -= came[i * m + at];
  }
  return out;
}

struct Fit {
  double correlation = 0, rms_db = 0;
};

Fit fitOf(const Pair& p, const std::vector<std::size_t>& way) {
  Fit out;
  if (way.empty()) return out;
  double squares = 0;
  for (std::size_t c = 0; c < p.run.size(); ++c) {
    double mx = 0, my = 0, xx = 0, yy = 0, xy = 0;
    const auto n = static_cast<double>(way.size());
    for (std::size_t i = 0; i < way.size(); ++i) mx += p.run[c][i] / n, my += p.other[c][way[i]] / n;
    for (std::size_t i = 0; i < way.size(); ++i) {
      const double x = p.run[c][i] - mx, y = p.other[c][way[i]] - my;
      xx += x * x, yy += y * y, xy += x * y;
      squares += (x - y) * (x - y) * p.spread_db[c] * p.spread_db[c];
    }
    out.correlation += xy / std::sqrt(std::max(xx * yy, 1e-12)) / static_cast<double>(p.run.size());
  }
  out.rms_db = std::sqrt(squares / static_cast<double>(way.size() * p.run.size()));
  return out;
}

/// The other cut into pieces that stand in a wrong order: what warping makes of signals that have nothing in common.
Pair cutUp(const Pair& p, int shuffle) {
  Pair out = p;
  const std::size_t m = p.otherSeconds(), piece = std::max<std::size_t>(m / kPieces, 1);
  const std::size_t shift = static_cast<std::size_t>(2 + shuffle % (kPieces - 3));
  for (std::size_t c = 0; c < p.other.size(); ++c)
    for (std::size_t k = 0; k < m; ++k) {
      const std::size_t from = (k / piece * shift % kPieces) * piece + k % piece;
      const std::size_t at = shuffle % 2 ? m - 1 - std::min(from, m - 1) : std::min(from, m - 1);
      out.other[c][k] = p.other[c][at];
    }
  return out;
}

}  // namespace

bool Likeness::tells() const {
  return correlation >= kLeastCorrelation && 1 - correlation <= kLeftOver * (1 - by_chance);
}

std::optional<Likeness> placeByLikeness(const Recording& run, const Recording& other, std::span<const double> along_m,
                                        std::span<const std::string> links) {
  const auto lasts = [](const Recording& r) { return r.time_s.empty() ? 0 : r.time_s.back() - r.time_s.front(); };
  for (const Recording* r : {&run, &other})
    if (lasts(*r) < kLeast_s || lasts(*r) > kMost_s) return std::nullopt;
  Pair p;
  Likeness out;
  const double step_s = lasts(run) / lasts(other);  // steps of the run that are as long a way as the other's seconds, usually
  for (const std::string& link : links) {
    const std::string channel = linkChannel(link, channel::kRssi);
    const auto *a = run.find(channel), *b = other.find(channel);
    if (!a || !b) continue;
    std::vector<double> mine = perStep(run, *a, step_s), its = perStep(other, *b, 1);
    if (mine.empty() || its.empty()) continue;
    double spread = 0;
    for (const double v : its) spread += v * v / static_cast<double>(its.size());
    spread = std::sqrt(spread);
    if (!(spread > 0.5)) continue;  // all of it alike: nothing to follow
    for (auto* list : {&mine, &its})
      for (double& v : *list) v /= spread;
    p.run.push_back(std::move(mine));
    p.other.push_back(std::move(its));
    p.spread_db.push_back(spread);
  }
  if (p.run.empty()) return std::nullopt;
  const std::vector<std::size_t> way = warp(p);
  const Fit fit = fitOf(p, way);
  if (way.empty()) return std::nullopt;
  out.correlation = fit.correlation;
  out.rms_db = fit.rms_db;
  for (int s = 0; s < kShuffles; ++s) {
    const Pair wrong = cutUp(p, s);
    out.by_chance = std::max(out.by_chance, fitOf(wrong, warp(wrong)).correlation);
  }
  const auto placeAt = [&](std::size_t second) {
    const double t = other.time_s.front() + static_cast<double>(second);
    const auto row = std::min<std::size_t>(static_cast<std::size_t>(std::lower_bound(other.time_s.begin(), other.time_s.end(), t) - other.time_s.begin()), other.rows() - 1);
    return along_m[row];
  };
  for (std::size_t i = 0; i < way.size(); i += std::max<std::size_t>(static_cast<std::size_t>(kMarkEvery_s / step_s), 1)) {
    const double place = placeAt(way[i]);
    if (std::isfinite(place)) out.marks.push_back({run.time_s.front() + (static_cast<double>(i) + 0.5) * step_s, place});
  }
  return out.marks.size() >= 2 ? std::optional(std::move(out)) : std::nullopt;
}

}  // namespace distanz::log

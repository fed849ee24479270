#include "core/bench/signal_scale.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/bench/monotone.h"
#include "core/finding/error.h"

namespace distanz::bench {
namespace {

constexpr std::size_t kLeastLevels = 3;
constexpr double kLeastSpan_db = 3;
constexpr double kStill = 0.02;       // of the whole scale: less than this is no movement
constexpr double kStillSlope = 0.25;  // of the mean slope

struct Levels {
  std::vector<double> level, value, weight;  // by rising level
};

Levels byLevel(const std::vector<ScaleReading>& readings) {
  std::map<double, std::pair<double, double>> sums;
  for (const ScaleReading& r : readings) {
    requireFinite(r.level_db, "level_db");
    requireFinite(r.value, "value");
    auto& [sum, n] = sums[r.level_db];
    sum += r.value;
    ++n;
  }
  Levels out;
  for (const auto& [level, s] : sums) {
    out.level.push_back(level);
    out.value.push_back(s.first / s.second);
    out.weight.push_back(s.second);
  }
  return out;
}

double squares(const std::vector<double>& a, const std::vector<double>& b, const std::vector<double>& w) {
  double sum = 0;
  for (std::size_t i = 0; i < a.size(); ++i) sum += w[i] * (a[i] - b[i]) * (a[i] - b[i]);
  return sum;
}

std::vector<double> turned(std::vector<double> v) {
  for (double& x : v) x = -x;
  return v;
}

/// Standard deviation of readings at the same level; 0 where none was repeated.
double repeatSd(const std::vector<ScaleReading>& readings) {
  std::map<double, std::vector<double>> at;
  for (const ScaleReading& r : readings) at[r.level_db].push_back(r.value);
  double square = 0, n = 0;
  for (const auto& [level, values] : at) {
    double mean = 0;
    for (double v : values) mean += v / static_cast<double>(values.size());
    for (double v : values) square += (v - mean) * (v - mean);
    n += static_cast<double>(values.size()) - 1;
  }
  return n > 0 ? std::sqrt(square / n) : 0;
}

/// How far from an end the curve stands still: it has moved within the tolerance, and far less steeply than
/// on the whole.
std::size_t stillFrom(const std::vector<double>& level, const std::vector<double>& curve, std::size_t end,
                      int step, double tolerance) {
  const double slope = std::abs(curve.back() - curve.front()) / (level.back() - level.front());
  std::size_t still = end;
  for (std::size_t i = end; i < curve.size(); i += static_cast<std::size_t>(step)) {
    const double moved = std::abs(curve[i] - curve[end]), span = std::abs(level[i] - level[end]);
    if (moved <= tolerance && moved <= kStillSlope * slope * span) still = i;
  }
  return still;
}

/// Scatter of single readings about the curve, as level: by the slope between floor and ceiling.
double scatter_db(const std::vector<ScaleReading>& readings, const SignalScale& s) {
  std::vector<double> off;
  for (const ScaleReading& r : readings)
    if (r.level_db > s.floor_db && r.level_db < s.ceiling_db && !atFloor(s, r.value) &&
        !atCeiling(s, r.value))
      if (const double level = levelAt(s, r.value); std::isfinite(level)) off.push_back(level - r.level_db);
  if (off.size() < s.points.size() + kScatterLeast) return NAN;
  double square = 0;
  for (double d : off) square += d * d;
  return std::sqrt(square / static_cast<double>(off.size() - s.points.size()));
}

}  // namespace

std::optional<SignalScale> scaleOf(const std::vector<ScaleReading>& readings) {
  const Levels at = byLevel(readings);
  if (at.level.size() < kLeastLevels) return std::nullopt;
  const std::vector<double> up = neverFalling(at.value, at.weight),
                            down = turned(neverFalling(turned(at.value), at.weight));
  SignalScale out;
  out.falling = squares(down, at.value, at.weight) < squares(up, at.value, at.weight);
  const std::vector<double>& curve = out.falling ? down : up;

  const auto level_of = [&](std::size_t i) { return at.level[i]; };
  const std::size_t n = curve.size();
  const double tolerance = std::max(kStill * std::abs(curve.back() - curve.front()), 2 * repeatSd(readings));
  const std::size_t first = stillFrom(at.level, curve, 0, 1, tolerance),
                    last = stillFrom(at.level, curve, n - 1, -1, tolerance);
  if (first >= last || level_of(last) - level_of(first) < kLeastSpan_db) return std::nullopt;
  out.floor_seen = first > 0;
  out.ceiling_seen = last + 1 < n;
  out.floor_db = level_of(first);
  out.ceiling_db = level_of(last);
  for (std::size_t i = first; i <= last; ++i) {
    std::size_t end = i;
    while (end < last && curve[end + 1] == curve[i]) ++end;
    out.step_db = std::max(out.step_db, level_of(end) - level_of(i));
    out.points.push_back({curve[i], (level_of(i) + level_of(end)) / 2});
    i = end;
  }
  for (std::size_t i = 1; i < out.points.size(); ++i)
    out.step_db = std::max(out.step_db, out.points[i].level_db - out.points[i - 1].level_db);
  if (out.falling) std::reverse(out.points.begin(), out.points.end());
  out.sd_db = scatter_db(readings, out);
  return out;
}

double levelAt(const SignalScale& s, double value) {
  if (!std::isfinite(value)) return NAN;
  const auto& p = s.points;
  if (atFloor(s, value)) return s.floor_db;
  if (atCeiling(s, value)) return s.ceiling_db;
  if (value < p.front().value || value > p.back().value) return NAN;
  const auto next = std::lower_bound(p.begin(), p.end(), value,
                                     [](const SignalScale::Point& a, double v) { return a.value < v; });
  if (next == p.begin()) return next->level_db;
  const auto before = std::prev(next);
  return before->level_db +
         (next->level_db - before->level_db) * (value - before->value) / (next->value - before->value);
}

bool atFloor(const SignalScale& s, double value) {
  return s.floor_seen && (s.falling ? value >= s.points.back().value : value <= s.points.front().value);
}

bool atCeiling(const SignalScale& s, double value) {
  return s.ceiling_seen && (s.falling ? value <= s.points.front().value : value >= s.points.back().value);
}

}  // namespace distanz::bench

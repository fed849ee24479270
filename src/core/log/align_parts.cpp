#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

#include "core/log/align_parts.h"
#include "core/log/quantile.h"
#include "core/log/track.h"

namespace distanz::log {
namespace {

constexpr double kBridged_s = 5, kLeastStep_s = 0.9;
constexpr std::size_t kLeastRefined = 20, kMostRefined = 5000;

/// Speed over ground from place to place, where no column tells it; each at the middle of what it was measured over.
Samples speedOf(const Recording& r) {
  Samples out;
  const Series *lat = r.find(channel::kLatitude), *lon = r.find(channel::kLongitude);
  if (!lat || !lon) return out;
  std::optional<std::size_t> from;
  for (std::size_t i = 0; i < r.rows(); ++i) {
    const bool known = onGlobe((*lat)[i], (*lon)[i]);
    if (!known || (from && r.time_s[i] - r.time_s[*from] < kLeastStep_s)) continue;
    const double dt = from ? r.time_s[i] - r.time_s[*from] : INFINITY;
    if (dt < kBridged_s) {
      out.t.push_back(r.time_s[*from] + dt / 2);
      out.v.push_back(course::between({(*lat)[*from], (*lon)[*from]}, {(*lat)[i], (*lon)[i]}).distance_m / dt);
    }
    from = i;
  }
  return out;
}

void setStep(Samples& of) {
  Series steps;
  for (std::size_t i = 1; i < of.t.size(); ++i) steps.push_back(of.t[i] - of.t[i - 1]);
  if (!steps.empty()) of.step_s = quantile(std::move(steps), 0.5);
}

}  // namespace

Samples samplesOf(const Recording& r, std::string_view channel) {
  Samples out;
  const Series* v = r.find(channel);
  if (!v && channel == channel::kSpeed) out = speedOf(r);
  for (std::size_t i = 0; v && i < v->size(); ++i)
    if (std::isfinite((*v)[i]) && (out.t.empty() || r.time_s[i] > out.t.back())) {
      out.t.push_back(r.time_s[i]);
      out.v.push_back((*v)[i]);
    }
  setStep(out);
  return out;
}

double at(const Samples& s, double t) {
  const auto next = std::lower_bound(s.t.begin(), s.t.end(), t);
  if (next == s.t.end() || (next == s.t.begin() && *next > t)) return NAN;
  if (*next == t) return s.v[std::size_t(next - s.t.begin())];
  const auto i = std::size_t(next - s.t.begin());
  const double gap = s.t[i] - s.t[i - 1];
  if (gap > std::max(kBridged_s, 3 * s.step_s)) return NAN;
  return std::lerp(s.v[i - 1], s.v[i], (t - s.t[i - 1]) / gap);
}

Samples distancesFrom(const Recording& r, const course::Position& place) {
  Samples out;
  const Series *lat = r.find(channel::kLatitude), *lon = r.find(channel::kLongitude);
  for (std::size_t i = 0; lat && lon && i < r.rows(); ++i)
    if (onGlobe((*lat)[i], (*lon)[i]) && (out.t.empty() || r.time_s[i] > out.t.back())) {
      out.t.push_back(r.time_s[i]);
      out.v.push_back(course::between(place, {(*lat)[i], (*lon)[i]}).distance_m);
    }
  setStep(out);
  return out;
}

std::optional<course::Position> firstFix(const Recording& r) {
  const Series *lat = r.find(channel::kLatitude), *lon = r.find(channel::kLongitude);
  for (std::size_t i = 0; lat && lon && i < r.rows(); ++i)
    if (onGlobe((*lat)[i], (*lon)[i])) return course::Position{(*lat)[i], (*lon)[i]};
  return std::nullopt;
}

namespace {

/// What both saw, the other's time shifted by `there` in the middle of it and stretched about it.
struct Shifted {
  const Samples& first;
  const Samples& other;
  double middle = 0, there = 0, drift = 0;
  bool byFirst() const { return first.step_s >= other.step_s; }
  const Samples& sparse() const { return byFirst() ? first : other; }
  const Samples& dense() const { return byFirst() ? other : first; }
};

/// The dense samples about one of the sparse ones: their mean over its step, and how that rises with time.
struct Local {
  double value = 0, slope = 0;
};
Local localOf(const Samples& dense, double t, double width) {
  const double h = std::max(dense.step_s, 0.1) / 2, step = std::max(h, width / 8);
  Local out;
  double n = 0;
  for (double d = -width / 2; d <= width / 2 + 1e-9; d += step, ++n) {
    out.value += at(dense, t + d);
    out.slope += (at(dense, t + d + h) - at(dense, t + d - h)) / (2 * h);
  }
  return {out.value / n, out.slope / n};
}

/// One step of Gauss-Newton: sparse = a + b dense(t + shift + turn (t - middle)).
struct Step {
  double shift = 0, turn = 0, shift_sd = 0;
  bool good = false;
};
Step stepOf(const Shifted& x) {
  constexpr double kUsualDrift = 300e-6;  // clocks run within so much of each other
  Eigen::Matrix4d m = Eigen::Matrix4d::Zero();
  Eigen::Vector4d right = Eigen::Vector4d::Zero();
  double n = 0, all = 0;
  const Samples& sparse = x.sparse();
  for (std::size_t i = 0; i < sparse.t.size(); i += 1 + sparse.t.size() / kMostRefined) {
    const double own = sparse.t[i];
    const double t = x.byFirst() ? own : own + x.there + x.drift * (own + x.there - x.middle);
    const Local local = localOf(x.dense(), x.byFirst() ? t - x.there - x.drift * (t - x.middle) : t, sparse.step_s);
    if (!std::isfinite(local.value) || !std::isfinite(local.slope)) continue;
    const double g = x.byFirst() ? -local.slope : local.slope;
    const Eigen::Vector4d row(1, local.value, g, g * (t - x.middle));
    m += row * row.transpose();
    right += row * sparse.v[i];
    all += sparse.v[i] * sparse.v[i];
    ++n;
  }
  if (n < kLeastRefined) return {};
  const Eigen::Vector4d rough = m.ldlt().solve(right);
  const double variance = std::max(all - rough.dot(right), 0.0) / (n - 4);
  m(3, 3) += variance / (kUsualDrift * kUsualDrift);
  const Eigen::Vector4d best = m.ldlt().solve(right);
  const double scale = std::abs(best[1]) > 0.1 ? best[1] : 1;
  const double shift_variance = variance * m.inverse()(2, 2) / (scale * scale);
  return {best[2] / scale, best[3] / scale, std::sqrt(std::max(shift_variance, 0.0)), best.allFinite()};
}

}  // namespace

bool refine(const Samples& a, const Samples& b, ClockFit& fit) {
  constexpr double kFarthest_s = 3, kRepeats = 2;  // neighbouring samples repeat each other
  const double begin = std::max(a.t.front(), b.t.front() + fit.offset_s),
               end = std::min(a.t.back(), b.t.back() + fit.offset_s), span = std::max(end - begin, 1.0);
  Shifted x{a, b, (begin + end) / 2, fit.offset_s, 0};
  Step step;
  for (int pass = 0; pass < 12; ++pass) {
    step = stepOf(x);
    if (!step.good) return false;
    x.there += std::clamp(step.shift, -1.0, 1.0);
    x.drift += std::clamp(step.turn, -2 / span, 2 / span);
    if (std::abs(step.shift) < 1e-4 && std::abs(step.turn) * span < 1e-4) break;
  }
  if (std::abs(x.there - fit.offset_s) > kFarthest_s) return false;
  fit.offset_sd_s = step.shift_sd * kRepeats;
  fit.drift_ppm = x.drift * 1e6;
  fit.offset_s = x.there + x.drift * (x.there - x.middle);
  return true;
}

}  // namespace distanz::log

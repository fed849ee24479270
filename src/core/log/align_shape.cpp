#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

#include "core/log/align_parts.h"
#include "core/log/quantile.h"

namespace distanz::log {
namespace {

constexpr double kLeastNoise = 0.5;      // in metres: of positions nobody filtered
constexpr double kAllowed = 1.6;         // of the noise of both
constexpr double kElsewhere = 3;         // as bad as this at any other place
constexpr double kTells = 20;            // what is seen must be so much larger than its noise
constexpr double kMostDrift = 1e-3;  // more would lay flights of two speeds over each other
constexpr double kLeast_sd_s = 0.04, kWorst_sd_s = 0.5, kShareOfShorter = 0.5;
constexpr std::size_t kLeastPlaces = 40, kMostSteps = 1500;

/// What each sample has for itself: second differences at even steps, which leave out steady movement.
double noiseOf(const Samples& s) {
  Series bends;
  for (std::size_t i = 1; i + 1 < s.t.size(); ++i)
    if (std::abs(s.t[i + 1] - 2 * s.t[i] + s.t[i - 1]) < 0.1 * s.step_s) bends.push_back(std::abs(s.v[i + 1] - 2 * s.v[i] + s.v[i - 1]));
  if (bends.size() < kLeastPlaces) return NAN;
  return std::max(kMadToSd * quantile(std::move(bends), 0.5) / std::sqrt(6.0), kLeastNoise);
}

Series gridOf(const Samples& s, double step) {
  Series out;
  for (double t = s.t.front(); t <= s.t.back(); t += step) out.push_back(at(s, t));
  return out;
}

/// Root mean square of a[i + lag] - b[i] over what both know; NaN over too little.
double apart(const Series& a, const Series& b, std::ptrdiff_t lag, std::size_t least) {
  double sum = 0;
  std::size_t n = 0;
  const auto from = std::size_t(std::max<std::ptrdiff_t>(-lag, 0));
  for (std::size_t i = from; i < b.size() && std::ptrdiff_t(i) + lag < std::ptrdiff_t(a.size()); ++i) {
    const double off = a[std::size_t(std::ptrdiff_t(i) + lag)] - b[i];
    if (!std::isfinite(off)) continue;
    sum += off * off;
    ++n;
  }
  return n >= least ? std::sqrt(sum / double(n)) : NAN;
}

struct Place {
  std::ptrdiff_t lag = 0;
  double best = INFINITY, elsewhere = INFINITY;
};

Place placeOf(const Series& a, const Series& b, double step) {
  const auto least = std::size_t(std::max(kLeastOverlap_s / step, kShareOfShorter * double(std::min(a.size(), b.size()))));
  const std::ptrdiff_t first = -std::ptrdiff_t(b.size()), last = std::ptrdiff_t(a.size());
  Series all;
  Place out;
  for (std::ptrdiff_t lag = first; lag <= last; ++lag) {
    all.push_back(apart(a, b, lag, least));
    if (all.back() < out.best) out = {lag, all.back(), INFINITY};
  }
  for (std::ptrdiff_t lag = first; lag <= last; ++lag)
    if (double(std::abs(lag - out.lag)) * step > kAway_s && all[std::size_t(lag - first)] < out.elsewhere)
      out.elsewhere = all[std::size_t(lag - first)];
  return out;
}

/// Mean of what was seen within half a step of the other, and how it rises.
struct Rise {
  double value = 0, slope_per_s = 0;
};
Rise riseOf(const Samples& s, double t, double width_s) {
  constexpr double kAbout_s = 2, kPieces = 4;
  double sum = 0;
  for (double i = 0; i <= kPieces; ++i) sum += at(s, t + width_s * (i / kPieces - 0.5));
  return {sum / (kPieces + 1), (at(s, t + kAbout_s) - at(s, t - kAbout_s)) / (2 * kAbout_s)};
}

struct Laid {
  double middle_s = 0, shift_s = 0, turn = 0;  ///< first = other + shift + turn (other - middle)
  double sd_s = INFINITY, rms = INFINITY, seconds = 0;
  double on(double t) const { return t + shift_s + turn * (t - middle_s); }
};

/// Least squares of shift, turn and a constant difference; clocks run within kUsualDrift of each other.
Laid layOver(const Samples& a, const Samples& b, double offset_s, double noise) {
  constexpr double kUsualDrift = 300e-6;
  Laid x;
  x.shift_s = offset_s;
  x.middle_s = (b.t.front() + b.t.back()) / 2;
  for (int pass = 0; pass < 12; ++pass) {
    Eigen::Matrix3d m = Eigen::Matrix3d::Zero();
    Eigen::Vector3d right = Eigen::Vector3d::Zero();
    double squares = 0, n = 0;
    for (std::size_t i = 0; i < b.t.size(); ++i) {
      const Rise local = riseOf(a, x.on(b.t[i]), b.step_s);
      if (!std::isfinite(local.value) || !std::isfinite(local.slope_per_s)) continue;
      const Eigen::Vector3d row(local.slope_per_s, local.slope_per_s * (b.t[i] - x.middle_s), 1);
      const double off = b.v[i] - local.value;
      m += row * row.transpose();
      right += row * off;
      squares += off * off;
      ++n;
    }
    if (n < double(kLeastPlaces)) return {};
    m(1, 1) += noise * noise / (kUsualDrift * kUsualDrift);
    right(1) -= noise * noise / (kUsualDrift * kUsualDrift) * x.turn;
    const Eigen::Vector3d step = m.ldlt().solve(right);
    if (!step.allFinite()) return {};
    x.sd_s = noise * std::sqrt(m.inverse()(0, 0));
    x.rms = std::sqrt(squares / n);
    x.seconds = n * b.step_s;
    x.shift_s += std::clamp(step(0), -2.0, 2.0);
    x.turn += std::clamp(step(1), -1e-3, 1e-3);
    if (std::abs(step(0)) < 1e-4 && std::abs(step(1)) < 1e-7) break;
  }
  return x;
}

double spanOf(const Series& v) {
  return quantile(v, 0.95) - quantile(v, 0.05);
}

}  // namespace

std::optional<ClockFit> fitShapes(const Samples& a, const Samples& b) {
  if (a.t.size() < kLeastPlaces || b.t.size() < kLeastPlaces) return std::nullopt;
  const double noise = std::hypot(noiseOf(a), noiseOf(b));
  if (!std::isfinite(noise) || std::min(spanOf(a.v), spanOf(b.v)) < kTells * noise) return std::nullopt;
  const double span = std::max(a.t.back() - a.t.front(), b.t.back() - b.t.front()),
               step = std::max({a.step_s, b.step_s, 0.5, span / double(kMostSteps)});
  const Place place = placeOf(gridOf(a, step), gridOf(b, step), step);
  if (!std::isfinite(place.best) || place.elsewhere < kElsewhere * noise) return std::nullopt;
  const Laid laid = layOver(a, b, a.t.front() + double(place.lag) * step - b.t.front(), noise);
  if (laid.rms > kAllowed * noise || std::abs(laid.turn) > kMostDrift || !(laid.sd_s < kWorst_sd_s)) return std::nullopt;
  ClockFit fit{};
  fit.offset_s = laid.on(0);
  fit.drift_ppm = laid.turn * 1e6;
  fit.offset_sd_s = std::hypot(laid.sd_s, kLeast_sd_s);
  fit.overlap_s = laid.seconds;
  fit.peak = noise / std::max(laid.rms, 1e-9);
  fit.second = noise / place.elsewhere;
  return fit;
}

}  // namespace distanz::log

#include "core/log/align.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numeric>
#include <unsupported/Eigen/FFT>
#include <vector>

#include "core/log/align_parts.h"
#include "core/log/quantile.h"

namespace distanz::log {
namespace {

constexpr double kClip = 2, kSurest = 1.35, kAround_s = 1.5, kLeastCorrelation = 0.4, kShareOfOther = 0.6;
constexpr std::size_t kLeastSamples = 20;
constexpr std::size_t kMostPoints = 1 << 17;
/// Frame rates that are taken for each other: 25, 30 and what lies a thousandth beside.
constexpr double kRates[] = {1, 1.001, 1 / 1.001, 25.0 / 30, 30.0 / 25, 24.0 / 25, 25.0 / 24};
/// What one recording calls it, and what the other may: heights above the sea and above the start differ by a constant.
struct Shared {
  std::string_view first, other;
};
constexpr Shared kShared[] = {{"speed_mps", "speed_mps"},     {"altitude_msl_m", "altitude_msl_m"},
                              {"height_m", "height_m"},       {"height_m", "altitude_msl_m"},
                              {"altitude_msl_m", "height_m"}, {"battery_v", "battery_v"}};

/// On an even grid, each the mean of what lies within one step.
Series gridOf(const Samples& s, double begin, double step, double rate) {
  const double end = s.t.back() * rate;
  Series out;
  for (double t = begin; t <= end && out.size() < kMostPoints; t += step) {
    const auto low = std::lower_bound(s.t.begin(), s.t.end(), (t - step / 2) / rate),
               high = std::lower_bound(low, s.t.end(), (t + step / 2) / rate);
    const auto n = high - low;
    if (n > 0)
      out.push_back(std::accumulate(s.v.begin() + (low - s.t.begin()), s.v.begin() + (high - s.t.begin()), 0.0) / double(n));
    else
      out.push_back(at(s, t / rate));
  }
  return out;
}

/// What is new at each step against the mean of kAround_s before and behind, which leaves out how any two flights climb,
/// turn and slow down; none beyond kClip of its usual size; 0 where it is not known.
Series news(const Series& grid, double step) {
  Series out(grid.size(), NAN);
  const auto k = std::size_t(std::max(std::lround(kAround_s / step), 1L));
  for (std::size_t i = k; i + k < grid.size(); ++i) out[i] = grid[i] - (grid[i + k] + grid[i - k]) / 2;
  Series there;
  for (const double v : out)
    if (std::isfinite(v)) there.push_back(v);
  if (there.size() < kLeastSamples) return {};
  const double middle = quantile(there, 0.5);
  for (double& v : there) v = std::abs(v - middle);
  const double most = kClip * kMadToSd * quantile(std::move(there), 0.5);
  if (!(most > 0)) return {};
  for (double& v : out) v = std::isfinite(v) ? std::clamp(v - middle, -most, most) : 0;
  return out;
}

using Spectrum = std::vector<std::complex<double>>;

/// Sum over i of a[i] b[i - lag] for every lag, the negative ones behind the positive.
class Correlator {
 public:
  explicit Correlator(std::size_t least) {
    while (m_n < 2 * least) m_n *= 2;
  }
  std::size_t size() const { return m_n; }
  Spectrum spectrum(Series of) {
    of.resize(m_n, 0);
    Spectrum out;
    m_fft.fwd(out, of);
    return out;
  }
  Series correlation(const Spectrum& a, const Spectrum& b) {
    Spectrum product(a.size());
    for (std::size_t i = 0; i < a.size(); ++i) product[i] = a[i] * std::conj(b[i]);
    Series out;
    m_fft.inv(out, product);
    return out;
  }

 private:
  std::size_t m_n = 1;
  Eigen::FFT<double> m_fft;
};

/// Where two series fit best, and how well they fit anywhere else.
struct Peak {
  double lag = 0, score = 0, second = 0, r = 0, overlap = 0;
};

Series squares(Series of) {
  for (double& v : of) v *= v;
  return of;
}
Series known(Series of) {
  for (double& v : of) v = v != 0;
  return of;
}

Peak peakOf(const Series& a, const Series& b, double step) {
  Correlator c(std::max(a.size(), b.size()));
  const Spectrum fa = c.spectrum(a), fb = c.spectrum(b), fka = c.spectrum(known(a)), fkb = c.spectrum(known(b));
  const Series ab = c.correlation(fa, fb), aa = c.correlation(c.spectrum(squares(a)), fkb),
               bb = c.correlation(fka, c.spectrum(squares(b))), both = c.correlation(fka, fkb);
  const auto n = std::ptrdiff_t(c.size());
  const double least = kLeastOverlap_s / step;
  const auto corrected = [&](std::ptrdiff_t lag) {
    const auto i = std::size_t((lag + n) % n);
    const double norm = std::sqrt(std::max(aa[i], 0.0) * std::max(bb[i], 0.0));
    return both[i] >= least && norm > 0 ? ab[i] / norm : 0.0;
  };
  /// In standard deviations, as if nothing were common: few seconds that agree well say less than many.
  const auto score = [&](std::ptrdiff_t lag) {
    const auto i = std::size_t((lag + n) % n);
    return std::atanh(std::clamp(corrected(lag), -0.9999, 0.9999)) * std::sqrt(std::max(both[i] / 2 - 3, 0.0));
  };
  const std::ptrdiff_t first = -std::ptrdiff_t(b.size()), last = std::ptrdiff_t(a.size());
  std::ptrdiff_t best = 0;
  double most = 0;
  for (std::ptrdiff_t lag = first; lag <= last; ++lag)
    if (const double s = score(lag); s > most) {
      most = s;
      best = lag;
    }
  Peak out;
  if (most == 0) return out;
  out.score = most;
  out.r = corrected(best);
  out.overlap = both[std::size_t((best + n) % n)] * step;
  const auto away = std::ptrdiff_t(std::ceil(kAway_s / step));
  for (std::ptrdiff_t lag = first; lag <= last; ++lag)
    if (std::abs(lag - best) > away) out.second = std::max(out.second, score(lag));
  const double before = corrected(best - 1), top = corrected(best), after = corrected(best + 1),
               bend = before - 2 * top + after;
  out.lag = double(best) + (bend < 0 ? std::clamp((before - after) / (2 * bend), -0.5, 0.5) : 0);
  return out;
}

std::optional<ClockFit> alignBy(const Shared& channel, const Recording& first, const Recording& other) {
  const Samples a = samplesOf(first, channel.first), b = samplesOf(other, channel.other);
  if (a.t.size() < 30 || b.t.size() < 30) return std::nullopt;
  const double span = std::max(a.t.back() - a.t.front(), b.t.back() - b.t.front());
  const double step = std::max({std::max(a.step_s, b.step_s) / 2, 0.1, span / double(kMostPoints)});
  const Series ga = news(gridOf(a, a.t.front(), step, 1), step);
  if (ga.empty()) return std::nullopt;
  Peak best;
  double rate = 1;
  for (const double r : kRates) {
    const Series gb = news(gridOf(b, b.t.front() * r, step, r), step);
    if (gb.empty()) continue;
    const Peak p = peakOf(ga, gb, step);
    const double shorter = double(std::min(ga.size(), gb.size())) * step;
    if (r != 1 && p.overlap < kShareOfOther * shorter) continue;  // ends that fit by chance under one of many rates
    if (p.score > best.score * (r == 1 ? 1 : 1.05)) {
      best = p;
      rate = r;
    }
  }
  // Of so many places the best fits by chance to about the root of twice their logarithm.
  const double places = double(std::size(kRates)) * 2 * span / step, by_chance = std::sqrt(2 * std::log(std::max(places, 10.0)));
  if (best.score < by_chance + 4 || best.score < kSurest * best.second || best.r < kLeastCorrelation) return std::nullopt;
  ClockFit fit{std::string(channel.first)};
  fit.offset_s = a.t.front() + best.lag * step - b.t.front() * rate;
  fit.peak = best.score;
  fit.second = best.second;
  fit.overlap_s = best.overlap;
  Samples stretched = b;
  for (double& t : stretched.t) t *= rate;
  stretched.step_s *= rate;
  if (!refine(a, stretched, fit)) return std::nullopt;
  fit.drift_ppm = (rate * (1 + fit.drift_ppm * 1e-6) - 1) * 1e6;
  return fit;
}

}  // namespace

std::optional<ClockFit> alignClocks(const Recording& first, const Recording& other) {
  std::optional<ClockFit> best;
  std::vector<Shared> shared(std::begin(kShared), std::end(kShared));
  for (const Column& c : first.columns)
    if (c.channel.ends_with(".rssi_dbm")) shared.push_back({c.channel, c.channel});
  for (const Shared& channel : shared)
    if (const auto fit = alignBy(channel, first, other); fit && (!best || fit->offset_sd_s < best->offset_sd_s)) best = fit;
  const auto place = firstFix(first);
  const bool fixes = place && firstFix(other);
  auto shape = fixes ? fitShapes(distancesFrom(first, *place), distancesFrom(other, *place))
                     : fitShapes(samplesOf(first, channel::kDistance), samplesOf(other, channel::kDistance));
  if (!shape || (best && best->offset_sd_s <= shape->offset_sd_s)) return best;
  shape->channel = channel::kDistance;
  return shape;
}

}  // namespace distanz::log

#include "core/estimate/first_failure.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/estimate/distribution.h"

namespace distanz::estimate {
namespace {

struct Grid {
  double mu0 = 0;
  std::size_t n = 0;
  double mu(std::size_t i) const { return mu0 + defaults::kMuStep * static_cast<double>(i); }
};

/// Posterior of every setup's mu at one sigma, each normalised, and the log weight of that sigma.
struct SigmaSlice {
  double sigma = 0, log_weight = 0;
  std::map<int, std::vector<double>> mu;
};

SigmaSlice sliceAt(double sigma, const Grid& grid, const std::vector<FirstFailure>& flights) {
  using namespace defaults;
  SigmaSlice slice;
  slice.sigma = sigma;
  // Scaled inverse chi-squared on sigma^2, over a grid equidistant in ln sigma.
  slice.log_weight = -kFailurePriorDf * std::log(sigma) -
                     kFailurePriorDf * kFailurePriorSd * kFailurePriorSd / (2 * sigma * sigma);
  for (const FirstFailure& f : flights) slice.mu.try_emplace(f.setup, grid.n, 0.0);
  for (const FirstFailure& f : flights) {
    std::vector<double>& log_post = slice.mu[f.setup];
    const double ln_t = std::log(f.distance_m);
    for (std::size_t i = 0; i < grid.n; ++i) {
      const double z = (ln_t - grid.mu(i)) / sigma;
      log_post[i] += f.failed ? -0.5 * z * z - std::log(sigma) : logNormalTail(z);
    }
  }
  for (auto& [setup, post] : slice.mu) {
    const double top = *std::max_element(post.begin(), post.end());
    double sum = 0;
    for (double& p : post) sum += p = std::exp(p - top);
    for (double& p : post) p /= sum;
    slice.log_weight += top + std::log(sum);
  }
  return slice;
}

/// Quantile of a distribution on a grid, linear between points.
double gridQuantile(const std::vector<double>& p, double q, double first, double step) {
  double below = 0;
  for (std::size_t i = 0; i < p.size(); ++i) {
    if (below + p[i] >= q)
      return first + step * (static_cast<double>(i) + (p[i] > 0 ? (q - below) / p[i] : 0) - 0.5);
    below += p[i];
  }
  return first + step * static_cast<double>(p.size() - 1);
}

Interval quantiles(const std::vector<double>& p, double first) {
  const auto at = [&](double q) { return std::exp(gridQuantile(p, q, first, defaults::kMuStep)); };
  return {at(0.5), at(0.025), at(0.975)};
}

std::vector<double> mixed(const std::vector<SigmaSlice>& slices, int setup, std::size_t n) {
  std::vector<double> out(n, 0.0);
  for (const SigmaSlice& s : slices)
    for (std::size_t i = 0; i < n; ++i) out[i] += s.log_weight * s.mu.at(setup)[i];
  return out;
}

/// Distribution of mu_a - mu_b, index n-1 being zero.
std::vector<double> differenceOf(const std::vector<SigmaSlice>& slices, int a, int b, std::size_t n) {
  std::vector<double> out(2 * n - 1, 0.0);
  constexpr double kNegligible = 1e-12;
  for (const SigmaSlice& s : slices) {
    const auto &pa = s.mu.at(a), &pb = s.mu.at(b);
    for (std::size_t i = 0; i < n; ++i) {
      if (pa[i] < kNegligible) continue;
      for (std::size_t j = 0; j < n; ++j) out[n - 1 + i - j] += s.log_weight * pa[i] * pb[j];
    }
  }
  return out;
}

Grid gridFor(const std::vector<FirstFailure>& flights) {
  double low = INFINITY, high = 0;
  for (const FirstFailure& f : flights)
    low = std::min(low, f.distance_m), high = std::max(high, f.distance_m);
  Grid grid{std::log(low) - defaults::kMuBelow, 0};
  grid.n = static_cast<std::size_t>((std::log(high) + defaults::kMuAbove - grid.mu0) / defaults::kMuStep) + 1;
  return grid;
}

std::vector<SigmaSlice> weighted(const Grid& grid, const std::vector<FirstFailure>& flights) {
  std::vector<SigmaSlice> slices;
  const double step = std::log(defaults::kSigmaHigh / defaults::kSigmaLow) / (defaults::kSigmaPoints - 1);
  double top = -INFINITY, sum = 0;
  for (int i = 0; i < defaults::kSigmaPoints; ++i) {
    slices.push_back(sliceAt(defaults::kSigmaLow * std::exp(step * i), grid, flights));
    top = std::max(top, slices.back().log_weight);
  }
  for (SigmaSlice& s : slices) sum += s.log_weight = std::exp(s.log_weight - top);
  for (SigmaSlice& s : slices) s.log_weight /= sum;
  return slices;
}

struct Row {
  double time_s, distance_m, quality;
};

/// Rows that make one second at the log's usual rate.
std::size_t rowsPerWindow(const std::vector<Row>& rows) {
  std::vector<double> steps;
  for (std::size_t i = 1; i < rows.size(); ++i) steps.push_back(rows[i].time_s - rows[i - 1].time_s);
  if (steps.empty()) return 1;
  const auto middle = steps.begin() + static_cast<std::ptrdiff_t>(steps.size() / 2);
  std::nth_element(steps.begin(), middle, steps.end());
  if (!(*middle > 0)) return 1;
  return static_cast<std::size_t>(std::max(std::round(defaults::kQualityWindow_s / *middle), 1.0));
}

bool publishes(const ReachEstimate& r) {
  return r.failures >= 2 && 2 * r.failures > r.flights;
}

}  // namespace

std::optional<FirstFailure> firstFailure(int setup, std::span<const double> time_s,
                                         std::span<const double> distance_m, std::span<const double> quality,
                                         double turn_s, double threshold) {
  std::vector<Row> out_leg;
  double after_sum = 0, last_time = -INFINITY;
  int after_n = 0;
  for (std::size_t i = 0; i < time_s.size(); ++i) {
    const double t = time_s[i];
    if (!std::isfinite(t)) continue;
    last_time = t;
    if (!std::isfinite(quality[i])) continue;
    if (t >= turn_s + defaults::kTurnStillLostFrom_s && t <= turn_s + defaults::kTurnStillLostTo_s)
      after_sum += quality[i], ++after_n;
    if (t <= turn_s && std::isfinite(distance_m[i]) && distance_m[i] > 0)
      out_leg.push_back({t, distance_m[i], quality[i]});
  }
  const bool lost_after =
      after_n > 0 ? after_sum / after_n < threshold : last_time < turn_s + defaults::kTurnStillLostTo_s;
  if (!lost_after)
    std::erase_if(out_leg, [&](const Row& row) { return row.time_s > turn_s - defaults::kTurnMarginOut_s; });
  if (out_leg.empty()) return std::nullopt;
  const std::size_t n = std::min(rowsPerWindow(out_leg), out_leg.size());
  double sum = 0, farthest = 0;
  for (std::size_t i = 0; i < out_leg.size(); ++i) {
    farthest = std::max(farthest, out_leg[i].distance_m);
    sum += out_leg[i].quality;
    if (i >= n) sum -= out_leg[i - n].quality;
    if (i + 1 >= n && sum / static_cast<double>(n) < threshold)
      return FirstFailure{setup, out_leg[i + 1 - n].distance_m, true};
  }
  return FirstFailure{setup, farthest, false};
}

ReachModel fitReach(const std::vector<FirstFailure>& flights) {
  ReachModel model;
  for (const FirstFailure& f : flights) {
    ReachEstimate& r = model.setups[f.setup];
    ++r.flights;
    r.failures += f.failed;
    r.farthest_m = std::max(r.farthest_m, f.distance_m);
    r.at_least_m = std::min(r.at_least_m.value_or(INFINITY), f.distance_m);
  }
  if (flights.empty()) return model;
  const Grid grid = gridFor(flights);
  const std::vector<SigmaSlice> slices = weighted(grid, flights);
  for (const SigmaSlice& s : slices) model.log_sd += s.log_weight * std::log(s.sigma);
  model.log_sd = std::exp(model.log_sd);
  for (auto& [setup, r] : model.setups) {
    r.at_least_confidence = 1 - std::pow(2.0, -r.flights);
    if (!publishes(r)) continue;
    r.at_least_m.reset();
    r.at_least_confidence = 0;
    const std::vector<double> post = mixed(slices, setup, grid.n);
    r.typical_m = quantiles(post, grid.mu0);
    r.lower95_m = std::exp(gridQuantile(post, 0.05, grid.mu0, defaults::kMuStep));
  }
  for (auto a = model.setups.begin(); a != model.setups.end(); ++a)
    for (auto b = std::next(a); b != model.setups.end(); ++b)
      if (publishes(a->second) && publishes(b->second))
        model.ratios[{a->first, b->first}] = quantiles(differenceOf(slices, a->first, b->first, grid.n),
                                                       -defaults::kMuStep * static_cast<double>(grid.n - 1));
  return model;
}

}  // namespace distanz::estimate

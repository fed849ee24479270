#include "core/estimate/robust.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <utility>

#include "core/estimate/defaults.h"

namespace distanz::estimate {

namespace {

std::ptrdiff_t cutOf(const std::vector<double>& values, double trim) {
  return static_cast<std::ptrdiff_t>(std::floor(trim * static_cast<double>(values.size())));
}

}  // namespace

double trimmedMeanOfRising(const std::vector<double>& values, double trim) {
  const auto first = values.begin() + cutOf(values, trim), last = values.end() - cutOf(values, trim);
  return std::accumulate(first, last, 0.0) / static_cast<double>(last - first);
}

double trimmedMean(std::vector<double>& values, double trim) {
  const auto cut = cutOf(values, trim);
  if (cut > 0) {  // only the ends need to be told apart from the middle
    const auto first = values.begin() + cut, last = values.end() - cut;
    std::nth_element(values.begin(), first, values.end());
    std::nth_element(first, last - 1, values.end());
  }
  return trimmedMeanOfRising(values, trim);
}

double quantileOf(const std::vector<double>& rising, double p) {
  const double at =
      std::clamp(p * static_cast<double>(rising.size()) - 0.5, 0.0, static_cast<double>(rising.size()) - 1);
  const auto i = static_cast<std::size_t>(at);
  const double above = rising[std::min(i + 1, rising.size() - 1)];
  return rising[i] + (at - static_cast<double>(i)) * (above - rising[i]);
}

double median(std::vector<double> values) {
  const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
  std::nth_element(values.begin(), middle, values.end());
  if (values.size() % 2) return *middle;
  return 0.5 * (*middle + *std::max_element(values.begin(), middle));
}

double medianAbsolute(std::vector<double> values) {
  for (double& v : values) v = std::abs(v);
  return median(std::move(values));
}

ModeratedVariance moderatedVariance(double ss, double df, double prior_sd, double prior_df,
                                    double unusual_sd) {
  if (df >= defaults::kUnusualSpreadMinDf && ss / df > unusual_sd * unusual_sd) return {ss / df, df, true};
  return {(ss + prior_df * prior_sd * prior_sd) / (df + prior_df), df + prior_df, false};
}

}  // namespace distanz::estimate

#include "core/estimate/segments.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/estimate/distribution.h"

namespace distanz::estimate {
namespace {

struct Mean {
  double sum = 0;
  int n = 0;
  void add(double v) {
    sum += v;
    ++n;
  }
  double value() const { return sum / std::max(n, 1); }
};

/// Mean of a flight's passes over one stretch, by (flight, segment).
using FlightMeans = std::map<std::pair<int, int>, Mean>;

struct Spread {
  double squares = 0;
  double df = 0;
};

/// How much the passes of one flight over one stretch differ.
Spread ofPasses(const std::vector<SegmentValue>& values, const FlightMeans& means) {
  Spread out;
  for (const SegmentValue& v : values) {
    const double off = v.value - means.at({v.flight, v.segment}).value();
    out.squares += off * off;
  }
  out.df = static_cast<double>(values.size()) - static_cast<double>(means.size());
  return out;
}

struct FlightSpread {
  Spread flights, local;
  double usual_segments = 1;  ///< stretches that a flight saw
};

/// Flights about their setup, and on each stretch about that.
FlightSpread ofFlights(const FlightMeans& means, const std::map<int, int>& setup_of,
                       const std::map<std::pair<int, int>, Mean>& setups) {
  FlightSpread out;
  std::map<int, Mean> off_flight;
  for (const auto& [at, mean] : means) off_flight[at.first].add(mean.value() - setups.at({setup_of.at(at.first), at.second}).value());
  std::map<int, int> flights_of;
  double entries = 0;
  for (const auto& [flight, off] : off_flight) {
    out.flights.squares += off.value() * off.value();
    ++flights_of[setup_of.at(flight)];
    entries += off.n;
  }
  out.flights.df = static_cast<double>(off_flight.size()) - static_cast<double>(flights_of.size());
  for (const auto& [at, mean] : means) {
    const double off = mean.value() - setups.at({setup_of.at(at.first), at.second}).value() - off_flight.at(at.first).value();
    out.local.squares += off * off;
  }
  // entries - levels of (setup, segment) - flights' own, of which each setup's mean is no freedom lost
  out.local.df = std::max(static_cast<double>(means.size()) - static_cast<double>(setups.size()) - out.flights.df, 0.0);
  out.usual_segments = off_flight.empty() ? 1 : entries / static_cast<double>(off_flight.size());
  return out;
}

struct Moderated {
  double variance, df;
};

/// What is seen with what is known beforehand; by itself where it contradicts that.
Moderated moderated(const Spread& seen, double prior_var) {
  if (seen.df >= defaults::kUnusualSpreadMinDf && seen.squares / seen.df > defaults::kSegmentUnusual * prior_var)
    return {seen.squares / seen.df, seen.df};
  const double df = seen.df + defaults::kSegmentPriorDf;
  return {(seen.squares + defaults::kSegmentPriorDf * prior_var) / df, df};
}

/// Variance of one flight's mean on one stretch, with its degrees of freedom (Satterthwaite 1946).
Moderated ofOneFlight(const SegmentModel& m) {
  const double v = m.flight_var + m.local_var;
  return {v, v * v / (m.flight_var * m.flight_var / m.flight_df + m.local_var * m.local_var / m.local_df)};
}

}  // namespace

SegmentModel fitSegments(const std::vector<SegmentValue>& values, const SegmentPrior& prior) {
  SegmentModel out;
  FlightMeans means;
  std::map<int, int> setup_of;
  for (const SegmentValue& v : values) {
    means[{v.flight, v.segment}].add(v.value);
    setup_of[v.flight] = v.setup;
  }
  if (means.empty()) return out;
  std::map<std::pair<int, int>, Mean> setups;
  double laps = 0;
  for (const auto& [at, mean] : means) {
    const std::pair level{setup_of.at(at.first), at.second};
    setups[level].add(mean.value());
    out.levels[level].passes += mean.n;
    laps += 1.0 / mean.n;
  }
  laps /= static_cast<double>(means.size());
  const FlightSpread spread = ofFlights(means, setup_of, setups);
  const Spread passes = ofPasses(values, means);
  const double local_prior = prior.local_sd * prior.local_sd;
  Moderated local = moderated(spread.local, local_prior);
  // what the passes of a flight differ by is in its mean as well, though no second flight has shown it
  if (passes.df > 0) local.variance = std::max(local.variance, moderated(passes, local_prior).variance * laps);
  const Moderated flights = moderated(spread.flights, prior.flight_sd * prior.flight_sd + local_prior / spread.usual_segments);
  out.local_var = local.variance * (1 - 1 / std::max(spread.usual_segments, 2.0));
  out.local_df = local.df;
  out.flight_var = flights.variance;
  out.flight_df = flights.df;
  out.spread_df = static_cast<int>(spread.flights.df);
  const Moderated one = ofOneFlight(out);
  for (auto& [at, level] : out.levels) {
    const Mean& mean = setups.at(at);
    level.flights = mean.n;
    const double half = tQuantile(0.975, one.df) * std::sqrt(one.variance / mean.n);
    level.level = {mean.value(), mean.value() - half, mean.value() + half};
  }
  return out;
}

std::optional<ComparisonInputs> SegmentModel::difference(int a, int b, int segment) const {
  const auto of_a = levels.find({a, segment}), of_b = levels.find({b, segment});
  if (of_a == levels.end() || of_b == levels.end()) return std::nullopt;
  const Moderated one = ofOneFlight(*this);
  const int fa = of_a->second.flights, fb = of_b->second.flights;
  ComparisonInputs in;
  in.delta_db = of_a->second.level.estimate - of_b->second.level.estimate;
  in.se_db = std::sqrt(one.variance * (1.0 / fa + 1.0 / fb));
  in.df = one.df;
  in.spread_assumed = spread_df == 0;
  in.further_sd_db = std::sqrt(2 * one.variance);
  in.flights_each = (fa + fb) / 2.0;
  return in;
}

SegmentModel fitSegmentShares(const std::vector<SegmentValue>& shares) {
  std::vector<SegmentValue> angles = shares;
  const auto angle = [](double share) { return std::asin(std::sqrt(std::clamp(share, 0.0, 1.0))); };
  for (SegmentValue& v : angles) v.value = angle(v.value);
  const auto share = [](double a) {
    const double s = std::sin(std::clamp(a, 0.0, 1.5707963267948966));
    return s * s;
  };
  SegmentModel out = fitSegments(angles, {defaults::kSharePriorFlight, defaults::kSharePriorLocal});
  std::map<std::pair<int, int>, std::map<int, Mean>> by_flight;
  for (const SegmentValue& v : shares) by_flight[{v.setup, v.segment}][v.flight].add(v.value);
  for (auto& [at, level] : out.levels) {
    Mean mean;  // of the shares themselves: that of the angles leans to the middle where passes are short
    for (const auto& [flight, passes] : by_flight.at(at)) mean.add(passes.value());
    const double half = (level.level.high - level.level.low) / 2, middle = angle(mean.value());
    level.level = {mean.value(), share(middle - half), share(middle + half)};
  }
  return out;
}

Comparison judgeSegment(const ComparisonInputs& difference) {
  return judgeDifference(PlaceLine{}, difference);
}

std::vector<bool> holdTogether(const std::vector<double>& p_over_level) {
  std::vector<std::size_t> order(p_over_level.size());
  std::iota(order.begin(), order.end(), std::size_t{0});
  std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return p_over_level[a] < p_over_level[b]; });
  std::vector<bool> out(order.size(), true);
  bool holds = true;
  for (std::size_t rank = 0; order.size() > 1 && rank < order.size(); ++rank) {
    holds = holds && p_over_level[order[rank]] <= 1 / static_cast<double>(order.size() - rank);
    out[order[rank]] = holds;
  }
  return out;
}

}  // namespace distanz::estimate

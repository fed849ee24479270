#include "core/estimate/paired.h"

#include <cmath>

#include "core/estimate/distribution.h"
#include "core/estimate/robust.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

struct MeanAndSquares {
  double mean = 0, ss = 0;
};

MeanAndSquares squaresOf(const std::vector<double>& values) {
  MeanAndSquares out;
  for (double v : values) out.mean += v / static_cast<double>(values.size());
  for (double v : values) out.ss += (v - out.mean) * (v - out.mean);
  return out;
}

/// One-sample t on the flights' own slopes: nothing is assumed of their spread.
std::optional<GapTrend> trendOf(const std::vector<PairedFlight>& flights) {
  std::vector<double> slopes;
  for (const PairedFlight& f : flights)
    if (f.has_slope) slopes.push_back(f.slope_db);
  const auto n = static_cast<double>(slopes.size());
  if (n < 3) return std::nullopt;
  const MeanAndSquares s = squaresOf(slopes);
  if (!(s.ss > 0)) return std::nullopt;
  return GapTrend{s.mean, 2 * tCdf(-std::abs(s.mean) / std::sqrt(s.ss / (n - 1) / n), n - 1)};
}

}  // namespace

std::optional<PairedFlight> pairedFlight(const FlightCells& first, const FlightCells& second) {
  std::vector<double> difference, x;
  for (auto i = first.cells.begin(), j = second.cells.begin();
       i != first.cells.end() && j != second.cells.end();) {
    if (i->index != j->index) {
      ++(i->index < j->index ? i : j);
      continue;
    }
    if (!i->censored && !j->censored) {
      difference.push_back(i->level_dbm - j->level_dbm);
      x.push_back(0.5 * (i->log_distance + j->log_distance));
    }
    ++i, ++j;
  }
  if (difference.size() < static_cast<std::size_t>(defaults::kMinSharedCells)) return std::nullopt;
  PairedFlight out;
  out.places = static_cast<int>(difference.size());
  const MeanAndSquares along = squaresOf(x);
  if (along.ss > 1e-9) {
    for (std::size_t i = 0; i < x.size(); ++i) out.slope_db += (x[i] - along.mean) * difference[i] / along.ss;
    out.has_slope = true;
  }
  out.difference_db = trimmedMean(difference, defaults::kPairedTrim);
  return out;
}

PairedDifference pairedDifference(const std::vector<PairedFlight>& flights, const PairedPrior& prior) {
  if (flights.empty()) throw DomainError("flights >= 1");
  std::vector<double> differences;
  for (const PairedFlight& f : flights) differences.push_back(f.difference_db);
  const MeanAndSquares s = squaresOf(differences);
  const auto m = static_cast<double>(flights.size());
  const ModeratedVariance v =
      moderatedVariance(s.ss, m - 1, prior.sd_db, defaults::kPairedPriorDf, prior.unusual_sd_db);
  PairedDifference out;
  out.flights = static_cast<int>(flights.size());
  out.flight_sd_db = std::sqrt(v.variance);
  out.se_db = out.flight_sd_db / std::sqrt(m);
  out.df = v.df;
  out.unusual_spread = v.unusual;
  out.spread_assumed = flights.size() == 1;
  const double half = tQuantile(0.5 + defaults::kConfidence / 2, v.df) * out.se_db;
  out.difference_db = {s.mean, s.mean - half, s.mean + half};
  out.trend = trendOf(flights);
  return out;
}

Comparison comparePaired(const SignalModel& model, const PairedDifference& paired, double margin) {
  ComparisonInputs in;
  in.delta_db = paired.difference_db.estimate;
  in.se_db = paired.se_db;
  in.df = paired.df;
  in.spread_assumed = paired.spread_assumed;
  in.further_sd_db = paired.flight_sd_db;
  in.flights_each = paired.flights;
  in.df_per_pair = 1;
  Comparison c = judgeDifference(model.line, in, margin);
  c.paired_flights = paired.flights;
  c.gap_trend = paired.trend;
  return c;
}

}  // namespace distanz::estimate

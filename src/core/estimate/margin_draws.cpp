#include "core/estimate/margin_draws.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <map>

#include "core/estimate/place_chain.h"
#include "core/estimate/robust.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

using dice::Random;

// One step of the logistic in dB: what receivers show between all and nothing.
constexpr double kStep_db = 1.5;
constexpr double kAll = 0.985;  // kept more than this, or less than the rest: beyond what can be told
constexpr int kBurnIn = 300, kThin = 2;
constexpr double kLevelSd_db = 10;  // of a setup's level before anything is seen
constexpr double kWithinPriorSd_db = 1.25, kWithinPriorDf = 10;
constexpr double kFlightDf = 8;  // margins tell little of spreads: more is taken as usual than from signals
constexpr double kNewFlightCorrelation =
    0.4;  // of neighbouring stretches: 40 m at some 45 m of correlation length

/// @return a standard normal above a. Source: C. P. Robert, Statistics and Computing 5 (1995).
double normalAbove(double a, Random& random) {
  if (a < 0.4)
    for (;;)
      if (const double z = random.normal(); z > a) return z;
  const double rate = (a + std::sqrt(a * a + 4)) / 2;
  for (;;) {
    const double z = a - std::log(1 - random.uniform()) / rate;
    if (random.uniform() <= std::exp(-(z - rate) * (z - rate) / 2)) return z;
  }
}

/// Chi-squared by Marsaglia & Tsang, ACM Trans. Math. Softw. 26(3) (2000). @param df > 2
double chiSquared(double df, Random& random) {
  const double d = df / 2 - 1.0 / 3, c = 1 / std::sqrt(9 * d);
  for (;;) {
    const double x = random.normal(), v = std::pow(1 + c * x, 3);
    if (v > 0 && std::log(1 - random.uniform()) < 0.5 * x * x + d - d * v + d * std::log(v)) return 2 * d * v;
  }
}

double drawVariance(double squares, double n, double prior_sd, double prior_df, Random& random) {
  return (squares + prior_df * prior_sd * prior_sd) / chiSquared(n + prior_df, random);
}

struct Seen {
  std::size_t flight, stretch;
  double margin_db;  // the drawn one where it is only bounded
  double bound_db;
  int beyond;
};

/// One state of the sampler; sweep() draws the next.
class Sampler {
 public:
  Sampler(const std::vector<MarginFlight>& flights, const Stretches& stretches, std::uint64_t seed)
      : m_random(seed), m_flights(flights) {
    for (double x : stretches.log_distance) {
      m_x.push_back(x);
      m_distance.push_back(std::pow(10, x));
    }
    double centre = 0;
    for (double x : m_x) centre += x / static_cast<double>(m_x.size());
    for (double& x : m_x) x -= centre;
    for (std::size_t f = 0; f < flights.size(); ++f) {
      for (const Margin& m : flights[f].margins)
        if (const int k = m.index - stretches.first_index; k >= 0 && k < static_cast<int>(m_x.size()))
          m_seen.push_back({f, static_cast<std::size_t>(k), m.margin_db, m.margin_db, m.beyond});
      m_flight_db.push_back(0);
      m_level_db[flights[f].setup] = 0;
    }
    m_place_db.assign(m_x.size(), 0);
    m_count.assign(m_x.size(), 0);
    for (const Seen& s : m_seen) ++m_count[s.stretch];
    m_line << 0, -10 * defaults::kExponentPrior;
  }

  void sweep() {
    drawBounded();
    drawFlights();
    drawLevels();
    drawPlaces();
    drawSpreads();
  }

  const std::vector<double>& places() const { return m_place_db; }
  const std::map<int, double>& levels() const { return m_level_db; }
  double flightVar() const { return m_flight_var; }
  double withinVar() const { return m_within_var; }

 private:
  double expected(const Seen& s) const { return m_place_db[s.stretch] + m_flight_db[s.flight]; }

  void drawBounded() {
    const double sd = std::sqrt(m_within_var);
    for (Seen& s : m_seen) {
      if (s.beyond == 0) continue;
      const double mean = expected(s), a = s.beyond * (s.bound_db - mean) / sd;
      s.margin_db = mean + s.beyond * sd * normalAbove(a, m_random);
    }
  }

  void drawFlights() {
    std::vector<double> sum(m_flights.size(), 0), n(m_flights.size(), 0);
    for (const Seen& s : m_seen) {
      sum[s.flight] += s.margin_db - m_place_db[s.stretch];
      ++n[s.flight];
    }
    for (std::size_t f = 0; f < sum.size(); ++f) {
      const double precision = n[f] / m_within_var + 1 / m_flight_var;
      const double mean =
          (sum[f] / m_within_var + m_level_db.at(m_flights[f].setup) / m_flight_var) / precision;
      m_flight_db[f] = mean + m_random.normal() / std::sqrt(precision);
    }
  }

  void drawLevels() {
    for (auto& [setup, level] : m_level_db) {
      double sum = 0, n = 0;
      for (std::size_t f = 0; f < m_flights.size(); ++f)
        if (m_flights[f].setup == setup) sum += m_flight_db[f], ++n;
      const double precision = n / m_flight_var + 1 / (kLevelSd_db * kLevelSd_db);
      level = sum / m_flight_var / precision + m_random.normal() / std::sqrt(precision);
    }
  }

  /// Line and shadowing together, the line first with the shadowing integrated out.
  void drawPlaces() {
    std::vector<double> seen(m_x.size(), 0), noise, one(m_x.size(), 1);
    for (const Seen& s : m_seen)
      seen[s.stretch] += (s.margin_db - m_flight_db[s.flight]) / m_count[s.stretch];
    for (int n : m_count) noise.push_back(n > 0 ? m_within_var / n : INFINITY);
    PlaceChain chain(m_distance, m_place_var, defaults::kCorrelationMedian_m, noise);
    const std::vector<double> y = chain.innovations(seen), c = chain.innovations(one),
                              x = chain.innovations(m_x);
    Eigen::Matrix2d precision;
    precision << 1e-4, 0, 0, 1 / std::pow(10 * defaults::kExponentPriorSd, 2);
    Eigen::Vector2d weighted(0, -10 * defaults::kExponentPrior * precision(1, 1));
    for (std::size_t k = 0; k < y.size(); ++k) {
      const Eigen::Vector2d g(c[k], x[k]);
      precision += g * g.transpose();
      weighted += g * y[k];
    }
    const Eigen::LLT<Eigen::Matrix2d> root(precision);
    m_line = root.solve(weighted);
    m_line += root.matrixU().solve(Eigen::Vector2d(m_random.normal(), m_random.normal()));
    for (std::size_t k = 0; k < seen.size(); ++k) seen[k] -= m_line[0] + m_line[1] * m_x[k];
    chain.draw(seen, m_random);
    m_shadow = seen;
    for (std::size_t k = 0; k < seen.size(); ++k) m_place_db[k] = m_line[0] + m_line[1] * m_x[k] + seen[k];
  }

  void drawSpreads() {
    double flights = 0, within = 0, places = m_shadow[0] * m_shadow[0];
    for (std::size_t f = 0; f < m_flights.size(); ++f)
      flights += std::pow(m_flight_db[f] - m_level_db.at(m_flights[f].setup), 2);
    for (const Seen& s : m_seen) within += std::pow(s.margin_db - expected(s), 2);
    for (std::size_t k = 1; k < m_shadow.size(); ++k) {
      const double rho = std::exp(-(m_distance[k] - m_distance[k - 1]) / defaults::kCorrelationMedian_m);
      places += std::pow(m_shadow[k] - rho * m_shadow[k - 1], 2) / std::max(1 - rho * rho, 1e-9);
    }
    using namespace defaults;
    const auto n = [](std::size_t v) { return static_cast<double>(v); };
    m_flight_var = drawVariance(flights, n(m_flights.size()), kFlightPriorSd_db, kFlightDf, m_random);
    m_within_var = drawVariance(within, n(m_seen.size()), kWithinPriorSd_db, kWithinPriorDf, m_random);
    m_place_var = drawVariance(places, n(m_shadow.size()), kPlacePriorSd_db, kPlacePriorDf, m_random);
  }

  Random m_random;
  const std::vector<MarginFlight>& m_flights;
  std::vector<double> m_x, m_distance;
  std::vector<Seen> m_seen;
  std::vector<int> m_count;
  std::vector<double> m_flight_db, m_place_db, m_shadow;
  std::map<int, double> m_level_db;
  Eigen::Vector2d m_line;
  double m_flight_var = std::pow(defaults::kFlightPriorSd_db, 2),
         m_within_var = std::pow(kWithinPriorSd_db, 2), m_place_var = std::pow(defaults::kPlacePriorSd_db, 2);
};

}  // namespace

std::vector<Margin> marginsOf(const std::vector<StretchLook>& looks, const RuleMeasure& measure) {
  struct Sum {
    double kept = 0, log_distance = 0;
    int samples = 0;
  };
  std::map<int, Sum> places;
  std::vector<double> counts;
  for (const StretchLook& l : looks) {
    if (measure.share_of_time && l.back) continue;  // bitrate comes back at another level than it goes
    Sum& sum = places[l.index];
    sum.kept += l.kept * l.samples;
    sum.log_distance += l.log_distance * l.samples;
    sum.samples += l.samples;
  }
  for (const auto& [index, sum] : places) counts.push_back(sum.samples);
  if (counts.empty()) return {};
  const double enough = defaults::kSeenShare * median(std::move(counts));
  const double wanted = measure.wanted(), met = std::log(wanted / (1 - wanted));
  std::vector<Margin> out;
  for (const auto& [index, sum] : places) {
    if (sum.samples < enough) continue;
    // Few readings that all keep the rule, or all break it, bound the share by how few they are.
    const bool few = measure.share_of_time && sum.samples < defaults::kMinSamplesPerCell;
    const double all = few ? sum.samples / (sum.samples + 1.0) : kAll, share = sum.kept / sum.samples;
    const double kept = std::clamp(share, 1 - all, all);
    Margin& m = out.emplace_back();
    m.index = index;
    m.log_distance = sum.log_distance / sum.samples;
    m.margin_db = kStep_db * (std::log(kept / (1 - kept)) - met);
    m.beyond = share >= all ? 1 : share <= 1 - all ? -1 : 0;
  }
  return out;
}

std::vector<Margin> lesserOf(const std::vector<Margin>& a, const std::vector<Margin>& b) {
  std::map<int, Margin> out;
  for (const Margin& m : a) out.emplace(m.index, m);
  for (const Margin& m : b) {
    const auto [at, fresh] = out.emplace(m.index, m);
    if (!fresh && m.margin_db < at->second.margin_db) at->second = m;
  }
  std::vector<Margin> list;
  for (const auto& [index, m] : out) list.push_back(m);
  return list;
}

PathDraws drawMargins(const std::vector<MarginFlight>& flights, const Stretches& stretches,
                      std::uint64_t seed, int draws) {
  if (flights.empty() || stretches.count() == 0 || draws < 1)
    throw DomainError("flights, stretches and draws");
  PathDraws out;
  out.stretches = stretches;
  out.draws = draws;
  out.neighbour_correlation = kNewFlightCorrelation;
  out.critical_dbm.assign(static_cast<std::size_t>(draws), 0);
  Sampler sampler(flights, stretches, seed);
  for (int i = 0; i < kBurnIn; ++i) sampler.sweep();
  for (int m = 0; m < draws; ++m) {
    for (int i = 0; i < kThin; ++i) sampler.sweep();
    for (double p : sampler.places()) out.place_dbm.push_back(static_cast<float>(p));
    for (const auto& [setup, level] : sampler.levels()) out.level_db[setup].push_back(level);
    out.flight_sd_db.push_back(std::sqrt(sampler.flightVar()));
    out.within_sd_db.push_back(std::sqrt(sampler.withinVar()));
  }
  return out;
}

}  // namespace distanz::estimate

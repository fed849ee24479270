#include "core/estimate/comparison.h"

#include <algorithm>
#include <cmath>

#include "core/estimate/distribution.h"
#include "core/estimate/drift.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

const SetupLevel& levelOf(const SignalModel& model, int setup) {
  const auto found = model.setups.find(setup);
  if (found == model.setups.end()) throw DomainError("setup in model");
  return found->second;
}

Interval around(double estimate, double half_width) {
  return {estimate, estimate - half_width, estimate + half_width};
}

Interval powersOfTen(const Interval& i) {
  return {std::pow(10, i.estimate), std::pow(10, i.low), std::pow(10, i.high)};
}

/// Smallest number of further pairs that would settle the matter with 80 % power.
int morePairs(const ComparisonInputs& in, double margin_db) {
  const double delta = std::abs(in.delta_db), target = std::max(delta, margin_db - delta);
  const double alpha = delta >= margin_db - delta ? 0.975 : 0.95;
  for (int k = 1; k < defaults::kMorePairsCap; ++k) {
    const double df = in.df + in.df_per_pair * k;
    if ((tQuantile(alpha, df) + tQuantile(0.8, df)) * in.further_sd_db / std::sqrt(in.flights_each + k) <=
        target)
      return k;
  }
  return defaults::kMorePairsCap;
}

struct LogRatio {
  double estimate, se;
};

/// The verdict and its probabilities once delta, its error and the log ratio stand.
void judge(Comparison& c, const LogRatio& lr, double margin) {
  const double t = tQuantile(0.975, c.df), t90 = tQuantile(0.95, c.df), m = std::log10(1 + margin);
  c.delta_db = around(c.delta_db.estimate, t * c.se_db);
  const Interval log90 = around(lr.estimate, t90 * lr.se);
  c.ratio90 = powersOfTen(log90);
  if (c.falls) c.ratio = powersOfTen(around(lr.estimate, t * lr.se));
  c.p_a_longer = tCdf(c.delta_db.estimate / c.se_db, c.df);
  c.p_a_more = 1 - tCdf((m - lr.estimate) / lr.se, c.df);
  c.p_b_more = tCdf((-m - lr.estimate) / lr.se, c.df);
  c.p_value = 2 * tCdf(-std::abs(c.delta_db.estimate / c.se_db), c.df);
  c.verdict = verdictAt(c, 1 - defaults::kConfidence);
}

std::optional<GapTrend> gapTrend(const SignalModel& model, const SetupLevel& a, const SetupLevel& b) {
  if (a.slopes == 0 || b.slopes == 0 || model.slope_df < 2 || !(model.slope_ss > 0)) return std::nullopt;
  GapTrend trend;
  trend.db_per_decade = a.slope_db - b.slope_db;
  const double se = std::sqrt(model.slope_ss / model.slope_df * (1.0 / a.slopes + 1.0 / b.slopes));
  trend.p = 2 * tCdf(-std::abs(trend.db_per_decade) / se, model.slope_df);
  return trend;
}

}  // namespace

Verdict verdictAt(const Comparison& c, double alpha) {
  if (c.spread_assumed) return Verdict::Undecided;
  // Two one-sided tests: neither may be longer by over the margin.
  if (std::max(c.p_a_more, c.p_b_more) < alpha) return Verdict::NoPracticalDifference;
  if (c.p_value < alpha) return c.delta_db.estimate > 0 ? Verdict::ABetter : Verdict::BBetter;
  return Verdict::Undecided;
}

double lookAlpha(int pairs, int planned) {
  return pairs == planned ? defaults::kPlannedLookP : defaults::kOtherLookP;
}

double slopeCentre(const SignalModel& model, int a, int b) {
  double sum = 0;
  int n = 0;
  for (const CellResidual& r : model.residuals) {
    const int setup = model.flights[static_cast<std::size_t>(r.flight)].setup;
    if (setup == a || setup == b) sum += r.log_distance, ++n;
  }
  return n > 0 ? sum / n : model.line.centre;
}

bool signalDoesNotFall(const PlaceLine& line) {
  return line.exponentData() < 1 || line.exponentData() - 2 * line.exponentDataSd() < 0;
}

Comparison judgeDifference(const PlaceLine& line, const ComparisonInputs& in, double margin) {
  requirePositive(margin, "margin");
  Comparison c;
  c.falls = !signalDoesNotFall(line);
  const double n = c.falls ? line.exponent() : defaults::kExponentPrior;
  const double sd_n = c.falls ? line.exponentSd() : defaults::kExponentPriorSd;
  c.delta_db.estimate = in.delta_db;
  c.se_db = in.se_db;
  c.df = in.df;
  c.spread_assumed = in.spread_assumed;
  judge(c, {in.delta_db / (10 * n), std::hypot(in.se_db, in.delta_db / n * sd_n) / (10 * n)}, margin);
  if (c.verdict == Verdict::Undecided) c.more_pairs = morePairs(in, 10 * n * std::log10(1 + margin));
  return c;
}

Comparison compare(const SignalModel& model, int a, int b, double margin,
                   std::optional<double> at_log_distance) {
  const SetupLevel &la = levelOf(model, a), &lb = levelOf(model, b);
  ComparisonInputs in;
  in.delta_db = la.level_db - lb.level_db;
  const double flights_var = model.levelVar_db2(a) + model.levelVar_db2(b);
  double known_var = std::pow(la.lean_sd_db - lb.lean_sd_db, 2);
  if (!flownInTurns(model, a, b)) {
    const Drift drift = driftOf(model);
    const double apart = sessionMean(model, a) - sessionMean(model, b);
    in.delta_db -= drift.db * apart;
    known_var += drift.variance_db2 * apart * apart;
  }
  in.se_db = std::sqrt(flights_var + known_var);
  in.df = model.flight_df * std::pow(1 + known_var / flights_var, 2);
  in.spread_assumed = model.spread_df == 0;
  in.further_sd_db = std::sqrt(2 * model.seenFlightVar_db2());
  in.flights_each = (la.flights + lb.flights) / 2.0;
  const auto trend = gapTrend(model, la, lb);
  if (trend && trend->p < defaults::kSlopesDifferP && at_log_distance) {
    // What the slopes of few flights show is drawn towards nothing, as far as chance could have made it.
    const double se2 = model.slope_ss / model.slope_df * (1.0 / la.slopes + 1.0 / lb.slopes);
    const double trust = 1 - se2 / std::max(trend->db_per_decade * trend->db_per_decade, se2);
    const double off = *at_log_distance - slopeCentre(model, a, b);
    in.delta_db += trust * trend->db_per_decade * off;
    in.se_db = std::sqrt(in.se_db * in.se_db + trust * se2 * off * off);
  }
  Comparison c = judgeDifference(model.line, in, margin);
  c.gap_trend = trend;
  return c;
}

Comparison compareApart(const SignalModel& model_a, int a, const SignalModel& model_b, int b,
                        const CriticalLevel& critical, double margin) {
  requirePositive(margin, "margin");
  Comparison c;
  c.same_places = false;
  c.spread_assumed = model_a.spread_df == 0 && model_b.spread_df == 0;
  const RangeEstimate ra = usableRange(model_a, a, 0, critical), rb = usableRange(model_b, b, 0, critical);
  const LogRatio lr{std::log10(ra.estimate_m / rb.estimate_m), std::sqrt(ra.log_var + rb.log_var)};
  c.falls = !signalDoesNotFall(model_a.line) && !signalDoesNotFall(model_b.line);
  const double n = (model_a.line.exponent() + model_b.line.exponent()) / 2;
  c.delta_db.estimate = lr.estimate * 10 * n;
  c.se_db = lr.se * 10 * n;
  c.df = std::pow(ra.log_var + rb.log_var, 2) /
         (ra.log_var * ra.log_var / ra.df + rb.log_var * rb.log_var / rb.df);
  judge(c, lr, margin);
  if (c.verdict == Verdict::Undecided)
    c.more_pairs = 0;  // more of the same would not share places; the advice is to fly one path
  return c;
}

}  // namespace distanz::estimate

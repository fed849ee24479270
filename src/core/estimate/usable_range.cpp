#include "core/estimate/usable_range.h"

#include <cmath>
#include <utility>

#include "core/estimate/distribution.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

/// Both ends, in decades from the line's centre, of {h : |q0 + b2 h| <= T sd(h)}.
std::pair<double, double> fieller(double q0, double slope, double t, const Covariance2& v,
                                  double other_var, double estimate_h) {
  const double a = slope * slope - t * t * v[1][1];
  const double half_b = q0 * slope - t * t * v[0][1];
  const double c = q0 * q0 - t * t * (other_var + v[0][0]);
  const double disc = half_b * half_b - a * c;
  if (a > 0) {
    const double root = std::sqrt(std::max(disc, 0.0));
    return {(-half_b - root) / a, (-half_b + root) / a};
  }
  if (disc <= 0 || a == 0) return {-INFINITY, INFINITY};
  const double root = std::sqrt(disc);
  double r1 = (-half_b - root) / a, r2 = (-half_b + root) / a;
  if (r1 > r2) std::swap(r1, r2);
  if (estimate_h >= r2) return {r2, INFINITY};
  return {-INFINITY, r1};
}

}  // namespace

RangeEstimate usableRange(const SignalModel& model, int setup, double z, const CriticalLevel& critical) {
  const auto level = model.setups.find(setup);
  if (level == model.setups.end()) throw DomainError("setup in model");
  requireFinite(critical.level_dbm, "critical level");
  const Covariance2& v = model.line.covariance;
  const double slope = model.line.coefficient[1];
  if (!(slope < 0)) throw DomainError("slope < 0");
  const double q0 =
      level->second.level_db + model.line.coefficient[0] - z * model.total_sd_db - critical.level_dbm;
  const double h =
      model.line.logDistanceAt(critical.level_dbm + z * model.total_sd_db - level->second.level_db) -
      model.line.centre;
  const double v_line = model.line.varianceAt(model.line.centre + h);
  const double v_u = model.levelVar_db2(setup);
  const double v_s = z * z * model.total_sd_var, v_y = critical.variance_db2,
               v_lean = level->second.lean_sd_db * level->second.lean_sd_db;
  const double sum = v_u + v_line + v_s + v_y + v_lean;
  RangeEstimate out;
  out.df = sum * sum /
           (v_u * v_u / model.flight_df + v_line * v_line / model.line.df + v_s * v_s / defaults::kSpreadDf +
            v_y * v_y / defaults::kCriticalDf);
  out.estimate_m = std::pow(10, model.line.centre + h);
  out.log_var = (v_line + v_u) / (slope * slope);
  const double other = v_u + v_s + v_y + v_lean;
  const auto ends = fieller(q0, slope, tQuantile(0.5 + defaults::kConfidence / 2, out.df), v, other, h);
  out.low_m = std::pow(10, model.line.centre + ends.first);
  out.high_m = std::pow(10, model.line.centre + ends.second);
  out.lower95_m =
      std::pow(10, model.line.centre +
                       fieller(q0, slope, tQuantile(defaults::kConfidence, out.df), v, other, h).first);
  return out;
}

}  // namespace distanz::estimate

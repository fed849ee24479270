#include "core/estimate/distribution.h"

#include <boost/math/distributions/beta.hpp>
#include <boost/math/distributions/chi_squared.hpp>
#include <boost/math/distributions/normal.hpp>
#include <boost/math/distributions/students_t.hpp>
#include <cmath>
#include <numbers>

#include "core/finding/error.h"

namespace distanz::estimate {

double tQuantile(double p, double df) {
  if (!(p > 0 && p < 1)) throw DomainError("0 < p < 1");
  requirePositive(df, "df");
  return boost::math::quantile(boost::math::students_t(df), p);
}

double tCdf(double t, double df) {
  requirePositive(df, "df");
  if (std::isinf(t)) return t > 0 ? 1 : 0;
  requireFinite(t, "t");
  return boost::math::cdf(boost::math::students_t(df), t);
}

double normalQuantile(double p) {
  if (!(p > 0 && p < 1)) throw DomainError("0 < p < 1");
  return boost::math::quantile(boost::math::normal(), p);
}

double chiSquaredQuantile(double p, double df) {
  if (!(p > 0 && p < 1)) throw DomainError("0 < p < 1");
  requirePositive(df, "df");
  return boost::math::quantile(boost::math::chi_squared(df), p);
}

double betaQuantile(double p, double a, double b) {
  if (!(p > 0 && p < 1)) throw DomainError("0 < p < 1");
  requirePositive(a, "a");
  requirePositive(b, "b");
  return boost::math::quantile(boost::math::beta_distribution<>(a, b), p);
}

double normalCdf(double z) {
  return 0.5 * std::erfc(-z / std::numbers::sqrt2);
}
double normalPdf(double z) {
  return std::exp(-0.5 * z * z) / std::sqrt(2 * std::numbers::pi);
}

double logNormalTail(double z) {
  if (z < 8) return std::log(normalCdf(-z));
  // Asymptotic series of the complementary error function (Abramowitz & Stegun 7.1.23).
  const double z2 = z * z;
  return -0.5 * z2 - std::log(z * std::sqrt(2 * std::numbers::pi)) +
         std::log1p(-1 / z2 + 3 / (z2 * z2) - 15 / (z2 * z2 * z2));
}

double inverseMills(double a) {
  const double log_pdf = -0.5 * a * a - 0.5 * std::log(2 * std::numbers::pi);
  return std::exp(log_pdf - logNormalTail(-a));
}

}  // namespace distanz::estimate

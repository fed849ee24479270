#include "support/chance.h"

#include <algorithm>
#include <boost/math/distributions/binomial.hpp>
#include <boost/math/distributions/normal.hpp>
#include <cmath>
#include <cstdlib>

namespace distanz::test {

double Share::value() const {
  return of > 0 ? static_cast<double>(yes) / of : NAN;
}

std::ostream& operator<<(std::ostream& out, const Share& share) {
  return out << share.yes << " of " << share.of;
}

int fewest(int tries, double probability) {
  const boost::math::binomial_distribution<double> all(tries, probability);
  int k = 0;
  while (k < tries && cdf(all, k) <= kByChance) ++k;  // P(X <= k): so few still are too few
  return k;
}

int most(int tries, double probability) {
  return tries - fewest(tries, 1 - probability);
}

bool holdsFor(const Share& seen, double probability) {
  return seen.of == 0 || seen.yes >= fewest(seen.of, probability);
}

bool seldom(const Share& seen, double probability) {
  return seen.of == 0 || seen.yes <= most(seen.of, probability);
}

Middle::Middle(std::vector<double> values, Of of) : m_value(NAN) {
  std::erase_if(values, [](double v) { return !std::isfinite(v); });
  m_tries = static_cast<int>(values.size());
  if (values.empty()) return;
  const auto n = static_cast<double>(values.size());
  const auto quantile = [&](double share) {
    const auto at = values.begin() + static_cast<std::ptrdiff_t>(share * (n - 1) + 0.5);
    std::nth_element(values.begin(), at, values.end());
    return *at;
  };
  if (of == Of::Median) {
    m_value = quantile(0.5);
    m_sd = (quantile(0.75) - quantile(0.25)) / 1.349;  // of a normal distribution
    m_error = std::sqrt(M_PI / 2 / n) * m_sd;
    return;
  }
  double sum = 0, squares = 0;
  for (double v : values) sum += v;
  m_value = sum / n;
  for (double v : values) squares += (v - m_value) * (v - m_value);
  m_sd = n > 1 ? std::sqrt(squares / (n - 1)) : 0;
  m_error = m_sd / std::sqrt(n);
}

bool Middle::within(double allowed) const {
  static const double z = quantile(complement(boost::math::normal_distribution<double>(), kByChance));
  return m_tries == 0 || std::abs(m_value) <= allowed + z * m_error;
}

std::ostream& operator<<(std::ostream& out, const Middle& middle) {
  return out << middle.value() << " (sd " << middle.sd() << " of " << middle.tries() << ")";
}

std::uint64_t seed(std::uint64_t usual) {
  static const char* const asked = std::getenv("DISTANZ_SEED");
  return asked ? usual + 1'000'003 * std::strtoull(asked, nullptr, 10) : usual;
}

}  // namespace distanz::test

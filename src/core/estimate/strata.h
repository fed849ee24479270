#pragma once
#include <cmath>
#include <vector>

#include "core/dice/random.h"
#include "core/estimate/distribution.h"

namespace distanz::estimate {

template <class T>
void shuffle(std::vector<T>& values, dice::Random& random) {
  for (std::size_t i = values.size(); i > 1; --i)
    std::swap(values[i - 1], values[static_cast<std::size_t>(random.uniform() * static_cast<double>(i))]);
}

/// One value in each of n equally likely parts of a distribution, in random order: quantiles of what is made
/// of them scatter far less than with plain draws. Source: M. D. McKay et al., Technometrics 21(2) (1979).
class Strata {
 public:
  Strata(dice::Random& random, int n) : m_random(random), m_n(n) {}
  /// Middles of the parts, rising.
  std::vector<double> inOrder() const {
    std::vector<double> out;
    for (int i = 0; i < m_n; ++i) out.push_back((i + 0.5) / m_n);
    return out;
  }
  template <class Quantile>
  std::vector<double> operator()(Quantile quantile) {
    std::vector<double> out = inOrder();
    for (double& v : out) v = quantile(v);
    shuffle(out, m_random);
    return out;
  }
  std::vector<double> normals() { return (*this)(normalQuantile); }
  /// Of sqrt(df variance / chi-squared(df)).
  std::vector<double> sds(double variance, double df) {
    return (*this)([&](double p) { return std::sqrt(df * variance / chiSquaredQuantile(p, df)); });
  }

 private:
  dice::Random& m_random;
  int m_n;
};

}  // namespace distanz::estimate

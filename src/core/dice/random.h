#pragma once
#include <cstdint>
#include <random>

namespace distanz::dice {

/// Seeded numbers that are the same on every machine: the standard fixes the engine but not its
/// distributions.
class Random {
 public:
  explicit Random(std::uint64_t seed) : m_engine(seed) {}
  /// Uniform on [0, 1).
  double uniform();
  double uniform(double low, double high) { return low + (high - low) * uniform(); }
  /// Standard normal (Box & Muller, Ann. Math. Statist. 29 (1958)).
  double normal();
  /// Number of successes in n trials. @param p clamped to 0..1.
  int binomial(int n, double p);

 private:
  std::mt19937_64 m_engine;
  double m_spare = 0;
  bool m_has_spare = false;
};

}  // namespace distanz::dice

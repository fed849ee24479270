#include "core/dice/random.h"

#include <cmath>
#include <numbers>

namespace distanz::dice {

double Random::uniform() {
  return static_cast<double>(m_engine() >> 11) * 0x1.0p-53;
}

double Random::normal() {
  if (m_has_spare) {
    m_has_spare = false;
    return m_spare;
  }
  const double radius = std::sqrt(-2 * std::log(1 - uniform())), angle = 2 * std::numbers::pi * uniform();
  m_spare = radius * std::sin(angle);
  m_has_spare = true;
  return radius * std::cos(angle);
}

int Random::binomial(int n, double p) {
  int hits = 0;
  for (int i = 0; i < n; ++i) hits += uniform() < p;
  return hits;
}

}  // namespace distanz::dice

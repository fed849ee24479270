#pragma once
#include <vector>

#include "core/dice/random.h"

namespace distanz::estimate {

/// Place shadowing about the line as a Markov chain over the stretches of a path, seen with noise in some of
/// them. How well it is known does not hang on what was seen: gains are worked out once, then any number of
/// drawings cost a pass each way. Source: C. K. Carter & R. Kohn, Biometrika 81(3) (1994).
class PlaceChain {
 public:
  /// @param distance_m of the stretches @param length_m correlation length @param noise_var of what was seen;
  /// infinite where a stretch was not
  PlaceChain(const std::vector<double>& distance_m, double place_var, double length_m,
             const std::vector<double>& noise_var);

  /// @param seen off the line where it was seen (any value elsewhere); becomes one equally likely shadowing
  void draw(std::vector<double>& seen, dice::Random& random);
  /// The same, becomes the mean of all such.
  void smooth(std::vector<double>& seen);
  /// What each sight of a stretch adds to what the ones before it led to expect, in its own sd: apart and of
  /// unit variance where `seen` is such shadowing. 0 where a stretch was not seen.
  std::vector<double> innovations(const std::vector<double>& seen);
  /// Variance about that mean, per stretch.
  std::vector<double> variance() const;

 private:
  void filter(const std::vector<double>& seen);
  std::vector<double> m_step, m_gain, m_surprise, m_filtered, m_back, m_sd, m_mean;
};

}  // namespace distanz::estimate

#pragma once
#include <cmath>
#include <cstdint>
#include <ostream>
#include <vector>

/// What chance alone may do to what a simulation counts. A check made with these fails once in a million runs
/// where the claim is only just true; no test makes more than a hundred, so that chance fails none more than
/// once in 10,000.
namespace distanz::test {

constexpr double kByChance = 1e-6;

/// So many of so many independent tries.
struct Share {
  int yes = 0, of = 0;
  double value() const;  ///< NaN of none
  void operator+=(bool hit) { yes += hit, ++of; }
  void operator+=(const Share& more) { yes += more.yes, of += more.of; }
};
std::ostream& operator<<(std::ostream& out, const Share& share);

/// True unless so few can hardly be where each try succeeds with that probability or a higher one.
/// Binomial; of none it is true.
bool holdsFor(const Share& seen, double probability);
/// True unless so many can hardly be where each try succeeds with that probability or a lower one.
bool seldom(const Share& seen, double probability);
/// The fewest, and the most, that pass. @param tries > 0 @param probability 0..1
int fewest(int tries, double probability);
int most(int tries, double probability);

/// Middle of what independent tries gave, with how far chance may take it.
class Middle {
 public:
  enum class Of { Mean, Median };
  Middle() = default;
  Middle(std::vector<double> values, Of of);  ///< what is not finite is left out
  double value() const { return m_value; }    ///< NaN of none
  /// Standard deviation of the values themselves; robust for a median.
  double sd() const { return m_sd; }
  int tries() const { return m_tries; }
  /// True unless the middle can hardly be there where the truth is no farther from 0 than this. Normal: of 20
  /// values or more.
  bool within(double allowed) const;

 private:
  double m_value = NAN, m_sd = 0, m_error = 0;
  int m_tries = 0;
};
std::ostream& operator<<(std::ostream& out, const Middle& middle);

/// A seed of a study. Where DISTANZ_SEED tells a number, other ones are drawn: bench/chance_to_fail runs
/// every study under many.
std::uint64_t seed(std::uint64_t usual);

}  // namespace distanz::test

#pragma once
#include <optional>
#include <vector>

namespace distanz::estimate {

/// What one flight read on one stretch on the scale of a receiver that nobody calibrated: percent, 0 to 99, volts, bars.
struct ScaleReading {
  int setup = 0;
  int place = 0;  ///< of the path, as placeIndex()
  double log_distance = 0;
  double value = 0;
};

/// Such a scale made comparable over distance: readings become dB as if the signal fell by 27 dB per factor 10 of distance
/// (defaults::kExponentPrior). Ratios of ranges need no more, for true dB and exponent cancel in them; a dB told of it would
/// be wrong by as much as the exponent.
class OwnScale {
 public:
  /// Through these points, straight between them and on beyond the outer ones.
  /// @param values rising strictly, at least two @param db as many, rising or falling strictly
  OwnScale(std::vector<double> values, std::vector<double> db);
  double db(double value) const;
  double value(double db) const;
  /// dB a unit at a value; negative for a scale that runs backwards.
  double slope(double value) const;
  bool backwards() const { return m_db.back() < m_db.front(); }
  bool bent() const { return m_values.size() > 2; }

 private:
  std::vector<double> m_values, m_db;
};

/// From all readings of one scale that stand at neither of its ends. Straight, unless the readings themselves show it bent.
/// @return none where they hardly change with distance: they tell nothing
/// Sources: R. E. Barlow et al., Statistical Inference under Order Restrictions (1972): monotone regression; P. H. C. Eilers &
/// B. D. Marx, Statistical Science 11(2) (1996): smoothness.
std::optional<OwnScale> fitOwnScale(const std::vector<ScaleReading>& readings);

}  // namespace distanz::estimate

#pragma once
#include <cmath>
#include <string>
#include <vector>

#include "core/log/unheard_values.h"

namespace distanz::log {

constexpr double kNothing_s = 2;       ///< no value for this long: nothing arrived
constexpr double kUsualIntervals = 3;  ///< unless the log is as slow as that itself

/// Median interval between these rows; 0 for fewer than two.
double usualInterval(const std::vector<double>& time_s, const std::vector<std::size_t>& rows);

/// Rows in which a link was heard, and how well.
class Ear {
 public:
  /// @param recording outlives it @param rows as rowsOfLink() gives them
  Ear(const Recording& recording, const std::string& link, const LinkRows& rows);

  /// Whether the link was going where it was heard about that time: between, or within a moment of it.
  bool goingAt(double time_s) const;
  /// Mean signal within a moment of it, dBm; NaN where there is none.
  double levelNear(double time_s) const { return meanNear(m_signal, time_s); }
  /// A receiver that hears nothing any more has less than the little that it did hear.
  double lowest_dbm() const { return m_lowest; }

  std::vector<std::size_t> heard;  ///< rows, rising
  double limit_s = kNothing_s;     ///< longer between two of them, and nothing arrived

 private:
  using Values = std::vector<double>;
  /// Sums and counts of a channel's values up to each row heard, so that a mean over many costs no more.
  struct Sums {
    Values sum;
    std::vector<std::size_t> count;
  };
  /// @param c null: there is none @param values receives those there are
  Sums sumsOf(const Values* c, const std::vector<bool>* without, Values& values) const;
  double meanNear(const Sums& sums, double time_s) const;

  const Recording& m_r;
  Sums m_carried, m_signal;
  double m_best = NAN, m_lowest = NAN;
};

}  // namespace distanz::log

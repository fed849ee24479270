#pragma once
#include <array>
#include <vector>

namespace distanz::estimate {

using Covariance2 = std::array<std::array<double, 2>, 2>;

/// Straight line of place level over log10 distance, with the shadowing about it.
struct PlaceLine {
  double centre = 0;                                  ///< xbar: log10 metres about which the line is written
  std::array<double, 2> coefficient{};                ///< dBm at the centre; dB per decade
  Covariance2 covariance{};                           ///< of these two
  double place_var_db2 = 0;  ///< s_c^2
  double place_var_var = 0;  ///< v_c, spread of s_c^2 over the grid
  double df = 0;             ///< nu_c
  double slope_data = 0;     ///< dB per decade without the prior on the exponent
  double slope_data_var = 0;
  double correlation_m = 0;  ///< posterior mean correlation length
  /// False where what the line was fitted to allows none.
  bool known() const;
  double exponent() const { return -coefficient[1] / 10; }
  double exponentSd() const;
  double extra_db2 = 0;  ///< mean of what the fading of few readings adds to a place's level
  double exponentData() const { return -slope_data / 10; }
  double exponentDataSd() const;
  double at(double log_distance) const { return coefficient[0] + coefficient[1] * (log_distance - centre); }
  double varianceAt(double log_distance) const;
  /// log10 of the distance at which the line meets a level. The slope must not be 0.
  double logDistanceAt(double level_dbm) const {
    return centre + (level_dbm - coefficient[0]) / coefficient[1];
  }
};

/// Generalised least squares averaged over a grid of correlation lengths, weak priors on spread and exponent.
/// @param log_distance x_k increasing, at least 4 @param place_dbm c_k @param flights_at n_k @param
/// within_var_db2 s_x^2 @param extra_db2 per place, what the fading of few readings adds to it; empty: nothing
/// @throws DomainError for fewer than 4 places or unequal lengths.
/// Sources: M. Gudmundson, Electronics Letters 27(23) (1991): exponential correlation; A. Gelman, Bayesian
/// Analysis 1(3) (2006).
PlaceLine fitPlaceLine(const std::vector<double>& log_distance, const std::vector<double>& place_dbm,
                       const std::vector<int>& flights_at, double within_var_db2,
                       const std::vector<double>& extra_db2 = {});

}  // namespace distanz::estimate

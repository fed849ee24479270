#pragma once
#include <vector>

namespace distanz::estimate {

/// Mean after dropping floor(trim n) values at either end. @param values not empty; their order is changed
/// @param trim in [0, 0.5)
double trimmedMean(std::vector<double>& values, double trim);
/// The same of values that rise already.
double trimmedMeanOfRising(const std::vector<double>& values, double trim);

/// Quantile of values that rise, not empty: each stands in the middle of its share, linear between. @param p
/// in [0, 1]
double quantileOf(const std::vector<double>& rising, double p);

/// Middle value; mean of the middle two for an even count. @param values not empty
double median(std::vector<double> values);

/// Median of the absolute values; mean of the middle two for an even count. @param values not empty
double medianAbsolute(std::vector<double> values);

/// A variance pulled towards what is usual, and how much it is worth.
struct ModeratedVariance {
  double variance = 0;
  double df = 0;
  bool unusual = false;  ///< the data contradict the prior, which was dropped
};

/// (ss + prior_df prior_sd^2)/(df + prior_df); the prior is dropped where df >= 2 and ss/df lies above
/// unusual_sd^2.
/// @param ss sum of squares about the means @param df its degrees of freedom, 0 for the prior alone
/// Source: G. K. Smyth, Stat. Appl. Genet. Mol. Biol. 3(1) (2004).
ModeratedVariance moderatedVariance(double ss, double df, double prior_sd, double prior_df,
                                    double unusual_sd);

}  // namespace distanz::estimate

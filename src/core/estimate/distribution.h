#pragma once

namespace distanz::estimate {

/// Quantile of Student's t. @param p in (0, 1) @param df real, > 0. @throws DomainError.
double tQuantile(double p, double df);
/// Distribution function of Student's t; t may be infinite. @param df real, > 0.
double tCdf(double t, double df);
/// Quantile of the standard normal. @param p in (0, 1) @throws DomainError.
double normalQuantile(double p);
/// Quantile of chi-squared. @param p in (0, 1) @param df real, > 0. @throws DomainError.
double chiSquaredQuantile(double p, double df);
/// Quantile of the beta distribution. @param p in (0, 1) @param a, b > 0. @throws DomainError.
double betaQuantile(double p, double a, double b);
double normalCdf(double z);
double normalPdf(double z);
/// phi(a)/Phi(a) without underflow for very negative a.
double inverseMills(double a);
/// Natural logarithm of 1 - Phi(z), without underflow.
double logNormalTail(double z);

}  // namespace distanz::estimate

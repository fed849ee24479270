#include "core/estimate/place_line.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>

#include "core/estimate/defaults.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

using Eigen::Matrix2d, Eigen::Vector2d, Eigen::VectorXd;

struct Data {
  VectorXd x, c, distance_m, variance, extra;  // x about its mean; variance D_k, of which extra by few readings
};

/// One point of the grid: the line for a given correlation length, and how well it suits the data.
struct GridFit {
  double log_weight = 0, phi = 0, effective = 0;
  Vector2d flat, b;  // without and with the prior on the slope
  Matrix2d flat_cov, cov;
};

/// Exponential shadowing is a Markov process: whitening by the previous place is exact (up to jitter) and
/// linear in K.
struct Whitener {
  VectorXd rho, scale;
  double log_det = 0;  // log |L|
  Whitener(const VectorXd& d, double length_m) : rho(d.size()), scale(d.size()) {
    rho[0] = 0;
    scale[0] = 1;
    for (Eigen::Index k = 1; k < d.size(); ++k) {
      rho[k] = std::exp(-(d[k] - d[k - 1]) / length_m);
      scale[k] = std::sqrt(std::max(1 - rho[k] * rho[k], 1e-9));
      log_det += std::log(scale[k]);
    }
  }
  VectorXd operator()(const VectorXd& v) const {
    VectorXd z(v.size());
    z[0] = v[0];
    for (Eigen::Index k = 1; k < v.size(); ++k) z[k] = (v[k] - rho[k] * v[k - 1]) / scale[k];
    return z;
  }
};

double effectivePlaces(const VectorXd& d, double length_m) {
  const auto n = d.size();
  double sum = 0;
  for (Eigen::Index i = 0; i < n; ++i)
    for (Eigen::Index j = 0; j < n; ++j) sum += std::exp(-2 * std::abs(d[i] - d[j]) / length_m);
  return static_cast<double>(n) * static_cast<double>(n) / sum;
}

GridFit fitAt(const Data& data, double length_m) {
  const Whitener whiten(data.distance_m, length_m);
  const VectorXd root = data.variance.cwiseSqrt();
  const VectorXd one = whiten(root.cwiseInverse()), x = whiten(data.x.cwiseQuotient(root)),
                 c = whiten(data.c.cwiseQuotient(root));
  Matrix2d xx;
  xx << one.dot(one), one.dot(x), one.dot(x), x.dot(x);
  const Vector2d xy(one.dot(c), x.dot(c));
  const double k = static_cast<double>(c.size()), df = k - 2 + defaults::kPlacePriorDf;
  GridFit fit;
  const Matrix2d xx_inverse = xx.inverse();
  fit.flat = xx_inverse * xy;
  const double rss = std::max(c.dot(c) - fit.flat.dot(xy), 0.0);
  fit.phi =
      (rss + defaults::kPlacePriorDf * std::pow(defaults::kPlacePriorSd_db, 2) / data.variance.mean()) / df;
  fit.flat_cov = fit.phi * xx_inverse;
  Matrix2d prior = Matrix2d::Zero();
  prior(1, 1) = 1 / std::pow(10 * defaults::kExponentPriorSd, 2);
  const Matrix2d precision = xx / fit.phi + prior;
  fit.cov = precision.inverse();
  fit.b = fit.cov * (xy / fit.phi + prior * Vector2d(0, -10 * defaults::kExponentPrior));
  const double away = std::log(length_m / defaults::kCorrelationMedian_m) / defaults::kCorrelationLogSd;
  fit.log_weight =
      -whiten.log_det - 0.5 * std::log(xx.determinant()) - 0.5 * df * std::log(fit.phi) - 0.5 * away * away;
  fit.effective = effectivePlaces(data.distance_m, length_m);
  return fit;
}

Data prepare(const std::vector<double>& log_distance, const std::vector<double>& place_dbm,
             const std::vector<int>& flights_at, double within_var_db2, const std::vector<double>& extra_db2) {
  const auto k = static_cast<Eigen::Index>(log_distance.size());
  Data data;
  data.x = Eigen::Map<const VectorXd>(log_distance.data(), k);
  data.c = Eigen::Map<const VectorXd>(place_dbm.data(), k);
  data.distance_m = data.x.unaryExpr([](double v) { return std::pow(10, v); });
  data.x.array() -= data.x.mean();
  if (!(data.x.squaredNorm() > 0)) throw DomainError("places at several distances");
  const VectorXd centred = data.c.array() - data.c.mean();
  const VectorXd r0 = centred - data.x * (data.x.dot(centred) / data.x.squaredNorm());
  const double s0 = std::max(r0.squaredNorm() / static_cast<double>(k - 2), 1.0);
  VectorXd inverse_n(k);
  for (Eigen::Index i = 0; i < k; ++i) inverse_n[i] = 1.0 / flights_at[static_cast<std::size_t>(i)];
  data.extra = VectorXd::Zero(k);
  if (!extra_db2.empty()) data.extra = Eigen::Map<const VectorXd>(extra_db2.data(), k);
  const double sz0 = std::max(s0 - within_var_db2 * inverse_n.mean() - data.extra.mean(), 0.25 * s0);
  data.variance = sz0 + (within_var_db2 * inverse_n + data.extra).array();
  return data;
}

}  // namespace

bool PlaceLine::known() const {
  for (std::size_t i : {0, 1})
    if (!std::isfinite(coefficient[i]) || !std::isfinite(covariance[i][0]) || !std::isfinite(covariance[i][1]))
      return false;
  return true;
}
double PlaceLine::exponentSd() const {
  return std::sqrt(covariance[1][1]) / 10;
}
double PlaceLine::exponentDataSd() const {
  return std::sqrt(slope_data_var) / 10;
}
double PlaceLine::varianceAt(double log_distance) const {
  const double x = log_distance - centre;
  return covariance[0][0] + x * (covariance[0][1] + covariance[1][0]) + x * x * covariance[1][1];
}

PlaceLine fitPlaceLine(const std::vector<double>& log_distance, const std::vector<double>& place_dbm,
                       const std::vector<int>& flights_at, double within_var_db2,
                       const std::vector<double>& extra_db2) {
  if (log_distance.size() < static_cast<std::size_t>(defaults::kMinCells)) throw DomainError("places >= 4");
  if (log_distance.size() != place_dbm.size() || log_distance.size() != flights_at.size())
    throw DomainError("levels.size() == places.size()");
  const Data data = prepare(log_distance, place_dbm, flights_at, within_var_db2, extra_db2);
  std::vector<GridFit> grid;
  double best = -INFINITY, total = 0;
  for (double length : defaults::kCorrelationGrid_m) {
    grid.push_back(fitAt(data, length));
    best = std::max(best, grid.back().log_weight);
  }
  for (GridFit& g : grid) total += g.log_weight = std::exp(g.log_weight - best);

  PlaceLine line;
  line.centre = Eigen::Map<const VectorXd>(log_distance.data(), data.x.size()).mean();
  line.extra_db2 = data.extra.mean();
  const double mean_variance = (data.variance - data.extra).mean();
  Vector2d coefficient = Vector2d::Zero();
  Matrix2d covariance = Matrix2d::Zero();
  double effective = 0;
  for (std::size_t i = 0; i < grid.size(); ++i) {
    GridFit& g = grid[i];
    const double w = g.log_weight /= total;
    coefficient += w * g.b;
    line.slope_data += w * g.flat[1];
    line.place_var_db2 += w * g.phi * mean_variance;
    line.correlation_m += w * defaults::kCorrelationGrid_m[i];
    effective += w * g.effective;
  }
  for (const GridFit& g : grid) {
    const double w = g.log_weight;
    const Vector2d off = g.b - coefficient;
    covariance += w * (g.cov + off * off.transpose());
    line.slope_data_var += w * (g.flat_cov(1, 1) + std::pow(g.flat[1] - line.slope_data, 2));
    line.place_var_var += w * std::pow(g.phi * mean_variance - line.place_var_db2, 2);
  }
  line.coefficient = {coefficient[0], coefficient[1]};
  line.covariance = {{{covariance(0, 0), covariance(0, 1)}, {covariance(1, 0), covariance(1, 1)}}};
  line.df = std::max(effective - 2, 1.0) + defaults::kPlacePriorDf;
  return line;
}

}  // namespace distanz::estimate

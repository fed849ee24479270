#include "core/estimate/own_scale.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <map>

#include "core/estimate/defaults.h"
#include "core/finding/error.h"

namespace distanz::estimate {
namespace {

using Eigen::MatrixXd;
using Eigen::VectorXd;

constexpr double kFall_db = 10 * defaults::kExponentPrior;  // per factor 10 of distance
constexpr int kLeastPlaces = 6;
constexpr double kFallsBeyond_se = 3, kBentBeyond_se = 3;
constexpr double kMostAlike = 0.8;      // of neighbouring places
constexpr int kKnots = 8;               // more than are told apart: what they may bend is bounded by kFreedom
constexpr double kFreedom = 4;          // of a bent curve: straight has 2
constexpr double kLeastSlope = 0.12;    // of the usual one: flatter, a reading tells nothing
constexpr int kTurns = 12;
constexpr double kMostShift = 0.1;      // of a setup, per turn, log10

/// Mean of a setup over a place, all its flights.
struct Point {
  int setup = 0, place = 0;
  double x = 0, y = 0, weight = 0;
};

std::vector<Point> pointsOf(const std::vector<ScaleReading>& readings) {
  std::map<std::pair<int, int>, Point> sums;
  for (const ScaleReading& r : readings) {
    Point& p = sums[{r.setup, r.place}];
    p.setup = r.setup;
    p.place = r.place;
    p.x += r.log_distance;
    p.y += r.value;
    ++p.weight;
  }
  std::vector<Point> out;
  for (auto& [key, p] : sums) {
    p.x /= p.weight;
    p.y /= p.weight;
    out.push_back(p);
  }
  return out;
}

/// Each setup at its own height, which is taken out first. Places that are near each other are alike: what a coefficient
/// may be off is worked from what is left at places, and how far that hangs together.
struct Polynomial {
  VectorXd coefficient, se;  // of the first, second and third power of centred x
};

/// Points as rows of powers of x and the reading behind them, each setup's mean taken off.
MatrixXd withoutHeights(const std::vector<Point>& points, int powers) {
  double centre = 0;
  for (const Point& p : points) centre += p.x / static_cast<double>(points.size());
  MatrixXd out(static_cast<Eigen::Index>(points.size()), powers + 1);
  std::map<int, std::pair<VectorXd, double>> of;  // by setup: weighted sum of its rows, weight
  for (std::size_t i = 0; i < points.size(); ++i) {
    const auto row = static_cast<Eigen::Index>(i);
    for (int k = 0; k < powers; ++k) out(row, k) = std::pow(points[i].x - centre, k + 1);
    out(row, powers) = points[i].y;
    auto& [sum, weight] = of.try_emplace(points[i].setup, VectorXd::Zero(powers + 1), 0.0).first->second;
    sum += points[i].weight * out.row(row).transpose();
    weight += points[i].weight;
  }
  for (std::size_t i = 0; i < points.size(); ++i) {
    const auto& [sum, weight] = of.at(points[i].setup);
    out.row(static_cast<Eigen::Index>(i)) -= sum.transpose() / weight;
  }
  return out;
}

/// Variance of a place's mean residual for one of mean weight, widened by how alike neighbours are.
double varianceAtPlaces(const std::vector<Point>& points, const VectorXd& residual, int powers) {
  std::map<int, std::pair<double, double>> left;  // by place: weighted residual, weight
  double total = 0;
  for (std::size_t i = 0; i < points.size(); ++i) {
    auto& [sum, weight] = left[points[i].place];
    sum += points[i].weight * residual[static_cast<Eigen::Index>(i)];
    weight += points[i].weight;
    total += points[i].weight;
  }
  double squares = 0, products = 0, before = 0;
  int before_place = -1;
  for (const auto& [place, l] : left) {
    const double mean = l.first / l.second;
    squares += mean * mean;
    if (place == before_place + 1) products += before * mean;
    before = mean;
    before_place = place;
  }
  const auto places = static_cast<double>(left.size());
  if (places < powers + 3) return NAN;
  const double alike = std::clamp(squares > 0 ? products / squares : 0, 0.0, kMostAlike);
  return squares / (places - powers - 1) * (1 + alike) / (1 - alike) * total / places;
}

std::optional<Polynomial> polynomialOf(const std::vector<Point>& points, int powers) {
  const MatrixXd rows = withoutHeights(points, powers);
  VectorXd weight(rows.rows());
  for (std::size_t i = 0; i < points.size(); ++i) weight[static_cast<Eigen::Index>(i)] = points[i].weight;
  const auto x = rows.leftCols(powers);
  const MatrixXd normal = x.transpose() * weight.asDiagonal() * x;
  const Eigen::FullPivLU<MatrixXd> solver(normal);
  if (!normal.allFinite() || !solver.isInvertible()) return std::nullopt;
  Polynomial out;
  out.coefficient = solver.solve(x.transpose() * weight.asDiagonal() * rows.col(powers));
  const double variance = varianceAtPlaces(points, rows.col(powers) - x * out.coefficient, powers);
  if (!out.coefficient.allFinite() || !std::isfinite(variance)) return std::nullopt;
  out.se = (solver.inverse().diagonal() * variance).cwiseMax(1e-18).cwiseSqrt();
  return out;
}

/// A falling curve through knots, and how far each setup is shifted along it.
class Curve {
 public:
  Curve(const std::vector<Point>& points, double slope) : m_points(points), m_slope(slope) {
    for (const Point& p : points) m_shift[p.setup] = 0;
    double low = INFINITY, high = -INFINITY;
    for (const Point& p : points) low = std::min(low, p.x), high = std::max(high, p.x);
    m_first = low;
    m_step = (high - low) / (kKnots - 1);
    m_height = VectorXd::Zero(kKnots);
  }

  void fit() {
    for (int turn = 0; turn < kTurns; ++turn) {
      fitHeights();
      if (turn + 1 < kTurns) fitShifts();
    }
  }
  double place(int knot) const { return m_first + knot * m_step; }
  double height(int knot) const { return m_height[knot]; }

 private:
  /// Between which knots, and how far towards the second; beyond the outer ones straight on.
  std::pair<int, double> at(double z) const {
    const double t = (z - m_first) / m_step;
    const int i = std::clamp(static_cast<int>(std::floor(t)), 0, kKnots - 2);
    return {i, t - i};
  }

  void fitHeights() {
    MatrixXd normal = MatrixXd::Zero(kKnots, kKnots), rough = MatrixXd::Zero(kKnots, kKnots);
    VectorXd right = VectorXd::Zero(kKnots);
    for (const Point& p : m_points) {
      const auto [i, t] = at(p.x - m_shift.at(p.setup));
      VectorXd row = VectorXd::Zero(kKnots);
      row[i] = 1 - t;
      row[i + 1] = t;
      normal += p.weight * row * row.transpose();
      right += p.weight * p.y * row;
    }
    for (int k = 1; k + 1 < kKnots; ++k) {
      VectorXd bend = VectorXd::Zero(kKnots);
      bend[k - 1] = bend[k + 1] = 1;
      bend[k] = -2;
      rough += bend * bend.transpose();
    }
    const double scale = normal.trace() / kKnots;
    double low = -8, high = 8;  // log10 of how much roughness costs
    for (int i = 0; i < 40; ++i) {
      const double middle = (low + high) / 2;
      const MatrixXd whole = normal + std::pow(10, middle) * scale * rough;
      (whole.ldlt().solve(normal).trace() > kFreedom ? low : high) = middle;
    }
    m_height = (normal + std::pow(10, low) * scale * rough).ldlt().solve(right);
    letFall();
  }

  /// Monotone: what does not fall is pooled with its neighbours, less a little fall.
  void letFall() {
    const double least = kLeastSlope * std::abs(m_slope) * m_step;
    std::vector<std::pair<double, int>> blocks;
    for (int k = 0; k < kKnots; ++k) {
      blocks.emplace_back(m_height[k] + least * k, 1);
      while (blocks.size() > 1 && blocks.back().first > blocks[blocks.size() - 2].first) {
        const auto [mean, n] = blocks.back();
        blocks.pop_back();
        auto& [before, m] = blocks.back();
        before = (before * m + mean * n) / (m + n);
        m += n;
      }
    }
    int k = 0;
    for (const auto& [mean, n] : blocks)
      for (int i = 0; i < n; ++i, ++k) m_height[k] = mean - least * k;
  }

  void fitShifts() {
    const int reference = m_points.front().setup;
    for (auto& [setup, shift] : m_shift) {
      if (setup == reference) continue;
      double up = 0, down = 0;
      for (const Point& p : m_points) {
        if (p.setup != setup) continue;
        const auto [i, t] = at(p.x - shift);
        const double slope = (m_height[i + 1] - m_height[i]) / m_step;
        up -= p.weight * slope * (p.y - m_height[i] - t * (m_height[i + 1] - m_height[i]));
        down += p.weight * slope * slope;
      }
      if (down > 0) shift += std::clamp(up / down, -kMostShift, kMostShift);
    }
  }

  const std::vector<Point>& m_points;
  double m_slope;
  std::map<int, double> m_shift;
  double m_first = 0, m_step = 0;
  VectorXd m_height;
};

}  // namespace

OwnScale::OwnScale(std::vector<double> values, std::vector<double> db) : m_values(std::move(values)), m_db(std::move(db)) {
  if (m_values.size() < 2 || m_values.size() != m_db.size() || !std::is_sorted(m_values.begin(), m_values.end()))
    throw DomainError("values rising, as many dB");
}

namespace {

/// Straight through the two points about x.
double between(const std::vector<double>& x, const std::vector<double>& y, double at, bool falling) {
  std::size_t i = 0;
  while (i + 2 < x.size() && (falling ? at < x[i + 1] : at > x[i + 1])) ++i;
  return y[i] + (at - x[i]) * (y[i + 1] - y[i]) / (x[i + 1] - x[i]);
}

}  // namespace

double OwnScale::db(double value) const { return between(m_values, m_db, value, false); }
double OwnScale::value(double db) const { return between(m_db, m_values, db, backwards()); }

double OwnScale::slope(double value) const {
  std::size_t i = 0;
  while (i + 2 < m_values.size() && value > m_values[i + 1]) ++i;
  return (m_db[i + 1] - m_db[i]) / (m_values[i + 1] - m_values[i]);
}

std::optional<OwnScale> fitOwnScale(const std::vector<ScaleReading>& readings) {
  std::vector<Point> points = pointsOf(readings);
  if (static_cast<int>(points.size()) < kLeastPlaces) return std::nullopt;
  const auto line = polynomialOf(points, 1);
  if (!line || std::abs(line->coefficient[0]) < kFallsBeyond_se * line->se[0]) return std::nullopt;
  const double slope = line->coefficient[0], sign = slope > 0 ? -1 : 1;
  const auto cubic = polynomialOf(points, 3);
  const bool bent = cubic && (std::abs(cubic->coefficient[1]) > kBentBeyond_se * cubic->se[1] ||
                              std::abs(cubic->coefficient[2]) > kBentBeyond_se * cubic->se[2]);
  std::vector<std::pair<double, double>> through;  // value, dB
  if (bent) {
    for (Point& p : points) p.y *= sign;
    Curve curve(points, slope);
    curve.fit();
    for (int k = 0; k < kKnots; ++k) through.emplace_back(sign * curve.height(k), -kFall_db * curve.place(k));
  } else {
    double x = 0, y = 0;
    for (const Point& p : points) x += p.x / static_cast<double>(points.size()), y += p.y / static_cast<double>(points.size());
    for (const double off : {0.0, 1.0}) through.emplace_back(y + off * slope, -kFall_db * (x + off));
  }
  std::sort(through.begin(), through.end());
  std::vector<double> values, db;
  for (const auto& [value, level] : through) values.push_back(value), db.push_back(level);
  return OwnScale(std::move(values), std::move(db));
}

}  // namespace distanz::estimate

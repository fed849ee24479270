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

/// Straight lines of one slope, each setup at its own height. Places that are near each other are alike: what a coefficient
/// may be off is worked from what is left at places, and how far that hangs together.
struct Polynomial {
  VectorXd coefficient, se;  // of the first, second and third power of centred x
};

std::optional<Polynomial> polynomialOf(const std::vector<Point>& points, int powers) {
  std::map<int, int> column;
  for (const Point& p : points) column.emplace(p.setup, static_cast<int>(column.size()));
  const int setups = static_cast<int>(column.size()), width = setups + powers;
  double centre = 0;
  for (const Point& p : points) centre += p.x / static_cast<double>(points.size());
  MatrixXd normal = MatrixXd::Zero(width, width);
  VectorXd right = VectorXd::Zero(width);
  const auto rowOf = [&](const Point& p) {
    VectorXd row = VectorXd::Zero(width);
    row[column.at(p.setup)] = 1;
    for (int k = 0; k < powers; ++k) row[setups + k] = std::pow(p.x - centre, k + 1);
    return row;
  };
  for (const Point& p : points) {
    const VectorXd row = rowOf(p);
    normal += p.weight * row * row.transpose();
    right += p.weight * p.y * row;
  }
  const Eigen::FullPivLU<MatrixXd> solver(normal);
  if (!solver.isInvertible()) return std::nullopt;
  const VectorXd fit = solver.solve(right);
  std::map<int, std::pair<double, double>> left;  // by place: weighted residual, weight
  for (const Point& p : points) {
    auto& [sum, weight] = left[p.place];
    sum += p.weight * (p.y - rowOf(p).dot(fit));
    weight += p.weight;
  }
  double squares = 0, products = 0, total = 0, before = NAN;
  int before_place = 0;
  for (const auto& [place, l] : left) {
    const double residual = l.first / l.second;
    squares += residual * residual;
    total += l.second;
    if (place == before_place + 1 && std::isfinite(before)) products += before * residual;
    before = residual;
    before_place = place;
  }
  const double places = static_cast<double>(left.size());
  if (places < powers + 3) return std::nullopt;
  const double alike = std::clamp(squares > 0 ? products / squares : 0, 0.0, kMostAlike);
  const double variance = squares / (places - powers - 1) * (1 + alike) / (1 - alike) * total / places;
  Polynomial out;
  out.coefficient = fit.tail(powers);
  out.se = (solver.inverse().diagonal().tail(powers) * variance).cwiseMax(1e-18).cwiseSqrt();
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

#include "core/course/follow.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace distanz::course {
namespace {

constexpr double kKnot_s = 1, kBeside_m = 15, kStep_m = 10, kSlack = 0.5, kBackward = 0.05, kLostWay = 50;
constexpr double kWindow_m = 40;

struct Stretch {
  double chainage_m = 0, cost = 0;
  std::size_t from = 0;  ///< stretch of the knot before
};

struct Knot {
  std::size_t row = 0;
  std::vector<Stretch> stretches;
};

double squared(double v) { return v * v; }

/// Along a closed path the way leads on past its end.
double stepOf(double from_m, double to_m, double lap_m) {
  const double step = to_m - from_m;
  return lap_m > 0 ? std::remainder(step, lap_m) : step;
}

double costOfStep(double step_m, double flown_m) {
  const double off = std::max(std::abs(std::abs(step_m) - flown_m) - kSlack * flown_m, 0.0);
  return std::min(squared(off / kStep_m), kLostWay) + (step_m < 0 ? kBackward : 0);
}

std::vector<Knot> knotsOf(const Course& course, std::span<const double> time_s, std::span<const Flat> flat) {
  std::vector<Knot> out;
  double next_s = -INFINITY;
  for (std::size_t i = 0; i < flat.size(); ++i) {
    if (!(time_s[i] >= next_s) || !std::isfinite(flat[i].east_m)) continue;
    std::vector<Placement> near = course.places(flat[i], kFollowWithin_m);
    if (near.empty()) near.push_back(course.placeNear(flat[i], 0, INFINITY));
    Knot knot{i, {}};
    for (const Placement& p : near)
      knot.stretches.push_back({p.chainage_m, std::min(squared(p.side_m / kBeside_m), kLostWay), 0});
    out.push_back(std::move(knot));
    next_s = time_s[i] + kKnot_s;
  }
  return out;
}

/// Cheapest way through all knots: the chainage of each.
std::vector<double> cheapest(std::vector<Knot>& knots, std::span<const Flat> flat, double lap_m) {
  for (std::size_t k = 1; k < knots.size(); ++k) {
    const double flown = apart_m(flat[knots[k - 1].row], flat[knots[k].row]);
    for (Stretch& to : knots[k].stretches) {
      double best = std::numeric_limits<double>::infinity();
      for (std::size_t f = 0; f < knots[k - 1].stretches.size(); ++f) {
        const Stretch& from = knots[k - 1].stretches[f];
        const double cost = from.cost + costOfStep(stepOf(from.chainage_m, to.chainage_m, lap_m), flown);
        if (cost >= best) continue;
        best = cost;
        to.from = f;
      }
      to.cost += best;
    }
  }
  std::vector<double> out(knots.size());
  if (knots.empty()) return out;
  const auto& last = knots.back().stretches;
  auto at = static_cast<std::size_t>(
      std::min_element(last.begin(), last.end(), [](const Stretch& a, const Stretch& b) { return a.cost < b.cost; }) - last.begin());
  for (std::size_t k = knots.size(); k-- > 0;) {
    out[k] = knots[k].stretches[at].chainage_m;
    at = knots[k].stretches[at].from;
  }
  return out;
}

}  // namespace

bool comesNearItself(const Course& course) {
  const double length = course.length_m();
  if (course.closed()) return true;
  constexpr int kMostLooks = 2000;
  const double step = std::max(length / kMostLooks, kFollowWithin_m / 2);
  for (double at = 0; at <= length; at += step)
    if (course.places(course.at(at), kFollowWithin_m).size() > 1) return true;
  return false;
}

Followed follow(const Course& course, std::span<const double> time_s, std::span<const Flat> flat) {
  Followed out;
  out.chainage_m.assign(flat.size(), NAN);
  const double lap = course.closed() ? course.length_m() : 0;
  std::vector<Knot> knots = knotsOf(course, time_s, flat);
  const std::vector<double> chain = cheapest(knots, flat, lap);
  for (std::size_t k = 0; k < knots.size(); ++k) {
    const std::size_t end = k + 1 < knots.size() ? knots[k + 1].row : flat.size();
    for (std::size_t i = knots[k].row; i < end; ++i) {
      if (!std::isfinite(flat[i].east_m)) continue;
      const double window = kWindow_m + (1 + kSlack) * apart_m(flat[knots[k].row], flat[i]);
      out.chainage_m[i] = i == knots[k].row ? chain[k] : course.placeNear(flat[i], chain[k], window).chainage_m;
    }
    if (lap > 0 && (k == 0 || (stepOf(chain[k - 1], chain[k], lap) > 0 && chain[k] < chain[k - 1])))
      out.lap_begins_s.push_back(time_s[knots[k].row]);
  }
  return out;
}

}  // namespace distanz::course

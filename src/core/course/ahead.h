#pragma once
#include <cmath>
#include <numbers>

#include "core/course/course.h"

namespace distanz::course {

/// A point of a plane as seen along a bearing: ahead of its origin, and to the right, in m.
struct Ahead {
  double along_m = 0, right_m = 0;
};
inline Ahead aheadOf(const Flat& f, double bearing_deg) {
  const double turn = bearing_deg * std::numbers::pi / 180;
  return {f.east_m * std::sin(turn) + f.north_m * std::cos(turn),
          f.east_m * std::cos(turn) - f.north_m * std::sin(turn)};
}
inline Flat flatOf(const Ahead& a, double bearing_deg) {
  const double turn = bearing_deg * std::numbers::pi / 180;
  return {a.along_m * std::sin(turn) + a.right_m * std::cos(turn),
          a.along_m * std::cos(turn) - a.right_m * std::sin(turn)};
}

}  // namespace distanz::course

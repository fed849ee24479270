#pragma once
#include <cmath>
#include <numbers>

#include "core/course/course.h"

namespace distanz::plan {

/// A point of the station's plane as seen along a bearing: ahead of it, and to its right, in m.
struct Ahead {
  double along_m = 0, right_m = 0;
};
inline Ahead aheadOf(const course::Flat& f, double bearing_deg) {
  const double turn = bearing_deg * std::numbers::pi / 180;
  return {f.east_m * std::sin(turn) + f.north_m * std::cos(turn),
          f.east_m * std::cos(turn) - f.north_m * std::sin(turn)};
}

}  // namespace distanz::plan

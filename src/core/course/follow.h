#pragma once
#include <span>
#include <vector>

#include "core/course/course.h"

namespace distanz::course {

constexpr double kFollowWithin_m = 60;  ///< stretches this near are held to be the one that is flown

/// A path comes near itself: it crosses, winds back, or leads round more than once.
bool comesNearItself(const Course& course);

/// A flight put on such a path.
struct Followed {
  std::vector<double> chainage_m;   ///< as Placement::chainage_m; NaN where the position is
  std::vector<double> lap_begins_s;  ///< of a closed path: when it was begun, and begun again
};

/// Every position at the stretch that continues the way: what lies near a later lap is not put on an earlier one.
/// Found over all of the flight at once (Viterbi 1967): steps along the path as long as those flown, places near, and
/// rather forward than backward where both fit.
/// @param time_s not decreasing @param flat as long; NaN where unknown
Followed follow(const Course& course, std::span<const double> time_s, std::span<const Flat> flat);

}  // namespace distanz::course

#pragma once
#include <cstddef>
#include <vector>

#include "core/course/course.h"

namespace distanz::course {

/// Places in a line that keep its shape: no other place is farther from the line through them than
/// tolerance_m. First and last are among them. @param tolerance_m >= 0 Source: D. H. Douglas and T. K.
/// Peucker, Cartographica 10(2), 112-122 (1973).
std::vector<std::size_t> simplified(const std::vector<Flat>& line, double tolerance_m);

}  // namespace distanz::course

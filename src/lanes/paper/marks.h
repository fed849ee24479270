#pragma once

namespace distanz::lanes {

/// A step of 1, 2 or 5 that gives about so many marks. @param span > 0
double niceStep(double span, int marks);

}  // namespace distanz::lanes

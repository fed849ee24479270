#include "lanes/paper/marks.h"

#include <algorithm>
#include <cmath>

namespace distanz::lanes {

double niceStep(double span, int marks) {
  const double raw = span / std::max(marks, 1), tens = std::pow(10, std::floor(std::log10(raw)));
  for (const double step : {1.0, 2.0, 5.0})
    if (raw <= step * tens) return step * tens;
  return 10 * tens;
}

}  // namespace distanz::lanes

#pragma once
#include <span>
#include <vector>

#include "core/log/track.h"

namespace distanz::log {

/// One lane of one run thinned for drawing and reading off: the mean per stretch of path, way out and way
/// back apart.
struct Trace {
  std::vector<double> distance_m;  ///< middle of each stretch that has samples, increasing
  std::vector<double> value;
};

struct LegTraces {
  Trace out, back;
};

/// @param stretch_m length of path per point, > 0. The turn is left out.
LegTraces tracesOf(std::span<const double> time_s, std::span<const double> distance_m,
                   std::span<const double> values, const Turn& turn, double stretch_m = 20);

}  // namespace distanz::log

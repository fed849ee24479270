#pragma once
#include <cmath>
#include <optional>
#include <string>

#include "core/finding/error.h"
#include "core/log/align.h"
#include "core/log/join.h"

namespace distanz::log {

/// How a further log of a run was laid on the clock of the first.
struct LineUp {
  Clock clock;
  double sd_s = NAN;  ///< of the offset; NaN where nobody can say
  double sd_m = NAN;  ///< the same as metres of path at the flight's usual speed
  std::vector<Finding> told;
};

/// By what both saw (see alignClocks()), else by their dates and clocks, else by take-off and landing, which both must
/// show as far apart.
/// @param name of the other log, for messages @param hand_s offset as typed or dragged: nothing else is asked then
/// @throws InputError: logs of two flights, or nothing that tells how the clocks lie to each other
LineUp lineUp(const Recording& first, const Recording& other, const std::string& name,
              std::optional<double> hand_s = std::nullopt);

/// As metres of path at the flight's usual speed; NaN where the log tells none.
double onPath_m(double sd_s, const Recording& recording);

/// Usual speed of a flight: of the rows that move, the middle; NaN where the log tells none.
double usualSpeed_mps(const Recording& recording);

}  // namespace distanz::log

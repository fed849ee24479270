#pragma once
#include "core/estimate/signal_model.h"

namespace distanz::estimate {

/// What the day may have done to the level over a session, in dB from its first flight to its last: as the
/// flights of each setup among themselves show it, and where they show nothing as it is usual.
struct Drift {
  double db = 0, variance_db2 = 0;
};

/// @param model its flights carry their place in the session; none is known where one of them does not
/// @return nothing where no flight's place is known
Drift driftOf(const SignalModel& model);

/// Mean place in the session of a setup's flights, -1/2 (first) to 1/2; 0 where none is known.
double sessionMean(const SignalModel& model, int setup);

/// Whether two setups were flown in turns: their flights then lie no farther apart in the session than turns
/// do, and no drift can look like a difference. True also where nobody knows.
bool flownInTurns(const SignalModel& model, int a, int b);

}  // namespace distanz::estimate

#pragma once
#include "core/estimate/defaults.h"

namespace distanz::estimate {

/// How flights are told apart.
enum class FlownAs {
  Apart,    ///< a flight of one setup, a flight of the other
  Together  ///< both listen to the same flights
};

/// What a comparison is planned on.
struct RepeatsPlan {
  double difference_db = 0;  ///< true difference that must not be missed, > 0
  double margin_db = 0;      ///< the practical margin, > 0
  double flight_sd_db = defaults::kFlightPriorSd_db;  ///< of a flight; of a flight's difference where both
                                                      ///< listen to it; > 0
  FlownAs flown = FlownAs::Apart;
  int setups = 2;  ///< compared with one another, >= 2
};

/// Chance that setups which truly differ so much are told apart, the better one named, after a planned number
/// of pairs: that the difference passes the verdict's own test at the planned look, with the spread known
/// from those flights and the prior, and is not taken for no practical difference.
/// @param pairs flights of each setup, 1 or more; one tells nothing. @throws DomainError
double chanceToTell(const RepeatsPlan& plan, int pairs);

/// Smallest number of pairs that tells with that chance; 0 where even kMorePairsCap do not.
int pairsToTell(const RepeatsPlan& plan, double chance = 0.8);

}  // namespace distanz::estimate

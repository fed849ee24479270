#pragma once
#include <vector>

#include "core/estimate/path_draws.h"
#include "core/estimate/stretch_look.h"

namespace distanz::estimate {

/// How far one flight kept the rule on one stretch, as a margin: dB that the rule has in hand, as far as what
/// was kept tells. Where all or nothing was kept it is only known to lie beyond.
struct Margin {
  int index = 0;  ///< see placeIndex()
  double log_distance = 0;
  double margin_db = 0;
  int beyond = 0;  ///< 1: at least so much; -1: at most; 0: so much
};

/// Both legs together, places in order. Stretches of which hardly anything was seen are left out.
std::vector<Margin> marginsOf(const std::vector<StretchLook>& looks, const RuleMeasure& measure);
/// The lesser of two parts of a rule, place by place; a place of which only one tells stands as it does.
std::vector<Margin> lesserOf(const std::vector<Margin>& a, const std::vector<Margin>& b);

struct MarginFlight {
  int setup = 0;
  std::vector<Margin> margins;
};

/// What flights leave open that tell nothing but where the rule was kept: the same as drawPath() makes of
/// signals, by the same physics (a line over log distance, places that all flights share, days, shadowing of
/// one flight), with priors where a signal would have told. The critical level is 0 dB.
/// @param flights not empty, of one path
/// Sources: A. E. Gelfand & A. F. M. Smith, JASA 85 (1990): Gibbs sampling; S. Chib, J. Econometrics 51
/// (1992): censored observations in it.
PathDraws drawMargins(const std::vector<MarginFlight>& flights, const Stretches& stretches,
                      std::uint64_t seed, int draws = defaults::kDraws);

}  // namespace distanz::estimate

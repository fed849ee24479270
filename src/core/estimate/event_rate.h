#pragma once
#include <optional>
#include <span>

#include "core/estimate/comparison.h"

namespace distanz::estimate {

/// Events of one flight, and how far it was flown while they could happen.
struct EventCount {
  int events = 0;
  double flown_m = 0;
};

/// Events per km, 95 %. Limits of a Poisson count (Garwood, Biometrika 28 (1936)), drawn apart as factors by as much as flights
/// differ more than chance makes them (quasi-Poisson, McCullagh & Nelder, Generalized Linear Models (1989), section 6.2.3). A single
/// flight cannot show that: what defaults::kEventDaySd makes is taken. None at all: 0 with the one-sided upper limit.
/// @return none for less than 100 m flown
std::optional<Interval> ratePerKm(std::span<const EventCount> flights);

}  // namespace distanz::estimate

#pragma once
#include <cstdint>
#include <optional>
#include <vector>

#include "core/estimate/path_draws.h"

namespace distanz::estimate {

/// The first stretch of a path that fails, in every new flight of every draw. Draws and flights are numbered
/// alike for all setups and links: what is shared is shared.
struct Passage {
  Stretches stretches;
  int draws = 0, flights = 0;
  std::vector<std::uint16_t> first_failing;  ///< draws x flights; the number of stretches where none fails
};

/// What a new flight has to itself, as standard normals: its day, and its own shadowing in every stretch.
struct NewFlights {
  int flights = 0;
  std::vector<float> day, within;  ///< per flight; stretches x flights
};
/// @param seed one for each link @param day_seed of what links share @param day_share correlation of this
/// link's day with it
NewFlights newFlights(std::size_t stretches, double neighbour_correlation, std::uint64_t seed,
                      std::uint64_t day_seed = 0, double day_share = 1, int flights = defaults::kNewFlights);

/// First passage of the local signal through the critical level. @param level_db of the setup, per draw: as
/// drawn, or as better known beside another's @param farthest_m flown with this setup, along the path: looked
/// at up to defaults::kExtrapolation times that @param gap_m a dip shorter than this does not end the range;
/// one stretch ends it where it is no longer than a stretch
Passage passageOf(const PathDraws& draws, int setup, const std::vector<double>& level_db,
                  const NewFlights& flights, double farthest_m, double gap_m = 0);

/// Somewhere on the path flights fail for another reason than their signal, some of them.
struct Hindrance {
  int first_place = 0;  ///< see placeIndex(): which path it is on
  double from_m = 0;    ///< along the path
  int failed = 0, flights = 0;
};
/// The same where flights also fail at hindrances, as often as was seen; how often is drawn (Beta, Jeffreys
/// prior).
/// @param seed one for each hindrance, shared by setups and links
Passage withHindrance(Passage passage, const Hindrance& hindrance, std::uint64_t seed);

/// The same looked at no farther than that along the path, at least one stretch: what holds to there holds to the end.
Passage endedAt(Passage passage, double along_m);

/// The same where every flight that holds to there fails there.
Passage failingAt(Passage passage, double along_m);

/// Whichever fails first in the same flight of the same draw, as far as all were flown. @param passages of
/// the same path, draws and flights; not empty
Passage firstOf(const std::vector<const Passage*>& passages);

/// Up to where a share of new flights holds.
struct WayRange {
  double estimate_m = 0;  ///< median over the draws
  double low_m = 0,
         high_m = 0;  ///< 95 % of the draws; high_m is infinite where it reaches the end of the path
  double sure_m = 0;  ///< kPlanSure of the draws lie beyond
  std::vector<double> draws_m;  ///< per draw; end_m where it lies beyond
  double end_m = 0;             ///< of the path as far as it is looked at
  bool open(std::size_t draw) const { return draws_m[draw] >= end_m; }
};
/// @param share 0..1 of flights that hold
WayRange rangeOf(const Passage& passage, double share);

/// Share of flights that still hold, by distance, with the 95 % band of the draws.
struct Survival {
  std::vector<double> distance_m, share, low, high;
};
Survival survivalOf(const Passage& passage);

}  // namespace distanz::estimate

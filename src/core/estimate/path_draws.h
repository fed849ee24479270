#pragma once
#include <map>
#include <vector>

#include "core/estimate/signal_model.h"
#include "core/estimate/usable_range.h"

namespace distanz::estimate {

/// The stretches of one path from the near field outward, each defaults::kCellWidth_m long.
struct Stretches {
  int first_index = 0;               ///< of the first stretch, as placeIndex() numbers them
  double start_m = 0;                ///< where it begins, along the path
  std::vector<double> log_distance;  ///< log10 of the distance from the station, metres, of each
  std::size_t count() const { return log_distance.size(); }
  double startOf(std::size_t stretch) const {
    return start_m + defaults::kCellWidth_m * static_cast<double>(stretch);
  }
  double end_m() const { return startOf(count()); }
  /// Those up to defaults::kExtrapolation times what was flown; at least one.
  Stretches upTo(double farthest_m) const;
};

/// @param first_place number of the path's first place (see analysis::firstPlaceOf) @param farthest_m flown,
/// along the path
Stretches stretchesOf(const SignalModel& model, int first_place, double farthest_m);
/// On a straight path of which nothing is known but its length.
Stretches straightStretches(double farthest_m);

/// What the flights of one model leave open, as equally likely draws: the place levels of the very path,
/// known where it was seen and as well as it was seen; the spreads; each setup's level; the critical level.
/// Setups share all but their level.
struct PathDraws {
  Stretches stretches;
  int draws = 0;
  std::vector<float> place_dbm;                    ///< draws x stretches
  std::vector<double> flight_sd_db, within_sd_db;  ///< per draw
  std::vector<double> critical_dbm;                ///< per draw
  std::map<int, std::vector<double>> level_db;     ///< per setup, per draw
  /// How much more than the others a setup gains per factor 10 of distance, per draw, and about which log
  /// distance; empty: nothing.
  std::map<int, std::vector<double>> slope_db;
  double slope_centre = 0;
  double neighbour_correlation = 0;  ///< of one flight's own shadowing in the next stretch

  /// Place levels of one draw as a setup meets them, with its own slope.
  std::vector<float> placesFor(int setup, std::size_t draw) const;
};

/// Same input, same bits. @param seed tells models apart that must not share their draws
/// Sources: C. K. Carter & R. Kohn, Biometrika 81(3) (1994): drawing a Markov state given what was seen of
/// it; M. D. McKay et al., Technometrics 21(2) (1979): stratified draws.
PathDraws drawPath(const SignalModel& model, const Stretches& stretches, const CriticalLevel& critical,
                   std::uint64_t seed, int draws = defaults::kDraws);

}  // namespace distanz::estimate

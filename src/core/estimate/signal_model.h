#pragma once
#include <cmath>
#include <map>
#include <vector>

#include "core/estimate/cells.h"
#include "core/estimate/place_line.h"

namespace distanz::estimate {

struct ModelFlight {
  int setup = 0;  ///< any number that tells setups apart
  FlightCells cells;
  int group = -1;               ///< flights recorded at the same time share a number from 0; -1: flown alone
  std::vector<Cell> last = {};  ///< as LegCells::last
  bool called = false;          ///< readings were called out, one here and there, each an average over a second
  int scale = 0;         ///< flights of two scales have no common places: what a signal stands for differs
  double session = NAN;  ///< place in the session, -1/2 (first) to 1/2 (last); NaN where nobody knows
};

struct SetupLevel {
  double level_db = 0;  ///< A_s: mean of the flights' effects
  int flights = 0;      ///< r_s
  double slope_db = 0;  ///< mean residual slope of those flights that have one
  int slopes = 0;       ///< how many those are
  double few_db2 = 0;  ///< what few readings add to the variance of each flight's effect, mean of its flights
  double lean_sd_db = 0;  ///< of what few readings lie below their middle, which is the same for all setups alike
};

struct PlaceLevel {
  int index = 0;  ///< floor(distance / cell width)
  double log_distance = 0;
  double level_dbm = 0;  ///< c_k
  int flights = 0;       ///< n_k
  double noise_db2 = 0;  ///< variance of c_k by what the flights over it have to themselves
};

/// What one cell of one flight lies off flight and place together.
struct CellResidual {
  int flight = 0;  ///< position in SignalModel::flights
  int place = 0;   ///< position in SignalModel::places
  double log_distance = 0;
  double residual_db = 0;
  double sampling_var_db2 = 0;  ///< of the cell's value, from the scatter of the samples inside cells
};

/// What one flight saw of a place just before it turned, less its own level.
struct LastSeen {
  int index = 0;
  double log_distance = 0, level_dbm = 0, variance_db2 = 0;
};

struct FlightEffect {
  int flight = 0;  ///< position in the list given to fitSignalModels()
  int setup = 0;
  double level_db = 0;        ///< u_r
  double off_setup_db = 0;    ///< u_r - A_s
  double residual_slope = 0;  ///< dB per decade that this flight falls faster than the places do
  bool has_slope = false;
  int group = -1;  ///< of the flight
  double session = NAN;
};

/// Signal over distance for flights that share places: level of each setup + line over log10 distance.
struct SignalModel {
  std::vector<FlightEffect> flights;
  std::map<int, SetupLevel> setups;
  std::vector<PlaceLevel> places;
  std::vector<LastSeen> last_seen;
  std::vector<CellResidual> residuals;  ///< per flight in order, cells in order
  PlaceLine line;
  double flight_var_db2 = 0;  ///< s_u^2, between flights of one setup, moderated
  double flight_few_db2 = 0;  ///< mean of what few readings add to it: of how flights were seen, not how they flew
  double flight_df = 0;       ///< nu_u
  int spread_df = 0;  ///< flights - setups, those recorded together counted once: 0 means the spread between
                      ///< flights is assumed, not measured
  bool unusual_spread = false;
  double within_var_db2 = 0;  ///< s_x^2
  int within_df = 0;          ///< N2
  /// s_x^2 freed of the sampling error of the cells' values: the local signal's own.
  double local_var_db2 = 0;
  double sample_var_db2 =
      0;  ///< of single samples inside a cell: fading, and what is left of shadowing there
  double neighbour_correlation = 0;  ///< of the residuals of one flight in neighbouring cells
  double total_sd_db = 0;            ///< s_tot: new flight, other 40 m stretch at the same distance
  double total_sd_var = 0;           ///< Var(s_tot)
  double slope_ss = 0;               ///< squares of the flights' residual slopes about their setups' means
  int slope_df = 0;                  ///< flights with a slope less setups with one
  bool censored = false;             ///< some cells were clipped and enter as "below"
  /// Level of a setup at a distance on ground like this, dBm. @param distance_m > 0. NaN for a setup not in
  /// the model.
  double level_dbm(int setup, double distance_m) const;
  /// Of flight effects as they were seen.
  double seenFlightVar_db2() const { return flight_var_db2 + flight_few_db2; }
  /// Of a setup's level, by its flights. @throws std::out_of_range for a setup not in the model
  double levelVar_db2(int setup) const;
};

struct SignalModels {
  std::vector<SignalModel>
      components;             ///< flights that share no places with others stand apart; largest first
  std::vector<int> unusable;  ///< flights with too few uncensored cells
};

/// Estimator sections 2 to 4a. Never throws for thin data: a component that cannot be fitted is left out, its
/// flights unusable. Sources: Smyth, Stat. Appl. Genet. Mol. Biol. 3(1) (2004): moderated variance; Tobin,
/// Econometrica 26 (1958): censoring.
SignalModels fitSignalModels(const std::vector<ModelFlight>& flights);

}  // namespace distanz::estimate

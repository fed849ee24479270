#pragma once
#include <cstdint>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "core/log/recording.h"

namespace distanz::simulate {

constexpr int kMostPackets = 10'000;  ///< per sample, and in a reading
constexpr double kMostLinks = 100;
constexpr double kMostPacketsInAll = 2e9;     ///< of all samples: some minutes
constexpr std::size_t kMostFlights = 10'000;  ///< in one scenario
constexpr double kMostSamples = 50e6;  ///< rows times links of all its flights: some minutes and a gigabyte

/// How one link behaves over the path, on top of what the campaign says about it.
struct LinkPhysics {
  double exponent = 2.7;
  double place_sd_db = 2.5, place_correlation_m = 45;    ///< hills and holes that every flight meets
  double within_sd_db = 1.5, within_correlation_m = 40;  ///< shadowing of one flight only
  double flight_sd_db = 1.2;                             ///< a flight as a whole
  double fading_sd_db = 1.5;                             ///< packet to packet, each by itself
  std::optional<double> rician_k_db;   ///< Rician fading instead, K factor; about its median, as levels are
  double turn_drop_db = 10;            ///< banking in the turn
  double floor_dbm = -120;             ///< readings stop here
  double step_db = 1;                  ///< quantising of the reading; 0: none
  double quality_midpoint_dbm = -104;  ///< half of the packets arrive
  double quality_slope_db = 1.2;
  int packets_per_sample = 20;
  int packets_in_reading =
      1;  ///< that the logged signal is the mean of; they are not those counted for quality
  double reading_lag_s = 0;  ///< the logged signal is so old
  double full_bitrate_mbps = 50;
  double wild_share = 0;  ///< share of readings that are rubbish
  double pair_sd_db = 0.5,
         pair_within_sd_db = 0.7;  ///< what a receiver has to itself among those recorded in one flight
  double stands_below_pct = 0;     ///< the log of a video link counts pictures, which stand while fewer packets arrive; 0: it does not count
  double leg_sd_db = 0;            ///< from flight to flight, the way back against the way out
};

/// Transmit power from a distance on, way out; the log tells it.
struct PowerStep {
  double from_m = 0;
  double power_mw = 100;
};

struct RunPlan {
  std::string setup;
  double start_m = 20, farthest_m = 2000;  ///< where recording begins and ends, and the turn
  campaign::Ended ended = campaign::Ended::TurnedBack;
  double speed_mps = 13;
  double side_m = 2;           ///< scatter across the path (sd)
  double level_offset_db = 0;  ///< the day: drift, a weak battery, wind
  std::string notes;
  std::string flight;
  std::optional<double> use_mah_km = {};      ///< the log tells charge and voltage; none: as the scenario has it
  std::optional<double> sample_s = {};  ///< logged so often; none: as the scenario has it
  std::map<std::string, double> reduced_db;  ///< by link id: flown with so much less power
  std::map<std::string, std::vector<PowerStep>>
      power;  ///< by link id, rising; levels are those at the first step's power
};

struct Scenario {
  campaign::Campaign campaign;                 ///< runs are filled in by simulate()
  std::map<std::string, LinkPhysics> physics;  ///< by link id
  std::map<std::string, std::map<std::string, double>>
      level_dbm;  ///< setup id -> link id -> mean level at 1 km
  std::map<std::string, std::map<std::string, double>>
      back_db;  ///< setup id -> link id -> way back over way out, mean; absent: 0
  std::vector<RunPlan> runs;
  double sample_s = 0.1;
  bool with_gnss = true;
  double use_mah_km = 0;  ///< of every flight; 0: logs tell no battery
};

struct Truth {
  double typical_m = 0, dependable_m = 0;
};

struct Simulated {
  campaign::Campaign campaign;
  std::vector<log::Recording> recordings;  ///< one per run of the campaign, in its order
};

/// @throws DomainError for a scenario whose setups or links do not fit together, that is outside the bounds
/// of its physics, or beyond the limits above
void check(const Scenario& scenario);

/// Flies the scenario. Same scenario and seed, same numbers. Runs with the same flight share their flight
/// terms.
/// @throws DomainError as check()
Simulated simulate(const Scenario& scenario, std::uint64_t seed);

/// Share of an exponentially correlated variance that is left in the mean over a stretch: (2 L/w)(1 - (L/w)(1
/// - exp(-w/L))).
/// @param stretch_m w, > 0 @param correlation_m L, > 0
/// Source: E. Vanmarcke, Random Fields (1983), section 5.1.
double varianceLeft(double stretch_m, double correlation_m);

/// Where half, and 95 %, of new flights over other 40 m stretches still reach a level: the ranges the
/// estimator is after.
Truth truthOf(const LinkPhysics& physics, double level_at_1km_dbm, double critical_dbm);

}  // namespace distanz::simulate

#pragma once
#include <optional>
#include <vector>

#include "core/plan/seen.h"

namespace distanz::plan {

/// A tracked ground antenna, and what it does not know exactly.
struct Tracker {
  double home_error_m = 3;     ///< of its own position, horizontal, >= 0
  double height_error_m = 5;   ///< between both heights, >= 0
  double compass_error_deg = 5;  ///< constant all around, >= 0
  double level_error_deg = 1;  ///< of its stand, >= 0
  std::optional<double> most_rate_deg_s = {};  ///< how fast it turns
  std::optional<double> most_elevation_deg = {}, least_elevation_deg = {};
  std::optional<double> turn_to_deg = {};  ///< it turns so far to either side of the path's bearing
};

/// Where the antenna must look, and how wrong it may be.
struct TrackPoint {
  double along_m = 0;
  double away_m = 0;                      ///< slant
  double azimuth_deg = 0;                 ///< from the path's bearing, positive to the right
  double elevation_deg = 0;
  double rate_deg_s = 0;   ///< of the faster of both axes, at the speed flown
  double error_deg = 0;    ///< root of the squares: home, height, compass, level
  bool followed = true;    ///< within its limits of turn and rate
};

/// @param path at least two points, in the order flown @param speed_mps > 0 @throws DomainError
std::vector<TrackPoint> trackOf(const std::vector<SeenAt>& path, double speed_mps, const Tracker& tracker);

/// First place along the path from which on the aim is never worse than an error; none where it always is.
std::optional<double> aimedFrom_m(const std::vector<TrackPoint>& track, double error_deg);

}  // namespace distanz::plan

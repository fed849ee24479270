#pragma once
#include <vector>

#include "core/course/local_plane.h"
#include "core/radio/profile.h"
#include "core/terrain/ground.h"

namespace distanz::plan {

/// The ground under one straight line from the station, at rising distances from 0 to its end; heights above
/// the station's ground. Of every step of it, kSteps at least and finer near both ends, the highest place and
/// the highest that lets nothing through, each where it is: nothing is missed, however thin.
struct SightLine {
  double aircraft_m = 0;
  std::vector<double> distance_m, ground_m;
  std::vector<double> hard_m;    ///< ground with what lets nothing through
  std::vector<double> top_m;     ///< ground with all that stands on it
  std::vector<double> beside_m;  ///< from the line: of what is higher and still in the way; 0 under it
  double filled = 0;             ///< share of it that no raster knows, between places that one does
  bool known = false;            ///< the ground at its end is known; else it goes on level there

  /// Trees that it passes over or through, in pieces under which their tops are straight lines.
  struct Wood {
    double from_m, to_m, from_top_m, to_top_m;
  };
  std::vector<Wood> woods = {};

  static constexpr int kSteps = 200;
};

/// Over flat ground at the station's level.
SightLine flatLine(double distance_m, double aircraft_m);

/// The profile that a signal from a mast meets. @param through also through trees
radio::Profile profileOf(const SightLine& line, double mast_m, double raise_m = 0, bool through = false);

/// Of the ray's way through trees, metres. @param over as profileOf() has it
double woodDepth_m(const SightLine& line, const radio::Profile& over, double earth_factor);

/// Looks lines up.
class SightGround {
 public:
  /// @param frequency_mhz the lowest of all links: how far beside a line something may be in its way
  SightGround(const terrain::Ground& ground, const course::Position& station, double station_m,
              double frequency_mhz);
  /// @param distance_m > 0, of `to` from the station
  SightLine lineTo(const course::Flat& to, double distance_m, double aircraft_m) const;

 private:
  const terrain::Ground& m_ground;
  course::LocalPlane m_plane;
  double m_station_m, m_frequency_mhz;
};

}  // namespace distanz::plan

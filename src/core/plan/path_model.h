#pragma once
#include <array>
#include <complex>
#include <functional>
#include <optional>
#include <vector>

#include "core/campaign/kit.h"
#include "core/plan/sight_lines.h"
#include "core/radio/plane.h"

namespace distanz::plan {

/// What a signal loses between station and aircraft, term by term, dB. Without a term that the plan counts it
/// is the log-distance law alone.
struct PathLosses {
  double distance_db = 0;    ///< log-distance, at the planned exponent
  double reflection_db = 0;  ///< by the ground's reflection; below 0 it gives
  double obstruction_db = 0, woodland_db = 0, rain_db = 0, cloud_db = 0, gases_db = 0;
  double sum_db() const {
    return distance_db + reflection_db + obstruction_db + woodland_db + rain_db + cloud_db + gases_db;
  }
};

/// The way of one setup's link over the campaign's first path, the aircraft at the height of the path there:
/// over the ground that is known, and over flat ground with the earth's bulge where none is.
class PathModel {
 public:
  PathModel(const campaign::Campaign& campaign, const campaign::Link& link, const campaign::SetupLink& ends,
            const std::optional<double>& mast_m = {}, Sights sights = {});

  /// @param distance_m horizontal, > 0
  PathLosses at(double distance_m) const;
  /// Height of the aircraft above the station's ground, that of the last point beyond the path; asked only
  /// where counts().
  double height_m(double distance_m) const;
  /// The same way flown so much higher, from a mast so much higher.
  PathModel raised(double aircraft_m, double mast_m) const;
  /// True where a term besides the log-distance law counts.
  bool counts() const { return m_counts; }
  /// Where what is received falls under the critical level for good, or for longer than kIgnored_m; kFarthest_m
  /// at most.
  double range_m(const radio::LinkEnds& ends, double critical_dbm) const;
  /// The same where at each distance so many dB more than the critical level are wanted, for four wants at once.
  using Wanted = std::array<double, 4>;
  Wanted ranges_m(const radio::LinkEnds& ends, double critical_dbm,
                  const std::function<Wanted(double distance_m)>& wanted_db) const;
  static constexpr double kIgnored_m = 40, kFarthest_m = 500'000;

 private:
  /// From antenna to antenna, the aircraft so far from the station over the ground.
  double slant_m(double distance_m) const;
  double groundDistance_m(double slant_m) const;
  /// Behind the last point and the known ground everything falls evenly, unless the ground reflects.
  double smoothFrom_m() const;

  double m_frequency_mhz, m_exponent, m_mast_m;
  campaign::PlanSettings m_plan;  ///< without its ticks
  std::complex<double> m_ground;  ///< permittivity, where it reflects
  radio::Plane m_plane;
  bool m_counts;
  FlightLine m_line;
  double m_raise_m = 0;
  Sights m_sights;  ///< null where no ground is known
};

}  // namespace distanz::plan

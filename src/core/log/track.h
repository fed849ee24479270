#pragma once
#include <cmath>
#include <optional>

#include "core/course/course.h"
#include "core/finding/error.h"
#include "core/log/jumps.h"
#include "core/log/recording.h"
#include "core/log/turning.h"

namespace distanz::log {

constexpr double kBadShareRefused =
    0.2;                                ///< more wrong positions than this and the rest are not to be trusted
constexpr double kTooFast = 2;       ///< so many times kTopSpeed_mps over a whole flight is no wind
constexpr double kHoldFix_s = 3;        ///< positions are interpolated over gaps up to this long
constexpr double kTurnHalfWidth_s = 4;  ///< about the farthest row, at least
constexpr double kBent = 1.05;          ///< a path this much longer than it leads away is bent
constexpr double kTurnRadius_m = 60;    ///< a turn is flown within this of the farthest place
constexpr double kOffPath_m = 60;       ///< farther aside than this is another place

/// The turn, cut from the way out and the way back. Times in the recording's clock.
struct Turn {
  double begin_s = 0, end_s = 0;
  bool operator==(const Turn&) const = default;
};

/// A recording put on the path.
struct Track {
  std::vector<double> distance_m;  ///< horizontal, from the station; NaN where unknown
  std::vector<double> along_m;     ///< along the path (see course::Placement::along_m); empty without GNSS
  std::vector<double> side_m;      ///< across the path, right positive; empty without GNSS
  bool from_gnss = false;
  double path_begins_m = 0;  ///< distance of the path's first point from the station; 0 without a path
  /// Along the path from its first point, as posts and segments are counted.
  std::vector<double> chainage_m() const;
  std::vector<double> lap_begins_s;  ///< of a closed path, by positions: when each lap was begun
  double farthest_m = 0;  ///< from the station
  /// The path leads round: far along it is not far from the station.
  bool bent = false;
  double farthest_along_m = 0;  ///< along a bent path, else farthest_m
  double farthest_s = 0;        ///< time of it
  /// How far out the aircraft was: along a bent path, else its distance.
  const std::vector<double>& progress_m() const { return bent ? along_m : distance_m; }
  Turn turn;
  Turning turning;          ///< as the speed shows it, or the turn as moved by hand
  std::vector<Loop> loops;  ///< elsewhere on the way
  /// Distance of the rows that count for what was measured where: those in a loop do not.
  std::vector<double> countingDistance(const std::vector<double>& time_s) const;
  double off_path_share = 0;  ///< of placed samples farther aside than kOffPath_m
  std::vector<Finding> problems;
};

/// Where a GNSS position lies on the path; none for no fix (0/0) or off the globe.
std::optional<course::Placement> placedAt(const course::Course& course, double lat_deg, double lon_deg);
/// Of a recording that nothing places: unknown everywhere, its turn at its end.
Track unplacedTrack(const Recording& recording);

/// How the four distances that users mix up are told apart: slant and horizontal from the station, along the path, and
/// travelled.
struct Distances {
  double slant_m = NAN, horizontal_m = NAN, along_m = NAN, travelled_m = NAN;
};
/// All four up to one row of a recording on its track. NaN for what nothing tells. @param antenna_height_m of the station,
/// which heights are above the ground of
Distances distancesAt(const Recording& recording, const Track& track, std::size_t row, double antenna_height_m);
/// Farthest of each, over the whole recording.
Distances farthestDistances(const Recording& recording, const Track& track, double antenna_height_m);

/// Fills the rows between two known ones, linearly in time, where they are no longer apart than kHoldFix_s.
void fillBetween(const std::vector<double>& time_s, std::vector<double>& values, std::size_t from,
                 std::size_t to);
/// @throws InputError where too many of the positions known are wrong (see Jumps)
void refuseIfMostlyWrong(std::size_t wrong, std::size_t known, bool gnss);
/// @throws InputError where so much is flown in so short a time that a unit must be wrong
void refuseTooFast(double distance_m, double span_s);
/// @throws InputError for no row placed, or a flight that never moves
void requireMovement(std::size_t placed, double nearest_m, double farthest_m);

/// No flight of this path stays farther from the station all along.
constexpr double kElsewhere_m = 50'000;
/// So far from a place by all of its rows that are looked at; also where it has no positions. @param exchanged as if
/// longitude stood where latitude does
bool isElsewhere(const Recording& recording, const course::Position& place, bool exchanged = false);
/// That some positions, or all, are none; nothing where all are, or where there are none at all.
std::optional<Finding> fixesLacking(const Recording& recording);
/// Of a satellite fix: 0/0 is none.
bool onGlobe(double lat_deg, double lon_deg);

/// Places every row by GNSS where the recording has it and a course is given, else by its place on the path, else by
/// its distance column. On a path that comes near itself by continuity (see course::follow()).
/// @param hand the turn as moved by hand
/// @throws InputError (what, where, what to do) for a recording with no position at all, one that never
/// moves, or one whose
///         positions are mostly wrong (0/0, jumps), or farther off than kElsewhere_m throughout
Track trackOf(const Recording& recording, const course::Course* course,
              std::optional<Turn> hand = std::nullopt);

}  // namespace distanz::log

#pragma once
#include <optional>
#include <vector>

namespace distanz::plan {

struct Wind {
  double from_deg = 0;  ///< clockwise from true north, as forecasts tell it
  double speed_mps = 0; ///< >= 0
};

/// Speed over the ground along a track, by the wind triangle: the aircraft holds its airspeed and heads into
/// the wind as far as it must. None where the wind does not let it: across it stronger than the airspeed, or
/// against it as strong. @param airspeed_mps > 0 @throws DomainError
std::optional<double> groundSpeed_mps(double airspeed_mps, double track_deg, const Wind& wind);

/// The wind that a straight stretch flown both ways tells, along the track: half the difference of both
/// ground speeds, positive where it blows out along it; and the airspeed, their mean. Across the track it tells
/// nothing. @param both > 0
struct WindAlong {
  double along_mps = 0, airspeed_mps = 0;
};
WindAlong windOfLegs(double out_mps, double back_mps);

/// A straight piece of the path, outward.
struct Leg {
  double length_m = 0;   ///< > 0
  double track_deg = 0;
};

/// What the aircraft draws. Charge counts by time: the figure per kilometre holds in still air at that speed.
struct Consumption {
  double mah_per_km = 0;    ///< > 0
  double airspeed_mps = 0;  ///< > 0
  double mah_per_s() const { return mah_per_km / 1000 * airspeed_mps; }
};
struct Battery {
  double capacity_mah = 0;   ///< > 0
  double reserve_share = 0.3;  ///< not to be used, 0..1
  double beside_mah = 0;     ///< for take-off, climb, turn and landing, >= 0
  double usable_mah() const { return capacity_mah * (1 - reserve_share) - beside_mah; }
};

/// What the battery allows.
struct Energy {
  std::optional<double> turn_m;  ///< farthest turn along the path that still returns with the reserve; none
                                 ///< where the wind makes the way out or back impossible on the first stretch
  bool whole_path = false;       ///< it lies at the end of the path
  double out_mah = 0, back_mah = 0;  ///< to that turn and back, without what is used beside
  double out_s = 0, back_s = 0;
  std::optional<std::size_t> impossible_out, impossible_back;  ///< first leg that the wind does not allow
};

/// @param legs outward, one at least @throws DomainError
Energy energyOf(const std::vector<Leg>& legs, const Consumption& use, const Battery& battery, const Wind& wind);

}  // namespace distanz::plan

#pragma once
#include "core/campaign/campaign.h"

namespace distanz::plan {

/// What stands beside the ground antenna and reaches above it: a person, or a vehicle.
struct BesideShade {
  double half_deg = 0, most_db = 0;
  std::optional<double> at_deg;  ///< bearing from the antenna; not known: it may stand anywhere
  /// The most that it takes from a signal of that bearing, clockwise from true north; 0 outside of it.
  double most_dbAt(double bearing_deg) const;
};
/// None where nothing is said to stand there, or the antenna looks over it.
std::optional<BesideShade> besideShade(const campaign::Station& station, double mast_m);

/// Above the ground. What is lower than the antenna is not in its way.
constexpr double kPerson_m = 1.9, kVehicle_m = 2;

}  // namespace distanz::plan

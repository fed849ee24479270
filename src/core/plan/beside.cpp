#include "core/plan/beside.h"

#include <cmath>

namespace distanz::plan {

using campaign::Beside;

double BesideShade::most_dbAt(double bearing_deg) const {
  if (at_deg && std::abs(std::remainder(bearing_deg - *at_deg, 360.0)) > half_deg) return 0;
  return most_db;
}

std::optional<BesideShade> besideShade(const campaign::Station& station, double mast_m) {
  if (station.beside == Beside::Person && mast_m < kPerson_m) return BesideShade{30, 10, station.beside_deg};
  if (station.beside == Beside::Vehicle && mast_m < kVehicle_m) return BesideShade{50, 15, station.beside_deg};
  return std::nullopt;
}

}  // namespace distanz::plan

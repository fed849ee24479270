#pragma once
#include <vector>

#include "core/estimate/signal_model.h"
#include "core/estimate/stretch_look.h"

namespace distanz::estimate {

/// A level that is not known exactly.
struct LocalLevel {
  double mean_dbm = 0, variance_db2 = 0;
};

/// Local signal of a flight on the stretches it looked at, from all that the model knows: the flight's level,
/// the place as every flight saw it, and what this flight read there, each by its weight. What a few noisy
/// readings show is drawn towards what is likely there.
class LocalLevels {
 public:
  /// @param model outlives it
  explicit LocalLevels(const SignalModel& model);
  /// @param flight position in model.flights
  LocalLevel at(std::size_t flight, const StretchLook& look) const;

 private:
  struct Place {
    int index;
    double log_distance, level_dbm, variance_db2;
  };
  Place placeAt(int index, double log_distance) const;
  const SignalModel& m_model;
  std::vector<Place> m_places;
  double m_sample_var_db2 = 0;
};

}  // namespace distanz::estimate

#pragma once
#include <vector>

#include "core/estimate/path_draws.h"

namespace distanz::estimate {

/// What lies ahead of one flight still in the air, on the path that earlier flights flew: holes that they saw
/// count, whatever the signal here. Made once, asked with every row.
class PathAhead {
 public:
  /// @param setup one of the model's @param first_place number of the path's first place @param farthest_m
  /// flown by the model's flights, along the path
  PathAhead(const SignalModel& model, int setup, const CriticalLevel& critical, int first_place,
            double farthest_m);

  /// Along the path: up to where half, and defaults::kDependability, of flights like this one keep above the
  /// critical level on every stretch from here on. Infinite where they do to the end of what is looked at;
  /// here, where the next stretch fails already.
  struct Reach {
    double typical_m = 0, dependable_m = 0;
  };
  /// @param from_m along the path @param off_setup_db how far this flight lies above its setup's mean, and
  /// how sure that is
  Reach from(double from_m, double off_setup_db, double off_setup_sd_db) const;
  double end_m() const { return m_stretches.end_m(); }

 private:
  Stretches m_stretches;
  std::vector<float> m_headroom_db;  ///< draws x stretches: above the critical level, of a usual flight
  std::vector<float> m_day;          ///< per draw, standard normal
};

}  // namespace distanz::estimate

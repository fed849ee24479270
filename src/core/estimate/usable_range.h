#pragma once
#include <optional>

#include "core/estimate/signal_model.h"

namespace distanz::estimate {

/// Level below which the link fails the pilot's rule.
struct CriticalLevel {
  double level_dbm = 0;
  double variance_db2 = 0;
};

struct RangeEstimate {
  double estimate_m = 0;
  double low_m = 0, high_m = 0;  ///< 95 % interval; high_m is infinite where the data set no upper limit
  double lower95_m = 0;          ///< one-sided 95 % lower bound
  double df = 0;
  double log_var = 0;  ///< variance of log10 of the estimate from line and flights alone, to first order
};

/// Distance at which a share of (new flight, 40 m stretch there) still reaches the critical level.
/// @param z 0 for the typical range (one in two), defaults::kDependableZ for the dependable one (95 %)
/// @throws DomainError for a setup that is not in the model, or a line that does not fall
/// Source: E. C. Fieller, JRSS B 16 (1954); degrees of freedom after Satterthwaite (1946).
RangeEstimate usableRange(const SignalModel& model, int setup, double z, const CriticalLevel& critical);

}  // namespace distanz::estimate

#pragma once
#include <optional>
#include <string>
#include <vector>

namespace distanz::bench {

/// One reading of a transmitter's power, at the antenna connector: what attenuators and cables took is added.
struct PowerReading {
  double time_s = 0;
  double power_dbm = 0;
  std::optional<double> temperature_c = {}, supply_v = {};
  std::string setting = {};  ///< as the transmitter calls it: "200 mW"
  bool idle = false;         ///< before arming
};

/// Power of one setting, armed or idle, over its time.
struct PowerHistory {
  std::string setting;
  bool idle = false;
  std::size_t readings = 0;
  double span_s = 0;
  double first_dbm = 0;    ///< cold
  double settled_dbm = 0;  ///< mean of the last third, at least of the last reading
  double most_dbm = 0, least_dbm = 0;
  double droop_db = 0;                   ///< most less settled
  double warm_up_s = 0;                  ///< until it stays within kSettled_db of settled
  std::optional<double> throttled_at_s;  ///< where it fell by kThrottle_db and more at once and stayed down
  std::optional<double> throttled_at_c;
  std::optional<double> db_per_volt;  ///< where the supply moved by kSupplySpan_v and more
};
constexpr double kSettled_db = 0.3, kThrottle_db = 1.0, kSupplySpan_v = 0.5;

/// In the order in which settings come. @throws DomainError for numbers that are not finite
std::vector<PowerHistory> powerHistories(std::vector<PowerReading> readings);

/// Settled power over the nominal, as a share. @throws DomainError unless finite
double nominalShare(double settled_dbm, double nominal_dbm);

}  // namespace distanz::bench

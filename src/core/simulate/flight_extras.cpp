#include "core/simulate/flight_extras.h"

#include <cmath>

namespace distanz::simulate {

void addBattery(log::Recording& r, const BatteryPhysics& b, double speed_mps) {
  log::Column used{"used_mah", {}}, volts{"battery_v", {}};
  for (const double t : r.time_s) {
    const double charge = b.use_mah_km / 1000 * speed_mps * t;
    used.values.push_back(std::round(charge));
    volts.values.push_back(std::round(100 * (b.full_v - b.resting_drop_v * charge / b.capacity_mah)) / 100);
  }
  r.columns.push_back(std::move(used));
  r.columns.push_back(std::move(volts));
}

void addFrames(log::Recording& r, const std::string& link, double stands_below_pct, double frames_per_s) {
  const auto* quality = r.find(log::linkChannel(link, log::channel::kQuality));
  if (!quality) return;
  log::Column frames{log::linkChannel(link, log::channel::kFrames), {}};
  double counted = 0;
  for (std::size_t i = 0; i < r.rows(); ++i) {
    if (i > 0 && !((*quality)[i] < stands_below_pct)) counted += frames_per_s * (r.time_s[i] - r.time_s[i - 1]);
    frames.values.push_back(std::floor(counted));
  }
  r.columns.push_back(std::move(frames));
}

}  // namespace distanz::simulate

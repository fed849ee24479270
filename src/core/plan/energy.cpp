#include "core/plan/energy.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/finding/error.h"

namespace distanz::plan {

std::optional<double> groundSpeed_mps(double airspeed_mps, double track_deg, const Wind& wind) {
  requirePositive(airspeed_mps, "airspeed_mps");
  requireFinite(track_deg, "track_deg");
  requireFinite(wind.from_deg, "from_deg");
  if (!(wind.speed_mps >= 0 && std::isfinite(wind.speed_mps))) throw DomainError("speed_mps >= 0");
  const double angle = (wind.from_deg - track_deg) * std::numbers::pi / 180;
  const double against = wind.speed_mps * std::cos(angle), across = wind.speed_mps * std::sin(angle);
  if (std::abs(across) >= airspeed_mps) return std::nullopt;
  const double ground = std::sqrt(airspeed_mps * airspeed_mps - across * across) - against;
  return ground > 0 ? std::optional(ground) : std::nullopt;
}

WindAlong windOfLegs(double out_mps, double back_mps) {
  requirePositive(out_mps, "out_mps");
  requirePositive(back_mps, "back_mps");
  return {(out_mps - back_mps) / 2, (out_mps + back_mps) / 2};
}

Energy energyOf(const std::vector<Leg>& legs, const Consumption& use, const Battery& battery,
                const Wind& wind) {
  if (legs.empty()) throw DomainError("legs >= 1");
  requirePositive(use.mah_per_km, "mah_per_km");
  requirePositive(use.airspeed_mps, "airspeed_mps");
  requirePositive(battery.capacity_mah, "capacity_mah");
  if (!(battery.reserve_share >= 0 && battery.reserve_share <= 1 && battery.beside_mah >= 0))
    throw DomainError("0 <= reserve_share <= 1, beside_mah >= 0");
  Energy out;
  double left = std::max(battery.usable_mah(), 0.0), at = 0;
  const double per_s = use.mah_per_s();
  for (std::size_t i = 0; i < legs.size(); ++i) {
    requirePositive(legs[i].length_m, "length_m");
    const auto forth = groundSpeed_mps(use.airspeed_mps, legs[i].track_deg, wind),
               home = groundSpeed_mps(use.airspeed_mps, legs[i].track_deg + 180, wind);
    if (!forth) out.impossible_out = i;
    if (!home) out.impossible_back = i;
    if (!forth || !home) break;
    const double per_m = per_s / *forth + per_s / *home, goes = std::min(legs[i].length_m, left / per_m);
    at += goes;
    left -= goes * per_m;
    out.out_s += goes / *forth;
    out.back_s += goes / *home;
    out.turn_m = at;
    if (goes < legs[i].length_m) break;
    out.whole_path = i + 1 == legs.size();
  }
  out.out_mah = out.out_s * per_s;
  out.back_mah = out.back_s * per_s;
  return out;
}

}  // namespace distanz::plan

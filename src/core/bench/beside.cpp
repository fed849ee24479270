#include "core/bench/beside.h"

#include <algorithm>
#include <cmath>

namespace distanz::bench {
namespace {

constexpr double kHzOfMhz = 1e6;

/// Between the carrier's band and the receiver's; 0 where they touch.
double gap_mhz(const Emitter& e, const Victim& v) {
  const double low = e.frequency_mhz - e.bandwidth_mhz / 2, high = e.frequency_mhz + e.bandwidth_mhz / 2;
  return std::max({v.low_mhz - high, low - v.high_mhz, 0.0});
}

}  // namespace

double blocksFrom_dbm(const Emitter& emitter, const Victim& victim) {
  if (victim.blocks_dbm) return *victim.blocks_dbm;
  const double middle = (victim.low_mhz + victim.high_mhz) / 2;
  return gap_mhz(emitter, victim) < kNear * middle ? kBlocksNear_dbm : kBlocks_dbm;
}

std::vector<Beside> besides(const Emitter& emitter, const Victim& victim, double distance_m, const Filters& filters) {
  const auto of = [&](BesideKind kind, double sent_dbm, double tolerated_dbm, double at_mhz, double filter_db) {
    return Beside{kind, isolationFor(sent_dbm, tolerated_dbm, at_mhz, distance_m, filter_db)};
  };
  std::vector<Beside> out;
  const double middle = (victim.low_mhz + victim.high_mhz) / 2;
  if (!(gap_mhz(emitter, victim) > 0)) {
    if (std::isfinite(victim.tolerates_dbm))
      out.push_back(of(BesideKind::InBand, emitter.power_dbm, victim.tolerates_dbm, emitter.frequency_mhz, 0));
    return out;
  }
  out.push_back(of(BesideKind::Blocking, emitter.power_dbm, blocksFrom_dbm(emitter, victim), emitter.frequency_mhz,
                   filters.receiving_db));
  if (std::isfinite(victim.tolerates_dbm) && victim.within_mhz > 0)
    out.push_back(of(BesideKind::Noise,
                     emitter.power_dbm + emitter.noise_dbc_hz.value_or(kNoise_dbc_hz) +
                         10 * std::log10(kHzOfMhz * victim.within_mhz),
                     victim.tolerates_dbm, middle, filters.sending_db));
  return out;
}

}  // namespace distanz::bench

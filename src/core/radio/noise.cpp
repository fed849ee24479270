#include "core/radio/noise.h"

#include <cmath>

#include "core/finding/error.h"

namespace distanz::radio {

double noiseFloor_dbm(double bandwidth_hz, double noise_figure_db) {
  requirePositive(bandwidth_hz, "bandwidth_hz");
  if (!(noise_figure_db >= 0 && std::isfinite(noise_figure_db))) throw DomainError("noise_figure_db >= 0");
  constexpr double kBoltzmann_j_k = 1.380649e-23, kReference_k = 290;
  return 10 * std::log10(1000 * kBoltzmann_j_k * kReference_k * bandwidth_hz) + noise_figure_db;
}

double sensitivity_dbm(double bandwidth_hz, double noise_figure_db, double snr_db) {
  requireFinite(snr_db, "snr_db");
  return noiseFloor_dbm(bandwidth_hz, noise_figure_db) + snr_db;
}

}  // namespace distanz::radio

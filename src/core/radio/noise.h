#pragma once

namespace distanz::radio {

constexpr double kUsualNoiseFigure_db = 6;  ///< of receivers of whom nobody said it: assumed

/// Noise in a receiver's bandwidth at 290 K, dBm: 10 log10(k T B / 1 mW) + noise figure, the -174 dBm/Hz of
/// the textbooks.
/// @param bandwidth_hz > 0 @param noise_figure_db >= 0 @throws DomainError
/// Source: H. T. Friis, Proc. IRE 32(7), 419-422 (1944); k = 1.380649e-23 J/K.
double noiseFloor_dbm(double bandwidth_hz, double noise_figure_db);

/// Level at which so much signal over noise is left, dBm. @param snr_db that the receiver needs; below 0 for
/// spread signals
double sensitivity_dbm(double bandwidth_hz, double noise_figure_db, double snr_db);

}  // namespace distanz::radio

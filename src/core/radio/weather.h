#pragma once
#include <complex>

#include "core/radio/plane.h"

namespace distanz::radio {

/// Relative permittivity e' - j e'' of pure water. @param frequency_mhz > 0, to 1,000,000 @param
/// temperature_c -20..60 @throws DomainError, as all below. Source: Rec. ITU-R P.840-8, equations 4-11.
std::complex<double> waterPermittivity(double frequency_mhz, double temperature_c);

/// Attenuation by rain, dB/km: k R^a. @param rate_mm_h 0..300 @param frequency_mhz 1000..1000000; below, that
/// of 1 GHz, which is next to nothing. Source: Rec. ITU-R P.838-3 (level paths).
double rainLoss_db_km(double frequency_mhz, double rate_mm_h, Plane plane);

/// Attenuation by fog or cloud droplets, dB/km. @param water_g_m3 0..10: 0.05 of fog through which one sees
/// 300 m, 0.5 through 50 m @param frequency_mhz to 200000. Source: Rec. ITU-R P.840-8, equations 2-3
/// (Rayleigh).
double cloudLoss_db_km(double frequency_mhz, double water_g_m3, double temperature_c);

/// The air a signal runs through.
struct Air {
  double pressure_hpa = 1013.25;  ///< of dry air, > 0
  double temperature_c = 15;      ///< -60..60
  double vapour_g_m3 = 7.5;       ///< >= 0
};
/// Attenuation by oxygen and water vapour, dB/km. @param frequency_mhz > 0, to 54000
/// Source: Rec. ITU-R P.676-10, annex 2, equations 22 and 23.
double oxygenLoss_db_km(double frequency_mhz, const Air& air = {});
double vapourLoss_db_km(double frequency_mhz, const Air& air = {});

/// Loss by trees in leaf that stand in the way, dB. @param depth_m 0..400 of trees passed; what is deeper
/// counts as 400 @param frequency_mhz 230..95000
/// Source: M. A. Weissberger, An Initial Critical Summary of Models for Predicting the Attenuation of Radio
/// Waves by Foliage, ESD-TR-81-101 (1982).
double woodlandLoss_db(double frequency_mhz, double depth_m);

}  // namespace distanz::radio

#pragma once
#include <complex>

#include "core/radio/plane.h"

namespace distanz::radio {

enum class Ground { VeryDry, MediumDry, Wet, FreshWater, SeaWater };

/// Complex relative permittivity e' - j e'' of the ground. Soils: after the curves of Rec. ITU-R P.527-3,
/// figure 1, at 1 and 5 GHz, and between them by their logarithms, to about a fifth; water at 20 degrees:
/// Debye's two relaxations of Rec. ITU-R P.840-8, the sea's salt as a conductivity of 5 S/m.
/// @param frequency_mhz 100..30000 @throws DomainError
std::complex<double> permittivityOf(Ground ground, double frequency_mhz);

/// Of a plane wave that meets smooth ground at a grazing angle; a circular one keeps its hand with the half
/// sum of both. @param grazing_rad 0..pi/2
/// Source: Rec. ITU-R P.1411; C. A. Balanis, Advanced Engineering Electromagnetics, 2nd ed. (2012), 5.3.
std::complex<double> groundReflection(std::complex<double> permittivity, double grazing_rad, Plane plane);

/// Grazing angle at which a vertically polarised wave is sent back least: above it a bounce turns the hand of a circular
/// one, below it does not. Of ground that loses nothing atan(1 / sqrt(e')).
double pseudoBrewster_rad(std::complex<double> permittivity);

/// Standard deviation of heights up to which ground reflects as if it were smooth, metres: wavelength / (8 sin grazing).
/// @param grazing_rad > 0 to pi/2. Source: Lord Rayleigh's criterion; Rec. ITU-R P.527.
double smoothestRough_m(double grazing_rad, double frequency_mhz);

/// Loss over free space by the wave that the ground sends back, dB: above 0 it takes, below it gives, never
/// more than 40 dB. Flat earth, smooth but for its roughness.
/// @param distance_m horizontal, > 0 @param h1_m,h2_m above the reflecting ground, >= 0 @param rough_m standard
/// deviation of its height, >= 0 (Rayleigh: Ament, Proc. IRE 41(1), 142 (1953))
double twoRayLoss_db(double distance_m, double h1_m, double h2_m, double frequency_mhz,
                     std::complex<double> permittivity, Plane plane, double rough_m = 0);
constexpr double kDeepestNull_db = 40;

}  // namespace distanz::radio

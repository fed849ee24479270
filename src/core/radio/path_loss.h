#pragma once

namespace distanz::radio {

/// Wavelength in free space, metres. @param frequency_mhz > 0 @throws DomainError
double wavelength_m(double frequency_mhz);

/// Free-space basic transmission loss between isotropic antennas, in dB (positive means attenuation): 20
/// log10(4 pi d f / c).
/// @param distance_m slant range, metres, finite and > 0; far field and clear path assumed
/// @param frequency_mhz carrier, MHz, finite and > 0
/// @throws DomainError naming the argument
/// Source: H. T. Friis, Proc. IRE 34(5), 254-256 (1946); Rec. ITU-R P.525 (whose 32.45 rounds the same
/// constant).
double freeSpaceLoss_db(double distance_m, double frequency_mhz);

/// Log-distance loss L(d0) + 10 n log10(d/d0), L(d0) being the free-space loss at d0. In dB.
/// @param exponent n, > 0: 2 in free space, 2.5..4 low over ground
/// @param reference_m d0, metres, > 0
/// Source: T. S. Rappaport, Wireless Communications, 2nd ed. (2002), section 4.9.
double logDistanceLoss_db(double distance_m, double frequency_mhz, double exponent, double reference_m = 1.0);

/// Distance ratio that a level difference is worth: 10^(delta/(10 n)). @param exponent > 0.
double rangeRatio(double delta_db, double exponent);

/// Level difference that a range ratio costs: 10 n log10(ratio), the inverse of rangeRatio(). @param ratio >
/// 0.
double decibelsForRatio(double ratio, double exponent);

}  // namespace distanz::radio

#pragma once

namespace distanz::radio {

/// Gain against half-power beam width: what one implies of the other, without losses. Widths in degrees, > 0
/// and below 360; gains in dBi. @throws DomainError

/// 41253 / (w1 w2): all power within the beam. Source: J. D. Kraus, Antennas (1950); Balanis, Antenna Theory,
/// 4th ed. (2016), eq. 2-27.
double beamGainKraus_dbi(double width1_deg, double width2_deg);

/// 72815 / (w1^2 + w2^2). Source: C.-T. Tai and C. S. Pereira, IEEE Trans. Antennas Propag. AP-24(6), 859-866
/// (1976); Balanis (2016), eq. 2-30b.
double beamGainTaiPereira_dbi(double width1_deg, double width2_deg);

/// 32400 / (w1 w2): beams as built, with their minor lobes. Source: Balanis (2016), section 2.7; W. L.
/// Stutzman, IEEE Antennas Propag. Mag. 40(4), 7-11 (1998).
double beamGainPractical_dbi(double width1_deg, double width2_deg);

/// Width in both planes of a round beam of that gain, after the practical form.
double beamWidthOf_deg(double gain_dbi);

/// Of an antenna alike all around, from its width in height: 101 / (w - 0.0027 w^2), with minor lobes.
/// Source: N. A. McDonald, IEEE Trans. Antennas Propag. AP-26(2), 340-341 (1978); Balanis (2016), eq. 2-33a.
double omniGainMcDonald_dbi(double width_deg);

/// As above without minor lobes: -172.4 + 191 sqrt(0.818 + 1 / w). Source: D. M. Pozar, IEEE Antennas Propag.
/// Mag. 35(6), 50-51 (1993); Balanis (2016), eq. 2-33b. Domain: up to the width of a short dipole, 90 degrees
double omniGainPozar_dbi(double width_deg);

/// Width in height that goes with the gain of an antenna alike all around, after Pozar; NaN above what 1
/// degree gives or below what 180 degrees give.
double omniWidthOf_deg(double gain_dbi);

/// Quality factor of a small antenna that fits in a sphere, the least there is: 1 / (k a)^3 + 1 / (k a) of a
/// linearly polarised one, (1 / (k a)^3 + 2 / (k a)) / 2 of a circular one.
/// @param diameter_m of the sphere, > 0. Source: J. S. McLean, IEEE Trans. Antennas Propag. 44(5), 672-676
/// (1996).
double leastQuality(double diameter_m, double frequency_mhz, bool circular = false);

/// Share of its frequency over which an antenna of that quality factor stays below a VSWR: (s - 1) / (Q
/// sqrt s). @param vswr > 1. Source: A. D. Yaghjian and S. R. Best, IEEE Trans. Antennas Propag. 53(4),
/// 1298-1324 (2005).
double bandShare(double quality, double vswr);

}  // namespace distanz::radio

#pragma once
#include <optional>

namespace distanz::radio {

/// From which distance an antenna's field is that of its pattern, metres: 2 D^2 / wavelength of its largest
/// size D, and wavelength / 2 pi at least. @param frequency_mhz > 0 @param size_m >= 0 @throws DomainError
/// Source: C. A. Balanis, Antenna Theory, 4th ed. (2016), section 2.2.4.
double farFieldOfSize_m(double frequency_mhz, double size_m);

/// The same of an antenna whose size nobody gave: of the round aperture that has its gain, D = wavelength
/// sqrt(G) / pi.
double farFieldOfGain_m(double frequency_mhz, double gain_dbi);

}  // namespace distanz::radio

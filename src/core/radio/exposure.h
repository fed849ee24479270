#pragma once

namespace distanz::radio {

/// Reference levels of power density between 2 and 300 GHz, W/m2. Source: ICNIRP, Health Phys. 118(5),
/// 483-524 (2020), table 5 (whole body, 30 minutes).
constexpr double kGeneralPublic_w_m2 = 10, kOccupational_w_m2 = 50;

/// Distance at which the power density has fallen to a level: sqrt(EIRP / (4 pi S)), metres. Far field only:
/// nearer than 2 D^2 / wavelength of an antenna of size D it says nothing. @param density_w_m2 > 0
/// @throws DomainError
double exclusionDistance_m(double eirp_dbm, double density_w_m2 = kGeneralPublic_w_m2);

}  // namespace distanz::radio

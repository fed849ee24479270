#pragma once

namespace distanz::quantity {

/// Power in dBm from milliwatts. @param power_mw > 0. @throws DomainError otherwise. 1 mW = 0 dBm by
/// definition.
double dbmFromMilliwatt(double power_mw);
/// Power in milliwatts from dBm. @param power_dbm finite. @throws DomainError otherwise.
double milliwattFromDbm(double power_dbm);

}  // namespace distanz::quantity

#include "core/quantity/decibel.h"

#include <cmath>

#include "core/finding/error.h"

namespace distanz::quantity {

double dbmFromMilliwatt(double power_mw) {
  requirePositive(power_mw, "power_mw");
  return 10 * std::log10(power_mw);
}

double milliwattFromDbm(double power_dbm) {
  requireFinite(power_dbm, "power_dbm");
  return std::pow(10, power_dbm / 10);
}

}  // namespace distanz::quantity

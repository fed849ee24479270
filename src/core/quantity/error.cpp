#include "core/quantity/error.h"

#include <cmath>

namespace distanz {

void requireFinite(double value, const char* name) {
  if (!std::isfinite(value)) throw DomainError(std::string(name) + " must be finite");
}

void requirePositive(double value, const char* name) {
  if (!(std::isfinite(value) && value > 0)) throw DomainError(std::string(name) + " must be finite and > 0");
}

}  // namespace distanz

#include "core/radio/mismatch.h"

#include <algorithm>
#include <cmath>

#include "core/finding/error.h"

namespace distanz::radio {
namespace {

void check(double reflection) {
  if (!(reflection >= 0)) throw DomainError("reflection >= 0");
}

}  // namespace

double reflection(double vswr) {
  if (!(vswr >= 1)) throw DomainError("vswr >= 1");
  return std::isinf(vswr) ? 1 : (vswr - 1) / (vswr + 1);
}

double vswr(double reflection) {
  check(reflection);
  if (reflection > 1) return NAN;
  return reflection == 1 ? INFINITY : (1 + reflection) / (1 - reflection);
}

double returnLoss_db(double reflection) {
  check(reflection);
  return reflection == 0 ? INFINITY : -20 * std::log10(reflection);
}

double acceptedShare(double reflection) {
  check(reflection);
  return std::max(1 - reflection * reflection, 0.0);
}

double mismatchLoss_db(double reflection) {
  const double share = acceptedShare(reflection);
  return share > 0 ? -10 * std::log10(share) : INFINITY;
}

}  // namespace distanz::radio

#pragma once
#include <fmt/format.h>

#include <cmath>
#include <string>

#include "support/chance.h"

/// Figures as the tables of docs/methods show them; a dash where there is none.
namespace distanz::bench {

inline std::string percent(double share, int digits, bool with_sign = false) {
  if (!std::isfinite(share)) return "–";
  return with_sign ? fmt::format("{:+.{}f}", 100 * share, digits)
                   : fmt::format("{:.{}f}", 100 * share, digits);
}

inline std::string percent(const test::Share& share, int digits) {
  return percent(share.value(), digits);
}
inline std::string percent(const test::Middle& share, int digits, bool with_sign = false) {
  return percent(share.value(), digits, with_sign);
}

}  // namespace distanz::bench

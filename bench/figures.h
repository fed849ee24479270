#pragma once
#include <fmt/format.h>

#include <cmath>
#include <string>

/// Figures as the tables of docs/methods show them; a dash where there is none.
namespace distanz::bench {

inline std::string percent(double share, int digits, bool with_sign = false) {
  if (!std::isfinite(share)) return "–";
  return with_sign ? fmt::format("{:+.{}f}", 100 * share, digits)
                   : fmt::format("{:.{}f}", 100 * share, digits);
}

}  // namespace distanz::bench

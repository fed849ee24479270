#include "core/bench/attitudes.h"

#include <algorithm>
#include <iterator>

#include "core/finding/error.h"

namespace distanz::bench {
namespace {

constexpr Attitude kAttitudes[] = {{"nose", 0, 0, 0},        {"right-side", 90, 0, 0}, {"tail", 180, 0, 0},
                                   {"left-side", 270, 0, 0}, {"nose-down", 0, -60, 0}, {"nose-up", 0, 60, 0},
                                   {"bank-right", 0, 0, 60}, {"bank-left", 0, 0, -60}, {"belly", 0, 90, 0},
                                   {"top", 0, -90, 0}};

}  // namespace

std::span<const Attitude> attitudes() {
  return kAttitudes;
}

std::size_t attitudeAt(double elapsed_s, double duration_s) {
  requirePositive(duration_s, "duration_s");
  const double share = std::clamp(elapsed_s / duration_s, 0.0, 1.0);
  return std::min(static_cast<std::size_t>(share * double(std::size(kAttitudes))), std::size(kAttitudes) - 1);
}

}  // namespace distanz::bench

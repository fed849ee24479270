#include "core/bench/trim.h"

#include <cmath>

#include "core/estimate/distribution.h"
#include "core/finding/error.h"

namespace distanz::bench {

namespace {
constexpr std::size_t kLeastSearches = 3;
constexpr double kWithinWidth = 0.1;
}  // namespace

std::optional<Trim> trimOf(const std::vector<TrimReading>& readings) {
  if (readings.empty()) return std::nullopt;
  Trim out;
  out.searches = readings.size();
  const auto n = static_cast<double>(readings.size());
  for (const TrimReading& r : readings) {
    requireFinite(r.low_khz, "low_khz");
    requireFinite(r.high_khz, "high_khz");
    if (!(r.low_khz < r.high_khz)) throw DomainError("low_khz < high_khz");
    out.midpoint_khz += (r.low_khz + r.high_khz) / 2 / n;
    out.width_khz += (r.high_khz - r.low_khz) / n;
  }
  out.scatter_khz = out.low_khz = out.high_khz = NAN;
  if (readings.size() < 2) return out;
  double square = 0;
  for (const TrimReading& r : readings) {
    const double off = (r.low_khz + r.high_khz) / 2 - out.midpoint_khz;
    square += off * off;
  }
  out.scatter_khz = std::sqrt(square / (n - 1));
  const double half = estimate::tQuantile(0.975, n - 1) * out.scatter_khz / std::sqrt(n);
  out.low_khz = out.midpoint_khz - half;
  out.high_khz = out.midpoint_khz + half;
  out.trustworthy = readings.size() >= kLeastSearches && half <= kWithinWidth * out.width_khz;
  out.off_centre = out.trustworthy && (out.low_khz > 0 || out.high_khz < 0);
  return out;
}

}  // namespace distanz::bench

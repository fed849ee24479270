#include "core/log/trace.h"

#include <cmath>

#include "core/finding/error.h"

namespace distanz::log {
namespace {

constexpr double kLongest_m =
    1e6;  // beyond this the distances are wrong, and the bins would not fit in memory

struct Sums {
  std::vector<double> sum;
  std::vector<int> n;
  void add(double distance_m, double value, double stretch_m) {
    const auto bin = static_cast<std::size_t>(distance_m / stretch_m);
    if (bin >= sum.size()) {
      sum.resize(bin + 1);
      n.resize(bin + 1);
    }
    sum[bin] += value;
    ++n[bin];
  }
  Trace trace(double stretch_m) const {
    Trace out;
    for (std::size_t i = 0; i < sum.size(); ++i)
      if (n[i] > 0) {
        out.distance_m.push_back((static_cast<double>(i) + 0.5) * stretch_m);
        out.value.push_back(sum[i] / n[i]);
      }
    return out;
  }
};

}  // namespace

LegTraces tracesOf(std::span<const double> time_s, std::span<const double> distance_m,
                   std::span<const double> values, const Turn& turn, double stretch_m) {
  requirePositive(stretch_m, "stretch_m");
  Sums out, back;
  for (std::size_t i = 0; i < time_s.size(); ++i) {
    if (!std::isfinite(values[i]) || !(distance_m[i] >= 0 && distance_m[i] < kLongest_m)) continue;
    if (time_s[i] < turn.begin_s) out.add(distance_m[i], values[i], stretch_m);
    if (time_s[i] > turn.end_s) back.add(distance_m[i], values[i], stretch_m);
  }
  return {out.trace(stretch_m), back.trace(stretch_m)};
}

}  // namespace distanz::log

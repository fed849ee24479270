#include "formats/time_axis.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/log/clock.h"
#include "formats/fields.h"

namespace distanz::formats {
namespace {

constexpr double kIn2000_s = 946'684'800, kIn2100_s = 4'102'444'800;  // since 1970: no other count of seconds is as long
constexpr double kRollover_s = 43200;  // a clock that falls by more than half a day has passed midnight

/// Rows that share a tick are spread evenly up to the next tick.
void spread(std::vector<double>& time_s) {
  const std::size_t n = time_s.size();
  double tick = 1;
  for (std::size_t first = 0; first < n;) {
    std::size_t last = first;
    while (last < n && time_s[last] == time_s[first]) ++last;
    if (last < n) tick = std::min(time_s[last] - time_s[first], 1.0);
    const double begin = time_s[first], step = tick / static_cast<double>(last - first);
    for (std::size_t i = first; i < last; ++i) time_s[i] = begin + step * static_cast<double>(i - first);
    first = last;
  }
}

}  // namespace

TimeAxis timeAxis(const TimeInput& input, const std::function<int(std::size_t)>& line_of) {
  TimeAxis axis;
  const std::vector<double>& raw = *input.seconds;
  axis.keep.assign(raw.size(), false);
  axis.time_s.reserve(raw.size());
  double day = 0, last_clock = NAN, last = -INFINITY;
  std::size_t without = 0, first_without = 0, same = 0;
  const bool dated = input.date_seconds && input.kind == FieldKind::Clock;
  for (std::size_t i = 0; i < raw.size(); ++i) {
    double t = raw[i];
    if (dated) t += (*input.date_seconds)[i];
    if (!std::isfinite(t)) {
      if (without++ == 0) first_without = i;
      continue;
    }
    if (input.kind == FieldKind::Clock && !dated) {
      if (t < last_clock - kRollover_s) day += kDay_s;
      last_clock = t;
      t += day;
    }
    if (t < last)
      throw InputError(
          finding("time-backwards", {{"line", line_of(i)},
                                     {"from", last - axis.time_s.front(), quantity::Unit::Second},
                                     {"to", t - axis.time_s.front(), quantity::Unit::Second}}));
    same += t == last;
    last = t;
    axis.keep[i] = true;
    axis.time_s.push_back(t);
  }
  if (axis.time_s.empty()) throw InputError(finding("no-readable-time"));
  if (axis.time_s.size() > 1 && axis.time_s.front() == axis.time_s.back())
    throw InputError(finding("time-stands-still"));
  if (without > 0)
    axis.problems.push_back(at(finding("no-time", {{"rows", without}}), line_of(first_without)));
  const double start = axis.time_s.front();
  const bool since1970 = input.kind == FieldKind::Number && start >= kIn2000_s && start < kIn2100_s;
  if (input.kind == FieldKind::DateTime || dated || since1970) axis.started = log::startedText(start + input.zone_s);
  for (double& t : axis.time_s) t -= start;
  axis.coarse = 2 * same > axis.time_s.size();
  if (axis.coarse) {
    spread(axis.time_s);
    axis.problems.push_back(at(finding("coarse-clock"), line_of(0)));
  }
  return axis;
}

}  // namespace distanz::formats

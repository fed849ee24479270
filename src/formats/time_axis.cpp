#include "formats/time_axis.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "formats/fields.h"

namespace distanz::formats {
namespace {

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
          fmt::format("line {}: time runs backwards, from {:.3f} s to {:.3f} s after the first row; cut the "
                      "file there if it holds two "
                      "flights, or match another time column",
                      line_of(i), last - axis.time_s.front(), t - axis.time_s.front()));
    same += t == last;
    last = t;
    axis.keep[i] = true;
    axis.time_s.push_back(t);
  }
  if (axis.time_s.empty())
    throw InputError("no row has a readable time; match another column to time_s by hand");
  if (axis.time_s.size() > 1 && axis.time_s.front() == axis.time_s.back())
    throw InputError(
        "time never advances: every row has the same time; match another column to time_s by hand");
  if (without > 0)
    axis.problems.push_back({"no-time", line_of(first_without),
                             fmt::format("{} rows have no readable time and are left out", without)});
  const double start = axis.time_s.front();
  if (input.kind == FieldKind::DateTime || dated) axis.started = formatDateTime(start + input.zone_s);
  for (double& t : axis.time_s) t -= start;
  axis.coarse = 2 * same > axis.time_s.size();
  if (axis.coarse) {
    spread(axis.time_s);
    axis.problems.push_back(
        {"coarse-clock", line_of(0),
         "the clock ticks slower than rows come; rows of one tick are spread evenly over it"});
  }
  return axis;
}

}  // namespace distanz::formats

#include "formats/time_axis.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/limits/reading.h"
#include "core/log/clock.h"
#include "formats/fields.h"

namespace distanz::formats {
namespace {

using limits::kMostSpan_s;
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

/// Row after another that has a time; the number of rows: none.
std::size_t nextTimed(const std::vector<double>& t, std::size_t row) {
  while (row < t.size() && !std::isfinite(t[row])) ++row;
  return row;
}

/// Single rows whose times are none of theirs: without them the clock goes on in order. A clock that often errs has none:
/// it is refused. @param past_midnight the last row may be of the next day
std::vector<std::size_t> strayRows(const std::vector<double>& t, bool past_midnight) {
  constexpr std::size_t kFew = 3, kOneOf = 50;
  std::vector<std::size_t> stray;
  std::size_t a = nextTimed(t, 0), b = nextTimed(t, a + 1);
  while (b < t.size()) {
    const std::size_t c = nextTimed(t, b + 1);
    const bool last = c >= t.size(), goes_on = last ? !past_midnight || t[b] > t[a] - kRollover_s : t[c] >= t[a];
    if (goes_on && (t[b] < t[a] || (!last && t[b] > t[c])))
      stray.push_back(b);
    else
      a = b;
    b = c;
  }
  if (stray.size() > std::min(t.size() / 4, std::max(kFew, t.size() / kOneOf))) stray.clear();
  return stray;
}

}  // namespace

TimeAxis timeAxis(const TimeInput& input, const std::function<int(std::size_t)>& line_of) {
  TimeAxis axis;
  std::vector<double> times = *input.seconds;
  axis.keep.assign(times.size(), false);
  axis.time_s.reserve(times.size());
  double day = 0, last_clock = NAN, last = -INFINITY;
  std::size_t without = 0, first_without = 0, same = 0;
  const bool dated = input.date_seconds && input.kind == FieldKind::Clock;
  for (std::size_t i = 0; i < times.size(); ++i) {
    if (dated) times[i] += (*input.date_seconds)[i];
    if (!std::isfinite(times[i]) && without++ == 0) first_without = i;
  }
  const std::vector<std::size_t> stray = strayRows(times, input.kind == FieldKind::Clock && !dated);
  for (const std::size_t i : stray) times[i] = NAN;
  for (std::size_t i = 0; i < times.size(); ++i) {
    double t = times[i];
    if (!std::isfinite(t)) continue;
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
  if (last - axis.time_s.front() > kMostSpan_s)
    throw InputError(finding("time-span-impossible", {{"span", last - axis.time_s.front(), quantity::Unit::Second}}));
  if (without > 0)
    axis.problems.push_back(at(finding("no-time", {{"rows", without}}), line_of(first_without)));
  if (!stray.empty()) axis.problems.push_back(at(finding("time-out-of-order", {{"rows", stray.size()}}), line_of(stray.front())));
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

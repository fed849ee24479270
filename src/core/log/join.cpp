#include "core/log/join.h"

#include <algorithm>
#include <cmath>

#include "core/log/channel.h"

namespace distanz::log {
namespace {

/// Known samples of one column, on the first clock.
struct Known {
  std::vector<double> time_s, value;
};

Known knownOf(const Recording& other, const std::vector<double>& values, const Clock& clock) {
  Known out;
  for (std::size_t i = 0; i < values.size(); ++i)
    if (std::isfinite(values[i])) {
      out.time_s.push_back(clock.on(other.time_s[i]));
      out.value.push_back(values[i]);
    }
  return out;
}

double valueAt(const Known& known, double time_s, bool in_steps) {
  const auto after = std::upper_bound(known.time_s.begin(), known.time_s.end(), time_s);
  if (after == known.time_s.begin()) return NAN;
  const auto i = static_cast<std::size_t>(after - known.time_s.begin()) - 1;
  const double since = time_s - known.time_s[i];
  if (since == 0 || (in_steps && since <= kJoinHold_s)) return known.value[i];
  if (in_steps || after == known.time_s.end()) return NAN;
  const double gap = *after - known.time_s[i];
  if (gap > kJoinHold_s) return NAN;
  return known.value[i] + (known.value[i + 1] - known.value[i]) * since / gap;
}

}  // namespace

void join(Recording& recording, const Recording& other, const Clock& clock) {
  for (const Column& column : other.columns) {
    if (recording.find(column.channel)) continue;
    const Known known = knownOf(other, column.values, clock);
    const ChannelInfo* about = channelInfo(column.channel);
    const bool in_steps = about && about->in_steps;
    Column out{column.channel, {}};
    out.values.reserve(recording.rows());
    for (const double t : recording.time_s) out.values.push_back(valueAt(known, t, in_steps));
    recording.columns.push_back(std::move(out));
  }
}

}  // namespace distanz::log

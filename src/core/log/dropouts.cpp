#include "core/log/dropouts.h"

#include <algorithm>
#include <cmath>

namespace distanz::log {
namespace {

constexpr double kWindow_s = 1;   // shorter interruptions are heard, not lost
constexpr double kSilence_s = 2;  // no value for this long: nothing arrives now
constexpr double kHold_s =
    5;  // a part that is logged more slowly than the other holds its last second's state so long

struct Second {
  double index = 0, begin_s = 0, end_s = 0, begin_m = NAN, end_m = NAN;
  bool below = false;
};

/// Mean of one part over a second.
struct Mean {
  double sum = 0;
  int n = 0;
  void add(double value) {
    sum += value;
    ++n;
  }
  bool below(double threshold) const { return n > 0 && sum / n < threshold; }
};

/// One part of the rule, second by second.
struct Watched {
  RulePart part;
  Mean mean = {};  ///< of the second in which it was heard last
  double index = NAN, heard_s = NAN;

  void hear(double t, double value, double second) {
    if (index != second) mean = {};
    index = second;
    heard_s = t;
    mean.add(value);
  }
  bool below(double now_s) const { return now_s - heard_s <= kHold_s && mean.below(part.threshold); }
};

std::vector<Second> seconds(std::span<const double> time_s, std::span<const double> distance_m,
                            std::span<const RulePart> parts) {
  std::vector<Second> out;
  std::vector<Watched> watched;
  for (const RulePart& part : parts) watched.push_back({part});
  for (std::size_t i = 0; i < time_s.size(); ++i) {
    const bool heard = std::any_of(parts.begin(), parts.end(),
                                   [&](const RulePart& p) { return std::isfinite(p.values[i]); });
    if (!std::isfinite(time_s[i]) || !heard) continue;
    const double index = std::floor(time_s[i] / kWindow_s);
    if (out.empty() || out.back().index != index)
      out.push_back({index, time_s[i], time_s[i], distance_m[i], distance_m[i]});
    Second& s = out.back();
    s.end_s = time_s[i];
    if (std::isfinite(distance_m[i])) s.end_m = distance_m[i];
    for (Watched& w : watched)
      if (const double value = w.part.values[i]; std::isfinite(value)) w.hear(time_s[i], value, index);
    s.below =
        std::any_of(watched.begin(), watched.end(), [&](const Watched& w) { return w.below(time_s[i]); });
  }
  return out;
}

}  // namespace

LinkEvents linkEvents(std::span<const double> time_s, std::span<const double> distance_m,
                      std::span<const RulePart> parts, const Turn& turn, std::span<const Loop> loops) {
  LinkEvents events;
  const std::vector<Second> all = seconds(time_s, distance_m, parts);
  bool down = false;
  const auto begin = [&](double t, double d) {
    if (!down) events.dropouts.push_back({t, t, d, d});
    down = true;
  };
  const auto extend = [&](double t, double d) {
    events.dropouts.back().end_s = t;
    events.dropouts.back().end_m = d;
  };
  for (std::size_t i = 0; i < all.size(); ++i) {
    const Second& s = all[i];
    if (s.below) begin(s.begin_s, s.begin_m);
    if (down) extend(s.begin_s, s.begin_m);
    down = down && s.below;
    if (down) extend(s.end_s, s.end_m);
  }
  const Dropout* last = nullptr;
  for (const Dropout& d : events.dropouts) {
    const bool banking = std::any_of(loops.begin(), loops.end(), [&](const Loop& loop) {
      return d.begin_s >= loop.begin_s && d.end_s <= loop.end_s;
    });
    if (banking || (d.begin_s >= turn.begin_s && d.end_s <= turn.end_s)) continue;
    if (!events.lost_at_m && d.begin_s <= turn.end_s) events.lost_at_m = d.begin_m;
    last = &d;
  }
  if (events.lost_at_m && !down) events.regained_at_m = last->end_m;
  return events;
}

std::optional<std::size_t> brokenNow(std::span<const double> time_s, std::span<const RulePart> parts) {
  for (std::size_t p = 0; p < parts.size(); ++p) {
    Mean mean;
    double last_s = NAN;
    for (std::size_t i = time_s.size(); i-- > 0 && time_s.back() - time_s[i] <= kSilence_s;) {
      if (!std::isfinite(parts[p].values[i])) continue;
      if (mean.n == 0) last_s = time_s[i];
      if (last_s - time_s[i] >= kWindow_s) break;
      mean.add(parts[p].values[i]);
    }
    if (mean.below(parts[p].threshold)) return p;
  }
  return std::nullopt;
}

}  // namespace distanz::log

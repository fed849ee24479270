#include "core/log/dropouts.h"

#include <cmath>

namespace distanz::log {
namespace {

constexpr double kWindow_s = 1;   // shorter interruptions are heard, not lost
constexpr double kSilence_s = 2;  // no value for this long: nothing arrived

struct Second {
  double index = 0, begin_s = 0, end_s = 0, begin_m = NAN, end_m = NAN, sum = 0;
  int n = 0;
};

std::vector<Second> seconds(std::span<const double> time_s, std::span<const double> distance_m, std::span<const double> quality) {
  std::vector<Second> out;
  for (std::size_t i = 0; i < time_s.size(); ++i) {
    if (!std::isfinite(time_s[i]) || !std::isfinite(quality[i])) continue;
    const double index = std::floor(time_s[i] / kWindow_s);
    if (out.empty() || out.back().index != index) out.push_back({index, time_s[i], time_s[i], distance_m[i], distance_m[i], 0, 0});
    Second& s = out.back();
    s.end_s = time_s[i];
    if (std::isfinite(distance_m[i])) s.end_m = distance_m[i];
    s.sum += quality[i];
    ++s.n;
  }
  return out;
}

}  // namespace

LinkEvents linkEvents(std::span<const double> time_s, std::span<const double> distance_m, std::span<const double> quality, double threshold,
                      const Turn& turn) {
  LinkEvents events;
  const std::vector<Second> all = seconds(time_s, distance_m, quality);
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
    if (i > 0 && s.begin_s - all[i - 1].end_s > kSilence_s) begin(all[i - 1].end_s, all[i - 1].end_m);
    if (s.sum / s.n < threshold) begin(s.begin_s, s.begin_m);
    if (down) extend(s.begin_s, s.begin_m);
    down = down && s.sum / s.n < threshold;
    if (down) extend(s.end_s, s.end_m);
  }
  const Dropout* last = nullptr;
  for (const Dropout& d : events.dropouts) {
    if (d.begin_s >= turn.begin_s && d.end_s <= turn.end_s) continue;
    if (!events.lost_at_m && d.begin_s <= turn.end_s) events.lost_at_m = d.begin_m;
    last = &d;
  }
  if (events.lost_at_m && !down) events.regained_at_m = last->end_m;
  return events;
}

}  // namespace distanz::log

#include "core/log/turning.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/log/quantile.h"

namespace distanz::log {
namespace {

constexpr double kOver_s = 2;       // steadies a noisy position: 2.5 m become 1.8 m/s
constexpr double kStill = 0.6;      // of the usual speed: slower than this is turning
constexpr double kLongest_s = 120;  // what takes longer is no turn but another kind of flight

struct Placed {
  double t, d;
};

/// Speed away from the station between rows two seconds apart; `ends` at the later of the two.
struct Speed {
  double begins_s, ends_s, mps;
};

std::vector<Speed> speedsOf(const std::vector<Placed>& rows) {
  std::vector<Speed> out;
  for (std::size_t first = 0, i = 1; i < rows.size(); ++i) {
    while (first + 1 < i && rows[i].t - rows[first + 1].t >= kOver_s) ++first;
    const double dt = rows[i].t - rows[first].t;
    if (dt >= kOver_s && dt < 3 * kOver_s)
      out.push_back({rows[first].t, rows[i].t, (rows[i].d - rows[first].d) / dt});
  }
  return out;
}

/// Upper middle of the speeds: hovers and climbs pull the middle itself down.
constexpr double kUsual = 0.6;

}  // namespace

Turning turningOf(std::span<const double> time_s, std::span<const double> distance_m, double farthest_s) {
  std::vector<Placed> rows;
  for (std::size_t i = 0; i < time_s.size(); ++i)
    if (std::isfinite(time_s[i]) && std::isfinite(distance_m[i])) rows.push_back({time_s[i], distance_m[i]});
  std::vector<double> out, home;
  const std::vector<Speed> speeds = speedsOf(rows);
  for (const Speed& s : speeds) {
    if (s.ends_s <= farthest_s && s.mps > 0) out.push_back(s.mps);
    if (s.begins_s >= farthest_s && s.mps < 0) home.push_back(-s.mps);
  }
  const double out_mps = quantile(std::move(out), kUsual), home_mps = quantile(std::move(home), kUsual);
  Turning turning{farthest_s, farthest_s, out_mps};
  for (const Speed& s : speeds)
    if (s.ends_s <= farthest_s && s.mps >= kStill * out_mps) turning.begin_s = s.ends_s;
  for (auto s = speeds.rbegin(); s != speeds.rend(); ++s)
    if (s->begins_s >= farthest_s && -s->mps >= kStill * home_mps) turning.end_s = s->begins_s;
  turning.begin_s = std::max(turning.begin_s, farthest_s - kLongest_s);
  turning.end_s = std::min(turning.end_s, farthest_s + kLongest_s);
  return turning;
}

namespace {

constexpr double kBackBy_m = 25;     // less may be the position's own noise
constexpr double kLoopMargin_s = 2;  // banking begins before the distance shows it

/// Rows in the order in which the aircraft should be going away.
std::vector<Loop> loopsAlong(const std::vector<Placed>& rows) {
  std::vector<Loop> out;
  Placed farthest{NAN, -INFINITY};
  bool back = false;
  double nearest = INFINITY;
  for (const Placed& row : rows) {
    if (row.d >= farthest.d) {
      if (back) out.push_back({farthest.t, row.t, farthest.d});
      back = false;
      nearest = INFINITY;
      farthest = row;
    } else {
      nearest = std::min(nearest, row.d);
      back = back || nearest < farthest.d - kBackBy_m;
    }
  }
  return out;
}

}  // namespace

std::vector<Loop> loopsOf(std::span<const double> time_s, std::span<const double> distance_m,
                          const Turning& turning) {
  std::vector<Placed> out, home;
  for (std::size_t i = 0; i < time_s.size(); ++i) {
    if (!std::isfinite(time_s[i]) || !std::isfinite(distance_m[i])) continue;
    if (time_s[i] <= turning.begin_s) out.push_back({time_s[i], distance_m[i]});
    if (time_s[i] >= turning.end_s) home.push_back({time_s[i], distance_m[i]});
  }
  std::reverse(home.begin(), home.end());
  std::vector<Loop> loops = loopsAlong(out), others = loopsAlong(home);
  for (Loop& loop : others) std::swap(loop.begin_s, loop.end_s);
  loops.insert(loops.end(), others.begin(), others.end());
  for (Loop& loop : loops) loop.begin_s -= kLoopMargin_s, loop.end_s += kLoopMargin_s;
  return loops;
}

}  // namespace distanz::log

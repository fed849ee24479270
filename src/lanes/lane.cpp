#include "lanes/lane.h"

#include <algorithm>
#include <cmath>

namespace distanz::lanes {
namespace {

/// Distance to a point in units of the reach; 1 is its edge.
double away(double x, double y, double at_x, double at_y, double dx, double dy) {
  return std::hypot((x - at_x) / dx, (y - at_y) / dy);
}

/// The line's height at x; none where it is not there, or has a gap.
std::optional<double> heightAt(const Line& line, double x) {
  const auto after = std::lower_bound(line.x.begin(), line.x.end(), x);
  if (after == line.x.end() || (after == line.x.begin() && *after > x)) return std::nullopt;
  const auto i = static_cast<std::size_t>(after - line.x.begin());
  if (line.x[i] == x || i == 0) return line.y[i];
  const double share = (x - line.x[i - 1]) / (line.x[i] - line.x[i - 1]);
  return line.y[i - 1] + share * (line.y[i] - line.y[i - 1]);
}

}  // namespace

std::vector<Slot> layoutOf(const Lanes& all, double height) {
  std::vector<std::size_t> shown(all.lanes.size());
  for (std::size_t i = 0; i < shown.size(); ++i) shown[i] = i;
  constexpr double kAround = kTitle_px + kGap_px;
  const auto room = [&] { return height - kScale_px - static_cast<double>(shown.size()) * kAround; };
  while (shown.size() > 1 && room() < static_cast<double>(shown.size()) * kLeastLane_px)
    shown.erase(std::min_element(shown.begin(), shown.end(), [&](std::size_t a, std::size_t b) {
      return all.lanes[a].keep < all.lanes[b].keep;
    }));
  // Those that their weight would give too little get the least; the others share what is left.
  std::vector<double> heights(shown.size(), 0);
  double rest = std::max(room(), kLeastLane_px);
  double weights = 0;
  for (std::size_t lane : shown) weights += all.lanes[lane].weight;
  for (bool changed = true; changed;) {
    changed = false;
    for (std::size_t i = 0; i < shown.size(); ++i) {
      const int weight = all.lanes[shown[i]].weight;
      if (heights[i] > 0 || rest * weight / weights >= kLeastLane_px) continue;
      heights[i] = kLeastLane_px;
      rest -= kLeastLane_px;
      weights -= weight;
      changed = true;
    }
  }
  std::vector<Slot> out;
  double top = 0;
  for (std::size_t i = 0; i < shown.size(); ++i) {
    const double own = heights[i] > 0 ? heights[i] : rest * all.lanes[shown[i]].weight / weights;
    out.push_back({shown[i], top + kTitle_px, own});
    top += own + kAround;
  }
  return out;
}

std::optional<Hit> lineAt(const Lane& lane, double x, double y, double dx, double dy) {
  std::optional<Hit> out;
  double nearest = 1;
  for (const Line& line : lane.lines) {
    if (line.name.empty()) continue;
    const auto at = heightAt(line, x);
    if (!at || !std::isfinite(*at)) continue;
    const double d = away(x, y, x, *at, dx, dy);
    if (d > nearest) continue;
    nearest = d;
    out = Hit{line.name, x, *at};
  }
  return out;
}

std::vector<Hit> valuesAt(const Lane& lane, double x) {
  std::vector<Hit> out;
  for (const Line& line : lane.lines) {
    if (line.name.empty() || std::any_of(out.begin(), out.end(), [&](const Hit& h) { return h.name == line.name; })) continue;
    if (const auto at = heightAt(line, x); at && std::isfinite(*at)) out.push_back({line.name, x, *at});
  }
  return out;
}

std::optional<Hit> dotAt(const Lane& lane, double x, double y, double dx, double dy) {
  std::optional<Hit> out;
  double nearest = 1;
  for (const Dots& group : lane.dots)
    for (const Dot& dot : group.dots) {
      const double d = away(x, y, dot.x, dot.y, dx, dy);
      if (d > nearest || dot.name.empty()) continue;
      nearest = d;
      out = Hit{dot.name, dot.x, dot.y};
    }
  return out;
}

}  // namespace distanz::lanes

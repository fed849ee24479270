#include "core/log/strip.h"

#include <algorithm>
#include <cmath>

#include "core/finding/error.h"
#include "core/log/channel.h"

namespace distanz::log {
namespace {

struct Pieces {
  double begin_s, length_s;
  std::size_t count;
};

StripLane laneOf(std::string channel, const Recording& r, std::span<const double> values, const Pieces& pieces) {
  StripLane out;
  out.channel = std::move(channel);
  std::vector<double> low(pieces.count, INFINITY), high(pieces.count, -INFINITY);
  for (std::size_t i = 0; i < values.size(); ++i) {
    if (!std::isfinite(values[i])) continue;
    const auto at = std::min(static_cast<std::size_t>((r.time_s[i] - pieces.begin_s) / pieces.length_s), pieces.count - 1);
    low[at] = std::min(low[at], values[i]);
    high[at] = std::max(high[at], values[i]);
  }
  double least = INFINITY, most = -INFINITY;
  for (std::size_t i = 0; i < pieces.count; ++i) {
    if (low[i] > high[i]) continue;
    out.time_s.push_back(pieces.begin_s + (static_cast<double>(i) + 0.5) * pieces.length_s);
    out.lowest.push_back(low[i]);
    out.highest.push_back(high[i]);
    least = std::min(least, low[i]);
    most = std::max(most, high[i]);
  }
  if (least <= most) {
    out.least = least;
    out.most = most;
  }
  const ChannelInfo* about = channelInfo(out.channel);
  if (about && about->high > about->low) {
    out.low = about->low;
    out.high = about->high;
  } else if (least <= most) {
    const double margin = std::max((most - least) * 0.06, 0.5);
    out.low = least - margin;
    out.high = most + margin;
  }
  return out;
}

bool changes(const std::vector<double>& values) {
  double first = NAN;
  for (const double v : values) {
    if (!std::isfinite(v)) continue;
    if (std::isnan(first)) first = v;
    if (v != first) return true;
  }
  return false;
}

}  // namespace

Strip stripOf(const Recording& r, const Track& track, std::span<const std::string> links, int pieces) {
  requirePositive(pieces, "pieces");
  Strip out;
  if (r.time_s.empty()) return out;
  out.begin_s = r.time_s.front();
  out.end_s = r.time_s.back();
  out.farthest_m = track.farthest_along_m;
  const Pieces over{out.begin_s, std::max((out.end_s - out.begin_s) / pieces, 1e-9), static_cast<std::size_t>(pieces)};
  constexpr double kPoints = 120;
  const double stretch = std::max(out.farthest_m / kPoints, 1.0);
  const std::vector<double>& place = track.progress_m();
  out.distance = laneOf(std::string(channel::kDistance), r, place, over);
  out.distance.low = 0;
  if (!track.side_m.empty()) out.distance.over_path = tracesOf(r.time_s, place, track.side_m, track.turn, stretch);
  const auto add = [&](const std::string& name) {
    const auto* values = r.find(name);
    if (!values) return;
    StripLane lane = laneOf(name, r, *values, over);
    if (lane.time_s.empty()) return;
    lane.over_path = tracesOf(r.time_s, place, *values, track.turn, stretch);
    out.lanes.push_back(std::move(lane));
  };
  for (const std::string& link : links)
    for (const ChannelInfo* about : laneChannels())
      if (about->lane_at_first) add(linkChannel(link, about->name));
  for (const std::string& link : links)  // what changed by itself decides how the rest is read
    for (const std::string_view what : {channel::kPower, channel::kRate, channel::kMode, channel::kFrequency})
      if (const auto* values = r.find(linkChannel(link, what)); values && changes(*values)) add(linkChannel(link, what));
  add(std::string(channel::kHeight));
  add(std::string(channel::kSpeed));
  return out;
}

Strip stripOfPart(Strip whole, const Strip& part) {
  whole.farthest_m = part.farthest_m;
  whole.distance.over_path = part.distance.over_path;
  for (StripLane& lane : whole.lanes) {
    const auto own = std::find_if(part.lanes.begin(), part.lanes.end(), [&](const StripLane& l) { return l.channel == lane.channel; });
    lane.over_path = own == part.lanes.end() ? LegTraces{} : own->over_path;
  }
  return whole;
}

}  // namespace distanz::log

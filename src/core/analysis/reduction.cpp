#include "core/analysis/reduction.h"

#include <algorithm>
#include <cmath>

namespace distanz::analysis {
namespace {

/// True where the recorded transmit power took more than one value.
bool changed(const std::vector<double>* power) {
  if (!power) return false;
  double low = INFINITY, high = -INFINITY;
  for (double p : *power)
    if (std::isfinite(p)) low = std::min(low, p), high = std::max(high, p);
  return high > low;
}

struct Reducer {
  const log::Recording& recording;
  const log::Track& track;

  std::optional<estimate::FirstFailure> failure(const std::vector<double>& values, double threshold) const {
    return estimate::firstFailure(0, recording.time_s, track.distance_m, values, track.farthest_s, threshold);
  }
  log::LegTraces traces(const std::vector<double>& values) const {
    return log::tracesOf(recording.time_s, track.distance_m, values, track.turn);
  }
  std::vector<estimate::QualityWindow> windows(const std::vector<double>& rssi, const std::vector<double>& values) const {
    return estimate::qualityWindows(recording.time_s, rssi, values, track.turn.begin_s, track.turn.end_s);
  }
  log::LinkEvents events(const std::vector<double>& values, double threshold) const {
    return log::linkEvents(recording.time_s, track.distance_m, values, threshold, track.turn);
  }

  void signal(LinkReduction& out, const std::vector<double>& rssi) const {
    const estimate::FlightSamples samples{recording.time_s, track.distance_m, rssi, track.turn.begin_s, track.turn.end_s};
    out.has_signal = true;
    out.cells = estimate::cellsOf(samples, std::nullopt);
    out.floor.add(samples);
    out.signal = traces(rssi);
  }

  LinkReduction link(const campaign::Link& link) const {
    LinkReduction out;
    const auto channel = [&](std::string_view quantity) { return recording.find(log::linkChannel(link.id, quantity)); };
    const auto *rssi = channel(log::channel::kRssi), *quality = channel(log::channel::kQuality), *bitrate = channel(log::channel::kBitrate);
    out.power_changed = changed(channel(log::channel::kPower));
    if (rssi) signal(out, *rssi);
    if (bitrate) {
      out.has_bitrate = true;
      for (double b : *bitrate)
        if (std::isfinite(b)) out.top_bitrate_mbps = std::max(out.top_bitrate_mbps, b);
      out.bitrate = traces(*bitrate);
      if (rssi) out.bitrate_windows = windows(*rssi, *bitrate);
      if (link.rule.bitrate_min_mbps) {
        out.bitrate_failure = failure(*bitrate, *link.rule.bitrate_min_mbps);
        out.events = events(*bitrate, *link.rule.bitrate_min_mbps);
      }
    }
    if (quality) {
      out.has_quality = true;
      out.quality = traces(*quality);
      if (rssi) out.quality_windows = windows(*rssi, *quality);
      if (link.rule.lq_min_pct) out.quality_failure = failure(*quality, *link.rule.lq_min_pct);
      if (!link.rule.bitrate_min_mbps || !bitrate) out.events = events(*quality, link.rule.lq_min_pct.value_or(kDefaultQuality_pct));
    }
    return out;
  }
};

}  // namespace

RunReduction reduceRun(const campaign::Campaign& campaign, const campaign::Run& run, const log::Recording& recording,
                       const course::Course* course) {
  RunReduction out;
  try {
    std::optional<log::Turn> hand;
    if (run.turn_begin_s && run.turn_end_s) hand = log::Turn{*run.turn_begin_s, *run.turn_end_s};
    log::Track track = log::trackOf(recording, course, hand);
    out.from_gnss = track.from_gnss;
    out.farthest_m = track.farthest_m;
    out.turn = track.turn;
    out.duration_s = recording.time_s.back() - recording.time_s.front();
    const Reducer reducer{recording, track};
    for (const campaign::Link& link : campaign.links) {
      LinkReduction reduced = reducer.link(link);
      if (reduced.has_signal || reduced.has_quality || reduced.has_bitrate) out.links.emplace(link.id, std::move(reduced));
    }
    out.problems = std::move(track.problems);
    if (out.links.empty()) out.refused = "the log has no signal, link quality or bitrate of any link in this campaign";
  } catch (const Error& e) {
    out.refused = e.what();
  }
  return out;
}

}  // namespace distanz::analysis

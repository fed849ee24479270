#include "core/analysis/reduce/beyond.h"

#include <algorithm>


namespace distanz::analysis {
namespace {

const std::vector<double>* columnOf(const BeyondContext& c, const campaign::Link& link, std::string_view what) {
  return c.recording.find(log::linkChannel(link.id, what));
}

/// What passes are told in, row by row: the signal, else the receiver's own scale at full power, else the bitrate.
struct Figure {
  log::PassFigure what = log::PassFigure::Signal;
  const std::vector<double>* values = nullptr;
};
Figure figureOf(const BeyondContext& c, const campaign::Link& link, const std::vector<double>& signal) {
  if (!signal.empty()) return {log::PassFigure::Signal, &signal};
  const auto reduced = c.run.reduced_db.find(link.id);
  if (const auto* scale = columnOf(c, link, log::channel::kLevel); scale && reduced == c.run.reduced_db.end())
    return {log::PassFigure::Scale, scale};
  if (const auto* rate = columnOf(c, link, log::channel::kBitrate)) return {log::PassFigure::Bitrate, rate};
  return {log::PassFigure::Signal, &signal};
}

std::vector<SegmentPass> passesIn(const BeyondContext& c, const Figure& figure, const std::optional<std::vector<log::Dropout>>& dropouts) {
  std::vector<SegmentPass> out;
  std::optional<std::span<const log::Dropout>> held;
  if (dropouts) held = *dropouts;
  for (const log::Pass& pass : c.passes) {
    if (c.run.legs != campaign::Legs::Both && pass.out != (c.run.legs == campaign::Legs::Out)) continue;
    const campaign::Segment& s = c.segments[pass.stretch];
    SegmentPass p{s.name, pass.lap, pass.out, log::seenIn(pass, {s.from_m, s.to_m}, c.recording.time_s, c.chainage_m, *figure.values, held)};
    p.seen.figure = figure.what;
    if (std::isfinite(p.seen.mean) || std::isfinite(p.seen.usable_share)) out.push_back(std::move(p));
  }
  return out;
}

std::vector<int> turnSides(const BeyondContext& c, const std::vector<double>& signal) {
  std::vector<int> out(log::kSectors, 0);
  bool any = false;
  for (std::size_t i = 0; i < signal.size(); ++i) {
    const double t = c.recording.time_s[i];
    if (t < c.track.turn.begin_s || t > c.track.turn.end_s || !std::isfinite(signal[i]) || !std::isfinite(c.sides->station_deg[i])) continue;
    ++out[static_cast<std::size_t>(log::sectorOf(c.sides->station_deg[i]))];
    any = true;
  }
  return any ? out : std::vector<int>();
}

FirstStep firstStep(const BeyondContext& c, std::string_view channel, const std::vector<double>& values) {
  FirstStep out;
  out.channel = channel;
  double before = NAN, before_s = NAN;
  for (std::size_t i = 0; i < values.size(); ++i) {
    if (!std::isfinite(values[i])) continue;
    const double t = c.recording.time_s[i], place = c.track.progress_m()[i];
    if (std::isfinite(before)) {
      out.in_s[before] += t - before_s;
      if (values[i] != before) ++out.changes;
    }
    if (t <= c.track.farthest_s && !out.stepped) {
      if (std::isfinite(place)) out.at_m = std::max(out.at_m, place);
      if (std::isfinite(before) && values[i] != before) {
        out.stepped = true;
        out.to = values[i];
        if (std::isfinite(place)) out.at_m = place;
      }
    }
    before = values[i];
    before_s = t;
  }
  return out;
}

std::map<int, FreezeStretch> stretchesOf(const BeyondContext& c, const std::vector<log::Freeze>& freezes) {
  std::map<int, FreezeStretch> out;
  const auto stretch = [](double m) { return static_cast<int>(m / kFreezeStretch_m); };
  double last = NAN, last_s = -INFINITY;
  for (std::size_t i = 0; i < c.recording.rows(); ++i) {
    const double m = c.track.distance_m[i];
    if (!(m >= 0 && m < 1e6) || c.recording.time_s[i] < last_s + 1) continue;
    if (std::isfinite(last)) out[stretch(m)].flown_m += std::min(std::abs(m - last), kFreezeStretch_m);
    last = m;
    last_s = c.recording.time_s[i];
  }
  for (const log::Freeze& f : freezes)
    if (f.lost_m >= 0 && f.lost_m < 1e6) ++out[stretch(f.lost_m)].freezes;
  return out;
}

std::optional<double> aliveTo(const BeyondContext& c, const campaign::Link& link, const std::vector<log::Freeze>& freezes) {
  std::optional<double> out;
  const auto *quality = columnOf(c, link, log::channel::kQuality), *signal = columnOf(c, link, log::channel::kRssi), *rate = columnOf(c, link, log::channel::kBitrate);
  std::size_t freeze = 0;
  for (std::size_t i = 0; i < c.recording.rows() && c.recording.time_s[i] <= c.track.farthest_s; ++i) {
    const double t = c.recording.time_s[i];
    while (freeze < freezes.size() && freezes[freeze].end_s < t) ++freeze;
    if (freeze < freezes.size() && freezes[freeze].begin_s <= t) continue;
    const bool dead = (quality && (*quality)[i] <= 0) || (rate && (*rate)[i] <= 0);
    const bool heard = (quality && (*quality)[i] > 0) || (rate && (*rate)[i] > 0) || (!quality && !rate && signal && std::isfinite((*signal)[i]));
    const double m = c.track.distance_m[i];
    if (!dead && heard && std::isfinite(m)) out = std::max(out.value_or(0), m);
  }
  return out;
}

}  // namespace

BeyondContext beyondContext(const campaign::Campaign& campaign, const campaign::Run& run, const log::Recording& recording,
                            const log::Track& track, const course::Course* course) {
  BeyondContext out{campaign, run, recording, track};
  if (const campaign::Path* path = campaign::findPath(campaign, run.path)) out.segments = campaign::namedSegments(*path);
  out.chainage_m = track.chainage_m();
  std::vector<log::Stretch> stretches;
  for (const campaign::Segment& s : out.segments) stretches.push_back({s.from_m, s.to_m});
  out.passes = log::passesOf(recording.time_s, out.chainage_m, stretches);
  if (course) out.sides = log::sidesOf(recording, track, *course);
  return out;
}

LinkBeyond linkBeyond(const BeyondContext& c, const campaign::Link& link, const std::vector<double>& signal,
                      const std::optional<std::vector<log::Dropout>>& dropouts) {
  LinkBeyond out;
  out.passes = passesIn(c, figureOf(c, link, signal), dropouts);
  if (c.sides && !signal.empty()) {
    out.sides = log::sideCells(*c.sides, c.track.distance_m, signal);
    out.turn_sides = turnSides(c, signal);
    out.sides_by_heading = c.sides->by_heading;
  }
  for (const std::string_view channel : {log::channel::kRate, log::channel::kMode, log::channel::kFrequency})
    if (const auto* values = columnOf(c, link, channel)) out.steps.push_back(firstStep(c, channel, *values));
  out.pictures = columnOf(c, link, log::channel::kBitrate) || columnOf(c, link, "delay_ms") || columnOf(c, link, log::channel::kFrames);
  if (out.pictures) {
    out.freezes = log::freezesIn(c.recording, c.track, link.id);
    out.freeze_stretches = stretchesOf(c, out.freezes);
  }
  out.alive_to_m = aliveTo(c, link, out.freezes);
  out.end = sharpEnd(c.recording, c.track, link, signal, out.freezes);
  return out;
}

}  // namespace distanz::analysis

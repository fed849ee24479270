#include "core/analysis/reduce/sharp_stop.h"

#include <algorithm>

#include "core/estimate/robust.h"

namespace distanz::analysis {
namespace {

constexpr double kAtOnce_s = 3;
constexpr double kStaysAway_s = 2.5;  // to the turn; as long again on the way back
constexpr double kSilent_s = 2;  // a figure that is not told for longer is none
constexpr double kGood_pct = 90, kGone_pct = 5;
constexpr double kGoodOfTop = 0.6, kGoneOfTop = 0.05;  // of a bitrate, which adapts while it is still good
constexpr double kTopShare = 0.9;
constexpr double kLastPart = 0.8, kCleanShare = 0.95;

struct Seen {
  double time_s, at_m, along_m, signal_dbm;
  bool good, gone;
};

/// The way out, row by row, with one figure judged; rows that do not tell it left out.
class WayOut {
 public:
  WayOut(const log::Recording& recording, const log::Track& track, const std::vector<double>& signal)
      : m_recording(recording), m_track(track), m_signal(signal) {}

  template <class Judge>
  std::vector<Seen> of(Judge judge) const {
    std::vector<Seen> out;
    for (std::size_t i = 0; i < m_recording.rows() && m_recording.time_s[i] <= m_track.farthest_s; ++i) {
      const std::optional<int> is = judge(i);  // 1: good, -1: gone
      if (!is || !std::isfinite(m_track.distance_m[i])) continue;
      const double along = m_track.progress_m()[i];
      out.push_back({m_recording.time_s[i], m_track.distance_m[i], std::isfinite(along) ? along : m_track.distance_m[i],
                     m_signal.empty() ? NAN : m_signal[i], *is > 0, *is < 0});
    }
    return out;
  }

 private:
  const log::Recording& m_recording;
  const log::Track& m_track;
  const std::vector<double>& m_signal;
};

double meanSignal(const std::vector<Seen>& rows, std::size_t begin, std::size_t end) {
  double sum = 0;
  int n = 0;
  for (std::size_t i = begin; i < end; ++i)
    if (std::isfinite(rows[i].signal_dbm)) sum += rows[i].signal_dbm, ++n;
  return n > 0 ? sum / n : NAN;
}

/// Nothing but good figures before it.
bool cleanUpTo(const std::vector<Seen>& rows, std::size_t good) {
  int all = 0, fine = 0;
  for (std::size_t i = 0; i <= good; ++i)
    if (rows[i].at_m >= kLastPart * rows[good].at_m) ++all, fine += rows[i].good;
  return fine >= kCleanShare * all;
}

std::optional<SharpStop> stopIn(const std::vector<Seen>& rows, std::string_view channel, double farthest_s) {
  constexpr std::size_t kNone = std::size_t(-1);
  std::size_t good = kNone, gone = kNone;
  bool slowly = false;
  for (std::size_t i = 0; i < rows.size(); ++i) {
    if (rows[i].good) good = i;
    if (!rows[i].gone) {
      gone = kNone;
    } else if (gone == kNone) {
      gone = i;
      slowly = good == kNone || rows[i].time_s - rows[good].time_s > kAtOnce_s;
    }
  }
  if (gone == kNone || slowly || farthest_s - rows[gone].time_s < kStaysAway_s) return std::nullopt;
  SharpStop out;
  out.channel = channel;
  out.at_m = rows[good].at_m;
  out.along_m = rows[good].along_m;
  std::size_t just_before = good;
  while (just_before > 0 && rows[good].time_s - rows[just_before - 1].time_s <= kAtOnce_s) --just_before;
  out.signal_dbm = meanSignal(rows, just_before, good + 1);
  out.signal_beyond_dbm = meanSignal(rows, gone, rows.size());
  out.clean = cleanUpTo(rows, good);
  for (std::size_t i = gone; i < rows.size(); ++i) out.beyond_m = std::max(out.beyond_m, rows[i].at_m - out.at_m);
  return out;
}

/// What of a column counts as good and as gone; none where nothing of it ever was good.
std::optional<std::pair<double, double>> bounds(std::string_view channel, const std::vector<double>& values) {
  if (channel == log::channel::kQuality) return std::pair(kGood_pct, kGone_pct);
  std::vector<double> seen;
  for (const double v : values)
    if (std::isfinite(v)) seen.push_back(v);
  if (seen.empty()) return std::nullopt;
  std::sort(seen.begin(), seen.end());
  const double top = estimate::quantileOf(seen, kTopShare);
  return top > 0 ? std::optional(std::pair(kGoodOfTop * top, kGoneOfTop * top)) : std::nullopt;
}

}  // namespace

SharpEnd sharpEnd(const log::Recording& recording, const log::Track& track, const campaign::Link& link,
                  const std::vector<double>& signal, const std::vector<log::Freeze>& freezes) {
  const WayOut way(recording, track, signal);
  SharpEnd out;
  bool figures = false;
  const auto look = [&](std::string_view channel, const std::vector<Seen>& rows) {
    double& good_to = out.good_to_m[std::string(channel)];
    for (const Seen& s : rows)
      if (s.good) good_to = std::max(good_to, s.at_m);
    const auto stop = stopIn(rows, channel, track.farthest_s);
    if (stop && (!out.stop || stop->at_m < out.stop->at_m)) out.stop = stop;
    figures = true;
  };
  for (const std::string_view channel : {log::channel::kQuality, log::channel::kBitrate}) {
    const std::vector<double>* values = recording.find(log::linkChannel(link.id, channel));
    const auto at = values ? bounds(channel, *values) : std::nullopt;
    if (!at) continue;
    look(channel, way.of([&, told_s = INFINITY](std::size_t i) mutable -> std::optional<int> {
      if (!std::isfinite((*values)[i])) return recording.time_s[i] - told_s > kSilent_s ? std::optional(-1) : std::nullopt;
      told_s = recording.time_s[i];
      return (*values)[i] >= at->first ? 1 : (*values)[i] <= at->second ? -1 : 0;
    }));
  }
  if (!freezes.empty())
    look("freeze", way.of([&, next = std::size_t{0}](std::size_t i) mutable -> std::optional<int> {
      const double t = recording.time_s[i];
      while (next < freezes.size() && freezes[next].end_s < t) ++next;
      return next < freezes.size() && freezes[next].begin_s <= t ? -1 : 1;
    }));
  if (!figures && !signal.empty())
    look(log::channel::kRssi, way.of([&](std::size_t i) -> std::optional<int> { return std::isfinite(signal[i]) ? 1 : -1; }));
  return out;
}

}  // namespace distanz::analysis

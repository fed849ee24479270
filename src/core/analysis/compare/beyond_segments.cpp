#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>
#include <tuple>

#include "core/analysis/compare/beyond_work.h"
#include "core/estimate/robust.h"
#include "core/estimate/segments.h"
#include "core/radio/path_loss.h"

namespace distanz::analysis {
namespace {

using namespace estimate;

/// A stretch of one path: segments of two paths may have one name.
struct Place {
  std::string path;
  campaign::Segment segment;
};

std::vector<Place> placesOf(const campaign::Campaign& campaign) {
  std::vector<Place> out;
  for (const campaign::Path& path : campaign.paths)
    for (campaign::Segment& s : campaign::namedSegments(path)) out.push_back({path.id, std::move(s)});
  return out;
}

/// All passes of the link through all named stretches.
struct Seen {
  log::PassFigure figure = log::PassFigure::Signal;
  double per_db = 1;  ///< of the figure's units, where what is known of dB is put to use; < 0 for a scale that runs backwards
  std::vector<SegmentValue> signal, usable;
  std::map<std::pair<int, int>, SegmentOnLink> on;  ///< by (setup, place)
};

void take(Seen& seen, const BeyondWork& w, int setup, std::size_t run, const std::vector<Place>& places) {
  const campaign::Path* path = campaign::findPath(w.campaign, w.campaign.runs[run].path);
  for (const SegmentPass& pass : w.reduced(run).beyond.passes) {
    const auto at = std::find_if(places.begin(), places.end(), [&](const Place& p) { return path && p.path == path->id && p.segment.name == pass.segment; });
    if (at == places.end()) continue;
    const int place = static_cast<int>(at - places.begin());
    SegmentOnLink& out = seen.on[{setup, place}];
    if (std::isfinite(pass.seen.mean) && pass.seen.figure != seen.figure) continue;  // two measures are not averaged
    out.passes.push_back({w.campaign.runs[run].id, pass.lap, pass.out, pass.seen});
    const bool power_known = !w.reduced(run).power_unknown;
    if (std::isfinite(pass.seen.mean) && power_known) seen.signal.push_back({setup, static_cast<int>(run), place, pass.seen.mean / seen.per_db});
    if (std::isfinite(pass.seen.usable_share)) seen.usable.push_back({setup, static_cast<int>(run), place, pass.seen.usable_share});
  }
}

/// Back in the figure's units.
Interval inUnits(const Interval& db, double per_db) {
  const double a = db.low * per_db, b = db.high * per_db;
  return {db.estimate * per_db, std::min(a, b), std::max(a, b)};
}

void describe(SegmentOnLink& out, const Place& place, const Seen& seen, const SegmentModel& signal, const SegmentModel& usable, std::pair<int, int> at) {
  out.figure = seen.figure;
  out.path = place.path;
  out.segment = place.segment.name;
  out.from_m = place.segment.from_m;
  out.to_m = place.segment.to_m;
  if (const auto level = signal.levels.find(at); level != signal.levels.end()) out.mean = inUnits(level->second.level, seen.per_db), out.flights = level->second.flights;
  if (const auto share = usable.levels.find(at); share != usable.levels.end()) {
    const Interval& i = share->second.level;
    out.usable_pct = Interval{100 * i.estimate, 100 * i.low, 100 * i.high};
    out.flights = std::max(out.flights, share->second.flights);
  }
  double dropouts = 0;
  int told = 0;
  for (const SegmentPassSeen& p : out.passes) {
    if (std::isfinite(p.seen.worst_second) && seen.per_db > 0) out.worst = std::min(out.worst.value_or(INFINITY), p.seen.worst_second);
    if (std::isfinite(p.seen.usable_share)) dropouts += p.seen.dropouts, ++told;
  }
  if (told > 0) out.dropouts = dropouts / told;
}

std::vector<SegmentPair> pairsOf(const BeyondWork& w, const Seen& seen, const SegmentModel& signal, const std::vector<Place>& places) {
  std::vector<SegmentPair> out;
  const int setups = static_cast<int>(w.campaign.setups.size());
  for (std::size_t place = 0; place < places.size(); ++place)
    for (int a = 0; a < setups; ++a)
      for (int b = a + 1; b < setups; ++b) {
        const auto in = signal.difference(a, b, static_cast<int>(place));
        if (!in) continue;
        const Comparison c = judgeSegment(*in);
        SegmentPair pair{w.campaign.setups[static_cast<std::size_t>(a)].id, w.campaign.setups[static_cast<std::size_t>(b)].id, w.link.id,
                         places[place].path, places[place].segment.name, seen.figure, inUnits(c.delta_db, seen.per_db)};
        pair.level = lookAlpha(static_cast<int>(in->flights_each), w.campaign.planned_pairs);
        pair.verdict = verdictAt(c, pair.level);
        pair.p_value = c.p_value;
        pair.spread_assumed = c.spread_assumed;
        pair.more_pairs = c.more_pairs;
        out.push_back(std::move(pair));
      }
  std::vector<double> weights;
  for (const SegmentPair& p : out) weights.push_back(p.p_value / p.level);
  const std::vector<bool> holds = holdTogether(weights);
  for (std::size_t i = 0; i < out.size(); ++i) out[i].holds_for_all = holds[i];
  return out;
}

/// The figure that most passes are told in, and what a dB of it is worth. Of a bitrate nobody knows: there the difference
/// that counts in practice is that share of what is usual.
Seen seenBy(const BeyondWork& w) {
  std::map<log::PassFigure, std::vector<double>> means;
  for (const campaign::Setup& s : w.campaign.setups)
    for (const std::size_t run : w.runsOf(s.id))
      for (const SegmentPass& pass : w.reduced(run).beyond.passes)
        if (std::isfinite(pass.seen.mean)) means[pass.seen.figure].push_back(pass.seen.mean);
  Seen out;
  const auto most = std::max_element(means.begin(), means.end(), [](const auto& a, const auto& b) { return a.second.size() < b.second.size(); });
  if (most == means.end()) return out;
  out.figure = most->first;
  const double usual = median(most->second);
  if (out.figure == log::PassFigure::Bitrate) {
    const double mean = std::accumulate(most->second.begin(), most->second.end(), 0.0) / static_cast<double>(most->second.size());
    const double margin_db = radio::decibelsForRatio(1 + w.result.practical_threshold, defaults::kExponentPrior);
    if (mean > 0) out.per_db = w.result.practical_threshold * mean / margin_db;
  } else if (const auto scale = w.result.scales.find(w.link.id); out.figure == log::PassFigure::Scale && scale != w.result.scales.end()) {
    if (const double slope = scale->second.slope(usual); std::isfinite(1 / slope)) out.per_db = 1 / slope;
  }
  return out;
}

}  // namespace

void addSegments(BeyondWork& w) {
  const std::vector<Place> places = placesOf(w.campaign);
  if (places.empty()) return;
  Seen seen = seenBy(w);
  for (std::size_t s = 0; s < w.campaign.setups.size(); ++s)
    for (const std::size_t run : w.runsOf(w.campaign.setups[s].id)) take(seen, w, static_cast<int>(s), run, places);
  const SegmentModel signal = fitSegments(seen.signal), usable = fitSegmentShares(seen.usable);
  for (auto& [at, on] : seen.on) {
    on.setup = w.campaign.setups[static_cast<std::size_t>(at.first)].id;
    on.link = w.link.id;
    describe(on, places[static_cast<std::size_t>(at.second)], seen, signal, usable, at);
    w.result.segments.push_back(std::move(on));
  }
  std::vector<SegmentPair> pairs = pairsOf(w, seen, signal, places);
  w.result.segment_pairs.insert(w.result.segment_pairs.end(), std::make_move_iterator(pairs.begin()), std::make_move_iterator(pairs.end()));
}

}  // namespace distanz::analysis

#include <algorithm>
#include <map>
#include <tuple>

#include "core/analysis/compare/beyond_work.h"
#include "core/estimate/segments.h"

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
    out.passes.push_back({w.campaign.runs[run].id, pass.lap, pass.out, pass.seen});
    const bool power_known = !w.reduced(run).power_unknown;
    if (std::isfinite(pass.seen.mean) && power_known) seen.signal.push_back({setup, static_cast<int>(run), place, pass.seen.mean});
    if (std::isfinite(pass.seen.usable_share)) seen.usable.push_back({setup, static_cast<int>(run), place, pass.seen.usable_share});
  }
}

void describe(SegmentOnLink& out, const Place& place, const SegmentModel& signal, const SegmentModel& usable, std::pair<int, int> at) {
  out.path = place.path;
  out.segment = place.segment.name;
  out.from_m = place.segment.from_m;
  out.to_m = place.segment.to_m;
  if (const auto level = signal.levels.find(at); level != signal.levels.end()) out.signal_dbm = level->second.level, out.flights = level->second.flights;
  if (const auto share = usable.levels.find(at); share != usable.levels.end()) {
    const Interval& i = share->second.level;
    out.usable_pct = Interval{100 * i.estimate, 100 * i.low, 100 * i.high};
    out.flights = std::max(out.flights, share->second.flights);
  }
  double dropouts = 0;
  int told = 0;
  for (const SegmentPassSeen& p : out.passes) {
    if (std::isfinite(p.seen.worst_second)) out.worst_dbm = std::min(out.worst_dbm.value_or(INFINITY), p.seen.worst_second);
    if (std::isfinite(p.seen.usable_share)) dropouts += p.seen.dropouts, ++told;
  }
  if (told > 0) out.dropouts = dropouts / told;
}

std::vector<SegmentPair> pairsOf(const BeyondWork& w, const SegmentModel& signal, const std::vector<Place>& places) {
  std::vector<SegmentPair> out;
  const int setups = static_cast<int>(w.campaign.setups.size());
  for (std::size_t place = 0; place < places.size(); ++place)
    for (int a = 0; a < setups; ++a)
      for (int b = a + 1; b < setups; ++b) {
        const auto in = signal.difference(a, b, static_cast<int>(place));
        if (!in) continue;
        const Comparison c = judgeSegment(*in);
        SegmentPair pair{w.campaign.setups[static_cast<std::size_t>(a)].id, w.campaign.setups[static_cast<std::size_t>(b)].id, w.link.id,
                         places[place].path, places[place].segment.name, c.delta_db};
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

}  // namespace

void addSegments(BeyondWork& w) {
  const std::vector<Place> places = placesOf(w.campaign);
  if (places.empty()) return;
  Seen seen;
  for (std::size_t s = 0; s < w.campaign.setups.size(); ++s)
    for (const std::size_t run : w.runsOf(w.campaign.setups[s].id)) take(seen, w, static_cast<int>(s), run, places);
  const SegmentModel signal = fitSegments(seen.signal), usable = fitSegmentShares(seen.usable);
  for (auto& [at, on] : seen.on) {
    on.setup = w.campaign.setups[static_cast<std::size_t>(at.first)].id;
    on.link = w.link.id;
    describe(on, places[static_cast<std::size_t>(at.second)], signal, usable, at);
    w.result.segments.push_back(std::move(on));
  }
  std::vector<SegmentPair> pairs = pairsOf(w, signal, places);
  w.result.segment_pairs.insert(w.result.segment_pairs.end(), std::make_move_iterator(pairs.begin()), std::make_move_iterator(pairs.end()));
}

}  // namespace distanz::analysis

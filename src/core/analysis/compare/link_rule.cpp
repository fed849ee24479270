#include <algorithm>
#include <cmath>
#include <set>

#include "core/analysis/compare/link_work.h"
#include "core/analysis/reduce/reduction.h"
#include "core/estimate/local_level.h"

namespace distanz::analysis {

using namespace estimate;

namespace {

constexpr double kLikelyOther = 0.5;        // chance above which a look is not the signal's doing
constexpr double kStrong_db = 3;            // above the critical level the signal would have carried it
constexpr int kLeastLooks = 2;              // one stray look is no interference
constexpr int kJoinedWithin_stretches = 2;  // an undisturbed look between two does not part them

struct PartFit {
  std::optional<CriticalLevel> level;
  std::vector<Disturbed> disturbed;
};

/// The level at which one part of the rule is met, and where something else than the signal broke it. Bitrate
/// goes down and up at different levels: what counts is where it goes down, on the way out.
PartFit fitPart(const LinkWork& w, std::vector<StretchLook> LinkReduction::*looks,
                const RuleMeasure& measure) {
  if (!(measure.wanted() > 0 && measure.wanted() < 1)) return {};
  std::vector<std::vector<RuleLook>> flights;
  std::vector<std::vector<std::optional<Disturbed>>> where;
  for (const SignalModel& model : w.models.components) {
    const LocalLevels levels(model);
    for (std::size_t f = 0; f < model.flights.size(); ++f) {
      flights.emplace_back();
      where.emplace_back();
      const std::size_t run = w.flight_runs[static_cast<std::size_t>(model.flights[f].flight)];
      for (const StretchLook& look : w.reduced(run).*looks) {
        if (!look.heard() || (measure.share_of_time && look.back)) continue;
        const LocalLevel level = levels.at(f, look);
        flights.back().push_back({level.mean_dbm, level.variance_db2, look.kept,
                                  std::min<double>(look.samples, defaults::kLookWeight)});
        // Where nothing was heard, nobody knows that the signal was strong.
        where.back().push_back(look.below ? std::nullopt : std::optional(Disturbed{run, look.index}));
      }
    }
  }
  const auto fit = criticalFromLooks(flights, measure.wanted());
  if (!fit) return {};
  PartFit out{*fit, {}};
  for (std::size_t f = 0; f < flights.size(); ++f)
    for (std::size_t i = 0; i < flights[f].size(); ++i)
      if (where[f][i] && fit->other[f][i] > kLikelyOther && flights[f][i].kept < measure.wanted() &&
          flights[f][i].level_dbm > fit->level_dbm + kStrong_db)
        out.disturbed.push_back(*where[f][i]);
  return out;
}

void addPart(LinkWork& w, PartFit fit, const char* part) {
  w.disturbed.insert(w.disturbed.end(), fit.disturbed.begin(), fit.disturbed.end());
  if (!fit.level) return;
  w.parts.push_back({part, fit.level->level_dbm, std::sqrt(fit.level->variance_db2)});
  if (!w.critical || fit.level->level_dbm > w.critical->level_dbm) w.critical = fit.level;
}

bool everFailed(const LinkWork& w) {
  const campaign::RangeRule& rule = w.link.rule;
  const auto failed = [](const std::vector<StretchLook>& looks, const RuleMeasure& measure) {
    return std::any_of(looks.begin(), looks.end(),
                       [&](const StretchLook& l) { return l.kept < measure.wanted(); });
  };
  return std::any_of(w.runs.begin(), w.runs.end(), [&](std::size_t run) {
    const LinkReduction& r = w.reduced(run);
    return (rule.lq_min_pct && failed(r.quality_looks, qualityMeasure(*rule.lq_min_pct))) ||
           (rule.bitrate_min_mbps && failed(r.bitrate_looks, bitrateMeasure(*rule.bitrate_min_mbps)));
  });
}

void warnAboutCritical(const LinkWork& w, bool unseen) {
  if (w.models.components.empty()) return;
  const Term seen{everFailed(w) ? "seen-seldom" : "seen-never"};
  if (!w.critical)
    w.warn("no-critical-level", {{"seen", seen}});
  else if (unseen)
    w.warn("never-seen-failing",
           {{"seen", seen},
            {"part", Term{w.link.rule.bitrate_min_mbps ? "rule-bitrate" : "rule-quality"}},
            {"rests_on", Term{"rests-on-" + w.parts.front().part}}});
}

/// Whether a run looked at any of these places on this link.
bool wasThere(const LinkReduction& r, int first, int last) {
  for (const auto* looks : {&r.quality_looks, &r.bitrate_looks})
    for (const StretchLook& look : *looks)
      if (look.index >= first && look.index <= last) return true;
  return false;
}

Interference interferenceAt(const LinkWork& w, int first, int last, const std::set<std::size_t>& runs) {
  Interference out;
  out.link = w.link.id;
  out.first_place = first;
  const std::size_t run = *runs.begin();
  const int path = firstPlaceOf(w.campaign, w.campaign.runs[run]);
  out.from_m = (first - path) * defaults::kCellWidth_m;
  out.to_m = (last + 1 - path) * defaults::kCellWidth_m;
  for (std::size_t r : runs) out.runs.push_back(w.campaign.runs[r].id);
  for (std::size_t r : w.runs) out.flights += wasThere(w.reduced(r), first, last);
  return out;
}

/// Disturbed looks next to each other are one disturbance.
void gatherInterference(LinkWork& w) {
  std::map<int, std::vector<std::size_t>> by_place;
  for (const Disturbed& d : w.disturbed) by_place[d.place].push_back(d.run);
  for (auto at = by_place.begin(); at != by_place.end();) {
    const int first = at->first;
    int last = first, looks = 0;
    std::set<std::size_t> runs;
    for (; at != by_place.end() && at->first <= last + kJoinedWithin_stretches; ++at) {
      last = at->first;
      looks += static_cast<int>(at->second.size());
      runs.insert(at->second.begin(), at->second.end());
    }
    if (looks < kLeastLooks) continue;
    const Interference found = interferenceAt(w, first, last, runs);
    w.interference.push_back(found);
    w.result.interference.push_back(found);
    w.warn("interference",
           {{"from", found.from_m, quantity::Unit::Metre},
            {"to", found.to_m, quantity::Unit::Metre},
            {"failed", found.runs.size()},
            {"flights", found.flights}},
           found.runs.front());
  }
}

}  // namespace

void findCritical(LinkWork& w) {
  const campaign::RangeRule& rule = w.link.rule;
  bool unseen = false;
  if (rule.lq_min_pct) {
    addPart(w, fitPart(w, &LinkReduction::quality_looks, qualityMeasure(*rule.lq_min_pct)), "quality");
    unseen = w.parts.empty();
  }
  if (rule.bitrate_min_mbps) {
    const std::size_t before = w.parts.size();
    addPart(w, fitPart(w, &LinkReduction::bitrate_looks, bitrateMeasure(*rule.bitrate_min_mbps)), "bitrate");
    unseen = unseen || w.parts.size() == before;
  }
  const auto kit = campaign::criticalFromKit(w.link);
  const bool rule_is_empty = !rule.lq_min_pct && !rule.bitrate_min_mbps;
  if (kit && (rule.margin_db || rule_is_empty || !w.critical))
    addPart(w, {CriticalLevel{*kit, 0}, {}}, "margin");
  std::stable_sort(w.parts.begin(), w.parts.end(),
                   [](const auto& a, const auto& b) { return a.level_dbm > b.level_dbm; });
  warnAboutCritical(w, unseen);
  gatherInterference(w);
}

}  // namespace distanz::analysis

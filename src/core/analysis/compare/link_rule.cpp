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
PartFit fitPart(const LinkWork& w, const campaign::UsableLimit& part) {
  const RuleMeasure measure = ruleMeasure(part.name, *(w.link.rule.*part.least));
  if (!(measure.wanted() > 0 && measure.wanted() < 1)) return {};
  std::vector<std::vector<RuleLook>> flights;
  std::vector<std::vector<std::optional<Disturbed>>> where;
  for (const SignalModel& model : w.models.components) {
    const LocalLevels levels(model);
    for (std::size_t f = 0; f < model.flights.size(); ++f) {
      flights.emplace_back();
      where.emplace_back();
      const std::size_t run = w.flight_runs[static_cast<std::size_t>(model.flights[f].flight)];
      const auto seen = w.reduced(run).rule.find(part.name);
      if (seen == w.reduced(run).rule.end()) continue;
      for (const StretchLook& look : seen->second.looks) {
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

void addPart(LinkWork& w, PartFit fit, std::string_view part) {
  w.disturbed.insert(w.disturbed.end(), fit.disturbed.begin(), fit.disturbed.end());
  if (!fit.level) return;
  w.parts.push_back({std::string(part), fit.level->level_dbm, std::sqrt(fit.level->variance_db2)});
  if (!w.critical || fit.level->level_dbm > w.critical->level_dbm) w.critical = fit.level;
}

bool everFailed(const LinkWork& w) {
  const auto failed = [](const auto& part) {
    const RuleSeen& seen = part.second;
    return std::any_of(seen.looks.begin(), seen.looks.end(), [&](const StretchLook& l) { return l.kept < seen.measure.wanted(); });
  };
  return std::any_of(w.runs.begin(), w.runs.end(), [&](std::size_t run) {
    const auto& rule = w.reduced(run).rule;
    return std::any_of(rule.begin(), rule.end(), failed);
  });
}

void warnAboutCritical(const LinkWork& w, bool unseen) {
  if (w.models.components.empty()) return;
  const bool judged = std::any_of(w.runs.begin(), w.runs.end(), [&](std::size_t run) { return !w.reduced(run).rule.empty(); });
  const Term seen{!judged ? "seen-nowhere" : everFailed(w) ? "seen-seldom" : "seen-never"};
  if (!w.critical && w.scale)
    w.warn("no-least-reading", {{"seen", seen}});
  else if (!w.critical)
    w.warn("no-critical-level", {{"seen", seen}});
  else if (unseen)
    w.warn("never-seen-failing",
           {{"seen", seen},
            {"part", Term{w.link.rule.bitrate_min_mbps ? "rule-bitrate" : "rule-quality"}},
            {"rests_on", Term{"rests-on-" + w.parts.front().part}}});
}

/// Whether a run looked at any of these places on this link.
bool wasThere(const LinkReduction& r, int first, int last) {
  for (const auto& [part, seen] : r.rule)
    for (const StretchLook& look : seen.looks)
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

constexpr std::string_view kOwnScale = "scale";  // as campaign::usableLimits

/// The level of a reading that the pilot asked for, or where the scale comes to nothing: known as well as the scale steps.
void addScalePart(LinkWork& w) {
  for (const std::size_t run : w.runs) {
    const auto seen = w.reduced(run).rule.find(kOwnScale);
    if (seen == w.reduced(run).rule.end() || !w.reduced(run).scale) continue;
    const bool asked = w.link.rule.scale_min.has_value();
    const double step = w.reduced(run).scale->step, fails = asked ? *w.link.rule.scale_min - step / 2 : step / 2;
    const double off_db = std::abs(w.scale->slope(fails)) * step;
    addPart(w, {CriticalLevel{w.scale->db(fails), off_db * off_db / 12}, {}}, kOwnScale);
    return;
  }
}

// Between two of few readings a level is known by what lies about it: so much of a step it may be off (simulated).
constexpr double kOfCoarseStep = 0.08;

/// Readings in few steps are levels only so far.
void blurByStep(LinkWork& w) {
  if (!w.critical || !w.scale) return;
  for (const std::size_t run : w.runs)
    if (const auto& scale = w.reduced(run).scale; scale && scale->coarse) {
      w.critical->variance_db2 += std::pow(kOfCoarseStep * scale->step * w.scale->slope(w.scale->value(w.critical->level_dbm)), 2);
      return;
    }
}

}  // namespace

void findCritical(LinkWork& w) {
  const campaign::RangeRule& rule = w.link.rule;
  bool unseen = false, rule_is_empty = true;
  for (const campaign::UsableLimit& part : campaign::usableLimits()) {
    if (!(rule.*part.least) || (w.scale && part.name == kOwnScale)) continue;
    rule_is_empty = false;
    const std::size_t before = w.parts.size();
    addPart(w, fitPart(w, part), part.name);
    unseen = unseen || w.parts.size() == before;
  }
  if (w.scale) {
    addScalePart(w);
    blurByStep(w);
  } else if (const auto kit = campaign::criticalFromKit(w.link); kit && (rule.margin_db || rule_is_empty || !w.critical)) {
    addPart(w, {CriticalLevel{*kit, 0}, {}}, "margin");
  }
  std::stable_sort(w.parts.begin(), w.parts.end(),
                   [](const auto& a, const auto& b) { return a.level_dbm > b.level_dbm; });
  warnAboutCritical(w, unseen);
  gatherInterference(w);
}

}  // namespace distanz::analysis

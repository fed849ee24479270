#include <algorithm>
#include <cmath>
#include <map>

#include "core/analysis/compare/beyond_work.h"
#include "core/analysis/reduce/reduction.h"
#include "core/estimate/event_rate.h"
#include "core/estimate/first_failure.h"
#include "core/estimate/robust.h"
#include "core/quantity/decibel.h"

namespace distanz::analysis {
namespace {

using namespace estimate;

constexpr double kSamePower_db = 0.5;

/// Steps of one channel at one power: what a distance of the first step is told of.
struct StepGroup {
  std::size_t setup = 0;
  std::string channel;
  std::optional<double> power_dbm;
  std::vector<const FirstStep*> steps;
};

std::optional<double> powerOf(const LinkReduction& r) {
  if (!r.power.recorded && !r.power.kit_known) return std::nullopt;
  return r.power.recorded && !r.power.changed ? r.power.low_dbm : r.power.reference_dbm;
}

StepGroup& groupFor(std::vector<StepGroup>& groups, std::size_t setup, const std::string& channel, std::optional<double> power_dbm) {
  for (StepGroup& g : groups) {
    const bool same = g.power_dbm.has_value() == power_dbm.has_value() && (!power_dbm || std::abs(*g.power_dbm - *power_dbm) <= kSamePower_db);
    if (g.setup == setup && g.channel == channel && same) return g;
  }
  return groups.emplace_back(StepGroup{setup, channel, power_dbm, {}});
}

std::map<double, double> sharesOf(const std::vector<const FirstStep*>& steps) {
  std::map<double, double> out;
  double total = 0;
  for (const FirstStep* s : steps)
    for (const auto& [value, seconds] : s->in_s) out[value] += seconds, total += seconds;
  for (auto& [value, share] : out) share = total > 0 ? share / total : 0;
  return out;
}

std::optional<double> middle(std::vector<double> values) {
  return values.empty() ? std::nullopt : std::optional(median(std::move(values)));
}

}  // namespace

namespace {

/// A band that changes by itself, though runs are compared on it.
void warnOfHops(BeyondWork& w, std::size_t run) {
  for (const FirstStep& step : w.reduced(run).beyond.steps)
    if (step.channel == log::channel::kFrequency && step.changes > 0)
      w.result.warnings.push_back(finding("band-hops", {{"link", w.link.id}, {"hops", step.changes}}, {"run", w.campaign.runs[run].id}));
}

}  // namespace

void addSteps(BeyondWork& w) {
  for (const campaign::Setup& setup : w.campaign.setups)
    for (const std::size_t run : w.runsOf(setup.id)) warnOfHops(w, run);
  std::vector<StepGroup> groups;
  for (std::size_t s = 0; s < w.campaign.setups.size(); ++s)
    for (const std::size_t run : w.runsOf(w.campaign.setups[s].id))
      for (const FirstStep& step : w.reduced(run).beyond.steps)
        groupFor(groups, s, step.channel, powerOf(w.reduced(run))).steps.push_back(&step);
  std::vector<FirstFailure> all;
  for (std::size_t g = 0; g < groups.size(); ++g)
    for (const FirstStep* step : groups[g].steps)
      if (step->at_m > 0) all.push_back({static_cast<int>(g), step->at_m, step->stepped});
  const ReachModel model = fitReach(all);
  for (std::size_t g = 0; g < groups.size(); ++g) {
    const StepGroup& group = groups[g];
    StepsOnLink out{w.campaign.setups[group.setup].id, w.link.id, group.channel, {}};
    if (group.power_dbm) out.power_mw = quantity::milliwattFromDbm(*group.power_dbm);
    out.flights = static_cast<int>(group.steps.size());
    for (const FirstStep* step : group.steps) out.stepped += step->stepped;
    out.share = sharesOf(group.steps);
    if (const auto reach = model.setups.find(static_cast<int>(g)); reach != model.setups.end()) {
      out.first_m = reach->second.typical_m;
      out.at_least_m = reach->second.at_least_m;
      out.at_least_confidence = reach->second.at_least_confidence;
      out.farthest_m = reach->second.farthest_m;
    }
    const bool ever = out.stepped > 0 || out.share.size() > 1;
    const bool told_elsewhere = std::any_of(groups.begin(), groups.end(), [&](const StepGroup& o) {
      return o.channel == group.channel && std::any_of(o.steps.begin(), o.steps.end(), [](const FirstStep* s) { return s->stepped; });
    });
    if (ever || told_elsewhere) w.result.steps.push_back(std::move(out));  // a channel that nobody ever saw change says nothing
  }
}

void addFreezes(BeyondWork& w) {
  for (const campaign::Setup& setup : w.campaign.setups) {
    FreezesOnLink out{setup.id, w.link.id};
    std::vector<EventCount> flights;
    std::map<int, FreezesPer100m> stretches;
    std::vector<double> lost, regained;
    for (const std::size_t run : w.runsOf(setup.id)) {
      const LinkBeyond& b = w.reduced(run).beyond;
      if (!b.pictures) continue;
      double flown = 0;
      for (const auto& [at, stretch] : b.freeze_stretches) {
        FreezesPer100m& sum = stretches[at];
        sum.from_m = at * kFreezeStretch_m;
        sum.flown_m += stretch.flown_m;
        sum.freezes += stretch.freezes;
        flown += stretch.flown_m;
      }
      flights.push_back({static_cast<int>(b.freezes.size()), flown});
      out.freezes += static_cast<int>(b.freezes.size());
      out.flown_m += flown;
      for (const log::Freeze& f : b.freezes) {
        out.longest_s = std::max(out.longest_s, f.end_s - f.begin_s);
        if (!std::isfinite(f.lost_m) || !std::isfinite(f.regained_m)) continue;
        lost.push_back(f.lost_m);
        regained.push_back(f.regained_m);
      }
    }
    if (flights.empty()) continue;
    out.flights = static_cast<int>(flights.size());
    out.per_km = ratePerKm(flights);
    out.lost_m = middle(std::move(lost));
    out.regained_m = middle(std::move(regained));
    for (const auto& [at, stretch] : stretches) out.stretches.push_back(stretch);
    w.result.freezes.push_back(std::move(out));
  }
}

void addLivedOn(const campaign::Campaign& campaign, const std::vector<bool>& counts, CampaignAnalysis& result) {
  constexpr double kLeastLonger_m = 50, kFrozen_s = 2;
  for (std::size_t i = 0; i < counts.size(); ++i) {
    if (!counts[i]) continue;
    for (const campaign::Link& picture : campaign.links) {
      const auto at = result.reductions[i].links.find(picture.id);
      if (picture.kind != campaign::LinkKind::Video || at == result.reductions[i].links.end()) continue;
      const LinkBeyond& seen = at->second.beyond;
      const auto frozen = std::find_if(seen.freezes.begin(), seen.freezes.end(), [&](const log::Freeze& f) {
        return f.end_s - f.begin_s >= kFrozen_s && f.begin_s <= result.reductions[i].turn.end_s && std::isfinite(f.lost_m);
      });
      if (frozen == seen.freezes.end()) continue;
      for (const auto& [link, other] : result.reductions[i].links)
        if (link != picture.id && other.beyond.alive_to_m && *other.beyond.alive_to_m >= frozen->lost_m + kLeastLonger_m)
          result.lived_on.push_back({campaign.runs[i].id, picture.id, link, frozen->lost_m, *other.beyond.alive_to_m});
    }
  }
}

}  // namespace distanz::analysis

#include "core/analysis/compare/link_analysis.h"

#include <algorithm>

#include "core/analysis/compare/link_work.h"
#include "core/analysis/compare/warnings.h"
#include "core/analysis/compare/ways.h"
#include "core/analysis/reduce/reduction.h"

namespace distanz::analysis {
namespace {

/// Setups whose power no flight tells. Where some flights do, the others cannot be put beside them.
void findUnknownPower(LinkWork& w, const std::vector<bool>& used) {
  std::set<int> told;
  for (std::size_t i = 0; i < used.size(); ++i) {
    const int setup = w.setup_of[i];
    if (!used[i] || setup < 0 || !w.result.reductions[i].links.contains(w.link.id) || w.reduced(i).left_out)
      continue;
    (w.reduced(i).power_unknown ? w.power_unknown : told).insert(setup);
  }
  std::erase_if(w.power_unknown, [&](int setup) { return told.contains(setup); });
  for (int setup : w.power_unknown) {
    const std::string& id = w.campaign.setups[static_cast<std::size_t>(setup)].id;
    w.result.warnings.push_back(
        finding("power-not-told", {{"setup", id}, {"link", w.link.id}}, {"setup", id}));
  }
}

void gatherRuns(LinkWork& w, const std::vector<bool>& used) {
  std::map<std::string, int> place;
  for (std::size_t s = 0; s < w.campaign.setups.size(); ++s)
    place[w.campaign.setups[s].id] = static_cast<int>(s);
  w.runs_of.resize(w.campaign.setups.size());
  for (const campaign::Run& run : w.campaign.runs) {
    const auto setup = place.find(run.setup);
    w.setup_of.push_back(setup == place.end() ? -1 : setup->second);
  }
  findUnknownPower(w, used);
  for (std::size_t i = 0; i < used.size(); ++i) {
    if (!used[i] || w.setup_of[i] < 0 || !w.result.reductions[i].links.contains(w.link.id)) continue;
    if (const auto& why = w.reduced(i).left_out) {
      w.warn("left-out", {{"why", *why}}, w.campaign.runs[i].id);
      continue;
    }
    if (w.reduced(i).power_unknown && !w.power_unknown.contains(w.setup_of[i])) {
      w.warn("left-out", {{"why", finding("power-not-in-log", {{"link", w.link.id}})}},
             w.campaign.runs[i].id);
      continue;
    }
    w.runs.push_back(i);
    w.runs_of[static_cast<std::size_t>(w.setup_of[i])].push_back(i);
  }
}

}  // namespace

void analyseLink(const campaign::Campaign& campaign, const campaign::Link& link,
                 const std::vector<bool>& used, const Session& session, const Effort& effort,
                 std::vector<LinkWays>& ways, CampaignAnalysis& result) {
  LinkWork w{campaign, link, result, session};
  if (const auto scale = result.scales.find(link.id); scale != result.scales.end()) w.scale = &scale->second;
  gatherRuns(w, used);
  if (w.runs.empty()) return;
  findCaps(w);
  referToCommonPower(w);
  fitModels(w);
  findCritical(w);
  fitFailures(w);
  addRanges(w);
  ways.push_back(findWays(w, effort, ways));
  addPairs(w, ways.back());
  if (!w.scale) addLegs(w), addProfile(w);  // they tell dB
  addReducedPower(w);
  addHoles(w);
  warnAboutReference(campaign, link, w.runs, result);
  for (const estimate::SignalModel& model : w.models.components)
    if (powerKnown(w, model)) warnAboutModel(campaign, link, model, w.flight_runs, w.critical, !w.scale, result);
  if (!w.scale)  // what is asked of it in flight is dBm
    result.models.push_back({link.id, std::move(w.models), w.critical, std::move(w.power_unknown)});
}

}  // namespace distanz::analysis

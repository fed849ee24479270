#include "core/analysis/campaign_analysis.h"

#include <atomic>
#include <cmath>
#include <map>
#include <mutex>

#include "core/analysis/link_analysis.h"
#include "core/analysis/warnings.h"
#include "core/parallel/on_all_cores.h"

namespace distanz::analysis {
namespace {

RunReduction reduceOne(const campaign::Campaign& campaign, const campaign::Run& run, const RecordingSource& source,
                       const course::Course* course) {
  try {
    return reduceRun(campaign, run, *source(run), course);
  } catch (const std::exception& e) {
    RunReduction failed;
    failed.refused = e.what();
    return failed;
  }
}

RunResult resultOf(const campaign::Run& run, const RunReduction& r) {
  RunResult out{run.id, r.refused.empty() && run.void_reason.empty(), r.refused, r.farthest_m, 0, {}, {}};
  if (!run.void_reason.empty()) out.why_not = "voided: " + run.void_reason;
  for (const auto& [link, reduced] : r.links) {
    out.dropouts += static_cast<int>(reduced.events.dropouts.size());
    if (reduced.events.lost_at_m && (!out.lost_at_m || *reduced.events.lost_at_m < *out.lost_at_m)) {
      out.lost_at_m = reduced.events.lost_at_m;
      out.regained_at_m = reduced.events.regained_at_m;
    }
  }
  return out;
}

/// The same log under two runs counts once.
void dropDuplicates(const campaign::Campaign& campaign, CampaignAnalysis& result) {
  std::map<std::string, std::size_t> seen;
  for (std::size_t i = 0; i < campaign.runs.size(); ++i) {
    if (campaign.runs[i].log_sha256.empty() || !result.runs[i].used) continue;
    const auto [first, fresh] = seen.emplace(campaign.runs[i].log_sha256, i);
    if (fresh) continue;
    result.runs[i].used = false;
    result.runs[i].why_not = "the same log as run " + campaign.runs[first->second].id;
    result.warnings.push_back({"duplicate-log", campaign.runs[i].id,
                               "Run " + campaign.runs[i].id + " is the same log as run " + campaign.runs[first->second].id +
                                   ". It is counted once; remove the copy or choose the right log."});
  }
}

}  // namespace

const SetupOnLink* CampaignAnalysis::find(const std::string& setup, const std::string& link) const {
  for (const SetupOnLink& s : setups)
    if (s.setup == setup && s.link == link) return &s;
  return nullptr;
}

const SetupOnLink* CampaignAnalysis::limiting(const std::string& setup) const {
  const SetupOnLink* least = nullptr;
  for (const SetupOnLink& s : setups) {
    if (s.setup != setup) continue;
    const double range = s.typical.estimate_m.value_or(INFINITY);
    if (!least || range < least->typical.estimate_m.value_or(INFINITY)) least = &s;
  }
  return least;
}

const PairOnLink* CampaignAnalysis::deciding(const std::string& a, const std::string& b) const {
  const SetupOnLink *la = limiting(a), *lb = limiting(b);
  if (!la || !lb) return nullptr;
  const bool a_shorter = la->typical.estimate_m.value_or(INFINITY) <= lb->typical.estimate_m.value_or(INFINITY);
  const std::string& link = (a_shorter ? la : lb)->link;
  for (const PairOnLink& p : comparisons)
    if (p.a == a && p.b == b && p.link == link) return &p;
  return nullptr;
}

CampaignAnalysis analyse(const campaign::Campaign& campaign, std::vector<RunReduction> reductions) {
  if (reductions.size() != campaign.runs.size()) throw DomainError("one reduction per run is needed");
  CampaignAnalysis result;
  result.reductions = std::move(reductions);
  for (std::size_t i = 0; i < campaign.runs.size(); ++i) {
    result.runs.push_back(resultOf(campaign.runs[i], result.reductions[i]));
    for (const Problem& p : result.reductions[i].problems)
      result.warnings.push_back({p.code, campaign.runs[i].id, "Run " + campaign.runs[i].id + ": " + p.text + "."});
  }
  dropDuplicates(campaign, result);
  std::vector<bool> used;
  for (const RunResult& r : result.runs) used.push_back(r.used);
  warnAboutRuns(campaign, used, result);
  for (const campaign::Link& link : campaign.links) analyseLink(campaign, link, used, result);
  return result;
}

CampaignAnalysis analyse(const campaign::Campaign& campaign, const RecordingSource& source, const Progress& progress, unsigned threads) {
  const auto course = campaign::courseOf(campaign);
  std::vector<RunReduction> reductions(campaign.runs.size());
  std::atomic<std::size_t> done{0};
  std::atomic<bool> stop{false};
  std::mutex report;
  const auto reduce = [&](std::size_t i) {
    if (stop) return;
    reductions[i] = reduceOne(campaign, campaign.runs[i], source, course ? &*course : nullptr);
    const double share = static_cast<double>(++done) / static_cast<double>(reductions.size());
    const std::lock_guard lock(report);
    if (progress && !stop && !progress(share)) stop = true;
  };
  parallel::onAllCores(reductions.size(), reduce, threads);
  if (stop) throw Cancelled();
  return analyse(campaign, std::move(reductions));
}

}  // namespace distanz::analysis

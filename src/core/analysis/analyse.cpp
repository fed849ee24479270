#include "core/analysis/analyse.h"

#include <atomic>
#include <cmath>
#include <map>
#include <mutex>

#include "core/analysis/compare/beyond.h"
#include "core/analysis/compare/flown_alike.h"
#include "core/analysis/compare/flown_together.h"
#include "core/analysis/compare/link_analysis.h"
#include "core/analysis/compare/own_breaks.h"
#include "core/analysis/compare/own_scales.h"
#include "core/analysis/compare/warnings.h"
#include "core/analysis/compare/ways.h"
#include "core/analysis/reduce/reduction.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/finding/error.h"
#include "core/log/recording.h"
#include "core/parallel/on_all_cores.h"
#include "core/records/calibrate.h"

namespace distanz::analysis {
namespace {

/// Cells of a run as plain numbers: two runs with the same ones hold the same flight.
std::vector<double> fingerprint(const RunReduction& r) {
  std::vector<double> out;
  for (const auto& [link, reduced] : r.links)
    for (const estimate::Cell& c : reduced.cells.both.cells) {
      out.push_back(c.log_distance);
      out.push_back(c.level_dbm);
    }
  return out;
}

RunReduction reduceOne(const campaign::Campaign& campaign, const campaign::Run& run,
                       const RecordingSource& source, const course::Course* course) {
  std::shared_ptr<const log::Recording> recording;
  try {
    recording = source(run);
  } catch (const std::exception& e) {
    RunReduction failed;
    failed.refused = findingOf(e);
    failed.unread = true;
    return failed;
  }
  const records::Calibrated calibrated = records::calibrated(campaign, run.setup, *recording);
  RunReduction out =
      reduceRun(campaign, run, calibrated.recording ? *calibrated.recording : *recording, course);
  for (const auto& [link, record] : calibrated.by)
    if (const auto at = out.links.find(link); at != out.links.end()) at->second.calibrated_by = record;
  return out;
}

RunResult resultOf(const campaign::Run& run, const RunReduction& r) {
  RunResult out{run.id, !r.refused && run.void_reason.empty(), r.refused, r.farthest_m, 0, {}, {}, {}};
  if (out.used && run.method == campaign::Method::Course) {
    out.used = false;
    out.in_segments = true;
    out.why_not = finding("is-a-course");
  }
  if (!run.void_reason.empty()) out.why_not = finding("voided", {{"reason", run.void_reason}});
  for (const auto& [link, reduced] : r.links) {
    out.dropouts += static_cast<int>(reduced.events.dropouts.size());
    if (reduced.events.lost_at_m && (!out.lost_at_m || *reduced.events.lost_at_m < *out.lost_at_m)) {
      out.lost_at_m = reduced.events.lost_at_m;
      out.regained_at_m = reduced.events.regained_at_m;
    }
  }
  if (out.lost_at_m && out.regained_at_m && *out.regained_at_m <= *out.lost_at_m) out.gap_m = *out.lost_at_m - *out.regained_at_m;
  return out;
}

/// The same flight under two runs counts once, whether the file is the same or only what it holds.
/// Some of a flight counts in both.
bool overlap(campaign::Legs a, campaign::Legs b) {
  return a == b || a == campaign::Legs::Both || b == campaign::Legs::Both;
}

void dropDuplicates(const campaign::Campaign& campaign, CampaignAnalysis& result) {
  std::map<std::string, std::vector<std::size_t>> by_log;
  std::map<std::vector<double>, std::vector<std::size_t>> by_samples;
  for (std::size_t i = 0; i < campaign.runs.size(); ++i) {
    if (!result.runs[i].used && !result.runs[i].in_segments) continue;
    std::optional<std::size_t> first;
    // The legs of one flight are told apart: two runs of one log count where none of its legs counts in both.
    std::vector<std::vector<std::size_t>*> alike;
    if (const std::string& sha = campaign.runs[i].source().sha256; !sha.empty())
      alike.push_back(&by_log[sha]);
    if (auto print = fingerprint(result.reductions[i]);
        print.size() > 2 * estimate::defaults::kMinCellsPerRun)
      alike.push_back(&by_samples[std::move(print)]);
    for (const auto* same : alike)
      for (const std::size_t other : *same) {
        const campaign::Run &run = campaign.runs[i], &there = campaign.runs[other];
        const bool parts = !run.source().sha256.empty() && there.source().sha256 == run.source().sha256 &&
                           (!campaign::shareRows(there, run) || campaign::otherReceiver(there, run));
        if (!first && !parts && overlap(run.legs, there.legs)) first = other;
      }
    if (!first) {
      for (auto* same : alike) same->push_back(i);  // only what counts is in another's way
      continue;
    }
    const std::string &id = campaign.runs[i].id, &other = campaign.runs[*first].id;
    result.runs[i].used = result.runs[i].in_segments = false;
    result.runs[i].why_not = finding("same-flight-as", {{"other", other}});
    result.warnings.push_back(finding("duplicate-log", {{"other", other}}, {"run", id}));
  }
}

}  // namespace

CampaignAnalysis analyse(const campaign::Campaign& campaign, std::vector<RunReduction> reductions) {
  if (reductions.size() != campaign.runs.size()) throw DomainError("reductions.size() == runs.size()");
  CampaignAnalysis result;
  result.reductions = Reductions(std::move(reductions));
  for (std::size_t i = 0; i < campaign.runs.size(); ++i) {
    result.runs.push_back(resultOf(campaign.runs[i], result.reductions[i]));
    for (Finding problem : result.reductions[i].problems) {
      problem.subject = {"run", campaign.runs[i].id};
      result.warnings.push_back(std::move(problem));
    }
  }
  dropDuplicates(campaign, result);
  std::vector<bool> used;
  for (const RunResult& r : result.runs) used.push_back(r.used);
  Session session = sessionOf(campaign, used, result.reductions);
  FlownTogether together = flownTogether(campaign, used, result.reductions);
  session.flight = std::move(together.flight);
  result.warnings.insert(result.warnings.end(), together.told.begin(), together.told.end());
  settleScales(campaign, used, result);
  warnAboutRuns(campaign, used, session, result);
  warnAboutFlying(campaign, used, result);
  const Effort effort = effortFor(campaign, result.reductions);
  std::vector<LinkWays> ways;
  for (const campaign::Link& link : campaign.links)
    analyseLink(campaign, link, used, session, effort, ways, result);
  addSetupAnswers(campaign, ways, result);
  withholdLevels(result);
  keepToOwnFlights(campaign, ways, result);
  std::vector<bool> counts = used;
  for (std::size_t i = 0; i < counts.size(); ++i) counts[i] = counts[i] || result.runs[i].in_segments;
  addBeyond(campaign, counts, result);
  return result;
}

namespace {

std::vector<RunReduction> reduceAll(const campaign::Campaign& campaign, const RecordingSource& source,
                                    const ReductionCache* cache, const Progress& progress, unsigned threads) {
  std::map<std::string, std::optional<course::Course>> courses;  // by path
  for (const campaign::Run& run : campaign.runs)
    if (!courses.contains(run.path)) courses.emplace(run.path, campaign::courseOf(campaign, run.path));
  std::vector<RunReduction> reductions(campaign.runs.size());
  std::atomic<std::size_t> done{0};
  std::atomic<bool> stop{false};
  std::mutex report;
  const auto reduce = [&](std::size_t i) {
    if (stop) return;
    const campaign::Run& run = campaign.runs[i];
    const auto kept = cache ? cache->find(campaign, run) : nullptr;
    const auto& course = courses.at(run.path);
    reductions[i] = kept ? *kept : reduceOne(campaign, run, source, course ? &*course : nullptr);
    const double share = static_cast<double>(++done) / static_cast<double>(reductions.size());
    const std::lock_guard lock(report);
    if (progress && !stop && !progress(share)) stop = true;
  };
  parallel::onAllCores(reductions.size(), reduce, threads);
  if (stop) throw Cancelled();
  return reductions;
}

}  // namespace

CampaignAnalysis analyse(const campaign::Campaign& campaign, const RecordingSource& source,
                         ReductionCache& cache, const Progress& progress, unsigned threads) {
  auto reductions = reduceAll(campaign, source, &cache, progress, threads);
  cache.keep(campaign, reductions);
  return analyse(campaign, std::move(reductions));
}

CampaignAnalysis analyse(const campaign::Campaign& campaign, const RecordingSource& source,
                         const Progress& progress, unsigned threads) {
  return analyse(campaign, reduceAll(campaign, source, nullptr, progress, threads));
}

}  // namespace distanz::analysis

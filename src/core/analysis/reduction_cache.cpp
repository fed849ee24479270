#include "core/analysis/reduction.h"

namespace distanz::analysis {
namespace {

campaign::Campaign commonOf(const campaign::Campaign& c) {
  campaign::Campaign out;
  out.station = c.station;
  out.path = c.path;
  out.links = c.links;
  return out;
}

/// The run with only what a reduction looks at.
campaign::Run bare(const campaign::Run& run) {
  campaign::Run out;
  out.setup = run.setup;
  out.log = run.log;
  out.log_sha256 = run.log_sha256;
  out.reduced_db = run.reduced_db;
  out.turn_begin_s = run.turn_begin_s;
  out.turn_end_s = run.turn_end_s;
  out.columns = run.columns;
  return out;
}

std::map<std::string, campaign::SetupLink> kitOf(const campaign::Campaign& c, const campaign::Run& run) {
  const campaign::Setup* setup = campaign::findSetup(c, run.setup);
  return setup ? setup->links : std::map<std::string, campaign::SetupLink>();
}

}  // namespace

std::shared_ptr<const RunReduction> ReductionCache::find(const campaign::Campaign& campaign, const campaign::Run& run) const {
  const auto found = m_runs.find(run.id);
  if (found == m_runs.end() || !(m_common == commonOf(campaign))) return nullptr;
  const Kept& kept = found->second;
  return kept.run == bare(run) && kept.kit == kitOf(campaign, run) ? kept.reduction : nullptr;
}

void ReductionCache::keep(const campaign::Campaign& campaign, const std::vector<RunReduction>& reductions) {
  std::map<std::string, Kept> next;
  for (std::size_t i = 0; i < campaign.runs.size() && i < reductions.size(); ++i) {
    if (reductions[i].unread) continue;
    const campaign::Run& run = campaign.runs[i];
    auto reduction = find(campaign, run);
    if (!reduction) reduction = std::make_shared<const RunReduction>(reductions[i]);
    next[run.id] = {bare(run), kitOf(campaign, run), std::move(reduction)};
  }
  m_common = commonOf(campaign);
  m_runs = std::move(next);
}

}  // namespace distanz::analysis

#include "core/analysis/reduce/reduction.h"
#include "core/campaign/describe.h"
#include "core/description/key.h"

namespace distanz::analysis {
namespace {

/// What the reduction of every run depends on.
std::string commonKey(const campaign::Campaign& c) {
  std::string key;
  description::addKey(key, c.station);
  for (const campaign::Link& link : c.links) description::addKey(key, link);
  for (const campaign::Record& record : c.records)
    if (record.kind == campaign::RecordKind::Signal)  // a calibration makes levels
      description::addKey(key, record, description::Affects::Words);
  return key;
}

/// What that of one run depends on besides: itself, the path it flew, the kit it flew with.
std::string runKey(const campaign::Campaign& c, const campaign::Run& run) {
  std::string key;
  description::addKey(key, run);
  if (const campaign::Path* path = campaign::findPath(c, run.path))
    description::addKey(key, *path, description::Affects::Words);  // its posts place what was noted at them
  const campaign::Setup* setup = campaign::findSetup(c, run.setup);
  if (!setup) return key;
  for (const auto& [id, link] : setup->links) {
    key += id;
    description::addKey(key, link);
    if (const campaign::Part* transmitter = campaign::findPart(c, link.transmitter))
      description::addKey(key, *transmitter);
  }
  return key;
}

}  // namespace

std::shared_ptr<const RunReduction> ReductionCache::find(const campaign::Campaign& campaign,
                                                         const campaign::Run& run) const {
  const auto found = m_runs.find(run.id);
  if (found == m_runs.end() || m_common != commonKey(campaign)) return nullptr;
  return found->second.key == runKey(campaign, run) ? found->second.reduction : nullptr;
}

void ReductionCache::keep(const campaign::Campaign& campaign, const std::vector<RunReduction>& reductions) {
  std::map<std::string, Kept> next;
  for (std::size_t i = 0; i < campaign.runs.size() && i < reductions.size(); ++i) {
    if (reductions[i].unread) continue;
    const campaign::Run& run = campaign.runs[i];
    auto reduction = find(campaign, run);
    if (!reduction) reduction = std::make_shared<const RunReduction>(reductions[i]);
    next[run.id] = {runKey(campaign, run), std::move(reduction)};
  }
  m_common = commonKey(campaign);
  m_runs = std::move(next);
}

}  // namespace distanz::analysis

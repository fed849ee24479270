#pragma once
#include <map>
#include <string>
#include <vector>

#include "core/analysis/reduce/reduction.h"
#include "core/analysis/result/campaign_analysis.h"

/// Inside of the analysis: what logs tell beside the range. Not for other folders.
namespace distanz::analysis {

/// Runs that count for it: those of courses too.
struct BeyondWork {
  const campaign::Campaign& campaign;
  const campaign::Link& link;
  const std::vector<bool>& counts;  ///< per run
  CampaignAnalysis& result;
  std::map<std::string, std::vector<std::size_t>> runs_of = {};  ///< by setup, runs with anything of the link

  /// None for a setup without any.
  const std::vector<std::size_t>& runsOf(const std::string& setup) const;
  const LinkReduction& reduced(std::size_t run) const { return result.reductions[run].links.at(link.id); }
};

void addSegments(BeyondWork& w);
void addSides(BeyondWork& w);
void addSteps(BeyondWork& w);
void addFreezes(BeyondWork& w);
/// Of all links together.
void addLivedOn(const campaign::Campaign& campaign, const std::vector<bool>& counts, CampaignAnalysis& result);

}  // namespace distanz::analysis

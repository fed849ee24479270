#include "core/analysis/compare/beyond.h"

#include "core/analysis/compare/beyond_work.h"

namespace distanz::analysis {

std::vector<std::size_t> BeyondWork::runsOf(const std::string& setup) const {
  std::vector<std::size_t> out;
  for (std::size_t i = 0; i < campaign.runs.size(); ++i)
    if (counts[i] && campaign.runs[i].setup == setup && result.reductions[i].links.contains(link.id) && !reduced(i).left_out)
      out.push_back(i);
  return out;
}

void addBeyond(const campaign::Campaign& campaign, const std::vector<bool>& counts, CampaignAnalysis& result) {
  for (const campaign::Link& link : campaign.links) {
    BeyondWork w{campaign, link, counts, result};
    addSegments(w);
    addSides(w);
    addSteps(w);
    addFreezes(w);
  }
  addLivedOn(campaign, counts, result);
}

}  // namespace distanz::analysis

#include "core/analysis/compare/beyond.h"

#include "core/analysis/compare/beyond_work.h"
#include "core/analysis/reduce/reduction.h"

namespace distanz::analysis {

const std::vector<std::size_t>& BeyondWork::runsOf(const std::string& setup) const {
  static const std::vector<std::size_t> none;
  const auto own = runs_of.find(setup);
  return own == runs_of.end() ? none : own->second;
}

void addBeyond(const campaign::Campaign& campaign, const std::vector<bool>& counts, CampaignAnalysis& result) {
  for (const campaign::Link& link : campaign.links) {
    BeyondWork w{campaign, link, counts, result};
    for (std::size_t i = 0; i < campaign.runs.size(); ++i)
      if (counts[i] && result.reductions[i].links.contains(link.id) && !w.reduced(i).left_out)
        w.runs_of[campaign.runs[i].setup].push_back(i);
    addSegments(w);
    addSides(w);
    addSteps(w);
    addFreezes(w);
  }
  addLivedOn(campaign, counts, result);
}

}  // namespace distanz::analysis

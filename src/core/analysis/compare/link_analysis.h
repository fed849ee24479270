#pragma once
#include "core/analysis/compare/session.h"
#include "core/analysis/result/campaign_analysis.h"

namespace distanz::analysis {

struct LinkWays;
struct Effort;

/// Adds one link's ranges, comparisons and warnings to the result, and to `ways` what it leaves open. @param
/// used per run: counts towards the analysis
void analyseLink(const campaign::Campaign& campaign, const campaign::Link& link,
                 const std::vector<bool>& used, const Session& session, const Effort& effort,
                 std::vector<LinkWays>& ways, CampaignAnalysis& result);

}  // namespace distanz::analysis

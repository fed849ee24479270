#pragma once
#include <nlohmann/json_fwd.hpp>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"

namespace distanz::cli {

/// The analysis with the keys of docs/cli.md. What cannot be said is null. @param details also answers,
/// paired, legs, reduced_power
nlohmann::ordered_json analysisJson(const campaign::Campaign& campaign,
                                    const analysis::CampaignAnalysis& analysis, bool details);

/// Segments, sides, steps, freezes, limits, charge and distances: what logs tell beside the range.
nlohmann::ordered_json beyondJson(const campaign::Campaign& campaign, const analysis::CampaignAnalysis& analysis);
/// The same as sentences, link by link.
std::vector<Finding> beyondFindings(const campaign::Campaign& campaign, const analysis::CampaignAnalysis& analysis);

/// Estimate, low, high; nulls for none.
nlohmann::ordered_json intervalJson(const std::optional<estimate::Interval>& interval);
/// A finding with what is said of it.
nlohmann::ordered_json saidJson(const Finding& finding);

}  // namespace distanz::cli

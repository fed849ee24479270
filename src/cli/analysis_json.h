#pragma once
#include <nlohmann/json_fwd.hpp>

#include "core/analysis/result/campaign_analysis.h"

namespace distanz::cli {

/// The analysis with the keys of docs/cli.md. What cannot be said is null. @param details also answers,
/// paired, legs, reduced_power
nlohmann::ordered_json analysisJson(const campaign::Campaign& campaign,
                                    const analysis::CampaignAnalysis& analysis, bool details);

}  // namespace distanz::cli

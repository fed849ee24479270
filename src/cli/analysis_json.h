#pragma once
#include <nlohmann/json_fwd.hpp>

#include "core/analysis/campaign_analysis.h"

namespace distanz::cli {

/// The analysis with the keys of docs/cli.md. What cannot be said is null.
nlohmann::ordered_json analysisJson(const campaign::Campaign& campaign, const analysis::CampaignAnalysis& analysis);

}  // namespace distanz::cli

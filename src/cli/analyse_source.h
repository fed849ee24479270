#pragma once
#include <filesystem>
#include <vector>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"

namespace distanz::cli {

struct Analysed {
  campaign::Campaign campaign;
  analysis::CampaignAnalysis analysis;
  std::vector<Finding> problems;
};

/// A campaign file or an interchange folder, analysed. @param threads 0: as many as the machine has @throws
/// InputError
Analysed analyseAny(const std::filesystem::path& campaign, unsigned threads = 0);

}  // namespace distanz::cli

#pragma once
#include "core/analysis/analyse.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/simulate/scenario.h"

namespace distanz::test {

/// Analysis of simulated flights, as the program makes it.
inline analysis::CampaignAnalysis analyseSimulated(const simulate::Simulated& flown, unsigned threads = 1) {
  return analysis::analyse(
      flown.campaign,
      [&](const campaign::Run& run) {
        const auto index =
            static_cast<std::size_t>(campaign::findRun(flown.campaign, run.id) - flown.campaign.runs.data());
        return std::make_shared<const log::Recording>(flown.recordings[index]);
      },
      {}, threads);
}

}  // namespace distanz::test

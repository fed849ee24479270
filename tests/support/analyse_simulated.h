#pragma once
#include <stdexcept>

#include "core/analysis/analyse.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/simulate/scenario.h"
#include "support/never_told.h"

namespace distanz::test {

/// Analysis of simulated flights, as the program makes it. @throws std::runtime_error where it tells what none may tell
inline analysis::CampaignAnalysis analyseSimulated(const simulate::Simulated& flown, unsigned threads = 1) {
  analysis::CampaignAnalysis told = analysis::analyse(
      flown.campaign,
      [&](const campaign::Run& run) {
        const auto index =
            static_cast<std::size_t>(campaign::findRun(flown.campaign, run.id) - flown.campaign.runs.data());
        return std::make_shared<const log::Recording>(flown.recordings[index]);
      },
      {}, threads);
  if (const auto faults = neverTold(flown.campaign, told); !faults.empty()) throw std::runtime_error(faults.front());
  return told;
}

}  // namespace distanz::test

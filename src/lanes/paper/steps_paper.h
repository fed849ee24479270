#pragma once
#include <string>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"
#include "lanes/paper/paper.h"

namespace distanz::lanes {

/// What changed and stopped on the way: where packet rate, mode or band first changed, how often the picture stood still
/// over each 100 m, and what every flight took from its battery.
struct StepsSheet {
  const campaign::Campaign& campaign;
  const analysis::CampaignAnalysis& analysis;
  std::string link;
  double end_m = 1000;  ///< of the distance axis
};

double heightOf(const StepsSheet& sheet, double width);
void paint(QPainter& painter, double width, const StepsSheet& sheet, const Look& look);
/// Three tables, one below the other.
std::string csvOf(const StepsSheet& sheet);

}  // namespace distanz::lanes

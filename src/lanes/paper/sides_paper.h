#pragma once
#include <string>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"
#include "lanes/paper/paper.h"

namespace distanz::lanes {

/// Per setup: what each side of the aircraft gives above the mean of those seen, as seen from above, and what each
/// bearing off the direction to the far post gives, where flights show one.
struct SidesSheet {
  const campaign::Campaign& campaign;
  const analysis::CampaignAnalysis& analysis;
  std::string link;
};

double heightOf(const SidesSheet& sheet, double width);
void paint(QPainter& painter, double width, const SidesSheet& sheet, const Look& look);
/// Setup, of what, angle, effect with its interval.
std::string csvOf(const SidesSheet& sheet);

}  // namespace distanz::lanes

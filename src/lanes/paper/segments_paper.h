#pragma once
#include <QSizeF>
#include <string>

#include "core/analysis/result/campaign_analysis.h"
#include "core/campaign/campaign.h"
#include "lanes/paper/paper.h"

namespace distanz::lanes {

/// Setups (rows) on the named stretches of the path (columns): every pass as a thin line over the stretch, and in figures
/// the mean, the worst second, the share of time usable and the dropouts.
struct SegmentsSheet {
  const campaign::Campaign& campaign;
  const analysis::CampaignAnalysis& analysis;
  std::string link;
  /// That its passes are told in; the same for all of a link.
  log::PassFigure figure() const {
    for (const analysis::SegmentOnLink& s : analysis.segments)
      if (s.link == link) return s.figure;
    return log::PassFigure::Signal;
  }
};

/// How high it is at a width; at least one row.
double heightOf(const SegmentsSheet& sheet, double width);
void paint(QPainter& painter, double width, const SegmentsSheet& sheet, const Look& look);
/// Row by row: setup, path, segment, from, to, and all figures with their intervals.
std::string csvOf(const SegmentsSheet& sheet);

}  // namespace distanz::lanes

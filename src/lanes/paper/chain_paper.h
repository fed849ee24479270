#pragma once
#include <QRectF>
#include <QString>
#include <optional>
#include <vector>

#include "core/plan/chain.h"
#include "lanes/paper/paper.h"

/// A link as a chain, drawn to scale in dB: what each element adds or takes, and the level behind it. The
/// levels of both ends are drawn at one scale; the path between them is broken.
namespace distanz::lanes {

struct ChainDrawing {
  plan::Chain chain;
  std::vector<QString> names;  ///< of the part of each element; empty where there is none
  int mark = 0;                ///< of the setup
  int chosen = -1;             ///< element
  std::optional<double> eirp_limit_dbm = {};
};

/// Where elements stand, from left to right; what has nothing to say between the antennas has no column.
struct ChainColumn {
  std::size_t element;
  QRectF area;
};
std::vector<ChainColumn> columnsOf(const ChainDrawing& drawing, const QRectF& area);

void paint(QPainter& painter, const QRectF& area, const ChainDrawing& drawing, const Look& look);

/// As a table: element, part, how it is known, change in dB, level in dBm.
std::string csvOf(const ChainDrawing& drawing);

}  // namespace distanz::lanes

#pragma once
#include <QRectF>
#include <QString>
#include <vector>

#include "core/plan/flight_plan.h"
#include "lanes/paper/paper.h"

namespace distanz::lanes {

/// One flight of the day as a battery-sized block.
struct OrderBlock {
  QString letter, when;
  int mark = 0;
  int battery = 0;  ///< 0: not said
  int block = 0;    ///< flights of one block belong together
  bool fits = true;  ///< into the day
  bool flown = false;
};

/// Flights that count, in the order flown.
std::vector<OrderBlock> flownBlocks(const campaign::Campaign& campaign);
/// Those to come.
std::vector<OrderBlock> orderBlocks(const campaign::Campaign& campaign, const plan::FlightPlan& plan);
/// Where each block lies, row below row; none where there is no room for a letter.
std::vector<QRectF> orderPlaces(const std::vector<OrderBlock>& blocks, const QRectF& area);
/// In the order in which they are flown. What was flown is filled; what does not fit into the day is
/// grey.
void paint(QPainter& painter, const QRectF& area, const std::vector<OrderBlock>& blocks, const Look& look);

}  // namespace distanz::lanes

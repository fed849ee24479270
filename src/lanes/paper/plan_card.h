#pragma once
#include <QSize>

#include "core/analysis/findings/turn_by.h"
#include "core/plan/flight_plan.h"
#include "lanes/paper/paper.h"

namespace distanz::lanes {

constexpr QSize kPlanCard{794, 1123};  ///< A4 upright, px

/// The plan on one page to take along: path, where each setup turns, order with boxes to tick, call-outs and
/// the pre-flight list, ticked where that was done today. In ink on white, large enough to be read in the sun.
/// @param today "2026-05-01"
void paintPlanCard(QPainter& painter, const campaign::Campaign& campaign, const plan::Planned& planned,
                   const plan::FlightPlan& plan, const std::vector<analysis::TurnBy>& turns, const Look& look, const std::string& today);

}  // namespace distanz::lanes

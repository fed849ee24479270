#pragma once
#include <QRectF>

#include "lanes/paper/paper.h"
#include "lanes/rule.h"

class QPainter;

namespace distanz::lanes {

/// Distances in pixels.
struct RuleAxis {
  double left_px, right_px, end_m;
  double x(double distance_m) const { return left_px + (right_px - left_px) * distance_m / end_m; }
  /// What lies beyond the axis ends with it.
  double clipped(double distance_m) const { return x(distance_m < end_m ? distance_m : end_m); }
};

/// One setup's bar: hollow what is predicted, hatched what was flown, solid the reliable range with its uncertainty
/// as a fading tip, a diamond for the median, gaps where it fails, a wedge where something else turns the aircraft.
void paintRuleBar(QPainter& painter, const RuleRow& row, const RuleAxis& axis, const QRectF& area, const Look& look);

/// The signs by themselves, for the key.
enum class RuleSign { Solid, Fade, Median, Flown, Predicted, Gap, Turn };
void paintRuleSign(QPainter& painter, RuleSign sign, const QRectF& area, const QColor& colour, const Look& look);

}  // namespace distanz::lanes

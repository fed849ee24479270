#pragma once
#include <QRectF>

#include "core/plan/mounting.h"
#include "lanes/paper/paper.h"

namespace distanz::lanes {

/// An airframe from above (nose up) and from its right-hand side (nose to the right), with the antenna where
/// it sits, its pattern turned with it, and the side that is shaded.
void paint(QPainter& painter, const QRectF& area, const plan::Mounting& mounting, const Look& look, int mark);

}  // namespace distanz::lanes

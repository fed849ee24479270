#pragma once
#include "lanes/lane.h"

class QCPAxisRect;
class QCustomPlot;

namespace distanz::app {

/// Puts what a lane holds on the axes that are its place in the window.
void drawLane(QCustomPlot& plot, QCPAxisRect& rect, const lanes::Lane& lane);

}  // namespace distanz::app

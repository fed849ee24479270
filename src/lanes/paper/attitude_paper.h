#pragma once
#include <QRectF>

#include "core/bench/attitudes.h"
#include "lanes/paper/paper.h"

namespace distanz::lanes {

/// An aircraft held so, as it is seen from the station.
void paint(QPainter& painter, const QRectF& area, const bench::Attitude& attitude, const Look& look);

}  // namespace distanz::lanes

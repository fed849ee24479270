#pragma once
#include <QRectF>

#include "lanes/paper/paper.h"
#include "lanes/rule.h"

class QPainter;

namespace distanz::lanes {

/// What the signs of the range rule mean, in one line: those that are drawn, and over which links ranges hold.
void paintRuleKey(QPainter& painter, const QRectF& area, const Rule& rule, const Look& look);

}  // namespace distanz::lanes

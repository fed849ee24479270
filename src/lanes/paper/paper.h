#pragma once
#include <QColor>
#include <QFont>
#include <QPen>
#include <functional>

#include "lanes/lane.h"

class QPainter;

/// Lanes drawn on paper: SVG and PDF. Nothing here relies on the painter's clipping, which Qt 6.4's SVG
/// generator ignores.
namespace distanz::lanes {

struct Look {
  QColor paper, surface, ink, muted, hairline, accent, caution;
  std::function<QPen(int mark, double width)> setup;  ///< colour and dash of a setup
  std::function<QFont(int pixels, bool strong)> font;
  double left_px = 60, right_px = 16;  ///< margins of the axis
};

void paint(QPainter& painter, QSizeF size, const Lanes& lanes, const Look& look);

}  // namespace distanz::lanes

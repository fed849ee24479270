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

/// The five sizes of text, px: of windows and paper alike.
namespace type {
constexpr int kSmall = 11, kBody = 13, kLead = 15, kTitle = 20, kFigure = 28;
}

struct Look {
  QColor paper, surface, ink, muted, hairline, accent, caution;
  std::function<QPen(int mark, double width)> setup;  ///< colour and dash of a setup
  std::function<QFont(int pixels, bool strong)> font;
  double left_px = 60, right_px = 16;  ///< margins of the axis
};

void paint(QPainter& painter, QSizeF size, const Lanes& lanes, const Look& look);

}  // namespace distanz::lanes

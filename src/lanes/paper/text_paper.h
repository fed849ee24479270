#pragma once
#include <QRectF>
#include <QString>

#include "core/campaign/campaign.h"
#include "lanes/paper/paper.h"

class QPainter;

namespace distanz::lanes {

/// One line of text that ends in dots where it is too long. @return how wide it is drawn
double line(QPainter& painter, const QRectF& area, const QString& text, const QColor& colour, const QFont& font, Qt::Alignment align = Qt::AlignLeft);

/// A setup's letter in its colour, and its name beside it.
void setupTitle(QPainter& painter, const QRectF& area, const campaign::Campaign& campaign, const std::string& setup, const Look& look);

/// "-74.1 dBm (-76.0 to -72.2)", "96 % (88 to 99)".
QString withInterval(double estimate, double low, double high, quantity::Unit unit, int decimals);

}  // namespace distanz::lanes

#include "app/shared/badge.h"

#include <QPainter>

#include "app/shared/theme.h"

namespace distanz::app {

void paintBadge(QPainter& p, const QRectF& area, const std::string& letter, const QColor& colour) {
  p.save();
  p.setPen(Qt::NoPen);
  p.setBrush(colour);
  p.drawRoundedRect(area, 4, 4);
  p.setPen(theme::tokens().paper);
  p.setFont(theme::figureFont(int(area.height() * 0.62), true));
  p.drawText(area, Qt::AlignCenter, QString::fromStdString(letter));
  p.restore();
}

Badge::Badge(const std::string& letter, int mark, QWidget* parent)
    : QWidget(parent), m_letter(letter), m_mark(mark) {
  setFixedSize(40, 44);
}

void Badge::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  paintBadge(p, QRectF(6, 0, 28, 28), m_letter, theme::setupColour(m_mark));
  p.setPen(theme::setupPen(m_mark, 3));
  p.drawLine(QPointF(0, 38), QPointF(40, 38));
}

}  // namespace distanz::app

#include "app/shared/elided_label.h"

#include <QPainter>

namespace distanz::app {

ElidedLabel::ElidedLabel(const QString& text, QWidget* parent) : QLabel(parent) {
  setTextFormat(Qt::PlainText);
  setText(text);
  setToolTip(text);
  setAlignment(Qt::AlignRight | Qt::AlignVCenter);
}

void ElidedLabel::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setPen(palette().color(foregroundRole()));
  p.drawText(contentsRect(), int(alignment()),
             fontMetrics().elidedText(text(), Qt::ElideRight, contentsRect().width()));
}

}  // namespace distanz::app

#include "app/kit/chain_view.h"

#include <QKeyEvent>
#include <QPainter>
#include <algorithm>

#include "app/shared/copying.h"
#include "app/shared/lane_plot.h"
#include "app/shared/theme.h"

namespace distanz::app {

ChainView::ChainView(QWidget* parent) : QWidget(parent) {
  setObjectName("chainView");
  setAccessibleName(tr("Chain of the link"));
  setFocusPolicy(Qt::StrongFocus);
  setMinimumHeight(160);
  markDrawing(this);
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void ChainView::show(const lanes::ChainDrawing& drawing) {
  m_drawing = drawing;
  update();
}

QRectF ChainView::area() const {
  return QRectF(rect()).adjusted(2, 2, -2, -2);
}

QPoint ChainView::placeOf(int element) const {
  for (const lanes::ChainColumn& c : lanes::columnsOf(m_drawing, area()))
    if (int(c.element) == element) return {int(c.area.center().x()), int(c.area.bottom()) - 24};
  return {};
}

void ChainView::choose(int element) {
  setFocus();
  emit chosen(element);
}

void ChainView::mousePressEvent(QMouseEvent* event) {
  for (const lanes::ChainColumn& c : lanes::columnsOf(m_drawing, area()))
    if (c.area.contains(event->position())) {
      const int element = int(c.element);
      if (element == m_drawing.chosen)
        emit swapWanted(element);
      else
        choose(element);
      return;
    }
}

void ChainView::keyPressEvent(QKeyEvent* event) {
  const auto columns = lanes::columnsOf(m_drawing, area());
  const auto now = std::find_if(columns.begin(), columns.end(),
                                [&](const auto& c) { return int(c.element) == m_drawing.chosen; });
  if ((event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) && now != columns.end())
    return emit swapWanted(m_drawing.chosen);
  if (event->key() == Qt::Key_Right && now != columns.end() && now + 1 != columns.end())
    return choose(int((now + 1)->element));
  if (event->key() == Qt::Key_Left && now != columns.begin() && now != columns.end())
    return choose(int((now - 1)->element));
  QWidget::keyPressEvent(event);
}

void ChainView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.fillRect(rect(), theme::tokens().surface);
  lanes::paint(p, area(), m_drawing, lanesLook());
  p.setPen(hasFocus() ? theme::tokens().accent : theme::tokens().hairline);
  p.setBrush(Qt::NoBrush);
  p.setRenderHint(QPainter::Antialiasing);
  p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 6, 6);
}

}  // namespace distanz::app

#include "app/runs/leg_cutter.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/shared/text.h"
#include "app/shared/theme.h"

namespace distanz::app {

LegCutter::LegCutter(QWidget* parent) : QWidget(parent) {
  setObjectName("legCutter");
  setAccessibleName(tr("Legs of the run: way out, turn, way back"));
  setMinimumHeight(150);
  setFocusPolicy(Qt::StrongFocus);
  setToolTip(tr(
      "Drag the edges of the turn. With the keyboard: left and right move its begin, with Shift its end."));
}

void LegCutter::show(std::optional<Shown> shown) {
  m_shown = std::move(shown);
  m_farthest = 1;
  if (m_shown)
    for (const double d : m_shown->distance_m)
      if (std::isfinite(d)) m_farthest = std::max(m_farthest, d);
  m_edge = -1;
  update();
}

QRectF LegCutter::area() const {
  return QRectF(theme::kAxisLeft, 24, width() - theme::kAxisLeft - theme::kAxisRight, height() - 44);
}

double LegCutter::x(double t) const {
  const double begin = m_shown->time_s.front(), span = std::max(m_shown->time_s.back() - begin, 1e-9);
  return area().left() + area().width() * (t - begin) / span;
}

double LegCutter::time(double px) const {
  const double begin = m_shown->time_s.front(), end = m_shown->time_s.back();
  return std::clamp(begin + (px - area().left()) / area().width() * (end - begin), begin, end);
}

void LegCutter::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const auto& t = theme::tokens();
  const QRectF a = area();
  p.fillRect(a, t.surface);
  p.setPen(t.hairline);
  p.drawRect(a);
  if (!m_shown || m_shown->time_s.size() < 2) {
    p.setPen(t.muted);
    p.drawText(a, Qt::AlignCenter,
               tr("Choose a run above to see how it is cut into way out, turn and way back"));
    return;
  }
  const QRectF turn(x(m_shown->turn.begin_s), a.top(),
                    std::max(x(m_shown->turn.end_s) - x(m_shown->turn.begin_s), 2.0), a.height());
  p.fillRect(turn & a, t.floor);
  p.setPen(QPen(t.accent, 2));
  p.drawLine(turn.topLeft(), turn.bottomLeft());
  p.drawLine(turn.topRight(), turn.bottomRight());
  p.setBrush(t.accent);
  for (const double edge : {turn.left(), turn.right()})
    p.drawRoundedRect(QRectF(edge - 4, a.center().y() - 12, 8, 24), 2, 2);
  QPolygonF line;
  const std::size_t step = std::max<std::size_t>(m_shown->time_s.size() / 2000, 1);
  for (std::size_t i = 0; i < m_shown->time_s.size(); i += step)
    if (std::isfinite(m_shown->distance_m[i]))
      line << QPointF(x(m_shown->time_s[i]),
                      a.bottom() - a.height() * m_shown->distance_m[i] / (m_farthest * 1.08));
  p.setPen(QPen(m_shown->colour, 2));
  p.drawPolyline(line);
  p.setFont(theme::bodyFont(12, true));
  p.setPen(t.ink);
  p.drawText(QRectF(a.left(), 2, a.width(), 20), Qt::AlignVCenter, m_shown->title);
  p.setFont(theme::bodyFont(11));
  p.setPen(t.muted);
  const QRectF legend(a.left(), a.top() + 4, a.width(), 14);
  p.drawText(QRectF(a.left() + 8, legend.top(), turn.left() - a.left() - 12, 14), Qt::AlignLeft,
             tr("way out"));
  p.drawText(QRectF(turn.right() + 8, legend.top(), a.right() - turn.right() - 12, 14), Qt::AlignRight,
             tr("way back"));
  p.drawText(QRectF(turn.center().x() - 30, a.bottom() - 18, 60, 14), Qt::AlignCenter, tr("turn"));
  p.setFont(theme::figureFont(11));
  p.drawText(QRectF(0, a.bottom() - a.height() / 1.08 - 7, a.left() - 6, 14), Qt::AlignRight,
             distanceLabel(m_farthest));
  for (int i = 0; i <= 4; ++i) {
    const double at = m_shown->time_s.front() + (m_shown->time_s.back() - m_shown->time_s.front()) * i / 4;
    const double label = std::clamp(x(at) - 30, a.left() - 30, a.right() - 46);
    p.drawText(QRectF(label, a.bottom() + 3, 60, 14), Qt::AlignCenter, tr("%1 s").arg(at, 0, 'f', 0));
  }
}

void LegCutter::move(int edge, double t) {
  if (!m_shown || edge < 0) return;
  (edge == 0 ? m_shown->turn.begin_s : m_shown->turn.end_s) = t;
  if (m_shown->turn.begin_s > m_shown->turn.end_s)
    (edge == 0 ? m_shown->turn.end_s : m_shown->turn.begin_s) = t;
  update();
}

void LegCutter::mousePressEvent(QMouseEvent* event) {
  if (!m_shown || m_shown->time_s.size() < 2) return;
  const double px = event->position().x(), begin = std::abs(px - x(m_shown->turn.begin_s)),
               end = std::abs(px - x(m_shown->turn.end_s));
  m_edge = std::min(begin, end) > 12 ? -1 : begin <= end ? 0 : 1;
}

void LegCutter::mouseMoveEvent(QMouseEvent* event) {
  if (m_edge >= 0) move(m_edge, time(event->position().x()));
}

void LegCutter::mouseReleaseEvent(QMouseEvent*) {
  if (m_edge >= 0 && m_shown) emit moved(m_shown->turn.begin_s, m_shown->turn.end_s);
  m_edge = -1;
}

void LegCutter::keyPressEvent(QKeyEvent* event) {
  if (!m_shown || (event->key() != Qt::Key_Left && event->key() != Qt::Key_Right))
    return QWidget::keyPressEvent(event);
  const int edge = event->modifiers() & Qt::ShiftModifier ? 1 : 0;
  const double now = edge == 0 ? m_shown->turn.begin_s : m_shown->turn.end_s;
  move(edge, std::clamp(now + (event->key() == Qt::Key_Left ? -1 : 1), m_shown->time_s.front(),
                        m_shown->time_s.back()));
  emit moved(m_shown->turn.begin_s, m_shown->turn.end_s);
}

}  // namespace distanz::app

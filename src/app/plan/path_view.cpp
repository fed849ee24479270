#include "app/plan/path_view.h"

#include <QMouseEvent>
#include <QPainter>
#include <cmath>

#include "app/shared/distance_axis.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "words/quantity.h"

namespace distanz::app {
namespace {

DistanceAxis axisOf(const QWidget& w, const Document& d) {
  return {double(theme::kAxisLeft), double(w.width() - theme::kAxisRight), d.axisEnd_m()};
}

void drawNorth(QPainter& p, QPointF centre, double turn_deg) {
  p.save();
  p.translate(centre);
  p.rotate(turn_deg);
  p.setPen(QPen(theme::tokens().ink, 1.6));
  p.drawLine(QPointF(0, 13), QPointF(0, -13));
  p.drawLine(QPointF(0, -13), QPointF(-4, -6));
  p.drawLine(QPointF(0, -13), QPointF(4, -6));
  p.restore();
}

}  // namespace

PathView::PathView(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
  setObjectName("pathView");
  setAccessibleName(tr("The path from above"));
  setFixedHeight(96);
  for (auto signal : {&Document::changed, &Document::analysisChanged, &Document::pickedChanged})
    connect(&document, signal, this, [this] { update(); });
}

void PathView::mousePressEvent(QMouseEvent* event) {
  const DistanceAxis a = axisOf(*this, m_document);
  m_document.pick(std::clamp(a.distance_m(event->position().x()), 0.0, a.end_m));
}

void PathView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const auto& t = theme::tokens();
  const DistanceAxis a = axisOf(*this, m_document);
  const QRectF frame(a.left_px, 2, a.right_px - a.left_px, height() - 4);
  p.fillRect(frame, t.surface);
  p.setPen(t.hairline);
  p.drawRect(frame);
  const auto& c = m_document.campaign();
  const plan::Planned& planned = m_document.planned();
  if (planned.outline.empty()) {
    p.setPen(t.muted);
    p.drawText(frame, Qt::AlignCenter,
               c.station.position() ? tr("No path yet: enter the far post, or its distance and bearing")
                                    : tr("No path yet: enter where the station is"));
    return;
  }
  const double scale = (a.right_px - a.left_px) / a.end_m, middle = height() / 2.0;
  QPolygonF line;
  for (const auto& at : planned.outline)
    line << QPointF(a.left_px + at.along_m * scale, middle + at.right_m * scale);
  p.setClipRect(frame);
  p.setPen(QPen(t.ink, 2));
  p.drawPolyline(line);
  drawPosts(p, a);
  drawNames(p, a, line.back().x());
  if (const auto picked = m_document.picked(); picked && *picked <= a.end_m) {
    p.setPen(QPen(t.ink, 1));
    p.drawLine(QPointF(a.x(*picked), frame.top()), QPointF(a.x(*picked), frame.bottom()));
  }
}

void PathView::drawPosts(QPainter& p, const DistanceAxis& a) const {
  const auto& t = theme::tokens();
  const double middle = height() / 2.0;
  p.setFont(theme::figureFont(10));
  double last_label = -100;
  for (const double post : m_document.planned().posts) {
    const double x = a.x(post);
    p.setBrush(t.surface);
    p.setPen(QPen(t.ink, 1.6));
    p.drawEllipse(QPointF(x, middle), 3.2, 3.2);
    if (x - last_label < 58 || x - a.x(0) < 70) continue;
    last_label = x;
    p.setPen(t.muted);
    p.drawText(QRectF(x - 40, middle + 8, 80, 14), Qt::AlignCenter, distanceLabel(post));
  }
}

void PathView::drawNames(QPainter& p, const DistanceAxis& a, double far_px) const {
  const auto& t = theme::tokens();
  const double middle = height() / 2.0, bearing = m_document.planned().outward_deg;
  p.setBrush(t.ink);
  p.setPen(Qt::NoPen);
  p.drawRect(QRectF(a.x(0) - 1, middle - 8, 9, 16));
  p.setPen(t.ink);
  p.setFont(theme::bodyFont(11, true));
  p.drawText(QRectF(a.x(0) + 4, middle + 10, 120, 16), Qt::AlignVCenter, tr("station"));
  p.drawText(QRectF(far_px - 130, middle - 26, 126, 16), Qt::AlignRight | Qt::AlignVCenter, tr("far post"));
  p.setFont(theme::bodyFont(11));
  p.setPen(t.muted);
  p.drawText(QRectF(a.left_px + 40, 6, 240, 14), Qt::AlignVCenter,
             tr("from above; outward bearing %1").arg(words::quantity(bearing, quantity::Unit::Degree, 1)));
  drawNorth(p, QPointF(a.left_px + 20, 24), 90 - bearing);
}

}  // namespace distanz::app

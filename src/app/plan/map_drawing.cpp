#include <QPainter>
#include <cmath>

#include "app/plan/map_view.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/course/coordinates.h"
#include "core/plan/planned.h"
#include "words/quantity.h"

/// How the map is drawn; what is done with it stands in map_view.cpp.
namespace distanz::app {
namespace {

const QPointF kStationText(10, 8);  // from the station
constexpr double kPost_px = 3.2, kHandle_px = 4, kSegment_px = 5, kLabel_px = 58;

void drawNorth(QPainter& p, QPointF centre, double turn_deg) {
  p.save();
  p.translate(centre);
  p.rotate(turn_deg);
  p.setPen(QPen(theme::tokens().ink, 1.6));
  p.drawLine(QPointF(0, 13), QPointF(0, -13));
  p.drawLine(QPointF(0, -13), QPointF(-4, -6));
  p.drawLine(QPointF(0, -13), QPointF(4, -6));
  p.restore();
  p.setFont(theme::bodyFont(theme::kSmall, true));
}

/// Text that can be read over terrain.
void drawHaloed(QPainter& p, const QRectF& box, int flags, const QString& text, const QColor& ink) {
  const QRectF words = p.boundingRect(box, flags, text);
  QColor paper = theme::tokens().surface;
  paper.setAlphaF(0.82f);
  p.fillRect(words.adjusted(-3, -1, 3, 1).toRect(), paper);
  p.setPen(ink);
  p.drawText(box, flags, text);
}

}  // namespace

void MapView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const auto& t = theme::tokens();
  const QRect box = frame();
  p.fillRect(box, t.surface);
  const auto v = view();
  if (!v) {
    p.setPen(t.muted);
    p.drawText(box, Qt::AlignCenter, tr("No path yet: set the station"));
  } else {
    p.save();
    p.setClipRect(box);
    m_ground.draw(p, box, *v, m_document.ground().ground());
    drawPath(p, *v);
    drawNames(p, *v);
    drawScale(p, *v);
    drawCaption(p, *v);
    p.restore();
    if (m_document.planned().outline.empty()) {
      p.setPen(t.muted);
      p.drawText(box, Qt::AlignCenter, tr("No path yet: set the far post, or its distance and bearing"));
    }
  }
  p.setPen(hasFocus() ? t.accent : t.hairline);
  p.setBrush(Qt::NoBrush);
  p.drawRect(box);
}

void MapView::drawSegments(QPainter& p, const MapFrame& v, const course::Course& course) const {
  const auto& t = theme::tokens();
  QColor band = t.accent;
  band.setAlphaF(0.35f);
  p.setFont(theme::bodyFont(theme::kSmall, true));
  for (const campaign::Segment& s : m_document.shown().paths.front().segments) {
    QPolygonF piece;
    constexpr int kPieces = 60;
    for (int i = 0; i <= kPieces; ++i)
      piece << v.px(course.at(std::lerp(s.from_m, s.to_m, double(i) / kPieces)));
    p.setPen(QPen(band, 2 * kSegment_px, Qt::SolidLine, Qt::FlatCap));
    p.drawPolyline(piece);
    drawHaloed(p, QRectF(piece[kPieces / 2] + QPointF(-60, -26), QSizeF(120, 14)), Qt::AlignCenter,
               QString::fromStdString(s.name), t.accent);
  }
}

void MapView::drawPosts(QPainter& p, const MapFrame& v, const course::Course& course) const {
  const auto& t = theme::tokens();
  const campaign::Campaign& c = m_document.shown();
  const auto mark = [&](const QPointF& at) {
    p.setBrush(t.surface);
    p.setPen(QPen(t.ink, 1.6));
    p.drawEllipse(at, kPost_px, kPost_px);
  };
  p.setFont(theme::bodyFont(theme::kSmall));
  for (const campaign::Post& post : c.paths.front().posts) {
    const QPointF at = v.px(course.at(post.along_m));
    mark(at);
    drawHaloed(p, QRectF(at + QPointF(-50, -20), QSizeF(100, 14)), Qt::AlignCenter,
               QString::fromStdString(post.name), t.ink);
  }
  p.setFont(theme::figureFont(theme::kSmall));
  const plan::FlightLine flown(c);
  QPointF last(-1e6, -1e6);
  const QFontMetricsF metrics(p.font());
  const QRectF station(v.px(*c.station.position()) + kStationText, QSizeF(metrics.horizontalAdvance(tr("station")) + 4, 14));
  for (const double post : m_document.planned().posts) {
    const QPointF at = v.px(flown.at(post).flat);
    mark(at);
    const bool room = std::hypot(at.x() - last.x(), at.y() - last.y()) >= kLabel_px;
    if (m_dragging || !room || post == m_document.planned().posts.back()) continue;
    const QString text = distanceLabel(post);
    const double wide = metrics.horizontalAdvance(text);
    if (QRectF(at + QPointF(-wide / 2, 8), QSizeF(wide, 14)).intersects(station)) continue;
    last = at;
    drawHaloed(p, QRectF(at + QPointF(-40, 8), QSizeF(80, 14)), Qt::AlignCenter, text,
               t.muted);
  }
}

void MapView::drawPath(QPainter& p, const MapFrame& v) const {
  const auto& t = theme::tokens();
  const campaign::Campaign& c = m_document.shown();
  if (const auto course = campaign::courseOf(c)) {
    drawSegments(p, v, *course);
    // As single lines: a long polyline with smooth edges costs ten times as much, and handles hide the corners.
    QVector<QLineF> legs;
    for (std::size_t i = 1; i < course->points().size(); ++i)
      legs << QLineF(v.px(course->points()[i - 1]), v.px(course->points()[i]));
    p.setPen(QPen(t.surface, 4.5));
    p.drawLines(legs);
    p.setPen(QPen(t.ink, 2));
    p.drawLines(legs);
    drawPosts(p, v, *course);
  }
  const auto& points = campaign::firstPath(c);
  for (std::size_t i = 0; i < points.size(); ++i) {
    const QPointF at = v.px(points[i].position);
    const bool chosen = int(i) == m_chosen && hasFocus();
    p.setBrush(chosen ? t.accent : t.surface);
    p.setPen(QPen(chosen ? t.accent : t.ink, 1.6));
    p.drawRect(QRectF(at - QPointF(kHandle_px, kHandle_px), at + QPointF(kHandle_px, kHandle_px)));
  }
}

void MapView::drawNames(QPainter& p, const MapFrame& v) const {
  const auto& t = theme::tokens();
  const campaign::Campaign& c = m_document.shown();
  const QPointF station = v.px(*c.station.position());
  p.setBrush(t.ink);
  p.setPen(QPen(t.surface, 1));
  p.drawRect(QRectF(station - QPointF(5, 8), QSizeF(10, 16)));
  p.setFont(theme::bodyFont(theme::kSmall, true));
  drawHaloed(p, QRectF(station + kStationText, QSizeF(120, 16)), Qt::AlignLeft | Qt::AlignVCenter,
             tr("station"), t.ink);
  const auto& points = campaign::firstPath(c);
  if (!points.empty()) {
    const QPointF far = v.px(points.back().position);
    drawHaloed(p, QRectF(far + QPointF(-126, -26), QSizeF(122, 16)), Qt::AlignRight | Qt::AlignVCenter,
               tr("far post"), t.ink);
  }
  if (const auto picked = m_document.picked(); picked && !points.empty()) {
    const QPointF at = v.px(plan::FlightLine(c).at(*picked).flat);
    p.setPen(QPen(t.ink, 1));
    p.drawLine(QPointF(at.x(), frame().top()), QPointF(at.x(), frame().bottom()));
  }
}

void MapView::drawScale(QPainter& p, const MapFrame& v) const {
  const auto& t = theme::tokens();
  const QRectF box = frame();
  drawNorth(p, QPointF(box.left() + 20, box.top() + 22), 90 - v.right_deg);
  const words::Marks marks = words::distanceMarks(70 / v.px_per_m, box.width() / v.px_per_m);
  const double length = marks.step_m * v.px_per_m;
  if (!(length > 10) || length > box.width()) return;
  const QPointF right(box.right() - 12, box.bottom() - 10), left = right - QPointF(length, 0);
  p.setPen(QPen(t.ink, 1.6));
  p.drawLine(left, right);
  for (const QPointF& end : {left, right}) p.drawLine(end - QPointF(0, 4), end);
  p.setFont(theme::figureFont(theme::kSmall));
  drawHaloed(p, QRectF(left - QPointF(0, 20), QSizeF(length, 14)), Qt::AlignCenter, marks.text(marks.step_m),
             t.ink);
}

void MapView::drawCaption(QPainter& p, const MapFrame& v) const {
  const auto& t = theme::tokens();
  const QRectF box = frame();
  const plan::Planned& planned = m_document.planned();
  p.setFont(theme::bodyFont(theme::kSmall));
  if (!planned.outline.empty())
    drawHaloed(p, QRectF(box.left() + 40, box.top() + 4, 300, 16), Qt::AlignLeft | Qt::AlignVCenter,
               tr("outbound bearing %1").arg(words::quantity(planned.outward_deg, quantity::Unit::Degree, 1)),
               t.muted);
  if (!m_hover || !box.contains(*m_hover)) return;
  const course::Position at = v.position(*m_hover);
  QString text = QString::fromStdString(course::coordinatesText(at));
  const auto& ground = m_document.ground().ground();
  if (const double h = ground && !ground->grids().empty() ? ground->height_m(at) : NAN; !std::isnan(h))
    text = tr("%1, elevation %2").arg(text, words::height(h, 0));
  p.setFont(theme::figureFont(theme::kSmall));
  drawHaloed(p, QRectF(box.left() + 8, box.bottom() - 20, 420, 16), Qt::AlignLeft | Qt::AlignVCenter, text,
             t.ink);
}

}  // namespace distanz::app

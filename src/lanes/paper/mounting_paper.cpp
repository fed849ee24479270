#include "lanes/paper/mounting_paper.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "words/phrases.h"

namespace distanz::lanes {
namespace {

constexpr double kDepth_db = 20, kDegrees = std::numbers::pi / 180;

/// One of both views: angles are counted as the view's own, 0 toward the nose.
struct View {
  QRectF area;
  bool top;
  QPointF centre;
  double radius;

  QPointF at(double angle_deg, double share) const {
    const double a = angle_deg * kDegrees;
    return top ? centre + QPointF(std::sin(a), -std::cos(a)) * radius * share
               : centre + QPointF(std::cos(a), -std::sin(a)) * radius * share;
  }
};

void body(QPainter& p, const View& v, const Look& look) {
  const double r = v.radius * 0.42;
  p.setPen(QPen(look.ink, 1.5));
  p.setBrush(look.surface);
  if (v.top) {
    for (const double a : {45.0, 135.0, 225.0, 315.0}) {
      const QPointF end = v.at(a, 0.52);
      p.drawLine(v.centre, end);
      p.drawEllipse(end, r * 0.42, r * 0.42);
    }
    QPainterPath hull;  // pointed toward the nose
    hull.moveTo(v.centre + QPointF(0, -r));
    hull.quadTo(v.centre + QPointF(r * 0.55, -r * 0.5), v.centre + QPointF(r * 0.4, r * 0.8));
    hull.lineTo(v.centre + QPointF(-r * 0.4, r * 0.8));
    hull.quadTo(v.centre + QPointF(-r * 0.55, -r * 0.5), v.centre + QPointF(0, -r));
    p.drawPath(hull);
    return;
  }
  for (const double x : {-0.9, 0.9}) {
    p.drawLine(v.centre + QPointF(x * r * 0.9, 0), v.centre + QPointF(x * r * 1.1, -r * 0.25));
    p.drawLine(v.centre + QPointF(x * r * 1.1 - r * 0.4, -r * 0.28),
               v.centre + QPointF(x * r * 1.1 + r * 0.4, -r * 0.28));
  }
  QPainterPath hull;
  hull.moveTo(v.centre + QPointF(r, 0));
  hull.quadTo(v.centre + QPointF(r * 0.6, -r * 0.38), v.centre + QPointF(-r * 0.8, -r * 0.26));
  hull.lineTo(v.centre + QPointF(-r * 0.8, r * 0.2));
  hull.quadTo(v.centre + QPointF(r * 0.5, r * 0.34), v.centre + QPointF(r, 0));
  p.drawPath(hull);
}

void shade(QPainter& p, const View& v, const std::optional<records::Sector>& sector, const Look& look) {
  if (!sector) return;
  QPolygonF wedge{v.centre};
  for (double a = sector->from_deg; a <= sector->to_deg + 0.5; a += 3)
    wedge << v.at(std::min(a, sector->to_deg), 1.0);
  p.setPen(Qt::NoPen);
  p.setBrush(QBrush(look.muted, Qt::BDiagPattern));
  p.drawPolygon(wedge);
}

void pattern(QPainter& p, const View& v, const std::vector<double>& level_db, const QPen& pen) {
  if (level_db.empty()) return;
  QPolygonF curve;
  for (std::size_t a = 0; a <= level_db.size(); ++a)
    curve << v.at(double(a), std::clamp(1 + level_db[a % level_db.size()] / kDepth_db, 0.0, 1.05) * 0.96);
  p.setPen(QPen(pen.color(), 2));
  p.setBrush(Qt::NoBrush);
  p.drawPolyline(curve);
}

/// The antenna: a dot where it sits, a rod along which it points.
void antenna(QPainter& p, const View& v, const plan::Mounting& m, const QPen& pen) {
  if (!m.placed && !m.pointed) return;
  const auto flat = [&](const plan::Mounting::Point& x) {
    return v.top ? QPointF(x.right, -x.ahead) : QPointF(x.ahead, -x.up);
  };
  const QPointF at = v.centre + flat(m.place) * v.radius * (v.top ? 0.42 : 0.40);
  p.setPen(QPen(pen.color(), 4, Qt::SolidLine, Qt::RoundCap));
  if (m.pointed) p.drawLine(at, at + flat(m.axis) * v.radius * 0.34);
  p.setPen(Qt::NoPen);
  p.setBrush(pen.color());
  p.drawEllipse(at, 5, 5);
}

void view(QPainter& p, View v, const plan::Mounting& m, const Look& look, int mark) {
  const QPen pen = look.setup(mark, 2);
  p.setPen(QPen(look.hairline, 1));
  p.setBrush(Qt::NoBrush);
  for (const double share : {0.96, 0.48}) p.drawEllipse(v.centre, v.radius * share, v.radius * share);
  shade(p, v, v.top ? m.top_shade : m.side_shade, look);
  body(p, v, look);
  pattern(p, v, v.top ? m.top_db : m.side_db, pen);
  antenna(p, v, m, pen);
  p.setFont(look.font(type::kSmall, false));
  p.setPen(look.muted);
  p.drawText(v.area, Qt::AlignHCenter | Qt::AlignTop, words::term(v.top ? "view-top" : "view-side"));
}

}  // namespace

void paint(QPainter& p, const QRectF& area, const plan::Mounting& m, const Look& look, int mark) {
  p.save();
  p.setRenderHint(QPainter::Antialiasing);
  const double half = area.width() / 2;
  for (const bool top : {true, false}) {
    const QRectF part(area.left() + (top ? 0 : half), area.top(), half, area.height());
    const double radius = std::max(std::min(part.width() - 12, part.height() - 26) / 2, 10.0);
    view(p, {part, top, QPointF(part.center().x(), part.top() + 20 + radius), radius}, m, look, mark);
  }
  p.restore();
}

}  // namespace distanz::lanes

#include "lanes/paper/attitude_paper.h"

#include <QPainter>
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace distanz::lanes {
namespace {

using Vector =
    std::array<double, 3>;  // toward the nose, to the right, up: of the aircraft, then of the world

double radians(double degrees) {
  return degrees * std::numbers::pi / 180;
}

Vector turned(const Vector& v, const bench::Attitude& a) {
  const double r = radians(a.roll_deg), p = radians(a.pitch_deg), y = radians(a.yaw_deg);
  const Vector rolled{v[0], v[1] * std::cos(r) + v[2] * std::sin(r),
                      -v[1] * std::sin(r) + v[2] * std::cos(r)};
  const Vector pitched{rolled[0] * std::cos(p) - rolled[2] * std::sin(p), rolled[1],
                       rolled[0] * std::sin(p) + rolled[2] * std::cos(p)};
  return {pitched[0] * std::cos(y) - pitched[1] * std::sin(y),
          pitched[0] * std::sin(y) + pitched[1] * std::cos(y), pitched[2]};
}

/// Seen from the station, from a little above: what points there comes forward, a little downward.
QPointF seen(const Vector& world, QPointF centre, double size) {
  return centre + QPointF(-world[1], -world[2] + 0.3 * world[0]) * size;
}

}  // namespace

void paint(QPainter& p, const QRectF& area, const bench::Attitude& a, const Look& look) {
  p.save();
  p.setRenderHint(QPainter::Antialiasing);
  const double size = std::min(area.width(), area.height()) * 0.36;
  const auto at = [&](double ahead, double right, double up) {
    return seen(turned({ahead, right, up}, a), area.center(), size);
  };
  p.setPen(QPen(look.ink, 3, Qt::SolidLine, Qt::RoundCap));
  for (const double x : {-0.8, 0.8})
    for (const double y : {-0.8, 0.8}) p.drawLine(at(0, 0, 0), at(x, y, 0));
  p.setPen(QPen(look.ink, 1.5));
  for (const double x : {-0.8, 0.8})
    for (const double y : {-0.8, 0.8}) {
      QPolygonF rotor;
      for (int k = 0; k <= 24; ++k)
        rotor << at(x + 0.38 * std::cos(k * radians(15)), y + 0.38 * std::sin(k * radians(15)), 0.06);
      p.setBrush(Qt::NoBrush);
      p.drawPolyline(rotor);
    }
  p.setBrush(look.surface);
  p.drawPolygon(QPolygonF{at(1.0, 0, 0.05), at(0.3, 0.28, 0.05), at(-0.7, 0.24, 0.05), at(-0.7, -0.24, 0.05),
                          at(0.3, -0.28, 0.05)});
  p.setBrush(look.accent);
  p.setPen(Qt::NoPen);
  p.drawPolygon(QPolygonF{at(1.15, 0, 0.05), at(0.72, 0.2, 0.05), at(0.72, -0.2, 0.05)});
  p.setPen(QPen(look.muted, 3, Qt::SolidLine, Qt::RoundCap));
  p.drawLine(at(-0.6, 0, 0.05), at(-0.6, 0, 0.6));  // a mast on its top, so that top and belly are told apart
  p.restore();
}

}  // namespace distanz::lanes

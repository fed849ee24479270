#include "lanes/paper/sides_paper.h"

#include <fmt/format.h>

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/log/sides.h"
#include "core/text/text.h"
#include "lanes/paper/text_paper.h"
#include "lanes/said.h"
#include "words/phrases.h"
#include "words/quantity.h"

namespace distanz::lanes {
namespace {

constexpr double kPolarTitle_px = 26, kPolarSide_px = 250, kPolarMost_px = 360, kPolarNote_px = 34, kPolarGap_px = 20;
constexpr double kPolarLow_db = -12, kPolarHigh_db = 6, kRing_db = 3;

constexpr int kFewBearings = 4;  // fewer lie in one direction

using Effects = std::vector<std::optional<estimate::Interval>>;

/// One drawing: a setup's sides, or its bearings.
struct Polar {
  const analysis::SidesOnLink* of;
  bool bearings;
  const Effects& effects() const { return bearings ? of->bearing_db : of->side_db; }
};

std::vector<Polar> polarsOf(const SidesSheet& s) {
  std::vector<Polar> out;
  for (const analysis::SidesOnLink& on : s.analysis.sides) {
    if (on.link != s.link) continue;
    if (on.sides_seen > 0) out.push_back({&on, false});
    if (on.bearings_seen >= kFewBearings) out.push_back({&on, true});
  }
  return out;
}

/// As many in a row as have room, as large as fills it.
struct Grid {
  std::size_t columns;
  double side_px;
  double height_px() const { return kPolarTitle_px + side_px + kPolarNote_px; }
};

Grid gridOf(std::size_t polars, double width) {
  const double room = std::max(std::floor((width + kPolarGap_px) / (kPolarSide_px + kPolarGap_px)), 1.0);
  const std::size_t columns = std::clamp<std::size_t>(polars, 1, static_cast<std::size_t>(room));
  return {columns, std::clamp((width + kPolarGap_px) / double(columns) - kPolarGap_px, kPolarSide_px, kPolarMost_px)};
}

double radiusAt(double db, double radius) {
  return radius * (std::clamp(db, kPolarLow_db, kPolarHigh_db) - kPolarLow_db) / (kPolarHigh_db - kPolarLow_db);
}

QPointF at(const QPointF& centre, double angle_deg, double r) {
  const double a = angle_deg * std::numbers::pi / 180;
  return centre + QPointF(std::sin(a), -std::cos(a)) * r;
}

/// The rings, every 3 dB, the mean one stronger.
void drawRings(QPainter& p, const QPointF& centre, double radius, const Look& look) {
  p.setBrush(look.surface);
  p.setPen(QPen(look.hairline, 1));
  p.drawEllipse(centre, radius, radius);
  p.setBrush(Qt::NoBrush);
  for (double db = kPolarLow_db + kRing_db; db < kPolarHigh_db; db += kRing_db) {
    p.setPen(QPen(db == 0 ? look.muted : look.hairline, 1));
    const double r = radiusAt(db, radius);
    p.drawEllipse(centre, r, r);
  }
  for (int k = 0; k < 12; ++k) {
    p.setPen(QPen(look.hairline, 1));
    p.drawLine(at(centre, 30.0 * k, radiusAt(kPolarLow_db + kRing_db, radius)), at(centre, 30.0 * k, radius));
  }
  for (const double db : {-9.0, -6.0, -3.0, 0.0, 3.0})
    line(p, QRectF(centre.x() + 3, centre.y() - radiusAt(db, radius) - 12, 60, 12), (db > 0 ? "+" : "") + words::number(db, 0) + (db == 0 ? " dB" : ""), look.muted, look.font(type::kSmall, false));
}

/// A sector's interval as a wedge, its estimate as an arc; what was not seen stays empty.
void drawSectors(QPainter& p, const QPointF& centre, double radius, const Effects& effects, const QColor& colour) {
  QColor band = colour;
  band.setAlphaF(0.22F);
  const double half = log::kSector_deg / 2 - 0.6;
  for (std::size_t s = 0; s < effects.size(); ++s) {
    if (!effects[s]) continue;
    const double middle = double(s) * log::kSector_deg;
    QPolygonF wedge, arc;
    for (double a = -half; a <= half + 0.01; a += half / 3) {
      wedge << at(centre, middle + a, radiusAt(effects[s]->high, radius));
      arc << at(centre, middle + a, radiusAt(effects[s]->estimate, radius));
    }
    for (double a = half; a >= -half - 0.01; a -= half / 3) wedge << at(centre, middle + a, radiusAt(effects[s]->low, radius));
    p.setPen(Qt::NoPen);
    p.setBrush(band);
    p.drawPolygon(wedge);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(colour, 2.6, Qt::SolidLine, Qt::FlatCap));
    p.drawPolyline(arc);
  }
}

/// What lies in the middle: the aircraft with its nose up, or the station's mast.
void drawMiddle(QPainter& p, const QPointF& c, bool bearings, const Look& look) {
  p.setPen(QPen(look.ink, 1.4));
  p.setBrush(look.surface);
  if (bearings) {
    p.drawEllipse(c, 5, 5);
    p.drawLine(c, c + QPointF(0, -14));
    return;
  }
  p.drawPolygon(QPolygonF{c + QPointF(0, -14), c + QPointF(6, 9), c + QPointF(0, 5), c + QPointF(-6, 9)});
}

void drawNames(QPainter& p, const QPointF& c, double radius, bool bearings, const Look& look) {
  const QString names[] = {bearings ? Said::tr("far post") : Said::tr("nose"), bearings ? Said::tr("90° right") : Said::tr("right"),
                           bearings ? Said::tr("behind") : Said::tr("tail"), bearings ? Said::tr("90° left") : Said::tr("left")};
  for (int k = 0; k < 4; ++k) {
    const QPointF end = at(c, 90.0 * k, radius + 11);
    const double wide = 60;
    QRectF box(end.x() - wide / 2, end.y() - 7, wide, 14);
    if (k == 1) box.moveLeft(c.x() + radius + 4);
    if (k == 3) box.moveRight(c.x() - radius - 4);
    line(p, box, names[k], look.muted, look.font(type::kSmall, false), k == 1 ? Qt::AlignLeft : k == 3 ? Qt::AlignRight : Qt::AlignHCenter);
  }
}

QString noteOf(const Polar& polar) {
  const int seen = polar.bearings ? polar.of->bearings_seen : polar.of->sides_seen;
  return Said::tr("%1 of %2 directions, %3; band: 95 %").arg(seen).arg(log::kSectors).arg(words::counted("flights", polar.of->flights));
}

}  // namespace

double heightOf(const SidesSheet& s, double width) {
  const std::size_t polars = std::max<std::size_t>(polarsOf(s).size(), 1);
  const Grid grid = gridOf(polars, width);
  return std::ceil(double(polars) / double(grid.columns)) * (grid.height_px() + kPolarGap_px);
}

void paint(QPainter& p, double width, const SidesSheet& s, const Look& look) {
  p.setRenderHint(QPainter::Antialiasing);
  const std::vector<Polar> polars = polarsOf(s);
  const Grid grid = gridOf(polars.size(), width);
  for (std::size_t i = 0; i < polars.size(); ++i) {
    const QRectF box(double(i % grid.columns) * (grid.side_px + kPolarGap_px), double(i / grid.columns) * (grid.height_px() + kPolarGap_px), grid.side_px,
                     grid.height_px());
    setupTitle(p, QRectF(box.left(), box.top(), box.width(), kPolarTitle_px), s.campaign, polars[i].of->setup, look);
    const QPointF centre(box.center().x(), box.top() + kPolarTitle_px + grid.side_px / 2);
    const double radius = grid.side_px / 2 - 38;
    drawRings(p, centre, radius, look);
    drawSectors(p, centre, radius, polars[i].effects(), look.setup(campaign::setupIndex(s.campaign, polars[i].of->setup), 1).color());
    drawMiddle(p, centre, polars[i].bearings, look);
    drawNames(p, centre, radius, polars[i].bearings, look);
    line(p, QRectF(box.left(), box.bottom() - kPolarNote_px, box.width(), 16),
         polars[i].bearings ? Said::tr("where the station saw the aircraft") : Said::tr("side facing the station, from above"), look.ink, look.font(type::kSmall, false), Qt::AlignHCenter);
    line(p, QRectF(box.left(), box.bottom() - kPolarNote_px + 16, box.width(), 14), noteOf(polars[i]), look.muted, look.font(type::kSmall, false), Qt::AlignHCenter);
  }
}

std::string csvOf(const SidesSheet& s) {
  std::string out = "setup,link,of,angle_deg,effect_db,low_db,high_db\n";
  for (const Polar& polar : polarsOf(s))
    for (std::size_t k = 0; k < polar.effects().size(); ++k)
      if (const auto& e = polar.effects()[k])
        out += fmt::format("{},{},{},{:.0f},{:.3f},{:.3f},{:.3f}\n", text::csvField(polar.of->setup), text::csvField(polar.of->link), polar.bearings ? "bearing" : "side",
                           double(k) * log::kSector_deg, e->estimate, e->low, e->high);
  return out;
}

}  // namespace distanz::lanes

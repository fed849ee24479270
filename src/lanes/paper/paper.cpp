#include "lanes/paper/paper.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "lanes/paper/marks.h"
#include "lanes/paper/sheet.h"
#include "words/quantity.h"

namespace distanz::lanes {
namespace {

constexpr double kHatch_px = 7;
constexpr double kBandAlpha = 0.22;

/// The part of a segment within a rectangle (Liang and Barsky 1984). @return false where none is
bool cut(QPointF& a, QPointF& b, const QRectF& r) {
  const QPointF d = b - a;
  double t0 = 0, t1 = 1;
  const std::pair<double, double> edges[] = {{-d.x(), a.x() - r.left()},
                                             {d.x(), r.right() - a.x()},
                                             {-d.y(), a.y() - r.top()},
                                             {d.y(), r.bottom() - a.y()}};
  for (const auto& [p, q] : edges) {
    if (p == 0) {
      if (q < 0) return false;
      continue;
    }
    const double t = q / p;
    if (p < 0) t0 = std::max(t0, t);
    if (p > 0) t1 = std::min(t1, t);
    if (t0 > t1) return false;
  }
  b = a + t1 * d;
  a = a + t0 * d;
  return true;
}

struct Sheet {
  QPainter& p;
  const Look& look;
  const Lane& lane;
  QRectF area;
  double end_m;

  double x(double m) const { return area.left() + area.width() * m / end_m; }
  double y(double v) const {
    const double low = lane.rows.empty() ? lane.low : double(lane.rows.size()) - 0.3,
                 high = lane.rows.empty() ? lane.high : -0.7;
    return area.bottom() - area.height() * (v - low) / (high - low);
  }
  double within(double v) const { return std::clamp(y(v), area.top(), area.bottom()); }

  QColor colour(const Ink& ink) const {
    QColor c = ink.role == Ink::Role::Setup      ? look.setup(ink.mark, 1).color()
               : ink.role == Ink::Role::Muted    ? look.muted
               : ink.role == Ink::Role::Hairline ? look.hairline
               : ink.role == Ink::Role::Accent   ? look.accent
                                                 : look.ink;
    c.setAlphaF(float(ink.alpha));
    return c;
  }

  void polyline(const std::vector<double>& xs, const std::vector<double>& ys) const {
    QPolygonF run;
    const auto flush = [&] {
      if (run.size() > 1) p.drawPolyline(run);
      run.clear();
    };
    for (std::size_t i = 1; i < xs.size(); ++i) {
      QPointF a(x(xs[i - 1]), y(ys[i - 1])), b(x(xs[i]), y(ys[i]));
      if (!std::isfinite(a.y()) || !std::isfinite(b.y()) || !cut(a, b, area)) {
        flush();
        continue;
      }
      if (run.isEmpty() || run.back() != a) {
        flush();
        run << a;
      }
      run << b;
    }
    flush();
  }

  void scale() const {
    p.setFont(look.font(type::kSmall, false));
    if (!lane.rows.empty()) {
      for (std::size_t i = 0; i < lane.rows.size(); ++i)
        label(y(double(i)), QString::fromStdString(lane.rows[i]));
      return;
    }
    const double step = niceStep(lane.high - lane.low, area.height() > 60 ? 4 : 2);
    for (double v = std::ceil(lane.low / step) * step; v <= lane.high; v += step) {
      p.setPen(QPen(look.hairline, 1));
      p.drawLine(QPointF(area.left(), y(v)), QPointF(area.right(), y(v)));
      label(y(v), words::shortNumber(v, 3));
    }
  }
  void label(double at, const QString& text) const {
    p.setPen(look.muted);
    p.drawText(QRectF(0, at - 8, area.left() - 6, 16), Qt::AlignRight | Qt::AlignVCenter, text);
  }

  void band(const Band& b) const {
    QPolygonF shape;
    for (std::size_t i = 0; i < b.x.size(); ++i)
      shape << QPointF(std::clamp(x(b.x[i]), area.left(), area.right()), within(b.high[i]));
    for (std::size_t i = b.x.size(); i-- > 0;)
      shape << QPointF(std::clamp(x(b.x[i]), area.left(), area.right()), within(b.low[i]));
    QColor fill = colour(b.ink);
    fill.setAlphaF(float(kBandAlpha * b.ink.alpha));
    p.setPen(Qt::NoPen);
    p.setBrush(fill);
    p.drawPolygon(shape);
  }

  void line(const Line& l) const {
    QPen pen = l.width > 0 && l.ink.role == Ink::Role::Setup
                   ? look.setup(l.ink.mark, l.width)
                   : QPen(colour(l.ink), l.width > 0 ? l.width : 0.6);
    pen.setColor(colour(l.ink));
    p.setPen(pen);
    polyline(l.x, l.y);
  }

  /// The hatch is drawn stroke by stroke: patterns and clipping are beyond the SVG generator.
  void floor(const Floor& f) const {
    const double top = within(f.y);
    const QRectF ground(area.left(), top, area.width(), area.bottom() - top);
    p.setPen(QPen(look.muted, 0.5));
    for (double at = ground.left() - ground.height(); f.hatched && at < ground.right(); at += kHatch_px) {
      QPointF a(at, ground.bottom()), b(at + ground.height(), ground.top());
      if (ground.height() > 0 && cut(a, b, ground)) p.drawLine(a, b);
    }
    p.setPen(QPen(look.ink, f.hatched ? 1.6 : 0.8));
    if (top > area.top() && top < area.bottom()) p.drawLine(ground.topLeft(), ground.topRight());
    const QString text = QString::fromStdString(f.label);
    p.setFont(look.font(type::kSmall, true));
    const double height = 15, y_text = top + 1 + height > area.bottom() ? top - 1 - height : top + 1;
    const QRectF box(area.left() + 0.006 * area.width(), y_text, p.fontMetrics().horizontalAdvance(text) + 8,
                     height);
    p.fillRect(box, look.surface);
    p.setPen(look.ink);
    p.drawText(box, Qt::AlignCenter, text);
  }

  void bars(const Bars& b) const {
    p.setPen(Qt::NoPen);
    p.setBrush(colour(b.ink));
    for (std::size_t i = 0; i < b.x.size(); ++i) {
      const double left = std::max(x(b.x[i] - b.width_m / 2), area.left()),
                   right = std::min(x(b.x[i] + b.width_m / 2), area.right());
      if (right > left)
        p.drawRect(QRectF(QPointF(left, within(0)), QPointF(right, within(b.y[i]))).normalized());
    }
  }

  void strokes(const Strokes& s) const {
    QPen pen(colour(s.ink), s.width);
    pen.setCapStyle(Qt::FlatCap);
    p.setPen(pen);
    for (const Stroke& k : s.strokes) {
      QPointF a(x(k.x0), y(k.y)), b(x(k.x1), y(k.y));
      if (cut(a, b, area)) p.drawLine(a, b);
    }
  }

  void dots(const Dots& d) const {
    for (const Dot& dot : d.dots) {
      const QPointF at(x(dot.x), y(dot.y));
      if (!area.contains(at)) continue;
      p.setPen(QPen(dot.marked ? look.caution : look.surface, dot.marked ? 2.5 : 1.5));
      p.setBrush(colour(d.ink));
      p.drawEllipse(at, dot.marked ? 6 : 4.5, dot.marked ? 6 : 4.5);
    }
  }

  void draw() const {
    p.setFont(look.font(type::kSmall, true));
    p.setPen(look.muted);
    const QString title = QString::fromStdString(lane.title), unit = QString::fromStdString(lane.unit);
    p.drawText(QRectF(area.left(), area.top() - kTitle_px, area.width(), kTitle_px),
               Qt::AlignLeft | Qt::AlignVCenter, unit.isEmpty() ? title : title + ", " + unit);
    p.fillRect(area, look.surface);
    scale();
    for (const Band& b : lane.bands) band(b);
    for (const Bars& b : lane.bars) bars(b);
    for (const Line& l : lane.lines) line(l);
    for (const Floor& f : lane.floors) floor(f);
    for (const Strokes& s : lane.strokes) strokes(s);
    for (const Dots& d : lane.dots) dots(d);
    if (!lane.note.empty()) {
      p.setFont(look.font(type::kSmall, false));
      p.setPen(look.muted);
      p.drawText(area, Qt::AlignCenter, QString::fromStdString(lane.note));
    }
    p.setPen(QPen(look.hairline, 1));
    p.setBrush(Qt::NoBrush);
    p.drawRect(area);
  }
};

void distances(QPainter& p, const Look& look, const QRectF& last, double end_m) {
  p.setFont(look.font(type::kSmall, false));
  p.setPen(look.muted);
  const words::Marks marks = words::distanceMarks(end_m / 9, end_m);
  for (double d = 0; d <= end_m; d += marks.step_m)
    p.drawText(QRectF(last.left() + last.width() * d / end_m - 40, last.bottom() + 2, 80, 16),
               Qt::AlignCenter, marks.text(d));
}

}  // namespace

void paint(QPainter& p, QSizeF size, const Lanes& lanes, const Look& look) {
  p.setRenderHint(QPainter::Antialiasing);
  p.fillRect(QRectF(QPointF(0, 0), size), look.paper);
  QRectF last;
  for (const Slot& slot : layoutOf(lanes, size.height())) {
    last = QRectF(look.left_px, slot.top, size.width() - look.left_px - look.right_px, slot.height);
    Sheet{p, look, lanes.lanes[slot.lane], last, lanes.end_m}.draw();
  }
  if (!last.isNull()) distances(p, look, last, lanes.end_m);
}

}  // namespace distanz::lanes

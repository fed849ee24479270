#include "lanes/paper/plot_paper.h"

#include <fmt/format.h>

#include <QPainter>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/text/text.h"
#include "lanes/paper/marks.h"
#include "lanes/paper/sheet.h"
#include "words/phrases.h"
#include "words/quantity.h"

namespace distanz::lanes {
namespace {

using records::Curve;
using records::Plot;

struct Span {
  double low = INFINITY, high = -INFINITY;
  void take(double v) {
    if (std::isfinite(v)) low = std::min(low, v), high = std::max(high, v);
  }
  void pad(double share) {
    if (!(high >= low)) low = 0, high = 1;
    const double room = high > low ? (high - low) * share : std::max(std::abs(high), 1.0) * 0.5;
    low -= room, high += room;
  }
};

QString axisText(const std::string& term, quantity::Unit unit) {
  const QString what = words::term(term), symbol = QString::fromUtf8(quantity::symbolOf(unit).data());
  return symbol.isEmpty() ? what : what + " [" + symbol + "]";
}

QString nameOf(const std::string& name) {
  const QString role = words::term("role-" + name);
  return role.startsWith("role-") ? QString::fromStdString(name) : role;
}

/// A curve in pixels, thinned to what can be seen: the first, least, greatest and last of each column.
template <class At>
QPolygonF thinned(const Curve& c, const At& at) {
  QPolygonF out;
  std::size_t i = 0;
  while (i < c.x.size()) {
    const double column = std::floor(at(c.x[i], c.y[i]).x()) + 1;  // where the next one begins
    QPointF first, least, most, last;
    bool any = false;
    for (; i < c.x.size(); ++i) {
      const QPointF p = at(c.x[i], c.y[i]);
      if (p.x() >= column || p.x() < column - 1) break;
      if (!any) first = least = most = p;
      any = true;
      last = p;
      if (p.y() < least.y()) least = p;
      if (p.y() > most.y()) most = p;
    }
    if (!any) break;
    for (const QPointF& p : {first, least, most, last})
      if (out.isEmpty() || out.back() != p) out << p;
  }
  return out;
}

class Drawing {
 public:
  Drawing(QPainter& p, const QRectF& area, const Plot& plot, const Look& look, bool small)
      : m_p(p), m_all(area), m_plot(plot), m_look(look), m_small(small) {}

  void draw() {
    m_p.save();
    m_p.setRenderHint(QPainter::Antialiasing);
    if (m_plot.kind == Plot::Kind::Graph)
      graph();
    else if (m_plot.kind == Plot::Kind::Polar)
      polar();
    else
      plane();
    m_p.restore();
  }

 private:
  /// Told apart by dash and tone: colours are the setups'. Curves without a name are one thing, drawn twice.
  QPen penOf(std::size_t i, double width) const {
    static const QVector<qreal> kDashes[] = {{}, {7, 3}, {2, 2.5}, {8, 3, 2, 3}};
    const std::size_t k = m_plot.curves[i].name.empty() ? 0 : i;
    QPen pen(k % 2 == 0 ? m_look.ink : m_look.muted, width);
    if (const QVector<qreal>& dash = kDashes[k % std::size(kDashes)]; !dash.isEmpty()) pen.setDashPattern(dash);
    return pen;
  }

  void legend(const QRectF& area) {
    std::vector<std::size_t> named;
    for (std::size_t i = 0; i < m_plot.curves.size(); ++i)
      if (!m_plot.curves[i].name.empty()) named.push_back(i);
    if (named.size() < 2 || m_small) return;
    double x = area.left();
    m_p.setFont(m_look.font(type::kSmall, false));
    for (std::size_t i : named) {
      const QString text = nameOf(m_plot.curves[i].name);
      const double wide = QFontMetricsF(m_p.font()).horizontalAdvance(text);
      if (x + 24 + wide > area.right()) break;
      m_p.setPen(penOf(i, 2));
      m_p.drawLine(QPointF(x, area.top() - 12), QPointF(x + 18, area.top() - 12));
      m_p.setPen(m_look.ink);
      m_p.drawText(QRectF(x + 24, area.top() - 20, wide + 4, 16), Qt::AlignVCenter, text);
      x += 24 + wide + 20;
    }
  }

  template <class At>
  void curves(const At& at) {
    for (std::size_t i = 0; i < m_plot.curves.size(); ++i) {
      const Curve& c = m_plot.curves[i];
      QPen pen = penOf(i, m_small ? 1.5 : 2);
      if (c.line) {
        m_p.setPen(pen);
        m_p.setBrush(Qt::NoBrush);
        m_p.drawPolyline(m_plot.kind == Plot::Kind::Graph ? thinned(c, at) : plain(c, at));
      } else {
        m_p.setPen(Qt::NoPen);
        m_p.setBrush(pen.color());
        const double r = m_small ? 1.5 : 4;
        for (std::size_t k = 0; k < c.x.size(); ++k) m_p.drawEllipse(at(c.x[k], c.y[k]), r, r);
      }
    }
  }
  template <class At>
  static QPolygonF plain(const Curve& c, const At& at) {
    QPolygonF out;
    for (std::size_t k = 0; k < c.x.size(); ++k) out << at(c.x[k], c.y[k]);
    return out;
  }

  void graph() {
    const QRectF area =
        m_small ? m_all.adjusted(1, 2, -1, -2) : m_all.adjusted(m_look.left_px, 24, -m_look.right_px, -40);
    Span x, y;
    for (const Curve& c : m_plot.curves) {
      for (double v : c.x) x.take(v);
      for (double v : c.y) y.take(v);
    }
    for (const Measure& m : m_plot.levels) y.take(m.value);
    const bool swept = std::any_of(m_plot.curves.begin(), m_plot.curves.end(),
                                   [](const Curve& c) { return c.line && c.x.size() > 20; });
    x.pad(swept ? 0 : 0.06);
    y.pad(0.06);
    const auto at = [&](double vx, double vy) {
      return QPointF(area.left() + area.width() * (vx - x.low) / (x.high - x.low),
                     area.bottom() - area.height() * (vy - y.low) / (y.high - y.low));
    };
    if (!m_small) scales(area, x, y);
    for (const Measure& m : m_plot.levels) {
      if (m.value < y.low || m.value > y.high) continue;
      m_p.setPen(QPen(m_look.muted, 1, Qt::DashLine));
      m_p.drawLine(QPointF(area.left(), at(x.low, m.value).y()),
                   QPointF(area.right(), at(x.low, m.value).y()));
    }
    for (const Measure& m : m_plot.marks) mark(area, at(m.value, y.low).x(), m);
    curves(at);
    legend(area);
  }

  void mark(const QRectF& area, double at, const Measure& m) {
    if (at < area.left() - 0.5 || at > area.right() + 0.5) return;
    m_p.setPen(QPen(m_look.accent, m_small ? 1 : 1.5));
    m_p.drawLine(QPointF(at, area.top()), QPointF(at, area.bottom()));
    if (m_small) return;
    m_p.setFont(m_look.font(type::kSmall, true));
    const QString text = words::exactly(m.value, m.unit);
    const double wide = QFontMetricsF(m_p.font()).horizontalAdvance(text) + 8;
    const bool left = at + wide > area.right();
    m_p.drawText(QRectF(left ? at - wide - 4 : at + 4, area.top() + 2, wide, 16),
                 left ? Qt::AlignRight : Qt::AlignLeft, text);
  }

  void scales(const QRectF& area, const Span& x, const Span& y) {
    m_p.setFont(m_look.font(type::kSmall, false));
    const auto round = [](double v, double step) { return std::abs(v) < step * 1e-6 ? 0.0 : v; };
    double step = niceStep(y.high - y.low, static_cast<int>(area.height() / 44));
    for (double v = std::ceil(y.low / step) * step; v <= y.high; v += step) {
      const double py = area.bottom() - area.height() * (v - y.low) / (y.high - y.low);
      m_p.setPen(QPen(m_look.hairline, 1));
      m_p.drawLine(QPointF(area.left(), py), QPointF(area.right(), py));
      m_p.setPen(m_look.muted);
      m_p.drawText(QRectF(m_all.left(), py - 8, m_look.left_px - 6, 16), Qt::AlignRight | Qt::AlignVCenter,
                   words::shortNumber(round(v, step), 3));
    }
    step = niceStep(x.high - x.low, static_cast<int>(area.width() / 90));
    for (double v = std::ceil(x.low / step) * step; v <= x.high; v += step) {
      const double px = area.left() + area.width() * (v - x.low) / (x.high - x.low);
      m_p.setPen(QPen(m_look.hairline, 1));
      m_p.drawLine(QPointF(px, area.top()), QPointF(px, area.bottom()));
      m_p.setPen(m_look.muted);
      m_p.drawText(QRectF(px - 45, area.bottom() + 2, 90, 16), Qt::AlignCenter,
                   words::shortNumber(round(v, step), 3));
    }
    m_p.setPen(m_look.muted);
    m_p.drawText(QRectF(area.left(), area.bottom() + 20, area.width(), 16), Qt::AlignRight | Qt::AlignVCenter,
                 axisText(m_plot.x, m_plot.x_unit));
    if (!hasLegend())
      m_p.drawText(QRectF(area.left(), m_all.top(), area.width(), 16), Qt::AlignLeft | Qt::AlignVCenter,
                   axisText(m_plot.y, m_plot.y_unit));
    else  // above stand the curves' names, which may need all of the width
      m_p.drawText(QRectF(m_all.left(), area.bottom() + 20, area.width(), 16), Qt::AlignLeft | Qt::AlignVCenter,
                   QStringLiteral("\u2191 ") + axisText(m_plot.y, m_plot.y_unit));
  }
  bool hasLegend() const {
    return std::count_if(m_plot.curves.begin(), m_plot.curves.end(),
                         [](const Curve& c) { return !c.name.empty(); }) > 1;
  }

  /// 0 dB at the rim, 30 below in the middle.
  void polar() {
    constexpr double kDepth_db = 30;
    const double radius = std::min(m_all.width(), m_all.height()) / 2 - (m_small ? 2 : 26);
    const QPointF centre = m_all.center();
    const auto at = [&](double angle, double level) {
      const double r = radius * std::clamp(1 + level / kDepth_db, 0.0, 1.1),
                   a = angle * std::numbers::pi / 180;
      return centre + QPointF(r * std::sin(a), -r * std::cos(a));
    };
    for (const records::Sector& s : m_plot.sectors) {
      QPolygonF wedge{centre};
      for (double a = s.from_deg; a < s.to_deg; a += 2) wedge << at(a, 0);
      wedge << at(s.to_deg, 0);
      QColor ground = s.name == "path" ? m_look.accent : m_look.muted;
      ground.setAlphaF(0.22f);
      m_p.setPen(s.name == "path" ? QPen(m_look.accent, 1) : QPen(Qt::NoPen));
      m_p.setBrush(s.name == "path" ? QBrush(ground) : QBrush(ground, Qt::BDiagPattern));
      m_p.drawPolygon(wedge);
      if (m_small) continue;
      const QPointF text = centre + (at((s.from_deg + s.to_deg) / 2, 0) - centre) * 0.55;
      m_p.setFont(m_look.font(type::kSmall, true));
      m_p.setPen(s.name == "path" ? m_look.accent : m_look.muted);
      m_p.drawText(QRectF(text.x() - 40, text.y() - 8, 80, 16), Qt::AlignCenter, nameOf(s.name));
    }
    // The levels stand where no sector's name does.
    const bool named_right = std::any_of(m_plot.sectors.begin(), m_plot.sectors.end(), [](const records::Sector& s) {
      const double middle = (s.from_deg + s.to_deg) / 2;
      return middle > 0 && middle < 90;
    });
    m_p.setBrush(Qt::NoBrush);
    m_p.setFont(m_look.font(type::kSmall, false));
    for (double level = 0; level > -kDepth_db; level -= m_small ? 15 : 10) {
      m_p.setPen(QPen(m_look.hairline, 1));
      m_p.drawEllipse(centre, radius * (1 + level / kDepth_db), radius * (1 + level / kDepth_db));
      if (m_small) continue;
      m_p.setPen(m_look.muted);
      m_p.drawText(QRectF(centre.x() - (named_right ? 63 : -3), at(0, level).y() + 1, 60, 14),
                   named_right ? Qt::AlignRight : Qt::AlignLeft,
                   words::quantity(level, quantity::Unit::Decibel, 0));
    }
    for (int angle = 0; angle < 360 && !m_small; angle += 30) {
      m_p.setPen(QPen(m_look.hairline, 1));
      m_p.drawLine(centre, at(angle, 0));
      m_p.setPen(m_look.muted);
      const QPointF text = centre + (at(angle, 0) - centre) * ((radius + 14) / radius);
      m_p.drawText(QRectF(text.x() - 24, text.y() - 8, 48, 16), Qt::AlignCenter,
                   words::quantity(angle > 180 ? angle - 360 : angle, quantity::Unit::Degree, 0));
    }
    curves(at);
    legend(m_all.adjusted(0, 20, 0, 0));
  }

  /// The unit circle is where all comes back.
  void plane() {
    const double radius = std::min(m_all.width(), m_all.height()) / 2 - (m_small ? 2 : 26);
    const QPointF centre = m_all.center();
    const auto at = [&](double re, double im) {
      const double size = std::hypot(re, im), shrink = size > 1.1 ? 1.1 / size : 1;
      return centre + QPointF(re, -im) * radius * shrink;
    };
    m_p.setBrush(Qt::NoBrush);
    m_p.setPen(QPen(m_look.hairline, 1));
    for (double r : {1.0, 0.5, 1.0 / 3, 0.2}) m_p.drawEllipse(centre, radius * r, radius * r);
    m_p.drawLine(at(-1, 0), at(1, 0));
    m_p.drawLine(at(0, -1), at(0, 1));
    if (!m_small) {
      m_p.setFont(m_look.font(type::kSmall, false));
      m_p.setPen(m_look.muted);
      for (const auto& [r, text] : {std::pair(0.5, "VSWR 3"), {1.0 / 3, "2"}, {0.2, "1.5"}})
        m_p.drawText(QRectF(centre.x() + 4, centre.y() - radius * r - 1, 60, 14), Qt::AlignLeft, text);
    }
    curves(at);
    legend(m_all.adjusted(0, 24, 0, 0));
  }

  QPainter& m_p;
  QRectF m_all;
  const Plot& m_plot;
  const Look& m_look;
  bool m_small;
};

}  // namespace

void paint(QPainter& painter, const QRectF& area, const records::Plot& plot, const Look& look, bool small) {
  if (!plot.empty()) Drawing(painter, area, plot, look, small).draw();
}

std::string csvOf(const records::Plot& plot) {
  std::string out = "curve,x,y\n";
  for (const Curve& c : plot.curves)
    for (std::size_t i = 0; i < c.x.size(); ++i)
      out += fmt::format("{},{:.12g},{:.12g}\n", text::csvField(c.name), c.x[i], c.y[i]);
  return out;
}

}  // namespace distanz::lanes

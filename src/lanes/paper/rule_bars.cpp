#include "lanes/paper/rule_bars.h"

#include <QLinearGradient>
#include <QPainter>
#include <algorithm>

#include "lanes/paper/text_paper.h"
#include "words/phrases.h"

namespace distanz::lanes {
namespace {

/// From a colour to nothing: the one gradient there is, uncertainty itself.
QLinearGradient fading(const QColor& colour, double from_px, double to_px) {
  QLinearGradient fade(from_px, 0, to_px, 0);
  QColor gone = colour;
  gone.setAlphaF(0.06F);
  fade.setColorAt(0, colour);
  fade.setColorAt(1, gone);
  return fade;
}

void diamond(QPainter& p, double x, double y, const QColor& colour, const Look& look) {
  p.setPen(QPen(colour, 1.6));
  p.setBrush(look.surface);
  p.drawPolygon(QPolygonF{{x - 5, y}, {x, y - 5}, {x + 5, y}, {x, y + 5}});
}

void wedge(QPainter& p, double x, double top, const Look& look) {
  p.setPen(QPen(look.surface, 1));
  p.setBrush(look.ink);
  p.drawPolygon(QPolygonF{{x - 6, top - 6}, {x + 6, top - 6}, {x, top + 4}});
}

class Bar {
 public:
  Bar(QPainter& p, const RuleRow& row, const RuleAxis& axis, const QRectF& area, const Look& look)
      : m_p(p), m_row(row), m_a(axis), m_look(look), m_colour(look.setup(row.mark, 1).color()) {
    const double height = std::clamp(area.height() - (area.height() < 16 ? 6 : 14), 5.0, 20.0);
    m_bar = QRectF(axis.x(0), area.center().y() - height / 2, axis.x(axis.end_m) - axis.x(0), height);
  }
  void all() {
    if (m_row.predicted_m) predicted();
    if (m_row.flown) flown();
    if (!m_row.turn.empty() && m_row.turn_m <= m_a.end_m) turn();
  }

 private:
  void predicted();
  void flown();
  void reliable();
  void median();
  void turn();

  QPainter& m_p;
  const RuleRow& m_row;
  const RuleAxis m_a;
  const Look& m_look;
  QColor m_colour;
  QRectF m_bar;
};

/// Before it flew also what nobody measured as a whisker, and its reliable part set apart.
void Bar::predicted() {
  const QRectF box = m_bar.adjusted(0, -3, 0, 3);
  const double reach = m_a.clipped(*m_row.predicted_m);
  m_p.setBrush(Qt::NoBrush);
  m_p.setPen(QPen(m_colour, 1));
  if (*m_row.predicted_m < m_a.end_m) {
    m_p.drawRect(QRectF(box.left(), box.top(), reach - box.left(), box.height()));
  } else {  // it goes on beyond the rule: an arrow, not an end
    m_p.drawPolyline(QPolygonF{{reach - 8, box.top()}, box.topLeft(), box.bottomLeft(), {reach - 8, box.bottom()}});
    const double y = box.center().y();
    m_p.drawPolyline(QPolygonF{{reach - 6, y - 5}, {reach, y}, {reach - 6, y + 5}});
  }
  if (m_row.flown || !m_row.sure) return;
  const double y = box.center().y(), sure = m_a.clipped(m_row.sure->dependable_m);
  m_p.setPen(QPen(m_colour, 2));
  m_p.drawLine(QPointF(sure, box.top()), QPointF(sure, box.bottom()));
  m_p.setPen(QPen(m_colour, 1));
  m_p.drawLine(QPointF(m_a.clipped(m_row.sure->low_m), y), QPointF(m_a.clipped(m_row.sure->high_m), y));
}

void Bar::flown() {
  m_p.setPen(QPen(m_colour, 1));
  m_p.setBrush(QBrush(m_colour, Qt::BDiagPattern));
  m_p.drawRect(QRectF(m_bar.left(), m_bar.top() + 2, m_a.clipped(m_row.farthest_m) - m_bar.left(), m_bar.height() - 4));
  if (m_row.dependable.told_m() > 0) reliable();
  median();
}

void Bar::reliable() {
  const double reach = m_row.dependable.told_m();
  const double low = m_a.clipped(std::min(m_row.dependable.low_m.value_or(reach), reach));
  const double high = m_a.clipped(std::max(m_row.dependable.high_m.value_or(m_a.end_m), reach));
  m_p.setPen(Qt::NoPen);
  m_p.setBrush(m_look.surface);
  m_p.drawRect(QRectF(m_bar.left(), m_bar.top() + 1, high - m_bar.left(), m_bar.height() - 2));
  m_p.setBrush(m_colour);
  m_p.drawRect(QRectF(m_bar.left(), m_bar.top(), low - m_bar.left(), m_bar.height()));
  m_p.setBrush(fading(m_colour, low, high));
  m_p.drawRect(QRectF(low, m_bar.top(), high - low, m_bar.height()));
  m_p.setPen(QPen(m_colour, 2));
  const double x = m_a.clipped(reach);
  m_p.drawLine(QPointF(x, m_bar.top() - 2), QPointF(x, m_bar.bottom() + 2));
  m_p.setPen(QPen(m_look.caution, 1));
  m_p.setBrush(m_look.surface);
  for (const RuleRow::Hole& h : m_row.holes)
    if (h.from_m < m_a.end_m)
      m_p.drawRect(QRectF(m_a.x(h.from_m), m_bar.top() - 1, m_a.clipped(h.to_m) - m_a.x(h.from_m), m_bar.height() + 2));
}

/// A hollow diamond on the whisker of its interval; only what may be told.
void Bar::median() {
  const analysis::RangeAnswer& r = m_row.typical;
  if (!r.tellsEstimate()) return;
  const double y = m_bar.center().y();
  const QPointF low(m_a.clipped(r.low_m.value_or(0)), y), high(m_a.clipped(r.high_m.value_or(m_a.end_m)), y);
  m_p.setPen(QPen(m_look.surface, 4));
  m_p.drawLine(low, high);
  m_p.setPen(QPen(m_colour, 1.6));
  m_p.drawLine(low, high);
  diamond(m_p, m_a.clipped(*r.estimate_m), y, m_colour, m_look);
}

void Bar::turn() {
  const double x = m_a.x(m_row.turn_m);
  wedge(m_p, x, m_bar.top(), m_look);
  m_p.setPen(QPen(m_look.ink, 1.4));
  m_p.drawLine(QPointF(x, m_bar.top() + 2), QPointF(x, m_bar.bottom() + 4));
  if (m_bar.height() < 14) return;
  const QFont font = m_look.font(type::kSmall, false);
  m_p.setFont(font);
  const QString what = words::term("turn-" + m_row.turn);
  QRectF label(0, 0, m_p.fontMetrics().horizontalAdvance(what) + 6, 13);
  label.moveTopLeft({x + 4, m_bar.bottom() - 3});
  if (label.right() > m_bar.right()) label.moveRight(x - 4);
  m_p.setPen(Qt::NoPen);
  m_p.setBrush(m_look.surface);
  m_p.drawRect(label);
  line(m_p, label, what, m_look.ink, font, Qt::AlignCenter);
}

}  // namespace

void paintRuleBar(QPainter& p, const RuleRow& row, const RuleAxis& axis, const QRectF& area, const Look& look) {
  Bar(p, row, axis, area, look).all();
}

void paintRuleSign(QPainter& p, RuleSign sign, const QRectF& area, const QColor& colour, const Look& look) {
  const double y = area.center().y();
  p.setPen(Qt::NoPen);
  p.setBrush(colour);
  switch (sign) {
    case RuleSign::Solid:
      p.drawRect(area);
      p.setPen(QPen(colour, 2));
      p.drawLine(area.topRight() - QPointF(0, 2), area.bottomRight() + QPointF(0, 2));
      break;
    case RuleSign::Fade:
      p.setBrush(fading(colour, area.left(), area.right()));
      p.drawRect(area);
      break;
    case RuleSign::Median:
      p.setPen(QPen(colour, 1.6));
      p.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
      diamond(p, area.center().x(), y, colour, look);
      break;
    case RuleSign::Flown:
      p.setPen(QPen(colour, 1));
      p.setBrush(QBrush(colour, Qt::BDiagPattern));
      p.drawRect(area);
      break;
    case RuleSign::Predicted:
      p.setPen(QPen(colour, 1));
      p.setBrush(Qt::NoBrush);
      p.drawRect(area);
      break;
    case RuleSign::Gap:
      p.drawRect(area);
      p.setPen(QPen(look.caution, 1));
      p.setBrush(look.surface);
      p.drawRect(area.adjusted(area.width() / 3, -1, -area.width() / 3, 1));
      break;
    case RuleSign::Turn:
      wedge(p, area.center().x(), area.top() + 3, look);
      break;
  }
}

}  // namespace distanz::lanes

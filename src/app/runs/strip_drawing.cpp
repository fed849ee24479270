#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/runs/run_strip.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/log/channel.h"
#include "words/phrases.h"
#include "words/quantity.h"

/// How the strip is drawn; what is done with it stands in run_strip.cpp.
namespace distanz::app {
namespace {

double yOf(const log::StripLane& lane, double value, double top, double height) {
  return top + height * (1 - std::clamp((value - lane.low) / std::max(lane.high - lane.low, 1e-9), 0.0, 1.0));
}

QString titleOf(const log::StripLane& lane) {
  return words::channel(lane.channel);
}

double secondsMark(double least_s) {
  double step = 1;
  for (const double next : {2.0, 5.0, 10.0, 20.0, 30.0, 60.0, 120.0, 300.0, 600.0, 1200.0, 1800.0, 3600.0, 7200.0})
    if (step < least_s) step = next;
  return std::max(step, least_s / 2);
}

QString valueText(const log::StripLane& lane, double value) {
  const log::ChannelInfo* about = log::channelInfo(lane.channel);
  if (lane.channel == log::channel::kDistance) return distanceLabel(value);
  return about ? words::quantity(value, about->unit, 0) : words::shortNumber(value, 1);
}

}  // namespace

void RunStrip::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const auto& t = theme::tokens();
  if (!drawable()) {
    const QRectF all = QRectF(rect()).adjusted(theme::kAxisLeft, 24, -theme::kAxisRight, -20);
    p.fillRect(all, t.surface);
    p.setPen(t.hairline);
    p.drawRect(all);
    p.setPen(t.muted);
    p.drawText(all, Qt::AlignCenter, tr("Choose a run above to see it over time and over the path"));
    return;
  }
  p.setFont(theme::bodyFont(theme::kBody, true));
  p.setPen(t.ink);
  p.drawText(QRectF(timeSide().left(), 2, timeSide().width(), 20), Qt::AlignVCenter, m_shown->title);
  for (const Row& row : rows()) paintLane(p, row);
  paintTurnAndCuts(p);
  paintMarks(p);
  paintAxes(p);
  paintWarnings(p, rows().front());
  paintSources(p);
  if (hasFocus()) {
    p.setPen(QPen(t.accent, 1));
    p.setBrush(Qt::NoBrush);
    p.drawRect(timeSide());
  }
}

void RunStrip::paintLane(QPainter& p, const Row& row) const {
  const auto& t = theme::tokens();
  const log::StripLane& lane = *row.lane;
  const bool distance = &lane == &m_shown->strip.distance;
  const QRectF left(timeSide().left(), row.top, timeSide().width(), row.height),
      right(pathSide().left(), row.top, pathSide().width(), row.height);
  for (const QRectF& box : {left, right}) {
    if (distance && box == right) continue;
    p.fillRect(box, t.surface);
    p.setPen(t.hairline);
    p.drawRect(box);
  }
  QVector<QLineF> bars;
  QPolygonF line;
  for (std::size_t i = 0; i < lane.time_s.size(); ++i) {
    const double px = x(lane.time_s[i]), low = yOf(lane, lane.lowest[i], row.top, row.height),
                 high = yOf(lane, lane.highest[i], row.top, row.height);
    bars << QLineF(px, low + 0.5, px, high - 0.5);
    line << QPointF(px, (low + high) / 2);
  }
  p.setPen(QPen(m_shown->colour, 1.4, Qt::SolidLine, Qt::FlatCap));
  p.drawLines(bars);
  constexpr int kSparse = 500;  // readings so far apart are dots that nobody sees
  if (distance || line.size() < kSparse) p.drawPolyline(line);
  if (!distance) {
    for (const bool back : {false, true}) {
      const log::Trace& trace = back ? lane.over_path.back : lane.over_path.out;
      QPolygonF way;
      for (std::size_t i = 0; i < trace.distance_m.size(); ++i)
        way << QPointF(right.left() + right.width() * trace.distance_m[i] / std::max(m_shown->strip.farthest_m, 1.0),
                       yOf(lane, trace.value[i], row.top, row.height));
      p.setPen(QPen(m_shown->colour, 1.6, back ? Qt::DashLine : Qt::SolidLine));
      p.drawPolyline(way);
    }
  }
  p.setFont(theme::figureFont(theme::kSmall));
  p.setPen(t.muted);
  for (const QRectF& box : {left, right}) {
    if (distance && box == right) continue;
    const double text = box.left() - 6 - (box == left ? theme::kAxisLeft : 50);
    double lowest = row.top + row.height - 12;
    for (const double value : {lane.most, lane.least}) {
      const double y = std::clamp(yOf(lane, value, row.top, row.height) - 6, row.top - 1, lowest);
      if (value == lane.least && lane.least == lane.most) break;
      p.drawText(QRectF(text, value == lane.least ? std::max(y, row.top + 11) : y, box.left() - 6 - text, 12),
                 Qt::AlignRight | Qt::AlignVCenter, valueText(lane, value));
    }
  }
  p.setFont(theme::bodyFont(theme::kSmall, true));
  const QString title = titleOf(lane);
  const QRectF label(left.left() + 5, row.top + 2, p.fontMetrics().horizontalAdvance(title) + 6, 14);
  QColor paper = t.surface;
  paper.setAlphaF(0.8f);
  p.fillRect(label, paper);
  p.setPen(t.ink);
  p.drawText(label, Qt::AlignCenter, title);
}

void RunStrip::paintTurnAndCuts(QPainter& p) const {
  const auto& t = theme::tokens();
  const QRectF a = timeSide();
  QColor band = t.accent;
  band.setAlphaF(0.12f);
  const QRectF turn(x(m_shown->turn.begin_s), a.top(), std::max(x(m_shown->turn.end_s) - x(m_shown->turn.begin_s), 2.0), a.height());
  p.fillRect(turn & a, band);
  p.setPen(QPen(t.accent, 1.6));
  p.setBrush(t.accent);
  for (const double edge : {turn.left(), turn.right()}) {
    p.drawLine(QPointF(edge, a.top()), QPointF(edge, a.bottom()));
    p.drawRoundedRect(QRectF(edge - 3, a.top() + 20, 6, 20), 2, 2);
  }
  QColor away = t.paper;
  away.setAlphaF(0.75f);
  const double from = x(cutAt(Edge::From)), to = x(cutAt(Edge::To));
  p.fillRect(QRectF(a.left(), a.top(), from - a.left(), a.height()), away);
  p.fillRect(QRectF(to, a.top(), a.right() - to, a.height()), away);
  p.setPen(QPen(t.ink, 1.6));
  p.setBrush(t.ink);
  for (const double edge : {from, to}) {
    p.drawLine(QPointF(edge, a.top()), QPointF(edge, a.bottom()));
    p.drawRect(QRectF(edge - 3, a.bottom() - 22, 6, 16));
  }
  p.setFont(theme::bodyFont(theme::kSmall));
  p.setPen(t.accent);
  const Row first = rows().front();
  p.drawText(QRectF(turn.center().x() - 30, first.top + first.height - 15, 60, 14), Qt::AlignCenter, tr("turn"));
}

/// Posts as they were passed; and where nothing says where it was, what to do.
void RunStrip::paintMarks(QPainter& p) const {
  const auto& t = theme::tokens();
  const QRectF a = timeSide();
  p.setFont(theme::figureFont(theme::kSmall));
  double last_px = -INFINITY;
  for (const auto& [time_s, name] : m_shown->marks) {
    const double px = x(time_s);
    p.setPen(QPen(t.muted, 1, Qt::DotLine));
    p.drawLine(QPointF(px, a.top()), QPointF(px, a.bottom()));
    const double wide = p.fontMetrics().horizontalAdvance(name) + 6;
    if (px - last_px < wide) continue;  // one over the other is read by nobody
    last_px = px;
    p.setPen(t.ink);
    p.drawText(QRectF(px - wide / 2, a.top() + 14, wide, 12), Qt::AlignCenter, name);
  }
  if (!m_shown->unplaced) return;
  const Row first = rows().front();
  p.setFont(theme::bodyFont(theme::kBody));
  p.setPen(t.muted);
  p.drawText(QRectF(a.left(), first.top, a.width(), first.height), Qt::AlignCenter | Qt::TextWordWrap,
             tr("No positions. Point at the time of a post and press M, or open Flown as, Mark posts."));
}

void RunStrip::paintAxes(QPainter& p) const {
  const auto& t = theme::tokens();
  const QRectF a = timeSide(), b = pathSide();
  const log::Strip& s = m_shown->strip;
  p.setFont(theme::figureFont(theme::kSmall));
  p.setPen(t.muted);
  const double step = secondsMark((s.end_s - s.begin_s) / 6);
  for (double at = step * std::ceil(s.begin_s / step); at <= s.end_s; at += step)
    p.drawText(QRectF(std::clamp(x(at) - 30, a.left() - 26, a.right() - 34), a.bottom() + 3, 60, 13), Qt::AlignCenter,
               words::quantity(at, quantity::Unit::Second, 0));
  if (s.lanes.empty() || !(s.farthest_m > 0)) return;
  const words::Marks marks = words::distanceMarks(s.farthest_m / 5, s.farthest_m);
  for (double d = 0; d <= s.farthest_m; d += marks.step_m)
    p.drawText(QRectF(std::clamp(b.left() + b.width() * d / s.farthest_m - 34, b.left() - 30, b.right() - 38), b.bottom() + 3, 68, 13),
               Qt::AlignCenter, marks.text(d));
}

/// Beside the distance: which way is which, and what is wrong with the run.
void RunStrip::paintWarnings(QPainter& p, const Row& row) const {
  const auto& t = theme::tokens();
  const QRectF b(pathSide().left(), row.top - 22, pathSide().width(), row.height + 22);
  p.setFont(theme::bodyFont(theme::kSmall));
  p.setPen(t.muted);
  p.drawText(QRectF(b.left(), b.top() + 2, b.width(), 16), Qt::AlignLeft | Qt::AlignVCenter,
             tr("over the path: outbound solid, inbound dashed"));
  p.setFont(theme::bodyFont(theme::kSmall));
  double y = b.top() + 24;
  const auto tell = [&](const QString& text, const QColor* mark) {
    const QRectF box(b.left() + (mark ? 10 : 0), y, b.width() - 10, b.bottom() - y);
    const QRectF needed = p.boundingRect(box, Qt::TextWordWrap, text);
    if (needed.bottom() > b.bottom() + 2) return;
    if (mark) p.fillRect(QRectF(b.left(), y + 1, 3, needed.height() - 2), *mark);
    p.setPen(t.ink);
    p.drawText(box, Qt::TextWordWrap, text);
    y = needed.bottom() + 3;
  };
  for (const QString& warning : m_shown->warnings) tell(warning, &t.caution);
  for (const QString& fact : m_shown->facts) tell(fact, nullptr);
}

namespace {

QString laidText(const RunStrip::Further& log, double begin_s, bool moved) {
  const QString begins = words::quantity(begin_s, quantity::Unit::Second, 1);
  if (moved || !std::isfinite(log.sd_s)) return RunStrip::tr("%1, starts %2 later").arg(log.name, begins);
  const QString sure = words::quantity(log.sd_s, quantity::Unit::Second, 2);
  return std::isfinite(log.sd_m)
             ? RunStrip::tr("%1, starts %2 later (±%3, %4 of path)").arg(log.name, begins, sure, words::quantity(log.sd_m, quantity::Unit::Metre, 1))
             : RunStrip::tr("%1, starts %2 later (±%3)").arg(log.name, begins, sure);
}

}  // namespace

void RunStrip::paintSources(QPainter& p) const {
  if (m_shown->further.empty()) return;
  const auto& t = theme::tokens();
  const QRectF a = timeSide();
  double y = a.bottom() + 18;
  const auto bar = [&](const QString& name, double begin_s, std::optional<double> end_s, bool held) {
    const double from = std::max(x(begin_s), a.left()), to = end_s ? std::min(x(*end_s), a.right()) : a.right();
    p.setPen(end_s ? QPen(Qt::NoPen) : QPen(held ? t.accent : t.muted, 1, Qt::DashLine));
    p.setBrush(!end_s ? Qt::NoBrush : QBrush(held ? t.accent : t.hairline));
    p.drawRoundedRect(QRectF(from, y + 2, std::max(to - from, 3.0), kSource_px - 4), 3, 3);
    p.setFont(theme::bodyFont(theme::kSmall));
    p.setPen(t.ink);
    p.drawText(QRectF(a.right() + 10, y, width() - a.right() - 20, kSource_px), Qt::AlignLeft | Qt::AlignVCenter, name);
    y += kSource_px;
  };
  bar(m_shown->first_log, m_shown->strip.begin_s, m_shown->strip.end_s, false);
  for (std::size_t i = 0; i < m_shown->further.size(); ++i) {
    const Further& f = m_shown->further[i];
    const double by = int(i) == m_further && m_edge == Edge::Further ? m_moved_s : 0;
    bar(laidText(f, f.begin_s + by, by != 0), f.begin_s + by,
        f.end_s ? std::optional(*f.end_s + by) : std::nullopt, int(i) == m_further);
  }
}

}  // namespace distanz::app

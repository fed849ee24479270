#include "app/shared/range_rule.h"

#include <QKeyEvent>
#include <QLinearGradient>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>
#include <cmath>

#include "app/shared/badge.h"
#include "app/shared/text.h"
#include "app/shared/theme.h"
#include "core/analysis/findings/findings.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/plan/planned.h"
#include "words/phrases.h"
#include "words/quantity.h"

namespace distanz::app {
namespace {

constexpr int kRulerTop = 30;  // pixels: bars begin below
constexpr double kLeastRow_px = 12, kMostRow_px = 32;
constexpr double kTwoLines_px = 26;  // a range and its interval under it

}  // namespace

RangeRule::RangeRule(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
  setObjectName("rangeRule");
  setAccessibleName(tr("Range rule"));
  setAccessibleDescription(
      tr("The path as a ruler, with a bar per setup. Left and right arrows pick a distance."));
  setFixedHeight(theme::kRule);
  setFocusPolicy(Qt::StrongFocus);
  setMouseTracking(true);
  setToolTip(
      tr("Click to pick a distance everywhere. Hollow: predicted; before it flew with the part that is dependable, "
         "and dotted what nobody measured. Hatched: flown. Solid: dependable, fading over its 95 % interval. "
         "Diamond: typical, with its 95 % interval. Notch: where battery, ground or a limit turns it back."));
  for (auto signal : {&Document::changed, &Document::analysisChanged, &Document::pickedChanged, &Document::previewed, &Document::groundChanged})
    connect(&document, signal, this, [this] { scrollTo(m_first); });
}

DistanceAxis RangeRule::axis() const {
  return {double(theme::kAxisLeft), double(width() - theme::kColumn - theme::kAxisRight),
          m_document.axisEnd_m()};
}

void RangeRule::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const auto& t = theme::tokens();
  p.fillRect(rect(), t.surface);
  p.setPen(t.hairline);
  p.drawLine(0, 0, width(), 0);
  const DistanceAxis a = axis();
  drawRuler(p, a);
  p.setPen(t.muted);
  p.setFont(theme::bodyFont(11));
  const QRectF heads(width() - theme::kColumn + theme::kColumnText, 6,
                     theme::kColumn - theme::kColumnText - 8, 16);
  const int rows = rowsShown();
  const double pitch = std::min((height() - kRulerTop - 6.0) / std::max(rows, 1), kMostRow_px);
  const bool intervals = pitch >= kTwoLines_px;
  p.drawText(heads, Qt::AlignVCenter, intervals ? tr("dependable, 95 % interval") : tr("dependable"));
  p.drawText(heads.adjusted(heads.width() / 2, 0, 0, 0), Qt::AlignVCenter,
             intervals ? tr("typical, 95 % interval") : tr("typical"));
  if (rows == 0) {
    p.setPen(t.muted);
    p.drawText(QRectF(a.left_px, kRulerTop, a.right_px - a.left_px, height() - kRulerTop), Qt::AlignCenter,
               tr("Each setup gets a bar here once it is described in Kit"));
    return;
  }
  for (int i = 0; i < rows; ++i) {
    const QRectF row(0, kRulerTop + pitch * i, width(), pitch);
    drawBar(p, a, std::size_t(m_first + i), row);
    drawText(p, std::size_t(m_first + i), row);
  }
  drawScroll(p, rows);
  drawPicked(p, a);
  if (hasFocus()) {
    p.setPen(QPen(t.accent, 2));
    p.setBrush(Qt::NoBrush);
    p.drawRect(rect().adjusted(1, 1, -1, -1));
  }
}

int RangeRule::rowsShown() const {
  const int room = std::max(int((height() - kRulerTop - 6.0) / kLeastRow_px), 1);
  return std::min(int(m_document.campaign().setups.size()), room);
}

void RangeRule::scrollTo(int first) {
  m_first = std::clamp(first, 0, std::max(int(m_document.campaign().setups.size()) - rowsShown(), 0));
  update();
}

/// A bar at the right edge tells which of the rows are seen.
void RangeRule::drawScroll(QPainter& p, int rows) const {
  const double all = double(m_document.campaign().setups.size()), room = height() - kRulerTop - 6.0;
  if (rows >= all) return;
  p.setPen(Qt::NoPen);
  p.setBrush(theme::tokens().hairline);
  p.drawRoundedRect(QRectF(width() - 7, kRulerTop + room * m_first / all, 5, room * rows / all), 2, 2);
}

void RangeRule::wheelEvent(QWheelEvent* event) {
  const int steps = event->angleDelta().y() / 120;
  scrollTo(m_first - (steps != 0 ? steps : event->angleDelta().y() < 0 ? -1 : 1));
  event->accept();
}

void RangeRule::drawRuler(QPainter& p, const DistanceAxis& a) const {
  const auto& t = theme::tokens();
  const double base = kRulerTop - 6;
  p.setPen(QPen(t.ink, 1.4));
  const auto& posts = m_document.planned().posts;
  const double end = posts.empty() ? a.end_m : posts.back();
  p.drawLine(QPointF(a.x(0), base), QPointF(a.x(end), base));
  for (const double post : posts) p.drawLine(QPointF(a.x(post), base - 5), QPointF(a.x(post), base));
  p.drawLine(QPointF(a.x(0), base - 9), QPointF(a.x(0), base));
  p.setFont(theme::figureFont(11));
  constexpr double kLabel_px = 64;
  const words::Marks marks = words::distanceMarks(a.end_m * kLabel_px / (a.right_px - a.left_px), a.end_m);
  const auto picked = m_document.picked();
  for (double d = 0; d <= a.end_m; d += marks.step_m) {
    if (picked && std::abs(a.x(d) - a.x(*picked)) < 64) continue;  // under the flag
    p.setPen(t.muted);
    p.drawText(QRectF(a.x(d) - 40, 2, 80, 16), Qt::AlignCenter, d == 0 ? tr("station") : marks.text(d));
  }
}

void RangeRule::drawBar(QPainter& p, const DistanceAxis& a, std::size_t index, const QRectF& row) const {
  const campaign::Setup& setup = m_document.campaign().setups[index];
  const QColor colour = theme::setupColour(int(index));
  const double height = std::clamp(row.height() - 12, 5.0, 16.0), top = row.center().y() - height / 2,
               left = a.x(0);
  const double badge = std::min(row.height() - 1, 20.0);
  paintBadge(p, QRectF(theme::kAxisLeft - 30, row.center().y() - badge / 2, badge, badge),
             campaign::letterOf(m_document.campaign(), index), colour);

  const analysis::SetupAnswer* limit = m_document.analysis().answer(setup.id);
  if (const plan::Prediction* predicted = m_document.planned().limiting(setup.id))
    drawPredicted(p, a, *predicted, colour, {left, top - 3, a.x(a.end_m) - left, height + 6}, !limit);
  if (limit) drawFlown(p, a, *limit, colour, {left, top, a.x(a.end_m) - left, height});
  drawTurn(p, a, setup.id, {left, top, a.x(a.end_m) - left, height});
}

/// Hollow up to the predicted range; before it flew also what nobody measured as a whisker, and the dependable
/// part of it set apart.
void RangeRule::drawPredicted(QPainter& p, const DistanceAxis& a, const plan::Prediction& predicted,
                              const QColor& colour, const QRectF& bar, bool alone) const {
  const auto at = [&](double d) { return a.x(std::min(d, a.end_m)); };
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(colour, 1));
  const double reach = at(*predicted.range_m);
  if (*predicted.range_m < a.end_m)
    p.drawRect(QRectF(bar.left(), bar.top(), reach - bar.left(), bar.height()));
  else  // it goes on beyond the rule
    p.drawPolyline(QPolygonF{{reach, bar.top()}, bar.topLeft(), bar.bottomLeft(), {reach, bar.bottom()}});
  if (!alone || !predicted.sure) return;
  const double dependable = at(predicted.sure->dependable_m), y = bar.center().y();
  p.setPen(QPen(colour, 2));
  p.drawLine(QPointF(dependable, bar.top()), QPointF(dependable, bar.bottom()));
  p.setPen(QPen(colour, 1, Qt::SolidLine));
  p.drawLine(QPointF(at(predicted.sure->low_m), y), QPointF(at(predicted.sure->high_m), y));
}

void RangeRule::drawFlown(QPainter& p, const DistanceAxis& a, const analysis::SetupAnswer& limit, const QColor& colour,
                          const QRectF& bar) const {
  const double left = bar.left(), top = bar.top(), height = bar.height();
  const auto clipped = [&](double d) { return a.x(std::min(d, a.end_m)); };
  p.setPen(QPen(colour, 1));
  p.setBrush(QBrush(colour, Qt::BDiagPattern));
  p.drawRect(QRectF(left, top + 2, clipped(limit.farthest_m) - left, height - 4));
  const double reach = limit.dependable.told_m();
  if (!(reach > 0)) return drawTypical(p, a, limit.typical, colour, bar.center().y());
  const double low = std::min(limit.dependable.low_m.value_or(reach), reach),
               high = limit.dependable.high_m.value_or(a.end_m);
  p.setPen(Qt::NoPen);
  p.setBrush(theme::tokens().surface);
  p.drawRect(QRectF(left, top + 1, clipped(high) - left, height - 2));
  p.setBrush(colour);
  p.drawRect(QRectF(left, top, clipped(low) - left, height));
  QLinearGradient fade(clipped(low), 0, clipped(high),
                       0);  // the one gradient of the window: uncertainty itself
  QColor gone = colour;
  gone.setAlphaF(0.06F);
  fade.setColorAt(0, colour);
  fade.setColorAt(1, gone);
  p.setBrush(fade);
  p.drawRect(QRectF(clipped(low), top, clipped(high) - clipped(low), height));
  p.setPen(QPen(colour, 2));
  p.drawLine(QPointF(clipped(reach), top - 2), QPointF(clipped(reach), top + height + 2));
  drawHoles(p, a, limit.setup, {left, top - 1, a.x(a.end_m), height + 2});
  drawTypical(p, a, limit.typical, colour, bar.center().y());
}

/// Where battery, ground or a limit turns the aircraft back: a notch, and what it is.
void RangeRule::drawTurn(QPainter& p, const DistanceAxis& a, const std::string& setup, const QRectF& bar) const {
  const auto& flights = m_document.planned().flights;
  const auto of = std::find_if(flights.begin(), flights.end(), [&](const auto& f) { return f.setup == setup; });
  if (of == flights.end() || of->turn.empty() || of->turn_m > a.end_m) return;
  const auto& t = theme::tokens();
  const double x = a.x(of->turn_m);
  p.setPen(QPen(t.surface, 1));
  p.setBrush(t.ink);
  p.drawPolygon(QPolygonF{{x - 6, bar.top() - 6}, {x + 6, bar.top() - 6}, {x, bar.top() + 4}});
  p.setPen(QPen(t.ink, 1.4));
  p.drawLine(QPointF(x, bar.top() + 2), QPointF(x, bar.bottom() + 4));
  if (bar.height() < 14) return;
  p.setFont(theme::bodyFont(10));
  const QString what = words::term("turn-" + of->turn);
  QRectF label(0, 0, p.fontMetrics().horizontalAdvance(what) + 6, 13);
  label.moveTopLeft({x + 4, bar.bottom() - 2});
  if (label.right() > bar.right()) label.moveRight(x - 4);
  p.setPen(Qt::NoPen);
  p.setBrush(t.surface);
  p.drawRect(label);
  p.setPen(t.ink);
  p.drawText(label, Qt::AlignCenter, what);
}

/// Stretches that fail though the link is back behind them: notches in the bar.
void RangeRule::drawHoles(QPainter& p, const DistanceAxis& a, const std::string& setup,
                          const QRectF& bar) const {
  p.setPen(QPen(theme::tokens().caution, 1));
  p.setBrush(theme::tokens().surface);
  for (const analysis::Hole& h : m_document.analysis().holes)
    if (h.in_the_way && h.from_m < a.end_m &&
        std::find(h.setups.begin(), h.setups.end(), setup) != h.setups.end())
      p.drawRect(
          QRectF(a.x(h.from_m), bar.top(), a.x(std::min(h.to_m, a.end_m)) - a.x(h.from_m), bar.height()));
}

/// Typical range: a hollow diamond on the whisker of its interval; only what may be told.
void RangeRule::drawTypical(QPainter& p, const DistanceAxis& a, const analysis::RangeAnswer& r,
                            const QColor& colour, double y) const {
  if (!r.tellsEstimate()) return;
  const auto at = [&](double d) { return a.x(std::min(d, a.end_m)); };
  const double x = at(*r.estimate_m);
  p.setPen(QPen(theme::tokens().surface, 4));
  p.drawLine(QPointF(at(r.low_m.value_or(0)), y), QPointF(at(r.high_m.value_or(a.end_m)), y));
  p.setPen(QPen(colour, 1.6));
  p.drawLine(QPointF(at(r.low_m.value_or(0)), y), QPointF(at(r.high_m.value_or(a.end_m)), y));
  p.setBrush(theme::tokens().surface);
  p.drawPolygon(QPolygonF{{x - 5, y}, {x, y - 5}, {x + 5, y}, {x, y + 5}});
}

void RangeRule::drawText(QPainter& p, std::size_t index, const QRectF& row) const {
  const std::string& setup = m_document.campaign().setups[index].id;
  const analysis::SetupAnswer* limit = m_document.analysis().answer(setup);
  const QRectF area(width() - theme::kColumn + theme::kColumnText, row.top(),
                    theme::kColumn - theme::kColumnText - 8, row.height());
  if (!limit) return drawForecast(p, area, setup);
  const double half = area.width() / 2;
  drawRange(p, QRectF(area.left(), area.top(), half, area.height()), limit->dependable, true);
  drawRange(p, QRectF(area.left() + half, area.top(), half, area.height()), limit->typical, false);
}

/// Before it flew: what is predicted, muted, since no flight has shown it.
void RangeRule::drawForecast(QPainter& p, const QRectF& area, const std::string& setup) const {
  p.setPen(theme::tokens().muted);
  p.setFont(theme::bodyFont(12));
  const plan::Prediction* predicted = m_document.planned().limiting(setup);
  const bool courses = analysis::onCoursesOnly(m_document.campaign(), m_document.analysis(), setup);
  if (!predicted || !predicted->sure) {
    p.drawText(area, Qt::AlignVCenter, courses ? tr("flown on courses only") : tr("not flown yet"));
    return;
  }
  const double half = area.width() / 2;
  const bool two_lines = area.height() >= kTwoLines_px;
  const QRectF top = two_lines ? area.adjusted(0, 0, 0, -area.height() / 2 + 2) : area;
  p.setFont(theme::figureFont(std::min(13, int(area.height()))));
  p.drawText(top, Qt::AlignVCenter, distanceLabel(predicted->sure->dependable_m));
  p.drawText(top.adjusted(half, 0, 0, 0), Qt::AlignVCenter, distanceLabel(*predicted->range_m));
  if (!two_lines) return;
  p.setFont(theme::bodyFont(11));
  const QRectF below = area.adjusted(0, area.height() / 2 - 1, 0, 0);
  p.drawText(below, Qt::AlignVCenter, courses ? tr("predicted, courses only") : tr("predicted, not flown"));
  p.setFont(theme::figureFont(11));
  p.drawText(below.adjusted(half, 0, 0, 0), Qt::AlignVCenter,
             words::span(predicted->sure->low_m, predicted->sure->high_m));
}

/// The range in the room given, its interval under it where there is height for it.
void RangeRule::drawRange(QPainter& p, const QRectF& area, const analysis::RangeAnswer& r,
                          bool strong) const {
  const auto& t = theme::tokens();
  const bool two_lines = area.height() >= kTwoLines_px;
  const QRectF top = two_lines ? area.adjusted(0, 0, 0, -area.height() / 2 + 2) : area;
  p.setPen(r.status == analysis::Status::Withheld ? t.muted : t.ink);
  p.setFont(theme::figureFont(std::min(strong ? 15 : 13, int(area.height())), strong));
  if (r.status == analysis::Status::Withheld) {
    p.setFont(theme::bodyFont(12));
    p.drawText(area, Qt::AlignVCenter, tr("not known yet"));
    return;
  }
  const bool bound = r.status == analysis::Status::AtLeast;
  p.drawText(bound || !two_lines ? area : top, Qt::AlignVCenter,
             bound ? tr("at least %1").arg(distanceLabel(r.told_m())) : distanceLabel(r.told_m()));
  if (!two_lines || bound || !r.low_m) return;
  p.setFont(theme::figureFont(11));
  p.setPen(t.muted);
  p.drawText(area.adjusted(0, area.height() / 2 - 1, 0, 0), Qt::AlignVCenter,
             words::span(*r.low_m, r.high_m.value_or(INFINITY)));
}

void RangeRule::drawPicked(QPainter& p, const DistanceAxis& a) const {
  const auto picked = m_document.picked();
  if (!picked || *picked > a.end_m) return;
  const auto& t = theme::tokens();
  p.setPen(QPen(t.ink, 1));
  const double x = a.x(*picked);
  p.drawLine(QPointF(x, 18), QPointF(x, height()));
  const QRectF flag(x - 34, 1, 68, 17);
  p.setBrush(t.ink);
  p.drawRoundedRect(flag, 3, 3);
  p.setPen(t.paper);
  p.setFont(theme::figureFont(11, true));
  p.drawText(flag, Qt::AlignCenter, distanceLabel(*picked));
}

void RangeRule::pickAt(double x_px) {
  const DistanceAxis a = axis();
  if (x_px > a.right_px + 8) return;
  m_document.pick(std::clamp(a.distance_m(x_px), 0.0, a.end_m));
}

void RangeRule::mousePressEvent(QMouseEvent* event) {
  pickAt(event->position().x());
}

void RangeRule::mouseMoveEvent(QMouseEvent* event) {
  if (event->buttons() & Qt::LeftButton) pickAt(event->position().x());
}

void RangeRule::keyPressEvent(QKeyEvent* event) {
  const double step =
      (event->modifiers() & Qt::ShiftModifier ? 100 : 20) * (event->key() == Qt::Key_Left ? -1 : 1);
  if (event->key() == Qt::Key_Left || event->key() == Qt::Key_Right)
    m_document.pick(std::clamp(m_document.picked().value_or(0) + step, 0.0, m_document.axisEnd_m()));
  else if (event->key() == Qt::Key_Up || event->key() == Qt::Key_Down)
    scrollTo(m_first + (event->key() == Qt::Key_Up ? -1 : 1));
  else if (event->key() == Qt::Key_Escape)
    m_document.pick(std::nullopt);
  else
    QWidget::keyPressEvent(event);
}

}  // namespace distanz::app

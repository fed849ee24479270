#include "app/runs/run_strip.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <algorithm>
#include <cmath>

#include "app/shared/copying.h"
#include "app/shared/theme.h"

/// What is done with the strip; how it is drawn stands in strip_drawing.cpp.
namespace distanz::app {
namespace {

constexpr double kGrab_px = 9;

}  // namespace

RunStrip::RunStrip(QWidget* parent) : QWidget(parent) {
  setObjectName("runStrip");
  setAccessibleName(tr("The run over time and over the path"));
  setMinimumHeight(190);
  markDrawing(this);
  setFocusPolicy(Qt::StrongFocus);
  setMouseTracking(true);
  setToolTip(tr("Drag the edges of the turn, the cuts at both ends, or a further log below. Keyboard: Left and Right move the start of the turn, with Shift its end. With Ctrl and Ctrl+Shift they move the cuts, with Alt the further log. M marks the next post at the pointer."));
}

void RunStrip::show(std::optional<Shown> shown) {
  if (m_edge != Edge::None) {  // not torn from the hand
    m_waiting = std::move(shown);
    return;
  }
  m_shown = std::move(shown);
  m_moved_s = 0;
  if (m_shown && m_further >= int(m_shown->further.size())) m_further = -1;
  update();
}

QRectF RunStrip::timeSide() const {
  const double sources = m_shown && !m_shown->further.empty() ? kSource_px * double(m_shown->further.size() + 1) : 0;
  return QRectF(theme::kAxisLeft, 24, (width() - theme::kAxisLeft - theme::kAxisRight - 56) * 0.56, height() - 44 - sources);
}

QRectF RunStrip::pathSide() const {
  const QRectF left = timeSide();
  return QRectF(left.right() + 56, left.top(), width() - theme::kAxisRight - left.right() - 56, left.height());
}

/// The distance first; as many lanes below as there is room for.
std::vector<RunStrip::Row> RunStrip::rows() const {
  constexpr double kGap_px = 5, kLeast_px = 34, kDistanceShare = 1.4;
  const QRectF area = timeSide();
  const auto& lanes = m_shown->strip.lanes;
  const auto fitting = std::size_t(std::max(area.height() / (kLeast_px + kGap_px) - kDistanceShare, 0.0));
  const std::size_t n = std::min(lanes.size(), fitting);
  const double unit = (area.height() - kGap_px * double(n)) / (kDistanceShare + double(n));
  std::vector<Row> out{{&m_shown->strip.distance, area.top(), unit * kDistanceShare}};
  for (std::size_t i = 0; i < n; ++i)
    out.push_back({&lanes[i], out.back().top + out.back().height + kGap_px, unit});
  return out;
}

double RunStrip::x(double t) const {
  const log::Strip& s = m_shown->strip;
  return timeSide().left() + timeSide().width() * (t - s.begin_s) / std::max(s.end_s - s.begin_s, 1e-9);
}

double RunStrip::time(double px) const {
  const log::Strip& s = m_shown->strip;
  return std::clamp(s.begin_s + (px - timeSide().left()) / timeSide().width() * (s.end_s - s.begin_s), s.begin_s, s.end_s);
}

double RunStrip::cutAt(Edge edge) const {
  return edge == Edge::From ? m_shown->from_s.value_or(m_shown->strip.begin_s) : m_shown->to_s.value_or(m_shown->strip.end_s);
}

void RunStrip::move(Edge edge, double t) {
  if (!m_shown) return;
  log::Turn& turn = m_shown->turn;
  const log::Strip& s = m_shown->strip;
  constexpr double kLeast_s = 1;
  if (edge == Edge::TurnBegin) turn = {t, std::max(t, turn.end_s)};
  if (edge == Edge::TurnEnd) turn = {std::min(t, turn.begin_s), t};
  if (edge == Edge::From) m_shown->from_s = std::min(t, cutAt(Edge::To) - kLeast_s);
  if (edge == Edge::To) m_shown->to_s = std::max(t, cutAt(Edge::From) + kLeast_s);
  if (m_shown->from_s && *m_shown->from_s <= s.begin_s) m_shown->from_s.reset();
  if (m_shown->to_s && *m_shown->to_s >= s.end_s) m_shown->to_s.reset();
  if (edge == Edge::Further) m_moved_s = t - m_held_s;
  update();
}

void RunStrip::emitMoved(Edge edge) {
  if (!m_shown) return;
  if (edge == Edge::TurnBegin || edge == Edge::TurnEnd) emit turnMoved(m_shown->turn.begin_s, m_shown->turn.end_s);
  if (edge == Edge::From || edge == Edge::To) emit cutMoved(m_shown->from_s, m_shown->to_s);
  if (edge == Edge::Further && m_moved_s != 0) emit furtherMoved(m_further, m_moved_s);
}

RunStrip::Edge RunStrip::edgeAt(const QPointF& at, int& further) const {
  const QRectF area = timeSide();
  if (at.y() > area.bottom() + 18) {
    further = int((at.y() - area.bottom() - 18) / kSource_px) - 1;
    return further >= 0 && further < int(m_shown->further.size()) ? Edge::Further : Edge::None;
  }
  struct Choice {
    Edge edge;
    double at_px;
  };
  const Choice choices[] = {{Edge::TurnBegin, x(m_shown->turn.begin_s)},
                            {Edge::TurnEnd, x(m_shown->turn.end_s)},
                            {Edge::From, x(cutAt(Edge::From))},
                            {Edge::To, x(cutAt(Edge::To))}};
  const auto nearest = std::min_element(std::begin(choices), std::end(choices), [&](const Choice& a, const Choice& b) {
    return std::abs(a.at_px - at.x()) < std::abs(b.at_px - at.x());
  });
  return std::abs(nearest->at_px - at.x()) > kGrab_px ? Edge::None : nearest->edge;
}

void RunStrip::mousePressEvent(QMouseEvent* event) {
  if (!drawable()) return;
  int further = -1;
  m_edge = edgeAt(event->position(), further);
  if (m_edge == Edge::Further) m_further = further;
  m_held_s = time(event->position().x());
  m_moved_s = 0;
}

bool RunStrip::drawable() const {
  return m_shown && m_shown->strip.end_s > m_shown->strip.begin_s;
}

void RunStrip::mouseMoveEvent(QMouseEvent* event) {
  if (drawable()) m_pointer_s = timeSide().contains(event->position()) ? time(event->position().x()) : NAN;
  if (m_edge != Edge::None) move(m_edge, time(event->position().x()));
}

void RunStrip::mouseReleaseEvent(QMouseEvent*) {
  emitMoved(std::exchange(m_edge, Edge::None));
  if (m_waiting) show(*std::exchange(m_waiting, std::nullopt));
}

void RunStrip::keyPressEvent(QKeyEvent* event) {
  if (drawable() && event->key() == Qt::Key_M && std::isfinite(m_pointer_s)) return emit markWanted(m_pointer_s);
  if (!m_shown || (event->key() != Qt::Key_Left && event->key() != Qt::Key_Right)) return QWidget::keyPressEvent(event);
  const auto keys = event->modifiers();
  const double step = event->key() == Qt::Key_Left ? -1 : 1;
  const log::Strip& s = m_shown->strip;
  if (keys & Qt::AltModifier) {
    constexpr double kFine_s = 0.1;
    if (m_shown->further.empty()) return;
    m_further = std::max(m_further, 0);
    m_moved_s = step * kFine_s;
    return emitMoved(Edge::Further);
  }
  const bool end = keys & Qt::ShiftModifier, cut = keys & Qt::ControlModifier;
  const Edge edge = cut ? (end ? Edge::To : Edge::From) : end ? Edge::TurnEnd : Edge::TurnBegin;
  const double now = cut ? cutAt(edge) : end ? m_shown->turn.end_s : m_shown->turn.begin_s;
  move(edge, std::clamp(now + step, s.begin_s, s.end_s));
  emitMoved(edge);
}

}  // namespace distanz::app

#include "app/plan/map_view.h"

#include <QApplication>
#include <QClipboard>
#include <QContextMenuEvent>
#include <QMenu>
#include <QMouseEvent>
#include <algorithm>
#include <cmath>

#include "app/shared/copying.h"
#include "app/shared/theme.h"
#include "core/campaign/lay_path.h"
#include "core/course/coordinates.h"
#include "core/plan/planned.h"

namespace distanz::app {
namespace {

constexpr double kReach_px = 9, kSnap_px = 10, kMargin_px = 26, kMostZoom = 20, kLeastZoom = 0.0005;

double apart(const QPointF& a, const QPointF& b) {
  return std::hypot(a.x() - b.x(), a.y() - b.y());
}

double apartFromLeg(const QPointF& at, const QPointF& a, const QPointF& b) {
  const QPointF leg = b - a;
  const double square = QPointF::dotProduct(leg, leg);
  const double share = square > 0 ? std::clamp(QPointF::dotProduct(at - a, leg) / square, 0.0, 1.0) : 0;
  return apart(at, a + leg * share);
}

bool startsAtStation(const campaign::Campaign& c) {
  return !campaign::firstPath(c).empty() && campaign::firstPath(c).front().position == c.station.position();
}

}  // namespace

MapView::MapView(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
  setObjectName("mapView");
  setAccessibleName(tr("The path from above"));
  setToolTip(
      tr("Drag station and points; double-click the path for another point. Wheel or + and -: zoom, 0: the "
         "whole path. Page Up and "
         "Down choose a point, arrows move it, Delete removes it."));
  setMinimumHeight(120);
  setMouseTracking(true);
  markDrawing(this);
  setFocusPolicy(Qt::StrongFocus);
  for (auto signal : {&Document::changed, &Document::analysisChanged, &Document::pickedChanged,
                      &Document::previewed, &Document::groundChanged})
    connect(&document, signal, this, [this] { update(); });
  connect(&document.axis(), &SharedAxis::moved, this, [this] { update(); });
}

QRect MapView::frame() const {
  const DistanceAxis a = axis();
  return {int(a.left_px), 2, std::max(int(a.right_px - a.left_px), 10), std::max(height() - 4, 10)};
}

DistanceAxis MapView::axis() const {
  return m_document.axisIn(*this);
}

std::optional<MapFrame> MapView::wholePath() const {
  const auto station = m_document.shown().station.position();
  if (!station) return std::nullopt;
  const plan::Planned& planned = m_document.planned();
  const DistanceAxis a = axis();
  const QRectF inside = QRectF(frame()).adjusted(0, kMargin_px, 0, -kMargin_px);
  const double scale = (a.right_px - a.left_px) / a.end_m;
  MapFrame out{course::LocalPlane(*station), QPointF(a.left_px, inside.center().y()),
               planned.outline.empty() ? 90 : planned.outward_deg, scale};
  QRectF reach(0, 0, 0, 0);
  for (const auto& at : planned.outline) reach = reach.united(QRectF(at.along_m, at.right_m, 1e-3, 1e-3));
  if (planned.outline.empty() || (reach.left() >= -1 && reach.top() * scale >= -inside.height() / 2 &&
                                  reach.bottom() * scale <= inside.height() / 2))
    return out;
  const QRectF room = inside.adjusted(kMargin_px, 0, -kMargin_px,
                                      0);  // it does not fit in: all of it, but not to scale with the lanes
  out.px_per_m =
      std::min(room.width() / std::max(reach.width(), 1.0), room.height() / std::max(reach.height(), 1.0));
  out.station_px = room.center() - reach.center() * out.px_per_m;
  return out;
}

std::optional<MapFrame> MapView::view() const {
  if (m_frozen) return m_frozen;
  const auto station = m_document.shown().station.position();
  if (m_own && station) return m_own;
  return wholePath();
}

std::optional<QPointF> MapView::pxOf(const course::Position& position) const {
  const auto v = view();
  return v ? std::optional(v->px(position)) : std::nullopt;
}

void MapView::showAll() {
  m_own.reset();
  update();
}

void MapView::zoom(double factor, const QPointF& about) {
  auto v = view();
  if (!v || m_frozen) return;
  const double to = std::clamp(v->px_per_m * factor, kLeastZoom, kMostZoom);
  v->station_px = about + (v->station_px - about) * (to / v->px_per_m);
  v->px_per_m = to;
  m_own = v;
  update();
}

MapView::Hit MapView::hitAt(const QPointF& at) const {
  const auto v = view();
  const campaign::Campaign& c = m_document.campaign();
  if (!v) return {};
  const auto& points = campaign::firstPath(c);
  if (const auto station = c.station.position(); station && apart(v->px(*station), at) <= kReach_px)
    return {Hit::On::Station, -1};
  for (std::size_t i = points.size(); i-- > 0;)
    if (apart(v->px(points[i].position), at) <= kReach_px) return {Hit::On::Point, int(i)};
  for (std::size_t i = 0; i + 1 < points.size(); ++i)
    if (apartFromLeg(at, v->px(points[i].position), v->px(points[i + 1].position)) <= kReach_px / 2)
      return {Hit::On::Leg, int(i)};
  return {};
}

course::Position MapView::snapped(const QPointF& at) const {
  const auto v = view();
  course::Position out = v->position(at);
  double nearest = kSnap_px;
  if (const auto& ground = m_document.ground().ground())
    for (const terrain::Layer& layer : ground->layers())
      for (const terrain::Feature& f : layer.features)
        if (f.kind == terrain::Feature::Kind::Point)
          if (const double px = apart(v->px(f.rings.front().front()), at); px < nearest) {
            nearest = px;
            out = f.rings.front().front();
          }
  return out;
}

campaign::Campaign MapView::dragged(const QPointF& at) const {
  campaign::Campaign next = m_document.campaign();
  const course::Position to = snapped(at);
  if (m_held.on == Hit::On::Station) campaign::moveStation(next, to.lat_deg, to.lon_deg);
  if (m_held.on == Hit::On::Point) campaign::movePoint(next, std::size_t(m_held.index), to);
  return next;
}

void MapView::keep(const char* step, campaign::Campaign next) {
  m_document.edit(finding(step), next);
}

void MapView::choose(int index) {
  const int n = int(campaign::firstPath(m_document.campaign()).size());
  m_chosen = n == 0 ? -1 : std::clamp(index, 0, n - 1);
  update();
}

void MapView::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton && event->button() != Qt::MiddleButton) return;
  const auto v = view();
  if (!v) return;
  m_held = event->button() == Qt::LeftButton ? hitAt(event->position()) : Hit{};
  if (m_held.on == Hit::On::Point) choose(m_held.index);
  m_pressed = event->position();
  m_station_then = v->station_px;
  m_frozen = v;
  m_dragging = false;
}

void MapView::mouseMoveEvent(QMouseEvent* event) {
  m_hover = event->position();
  if (m_frozen && event->buttons() == Qt::NoButton) abandon();  // let go where nobody told
  if (!m_frozen) {
    const Hit hit = hitAt(event->position());
    setCursor(hit.on == Hit::On::Station || hit.on == Hit::On::Point ? Qt::SizeAllCursor
              : hit.on == Hit::On::Leg                               ? Qt::CrossCursor
                                                                     : Qt::ArrowCursor);
    update();
    return;
  }
  if (!m_dragging && apart(event->position(), m_pressed) < QApplication::startDragDistance() / 2.0) return;
  m_dragging = true;
  if (m_held.on == Hit::On::Station || m_held.on == Hit::On::Point) {
    m_document.preview(std::make_shared<const campaign::Campaign>(dragged(event->position())));
    return;
  }
  m_frozen->station_px = m_station_then + event->position() - m_pressed;
  m_own = m_frozen;
  update();
}

void MapView::mouseReleaseEvent(QMouseEvent* event) {
  if (!m_frozen) return;
  const bool moved = m_dragging && (m_held.on == Hit::On::Station || m_held.on == Hit::On::Point);
  const auto next = moved ? std::optional(dragged(event->position())) : std::nullopt;
  const auto v = m_frozen;
  m_frozen.reset();
  m_document.preview({});
  if (next)
    keep("move-point", *next);
  else if (!m_dragging && event->button() == Qt::LeftButton)
    m_document.pick(std::clamp(course::apart_m({}, v->flat(event->position())), 0.0, m_document.axisEnd_m()));
  m_dragging = false;
  m_held = {};
  update();
}

void MapView::abandon() {
  m_frozen.reset();
  m_dragging = false;
  m_held = {};
  m_document.preview({});
}

void MapView::mouseDoubleClickEvent(QMouseEvent* event) {
  const Hit hit = hitAt(event->position());
  if (hit.on != Hit::On::Leg) return;
  campaign::Campaign next = m_document.campaign();
  campaign::insertPoint(next, std::size_t(hit.index), snapped(event->position()));
  keep("add-point", std::move(next));
  choose(hit.index + 1);
}

void MapView::leaveEvent(QEvent*) {
  m_hover.reset();
  update();
}

void MapView::wheelEvent(QWheelEvent* event) {
  zoom(std::pow(1.0015, event->angleDelta().y()), event->position());
  event->accept();
}

void MapView::nudge(int right_px, int down_px) {
  const auto v = view();
  const auto& points = campaign::firstPath(m_document.campaign());
  if (!v || m_chosen < 0 || m_chosen >= int(points.size())) return;
  campaign::Campaign next = m_document.campaign();
  const course::Position to =
      v->position(v->px(points[std::size_t(m_chosen)].position) + QPointF(right_px, down_px));
  if (m_chosen == 0 && startsAtStation(next))
    campaign::moveStation(next, to.lat_deg, to.lon_deg);
  else
    campaign::movePoint(next, std::size_t(m_chosen), to);
  keep("move-point", std::move(next));
}

void MapView::keyPressEvent(QKeyEvent* event) {
  const int step = event->modifiers() & Qt::ShiftModifier ? 1 : 10;
  switch (event->key()) {
    case Qt::Key_Left:
      return nudge(-step, 0);
    case Qt::Key_Right:
      return nudge(step, 0);
    case Qt::Key_Up:
      return nudge(0, -step);
    case Qt::Key_Down:
      return nudge(0, step);
    case Qt::Key_PageUp:
      return choose(m_chosen - 1);
    case Qt::Key_PageDown:
      return choose(m_chosen + 1);
    case Qt::Key_Plus:
    case Qt::Key_Equal:
      return zoom(1.25, QRectF(frame()).center());
    case Qt::Key_Minus:
      return zoom(0.8, QRectF(frame()).center());
    case Qt::Key_0:
      return showAll();
    case Qt::Key_Escape:
      if (m_frozen) return abandon();
      break;
    case Qt::Key_Delete:
    case Qt::Key_Backspace: {
      campaign::Campaign next = m_document.campaign();
      if (m_chosen >= 0 && campaign::removePoint(next, std::size_t(m_chosen))) {
        keep("remove-point", std::move(next));
        choose(m_chosen);
      }
      return;
    }
    default:
      break;
  }
  QWidget::keyPressEvent(event);
}

void MapView::contextMenuEvent(QContextMenuEvent* event) {
  const auto v = view();
  if (!v || m_frozen) return;
  const QPointF at = event->pos();
  const Hit hit = hitAt(at);
  const course::Position there = snapped(at);
  QMenu menu(this);
  const auto offer = [&](const char* name, const QString& text, const std::function<void()>& what) {
    QAction* action = menu.addAction(text);
    action->setObjectName(name);
    connect(action, &QAction::triggered, this, what);
  };
  const auto edited = [this](const char* step, const std::function<void(campaign::Campaign&)>& what) {
    return [this, step, what] {
      campaign::Campaign next = m_document.campaign();
      what(next);
      keep(step, std::move(next));
    };
  };
  offer("map_station_here", tr("Put the station here"),
        edited("move-point", [there](auto& c) { campaign::moveStation(c, there.lat_deg, there.lon_deg); }));
  offer("map_append", tr("Continue the path to here"),
        edited("add-point", [there](auto& c) { campaign::appendPoint(c, there); }));
  if (hit.on == Hit::On::Leg)
    offer("map_insert", tr("Add a point here"), edited("add-point", [there, hit](auto& c) {
            campaign::insertPoint(c, std::size_t(hit.index), there);
          }));
  if (hit.on == Hit::On::Point && campaign::firstPath(m_document.campaign()).size() > 2)
    offer("map_remove", tr("Remove this point"),
          edited("remove-point", [hit](auto& c) { campaign::removePoint(c, std::size_t(hit.index)); }));
  menu.addSeparator();
  offer("map_copy", tr("Copy coordinates"), [there] {
    QApplication::clipboard()->setText(QString::fromStdString(course::coordinatesText(there)));
  });
  offer("map_all", tr("Show the whole path"), [this] { showAll(); });
  menu.exec(event->globalPos());
}

}  // namespace distanz::app

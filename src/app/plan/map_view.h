#pragma once
#include <QWidget>
#include <memory>
#include <optional>

#include "app/plan/map_frame.h"
#include "app/plan/map_ground.h"
#include "app/shared/distance_axis.h"
#include "app/shared/document.h"

class QMenu;

namespace distanz::app {

/// Station and path from above, over terrain and maps. Turned so that the path runs along the shared distance
/// axis as long as it fits in; zoomed, panned and edited with mouse or keys. What is dragged is shown
/// everywhere at once, and kept when it is let go.
class MapView : public QWidget {
  Q_OBJECT
 public:
  explicit MapView(Document& document, QWidget* parent = nullptr);

  /// Point of the path that keys move; -1: none.
  int chosen() const { return m_chosen; }
  /// Where something of the map is, px; none without a station.
  std::optional<QPointF> pxOf(const course::Position& position) const;
  /// The whole path again.
  void showAll();
  void zoom(double factor, const QPointF& about);

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void mouseDoubleClickEvent(QMouseEvent* event) override;
  void leaveEvent(QEvent*) override;
  void wheelEvent(QWheelEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void contextMenuEvent(QContextMenuEvent* event) override;

 private:
  /// What lies under the pointer.
  struct Hit {
    enum class On { Nothing, Station, Point, Leg } on = On::Nothing;
    int index = -1;
  };
  Hit hitAt(const QPointF& at) const;
  QRect frame() const;
  DistanceAxis axis() const;
  std::optional<MapFrame> view() const;
  std::optional<MapFrame> wholePath() const;
  course::Position snapped(const QPointF& at) const;
  campaign::Campaign dragged(const QPointF& at) const;
  void keep(const char* step, campaign::Campaign next);
  void nudge(int right_px, int down_px);
  void choose(int index);
  /// What is dragged goes back to where it was.
  void abandon();
  void drawPath(QPainter& p, const MapFrame& view) const;
  void drawSegments(QPainter& p, const MapFrame& view, const course::Course& course) const;
  void drawPosts(QPainter& p, const MapFrame& view, const course::Course& course) const;
  void drawNames(QPainter& p, const MapFrame& view) const;
  void drawScale(QPainter& p, const MapFrame& view) const;
  void drawCaption(QPainter& p, const MapFrame& view) const;

  Document& m_document;
  MapGround m_ground;
  std::optional<MapFrame> m_own;  ///< zoomed or panned; none: the whole path
  Hit m_held;
  bool m_dragging = false;
  QPointF m_pressed, m_station_then;
  std::optional<MapFrame> m_frozen;  ///< the view while something is dragged
  std::optional<QPointF> m_hover;
  int m_chosen = -1;
};

}  // namespace distanz::app

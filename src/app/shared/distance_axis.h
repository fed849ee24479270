#pragma once
#include <QObject>
#include <QPointer>

class QWidget;

namespace distanz::app {

/// Distances in pixels of one widget.
struct DistanceAxis {
  double left_px = 0, right_px = 1;
  double end_m = 1000;
  double x(double distance_m) const { return left_px + (right_px - left_px) * distance_m / end_m; }
  double distance_m(double x_px) const { return (x_px - left_px) / (right_px - left_px) * end_m; }
};

/// Within the usual margins, of a view that follows no other.
DistanceAxis usualAxis(const QWidget& view, double end_m);

/// Where the one distance axis of a window lies. Whatever draws over distance asks here for its own pixels, so that
/// rule, lanes, map and profile stay under each other at any size, with columns folded or not.
class SharedAxis : public QObject {
  Q_OBJECT
 public:
  using QObject::QObject;
  /// Lays the axis over a part of a widget's width; the views are below that widget.
  void lay(const QWidget* over, double left_px, double right_px);
  /// The axis in the pixels of a view; within the usual margins where the view stands elsewhere.
  DistanceAxis in(const QWidget& view, double end_m) const;

 signals:
  void moved();

 private:
  QPointer<const QWidget> m_over;
  double m_left_px = 0, m_right_px = 1;
};

}  // namespace distanz::app

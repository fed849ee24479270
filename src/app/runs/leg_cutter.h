#pragma once
#include <QPolygonF>
#include <QWidget>
#include <optional>

#include "core/log/track.h"

namespace distanz::app {

/// One run as distance over time, cut into way out, turn and way back. Both edges of the turn can be moved,
/// by mouse or keys.
class LegCutter : public QWidget {
  Q_OBJECT
 public:
  explicit LegCutter(QWidget* parent = nullptr);
  struct Shown {
    QString title;
    QColor colour;
    std::vector<double> time_s, distance_m;
    log::Turn turn;
  };
  void show(std::optional<Shown> shown);

 signals:
  void moved(double begin_s, double end_s);

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  QRectF area() const;
  double x(double time_s) const;
  double time(double x_px) const;
  void move(int edge, double time_s);

  std::optional<Shown> m_shown;
  double m_farthest = 1;
  int m_edge = -1;  ///< 0 begin, 1 end, -1 none held
};

}  // namespace distanz::app

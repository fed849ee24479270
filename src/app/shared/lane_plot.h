#pragma once
#include <QTimer>
#include <QWidget>
#include <memory>
#include <optional>
#include <vector>

#include "app/shared/distance_axis.h"
#include "lanes/lane.h"
#include "lanes/paper/paper.h"

class QCPAxis;
class QCustomPlot;

namespace distanz::app {

/// The look of the window for lanes on paper.
lanes::Look lanesLook();

/// Lanes in the window: draws what it is given, tells what lies under the pointer. The only file that knows
/// the plotting library.
class LanePlot : public QWidget {
  Q_OBJECT
 public:
  explicit LanePlot(QWidget* parent = nullptr);
  ~LanePlot() override;

  /// @param moving something is being dragged: drawn without smooth edges, for speed
  void draw(lanes::Lanes lanes, bool moving = false);
  const lanes::Lanes& shown() const { return m_lanes; }
  /// Puts distances where the window's axis has them; without, within the usual margins.
  void follow(SharedAxis& axis);
  /// Where distances lie, in its own pixels.
  DistanceAxis axis() const;
  void setPicked(std::optional<double> distance_m);
  /// Draws anew once the window has nothing more urgent to do; a plot that is not seen, when it is shown.
  void replot();
  void paintPaper(QPainter& painter) const;

 signals:
  void picked(double distance_m);
  void dotClicked(const QString& name, const QPoint& at_global);

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;

 private:
  struct Placed;
  /// Gives each lane its place, and makes the plot anew where another set of them has room.
  void arrange();
  void speak();
  void build(const std::vector<lanes::Slot>& slots_there);
  void fill(Placed& placed);
  void press(const QPointF& at, const QPoint& global);
  void hover(const QPointF& at, const QPoint& global);
  /// The lane under a point, with the point and its reach in the lane's units.
  struct Under {
    const lanes::Lane* lane;
    double x, y, dx, dy;
  };
  std::optional<Under> under(const QPointF& at) const;

  QCustomPlot* m_plot;
  QTimer m_redraw;
  bool m_stale = false, m_moving = false;
  lanes::Lanes m_lanes;
  std::vector<std::unique_ptr<Placed>> m_placed;
  std::optional<double> m_picked;
  QPointer<SharedAxis> m_axis;
};

}  // namespace distanz::app

#pragma once
#include <QPen>
#include <QTimer>
#include <QWidget>
#include <memory>
#include <optional>
#include <vector>

class QCPAxis;
class QCustomPlot;

namespace distanz::app {

/// Lanes stacked over the shared distance axis. Draws what it is given; the only file that knows the plotting
/// library.
class LanePlot : public QWidget {
  Q_OBJECT
 public:
  explicit LanePlot(QWidget* parent = nullptr);
  ~LanePlot() override;

  /// @param stretch share of the height
  int addLane(const QString& title, const QString& unit, int stretch);
  /// A lane that is not shown leaves its room to the others, and what is drawn in it is dropped.
  void showLanes(const std::vector<bool>& shown);
  void clear();
  void setAxisEnd(double end_m);
  void setRange(int lane, double low, double high);
  /// Names rows 0..n-1 from the top instead of showing a scale.
  void setRows(int lane, const QStringList& names);

  void line(int lane, const std::vector<double>& x, const std::vector<double>& y, const QPen& pen);
  void band(int lane, const std::vector<double>& x, const std::vector<double>& low,
            const std::vector<double>& high, const QColor& colour);
  /// A level that must not be gone below, the ground under it shaded, with a label at the right.
  void floor(int lane, double y, const QString& label);
  struct Stroke {
    double x0, x1, y;
  };
  /// Horizontal strokes from one distance to another at height y.
  void strokes(int lane, const std::vector<Stroke>& strokes, const QPen& pen);
  struct Dot {
    double x, y;
    QString name;  ///< told by dotClicked()
    bool marked;   ///< ringed in the colour of caution
  };
  void dots(int lane, const std::vector<Dot>& dots, const QColor& colour);
  /// Bars of one width, in metres, from 0 up or down.
  void bars(int lane, const std::vector<double>& x, const std::vector<double>& y, double width_m,
            const QColor& colour);
  /// A note in the middle of an empty lane.
  void note(int lane, const QString& text);

  void setPicked(std::optional<double> distance_m);
  /// Draws anew once the window has nothing more urgent to do; a plot that is not seen, when it is shown.
  void replot();
  bool savePng(const QString& file);
  bool saveSvg(const QString& file);

 signals:
  void picked(double distance_m);
  void dotClicked(const QString& name, const QPoint& at_global);

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override;
  void showEvent(QShowEvent* event) override;

 private:
  struct Lane;
  struct Placed {
    int lane;
    Dot dot;
  };
  void style();
  QCPAxis* axisOf(int lane, int type) const;
  const Placed* dotAt(const QPointF& position) const;
  QCustomPlot* m_plot;
  QTimer m_redraw;
  bool m_stale = false;
  std::vector<std::unique_ptr<Lane>> m_lanes;
  std::vector<Placed> m_dots;
};

}  // namespace distanz::app

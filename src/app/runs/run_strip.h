#pragma once
#include <QColor>
#include <QStringList>
#include <QWidget>
#include <cmath>
#include <optional>

#include "core/campaign/run.h"
#include "core/log/strip.h"

namespace distanz::app {

/// One run to look at: its lanes over time and, beside them, over the path. On the time side lie the turn, whose edges
/// can be moved, the cuts, which say what of the log is this run, and the further logs, which can be moved against the
/// first. All of it by mouse or keys.
class RunStrip : public QWidget {
  Q_OBJECT
 public:
  explicit RunStrip(QWidget* parent = nullptr);
  /// A further log: from when to when on the first one's clock.
  struct Further {
    QString name;
    double begin_s = 0;
    std::optional<double> end_s;  ///< none: not known
    double sd_s = NAN, sd_m = NAN;  ///< of its begin, and as metres of path; NaN: not known
  };
  struct Shown {
    QString title;
    QColor colour;
    log::Strip strip;
    log::Turn turn;
    std::optional<double> from_s, to_s;  ///< the cuts
    QString first_log;
    std::vector<Further> further = {};
    QStringList facts = {}, warnings = {};
    std::vector<std::pair<double, QString>> marks = {};  ///< when a place was passed, and which
    bool unplaced = false;
  };
  void show(std::optional<Shown> shown);

 signals:
  void turnMoved(double begin_s, double end_s);
  /// None: at that end of the log.
  void cutMoved(std::optional<double> from_s, std::optional<double> to_s);
  void furtherMoved(int index, double by_s);
  void markWanted(double time_s);  ///< at the pointer

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  static constexpr double kSource_px = 14;  ///< height of a log's bar
  enum class Edge { None, TurnBegin, TurnEnd, From, To, Further };
  struct Row {
    const log::StripLane* lane;
    double top, height;
  };
  QRectF timeSide() const;
  QRectF pathSide() const;
  std::vector<Row> rows() const;
  double x(double time_s) const;
  double time(double x_px) const;
  double cutAt(Edge edge) const;
  void move(Edge edge, double time_s);
  void emitMoved(Edge edge);
  Edge edgeAt(const QPointF& at, int& further) const;
  void paintLane(QPainter& p, const Row& row) const;
  void paintTurnAndCuts(QPainter& p) const;
  void paintSources(QPainter& p) const;
  void paintMarks(QPainter& p) const;
  bool drawable() const;
  void paintAxes(QPainter& p) const;
  void paintWarnings(QPainter& p, const Row& row) const;

  std::optional<Shown> m_shown;
  std::optional<std::optional<Shown>> m_waiting;  ///< came while something was held
  Edge m_edge = Edge::None;
  int m_further = -1;        ///< which log is held, or was last
  double m_held_s = 0;       ///< where it was taken
  double m_moved_s = 0;      ///< by how much it was moved since
  double m_pointer_s = NAN;  ///< under the pointer
};

}  // namespace distanz::app

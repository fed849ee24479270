#pragma once
#include <QWidget>

#include "app/shared/distance_axis.h"
#include "app/shared/document.h"

namespace distanz::analysis {
struct RangeAnswer;
struct SetupAnswer;
}  // namespace distanz::analysis
namespace distanz::plan {
struct Prediction;
}

namespace distanz::app {

/// The spine of the window: the path as a ruler from the station to the far post, and one bar per setup:
/// hollow for what is predicted, hatched for what has been flown, solid for the dependable range with its
/// uncertainty as a fading tip, and a notch where battery, ground or a limit turns the aircraft back.
class RangeRule : public QWidget {
  Q_OBJECT
 public:
  explicit RangeRule(Document& document, QWidget* parent = nullptr);
  /// Where on the window's width the axis lies; the stage's lanes use the same.
  DistanceAxis axis() const;
  /// Setups are one row each; where there are more than rows, from which on they are shown.
  int firstShown() const { return m_first; }
  int rowsShown() const;

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;

 private:
  void pickAt(double x_px);
  void scrollTo(int first);
  void drawScroll(QPainter& p, int rows) const;
  void drawRuler(QPainter& p, const DistanceAxis& a) const;
  void drawBar(QPainter& p, const DistanceAxis& a, std::size_t setup, const QRectF& row) const;
  void drawPredicted(QPainter& p, const DistanceAxis& a, const plan::Prediction& predicted, const QColor& colour,
                     const QRectF& bar, bool alone) const;
  void drawFlown(QPainter& p, const DistanceAxis& a, const analysis::SetupAnswer& limit, const QColor& colour,
                 const QRectF& bar) const;
  void drawTurn(QPainter& p, const DistanceAxis& a, const std::string& setup, const QRectF& bar) const;
  void drawForecast(QPainter& p, const QRectF& area, const std::string& setup) const;
  void drawHoles(QPainter& p, const DistanceAxis& a, const std::string& setup, const QRectF& bar) const;
  void drawTypical(QPainter& p, const DistanceAxis& a, const analysis::RangeAnswer& typical,
                   const QColor& colour, double middle_px) const;
  void drawText(QPainter& p, std::size_t setup, const QRectF& row) const;
  void drawRange(QPainter& p, const QRectF& area, const analysis::RangeAnswer& range, bool strong) const;
  void drawPicked(QPainter& p, const DistanceAxis& a) const;

  Document& m_document;
  int m_first = 0;
};

}  // namespace distanz::app

#pragma once
#include <QWidget>

#include "core/records/record_result.h"

class QHBoxLayout;
class QPushButton;

namespace distanz::app {

class PlotCanvas;

/// What a record says: the two or three numbers that decide, large, and its drawing.
class ResultView : public QWidget {
  Q_OBJECT
 public:
  explicit ResultView(QWidget* parent = nullptr);
  void show(const records::RecordResult& result);
  const records::Plot& plot() const { return m_plot; }
  QSize paperSize() const;
  /// The numbers that decide over the drawing.
  void paintPaper(QPainter& painter, const QString& title) const;

 private:
  void showPlot(bool other);
  QHBoxLayout* m_figures;
  PlotCanvas* m_canvas;
  QPushButton* m_other;
  records::RecordResult m_result;
  records::Plot m_plot;
};

}  // namespace distanz::app

#pragma once
#include <QWidget>

#include "core/records/record_result.h"

namespace distanz::app {

/// What a result looks like, large.
class PlotCanvas : public QWidget {
 public:
  explicit PlotCanvas(QWidget* parent = nullptr);
  void show(const records::Plot& plot);
  const records::Plot& plot() const { return m_plot; }

 protected:
  void paintEvent(QPaintEvent*) override;

 private:
  records::Plot m_plot;
};

}  // namespace distanz::app

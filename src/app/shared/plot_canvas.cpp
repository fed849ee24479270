#include "app/shared/plot_canvas.h"

#include <QPainter>

#include "app/shared/copying.h"
#include "app/shared/lane_plot.h"
#include "lanes/paper/plot_paper.h"

namespace distanz::app {

PlotCanvas::PlotCanvas(QWidget* parent) : QWidget(parent) {
  setMinimumHeight(160);
  markDrawing(this);
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void PlotCanvas::show(const records::Plot& plot) {
  m_plot = plot;
  setVisible(!plot.empty());
  update();
}

void PlotCanvas::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  lanes::paint(painter, rect(), m_plot, lanesLook());
}

}  // namespace distanz::app

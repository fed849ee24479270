#pragma once
#include <QWidget>

#include "lanes/paper/chain_paper.h"

namespace distanz::app {

/// A link as a chain that can be grabbed: a click or the arrow keys choose an element, Enter or a second
/// click offers what else could stand there.
class ChainView : public QWidget {
  Q_OBJECT
 public:
  explicit ChainView(QWidget* parent = nullptr);
  void show(const lanes::ChainDrawing& drawing);
  const lanes::ChainDrawing& drawing() const { return m_drawing; }
  /// Middle of an element's column, and its foot.
  QPoint placeOf(int element) const;

 signals:
  void chosen(int element);
  void swapWanted(int element);

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  QRectF area() const;
  void choose(int element);
  lanes::ChainDrawing m_drawing;
};

}  // namespace distanz::app

#pragma once
#include <QObject>

class QAbstractItemView;
class QWidget;

namespace distanz::app {

/// Copy, select all and the menus of the right button, for every table, plot and drawing of a window.
class Copying : public QObject {
  Q_OBJECT
 public:
  /// Looks after all widgets below a window.
  explicit Copying(QWidget* window);

  /// What has the focus: the chosen cells of a table, the text of a field. Nothing where there is nothing.
  static void copy();
  static void selectAll();

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  void tableMenu(QAbstractItemView* view, const QPoint& at);
  void drawingMenu(QWidget* drawing, const QPoint& at);
  QWidget* m_window;
};

/// Marks a widget as a drawing: its menu copies and saves it.
void markDrawing(QWidget* widget);

}  // namespace distanz::app

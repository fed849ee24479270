#pragma once
#include <QWidget>

#include "app/shared/document.h"
#include "lanes/paper/rule_paper.h"

class QPushButton;

namespace distanz::app {

/// The spine of the window: the path as a ruler from the station to the far post, one bar per setup and the numbers
/// beside it. Large where it is the answer; its key is folded by a click and stays as it was left.
class RangeRule : public QWidget {
  Q_OBJECT
 public:
  explicit RangeRule(Document& document, QWidget* parent = nullptr);
  /// Where on its width the axis lies; lanes, map and profile use the same.
  DistanceAxis axis() const { return m_document.axisIn(*this); }
  /// @param grown large, as the answer @param compact no room for more than the bars
  /// @param numbers_px width of what stands beside the axis; 0: numbers go on the bars
  void showAs(bool grown, bool compact, int numbers_px);
  /// Setups are one row each; where there are more than rows, from which on they are shown.
  int firstShown() const { return m_first; }
  int rowsShown() const;
  bool keyShown() const;

 protected:
  void paintEvent(QPaintEvent*) override;
  void resizeEvent(QResizeEvent*) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;

 private:
  lanes::RuleLayout layoutNow() const;
  void fit();
  void pickAt(double x_px);
  void scrollTo(int first);
  void drawScroll(QPainter& p) const;

  Document& m_document;
  QPushButton* m_key;
  int m_first = 0, m_numbers_px = 0;
  bool m_grown = false, m_compact = false;
};

}  // namespace distanz::app

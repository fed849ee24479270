#pragma once
#include <QScrollArea>
#include <functional>

class QPainter;

namespace distanz::app {

/// A drawing that is as high as its content at the width it has, and scrolls.
class SheetPage : public QScrollArea {
  Q_OBJECT
 public:
  struct Sheet {
    std::function<double(double width)> height;
    std::function<void(QPainter&, double width)> paint;
    QString empty;  ///< what belongs here, and the first step; empty: there is something
    QString said;   ///< for who cannot see it
  };
  explicit SheetPage(QWidget* parent = nullptr);
  ~SheetPage() override;
  void show(Sheet sheet);
  QSize paperSize() const;
  void paintPaper(QPainter& painter) const;

 protected:
  void resizeEvent(QResizeEvent* event) override;

 private:
  class Canvas;
  void fit();
  Canvas* m_canvas;
};

}  // namespace distanz::app

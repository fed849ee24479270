#pragma once
#include <QWidget>

#include "app/shared/distance_axis.h"
#include "app/shared/document.h"

namespace distanz::app {

/// The path from above, turned so that it runs along the shared distance axis; north is shown by an arrow.
class PathView : public QWidget {
  Q_OBJECT
 public:
  explicit PathView(Document& document, QWidget* parent = nullptr);

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent* event) override;

 private:
  void drawPosts(QPainter& p, const DistanceAxis& axis) const;
  void drawNames(QPainter& p, const DistanceAxis& axis, double far_px) const;

  Document& m_document;
};

}  // namespace distanz::app

#pragma once
#include <QLabel>

namespace distanz::app {

/// A text that gives way where there is no room: cut with an ellipsis, whole in its tooltip.
class ElidedLabel : public QLabel {
  Q_OBJECT
 public:
  explicit ElidedLabel(const QString& text, QWidget* parent = nullptr);
  QSize minimumSizeHint() const override { return {0, QLabel::minimumSizeHint().height()}; }

 protected:
  void paintEvent(QPaintEvent* event) override;
};

}  // namespace distanz::app

#pragma once
#include <QWidget>
#include <string>

class QPainter;

namespace distanz::app {

/// The letter of a setup on its colour.
void paintBadge(QPainter& painter, const QRectF& area, const std::string& letter, const QColor& colour);

/// The same as a widget, with the line pattern of the setup under it.
class Badge : public QWidget {
 public:
  Badge(const std::string& letter, int mark, QWidget* parent = nullptr);

 protected:
  void paintEvent(QPaintEvent*) override;

 private:
  std::string m_letter;
  int m_mark;
};

}  // namespace distanz::app

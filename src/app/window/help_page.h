#pragma once
#include <QDialog>

namespace distanz::app {

/// A page of the guide, from the program's own resources.
class HelpPage : public QDialog {
  Q_OBJECT
 public:
  HelpPage(const QString& title, const QString& resource, QWidget* parent = nullptr);
};

}  // namespace distanz::app

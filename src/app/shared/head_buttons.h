#pragma once
#include <QString>
#include <functional>
#include <vector>

class QHBoxLayout;
class QPushButton;
class QWidget;

/// What stands at the head of a stage.
namespace distanz::app {

/// A button that opens a menu, and looks it.
QPushButton* menuButton(const QString& text, const char* name, const QString& tip);

/// One of the pages of a stage.
struct Tab {
  const char* name;  ///< of its button
  QString text;
};
/// A row of buttons of which one is down, the first at first. @param turned with the place of the one pressed
QHBoxLayout* tabRow(QWidget* owner, const std::vector<Tab>& tabs, const std::function<void(int)>& turned);

}  // namespace distanz::app

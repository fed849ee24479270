#pragma once
#include <QToolButton>
#include <QWidget>
#include <vector>

namespace distanz::app {

/// The stages in the order of the work, each with what is there.
class StageRail : public QWidget {
  Q_OBJECT
 public:
  struct Entry {
    QString name, icon;
  };
  explicit StageRail(const std::vector<Entry>& entries, QWidget* parent = nullptr);
  void setCurrent(int stage);
  /// @param has what is there @param lacks what the work still waits for; empty: nothing
  void setState(int stage, const QString& has, const QString& lacks);

 signals:
  void chosen(int stage);

 private:
  class Button;
  std::vector<Button*> m_buttons;
};

}  // namespace distanz::app

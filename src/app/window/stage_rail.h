#pragma once
#include <QToolButton>
#include <QWidget>
#include <vector>

namespace distanz::app {

/// The stages in the order of the work, each with what it still lacks.
class StageRail : public QWidget {
  Q_OBJECT
 public:
  struct Entry {
    QString name, icon;
  };
  explicit StageRail(const std::vector<Entry>& entries, QWidget* parent = nullptr);
  void setCurrent(int stage);
  void setLacks(int stage, const QString& lacks);

 signals:
  void chosen(int stage);

 private:
  class Button;
  std::vector<Button*> m_buttons;
};

}  // namespace distanz::app

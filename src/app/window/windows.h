#pragma once
#include <QPointer>
#include <vector>

#include "app/window/main_window.h"

namespace distanz::app {

/// The windows of the program, one a campaign. What is opened beside an open campaign gets a window of its own; what is
/// open already comes to the front. All are closed with it.
class Windows {
 public:
  explicit Windows(Prompts& prompts);
  ~Windows();
  MainWindow& first() { return *m_windows.front(); }
  /// Those that are there now.
  std::vector<MainWindow*> all() const;

 private:
  MainWindow* add();
  /// The window that has this file open, else one that has none, else a new one.
  MainWindow* windowFor(const QString& file);

  Prompts& m_prompts;
  std::vector<QPointer<MainWindow>> m_windows;
};

}  // namespace distanz::app

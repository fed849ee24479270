#include "app/window/windows.h"

#include <algorithm>

namespace distanz::app {

namespace {
constexpr int kBeside_px = 32;  // so that the window below is seen
}

Windows::Windows(Prompts& prompts) : m_prompts(prompts) {
  add();
}

Windows::~Windows() {
  for (const auto& window : m_windows) delete window.data();
}

std::vector<MainWindow*> Windows::all() const {
  std::vector<MainWindow*> out;
  for (const auto& window : m_windows)
    if (window) out.push_back(window);
  return out;
}

MainWindow* Windows::add() {
  auto* window = new MainWindow(m_prompts);
  if (const auto there = all(); !there.empty()) {
    window->setAttribute(Qt::WA_DeleteOnClose);
    window->move(there.back()->pos() + QPoint(kBeside_px, kBeside_px));
  }
  window->setElsewhere([this](const QString& file) { return windowFor(file); });
  m_windows.emplace_back(window);
  return window;
}

MainWindow* Windows::windowFor(const QString& file) {
  const auto there = all();
  const auto found = std::find_if(there.begin(), there.end(), [&](MainWindow* w) { return w->shows(file); });
  const auto idle = std::find_if(there.begin(), there.end(),
                                 [](MainWindow* w) { return !w->workspace() && !w->opening(); });
  MainWindow* window = found != there.end() ? *found : idle != there.end() ? *idle : add();
  window->show();
  window->raise();
  window->activateWindow();
  return window;
}

}  // namespace distanz::app

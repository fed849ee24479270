#include "app/shared/tab_order.h"

#include <QAbstractItemView>
#include <QApplication>
#include <QComboBox>
#include <QLayout>
#include <QLineEdit>
#include <QScrollArea>
#include <QSplitter>
#include <QStackedWidget>
#include <algorithm>

namespace distanz::app {
namespace {

class Stops {
 public:
  std::vector<QWidget*> found;

  void below(QWidget* w) {
    if (!w || !w->isVisible()) return;
    if ((w->focusPolicy() & Qt::TabFocus) && w->isEnabled() && !w->focusProxy() && !qobject_cast<QScrollArea*>(w))
      add(w);
    if (qobject_cast<QComboBox*>(w) || qobject_cast<QLineEdit*>(w)) return;
    if (auto* pages = qobject_cast<QStackedWidget*>(w)) return below(pages->currentWidget());
    if (auto* area = qobject_cast<QScrollArea*>(w)) return below(area->widget());
    if (auto* splitter = qobject_cast<QSplitter*>(w)) {
      for (int i = 0; i < splitter->count(); ++i) below(splitter->widget(i));
      return;
    }
    if (auto* view = qobject_cast<QAbstractItemView*>(w)) return placed(view->viewport());
    if (w->layout()) in(w->layout());
    placed(w);  // what floats
  }

 private:
  void add(QWidget* w) {
    if (std::find(found.begin(), found.end(), w) == found.end()) found.push_back(w);
  }
  void in(QLayout* layout) {
    for (int i = 0; i < layout->count(); ++i) {
      QLayoutItem* item = layout->itemAt(i);
      if (item->widget()) {
        m_laid.push_back(item->widget());
        below(item->widget());
      }
      if (item->layout()) in(item->layout());
    }
  }
  /// What no layout holds, as it stands on the screen.
  void placed(QWidget* w) {
    std::vector<QWidget*> loose;
    for (QObject* child : w->children())
      if (auto* c = qobject_cast<QWidget*>(child); c && !c->isWindow() && std::find(m_laid.begin(), m_laid.end(), c) == m_laid.end())
        loose.push_back(c);
    std::stable_sort(loose.begin(), loose.end(), [](const QWidget* a, const QWidget* b) {
      return std::pair(a->y(), a->x()) < std::pair(b->y(), b->x());
    });
    for (QWidget* c : loose) below(c);
  }

  std::vector<QWidget*> m_laid;
};

}  // namespace

std::vector<QWidget*> tabStops(QWidget* root) {
  Stops stops;
  stops.below(root);
  return stops.found;
}

QWidget* nextTabStop(QWidget* root, bool forward) {
  const std::vector<QWidget*> stops = tabStops(root);
  if (stops.empty()) return nullptr;
  QWidget* now = QApplication::focusWidget();
  while (now && now != root && std::find(stops.begin(), stops.end(), now) == stops.end()) now = now->parentWidget();
  const auto at = std::find(stops.begin(), stops.end(), now);
  if (at == stops.end()) return forward ? stops.front() : stops.back();
  const auto n = std::ptrdiff_t(stops.size()), i = at - stops.begin();
  return stops[std::size_t((i + (forward ? 1 : n - 1)) % n)];
}

}  // namespace distanz::app

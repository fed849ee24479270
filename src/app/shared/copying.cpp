#include "app/shared/copying.h"

#include <QAbstractItemView>
#include <QAction>
#include <QApplication>
#include <QClipboard>
#include <QContextMenuEvent>
#include <QLineEdit>
#include <QMenu>

#include "app/shared/table_text.h"

namespace distanz::app {
namespace {

constexpr const char* kDrawing = "drawing";

QAbstractItemView* tableOf(QObject* watched) {
  auto* view = qobject_cast<QAbstractItemView*>(watched);
  if (!view && watched->parent()) {
    view = qobject_cast<QAbstractItemView*>(watched->parent());  // its viewport
    if (view && view->viewport() != watched) view = nullptr;
  }
  return view;
}

QModelIndexList allOf(const QAbstractItemView& view) {
  QModelIndexList out;
  for (int row = 0; row < view.model()->rowCount(); ++row)
    for (int column = 0; column < view.model()->columnCount(); ++column) out << view.model()->index(row, column);
  return out;
}

void toClipboard(const QString& text) {
  if (!text.isEmpty()) QGuiApplication::clipboard()->setText(text);
}

}  // namespace

void markDrawing(QWidget* widget) {
  widget->setProperty(kDrawing, true);
}

Copying::Copying(QWidget* window) : QObject(window), m_window(window) {
  qApp->installEventFilter(this);
}

void Copying::copy() {
  QWidget* focus = QApplication::focusWidget();
  if (auto* field = qobject_cast<QLineEdit*>(focus)) return field->copy();
  if (auto* view = qobject_cast<QAbstractItemView*>(focus); view && view->selectionModel())
    toClipboard(tableText(*view, view->selectionModel()->selectedIndexes()));
}

void Copying::selectAll() {
  QWidget* focus = QApplication::focusWidget();
  if (auto* field = qobject_cast<QLineEdit*>(focus)) return field->selectAll();
  if (auto* view = qobject_cast<QAbstractItemView*>(focus)) view->selectAll();
}

bool Copying::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() != QEvent::ContextMenu || !watched->isWidgetType()) return false;
  auto* widget = static_cast<QWidget*>(watched);
  if (widget->window() != m_window && (!widget->window()->parentWidget() || widget->window()->parentWidget()->window() != m_window))
    return false;
  const QPoint at = static_cast<QContextMenuEvent*>(event)->globalPos();
  if (QAbstractItemView* view = tableOf(watched); view && view->contextMenuPolicy() == Qt::DefaultContextMenu) {
    tableMenu(view, at);
    return true;
  }
  for (QWidget* w = widget; w && !w->isWindow(); w = w->parentWidget())
    if (w->property(kDrawing).toBool()) {
      drawingMenu(w, at);
      return true;
    }
  return false;
}

void Copying::tableMenu(QAbstractItemView* view, const QPoint& at) {
  auto* menu = new QMenu(view);
  menu->setObjectName("tableMenu");
  menu->setAttribute(Qt::WA_DeleteOnClose);
  const bool chosen = view->selectionModel() && view->selectionModel()->hasSelection();
  const auto add = [&](const QString& text, const char* name, const QKeySequence& key, bool on, auto run) {
    QAction* a = menu->addAction(text, view, run);
    a->setObjectName(name);
    a->setShortcut(key);
    a->setEnabled(on);
  };
  add(tr("Copy"), "copyCells", QKeySequence::Copy, chosen, [view] { toClipboard(tableText(*view, view->selectionModel()->selectedIndexes())); });
  add(tr("Copy the whole table"), "copyTable", {}, view->model()->rowCount() > 0, [view] { toClipboard(tableText(*view, allOf(*view))); });
  if (view->selectionMode() != QAbstractItemView::NoSelection && view->selectionMode() != QAbstractItemView::SingleSelection)
    add(tr("Select all"), "selectCells", QKeySequence::SelectAll, view->model()->rowCount() > 0, [view] { view->selectAll(); });
  menu->popup(at);
}

void Copying::drawingMenu(QWidget* drawing, const QPoint& at) {
  auto* menu = new QMenu(drawing);
  menu->setObjectName("drawingMenu");
  menu->setAttribute(Qt::WA_DeleteOnClose);
  QAction* copy = menu->addAction(tr("Copy as picture"), drawing, [drawing] { QGuiApplication::clipboard()->setPixmap(drawing->grab()); });
  copy->setObjectName("copyPicture");
  menu->addSeparator();
  for (const char* name : {"exportPng", "exportSvg", "exportPdf", "exportCsv"})
    if (auto* save = m_window->findChild<QAction*>(name); save && save->isEnabled()) menu->addAction(save);
  menu->popup(at);
}

}  // namespace distanz::app

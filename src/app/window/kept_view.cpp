#include "app/window/kept_view.h"

#include <QGuiApplication>
#include <QScreen>
#include <QSettings>
#include <algorithm>

namespace distanz::app {
namespace {

constexpr const char *kViews = "views", *kSize = "window/size", *kLargest = "window/maximised";

}  // namespace

KeptView keptView(const QString& file) {
  const QStringList kept = QSettings().value(kViews).toMap().value(file).toStringList();
  return kept.size() == 2 ? KeptView{kept[0], kept[1].toStdString()} : KeptView();
}

void keepView(const QString& file, const KeptView& view) {
  QSettings settings;
  QVariantMap all = settings.value(kViews).toMap();
  all[file] = QStringList{view.stage, QString::fromStdString(view.link)};
  settings.setValue(kViews, all);
}

void keepViewsOf(const QStringList& files) {
  QSettings settings;
  QVariantMap all = settings.value(kViews).toMap();
  const QStringList kept = all.keys();
  for (const QString& file : kept)
    if (!files.contains(file)) all.remove(file);
  settings.setValue(kViews, all);
}

void keepSize(const QWidget& window) {
  QSettings settings;
  settings.setValue(kLargest, window.isMaximized());
  if (!window.isMaximized()) settings.setValue(kSize, window.size());
}

void restoreSize(QWidget& window) {
  const QSettings settings;
  const QSize kept = settings.value(kSize).toSize();
  const QList<QScreen*> screens = QGuiApplication::screens();
  const bool fits = std::any_of(screens.begin(), screens.end(), [&](QScreen* s) {
    const QSize room = s->availableSize().expandedTo(window.minimumSize());
    return kept.width() <= room.width() && kept.height() <= room.height();
  });
  if (kept.isValid() && fits) window.resize(kept);
  if (settings.value(kLargest).toBool()) window.setWindowState(Qt::WindowMaximized);
}

}  // namespace distanz::app

#include "app/window/pictures.h"

#include <QCoreApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QEventLoop>
#include <QPixmap>
#include <QTimer>

#include "app/window/main_window.h"

namespace distanz::app {
namespace {

void settle(int ms) {
  QEventLoop loop;
  QTimer::singleShot(ms, &loop, &QEventLoop::quit);
  loop.exec();
}

}  // namespace

QStringList savePictures(MainWindow& window, const QString& folder) {
  QDir().mkpath(folder);
  QStringList files;
  const auto save = [&](const QString& name) {
    settle(150);
    files << QDir(folder).filePath(name + ".png");
    window.grab().save(files.back());
  };
  while (window.making()) settle(20);
  settle(20);  // the made campaign is opened from the event loop
  if (!window.workspace()) {
    save("start");
    return files;
  }
  QElapsedTimer clock;
  clock.start();
  while (!window.workspace()->document().analysed() && clock.elapsed() < 30000) settle(20);
  window.workspace()->document().pick(1200);
  for (const char* stage : {"kit", "plan", "runs", "compare"}) {
    window.workspace()->showStageNamed(stage);
    save(stage);
  }
  return files;
}

}  // namespace distanz::app

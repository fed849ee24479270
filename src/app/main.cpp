#include <QApplication>
#include <QTextStream>
#include <QThreadPool>
#include <QTimer>
#include <cstdio>
#include <cstdlib>

#include "app/command_line.h"
#include "app/scale.h"
#include "app/shared/preferences.h"
#include "app/shared/theme.h"
#include "app/window/main_window.h"
#include "app/window/pictures.h"
#include "app/window/windows.h"

namespace {

using namespace distanz::app;

constexpr int kPatience_ms = 300;  // for what still computes when the window is closed
constexpr int kSpareThreads = 4;   // what was left behind does not hold up what is asked for next

/// The window, from its beginning to its end. @return how the program ends
int shown(const StartOptions& options) {
  SystemPrompts prompts;
  Windows windows(prompts);
  MainWindow& window = windows.first();
  window.show();
  if (options.demo) window.openDemo();
  if (!options.file.isEmpty()) window.open(options.file);
  if (!options.pictures.isEmpty()) {
    QTextStream out(stdout);
    for (const QString& file : savePictures(window, options.pictures)) out << file << "\n";
    return 0;
  }
  QTimer watch;
  if (options.quit_when_analysed) {
    QObject::connect(&watch, &QTimer::timeout, &window, [&window] {
      if (window.workspace() && window.workspace()->document().analysed()) QApplication::quit();
    });
    watch.start(5);
  }
  return QApplication::exec();
}

}  // namespace

int main(int argc, char** argv) {
  constexpr int kUsage = 2;
  QCoreApplication::setApplicationName("Distanz");
  QCoreApplication::setOrganizationName("Distanz");
  QCoreApplication::setApplicationVersion(DISTANZ_VERSION);
  if (const auto told = toldWithoutDisplay(argc, argv)) {
    std::fputs(qPrintable(*told), stdout);
    return 0;
  }
  followSystemFont(argc, argv);
  QApplication app(argc, argv);
  const Started started = readCommandLine(QApplication::arguments());
  if (!started.refused.isEmpty()) {
    QTextStream(stderr) << "distanz: " << started.refused << "; see distanz --help\n";
    return kUsage;
  }
  colourAsPreferred();
  if (started.options.dark) theme::setScheme(theme::Scheme::Dark);
  speakAsPreferred();
  theme::loadFonts();
  theme::apply();
  QThreadPool* threads = QThreadPool::globalInstance();
  threads->setMaxThreadCount(threads->maxThreadCount() + kSpareThreads);
  const int code = shown(started.options);
  if (threads->waitForDone(kPatience_ms)) return code;
  std::fflush(nullptr);
  std::_Exit(code);  // the campaign is closed; what still computes has nothing to keep
}

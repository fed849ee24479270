#include <QApplication>
#include <QCommandLineParser>
#include <QTextStream>
#include <QTimer>

#include "app/shared/theme.h"
#include "app/window/main_window.h"
#include "app/window/pictures.h"

int main(int argc, char** argv) {
  using namespace distanz::app;
  QApplication app(argc, argv);
  QApplication::setApplicationName("Distanz");
  QApplication::setOrganizationName("Distanz");
  QApplication::setApplicationVersion(DISTANZ_VERSION);
  QCommandLineParser options;
  options.setApplicationDescription(QObject::tr("How far each radio setup carries, and how sure that is"));
  options.addHelpOption();
  options.addVersionOption();
  options.addPositionalArgument("FILE", QObject::tr("campaign file or interchange folder to open"), "[FILE]");
  const QCommandLineOption demo("demo", QObject::tr("open the demo campaign"));
  const QCommandLineOption dark("dark", QObject::tr("dark colours"));
  const QCommandLineOption pictures("pictures", QObject::tr("save a picture of each main view to DIR and quit"), "DIR");
  const QCommandLineOption quit("quit-when-analysed", QObject::tr("quit once the campaign is shown and analysed, for timing"));
  options.addOptions({demo, dark, pictures, quit});
  options.process(app);

  theme::setScheme(options.isSet(dark) ? theme::Scheme::Dark : theme::Scheme::Light);
  theme::loadFonts();
  theme::apply();
  SystemPrompts prompts;
  MainWindow window(prompts);
  window.show();
  if (options.isSet(demo)) window.openDemo();
  if (!options.positionalArguments().isEmpty()) window.open(options.positionalArguments().first());
  if (options.isSet(pictures)) {
    QTextStream out(stdout);
    for (const QString& file : savePictures(window, options.value(pictures))) out << file << "\n";
    return 0;
  }
  QTimer watch;
  if (options.isSet(quit)) {
    QObject::connect(&watch, &QTimer::timeout, &app, [&window] {
      if (window.workspace() && window.workspace()->document().analysed()) QApplication::quit();
    });
    watch.start(5);
  }
  return QApplication::exec();
}

#include <QApplication>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <cstdio>

#include "app/shared/theme.h"
#include "support/runner.h"

namespace {

/// Without what the platform without a screen says of itself.
void onlyOurs(QtMsgType, const QMessageLogContext&, const QString& text) {
  if (!text.startsWith("This plugin does not support")) std::fprintf(stderr, "%s\n", qPrintable(text));
}

}  // namespace

int main(int argc, char** argv) {
  QTemporaryDir home;
  qputenv("XDG_DATA_HOME", home.filePath("data").toUtf8());
  qputenv("XDG_CONFIG_HOME", home.filePath("config").toUtf8());
  if (!qEnvironmentVariableIsSet("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
  qInstallMessageHandler(onlyOurs);
  QApplication app(argc, argv);
  QApplication::setApplicationName("Distanz");
  QApplication::setOrganizationName("Distanz");
  distanz::app::theme::loadFonts();
  distanz::app::theme::apply();
  return distanz::test::run(argc, argv);
}

#define CATCH_CONFIG_RUNNER
#include <QApplication>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <catch2/catch.hpp>

#include "app/shared/theme.h"

int main(int argc, char** argv) {
  QTemporaryDir home;
  qputenv("XDG_DATA_HOME", home.filePath("data").toUtf8());
  qputenv("XDG_CONFIG_HOME", home.filePath("config").toUtf8());
  if (!qEnvironmentVariableIsSet("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
  QApplication app(argc, argv);
  QApplication::setApplicationName("Distanz");
  QApplication::setOrganizationName("Distanz");
  distanz::app::theme::loadFonts();
  distanz::app::theme::apply();
  return Catch::Session().run(argc, argv);
}

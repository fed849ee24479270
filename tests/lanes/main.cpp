#define CATCH_CONFIG_RUNNER
#include <QGuiApplication>
#include <catch2/catch.hpp>

int main(int argc, char** argv) {
  if (!qEnvironmentVariableIsSet("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
  QGuiApplication app(argc, argv);
  return Catch::Session().run(argc, argv);
}

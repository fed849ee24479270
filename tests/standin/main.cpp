#include <QCoreApplication>

#include "support/runner.h"

int main(int argc, char** argv) {
  const QCoreApplication app(argc, argv);
  return distanz::test::run(argc, argv);
}

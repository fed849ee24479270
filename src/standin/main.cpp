#include <QCoreApplication>
#include <iostream>

#include "standin/command.h"
#include "words/language.h"

int main(int argc, char** argv) {
  const QCoreApplication app(argc, argv);
  distanz::words::speak({});
  return distanz::standin::run({argv + 1, argv + argc}, std::cout, std::cerr);
}

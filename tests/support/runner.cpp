// The test library's own code, compiled once for all programs.
#define CATCH_CONFIG_RUNNER
#include "support/runner.h"

#include <catch2/catch.hpp>
#include <clocale>
#include <cstdio>
#include <cstdlib>

int distanz::test::run(int argc, char** argv) {
  // As a program with a window has it, whose numbers may have commas.
  if (!std::setlocale(LC_ALL, "") && std::getenv("LOCPATH")) {
    std::fprintf(stderr, "%s: this locale cannot be had\n", std::getenv("LC_ALL"));
    return 1;
  }
  return Catch::Session().run(argc, argv);
}

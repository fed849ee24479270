// The test library's own code, compiled once for all programs.
#define CATCH_CONFIG_RUNNER
#include "support/runner.h"

#include <catch2/catch.hpp>

int distanz::test::run(int argc, char** argv) {
  return Catch::Session().run(argc, argv);
}

#include "support/runner.h"

int main(int argc, char** argv) {
  return distanz::test::run(argc, argv);
}

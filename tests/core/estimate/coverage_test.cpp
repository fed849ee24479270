// The whole way from simulated flights to intervals, against the known truth. bench/coverage runs more campaigns.
#include "support/coverage.h"

#include <catch2/catch.hpp>

using namespace distanz;

TEST_CASE("coverage: 95 % intervals hold the truth in 90 to 99 % of campaigns of three runs per setup", "[simulation]") {
  const test::Coverage c = test::coverage(150, 3, 1000);
  CAPTURE(c.typical, c.dependable, c.delta, c.ratio);
  for (const double share : {c.typical, c.dependable, c.delta, c.ratio}) {
    CHECK(share >= 0.90);
    CHECK(share <= 1.0);
  }
  CHECK(std::abs(c.delta_bias_db) < 0.25);
  CHECK(c.wrong_winner <= 0.02);
}

TEST_CASE("coverage: equal setups are rarely called different", "[simulation]") {
  const test::Coverage c = test::coverage(120, 3, 5000, 0.0);
  CHECK(c.called_better <= 0.10);
}

// Hard conditions: the answer is right or withheld. Chance fails a test less than once in 10,000 runs
// (support/chance.h).
#include <catch2/catch.hpp>

#include "support/study.h"

using namespace distanz;
using test::holdsFor;
using test::seldom;

namespace {

test::StudyResult rightOrWithheld(const test::HardCase& hard, int campaigns) {
  const test::StudyResult r =
      test::study(hard.which, {campaigns, test::decibelsFor(1.25), test::seed(7000), hard.warning});
  CAPTURE(hard.which.name, r.typical, r.delta, r.told, r.at_least, r.at_least_holds, r.warned,
          r.wrong_winner);
  CHECK(holdsFor(r.answered, 0.998));  // none of these leaves a campaign without an answer
  CHECK(holdsFor(r.typical, 0.94));
  CHECK(holdsFor(r.at_least_holds, 0.93));
  CHECK(holdsFor(r.delta, 0.945));
  CHECK(seldom(r.wrong_winner, 0.002));
  if (!hard.warning.empty()) CHECK(holdsFor(r.warned, 0.99));
  return r;
}

/// All these together tell more than each alone.
void rightOrWithheld(int campaigns) {
  test::Share typical, delta, wrong;
  for (const test::HardCase& hard : test::hardCases()) {
    const test::StudyResult r = rightOrWithheld(hard, campaigns);
    typical += r.typical, delta += r.delta, wrong += r.wrong_winner;
  }
  CAPTURE(typical, delta, wrong);
  CHECK(holdsFor(typical, 0.95));
  CHECK(holdsFor(delta, 0.955));
  CHECK(seldom(wrong, 0.001));
}

}  // namespace

TEST_CASE("study: under every hard condition the answer is right or withheld", "[simulation]") {
  rightOrWithheld(30);
}
TEST_CASE("long study: every hard condition", "[.long]") {
  rightOrWithheld(300);
}

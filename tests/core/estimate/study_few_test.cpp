// Flights of which little was read. Chance fails a test less than once in 10,000 runs (support/chance.h).
#include <catch2/catch.hpp>

#include "support/study.h"

using namespace distanz;
using test::holdsFor;
using test::seldom;

namespace {

test::StudyResult countForWhatTheyAre(const test::StudyCase& which, int campaigns) {
  const test::StudyResult r = test::study(which, {campaigns, test::decibelsFor(1.25), test::seed(4000)});
  CAPTURE(which.name, r.typical, r.dependable, r.delta, r.ratio, r.typical_bias, r.delta_bias_db, r.answered,
          r.wrong_winner);
  for (const test::Share& share : {r.typical, r.dependable, r.delta, r.ratio}) CHECK(holdsFor(share, 0.925));
  CHECK(holdsFor(r.answered, 0.998));
  CHECK(r.typical_bias.within(0.05));
  CHECK(r.delta_bias_db.within(0.2));  // where one setup was read by hand and the other logged, too
  CHECK(seldom(r.wrong_winner, 0.002));
  return r;
}

/// All these together tell more than each alone.
void countForWhatTheyAre(int campaigns) {
  test::Share typical, dependable, delta, wrong;
  for (const test::StudyCase& which : test::fewReadingsCases(4)) {
    const test::StudyResult r = countForWhatTheyAre(which, campaigns);
    typical += r.typical, dependable += r.dependable, delta += r.delta, wrong += r.wrong_winner;
  }
  CAPTURE(typical, dependable, delta, wrong);
  CHECK(holdsFor(typical, 0.945));
  CHECK(holdsFor(dependable, 0.95));
  CHECK(holdsFor(delta, 0.945));
  CHECK(seldom(wrong, 0.001));
}

}  // namespace

TEST_CASE(
    "study: few readings count for what they are: one in 250 m, one a second at 20 m/s, and dense logs among "
    "them",
    "[simulation]") {
  countForWhatTheyAre(36);
}
TEST_CASE("long study: few readings", "[.long]") {
  countForWhatTheyAre(300);
}

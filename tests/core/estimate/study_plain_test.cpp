// The whole way from simulated flights to intervals, against the known truth. What is claimed is what
// bench/study finds in thousands of campaigns (docs/methods/range.md), with a little less asked; chance fails
// a test less than once in 10,000 runs (support/chance.h).
#include <catch2/catch.hpp>

#include "support/study.h"

using namespace distanz;
using test::holdsFor;
using test::seldom;

namespace {

const double kApart_db = test::decibelsFor(1.25);

/// Unequal by a ratio of 1.25.
test::StudyResult unequal(int campaigns) {
  return test::study({"plain", 3}, {campaigns, kApart_db, test::seed(1000)});
}

void intervalsHold(int campaigns) {
  const test::StudyResult r = unequal(campaigns);
  CAPTURE(r.typical, r.dependable, r.delta, r.ratio, r.delta_bias_db, r.typical_bias, r.dependable_bias,
          r.called_better);
  for (const test::Share& share : {r.typical, r.dependable, r.delta, r.ratio}) CHECK(holdsFor(share, 0.945));
  CHECK(r.typical_bias.within(0.02));
  CHECK(r.dependable_bias.within(0.02));
  CHECK(r.delta_bias_db.within(0.1));
  CHECK(holdsFor(r.called_better, 0.5));
  CHECK(seldom(r.wrong_winner, 0.002));
}

void equalAreNotCalledDifferent(int campaigns) {
  const test::StudyResult r = test::study({"plain", 3}, {campaigns, 0.0, test::seed(5000)});
  CAPTURE(r.called_better);
  CHECK(seldom(r.called_better, 0.04));
}

void pairedIsSharper(int campaigns) {
  const test::StudyResult paired = test::study(test::pairedCase(3), {campaigns, kApart_db, test::seed(3000)}),
                          alone = unequal(campaigns);
  CAPTURE(paired.delta, paired.delta_width_db, alone.delta_width_db, paired.called_better);
  CHECK(holdsFor(paired.delta, 0.95));
  CHECK(paired.delta_width_db.value() <
        0.75 * alone.delta_width_db.value());   // 0.45 of it in the study: 20 times the error of the means
  CHECK(holdsFor(paired.called_better, 0.95));  // apart: 0.57
  const test::StudyResult equal = test::study(test::pairedCase(3), {campaigns, 0.0, test::seed(3500)});
  CAPTURE(equal.called_better);
  CHECK(seldom(equal.called_better, 0.04));
}

}  // namespace

TEST_CASE("study: 95 % intervals hold the truth, unequal setups are told apart, the wrong one never wins",
          "[simulation]") {
  intervalsHold(100);
}
TEST_CASE("study: equal setups are rarely called different", "[simulation]") {
  equalAreNotCalledDifferent(60);
}
TEST_CASE("study: two receivers in one flight are told apart much more sharply than in flights of their own",
          "[simulation]") {
  pairedIsSharper(60);
}

TEST_CASE("long study: 95 % intervals hold the truth", "[.long]") {
  intervalsHold(1000);
}
TEST_CASE("long study: equal setups are rarely called different", "[.long]") {
  equalAreNotCalledDifferent(1000);
}
TEST_CASE("long study: two receivers in one flight", "[.long]") {
  pairedIsSharper(600);
}

TEST_CASE("study: the same plan gives the same figures to the last bit") {
  const test::StudyPlan plan{6, 2.5, 9000};
  const test::StudyResult a = test::studyAnew({"plain", 2}, plan), b = test::studyAnew({"plain", 2}, plan);
  CHECK(a.delta_bias_db.value() == b.delta_bias_db.value());
  CHECK(a.delta_width_db.value() == b.delta_width_db.value());
  CHECK(a.typical_bias.value() == b.typical_bias.value());
}

// The whole way from simulated flights to intervals, against the known truth. bench/study runs more
// campaigns.
#include <catch2/catch.hpp>

#include "support/study.h"

using namespace distanz;

TEST_CASE("study: 95 % intervals hold the truth, unequal setups are told apart, the wrong one never wins",
          "[simulation]") {
  const test::StudyResult r = test::study({"plain", 3}, {150, test::decibelsFor(1.25), 1000});
  CAPTURE(r.typical, r.dependable, r.delta, r.ratio, r.delta_bias_db, r.typical_bias, r.called_better);
  for (const double share : {r.typical, r.dependable, r.delta, r.ratio}) CHECK(share >= 0.91);
  CHECK(std::abs(r.typical_bias) < 0.04);
  CHECK(std::abs(r.dependable_bias) < 0.04);
  CHECK(std::abs(r.delta_bias_db) < 0.25);
  CHECK(r.called_better >= 0.4);
  CHECK(r.wrong_winner <= 0.02);
}

TEST_CASE("study: equal setups are rarely called different", "[simulation]") {
  CHECK(test::study({"plain", 3}, {120, 0.0, 5000}).called_better <= 0.10);
}

TEST_CASE("study: two receivers in one flight are told apart much more sharply than in flights of their own",
          "[simulation]") {
  const test::StudyPlan plan{100, test::decibelsFor(1.25), 3000};
  const test::StudyResult paired = test::study(test::pairedCase(3), plan),
                          alone = test::study({"plain", 3}, plan);
  CAPTURE(paired.delta, paired.delta_width_db, alone.delta_width_db, paired.called_better);
  CHECK(paired.delta >= 0.91);
  CHECK(paired.delta_width_db < 0.75 * alone.delta_width_db);
  CHECK(paired.called_better > alone.called_better + 0.1);
  CHECK(test::study(test::pairedCase(3), {100, 0.0, 3000}).called_better <= 0.10);
}

TEST_CASE("study: under every hard condition the answer is right or withheld", "[simulation]") {
  for (const test::HardCase& hard : test::hardCases()) {
    const test::StudyResult r = test::study(hard.which, {40, test::decibelsFor(1.25), 7000, hard.warning});
    CAPTURE(hard.which.name, r.typical, r.delta, r.told, r.at_least, r.at_least_holds);
    CHECK(r.told + r.at_least >= 0.99);  // none of these leaves a campaign without an answer
    if (r.told > 0) CHECK(r.typical >= 0.85);
    if (r.at_least > 0) CHECK(r.at_least_holds >= 0.85);
    CHECK(r.delta >= 0.85);
    CHECK(r.wrong_winner <= 0.05);
    if (!hard.warning.empty()) CHECK(r.warned >= 0.9);
  }
}

TEST_CASE("study: few readings count for what they are: one in 250 m, one a second at 20 m/s, and dense logs among them",
          "[simulation]") {
  const double db = test::decibelsFor(1.25);
  for (const test::StudyCase& which : test::fewReadingsCases(4)) {
    const test::StudyResult r = test::study(which, {60, db, 4000});
    CAPTURE(which.name, r.typical, r.dependable, r.delta, r.ratio, r.typical_bias, r.dependable_bias);
    for (const double share : {r.typical, r.dependable, r.delta, r.ratio}) CHECK(share >= 0.86);
    CHECK(r.told + r.at_least >= 0.99);
    CHECK(std::abs(r.typical_bias) < 0.07);
    CHECK(r.wrong_winner <= 0.04);
  }
  // Where one setup was read by hand and the other logged, deep fades do not make the one look worse.
  const test::StudyResult apart = test::study(test::fewReadingsCases(4).back(), {60, db, 4000});
  CAPTURE(apart.delta_bias_db);
  CHECK(std::abs(apart.delta_bias_db) < 0.3);
}

TEST_CASE("study: the same plan gives the same figures to the last bit") {
  const test::StudyPlan plan{6, 2.5, 9000};
  const test::StudyResult a = test::study({"plain", 2}, plan), b = test::study({"plain", 2}, plan);
  CHECK(a.delta_bias_db == b.delta_bias_db);
  CHECK(a.delta_width_db == b.delta_width_db);
  CHECK(a.typical_bias == b.typical_bias);
}

#include "core/estimate/repeats.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"
#include "core/estimate/distribution.h"
#include "core/estimate/robust.h"
#include "core/finding/error.h"
#include "support/chance.h"

using namespace distanz;
using namespace distanz::estimate;
using Catch::Matchers::WithinAbs;

namespace {

/// The verdict's own rule on flights drawn one by one.
test::Share drawn(const RepeatsPlan& p, int pairs, int campaigns) {
  dice::Random random(test::seed(5));
  test::Share told;
  for (int i = 0; i < campaigns; ++i) {
    double mean[2] = {0, 0}, ss = 0;
    for (double& m : mean) {
      std::vector<double> flights;
      for (int f = 0; f < pairs; ++f) flights.push_back(random.normal() * p.flight_sd_db);
      for (const double f : flights) m += f / pairs;
      for (const double f : flights) ss += (f - m) * (f - m);
    }
    const double delta = p.difference_db + mean[0] - mean[1];
    const ModeratedVariance v = moderatedVariance(ss, 2 * (pairs - 1), defaults::kFlightPriorSd_db,
                                                  defaults::kFlightPriorDf, defaults::kUnusualSpread_db);
    const double se = std::sqrt(2 * v.variance / pairs), level = defaults::kPlannedLookP;
    const double a_more = 1 - tCdf((p.margin_db - delta) / se, v.df), b_more = tCdf((-p.margin_db - delta) / se, v.df);
    const bool alike = std::max(a_more, b_more) < level;  // no practical difference
    told += !alike && delta > 0 && 2 * tCdf(-std::abs(delta) / se, v.df) < level;
  }
  return told;
}

}  // namespace

TEST_CASE("repeats: the chance to tell is that of 2,000 campaigns drawn", "[simulation]") {
  for (const double sd : {0.6, 1.2, 2.0})
    for (const double difference : {1.1, 2.6})
      for (const int pairs : {2, 3, 5, 8}) {
        const RepeatsPlan p{.difference_db = difference, .margin_db = 1.1, .flight_sd_db = sd};
        const test::Share told = drawn(p, pairs, 2000);
        const double chance = chanceToTell(p, pairs);
        CAPTURE(sd, difference, pairs, told, chance);
        CHECK(test::holdsFor(told, std::max(chance - 0.01, 0.0)));
        CHECK(test::seldom(told, std::min(chance + 0.01, 1.0)));
      }
}

TEST_CASE("repeats: more flights, less scatter, one flight for both, and fewer setups tell more") {
  RepeatsPlan p{.difference_db = 1.1, .margin_db = 1.1, .flight_sd_db = 1.2};
  double last = 0;
  for (int pairs = 1; pairs <= 30; ++pairs) {
    const double chance = chanceToTell(p, pairs);
    CHECK(chance >= last);
    last = chance;
  }
  CHECK(chanceToTell(p, 1) == 0);  // a single pair shows no scatter
  CHECK(last > 0.8);
  const double two = chanceToTell(p, 5);
  RepeatsPlan other = p;
  other.setups = 4;
  CHECK(chanceToTell(other, 5) < two);
  other = p;
  other.flown = FlownAs::Together;
  other.flight_sd_db = 0.5;
  CHECK(chanceToTell(other, 5) > two);
  const int pairs = pairsToTell(p, 0.8);
  CHECK(chanceToTell(p, pairs) >= 0.8);
  CHECK(chanceToTell(p, pairs - 1) < 0.8);
  p.flight_sd_db = 50;
  CHECK(pairsToTell(p, 0.8) == 0);
  p.difference_db = 0;
  CHECK_THROWS_AS(chanceToTell(p, 3), DomainError);
}

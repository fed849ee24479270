#include "core/estimate/event_rate.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <vector>

#include "core/dice/random.h"
#include "support/chance.h"

using namespace distanz;
using namespace distanz::estimate;
using Catch::Matchers::WithinAbs;

namespace {

/// Knuth's method: small means only.
int poisson(dice::Random& random, double mean) {
  const double limit = std::exp(-mean);
  int n = 0;
  for (double p = random.uniform(); p > limit; p *= random.uniform()) ++n;
  return n;
}

}  // namespace

TEST_CASE("event rate: intervals cover the truth, where flights are alike and where their days differ", "[simulation]") {
  const auto [flights, rate, day_sd] = GENERATE(table<int, double, double>({{1, 2, 0}, {1, 5, 0.4}, {2, 2, 0.3}, {3, 1, 0}, {3, 4, 0.4}, {6, 0.5, 0}, {6, 3, 0.6}}));
  dice::Random random(test::seed(41));
  constexpr int kWorlds = 1000;
  test::Share covered, above, under;
  for (int w = 0; w < kWorlds; ++w) {
    std::vector<EventCount> seen;
    for (int f = 0; f < flights; ++f) {
      const double km = 3 + 2 * random.uniform(), day = std::exp(day_sd * random.normal() - day_sd * day_sd / 2);  // of mean 1
      seen.push_back({poisson(random, rate * km * day), 1000 * km});
    }
    const Interval i = *ratePerKm(seen);
    covered += i.low <= rate && rate <= i.high;
    above += i.low > rate, under += i.high < rate;
  }
  CAPTURE(flights, rate, day_sd, covered, above, under);
  CHECK(test::holdsFor(covered, 0.945));
  CHECK(test::seldom(above, 0.045));  // neither side is left to the other
  CHECK(test::seldom(under, 0.045));
}

TEST_CASE("event rate: none at all has the rule of three for its upper limit, and nothing flown tells nothing") {
  const std::vector<EventCount> none{{0, 3000}, {0, 7000}};
  CHECK_THAT(ratePerKm(none)->high, WithinAbs(0.3, 0.001));  // 3 / n (Hanley & Lippman-Hand, JAMA 249 (1983))
  CHECK(ratePerKm(none)->low == 0);
  CHECK_FALSE(ratePerKm({}));
  const std::vector<EventCount> standing{{4, 20}};
  CHECK_FALSE(ratePerKm(standing));
  const std::vector<EventCount> alike{{50, 10000}, {50, 10000}, {50, 10000}, {50, 10000}}, apart{{5, 10000}, {95, 10000}, {20, 10000}, {80, 10000}};
  const auto width = [](const Interval& i) { return i.high - i.low; };
  CHECK(width(*ratePerKm(apart)) > 3 * width(*ratePerKm(alike)));
}

#include "support/chance.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"

using namespace distanz;
using namespace distanz::test;
using Catch::Matchers::WithinAbs;

namespace {

/// Summed term by term.
double atMost(int k, int n, double p) {
  double sum = 0;
  for (int i = 0; i <= k; ++i)
    sum += std::exp(std::lgamma(n + 1) - std::lgamma(i + 1) - std::lgamma(n - i + 1) + i * std::log(p) +
                    (n - i) * std::log(1 - p));
  return sum;
}

}  // namespace

TEST_CASE("chance: the fewest that pass are such that one fewer is as rare as was said") {
  const auto [n, p] =
      GENERATE(table<int, double>({{24, 0.95}, {60, 0.9}, {100, 0.5}, {400, 0.97}, {12, 0.2}}));
  const int k = fewest(n, p);
  CAPTURE(n, p, k);
  CHECK((k == 0 || atMost(k - 1, n, p) <= kByChance));
  CHECK(atMost(k, n, p) > kByChance);
  CHECK(most(n, 1 - p) == n - k);
  CHECK(holdsFor({k, n}, p));
  CHECK((k == 0 || !holdsFor({k - 1, n}, p)));
  CHECK(seldom({n - k, n}, 1 - p));
  CHECK((k == 0 || !seldom({n - k + 1, n}, 1 - p)));
}

TEST_CASE("chance: a claim that is wrong by much is caught in as many tries as the studies take") {
  CHECK_FALSE(holdsFor({78, 100}, 0.95));  // 78 % for 95
  CHECK_FALSE(seldom({15, 60}, 0.04));
  CHECK(holdsFor({0, 0}, 0.95));
  CHECK(std::isnan(Share{}.value()));
  Share s;
  s += true;
  s += false;
  s += Share{3, 4};
  CHECK(s.value() == 4 / 6.0);
}

TEST_CASE("chance: a middle is where it is, and passes as far as its own scatter lets it") {
  const Middle mean({1, 2, 3, NAN, 6}, Middle::Of::Mean),
      median({1, 2, 3, 100, INFINITY, -4}, Middle::Of::Median);
  CHECK(mean.value() == 3);
  CHECK_THAT(mean.sd(), WithinAbs(std::sqrt(14 / 3.0), 1e-12));
  CHECK(mean.tries() == 4);
  CHECK(median.value() == 2);
  CHECK(Middle({}, Middle::Of::Mean).within(0));
  dice::Random random(1);
  std::vector<double> values;
  for (int i = 0; i < 400; ++i) values.push_back(0.1 + 0.2 * random.normal());
  for (const auto of : {Middle::Of::Mean, Middle::Of::Median}) {
    const Middle m(values, of);
    CHECK_THAT(m.sd(), WithinAbs(0.2, 0.03));
    CHECK(m.within(0.1));
    CHECK_FALSE(m.within(0.02));
  }
}

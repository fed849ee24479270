#include "core/plan/order.h"

#include <catch2/catch.hpp>
#include <set>

#include "core/finding/error.h"

using namespace distanz;
using namespace distanz::plan;
using Catch::Matchers::WithinAbs;

TEST_CASE("order: every block has every setup once, and a seed is one order") {
  const auto order = orderOf(3, 5, 7);
  REQUIRE(order.size() == 15);
  for (int block = 0; block < 5; ++block) {
    std::set<int> in;
    for (const OrderedRun& r : order)
      if (r.block == block) in.insert(r.setup);
    CHECK(in == std::set<int>{0, 1, 2});
  }
  for (std::size_t i = 1; i < order.size(); ++i) CHECK(order[i].block >= order[i - 1].block);
  const auto again = orderOf(3, 5, 7);
  bool same = true, other_differs = false;
  const auto other = orderOf(3, 5, 8);
  for (std::size_t i = 0; i < order.size(); ++i) {
    same = same && again[i].setup == order[i].setup;
    other_differs = other_differs || other[i].setup != order[i].setup;
  }
  CHECK(same);
  CHECK(other_differs);
  CHECK_THROWS_AS(orderOf(0, 3, 1), DomainError);
  CHECK_THROWS_AS(orderOf(2, 3, 1, {1}), DomainError);
}

TEST_CASE("order: what rises steadily over the day favours nobody, and chance still decides") {
  std::set<std::vector<int>> seen;
  int first_is_a = 0;
  for (std::uint64_t seed = 0; seed < 200; ++seed) {
    const auto order = orderOf(2, 4, seed);
    CHECK(imbalanceOf(order, 2) < 1e-12);  // four pairs can be laid evenly
    std::vector<int> setups;
    for (const OrderedRun& r : order) setups.push_back(r.setup);
    seen.insert(setups);
    first_is_a += setups[0] == 0;
  }
  CHECK(seen.size() == 6);  // every even order: two of four pairs turned round
  CHECK(first_is_a > 70);
  CHECK(first_is_a < 130);
  CHECK_THAT(imbalanceOf({{0, 0}, {1, 0}, {0, 1}, {1, 1}}, 2), WithinAbs(1.0 / 3, 1e-12));
  for (std::uint64_t seed = 0; seed < 20; ++seed) CHECK(imbalanceOf(orderOf(4, 6, seed), 4) < 0.05);
}

TEST_CASE("order: after lost runs the open blocks are filled first") {
  const auto rest = orderOf(2, 4, 3, {2, 1});
  REQUIRE(rest.size() == 5);
  CHECK(rest.front().setup == 1);
  CHECK(rest.front().block == 1);
  int of_a = 0;
  for (const OrderedRun& r : rest) of_a += r.setup == 0;
  CHECK(of_a == 2);
  CHECK(orderOf(2, 2, 3, {2, 5}).empty());
}

TEST_CASE("schedule: runs follow one another, batteries take turns, and daylight ends it") {
  const std::vector<OrderedRun> order{{0, 0}, {1, 0}, {1, 1}, {0, 1}};
  const SessionTimes times{600, 300, 100};
  Schedule s = scheduleOf(order, times, {36000, {}, 3, 1});
  REQUIRE(s.runs.size() == 4);
  CHECK(s.runs[1].begin_s == 36000 + 900);
  CHECK(s.runs[2].begin_s == 36000 + 900 + 700);
  CHECK(s.runs[3].end_s == 36000 + 900 + 700 + 900 + 600);
  CHECK(s.runs[2].battery == 3);
  CHECK(s.runs[3].battery == 1);
  CHECK(s.batteries_run_out);
  CHECK_FALSE(scheduleOf(order, times, {36000, {}, 2, 2}).batteries_run_out);
  CHECK(scheduleOf(order, times, {36000, {}, 0, 1}).runs[0].battery == 0);
  s = scheduleOf(order, times, {36000, 36000 + 2300, 0, 1});
  CHECK(s.runs.size() == 3);
  CHECK(s.left_over == 1);
  CHECK_THROWS_AS(scheduleOf(order, {-1, 0, 0}, {}), DomainError);
}

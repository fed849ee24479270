#include "core/estimate/segments.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"
#include "support/chance.h"

using namespace distanz;
using namespace distanz::estimate;
using Catch::Matchers::WithinAbs;

namespace {

struct CourseWorld {
  int flights = 3, laps = 3, segments = 4;
  double flight_sd = 1.2, local_sd = 1.5, lap_sd = 1;
  double delta_db = 0;  ///< of setup 0 over setup 1 on segment 0
};

std::vector<SegmentValue> flown(const CourseWorld& w, dice::Random& random) {
  std::vector<SegmentValue> out;
  for (int setup = 0; setup < 2; ++setup)
    for (int f = 0; f < w.flights; ++f) {
      const double u = w.flight_sd * random.normal();
      for (int k = 0; k < w.segments; ++k) {
        const double e = w.local_sd * random.normal();
        for (int lap = 0; lap < w.laps; ++lap)
          out.push_back({setup, setup * 100 + f, k,
                         -60 - 5.0 * k + (setup == 0 && k == 0 ? w.delta_db : 0) + u + e + w.lap_sd * random.normal()});
      }
    }
  return out;
}

struct Covered {
  test::Share levels, differences, better;
  double level_width = 0, difference_width = 0;  ///< means
};

Covered cover(const CourseWorld& w, int worlds, unsigned seed) {
  dice::Random random(test::seed(seed));
  Covered out;
  for (int i = 0; i < worlds; ++i) {
    const SegmentModel m = fitSegments(flown(w, random));
    const Interval level = m.levels.at({1, 0}).level;
    out.levels += level.low <= -60 && -60 <= level.high;
    const Comparison c = judgeSegment(*m.difference(0, 1, 0));
    out.differences += c.delta_db.low <= w.delta_db && w.delta_db <= c.delta_db.high;
    out.level_width += (level.high - level.low) / worlds;
    out.difference_width += (c.delta_db.high - c.delta_db.low) / worlds;
    out.better += c.verdict == Verdict::ABetter || c.verdict == Verdict::BBetter;
  }
  return out;
}

}  // namespace

TEST_CASE("segments: intervals of levels and differences cover the truth, and equal setups are seldom told apart", "[simulation]") {
  const auto [flights, laps, local_sd] = GENERATE(table<int, int, double>(
      {{2, 1, 1.5}, {2, 4, 1.5}, {3, 1, 0.5}, {3, 3, 1.5}, {5, 2, 2.5}, {3, 1, 3.0}}));
  CourseWorld w;
  w.flights = flights, w.laps = laps, w.local_sd = local_sd;
  const Covered c = cover(w, 800, 5);
  CAPTURE(flights, laps, local_sd, c.levels, c.differences, c.better, c.level_width, c.difference_width);
  CHECK(test::holdsFor(c.levels, 0.945));
  CHECK(test::holdsFor(c.differences, 0.945));
  CHECK(test::seldom(c.better, 0.05));
  // What the flights' means themselves scatter: an interval that covers by being wide tells nothing.
  const double sd = std::sqrt((w.flight_sd * w.flight_sd + local_sd * local_sd + w.lap_sd * w.lap_sd / laps) / flights);
  CHECK(c.level_width > 2 * 1.96 * sd * 0.8);
  CHECK(c.level_width < 2 * 1.96 * sd * 2.2);
  CHECK(c.difference_width > 2 * 1.96 * sd * std::sqrt(2) * 0.8);
  CHECK(c.difference_width < 2 * 1.96 * sd * std::sqrt(2) * 2.2);
}

TEST_CASE("segments: one flight each assumes how flights differ, whatever its laps, and decides nothing", "[simulation]") {
  CourseWorld w;
  w.flights = 1, w.laps = 12, w.delta_db = 12;
  dice::Random random(3);
  const SegmentModel m = fitSegments(flown(w, random));
  CHECK(m.spread_df == 0);
  const Comparison c = judgeSegment(*m.difference(0, 1, 0));
  CHECK(c.verdict == Verdict::Undecided);
  CHECK(c.delta_db.high - c.delta_db.low > 6);  // laps do not make up for flights
  CHECK(test::holdsFor(cover(w, 600, 9).differences, 0.945));
}

TEST_CASE("segments: a difference that is there is found, more surely with more flights", "[simulation]") {
  CourseWorld w;
  w.delta_db = 6;
  w.flights = 3;
  const test::Share three = cover(w, 400, 1).better;
  w.flights = 6;
  const test::Share six = cover(w, 400, 1).better;
  CAPTURE(three, six);
  CHECK(test::holdsFor(three, 0.7));
  CHECK(test::seldom(three, 0.9));
  CHECK(test::holdsFor(six, 0.97));
}

TEST_CASE("segments: shares of time stay shares, and cover what flights share", "[simulation]") {
  dice::Random random(test::seed(17));
  test::Share covered;
  constexpr int kWorlds = 800;
  double width = 0;
  const double truth = GENERATE(0.5, 0.9, 0.98);
  for (int i = 0; i < kWorlds; ++i) {
    std::vector<SegmentValue> shares;
    for (int f = 0; f < 6; ++f)
      for (int k = 0; k < 3; ++k) {  // seconds that hold, in stretches of five that hold or fail together
        const double p = std::clamp(truth + 0.05 * random.normal() * std::sqrt(truth * (1 - truth)) * 2, 0.0, 1.0);
        int kept = 0;
        for (int s = 0; s < 20; ++s) kept += random.uniform() < p;
        shares.push_back({f % 2, f, k, kept / 20.0});
      }
    const Interval share = fitSegmentShares(shares).levels.at({0, 1}).level;
    if (!(share.low >= 0 && share.low < share.high && share.high <= 1)) FAIL("no share: " << share.low << " to " << share.high);
    width += (share.high - share.low) / kWorlds;
    covered += share.low <= truth && truth <= share.high;
  }
  CAPTURE(truth, covered, width);
  CHECK(test::holdsFor(covered, 0.945));
  // Three flights of 20 stretches each scatter by so much: the interval is no wider than four times what that asks for.
  const double sd = std::sqrt(truth * (1 - truth) / (3 * 20) + std::pow(0.1, 2) * truth * (1 - truth) / 3);
  CHECK(width < 4 * 2 * 1.96 * sd);
}

TEST_CASE("segments: nothing flown gives nothing, and what one setup never saw is not compared") {
  CHECK(fitSegments({}).levels.empty());
  const SegmentModel m = fitSegments({{0, 0, 0, -60}, {1, 1, 1, -70}});
  CHECK_FALSE(m.difference(0, 1, 0));
  CHECK(std::isfinite(m.levels.at({0, 0}).level.low));
}

TEST_CASE("hold together: Holm's example of three, and one alone needs no more than its own level") {
  // p of 0.01, 0.04, 0.03 at 5 %: only the first stands (Holm 1979)
  const std::vector<bool> held = holdTogether({0.01 / 0.05, 0.04 / 0.05, 0.03 / 0.05});
  CHECK(held == std::vector<bool>{true, false, false});
  CHECK(holdTogether({0.9}) == std::vector<bool>{true});
  CHECK(holdTogether({}).empty());
}

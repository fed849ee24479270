#include "core/estimate/sectors.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"
#include "support/chance.h"

using namespace distanz;
using namespace distanz::estimate;
using Catch::Matchers::WithinAbs;

namespace {

double patternAt(int sector) {
  return -4 * std::cos(2 * M_PI * sector / 24) + (sector >= 5 && sector <= 7 ? -6 : 0);
}

double meanPattern(int step) {
  double sum = 0;
  for (int s = 0; s < 24; s += step) sum += patternAt(s);
  return sum * step / 24;
}

/// Circles at several radii: every sector at every place, places shadowed, flights apart.
std::vector<SectorValue> circles(int flights, double spread_db, dice::Random& random) {
  std::vector<SectorValue> out;
  for (int f = 0; f < flights; ++f) {
    std::vector<double> own;
    for (int s = 0; s < 24; ++s) own.push_back(spread_db * random.normal());
    for (int place = 0; place < 6; ++place) {
      const double level = -60 - 3 * place + 4 * random.normal();
      for (int s = 0; s < 24; ++s)
        out.push_back({f, 100 * f + place, s, level + patternAt(s) + own[static_cast<std::size_t>(s)] + 0.5 * random.normal(), 10});
    }
  }
  return out;
}

}  // namespace

TEST_CASE("sectors: a pattern is found exactly where nothing else varies, whatever the places give") {
  dice::Random random(1);
  const SectorEffects e = fitSectors(circles(1, 0, random), 24);
  CHECK(e.seen == 24);
  for (int s = 0; s < 24; ++s) CHECK_THAT(e.effect_db[static_cast<std::size_t>(s)]->estimate, WithinAbs(patternAt(s) - meanPattern(1), 1.0));
}

TEST_CASE("sectors: intervals cover the pattern for one flight and for several", "[simulation]") {
  const auto [flights, spread] = GENERATE(table<int, double>({{1, 1.0}, {2, 1.0}, {3, 1.5}, {5, 2.0}, {5, 0.5}}));
  dice::Random random(test::seed(7));
  // One sector a world: those of one world are no tries of their own.
  test::Share covered, below;
  double width = 0;
  std::vector<double> off;
  constexpr int kWorlds = 400;
  for (int world = 0; world < kWorlds; ++world) {
    const SectorEffects e = fitSectors(circles(flights, spread, random), 24);
    const int s = world % 24;
    const double truth = patternAt(s) - meanPattern(1);
    const Interval& i = *e.effect_db[static_cast<std::size_t>(s)];
    covered += i.low <= truth && truth <= i.high;
    below += i.estimate < truth;
    width += (i.high - i.low) / kWorlds;
    off.push_back(i.estimate - truth);
  }
  const test::Middle error(off, test::Middle::Of::Mean);
  CAPTURE(flights, spread, covered, below, width, error);
  CHECK(test::holdsFor(covered, 0.945));
  CHECK(test::holdsFor(below, 0.48));
  CHECK(test::seldom(below, 0.52));
  CHECK(error.within(0.02));
  // Neither narrower than the errors need nor wide enough to cover anything.
  CHECK(width > 2 * 1.96 * error.sd() * 0.85);
  CHECK(width < 2 * 1.96 * error.sd() * (flights == 1 ? 3.5 : 2.5));
}

TEST_CASE("sectors: out and back alone tell two sides, and what nothing holds together is left out") {
  std::vector<SectorValue> values;
  for (int place = 0; place < 20; ++place) {
    values.push_back({0, place, 12, -60.0 - place, 10});
    values.push_back({0, place, 0, -66.0 - place, 10});
  }
  values.push_back({0, 90, 6, -40, 10});  // the turn, at a place of its own
  const SectorEffects e = fitSectors(values, 24);
  CHECK(e.seen == 2);
  CHECK_FALSE(e.effect_db[6]);
  CHECK_THAT(e.effect_db[12]->estimate, WithinAbs(3, 1e-9));
  CHECK_THAT(e.effect_db[0]->estimate, WithinAbs(-3, 1e-9));
  CHECK(e.effect_db[0]->low < e.effect_db[0]->estimate);
  CHECK(fitSectors({}, 24).seen == 0);
  CHECK(fitSectors({{0, 0, 1, -60, 1}}, 24).seen == 0);
}

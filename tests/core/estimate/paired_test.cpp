// Differences within one flight, moderated variances, ranges scaled by power: laws, limiting cases, simulated
// truth.
#include "core/estimate/paired.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"
#include "core/estimate/distribution.h"
#include "core/estimate/power_scale.h"
#include "core/estimate/robust.h"
#include "core/finding/error.h"
#include "core/radio/path_loss.h"
#include "support/chance.h"

using namespace distanz;
using namespace distanz::estimate;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;

namespace {

/// Cells 2 to 60 at the given level, the same ground under every call with the same seed.
FlightCells overGround(double level, std::uint64_t ground, double slope_db = 0) {
  dice::Random random(ground);
  FlightCells f;
  for (int k = 2; k < 60; ++k) {
    Cell c;
    c.index = k;
    c.log_distance = std::log10(k * 40.0 + 20);
    c.level_dbm = level - (27 + slope_db) * (c.log_distance - 3) + 3 * random.normal();
    f.cells.push_back(c);
    ++f.uncensored;
  }
  return f;
}

}  // namespace

TEST_CASE("paired flight: whatever the ground does, the difference is the receivers'") {
  const auto pair = pairedFlight(overGround(-88, 5), overGround(-90, 5));
  REQUIRE(pair);
  CHECK_THAT(pair->difference_db, WithinAbs(2, 1e-9));
  CHECK_THAT(pair->slope_db, WithinAbs(0, 1e-9));
  CHECK(pair->places == 58);
  CHECK_THAT(pairedFlight(overGround(-88, 5, 4), overGround(-90, 5))->slope_db, WithinAbs(-4, 1e-9));
}

TEST_CASE("paired flight: censored places and places of one alone do not count, three are needed") {
  FlightCells a = overGround(-88, 5), b = overGround(-90, 5);
  for (std::size_t i = 3; i < a.cells.size(); ++i) a.cells[i].censored = true;
  CHECK(pairedFlight(a, b)->places == 3);
  a.cells[0].censored = true;
  CHECK_FALSE(pairedFlight(a, b));
  b.cells.erase(b.cells.begin(), b.cells.begin() + 40);
  CHECK_FALSE(pairedFlight(b, FlightCells{}));
}

TEST_CASE("paired flight: a stretch where one antenna is shadowed does not decide it") {
  FlightCells a = overGround(-88, 5);
  for (std::size_t i = 10; i < 18; ++i) a.cells[i].level_dbm -= 25;
  CHECK_THAT(pairedFlight(a, overGround(-90, 5))->difference_db, WithinAbs(2, 0.01));
}

TEST_CASE("paired difference: a t interval on the flights, moderated as stated") {
  const std::vector<PairedFlight> flights{{1.0, 50, 0, false}, {2.0, 50, 0, false}, {3.0, 50, 0, false}};
  const PairedDifference d = pairedDifference(flights, {0.8, 1.4});
  CHECK_THAT(d.difference_db.estimate, WithinAbs(2, 1e-12));
  const double variance =
      (2 + 4 * 0.64) / (2 + 4);  // sum of squares 2, two degrees of freedom, prior worth four
  CHECK_THAT(d.se_db, WithinRel(std::sqrt(variance / 3), 1e-12));
  CHECK_THAT(d.df, WithinAbs(6, 1e-12));
  CHECK_THAT(d.difference_db.high - 2, WithinRel(2.446912 * d.se_db, 1e-6));
  CHECK_FALSE(d.spread_assumed);
}

TEST_CASE("paired difference: one flight has the prior's spread and says so, none is refused") {
  const PairedDifference d = pairedDifference({{2.0, 50, 0, false}}, {0.8, 1.4});
  CHECK(d.spread_assumed);
  CHECK_THAT(d.se_db, WithinRel(0.8, 1e-12));
  CHECK_THROWS_AS(pairedDifference({}), DomainError);
}

TEST_CASE("moderated variance: prior alone, data alone, and the prior dropped where the data contradict it") {
  CHECK_THAT(moderatedVariance(0, 0, 1.35, 4, 2.3).variance, WithinRel(1.35 * 1.35, 1e-12));
  CHECK_THAT(moderatedVariance(1e6 * 1.0, 1e6, 1.35, 4, 2.3).variance, WithinRel(1, 1e-5));
  const ModeratedVariance wild = moderatedVariance(2 * 9.0, 2, 1.35, 4, 2.3);
  CHECK(wild.unusual);
  CHECK_THAT(wild.variance, WithinRel(9, 1e-12));
  CHECK(wild.df == 2);
  CHECK_FALSE(moderatedVariance(9.0, 1, 1.35, 4, 2.3).unusual);  // one degree of freedom contradicts nothing
}

TEST_CASE("trimmed mean: the middle of a sorted list, the mean without trimming") {
  std::vector<double> v{9, 1, 2, 100, 3, 4, -50, 5, 6, 7};
  CHECK_THAT(trimmedMean(v, 0.2), WithinAbs((2 + 3 + 4 + 5 + 6 + 7) / 6.0, 1e-12));
  CHECK_THAT(trimmedMean(v, 0), WithinAbs(8.7, 1e-12));
  std::vector<double> one{3};
  CHECK(trimmedMean(one, 0.4) == 3);
  CHECK_THAT(medianAbsolute({-3, 1, 2}), WithinAbs(2, 1e-12));
}

TEST_CASE(
    "paired comparison: undecided after one flight, decided after several, more flights told in between") {
  std::vector<ModelFlight> model_flights;
  for (int f = 0; f < 3; ++f) {
    model_flights.push_back({0, overGround(-90 + f, 5), f});
    model_flights.push_back({1, overGround(-88 + f, 5), f});
  }
  const SignalModel model = fitSignalModels(model_flights).components.at(0);
  CHECK(model.spread_df == 2);  // three flights, two setups that share them
  const auto differences = [](std::vector<double> values) {
    std::vector<PairedFlight> flights;
    for (double v : values) flights.push_back({v, 50, 0, false});
    return pairedDifference(flights);
  };
  const Comparison one = comparePaired(model, differences({-2}));
  CHECK(one.verdict == Verdict::Undecided);
  CHECK(one.spread_assumed);
  const Comparison three = comparePaired(model, differences({-2.1, -1.9, -2.0}));
  CHECK(three.verdict == Verdict::BBetter);
  CHECK(three.paired_flights == 3);
  const Comparison open = comparePaired(model, differences({-1.2, 0.2, -0.4}));
  CHECK(open.verdict == Verdict::Undecided);
  CHECK(open.more_pairs >= 1);
}

TEST_CASE("spread between flights: flights apart keep flights less setups") {
  std::vector<ModelFlight> flights;
  for (int f = 0; f < 6; ++f) flights.push_back({f % 2, overGround(-90 + 0.3 * f, 5), -1});
  CHECK(fitSignalModels(flights).components.at(0).spread_df == 4);
}

TEST_CASE(
    "range factor: twice the range for 12 dB at n = 4 and for 6 dB at n = 2, uncertain as the exponent is") {
  CHECK_THAT(rangeFactor(40 * std::log10(2.0), {4, 0.1, 30}).estimate, WithinRel(2, 1e-12));
  CHECK_THAT(rangeFactor(20 * std::log10(2.0), {2, 0.1, 30}).estimate, WithinRel(2, 1e-12));
  const Interval sure = rangeFactor(20, {2.7, 0, 30}), unsure = rangeFactor(20, {2.7, 0.3, 30});
  CHECK(sure.low == sure.high);
  CHECK(unsure.low < sure.low);
  CHECK_THAT(rangeFactor(-20, {2.7, 0.3, 30}).estimate * unsure.estimate, WithinRel(1, 1e-12));
  CHECK_THROWS_AS(rangeFactor(NAN, {}), DomainError);
}

TEST_CASE("reduced power: full range is the reduced one times the factor, never surer than either") {
  const Interval reduced{400, 360, 450};
  const Exponent n{2.7, 0.2, 20};
  const Interval full = fullPowerRange(reduced, 20, n);
  CHECK_THAT(full.estimate, WithinRel(400 * std::pow(10, 20 / 27.0), 1e-12));
  CHECK(full.high / full.estimate > reduced.high / reduced.estimate);
  CHECK(full.estimate / full.low > rangeFactor(20, n).estimate / rangeFactor(20, n).low);
  CHECK_THAT(fullPowerRange(reduced, 20, {2.7, 0, 20}).high / full.estimate, WithinRel(450 / 400.0, 1e-12));
  CHECK_THROWS_AS(fullPowerRange({0, 0, 0}, 20, n), DomainError);
}

TEST_CASE("reduced power: intervals hold the simulated truth", "[simulation]") {
  dice::Random random(test::seed(11));
  test::Share holds;
  constexpr int kTrials = 2000;
  for (int i = 0; i < kTrials; ++i) {
    const double n = 2.7, seen_n = n + 0.2 * random.normal(), log_sd = 0.03,
                 seen = 400 * std::exp(log_sd * random.normal());
    const Interval reduced{seen, seen * std::exp(-1.96 * log_sd), seen * std::exp(1.96 * log_sd)};
    const Interval full = fullPowerRange(reduced, 20, {seen_n, 0.2, 1e6});
    const double truth = 400 * radio::rangeRatio(20, n);
    holds += full.low <= truth && truth <= full.high;
  }
  CAPTURE(holds);
  CHECK(test::holdsFor(holds, 0.945));
  CHECK(test::seldom(holds, 0.96));
}

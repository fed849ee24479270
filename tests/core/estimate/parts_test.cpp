// The estimator's parts against laws, limiting cases and published values; the whole is held to
// tests/data/golden.
#include <Eigen/Cholesky>
#include <Eigen/LU>
#include <catch2/catch.hpp>
#include <cmath>
#include <functional>

#include "core/dice/random.h"
#include "core/estimate/cells.h"
#include "core/estimate/comparison.h"
#include "core/estimate/components.h"
#include "core/estimate/critical_level.h"
#include "core/estimate/decomposition.h"
#include "core/estimate/distribution.h"
#include "core/estimate/first_failure.h"
#include "core/estimate/place_line.h"
#include "core/finding/error.h"
#include "support/chance.h"

using namespace distanz;
using namespace distanz::estimate;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;

TEST_CASE("t quantiles: the published table") {
  const auto [p, df, t] = GENERATE(table<double, double, double>({{0.975, 2, 4.302653},
                                                                  {0.975, 6, 2.446912},
                                                                  {0.975, 8, 2.306004},
                                                                  {0.95, 6, 1.943180},
                                                                  {0.975, 30, 2.042272}}));
  CHECK_THAT(tQuantile(p, df), WithinAbs(t, 1e-6));
  CHECK_THAT(tCdf(tQuantile(p, df), df), WithinAbs(p, 1e-12));
  CHECK_THROWS_AS(tQuantile(1, df), DomainError);
  CHECK(tCdf(INFINITY, df) == 1);
}

TEST_CASE("normal tails: no underflow far out, and the series joins the direct form") {
  CHECK_THAT(normalCdf(-1.6448536269514722), WithinAbs(0.05, 1e-12));
  CHECK_THAT(logNormalTail(7.999), WithinRel(std::log(normalCdf(-7.999)), 1e-9));
  CHECK_THAT(logNormalTail(8.001), WithinRel(std::log(normalCdf(-8.001)), 1e-4));
  CHECK_THAT(inverseMills(0), WithinAbs(std::sqrt(2 / M_PI), 1e-12));
  CHECK_THAT(inverseMills(-30), WithinRel(30.0, 0.01));  // for very negative a, phi/Phi tends to -a
  CHECK(std::isfinite(inverseMills(-200)));
}

namespace {

struct Rows {
  std::vector<double> time, distance, rssi;
  FlightSamples samples() const { return {time, distance, rssi, {}, {}}; }
};

/// Out to 1 km and back at 10 m/s, ten rows a second.
Rows rows(const std::function<double(double distance, int row)>& level) {
  Rows r;
  for (int i = 0; i <= 2000; ++i) {
    const double t = i * 0.1, d = t <= 100 ? 10 * t : 2000 - 10 * t;
    r.time.push_back(t);
    r.distance.push_back(d);
    r.rssi.push_back(level(d, i));
  }
  return r;
}

}  // namespace

TEST_CASE("cells: near field and turn stay out, log distance is the samples' own mean") {
  const FlightCells c = cellsOf(rows([](double, int) { return -70.0; }).samples(), std::nullopt);
  REQUIRE(c.cells.size() >= 20);
  CHECK(c.cells.front().index == 2);
  CHECK(c.cells.back().index == 23);  // 960 m on lies within 4 s of the turn
  CHECK_THAT(c.farthest_m, WithinAbs(1000, 1e-9));
  for (const Cell& cell : c.cells) {
    CHECK_THAT(cell.level_dbm, WithinAbs(-70, 1e-12));
    CHECK(cell.log_distance > std::log10(cell.index * 40.0));
    CHECK(cell.log_distance < std::log10(cell.index * 40.0 + 40));
  }
}

TEST_CASE("cells: a third of rubbish samples does not move the level") {
  dice::Random random(4);
  const FlightCells c =
      cellsOf(rows([&](double, int) {
                return random.uniform() < 0.33 ? random.uniform(-120, 0) : -80 + 0.1 * random.normal();
              }).samples(),
              std::nullopt);
  for (const Cell& cell : c.cells) CHECK_THAT(cell.level_dbm, WithinAbs(-80, 1.0));
}

TEST_CASE("cells: clipped ones are kept as bounds, with the floor given or found") {
  const Rows r =
      rows([](double d, int i) { return d > 600 ? (i % 10 < 6 ? -101.0 : -100.0) : -80.0 - (i % 3); });
  const FlightCells given = cellsOf(r.samples(), -101.0);
  FloorFinder finder;
  finder.add(r.samples());
  REQUIRE(finder.floor_dbm());
  CHECK(*finder.floor_dbm() == -101);
  FlightCells found = cellsOf(r.samples(), std::nullopt);
  censorAt(found, *finder.floor_dbm());
  REQUIRE(found.cells.size() == given.cells.size());
  CHECK(found.uncensored == given.uncensored);
  for (std::size_t i = 0; i < found.cells.size(); ++i) {
    CHECK(found.cells[i].censored == (found.cells[i].index >= 15));
    CHECK(found.cells[i].censored == given.cells[i].censored);
    if (found.cells[i].censored) CHECK(found.cells[i].level_dbm == -100.5);
  }
}

TEST_CASE("cells: each leg by itself, and together what both hold") {
  const LegCells c =
      legCellsOf(rows([](double, int i) { return i <= 1000 ? -70.0 : -74.0; }).samples(), std::nullopt);
  REQUIRE(c.out.cells.size() == c.back.cells.size());
  for (const Cell& cell : c.out.cells) CHECK_THAT(cell.level_dbm, WithinAbs(-70, 1e-12));
  for (const Cell& cell : c.back.cells) CHECK_THAT(cell.level_dbm, WithinAbs(-74, 1e-12));
  for (const Cell& cell : c.both.cells) CHECK_THAT(cell.level_dbm, WithinAbs(-72, 1.0));
  CHECK(c.out.farthest_m == c.both.farthest_m);
}

TEST_CASE(
    "cells: a shift moves the level and the bound of a clipped cell, not what counts as floor or ceiling; "
    "unknown rows go") {
  const Rows r =
      rows([](double d, int i) { return d > 600 ? (i % 10 < 6 ? -101.0 : -100.0) : -12.0 - (i % 3); });
  std::vector<double> shift(r.time.size(), 5.0);
  for (std::size_t i = 0; i < shift.size(); ++i)
    if (r.distance[i] < 200) shift[i] = NAN;
  FlightSamples samples = r.samples();
  const FlightCells plain = cellsOf(samples, -101.0);
  samples.shift_db = shift;
  const FlightCells shifted = cellsOf(samples, -101.0);
  CHECK(shifted.cells.front().index == 5);  // 200 m on
  const std::size_t gone = plain.cells.size() - shifted.cells.size();
  for (std::size_t i = 0; i < shifted.cells.size(); ++i) {
    CHECK(shifted.cells[i].censored == plain.cells[i + gone].censored);
    CHECK_THAT(shifted.cells[i].level_dbm - plain.cells[i + gone].level_dbm, WithinAbs(5, 1e-9));
  }
  shift.pop_back();
  samples.shift_db = shift;
  CHECK_THROWS_AS(cellsOf(samples, -101.0), DomainError);
}

TEST_CASE("floor: a minimum that does not repeat is no floor, and merging is as adding") {
  FloorFinder lone;
  const Rows wave = rows([](double d, int) { return -60 - d / 50; });
  lone.add(wave.samples());
  CHECK_FALSE(lone.floor_dbm());
  const Rows low = rows([](double d, int) { return d > 500 ? -100.0 : -60.0; }),
             high = rows([](double d, int) { return d > 500 ? -90.0 : -60.0; });
  FloorFinder together, a, b;
  together.add(low.samples());
  together.add(high.samples());
  a.add(high.samples());
  b.add(low.samples());
  a.merge(b);
  CHECK(a.floor_dbm() == together.floor_dbm());
}

TEST_CASE("cells: rows that are not numbers, saturated stretches, unequal spans") {
  Rows r = rows([](double d, int i) { return i % 7 == 0 ? NAN : d < 300 ? -5.0 : -70.0; });
  const FlightCells c = cellsOf(r.samples(), std::nullopt);
  CHECK(c.cells.front().index >= 7);
  r.rssi.pop_back();
  CHECK_THROWS_AS(cellsOf(r.samples(), std::nullopt), DomainError);
  CHECK(cellsOf({}, std::nullopt).cells.empty());
}

TEST_CASE("decomposition: flight and place effects are recovered, from either side") {
  const auto [flights, places] = GENERATE(table<int, int>({{4, 30}, {40, 12}}));
  dice::Random random(8);
  std::vector<double> u, c;
  for (int r = 0; r < flights; ++r) u.push_back(2 * random.normal());
  for (int k = 0; k < places; ++k) c.push_back(-80 + 3 * random.normal());
  std::vector<Entry> entries;
  for (int r = 0; r < flights; ++r)
    for (int k = 0; k < places; ++k)
      if ((r + k) % 5) entries.push_back({r, k, u[size_t(r)] + c[size_t(k)] + 0.01 * random.normal()});
  const Decomposition d = decompose(entries, flights, places);
  double mean = 0, sum = 0;
  for (double v : u) mean += v / flights;
  for (int r = 0; r < flights; ++r) {
    CHECK_THAT(d.flight_db[size_t(r)], WithinAbs(u[size_t(r)] - mean, 0.05));
    sum += d.flight_db[size_t(r)];
  }
  CHECK_THAT(sum, WithinAbs(0, 1e-8));
  CHECK_THAT(std::sqrt(d.within_var_db2), WithinAbs(0.01, 0.006));
}

TEST_CASE("decomposition: one wild cell is outvoted, and bad indices are refused") {
  std::vector<Entry> entries;
  for (int r = 0; r < 3; ++r)
    for (int k = 0; k < 20; ++k) entries.push_back({r, k, -80.0 - k + r + 0.1 * ((r * 7 + k * 3) % 5)});
  entries[25].level_dbm += 60;
  const Decomposition d = decompose(entries, 3, 20);
  CHECK_THAT(d.flight_db[2] - d.flight_db[0], WithinAbs(2, 0.15));
  CHECK_THAT(d.flight_db[1] - d.flight_db[0], WithinAbs(1, 0.4));
  CHECK_THROWS_AS(decompose({{0, 5, -80}}, 1, 1), DomainError);
}

TEST_CASE("place line: linear whitening equals the full correlation matrix") {
  // Independent computation: GLS with the dense matrix for a single correlation length must lie inside the
  // averaged fit's spread, and with places far apart the line must equal ordinary least squares shrunk by the
  // prior.
  std::vector<double> x, y;
  std::vector<int> n;
  for (int k = 0; k < 40; ++k) {
    x.push_back(std::log10(2000.0 + 2000 * k));  // 2 km apart: uncorrelated
    y.push_back(-60 - 30 * (x.back() - 3) + ((k * 37) % 11 - 5) * 0.3);
    n.push_back(2);
  }
  const PlaceLine line = fitPlaceLine(x, y, n, 0);
  Eigen::MatrixXd design(40, 2);
  Eigen::VectorXd level(40);
  double centre = 0;
  for (double v : x) centre += v / 40;
  for (int k = 0; k < 40; ++k) {
    design(k, 0) = 1;
    design(k, 1) = x[size_t(k)] - centre;
    level[k] = y[size_t(k)];
  }
  const Eigen::Vector2d ols = (design.transpose() * design).inverse() * design.transpose() * level;
  CHECK_THAT(line.slope_data, WithinAbs(ols[1], 1e-6));
  CHECK_THAT(line.coefficient[0], WithinAbs(ols[0], 1e-3));
  CHECK(std::abs(line.coefficient[1] + 27) <=
        std::abs(ols[1] + 27) + 1e-9);  // towards the prior exponent, never away
  CHECK(line.varianceAt(centre + 1) > line.varianceAt(centre));
}

TEST_CASE("place line: too few places or all at one distance are refused") {
  CHECK_THROWS_AS(fitPlaceLine({1, 2, 3}, {1, 2, 3}, {1, 1, 1}, 0), DomainError);
  CHECK_THROWS_AS(fitPlaceLine({2, 2, 2, 2}, {1, 2, 3, 4}, {1, 1, 1, 1}, 0), DomainError);
  CHECK_THROWS_AS(fitPlaceLine({1, 2, 3, 4}, {1, 2, 3}, {1, 1, 1, 1}, 0), DomainError);
}

namespace {

/// Cells of a flight over [from, to) with a level that falls by n and an offset.
FlightCells straight(int from, int to, double offset, std::uint64_t seed, double exponent = 2.7) {
  dice::Random random(seed);
  FlightCells f;
  for (int k = from; k < to; ++k) {
    Cell c;
    c.index = k;
    c.log_distance = std::log10(k * 40.0 + 20);
    c.level_dbm = -90 + offset - 10 * exponent * (c.log_distance - 3) + random.normal();
    f.cells.push_back(c);
    ++f.uncensored;
  }
  f.farthest_m = to * 40.0;
  return f;
}

}  // namespace

TEST_CASE("components: flights without three common places stand apart") {
  const std::vector<ModelFlight> flights{{0, straight(2, 30, 0, 1)},
                                         {1, straight(27, 60, 0, 2)},
                                         {0, straight(29, 50, 0, 3)},
                                         {1, straight(70, 90, 0, 4)}};
  const auto groups = connectedFlights(flights, {0, 1, 2, 3});
  REQUIRE(groups.size() == 2);
  CHECK(groups[0] == std::vector<int>{0, 1, 2});
  CHECK(groups[1] == std::vector<int>{3});
}

TEST_CASE("comparison: symmetric, and setups over different places are compared by range and say so") {
  const std::vector<ModelFlight> flights{{0, straight(2, 60, 0, 1)},
                                         {1, straight(2, 60, 3, 2)},
                                         {0, straight(2, 60, 0, 3)},
                                         {1, straight(2, 60, 3, 4)}};
  const SignalModels models = fitSignalModels(flights);
  REQUIRE(models.components.size() == 1);
  const Comparison ab = compare(models.components[0], 0, 1), ba = compare(models.components[0], 1, 0);
  CHECK_THAT(ab.delta_db.estimate, WithinAbs(-3, 0.6));
  CHECK_THAT(ab.delta_db.estimate, WithinAbs(-ba.delta_db.estimate, 1e-12));
  CHECK_THAT(ab.p_a_longer + ba.p_a_longer, WithinAbs(1, 1e-9));
  CHECK_THAT(ab.ratio->estimate * ba.ratio->estimate, WithinAbs(1, 1e-9));
  CHECK_THROWS_AS(compare(models.components[0], 0, 7), DomainError);

  const SignalModels apart = fitSignalModels({{0, straight(2, 40, 0, 1)},
                                              {0, straight(2, 40, 0, 2)},
                                              {1, straight(45, 90, 3, 3)},
                                              {1, straight(45, 90, 3, 4)}});
  REQUIRE(apart.components.size() == 2);
  const Comparison c =
      compareApart(apart.components[0], apart.components[0].setups.begin()->first, apart.components[1],
                   apart.components[1].setups.begin()->first, {-100, 0});
  CHECK_FALSE(c.same_places);
  CHECK(c.se_db > ab.se_db);
}

TEST_CASE("comparison: one flight each is never a verdict") {
  const SignalModels models = fitSignalModels({{0, straight(2, 60, 0, 1)}, {1, straight(2, 60, 30, 2)}});
  const Comparison c = compare(models.components[0], 0, 1);
  CHECK(c.spread_assumed);
  CHECK(c.verdict == Verdict::Undecided);
  CHECK(c.p_a_longer < 0.01);
}

TEST_CASE("ranges: a signal that does not fall is recognised, and its ranges withheld") {
  const SignalModels models =
      fitSignalModels({{0, straight(2, 60, 0, 1, 0.1)}, {0, straight(2, 60, 0, 2, 0.1)}});
  CHECK(signalDoesNotFall(models.components[0].line));
  CHECK_FALSE(compare(models.components[0], 0, 0).ratio.has_value());
  CHECK_THROWS_AS(usableRange(models.components[0], 9, 0, {-100, 0}), DomainError);
}

TEST_CASE("ranges: intervals are ordered and dependable lies nearer than typical") {
  const SignalModels models =
      fitSignalModels({{0, straight(2, 70, 0, 1)}, {0, straight(2, 70, 1, 2)}, {0, straight(2, 70, -1, 3)}});
  const RangeEstimate typical = usableRange(models.components[0], 0, 0, {-100, 0}),
                      dependable = usableRange(models.components[0], 0, defaults::kDependableZ, {-100, 0});
  for (const RangeEstimate& r : {typical, dependable}) {
    CHECK(r.low_m < r.lower95_m);
    CHECK(r.lower95_m < r.estimate_m);
    CHECK(r.estimate_m < r.high_m);
  }
  CHECK(dependable.estimate_m < typical.estimate_m);
  CHECK(usableRange(models.components[0], 0, 0, {-100, 4}).low_m <
        typical.low_m);  // an uncertain critical level widens it
}

TEST_CASE("first failures: the turn itself does not count, a link still down after it does") {
  std::vector<double> t, d, quality;
  for (int i = 0; i <= 2000; ++i) {
    t.push_back(i * 0.1);
    d.push_back(t.back() <= 100 ? 10 * t.back() : 2000 - 10 * t.back());
    quality.push_back(std::abs(t.back() - 100) < 1.5 ? 0 : 100);
  }
  const auto turned = firstFailure(0, t, d, quality, 100, 70);
  REQUIRE(turned);
  CHECK_FALSE(turned->failed);
  CHECK_THAT(turned->distance_m, WithinAbs(980, 1.1));
  for (std::size_t i = 0; i < t.size(); ++i) quality[i] = t[i] > 80 && t[i] < 130 ? 10 : 100;
  const auto lost = firstFailure(0, t, d, quality, 100, 70);
  REQUIRE(lost);
  CHECK(lost->failed);
  CHECK_THAT(lost->distance_m, WithinAbs(800, 10));
  CHECK_FALSE(firstFailure(0, t, d, std::vector<double>(t.size(), NAN), 100, 70));
}

TEST_CASE("reach: no median without enough failures, and the sign test's confidence") {
  const ReachModel none = fitReach({{0, 900, false}, {0, 1000, false}, {0, 800, false}});
  CHECK_FALSE(none.setups.at(0).typical_m);
  CHECK(none.setups.at(0).at_least_m == 800.0);
  CHECK_THAT(none.setups.at(0).at_least_confidence, WithinAbs(0.875, 1e-12));
  const ReachModel half = fitReach({{0, 900, true}, {0, 1000, false}});
  CHECK_FALSE(half.setups.at(0).typical_m);
  CHECK(fitReach({}).setups.empty());
}

TEST_CASE("reach: intervals cover the simulated truth", "[simulation]") {
  dice::Random random(test::seed(77));
  test::Share covered;
  for (int campaign = 0; campaign < 200; ++campaign) {
    std::vector<FirstFailure> flights;
    for (int r = 0; r < 4; ++r) flights.push_back({0, 1500 * std::exp(0.17 * random.normal()), true});
    const ReachEstimate e = fitReach(flights).setups.at(0);
    REQUIRE(e.typical_m);
    covered += e.typical_m->low < 1500 && 1500 < e.typical_m->high;
  }
  CAPTURE(covered);
  CHECK(test::holdsFor(covered, 0.945));
  CHECK(test::seldom(covered, 0.99));
}

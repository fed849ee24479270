// Usable all the way: against closed forms and limiting cases.
#include "core/estimate/passage.h"

#include <Eigen/Dense>
#include <catch2/catch.hpp>
#include <cmath>
#include <numbers>

#include "core/estimate/distribution.h"
#include "core/estimate/place_chain.h"
#include "core/estimate/robust.h"
#include "core/estimate/strata.h"
#include "core/finding/error.h"

using namespace distanz;
using namespace distanz::estimate;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;

namespace {

/// Places at these levels, known exactly, in every draw.
PathDraws knownPlaces(const std::vector<float>& place_dbm, double flight_sd, double within_sd,
                      double rho = 0.05, int draws = 20) {
  PathDraws d;
  d.stretches = straightStretches(1e5);
  d.stretches.log_distance.resize(place_dbm.size());
  d.draws = draws;
  d.neighbour_correlation = rho;
  for (int m = 0; m < draws; ++m) {
    d.place_dbm.insert(d.place_dbm.end(), place_dbm.begin(), place_dbm.end());
    d.flight_sd_db.push_back(flight_sd);
    d.within_sd_db.push_back(within_sd);
    d.critical_dbm.push_back(-100);
    d.level_db[0].push_back(0);
  }
  return d;
}

std::vector<float> slopingPlaces(std::size_t n, double first_dbm, double step_db) {
  std::vector<float> out;
  for (std::size_t k = 0; k < n; ++k)
    out.push_back(static_cast<float>(first_dbm + step_db * static_cast<double>(k)));
  return out;
}

constexpr double kFar = 1e5;

Passage flownOver(const PathDraws& d, double gap_m = 0, std::uint64_t seed = 5) {
  return passageOf(d, 0, d.level_db.at(0), newFlights(d.stretches.count(), d.neighbour_correlation, seed),
                   kFar, gap_m);
}

}  // namespace

TEST_CASE("passage: without any spread every flight ends in the stretch where the level falls through") {
  const PathDraws d = knownPlaces(slopingPlaces(30, -89.5, -1), 0, 0);  // below -100 from the 12th stretch on
  for (double share : {0.5, 0.95}) {
    const WayRange r = rangeOf(flownOver(d), share);
    // Half of them would have failed in the middle of it: to its beginning, within half a stretch.
    CHECK_THAT(r.estimate_m, WithinAbs(d.stretches.startOf(11), 20));
    CHECK(r.low_m <= d.stretches.startOf(11));
    CHECK(r.high_m >= d.stretches.startOf(11));
  }
}

TEST_CASE("passage: with one day for the whole flight the share that holds is a normal tail") {
  const PathDraws d = knownPlaces(slopingPlaces(40, -90, -0.5), 2, 0);
  const Survival s = survivalOf(flownOver(d));
  for (std::size_t k = 0; k < s.share.size(); ++k)
    CHECK_THAT(s.share[k], WithinAbs(normalCdf((10 - 0.5 * static_cast<double>(k)) / 2), 0.01));
}

TEST_CASE("passage: with stretches that hang on nothing the shares multiply") {
  const PathDraws d = knownPlaces(slopingPlaces(25, -97, -0.1), 0, 2, 0);
  const Survival s = survivalOf(flownOver(d));
  double holds = 1;
  for (std::size_t k = 0; k < s.share.size(); ++k) {
    holds *= normalCdf((3 - 0.1 * static_cast<double>(k)) / 2);
    CHECK_THAT(s.share[k], WithinAbs(holds, 0.045));  // 512 flights: two sd
  }
}

TEST_CASE("passage: a hole ends every range, unless it is no longer than the gap allowed") {
  std::vector<float> place = slopingPlaces(30, -80, -0.5);
  place[10] = place[11] = -120;
  const PathDraws d = knownPlaces(place, 0.5, 0.5);
  CHECK_THAT(rangeOf(flownOver(d), 0.5).estimate_m, WithinAbs(d.stretches.startOf(10), 20));
  CHECK_THAT(rangeOf(flownOver(d, 80), 0.5).estimate_m,
             WithinAbs(d.stretches.startOf(10), 20));  // no shorter than it
  CHECK(rangeOf(flownOver(d, 81), 0.5).estimate_m == d.stretches.end_m());
  CHECK(std::isinf(rangeOf(flownOver(d, 81), 0.5).high_m));
}

TEST_CASE("passage: all links together reach no farther than any of them") {
  const PathDraws a = knownPlaces(slopingPlaces(40, -90, -0.4), 2, 1.5, 0.5),
                  b = knownPlaces(slopingPlaces(40, -88, -0.45), 1, 2, 0.3);
  const Passage pa = flownOver(a, 0, 1), pb = flownOver(b, 0, 2), both = firstOf({&pa, &pb});
  for (double share : {0.05, 0.5, 0.95}) {
    CHECK(rangeOf(both, share).estimate_m <= rangeOf(pa, share).estimate_m);
    CHECK(rangeOf(both, share).estimate_m <= rangeOf(pb, share).estimate_m);
  }
  CHECK(rangeOf(both, 0.95).estimate_m <= rangeOf(both, 0.5).estimate_m);
}

TEST_CASE("passage: ended before it fails it holds to that end, and is open; ended behind nothing changes") {
  const PathDraws d = knownPlaces(slopingPlaces(30, -89.5, -1), 0, 0);  // fails in the 12th stretch
  const Passage all = flownOver(d);
  const double start = all.stretches.start_m, width = defaults::kCellWidth_m;
  const Passage early = endedAt(all, start + 6.5 * width);
  CHECK(early.stretches.count() == 6);
  const WayRange r = rangeOf(early, 0.5);
  CHECK(r.open(0));
  CHECK(r.estimate_m == start + 6 * width);
  CHECK(std::isinf(r.high_m));
  CHECK(survivalOf(early).share.back() == 1);
  const Passage late = endedAt(all, start + 20 * width);
  CHECK(rangeOf(late, 0.5).estimate_m == rangeOf(all, 0.5).estimate_m);
  CHECK(endedAt(all, 0).stretches.count() == 1);
  const WayRange failed = rangeOf(failingAt(all, start + 6.5 * width), 0.5);
  CHECK_FALSE(failed.open(0));
  CHECK_THAT(failed.estimate_m, WithinAbs(start + 6 * width, width / 2));
  CHECK(rangeOf(failingAt(all, start + 20 * width), 0.5).estimate_m == rangeOf(all, 0.5).estimate_m);
  // Of several links the nearest end counts.
  CHECK(firstOf({&all, &early}).stretches.count() == 6);
}

TEST_CASE("passage: the same draws to the last bit, and refusals") {
  const PathDraws d = knownPlaces(slopingPlaces(30, -90, -0.5), 1, 1);
  CHECK(flownOver(d).first_failing == flownOver(d).first_failing);
  CHECK_THROWS_AS(passageOf(d, 0, {1, 2}, newFlights(30, 0.5, 1), kFar), DomainError);
  CHECK_THROWS_AS(passageOf(d, 0, d.level_db.at(0), newFlights(10, 0.5, 1), kFar), DomainError);
  CHECK_THROWS_AS(newFlights(3, 0.5, 1, 0, 1, 100), DomainError);
  CHECK_THROWS_AS(firstOf({}), DomainError);
}

TEST_CASE("place chain: mean and variance equal those of the full normal distribution") {
  const std::vector<double> at{100, 140, 180, 220, 300, 420};
  const std::vector<double> noise{0.5, 1, INFINITY, 0.2, INFINITY, 2};
  const double variance = 4, length = 60;
  const auto n = static_cast<Eigen::Index>(at.size());
  Eigen::MatrixXd prior(n, n);
  for (Eigen::Index i = 0; i < n; ++i)
    for (Eigen::Index j = 0; j < n; ++j)
      prior(i, j) =
          variance *
          std::exp(-std::abs(at[static_cast<std::size_t>(i)] - at[static_cast<std::size_t>(j)]) / length);
  Eigen::MatrixXd precision = prior.inverse();
  std::vector<double> seen{1.5, -2, 99, 0.7, 99, -1};
  Eigen::VectorXd weighted = Eigen::VectorXd::Zero(n);
  for (Eigen::Index i = 0; i < n; ++i)
    if (const double v = noise[static_cast<std::size_t>(i)]; std::isfinite(v)) {
      precision(i, i) += 1 / v;
      weighted[i] = seen[static_cast<std::size_t>(i)] / v;
    }
  const Eigen::MatrixXd covariance = precision.inverse();
  const Eigen::VectorXd mean = covariance * weighted;
  PlaceChain chain(at, variance, length, noise);
  std::vector<double> smooth = seen;
  chain.smooth(smooth);
  for (Eigen::Index i = 0; i < n; ++i) {
    CHECK_THAT(smooth[static_cast<std::size_t>(i)], WithinAbs(mean[i], 1e-9));
    CHECK_THAT(chain.variance()[static_cast<std::size_t>(i)], WithinAbs(covariance(i, i), 1e-9));
  }
  // Drawn many times they scatter about it as they should.
  dice::Random random(4);
  constexpr int kTimes = 20000;
  double sum = 0, products = 0;
  for (int t = 0; t < kTimes; ++t) {
    std::vector<double> drawn = seen;
    chain.draw(drawn, random);
    sum += drawn[2] / kTimes;
    products += (drawn[2] - mean[2]) * (drawn[3] - mean[3]) / kTimes;
  }
  CHECK_THAT(sum, WithinAbs(mean[2], 4 * std::sqrt(covariance(2, 2) / kTimes)));
  CHECK_THAT(products, WithinAbs(covariance(2, 3), 0.03));
}

TEST_CASE("strata: one value in every equally likely part; quantiles are those of the distribution") {
  dice::Random random(1);
  Strata strata(random, 1000);
  std::vector<double> z = strata.normals(), s = strata.sds(4, 10);
  std::sort(z.begin(), z.end());
  CHECK_THAT(quantileOf(z, 0.975), WithinAbs(1.959964, 0.01));
  std::sort(s.begin(), s.end());
  CHECK_THAT(quantileOf(s, 0.5), WithinRel(std::sqrt(10 * 4 / 9.341818), 1e-3));  // median of chi-squared(10)
  CHECK_THAT(chiSquaredQuantile(0.95, 5), WithinAbs(11.0705, 1e-4));
  CHECK_THAT(normalQuantile(0.975), WithinAbs(1.959964, 1e-6));
  CHECK_THROWS_AS(normalQuantile(0), DomainError);
  CHECK_THROWS_AS(chiSquaredQuantile(0.5, 0), DomainError);
}

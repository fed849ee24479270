#include "core/estimate/own_scale.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"
#include "core/estimate/cells.h"
#include "core/finding/error.h"

using namespace distanz::estimate;

namespace {

/// What a scale shows of a signal that falls by 27 dB per factor 10, at 80 m to 2 km.
template <class Shown>
std::vector<ScaleReading> readings(Shown shown, std::vector<double> setups_db = {0}, double noise_db = 0) {
  distanz::dice::Random random(3);
  std::vector<ScaleReading> out;
  for (std::size_t s = 0; s < setups_db.size(); ++s)
    for (double d = 100; d < 2000; d += 40)
      out.push_back({static_cast<int>(s), placeIndex(d), std::log10(d), shown(setups_db[s] - 27 * (std::log10(d) - 3) + noise_db * random.normal())});
  return out;
}

double linear(double db) { return 40 + 1.7 * db; }
double saturating(double db) { return 99 * (1 - std::exp(-(db + 22) / 22)); }
double logistic(double db) { return 99 / (1 + std::exp(-db / 9)); }

/// Most that the scale is off the truth over what was read, but for a constant.
template <class Shown>
double worst_db(const OwnScale& scale, Shown shown) {
  double low = INFINITY, high = -INFINITY;
  for (double db = -7; db < 24; db += 1) {
    const double off = scale.db(shown(db)) - db;
    low = std::min(low, off), high = std::max(high, off);
  }
  return (high - low) / 2;
}

}  // namespace

TEST_CASE("own scale: a straight one becomes dB, whatever its unit and zero") {
  const auto scale = fitOwnScale(readings(linear));
  REQUIRE(scale);
  CHECK_FALSE(scale->bent());
  CHECK(worst_db(*scale, linear) < 1e-6);
  CHECK(scale->slope(30) == Approx(1 / 1.7));
  CHECK(scale->value(scale->db(33)) == Approx(33));
}

TEST_CASE("own scale: setups at other levels do not bend it, and lie as far apart as they are") {
  const auto scale = fitOwnScale(readings(linear, {0, 6}));
  REQUIRE(scale);
  CHECK_FALSE(scale->bent());
  CHECK(scale->db(linear(6)) - scale->db(linear(0)) == Approx(6));
}

TEST_CASE("own scale: a bent one is found bent and made straight") {
  const auto by_saturation = fitOwnScale(readings(saturating, {0, 5}));
  REQUIRE(by_saturation);
  CHECK(by_saturation->bent());
  CHECK(worst_db(*by_saturation, saturating) < 1.2);
  const auto by_logistic = fitOwnScale(readings(logistic, {0, 5}));
  REQUIRE(by_logistic);
  CHECK(by_logistic->bent());
  CHECK(worst_db(*by_logistic, logistic) < 1.2);
  for (double v = 10; v < 90; v += 5) CHECK(by_logistic->db(by_logistic->value(by_logistic->db(v))) == Approx(by_logistic->db(v)));
}

TEST_CASE("own scale: one that runs backwards is read so") {
  const auto scale = fitOwnScale(readings([](double db) { return 60 - db; }));
  REQUIRE(scale);
  CHECK(scale->backwards());
  CHECK(scale->db(50) - scale->db(60) == Approx(10));
  const auto bent = fitOwnScale(readings([](double db) { return 100 - logistic(db); }));
  REQUIRE(bent);
  CHECK(bent->backwards());
  CHECK(worst_db(*bent, [](double db) { return 100 - logistic(db); }) < 1.2);
}

TEST_CASE("own scale: what stands still, or wanders, tells nothing") {
  CHECK_FALSE(fitOwnScale(readings([](double) { return 50.0; })));
  distanz::dice::Random random(5);
  CHECK_FALSE(fitOwnScale(readings([&](double) { return 50 + random.normal(); })));
  CHECK_FALSE(fitOwnScale({}));
  auto few = readings(linear);
  few.resize(4);
  CHECK_FALSE(fitOwnScale(few));
}

TEST_CASE("own scale: scatter alone bends none in twenty") {
  int bent = 0;
  for (std::uint64_t seed = 1; seed <= 40; ++seed) {
    distanz::dice::Random random(seed);
    auto flown = readings(linear, {0, 3});
    double shadow = 0;
    for (ScaleReading& r : flown) r.value += 1.7 * (shadow = 0.4 * shadow + 2.3 * random.normal());
    const auto scale = fitOwnScale(flown);
    REQUIRE(scale);
    bent += scale->bent();
  }
  CHECK(bent <= 3);
}

TEST_CASE("own scale: points must rise") {
  CHECK_THROWS_AS(OwnScale({1}, {2}), distanz::DomainError);
  CHECK_THROWS_AS(OwnScale({2, 1}, {2, 3}), distanz::DomainError);
}

TEST_CASE("own scale: numbers that nobody can reckon with tell nothing, and a thousand setups take no longer than their readings") {
  CHECK_FALSE(fitOwnScale(readings([](double db) { return 1e300 * linear(db); })));
  const auto scale = fitOwnScale(readings(linear, std::vector<double>(1000, 2.0)));
  REQUIRE(scale);
  CHECK(scale->slope(30) == Approx(1 / 1.7));
}

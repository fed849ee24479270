#include "core/log/align.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"
#include "support/chance.h"
#include "support/wandering.h"

using namespace distanz;
using dice::Random;

namespace {

/// Speed and height of an aircraft out and back, with what gusts make of them; any time.
class GustyFlight {
 public:
  GustyFlight(Random& random, double length_s) : m_length_s(length_s) {
    double gust = 0, lift = 0;
    for (double t = 0; t < length_s + 10; t += kStep_s) {  // gusts that last about two seconds
      const double keep = std::exp(-kStep_s / 2), draw = std::sqrt(1 - keep * keep);
      gust = keep * gust + draw * 0.7 * random.normal();
      lift = keep * lift + draw * 0.5 * random.normal();
      const double ramp = std::clamp(std::min(t / 8, (length_s - t) / 8), 0.0, 1.0),
                   turn = 1 - 0.6 * std::exp(-std::pow((t - length_s / 2) / 4, 2));
      m_speed.push_back(12 * ramp * turn + gust);
      m_height.push_back(60 * ramp + lift);
    }
  }
  double speed(double t) const { return of(m_speed, t); }
  double height(double t) const { return of(m_height, t); }
  double length_s() const { return m_length_s; }

 private:
  static constexpr double kStep_s = 0.05;
  static double of(const std::vector<double>& v, double t) {
    const double index = std::clamp(t / kStep_s, 0.0, double(v.size() - 2));
    const auto i = std::size_t(index);
    return std::lerp(v[i], v[i + 1], index - double(i));
  }
  double m_length_s;
  std::vector<double> m_speed, m_height;
};

/// A recorder switched on at begin_s of the flight, whose clock runs slow by so many millionths.
log::Recording seenBy(const GustyFlight& f, Random& random, double begin_s, double end_s, double step_s, double slow_ppm) {
  log::Recording r;
  log::Column speed{"speed_mps", {}}, height{"height_m", {}};
  for (double t = begin_s; t < end_s; t += step_s) {
    r.time_s.push_back((t - begin_s) / (1 + slow_ppm * 1e-6));
    speed.values.push_back(f.speed(t) + 0.1 * random.normal());
    height.values.push_back(f.height(t) + 0.3 * random.normal() + 3);
  }
  r.columns = {speed, height};
  return r;
}

}  // namespace

namespace {

void alikeArePutTogether(int pairs) {
  Random random(test::seed(11));
  test::Share good, told, sure;
  for (int i = 0; i < pairs; ++i) {
    const GustyFlight f(random, random.uniform(240, 600));
    const double slow = random.uniform(-200, 200), begin = random.uniform(0, 40), end = f.length_s() - random.uniform(0, 40);
    const auto dense = seenBy(f, random, 0, f.length_s(), 0.1, 0), sparse = seenBy(f, random, begin, end, 1, slow);
    const bool swapped = i % 2;
    const auto fit = swapped ? log::alignClocks(sparse, dense) : log::alignClocks(dense, sparse);
    told += fit.has_value();
    if (!fit) {
      good += false;
      continue;
    }
    // Where the other's middle lies on the first's clock.
    const double middle = swapped ? f.length_s() / 2 : (end - begin) / 2 / (1 + slow * 1e-6);
    const double truth = swapped ? (f.length_s() / 2 - begin) / (1 + slow * 1e-6) : begin + (end - begin) / 2;
    const double off = fit->offset_s + middle * (1 + fit->drift_ppm * 1e-6) - truth;
    good += std::abs(off) < 0.1;
    sure += std::abs(off) < 2 * fit->offset_sd_s;
  }
  CAPTURE(good, told, sure);
  CHECK(test::holdsFor(good, 0.97));
  CHECK(test::holdsFor(sure, 0.94));  // within two standard deviations
}

void strangersAreNot(int pairs) {
  Random random(test::seed(12));
  test::Share wrong;
  for (int i = 0; i < pairs; ++i) {
    const double length = random.uniform(240, 600);
    const GustyFlight one(random, length), other(random, length * random.uniform(0.97, 1.03));
    wrong += log::alignClocks(seenBy(one, random, 0, one.length_s(), 0.1, 0),
                              seenBy(other, random, 0, other.length_s(), i % 2 ? 1 : 0.2, 0))
                 .has_value();
  }
  CAPTURE(wrong);
  CHECK(test::seldom(wrong, 0.005));
}

}  // namespace

TEST_CASE("clocks: pairs with something in common are put within a tenth of a second", "[simulation]") {
  alikeArePutTogether(120);
}
TEST_CASE("clocks: nothing in common is not aligned, though both flew the same path at the same speed", "[simulation]") {
  strangersAreNot(80);
}
TEST_CASE("long study: clocks of 1,000 pairs", "[.long]") {
  alikeArePutTogether(1000);
  strangersAreNot(1000);
}

TEST_CASE("clocks: heights above the sea fit heights above the start, and a dense log fits itself") {
  Random random(14);
  const GustyFlight f(random, 400);
  auto first = seenBy(f, random, 0, 400, 0.02, 0), other = seenBy(f, random, 50, 390, 1, 0);
  std::erase_if(first.columns, [](const log::Column& c) { return c.channel == "speed_mps"; });
  std::erase_if(other.columns, [](const log::Column& c) { return c.channel == "speed_mps"; });
  other.columns[0].channel = "altitude_msl_m";
  for (double& v : other.columns[0].values) v += 84;
  const auto fit = log::alignClocks(first, other);
  REQUIRE(fit);
  CHECK(fit->offset_s == Approx(50).margin(0.2));
  const auto same = log::alignClocks(first, first);  // dense against dense
  REQUIRE(same);
  CHECK(same->offset_s == Approx(0).margin(0.05));
}

TEST_CASE("clocks: a frame rate that was guessed wrong is a drift, and what is too short or missing is not told") {
  Random random(13);
  const GustyFlight f(random, 400);
  const auto log = seenBy(f, random, 0, 400, 0.1, 0);
  auto video = seenBy(f, random, 30, 380, 0.2, 0);
  for (double& t : video.time_s) t *= 30.0 / 25;  // taken for 25 frames a second
  const auto fit = log::alignClocks(log, video);
  REQUIRE(fit);
  CHECK(fit->drift_ppm == Approx((25.0 / 30 - 1) * 1e6).margin(300));
  CHECK(fit->offset_s == Approx(30).margin(0.2));
  CHECK_FALSE(log::alignClocks(log, seenBy(f, random, 100, 120, 0.2, 0)));
  CHECK_FALSE(log::alignClocks(log, {}));
  CHECK_FALSE(log::alignClocks({}, {}));
  auto flat = log;
  for (auto& c : flat.columns) std::fill(c.values.begin(), c.values.end(), 5.0);
  CHECK_FALSE(log::alignClocks(log, flat));
  for (auto& c : flat.columns) std::fill(c.values.begin(), c.values.end(), NAN);
  CHECK_FALSE(log::alignClocks(log, flat));
}

namespace {

log::Recording distancesOf(const std::vector<double>& d, Random& random, double begin_s, double end_s, double step_s, double slow_ppm, bool as_fixes) {
  constexpr double kNoise_m = 1.5, kMetresPerDegree = 111195;
  log::Recording r;
  log::Column distance{"distance_m", {}}, lat{"lat_deg", {}}, lon{"lon_deg", {}};
  for (double t = begin_s; t < end_s; t += step_s) {
    const auto i = std::min(std::size_t(t / 0.05), d.size() - 1);
    r.time_s.push_back((t - begin_s) / (1 + slow_ppm * 1e-6));
    distance.values.push_back(std::abs(d[i] + kNoise_m * random.normal()));
    lat.values.push_back(46.9 + (d[i] + kNoise_m * random.normal()) / kMetresPerDegree);
    lon.values.push_back(20.9);
  }
  if (as_fixes)
    r.columns = {lat, lon};
  else
    r.columns = {distance};
  return r;
}

}  // namespace

TEST_CASE("clocks: distances or positions alone are enough where they lie over each other as well as their noise allows") {
  Random random(15);
  int good = 0, wrong = 0;
  constexpr int kPairs = 100;
  for (int i = 0; i < kPairs; ++i) {
    const double out = random.uniform(800, 2500), begin = random.uniform(0, 30), slow = random.uniform(-200, 200);
    const auto one = test::wanderingFlight(random, out, 0.05), other = test::wanderingFlight(random, out, 0.05);
    const double end = double(one.size()) * 0.05 - random.uniform(0, 20);
    const auto dense = distancesOf(one, random, 0, double(one.size()) * 0.05, 0.1, 0, i % 2);
    if (const auto fit = log::alignClocks(dense, distancesOf(one, random, begin, end, 1, slow, i % 2))) {
      const double half = (end - begin) / 2;
      good += std::abs(fit->offset_s + half / (1 + slow * 1e-6) * (1 + fit->drift_ppm * 1e-6) - (begin + half)) < 0.1;
    }
    wrong += log::alignClocks(dense, distancesOf(other, random, 0, double(other.size()) * 0.05, 1, 0, i % 2)).has_value();
  }
  CHECK(good >= 0.95 * kPairs);
  CHECK(wrong == 0);
}

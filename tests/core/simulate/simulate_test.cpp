#include <array>
#include <catch2/catch.hpp>
#include <cmath>
#include <fmt/format.h>

#include "core/finding/error.h"
#include "core/simulate/fading.h"
#include "core/simulate/scenario.h"
#include "core/simulate/shadowing.h"
#include "support/scenarios.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::simulate;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;

TEST_CASE("random numbers: moments of the normal and the binomial") {
  dice::Random random(3);
  double sum = 0, square = 0, hits = 0;
  constexpr int kDraws = 200000;
  for (int i = 0; i < kDraws; ++i) {
    const double v = random.normal();
    sum += v;
    square += v * v;
    hits += i < 20000 ? random.binomial(20, 0.3) : 0;
  }
  CHECK_THAT(sum / kDraws, WithinAbs(0, 0.01));
  CHECK_THAT(square / kDraws, WithinAbs(1, 0.015));
  CHECK_THAT(hits / 20000, WithinAbs(6, 0.06));
}

TEST_CASE("shadowing: spread and correlation are those asked for (Gudmundson)") {
  double variance = 0, covariance = 0;
  int n = 0;
  for (int seed = 0; seed < 60; ++seed) {
    dice::Random random(static_cast<std::uint64_t>(seed));
    const Shadowing s(random, 2.5, 50, 5000);
    for (double d = 0; d < 4900; d += 25, ++n) {
      variance += s.at(d) * s.at(d);
      covariance += s.at(d) * s.at(d + 50);
    }
  }
  CHECK_THAT(variance / n, WithinRel(6.25, 0.06));
  CHECK_THAT(covariance / variance, WithinAbs(std::exp(-1), 0.04));
}

TEST_CASE("simulation: the same seed gives the same flights, another does not") {
  const Scenario s = test::twoSetups(2);
  const Simulated a = simulate::simulate(s, 5), b = simulate::simulate(s, 5), c = simulate::simulate(s, 6);
  CHECK(a.recordings == b.recordings);
  CHECK_FALSE(a.recordings == c.recordings);
  CHECK(a.campaign.runs.size() == 4);
  CHECK(a.campaign.runs[0].id == "A1");
}

TEST_CASE("simulation: level, floor, quantising and quality follow the physics") {
  Scenario s = test::twoSetups(1);
  LinkPhysics& p = s.physics["control"];
  p.place_sd_db = p.within_sd_db = p.flight_sd_db = p.fading_sd_db = 0;
  p.step_db = 0;
  p.turn_drop_db = 0;
  const Simulated flown = simulate::simulate(s, 1);
  const auto& d = *flown.recordings[0].find("distance_m");
  const auto& y = *flown.recordings[0].find("control.rssi_dbm");
  for (std::size_t i = 0; i < d.size(); i += 101)
    CHECK_THAT(y[i], WithinAbs(std::max(-90 - 27 * std::log10(d[i] / 1000), p.floor_dbm), 0.02));
  p.step_db = 1;
  p.floor_dbm = -95;
  const auto clipped = simulate::simulate(s, 1).recordings[0];
  for (const double v : *clipped.find("control.rssi_dbm")) {
    CHECK(v == std::round(v));
    CHECK(v >= -95);
  }
  const auto& quality = *clipped.find("control.lq_pct");
  CHECK(quality.front() == 100);
}

TEST_CASE("simulation: flights of the same name share the air, others do not") {
  Scenario s = test::twoSetups(1);
  for (RunPlan& run : s.runs) run.flight = "f1", run.farthest_m = 1500;
  s.physics["control"].fading_sd_db = 0;
  s.physics["control"].step_db = 0;
  s.physics["control"].pair_sd_db = s.physics["control"].pair_within_sd_db = 0;
  const Simulated flown = simulate::simulate(s, 9);
  const auto &a = *flown.recordings[0].find("control.rssi_dbm"),
             &b = *flown.recordings[1].find("control.rssi_dbm");
  for (std::size_t i = 0; i < a.size(); i += 53) CHECK_THAT(b[i] - a[i], WithinAbs(3, 1e-9));
}

TEST_CASE("shadowing: what a stretch leaves of the variance has the right limits") {
  CHECK_THAT(varianceLeft(0.01, 50), WithinAbs(1, 1e-3));       // a point keeps all of it
  CHECK_THAT(varianceLeft(1e5, 50), WithinRel(1e-3, 0.01));     // far beyond the correlation: 2 L/w
  CHECK_THAT(varianceLeft(40, 40), WithinRel(2 / M_E, 1e-12));  // w = L: 2 (1 - (1 - 1/e)) = 2/e
}

TEST_CASE("Rician fading: half of the readings lie above the level, the deep fades below are longer") {
  Scenario s = test::twoSetups(1);
  LinkPhysics& p = s.physics["control"];
  p.rician_k_db = 6;
  p.place_sd_db = p.within_sd_db = p.flight_sd_db = p.step_db = 0;
  p.floor_dbm = -200;
  s.runs.resize(1);
  const auto r = simulate::simulate(s, 3).recordings[0];
  int above = 0, n = 0;
  double deepest = 0, highest = 0;
  for (std::size_t i = 0; i < r.rows(); ++i) {
    const double d = (*r.find("distance_m"))[i];
    if (d > s.runs[0].farthest_m - 50) continue;
    const double off = (*r.find("control.rssi_dbm"))[i] + 90 + 27 * std::log10(d / 1000);
    above += off > 0;
    ++n;
    deepest = std::min(deepest, off), highest = std::max(highest, off);
  }
  CHECK_THAT(static_cast<double>(above) / n, WithinAbs(0.5, 0.03));
  CHECK(-deepest > 1.5 * highest);
}

TEST_CASE("arrival: packets that fade by themselves smear the curve, and cost what each of them costs") {
  LinkPhysics p;
  p.fading_sd_db = 0;
  const auto share = [](const LinkPhysics& of, double level) { return Arrival(of, Fading(of))(level); };
  for (double off : {-300.0, -4.0, -1.0, 0.0, 0.7, 3.0, 300.0})
    CHECK_THAT(share(p, p.quality_midpoint_dbm + off), WithinAbs(1 / (1 + std::exp(-off / 1.2)), 2e-3));
  // A logistic curve under normal fading: close to a normal one with both spreads.
  p.fading_sd_db = 3;
  for (double off : {-3.0, 0.0, 2.0, 5.0}) {
    const double both = std::hypot(3.0, 1.2 * M_PI / std::sqrt(3.0));
    CHECK_THAT(share(p, p.quality_midpoint_dbm + off),
               WithinAbs(0.5 * std::erfc(-off / both / std::sqrt(2.0)), 0.012));
  }
  // Against packets drawn one by one.
  p.rician_k_db = 3;
  const Fading fading(p);
  dice::Random random(5);
  for (double off : {-4.0, 1.0, 6.0}) {
    constexpr int kPackets = 40000;
    double came = 0;
    for (int i = 0; i < kPackets; ++i)
      came += random.uniform() < 1 / (1 + std::exp(-(off + fading(random)) / p.quality_slope_db));
    CHECK_THAT(share(p, p.quality_midpoint_dbm + off), WithinAbs(came / kPackets, 0.01));
  }
}

TEST_CASE("readings: the mean of so many packets, so late, and not of the packets that are counted") {
  Scenario s = test::twoSetups(1);
  LinkPhysics& p = s.physics["control"];
  p.place_sd_db = p.within_sd_db = p.flight_sd_db = p.step_db = p.turn_drop_db = 0;
  p.floor_dbm = -200;
  p.fading_sd_db = 3;
  s.with_gnss = false;
  s.runs.resize(1);
  const auto scatter = [&] {
    const auto r = simulate::simulate(s, 8).recordings[0];
    const auto &d = *r.find("distance_m"), &y = *r.find("control.rssi_dbm"), &q = *r.find("control.lq_pct");
    double sum = 0, squares = 0, products = 0, n = 0;
    const double middle = p.quality_midpoint_dbm;
    const Fading fading(p);
    const Arrival arriving(p, fading);
    for (std::size_t i = 0; i < d.size(); ++i) {
      const double level = -90 - 27 * std::log10(d[i] / 1000);
      if (std::abs(level - middle) > 4) continue;
      const double off = y[i] - level, quality = q[i] - 100 * arriving(level);
      sum += off, squares += off * off, products += off * quality, ++n;
    }
    return std::array{sum / n, std::sqrt(squares / n), products / n};
  };
  s.runs[0].farthest_m = 4500;
  s.sample_s = 0.05;
  const auto one = scatter();
  CHECK_THAT(one[1], WithinRel(3, 0.05));
  CHECK_THAT(one[2], WithinAbs(0, 1.5));  // dB times %: nothing in common
  p.packets_in_reading = 9;
  CHECK_THAT(scatter()[1], WithinRel(1, 0.05));
  p.fading_sd_db = 0;
  p.reading_lag_s = 2;
  const auto r = simulate::simulate(s, 8).recordings[0];
  const auto &d = *r.find("distance_m"), &y = *r.find("control.rssi_dbm");
  const double then_m = d[1000] - 2 * s.runs[0].speed_mps;
  CHECK_THAT(y[1000], WithinAbs(-90 - 27 * std::log10(then_m / 1000), 0.01));
}

TEST_CASE("truth: half of flights reach the typical range, 95 % the dependable one") {
  LinkPhysics p;
  const Truth t = truthOf(p, -90, -100);
  CHECK_THAT(t.typical_m, WithinRel(1000 * std::pow(10, 10 / 27.0), 1e-12));
  dice::Random random(1);
  int reached = 0;
  constexpr int kTrials = 20000;
  const auto stretchMean = [&](double sd, double length) {  // a 40 m stretch of fresh ground
    const Shadowing ground(random, sd, length, 40);
    double sum = 0;
    for (double d = 1; d < 40; d += 2) sum += ground.at(d) / 20;
    return sum;
  };
  for (int i = 0; i < kTrials; ++i)
    reached += -90 - 27 * std::log10(t.dependable_m / 1000) +
                   stretchMean(p.place_sd_db, p.place_correlation_m) +
                   stretchMean(p.within_sd_db, p.within_correlation_m) + p.flight_sd_db * random.normal() >=
               -100;
  CHECK_THAT(static_cast<double>(reached) / kTrials, WithinAbs(0.95, 0.006));
}

TEST_CASE("simulation: scenarios that do not fit together are refused") {
  Scenario s = test::twoSetups(1);
  s.level_dbm.erase("B");
  CHECK_REFUSED(simulate::simulate(s, 1), Contains("setup \"B\""));
  s = test::twoSetups(1);
  s.runs[0].speed_mps = 0;
  CHECK_THROWS_AS(simulate::simulate(s, 1), DomainError);
  s = test::twoSetups(1);
  s.physics["mystery"] = {};
  CHECK_REFUSED(simulate::simulate(s, 1), Contains("mystery"));
}

TEST_CASE(
    "simulation: a scenario that would run for hours or fill the memory is refused before it is begun") {
  Scenario s = test::twoSetups(1);
  s.physics["control"].packets_in_reading = kMostPackets;
  s.runs[0].farthest_m = 1e5;
  s.runs[0].speed_mps = 0.5;
  CHECK_REFUSED(simulate::simulate(s, 1), Contains("packets, more than 2E+09"));
  s = test::twoSetups(1);
  s.physics["control"].packets_in_reading = kMostPackets + 1;
  CHECK_REFUSED(simulate::simulate(s, 1), Contains("packets_in_reading"));
  s = test::twoSetups(1);
  for (int i = 0; i <= kMostLinks; ++i) {
    const std::string id = "link" + fmt::to_string(i);
    s.campaign.links.push_back({});
    s.campaign.links.back().id = id;
    s.physics[id] = {};
  }
  CHECK_REFUSED(simulate::simulate(s, 1), Contains("physics"));
}

TEST_CASE("simulation: a reading a minute late of samples a microsecond apart, and a curve that is a step") {
  Scenario s = test::twoSetups(1);
  s.sample_s = 1e-6;
  s.runs.resize(1);
  s.runs[0].start_m = 0;
  s.runs[0].farthest_m = 50;
  s.runs[0].speed_mps = 100;
  s.physics["control"].reading_lag_s = 60;
  s.physics["control"].packets_in_reading = 1;
  s.physics["control"].quality_slope_db = 0.01;
  const Simulated flown = simulate::simulate(s, 1);
  const auto& read = *flown.recordings[0].find("control.rssi_dbm");
  CHECK(read.size() > 900'000);
  CHECK(read.back() == read.front());  // nothing newer was read out within its second
}

namespace {

/// One link without any chance in it: what is left is what was asked for.
Scenario still() {
  Scenario s = test::twoSetups(1);
  LinkPhysics& p = s.physics["control"];
  p.place_sd_db = p.within_sd_db = p.flight_sd_db = p.fading_sd_db = p.step_db = p.pair_sd_db =
      p.pair_within_sd_db = p.turn_drop_db = 0;
  p.floor_dbm = -200;
  s.runs.resize(1);
  s.runs[0].farthest_m = 2000;
  return s;
}

/// Reading less the law of distance, row by row.
std::vector<double> beyondLaw(const Simulated& flown) {
  const auto &d = *flown.recordings[0].find("distance_m"), &y = *flown.recordings[0].find("control.rssi_dbm");
  std::vector<double> out;
  for (std::size_t i = 0; i < d.size(); ++i)
    out.push_back(y[i] + 90 + 27 * std::log10(std::max(d[i], 1.0) / 1000));
  return out;
}

}  // namespace

TEST_CASE(
    "simulation: less power lowers every reading, a power step those beyond it, and the log tells the "
    "power") {
  Scenario s = still();
  s.runs[0].reduced_db["control"] = 15;
  for (double off : beyondLaw(simulate::simulate(s, 1))) CHECK_THAT(off, WithinAbs(-15, 0.05));
  s = still();
  s.runs[0].power["control"] = {{0, 100}, {1000, 400}};
  const Simulated flown = simulate::simulate(s, 1);
  const auto off = beyondLaw(flown);
  const auto &d = *flown.recordings[0].find("distance_m"),
             &power = *flown.recordings[0].find("control.power_mw");
  for (std::size_t i = 0; i < off.size(); ++i) {
    if (std::abs(d[i] - 1000) < 2) continue;
    CHECK(power[i] == (d[i] > 1000 ? 400 : 100));
    CHECK_THAT(off[i], WithinAbs(d[i] > 1000 ? 10 * std::log10(4.0) : 0, 0.05));
  }
  s.runs[0].power["control"] = {{0, 0}};
  CHECK_THROWS_AS(simulate::simulate(s, 1), DomainError);
}

TEST_CASE("simulation: the way back differs by what was asked, recording starts where it was asked") {
  Scenario s = still();
  s.back_db["A"]["control"] = -6;
  s.runs[0].start_m = 500;
  const Simulated flown = simulate::simulate(s, 1);
  const auto off = beyondLaw(flown);
  const auto& d = *flown.recordings[0].find("distance_m");
  CHECK(d.front() == 500);
  CHECK(d.back() >= 500);
  const std::size_t turn = static_cast<std::size_t>(std::max_element(d.begin(), d.end()) - d.begin());
  for (std::size_t i = 0; i < off.size(); ++i)
    if (std::abs(static_cast<double>(i) - static_cast<double>(turn)) > 2)
      CHECK_THAT(off[i], WithinAbs(i > turn ? -6 : 0, 0.05));
  s.runs[0].start_m = 1990;
  CHECK_THROWS_AS(simulate::simulate(s, 1), DomainError);
}

TEST_CASE("simulation: receivers in one flight share the air but have something to themselves") {
  Scenario s = test::twoSetups(1, 0);
  LinkPhysics& p = s.physics["control"];
  p.fading_sd_db = p.step_db = 0;
  p.pair_within_sd_db = 0;
  p.pair_sd_db = 1;
  for (RunPlan& run : s.runs) run.flight = "f1", run.farthest_m = 1500;
  double ss = 0;
  constexpr int kFlights = 200;
  for (int i = 0; i < kFlights; ++i) {
    const Simulated flown = simulate::simulate(s, static_cast<std::uint64_t>(i));
    const auto &a = *flown.recordings[0].find("control.rssi_dbm"),
               &b = *flown.recordings[1].find("control.rssi_dbm");
    CHECK_THAT(b[900] - a[900], WithinAbs(b[100] - a[100], 1e-9));  // one offset for the whole flight
    ss += std::pow(b[100] - a[100], 2);
  }
  CHECK_THAT(std::sqrt(ss / kFlights), WithinAbs(std::sqrt(2.0), 0.2));
}

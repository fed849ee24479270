#include "core/log/silence.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <cmath>

#include "core/dice/random.h"
#include "core/log/dropouts.h"
#include "core/log/flights.h"
#include "core/log/turning.h"

using namespace distanz;
using namespace distanz::log;
using Catch::Matchers::WithinAbs;

namespace {

constexpr double kFloorOfHearing_dbm = -104;

/// 1.5 km out and back at 10 m/s, ten rows a second; the signal falls with distance and fades. Beyond about
/// 1.1 km most packets are lost.
struct Flight {
  Recording r;
  std::vector<bool> lost;  ///< what really was not heard

  explicit Flight(double rate_hz = 10) {
    dice::Random random(5);
    r.columns = {{"distance_m", {}}, {"control.rssi_dbm", {}}, {"control.lq_pct", {}}};
    for (int i = 0; i < 300 * rate_hz; ++i) {
      const double t = i / rate_hz, d = t < 150 ? 10 * t : 3000 - 10 * t;
      const double level = -100 - 27 * std::log10(std::max(d, 10.0) / 1000) + 2.5 * random.normal();
      r.time_s.push_back(t);
      r.columns[0].values.push_back(d);
      r.columns[1].values.push_back(std::round(level));
      r.columns[2].values.push_back(std::clamp(100.0 + 10 * (level + 101), 1.0, 100.0));
      // Gone for good between 1.2 and 1.4 km, on either leg.
      lost.push_back(d > 1200 && d < 1400);
    }
  }
  std::vector<double>& signal() { return r.columns[1].values; }
  std::vector<double>& quality() { return r.columns[2].values; }
  HeardLog heard() const { return heardIn(r, {"control"}); }
  bool told(const std::string& code) const {
    const HeardLog h = heard();
    return std::any_of(h.told.begin(), h.told.end(), [&](const Finding& f) { return f.code == code; });
  }
  /// Rows that are rightly taken for lost, and wrongly.
  std::pair<double, double> shares() const {
    const HeardLog h = heard();
    const auto* silent = h.silentOn("control");
    if (!silent) return {0, 0};
    double right = 0, wrong = 0, all = 0;
    for (std::size_t i = 0; i < lost.size(); ++i) {
      all += lost[i];
      (lost[i] ? right : wrong) += (*silent)[i];
    }
    return {right / all, wrong / (static_cast<double>(lost.size()) - all)};
  }
};

}  // namespace

TEST_CASE("silence: a log that was always heard stands as it is") {
  const Flight f;
  CHECK_FALSE(f.heard().changed);
  CHECK(f.heard().silent.empty());
  CHECK(f.heard().told.empty());
  CHECK(&f.heard().in(f.r) == &f.r);
}

TEST_CASE("silence: 0, -130, 127 and a signal far below all others stand for nothing heard") {
  const double value = GENERATE(0.0, -130.0, 127.0, 255.0, -1.0);
  CAPTURE(value);
  Flight f;
  for (std::size_t i = 0; i < f.lost.size(); ++i)
    if (f.lost[i]) f.signal()[i] = value, f.quality()[i] = 0;
  CHECK(f.told("unheard-value"));
  CHECK(f.shares() == std::pair{1.0, 0.0});
  const HeardLog h = f.heard();
  const auto& signal = *h.in(f.r).find("control.rssi_dbm");
  for (std::size_t i = 0; i < f.lost.size(); ++i)
    if (f.lost[i]) {
      // What was heard last: the signal lies below it.
      REQUIRE(signal[i] < kFloorOfHearing_dbm + 5);
      REQUIRE(signal[i] > kFloorOfHearing_dbm - 5);
    }
}

TEST_CASE("silence: an impossible signal beside a good quality is a hole in the log, not in the link") {
  Flight f;
  for (std::size_t i = 0; i < f.lost.size(); ++i)
    if (f.lost[i]) f.signal()[i] = 0, f.quality()[i] = 90;
  const HeardLog h = f.heard();
  CHECK(h.silent.empty());
  REQUIRE(h.changed);
  CHECK(std::isnan((*h.changed->find("control.rssi_dbm"))[1300]));
  CHECK((*h.changed->find("control.lq_pct"))[1300] == 90);
}

TEST_CASE("silence: the last value over and over is not a measurement") {
  Flight f;
  const bool places_too = GENERATE(false, true);
  CAPTURE(places_too);
  const auto distance = f.r.columns[0].values;
  for (std::size_t i = 1; i < f.lost.size(); ++i)
    if (f.lost[i]) {
      f.signal()[i] = f.signal()[i - 1];
      f.quality()[i] = f.quality()[i - 1];
      if (places_too) f.r.columns[0].values[i] = f.r.columns[0].values[i - 1];
    }
  CHECK(f.told("unheard-repeated"));
  const auto [right, wrong] = f.shares();
  CHECK(right > 0.99);
  CHECK(wrong == 0);
  const HeardLog h = f.heard();
  CHECK((*h.changed->find("control.lq_pct"))[1300] == 0);
  // The aircraft flew on, whatever the log repeated.
  CHECK_THAT((*h.changed->find("distance_m"))[1300], WithinAbs(distance[1300], 2));
}

TEST_CASE("silence: a receiver's floor, and slow telemetry, are not a last value") {
  Flight f;
  for (double& y : f.signal()) y = std::max(y, -103.0);
  for (double& q : f.quality()) q = 100;
  CHECK_FALSE(f.told("unheard-repeated"));
  Flight slow;
  for (std::size_t i = 0; i < slow.lost.size(); ++i) {
    slow.signal()[i] = slow.signal()[i / 10 * 10];
    slow.quality()[i] = slow.quality()[i / 10 * 10];
  }
  CHECK(slow.heard().told.empty());
}

TEST_CASE("silence: blanks count where they last, not between the rows of a slow link") {
  Flight f;
  for (std::size_t i = 0; i < f.lost.size(); ++i)
    if (f.lost[i]) f.signal()[i] = f.quality()[i] = NAN;
  CHECK(f.told("unheard-blank"));
  CHECK(f.shares() == std::pair{1.0, 0.0});
  Flight slow;
  for (std::size_t i = 0; i < slow.lost.size(); ++i)
    if (i % 60 != 0) slow.signal()[i] = slow.quality()[i] = NAN;  // a reading every 6 s
  CHECK(slow.heard().told.empty());
}

TEST_CASE("silence: where the log has no rows it tells a lost link from a pause") {
  const auto without = [](const Flight& f, auto gone) {
    Recording out;
    out.columns = {{"distance_m", {}}, {"control.rssi_dbm", {}}, {"control.lq_pct", {}}};
    for (std::size_t i = 0; i < f.lost.size(); ++i) {
      if (gone(i)) continue;
      out.time_s.push_back(f.r.time_s[i]);
      for (std::size_t c = 0; c < 3; ++c) out.columns[c].values.push_back(f.r.columns[c].values[i]);
    }
    return out;
  };
  const Flight f;
  const Recording lost = without(f, [&](std::size_t i) { return f.lost[i]; });
  const HeardLog h = heardIn(lost, {"control"});
  REQUIRE(h.changed);
  CHECK(h.changed->rows() == f.r.rows());
  CHECK_THAT((*h.changed->find("distance_m"))[1300], WithinAbs(1300, 2));
  CHECK((*h.changed->find("control.lq_pct"))[1300] == 0);
  CHECK((*h.silentOn("control"))[1300]);
  CHECK_FALSE((*h.silentOn("control"))[1100]);

  // Twelve seconds at 300 m, as a recorder pauses.
  const Recording paused = without(f, [](std::size_t i) { return i > 300 && i < 420; });
  const HeardLog p = heardIn(paused, {"control"});
  CHECK(p.silent.empty());
  REQUIRE(p.told.size() == 1);
  CHECK(p.told[0].code == "log-pauses");
  const std::vector<RulePart> rule{{*paused.find("control.lq_pct"), 70}};
  const LinkEvents events = linkEvents(paused.time_s, *paused.find("distance_m"), rule, {146, 154});
  REQUIRE(events.lost_at_m);
  CHECK(*events.lost_at_m > 600);
}

TEST_CASE("silence: hostile columns break nothing") {
  Flight f;
  const auto check = [&] {
    const HeardLog h = f.heard();
    for (const auto& [link, silent] : h.silent) CHECK(silent.size() == h.in(f.r).rows());
  };
  std::fill(f.signal().begin(), f.signal().end(), NAN);
  check();
  std::fill(f.signal().begin(), f.signal().end(), 0.0);
  check();
  std::fill(f.quality().begin(), f.quality().end(), 255.0);
  check();
  std::fill(f.quality().begin(), f.quality().end(), -1e308);
  std::fill(f.signal().begin(), f.signal().end(), 1e308);
  check();
  f.r.time_s.assign(f.r.rows(), 0.0);
  check();
  Recording one;
  one.time_s = {0};
  one.columns = {{"control.rssi_dbm", {-60}}};
  CHECK(heardIn(one, {"control"}).told.empty());
  CHECK(heardIn({}, {"control"}).told.empty());
}

TEST_CASE("flights: two in one log are parted where the aircraft was home") {
  const auto log = [](std::vector<std::pair<double, double>> corners) {
    std::vector<double> d;
    for (std::size_t c = 1; c < corners.size(); ++c)
      for (double t = corners[c - 1].first; t < corners[c].first; t += 0.1)
        d.push_back(corners[c - 1].second + (corners[c].second - corners[c - 1].second) *
                                                (t - corners[c - 1].first) /
                                                (corners[c].first - corners[c - 1].first));
    return d;
  };
  CHECK(flightsIn(log({{0, 0}, {100, 1000}, {200, 0}, {260, 0}})).size() == 1);
  // A hop to test, a flight, a second look at 700 m, and another flight.
  const auto d = log({{0, 0},
                      {10, 100},
                      {20, 5},
                      {120, 1000},
                      {150, 700},
                      {180, 1000},
                      {280, 0},
                      {340, 0},
                      {420, 800},
                      {500, 3}});
  const auto two = flightsIn(d);
  REQUIRE(two.size() == 2);
  CHECK_THAT(two[0].farthest_m, WithinAbs(1000, 1));
  CHECK_THAT(two[1].farthest_m, WithinAbs(800, 1));
  CHECK(two[0].begin == 0);
  CHECK(two[1].begin == two[0].end);
  CHECK_THAT(static_cast<double>(two[1].begin) * 0.1, WithinAbs(310, 31));
  CHECK(two[1].end == d.size());
  CHECK(flightsIn(std::vector<double>(10, NAN)).size() == 1);
}

TEST_CASE("loops: a second look on the way is found on either leg, noise is not") {
  std::vector<double> t, d;
  dice::Random random(3);
  const auto fly = [&](double to, double speed) {
    const double from = d.empty() ? 0 : d.back();
    const double step = speed / 10 * (to > from ? 1 : -1);
    for (double x = from; (to - x) * step > 0; x += step) {
      t.push_back(0.1 * static_cast<double>(t.size()));
      d.push_back(x);
    }
  };
  fly(600, 10);
  fly(520, 10);
  fly(1000, 10);
  fly(400, 10);
  fly(470, 10);
  fly(0, 10);
  for (double& x : d) x += 2 * random.normal();
  const auto turning = turningOf(t, d, 116);
  const auto loops = loopsOf(t, d, turning);
  REQUIRE(loops.size() == 2);
  CHECK_THAT(loops[0].begin_s, WithinAbs(58, 2));
  CHECK_THAT(loops[0].end_s, WithinAbs(78, 2));
  CHECK_THAT(loops[0].at_m, WithinAbs(600, 10));
  CHECK(loops[1].begin_s > 160);
  CHECK_THAT(loops[1].end_s - loops[1].begin_s, WithinAbs(18, 3));
}

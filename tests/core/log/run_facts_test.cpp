#include "core/log/run_facts.h"

#include <catch2/catch.hpp>

using namespace distanz;

namespace {

/// 100 s out at 10 m/s, 100 s back, five rows a second.
struct SeenFlight {
  log::Recording r;
  log::Track track;
  const std::vector<std::string> links{"control", "video"};

  explicit SeenFlight(const std::function<double(double time_s, double distance_m)>& value, const std::string& channel) {
    log::Column distance{"distance_m", {}}, other{channel, {}};
    for (int i = 0; i <= 1000; ++i) {
      const double t = i * 0.2, d = t <= 100 ? 10 * t : 2000 - 10 * t;
      r.time_s.push_back(t);
      distance.values.push_back(d);
      other.values.push_back(value(t, d));
    }
    r.columns = {distance, other};
    track = log::trackOf(r, nullptr);
  }
};

}  // namespace

TEST_CASE("facts: charge per kilometre out and back, by the counter or by the current; voltage by ten seconds") {
  // 12 A out, 18 A back at 10 m/s: 12 A over 100 s are 333.3 mAh a kilometre, 18 A 500.
  const auto current = [](double t, double) { return t < 100 ? 12.0 : 18.0; };
  const SeenFlight by_current(current, "current_a");
  const log::EnergyUse e = log::energyUse(by_current.r, by_current.track);
  CHECK(e.out_mah_km == Approx(333.3).epsilon(0.01));
  CHECK(e.back_mah_km == Approx(500).epsilon(0.01));
  CHECK(e.total_mah == Approx(833.3).epsilon(0.01));
  const SeenFlight by_counter([](double t, double) { return t < 100 ? t * 12 / 3.6 : 333.33 + (t - 100) * 18 / 3.6; }, "used_mah");
  CHECK(log::energyUse(by_counter.r, by_counter.track).back_mah_km == Approx(500).epsilon(0.01));
  const SeenFlight volts([](double t, double) { return t == 50 ? 3.0 : 16.8 - t / 100; }, "battery_v");
  CHECK(log::energyUse(volts.r, volts.track).first_v == Approx(16.75).margin(0.02));
  CHECK(log::energyUse(volts.r, volts.track).lowest_v == Approx(14.85).margin(0.06));  // one reading of 3 V decides nothing
  CHECK(std::isnan(log::energyUse(volts.r, volts.track).total_mah));
}

TEST_CASE("facts: the first step of a mode with its place, and how many there were") {
  const SeenFlight f([](double, double d) { return d < 600 ? 150.0 : 50.0; }, "control.rate_hz");
  const auto steps = log::modeSteps(f.r, f.track, f.links);
  REQUIRE(steps.size() == 1);
  CHECK(steps[0].from == 150);
  CHECK(steps[0].to == 50);
  CHECK(steps[0].at_m == Approx(600).margin(3));
  CHECK(steps[0].steps == 2);
  const SeenFlight steady([](double, double) { return 150.0; }, "control.rate_hz");
  CHECK(log::modeSteps(steady.r, steady.track, steady.links).empty());
}

TEST_CASE("facts: freezes by missing bitrate or long delay, the longest, the first, and where most of them were") {
  const auto holes = [](double t, double) { return (t >= 40 && t < 42) || (t >= 71 && t < 71.5) || (t >= 73 && t < 74) ? 0.0 : 25.0; };
  const SeenFlight f(holes, "video.bitrate_mbps");
  const auto found = log::freezesOf(f.r, f.track, f.links);
  REQUIRE(found.size() == 1);
  CHECK(found[0].count == 3);
  CHECK(found[0].longest_s == Approx(2).margin(0.21));
  CHECK(found[0].first_m == Approx(400).margin(3));
  CHECK(found[0].worst_from_m == 700);
  CHECK(found[0].worst_count == 2);
  const SeenFlight delay([](double t, double) { return t > 60 && t < 61 ? 900.0 : 30.0; }, "video.delay_ms");
  CHECK(log::freezesOf(delay.r, delay.track, delay.links).size() == 1);
  const SeenFlight fine([](double t, double) { return 30 + std::fmod(t, 5); }, "video.delay_ms");
  CHECK(log::freezesOf(fine.r, fine.track, fine.links).empty());
  CHECK(log::runFacts(f.r, f.track, f.links).size() == 1);
}

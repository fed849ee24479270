#include "core/simulate/flight_extras.h"

#include <catch2/catch.hpp>

using namespace distanz;
using Catch::Matchers::WithinAbs;

TEST_CASE("extras: a battery is used by the way flown, a counter of pictures stands while packets fail") {
  log::Recording r;
  std::vector<double> quality;
  for (int i = 0; i <= 1000; ++i) {
    r.time_s.push_back(0.1 * i);
    quality.push_back(i >= 300 && i < 400 ? 10 : 100);
  }
  r.columns.push_back({"video.lq_pct", quality});
  simulate::addBattery(r, {150}, 10);
  simulate::addFrames(r, "video", 20);
  CHECK_THAT(r.find("used_mah")->back(), WithinAbs(150, 1));  // 1 km
  CHECK(r.find("battery_v")->front() > r.find("battery_v")->back());
  const std::vector<double>& frames = *r.find("video.frames");
  CHECK_THAT(frames.back(), WithinAbs(30 * 90, 3));
  CHECK(frames[399] == frames[300]);
  simulate::addFrames(r, "control", 20);  // has no quality
  CHECK_FALSE(r.find("control.frames"));
}

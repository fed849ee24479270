#include "core/log/strip.h"

#include <catch2/catch.hpp>

#include "core/log/flights.h"

using namespace distanz;
using namespace distanz::log;

namespace {

/// Out to so far and back at 10 m/s, a row a second, the signal falling with distance.
log::Recording flown(double out_m, double from_s = 0) {
  log::Recording r;
  log::Column distance{"distance_m", {}}, signal{"control.rssi_dbm", {}}, height{"height_m", {}};
  for (double t = 0; t <= 2 * out_m / 10; ++t) {
    const double d = t <= out_m / 10 ? 10 * t : 2 * out_m - 10 * t;
    r.time_s.push_back(from_s + t);
    distance.values.push_back(d);
    signal.values.push_back(-50 - d / 100);
    height.values.push_back(40);
  }
  r.columns = {distance, signal, height};
  return r;
}

const std::vector<std::string> kLinks{"control"};

}  // namespace

TEST_CASE("strip: lanes that the log has, thinned over time to their extremes, and over the path by way") {
  const log::Recording r = flown(1000);
  const log::Strip s = log::stripOf(r, log::trackOf(r, nullptr), kLinks, 50);
  CHECK(s.begin_s == 0);
  CHECK(s.end_s == 200);
  CHECK(s.farthest_m == 1000);
  REQUIRE(s.lanes.size() == 2);
  CHECK(s.lanes[0].channel == "control.rssi_dbm");
  CHECK(s.lanes[1].channel == "height_m");
  const log::StripLane& signal = s.lanes[0];
  CHECK(signal.time_s.size() == 50);
  CHECK(signal.least == -60);
  CHECK(signal.most == -50);
  CHECK(signal.low < signal.least);
  CHECK(signal.highest[0] == -50);
  CHECK(signal.lowest[0] == Approx(-50.3));  // four rows in each piece
  REQUIRE_FALSE(signal.over_path.out.value.empty());
  CHECK(signal.over_path.out.value.back() == Approx(-50 - signal.over_path.out.distance_m.back() / 100).margin(0.1));
  CHECK(signal.over_path.out.value.size() == signal.over_path.back.value.size());
  CHECK(log::stripOf({}, {}, kLinks).lanes.empty());
}

TEST_CASE("strip: of a log of several flights all is shown over time, and the run alone over the path") {
  log::Recording both = flown(1000);
  both.append(flown(600, 300));
  const log::Recording second = log::rowsBetween(both, 300, 1000);
  const log::Strip s = log::stripOfPart(log::stripOf(both, log::trackOf(both, nullptr), kLinks),
                                        log::stripOf(second, log::trackOf(second, nullptr), kLinks));
  CHECK(s.end_s == 420);
  CHECK(s.farthest_m == 600);
  CHECK(s.lanes[0].over_path.out.distance_m.back() < 600);
  CHECK(s.lanes[0].least == -60);
}

TEST_CASE("strip: a power that the transmitter chose by itself has a lane, one that stays has none") {
  Recording r;
  for (int t = 0; t < 100; ++t) r.time_s.push_back(t);
  std::vector<double> out, steady(100, 25), automatic;
  for (int t = 0; t < 100; ++t) out.push_back(t < 50 ? 10 * t : 1000 - 10 * t), automatic.push_back(out.back() < 300 ? 25 : 100);
  r.columns = {{"distance_m", out}, {"control.rssi_dbm", std::vector<double>(100, -60)}, {"control.power_mw", automatic}, {"video.power_mw", steady}};
  const std::vector<std::string> links{"control", "video"};
  const Strip strip = stripOf(r, trackOf(r, nullptr), links);
  const auto has = [&](const char* channel) { return std::any_of(strip.lanes.begin(), strip.lanes.end(), [&](const StripLane& l) { return l.channel == channel; }); };
  CHECK(has("control.power_mw"));
  CHECK_FALSE(has("video.power_mw"));
}

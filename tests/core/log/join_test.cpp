#include "core/log/join.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/log/channel.h"

using namespace distanz::log;
using Catch::Matchers::WithinAbs;

namespace {

Recording made(std::vector<double> times, std::vector<Column> columns) {
  Recording r;
  r.time_s = std::move(times);
  r.columns = std::move(columns);
  return r;
}

}  // namespace

TEST_CASE("join: what only the other source knows is read off it on the clock of the first") {
  Recording r = made({0, 1, 2, 3, 4}, {{"control.rssi_dbm", {-60, -61, -62, -63, -64}}});
  join(r, made({0, 2, 4}, {{"distance_m", {0, 20, 40}}, {"control.rssi_dbm", {0, 0, 0}}}), {1, 0});
  CHECK(r.columns.size() == 2);
  CHECK(r.find("control.rssi_dbm")->front() == -60);  // its own stays
  const auto& d = *r.find("distance_m");
  CHECK(std::isnan(d[0]));  // before it began
  CHECK(d[1] == 0);
  CHECK_THAT(d[2], WithinAbs(10, 1e-12));
  CHECK_THAT(d[3], WithinAbs(20, 1e-12));
  CHECK_THAT(d[4], WithinAbs(30, 1e-12));
}

TEST_CASE("join: a clock that runs slow is stretched") {
  Recording r = made({0, 500, 1000}, {});
  std::vector<double> times, values;
  for (int i = 0; i <= 1000; ++i) {
    times.push_back(i / 1.001);  // a thousandth slow
    values.push_back(i);
  }
  join(r, made(times, {{"distance_m", values}}), {0, 1000});
  CHECK_THAT((*r.find("distance_m"))[1], WithinAbs(500, 1e-6));
  CHECK_THAT((*r.find("distance_m"))[2], WithinAbs(1000, 1e-6));
}

TEST_CASE("join: nothing is made up over a gap, and what counts in steps is not drawn out between them") {
  Recording r = made({0, 1, 5, 9, 10}, {});
  join(r, made({0, 10}, {{"height_m", {50, 60}}, {"control.mode", {2, 4}}}), {});
  CHECK(std::isnan((*r.find("height_m"))[2]));
  CHECK((*r.find("control.mode"))[1] == 2);
  CHECK(std::isnan((*r.find("control.mode"))[2]));
  CHECK((*r.find("control.mode"))[4] == 4);
}

TEST_CASE("channels: found by their full name, links' apart from the flight's") {
  for (const ChannelInfo& c : channels()) {
    const std::string name = (c.of_link ? "control." : "") + std::string(c.name);
    CAPTURE(name);
    CHECK(channelInfo(name) == &c);
  }
  CHECK(channelInfo("rssi_dbm") == nullptr);
  CHECK(channelInfo("control.height_m") == nullptr);
}

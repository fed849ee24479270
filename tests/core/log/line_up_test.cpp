#include "core/log/line_up.h"

#include <catch2/catch.hpp>

#include "core/dice/random.h"
#include "core/log/clock.h"
#include "core/log/flights.h"
#include "support/told.h"

using namespace distanz;
using Catch::Matchers::Contains;

namespace {

/// Stands, flies out and back along a line so many times, stands again; one row a second.
log::Recording flown(int times, double out_m, double stands_s, double cruise_mps = 10) {
  log::Recording r;
  log::Column distance{"distance_m", {}}, height{"height_m", {}};
  const auto row = [&](double d, double h) {
    r.time_s.push_back(double(r.time_s.size()));
    distance.values.push_back(d);
    height.values.push_back(h);
  };
  for (int n = 0; n < times; ++n) {
    for (double t = 0; t < stands_s; ++t) row(2, 0);
    for (double d = 0; d < out_m; d += cruise_mps) row(d, 50);
    for (double d = out_m; d > 0; d -= cruise_mps) row(d, 50);
  }
  for (double t = 0; t < stands_s; ++t) row(2, 0);
  r.columns = {distance, height};
  return r;
}

std::string codes(const std::vector<Finding>& told) {
  std::string out;
  for (const Finding& f : told) out += (out.empty() ? "" : " ") + f.code;
  return out;
}

log::LineUp linedUp(const log::Recording& a, const log::Recording& b) {
  return log::lineUp(a, b, "track.gpx");
}

}  // namespace

TEST_CASE("clock: what a log wrote when it began is read and written back to the millisecond") {
  CHECK(log::secondsOf("1970-01-02 00:00:01") == 86401);
  CHECK(log::secondsOf("2026-11-24 06:31:02.25") == 1795501862.25);  // date -d "2026-11-24 06:31:02Z" +%s
  CHECK_FALSE(log::secondsOf("2026-02-30 06:31:02"));
  CHECK_FALSE(log::secondsOf("06:31:02"));
  CHECK_FALSE(log::secondsOf(""));
  CHECK(log::startedText(1795501862.25) == "2026-11-24 06:31:02.250");
  CHECK(log::startedText(-1) == "1969-12-31 23:59:59");
  CHECK(log::startedText(NAN).empty());
}

TEST_CASE("flights: gaps and landings part them, a hover does not; take-off and landing are cut off") {
  const log::Recording three = flown(3, 800, 20);
  const auto* distance = three.find("distance_m");
  const auto parts = log::flightParts(three, *distance);
  REQUIRE(parts.size() == 3);
  for (const auto& p : parts) {
    CHECK(p.farthest_m == 800);
    CHECK(p.to_s - p.from_s == Approx(160).margin(12));  // without what is nearer than 40 m
  }
  const log::Recording second = log::rowsBetween(three, parts[1].from_s, parts[1].to_s);
  CHECK(second.time_s.front() == parts[1].from_s);  // the clock of the whole log
  CHECK(second.rows() == std::size_t(parts[1].to_s - parts[1].from_s) + 1);

  log::Recording hovering = flown(1, 800, 20);
  for (std::size_t i = 60; i < 110; ++i) hovering.columns[0].values[i] = 400;  // fifty seconds on one spot, 50 m up
  CHECK(log::flightParts(hovering, hovering.columns[0].values).size() == 1);
  log::Recording stopped = flown(1, 800, 20);
  for (std::size_t i = 100; i < stopped.rows(); ++i) stopped.time_s[i] += 600;  // the log was stopped far out
  CHECK(log::flightParts(stopped, stopped.columns[0].values).size() == 2);
  log::Recording tested = flown(1, 800, 20);
  tested.append(flown(1, 8, 5));  // carried about beside the station
  for (std::size_t i = 0; i < tested.rows(); ++i) tested.time_s[i] = double(i);
  // Readings noted every half minute are one flight; a pause among them that is long even so parts two.
  log::Recording noted;
  noted.time_s = {0, 30, 70, 90, 130, 160, 200};
  noted.columns.push_back({"distance_m", {100, 400, 800, 1000, 900, 500, 120}});
  CHECK(log::flightParts(noted, noted.columns[0].values).size() == 1);
  noted.time_s[4] += 300, noted.time_s[5] += 300, noted.time_s[6] += 300;
  CHECK(log::flightParts(noted, noted.columns[0].values).size() == 2);
  CHECK(log::flightParts(tested, tested.columns[0].values).size() == 1);
  log::Recording blind;
  blind.time_s = {0, 1, 2};
  blind.columns = {{"control.rssi_dbm", {-60, -61, -62}}};
  CHECK(log::flightParts(blind, std::vector<double>(3, NAN)).empty());
}

TEST_CASE("flights: without heights only a long stay near the station is a landing") {
  log::Recording r = flown(2, 800, 30);
  r.columns.pop_back();
  CHECK(log::flightParts(r, r.columns[0].values).size() == 2);
  log::Recording waits = flown(1, 800, 30);
  waits.columns.pop_back();
  for (std::size_t i = 70; i < 110; ++i) waits.columns[0].values[i] = 400;
  CHECK(log::flightParts(waits, waits.columns[0].values).size() == 1);
}

TEST_CASE("logs of one flight: by what both saw, and the zone of a clock is told") {
  dice::Random random(3);
  log::Recording first = flown(1, 1500, 20), other = first;
  for (auto* r : {&first, &other})
    for (double& v : r->columns[0].values) v = std::abs(v + random.normal());
  other = log::rowsOf(other, 12, other.rows());
  for (double& t : other.time_s) t -= 12;
  first.started = "2026-11-24 06:31:02";
  other.started = "2026-11-24 07:31:15";  // an hour ahead, and a second off
  const auto fit = linedUp(first, other);
  CHECK(fit.clock.offset_s == Approx(12).margin(0.1));
  CHECK(fit.sd_m < 2);
  CHECK(codes(fit.told) == "lined-up-channel lined-up-zone");
  other.started = "2026-11-24 06:41:15";
  CHECK(codes(linedUp(first, other).told) == "lined-up-channel lined-up-clock-off");
  other.started = "2026-11-24 06:31:15";
  CHECK(codes(linedUp(first, other).told) == "lined-up-channel");
}

TEST_CASE("logs of one flight: with nothing in common by their clocks, by take-off and landing, or by hand") {
  const log::Recording first = flown(1, 800, 40);
  log::Recording other = log::rowsOf(first, 5, first.rows());
  for (double& t : other.time_s) t -= 5;
  other.columns.erase(other.columns.begin());       // no distance
  for (double& h : other.columns[0].values) h = h > 0 ? 3 : 0;
  other.columns[0].channel = "speed_mps";
  const auto by_event = linedUp(first, other);
  CHECK(codes(by_event.told) == "lined-up-event");
  CHECK(by_event.clock.offset_s == Approx(5).margin(2));
  CHECK(by_event.sd_s == 2);

  log::Recording stamped = first, signal;
  stamped.started = "2026-11-24 06:31:02";
  signal.time_s = {0, 1, 2};
  signal.columns = {{"control.rssi_dbm", {-60, -61, -62}}};
  signal.started = "2026-11-24 06:31:12.500";
  const auto by_stamps = linedUp(stamped, signal);
  CHECK(codes(by_stamps.told) == "lined-up-stamps");
  CHECK(by_stamps.clock.offset_s == 10.5);
  signal.started = "2026-11-24 09:51:12";
  CHECK_REFUSED(linedUp(stamped, signal), Contains("of another flight"));
  signal.started = "2026-11-24 09:31:12";  // three hours and ten seconds after: another zone, or another flight
  CHECK_REFUSED(linedUp(stamped, signal), Contains("two time zones") && Contains("its start to 10.0 s after the first"));
  signal.started = "2026-11-25 06:31:12";  // no zone is a day away
  CHECK_REFUSED(linedUp(stamped, signal), Contains("of another flight"));
  signal.started.clear();
  CHECK_REFUSED(linedUp(stamped, signal), Contains("the clock of track.gpx cannot be matched"));
  CHECK(log::lineUp(stamped, signal, "x", 7.5).clock.offset_s == 7.5);
  CHECK_REFUSED(log::lineUp(stamped, signal, "x", 1e6), Contains("of another flight"));
}

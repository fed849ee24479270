// Ahead on the path: holes that earlier flights saw end what may be flown, those behind do not.
#include "core/estimate/path_ahead.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/estimate/cells.h"
#include "core/finding/error.h"
#include "core/log/channel.h"
#include "support/chance.h"
#include "support/scenarios.h"

using namespace distanz;
using namespace distanz::estimate;

namespace {

constexpr double kCritical_dbm = -104;

FlightSamples samplesOf(const log::Recording& r) {
  return {r.time_s, *r.find("distance_m"), *r.find("control.rssi_dbm"), {}, {}};
}

/// Flights of one setup to 3 km, over a hole of some depth at 1,000 to 1,120 m.
struct Air {
  simulate::Simulated flown;
  SignalModel model;
  Air(double hole_db, std::uint64_t seed, int earlier = 3) {
    simulate::Scenario s = test::twoSetups(earlier + 1);
    std::erase_if(s.runs, [](const auto& r) { return r.setup == "B"; });
    for (auto& r : s.runs) r.farthest_m = 3600;
    s.physics["control"].flight_sd_db = 1.5;
    flown = simulate::simulate(s, seed);
    for (log::Recording& r : flown.recordings) {
      auto& level = std::find_if(r.columns.begin(), r.columns.end(), [](const log::Column& c) {
                      return c.channel == "control.rssi_dbm";
                    })->values;
      const auto& d = *r.find("distance_m");
      for (std::size_t i = 0; i < d.size(); ++i)
        if (d[i] > 1000 && d[i] < 1120) level[i] -= hole_db;
    }
    std::vector<ModelFlight> all;
    for (int i = 0; i < earlier; ++i)
      all.push_back({0, cellsOf(samplesOf(flown.recordings[static_cast<std::size_t>(i)]), std::nullopt)});
    model = fitSignalModels(all).components.at(0);
  }
  PathAhead ahead() const { return {model, 0, {kCritical_dbm, 0}, 0, 3600}; }
};

}  // namespace

TEST_CASE(
    "ahead on the path: a hole ends it however strong the signal is before, and not once it is behind") {
  const Air deep(25, 4), none(0, 4);
  const PathAhead ahead = deep.ahead();
  for (const double from : {100.0, 500.0, 930.0}) {
    CHECK(ahead.from(from, 0, 0.5).dependable_m == 1000);
    CHECK(ahead.from(from, 0, 0.5).typical_m == 1000);
    CHECK(none.ahead().from(from, 0, 0.5).dependable_m > 1150);
  }
  CHECK(ahead.from(1000, 0, 0.5).dependable_m == 1000);  // the next stretch fails: nothing is left
  CHECK(ahead.from(1130, 0, 0.5).dependable_m > 1200);
  CHECK(ahead.from(1130, 0, 0.5).dependable_m == none.ahead().from(1130, 0, 0.5).dependable_m);
}

TEST_CASE(
    "ahead on the path: a stronger flight gets farther, an unsure one less far, none is behind the other") {
  const PathAhead ahead = Air(0, 7).ahead();
  const auto usual = ahead.from(300, 0, 0.5), strong = ahead.from(300, 4, 0.5),
             unsure = ahead.from(300, 0, 3);
  CHECK(strong.dependable_m > usual.dependable_m);
  CHECK(strong.typical_m > usual.typical_m);
  CHECK(unsure.dependable_m < usual.dependable_m);
  CHECK(usual.dependable_m <= usual.typical_m);
  CHECK(std::isinf(ahead.from(300, 60, 0.5).dependable_m));
  CHECK(ahead.from(300, -90, 0.5).typical_m == 300);
  CHECK(std::isinf(ahead.from(1e5, 0, 0.5).typical_m));  // nothing is known there
  CHECK_THROWS_AS(PathAhead(Air(0, 7).model, 3, {kCritical_dbm, 0}, 0, 3000), Error);
}

TEST_CASE(
    "ahead on the path: nineteen of twenty flights hold all the way to the dependable end, half to the other",
    "[simulation]") {
  test::Share dependable, beyond, typical, beyond_typical;
  constexpr int kTrials = 120;
  for (int i = 0; i < kTrials; ++i) {
    const Air air(0, test::seed(900) + static_cast<std::uint64_t>(i));
    const FlightCells own = cellsOf(samplesOf(air.flown.recordings[3]), std::nullopt);
    // Its own level, as if it were known to 0.5 dB.
    double off = 0, n = 0;
    for (const Cell& c : own.cells)
      for (const PlaceLevel& p : air.model.places)
        if (p.index == c.index && c.level_dbm > -110)
          off += c.level_dbm - p.level_dbm - air.model.setups.at(0).level_db, ++n;
    constexpr double kFrom_m = 900;
    const auto reach = air.ahead().from(kFrom_m, off / n, 0.5);
    double failed_m = INFINITY;
    for (const Cell& c : own.cells)
      if (c.level_dbm < kCritical_dbm && c.index * defaults::kCellWidth_m > kFrom_m)
        failed_m = std::min(failed_m, c.index * defaults::kCellWidth_m);
    dependable += failed_m >= reach.dependable_m;
    beyond += failed_m > reach.dependable_m;  // hold in that stretch, too
    typical += failed_m >= reach.typical_m;
    beyond_typical += failed_m > reach.typical_m;
  }
  CAPTURE(dependable, beyond, typical, beyond_typical);
  CHECK(test::holdsFor(dependable, 0.94));
  CHECK(test::seldom(beyond, 0.97));
  CHECK(test::holdsFor(typical, 0.48));
  CHECK(test::seldom(beyond_typical, 0.52));
}

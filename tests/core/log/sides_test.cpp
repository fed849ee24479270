#include "core/log/sides.h"

#include <catch2/catch.hpp>
#include <cmath>

using namespace distanz;
using namespace distanz::log;
using Catch::Matchers::WithinAbs;

namespace {

const course::Position kMast{46.91, 20.96};

course::Course northward() {
  return course::Course(kMast, {kMast, course::destination(kMast, {2000, 0})});
}

/// Rows at one place after the other; further channels are given.
Recording at(const std::vector<course::DistanceBearing>& ways, const std::vector<Column>& more = {}) {
  Recording r;
  std::vector<double> lat, lon;
  for (const auto& way : ways) {
    const course::Position p = course::destination(kMast, way);
    r.time_s.push_back(static_cast<double>(r.time_s.size()));
    lat.push_back(p.lat_deg), lon.push_back(p.lon_deg);
  }
  r.columns = {{"lat_deg", lat}, {"lon_deg", lon}};
  r.columns.insert(r.columns.end(), more.begin(), more.end());
  return r;
}

Sides sides(const Recording& r) {
  const course::Course course = northward();
  return *sidesOf(r, trackOf(r, &course), course);
}

}  // namespace

TEST_CASE("sides: flying out has the station behind, flying home ahead, across to a side") {
  std::vector<course::DistanceBearing> out, home, across;
  for (int i = 0; i < 20; ++i) {
    out.push_back({200.0 + 10 * i, 0});
    home.push_back({400.0 - 10 * i, 0});
    across.push_back({1000, -5 + 0.5 * i});  // eastward, north of the station: it lies to the right
  }
  CHECK_THAT(sides(at(out)).station_deg[10], WithinAbs(180, 1));
  CHECK_THAT(std::remainder(sides(at(home)).station_deg[10], 360), WithinAbs(0, 1));
  CHECK_THAT(sides(at(across)).station_deg[10], WithinAbs(90, 2));
  CHECK_THAT(sides(at(across)).bearing_deg[19], WithinAbs(4.5, 0.1));
  CHECK_THAT(sides(at(across)).bearing_deg[0], WithinAbs(355, 0.1));
  CHECK_FALSE(sides(at(out)).by_heading);
}

TEST_CASE("sides: the heading counts where the log tells it, crabbing in the wind or hovering") {
  const std::vector<course::DistanceBearing> way{{500, 0}, {500, 0}, {501, 0}, {600, 0}};
  const Sides s = sides(at(way, {{"heading_deg", {90, 350, 180, 0}}}));
  CHECK(s.by_heading);
  CHECK_THAT(s.station_deg[0], WithinAbs(90, 0.1));   // nose to the east, station in the south: to its right
  CHECK_THAT(s.station_deg[1], WithinAbs(190, 0.1));
  CHECK_THAT(std::remainder(s.station_deg[2], 360), WithinAbs(0, 0.1));
}

TEST_CASE("sides: roll and pitch turn the direction into the aircraft's own axes") {
  const std::vector<course::DistanceBearing> way{{300, 0}, {301, 0}, {302, 0}};
  const auto seen = [&](double heading, double roll, double pitch, double height) {
    return sides(at(way, {{"heading_deg", std::vector(3, heading)}, {"roll_deg", std::vector(3, roll)},
                          {"pitch_deg", std::vector(3, pitch)}, {"height_m", std::vector(3, height)}})).station_deg[1];
  };
  CHECK_THAT(seen(0, 0, 0, 0), WithinAbs(180, 0.1));
  CHECK_THAT(seen(90, 0, 0, 300), WithinAbs(90, 0.3));
  // straight ahead on the horizon, banked: still ahead
  CHECK_THAT(std::remainder(seen(180, 40, 0, 0), 360), WithinAbs(0, 0.1));
  // the station 45 degrees below ahead; banked 90 to the right, what was below lies to the left... of the lowered wing: to the right
  CHECK_THAT(seen(180, 90, 0, 301), WithinAbs(45, 0.5));
  // pitched down by 45 degrees towards it: dead ahead, whatever the bank
  CHECK_THAT(std::remainder(seen(180, 30, -45, 301), 360), WithinAbs(0, 0.6));
}

TEST_CASE("sides: sectors are centred, cells gather what one side saw at one distance") {
  CHECK(sectorOf(0) == 0);
  CHECK(sectorOf(7.4) == 0);
  CHECK(sectorOf(352.6) == 0);
  CHECK(sectorOf(7.6) == 1);
  CHECK(sectorOf(180) == 12);
  Sides s{{180, 180, 0, NAN}, {0, 0, 0, 0}, false, false};
  const std::vector<SideCell> cells = sideCells(s, {100, 110, 100, 100}, {-60, -62, -50, -10});
  REQUIRE(cells.size() == 2);
  CHECK(cells[0].side == 0);
  CHECK_THAT(cells[1].mean_dbm, WithinAbs(-61, 1e-9));
  CHECK(cells[1].samples == 2);
  Recording nowhere;
  nowhere.time_s = {0, 1};
  nowhere.columns = {{"distance_m", {10, 20}}};
  const course::Course course = northward();
  CHECK_FALSE(sidesOf(nowhere, trackOf(nowhere, &course), course));
}

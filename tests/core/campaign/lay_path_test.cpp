// Laying out a path a field at a time.
#include "core/campaign/lay_path.h"

#include <catch2/catch.hpp>

#include "core/finding/error.h"

using namespace distanz;
using namespace distanz::campaign;

namespace {

Campaign atStation() {
  Campaign c;
  c.station.lat_deg = 46.91;
  c.station.lon_deg = 20.96;
  return c;
}

}  // namespace

TEST_CASE("laying a path: nothing is laid without a station") {
  Campaign c;
  CHECK_FALSE(wayOut(c));
  CHECK_THROWS_AS(farPost(c), DomainError);
  CHECK_THROWS_AS(setWayOut(c, 500, {}), DomainError);
  CHECK(firstPath(c).empty());
}

TEST_CASE("laying a path: distance and bearing are set apart, and what is not given stays") {
  Campaign c = atStation();
  setWayOut(c, {}, 54);
  CHECK(wayOut(c)->distance_m == Approx(1000).epsilon(1e-6));
  setWayOut(c, 3160, {});
  CHECK(wayOut(c)->distance_m == Approx(3160).epsilon(1e-6));
  CHECK(wayOut(c)->bearing_deg == Approx(54).margin(1e-3));
  CHECK(firstPath(c).front().position == *c.station.position());
}

TEST_CASE("laying a path: it goes with the station it begins at, and with no other") {
  Campaign c = atStation();
  farPost(c);
  moveStation(c, 46.92, c.station.lon_deg);
  CHECK(firstPath(c).front().position.lat_deg == 46.92);
  editFirstPath(c).points.front().position.lat_deg = 46.93;
  moveStation(c, 46.94, c.station.lon_deg);
  CHECK(firstPath(c).front().position.lat_deg == 46.93);
}

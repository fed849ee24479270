#include "core/campaign/leaving.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/log/moved.h"

using namespace distanz;
using namespace distanz::campaign;
using Catch::Matchers::WithinAbs;

namespace {

Campaign bent() {
  Campaign c;
  c.station.place({46.91, 20.96});
  c.station.ground_m = 84;
  Path path;
  path.points = {{{46.91, 20.96}, 60, {}}, {{46.93, 20.99}, 60, {}}, {{46.90, 21.01}, 60, R"({"near": "the old weir"})"}};
  c.paths = {path};
  Run counted, excluded;
  counted.id = "A1";
  counted.notes = "with Imre";
  excluded.id = "A2";
  excluded.void_reason = "a cow";
  c.runs = {counted, excluded};
  c.plan.ticks = {{"battery", "2026-11-24 06:31", "Imre", {}}};
  Layer layer;
  layer.file.file = "weir.tif";
  c.layers = {layer};
  Part part;
  part.photos = {{"mast.JPG", "", "picture", {}}};
  c.parts = {part};
  return c;
}

}  // namespace

TEST_CASE("leaving: what tells more than the radio is counted") {
  const Carried carried = carriedBy(bent());
  CHECK(carried.places == 4);
  CHECK(carried.layers == 1);
  CHECK(carried.logs == 2);
  CHECK(carried.photos == 1);
  CHECK(carried.words == 3);
  CHECK_FALSE(carriedBy(Campaign()).any());
}

TEST_CASE("leaving: moved elsewhere, all lies as far apart and in the same direction as before") {
  const Campaign was = bent(), is = leavingWith(was, {.places = false});
  CHECK(std::abs(is.station.position()->lat_deg - was.station.position()->lat_deg) > 10);
  CHECK(is.station.ground_m == 0);
  CHECK(is.layers.empty());
  for (std::size_t i = 1; i < was.paths[0].points.size(); ++i) {
    const auto before = course::between(*was.station.position(), was.paths[0].points[i].position);
    const auto after = course::between(*is.station.position(), is.paths[0].points[i].position);
    CHECK_THAT(after.distance_m, WithinAbs(before.distance_m, 1e-6));
    CHECK_THAT(after.bearing_deg, WithinAbs(before.bearing_deg, 1e-9));
  }
  const auto leg = [](const Campaign& c) { return course::between(c.paths[0].points[1].position, c.paths[0].points[2].position).distance_m; };
  CHECK_THAT(leg(is), WithinAbs(leg(was), 0.02));  // of 3.7 km, across a few thousandths of the globe's flattening
  CHECK(is.paths[0].points[2].unknown.empty());    // newer versions may have written anything
  CHECK(is.runs[0].notes == "with Imre");
}

TEST_CASE("leaving: names and notes are emptied, and what was excluded stays so") {
  const Campaign is = leavingWith(bent(), {.words = false});
  CHECK(is.station == bent().station);
  CHECK(is.runs[0].notes.empty());
  CHECK_FALSE(is.runs[1].void_reason.empty());
  CHECK(is.runs[1].void_reason != "a cow");
  CHECK(is.plan.ticks[0].who.empty());
  CHECK(leavingWith(bent(), {}) == bent());
}

TEST_CASE("leaving: fixes move with the station, what was none stays none, heights begin at the station's ground") {
  log::Recording r;
  r.time_s = {0, 1, 2};
  r.columns = {{"lat_deg", {46.91, 0, 46.93}}, {"lon_deg", {20.96, 0, 20.99}}, {"altitude_msl_m", {84, 90, 144}}};
  const log::Recording moved = log::movedElsewhere(r, elsewhere(bent()), 84);
  const auto *lat = moved.find("lat_deg"), *lon = moved.find("lon_deg");
  const Campaign is = leavingWith(bent(), {.places = false});
  CHECK_THAT((*lat)[2], WithinAbs(is.paths[0].points[1].position.lat_deg, 1e-12));
  CHECK_THAT((*lon)[2], WithinAbs(is.paths[0].points[1].position.lon_deg, 1e-12));
  CHECK((std::isnan((*lat)[1]) && std::isnan((*lon)[1])));
  CHECK(*moved.find("altitude_msl_m") == std::vector<double>{0, 6, 60});
  r.columns.erase(r.columns.begin());
  CHECK(log::movedElsewhere(r, {}, 0) == r);  // without both, nothing lies anywhere
}

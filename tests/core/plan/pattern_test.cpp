#include <catch2/catch.hpp>
#include <cmath>

#include "core/campaign/antenna.h"
#include "core/plan/mounting.h"
#include "core/plan/part_pattern.h"
#include "support/planned.h"

using namespace distanz;
using namespace distanz::campaign;
using Catch::Matchers::WithinAbs;

namespace {

Part antenna(const char* shape, std::map<std::string, double> values = {}) {
  Part p{.id = "x", .uuid = {}, .kind = PartKind::Antenna, .name = "x", .notes = {}, .values = {}};
  p.traits["shape"] = shape;
  for (const auto& [key, value] : values) p.values[key] = {.value = value};
  return p;
}

bool tells(const std::vector<Finding>& all, const std::string& code) {
  return std::any_of(all.begin(), all.end(), [&](const Finding& f) { return f.code == code; });
}

}  // namespace

TEST_CASE("antenna: a typed half-power width is the width of the beam, whatever the gain says", "[regression]") {
  for (const double width : {12.0, 15.0, 40.0, 90.0})
    for (const char* shape : {"", "yagi"}) {
      campaign::Part part;
      part.kind = campaign::PartKind::Antenna;
      part.values["gain_dbi"] = {.value = 10};
      part.values["width_deg"] = {.value = width};
      if (*shape) part.traits["shape"] = shape;
      const auto pattern = campaign::patternOf(part);
      REQUIRE(pattern);
      CHECK_THAT(radio::factsOf(*pattern, radio::Cut::AcrossAxis).width_deg, WithinAbs(width, 0.02));
    }
}

TEST_CASE("beam: an upright rod is blind above and keeps the path, a beam the other way round") {
  Campaign c = test::planned();  // 60 m high from the station to 3 km
  const auto rod = patternOf(antenna("dipole")), beam = patternOf(antenna("yagi", {{"gain_dbi", 12}}));
  const auto a = plan::beamLook(c, *rod, false, 2), b = plan::beamLook(c, *beam, true, 2);
  REQUIRE(a);
  REQUIRE(b);
  CHECK(a->above_db > 40);
  CHECK_THAT(a->behind_db, WithinAbs(0, 0.01));
  CHECK(b->behind_db > 10);
  CHECK_THAT(a->far_deg, WithinAbs(90 - std::atan(58 / 3000.0) * 180 / M_PI, 0.01));
  CHECK_THAT(b->far_deg, WithinAbs(std::atan(58 / 3000.0) * 180 / M_PI, 0.01));
  // a half-wave dipole is 3 dB down 39 degrees off broadside: 58 m above, 72 m out
  REQUIRE(a->main_from_m);
  CHECK_THAT(*a->main_from_m, WithinAbs(58 / std::tan(39.04 * M_PI / 180), 1.5));
  const double half = radio::factsOf(*beam, radio::Cut::ThroughAxis).width_deg / 2;
  CHECK_THAT(*b->main_from_m, WithinAbs(58 / std::tan(half * M_PI / 180), 1.5));
  CHECK_FALSE(plan::beamLook(Campaign(), *rod, false, 2));
}

TEST_CASE("part pattern: computed of what it is, measured where it was turned, none where nothing is known") {
  Campaign c = test::planned();
  c.parts.push_back(antenna("dipole"));
  const auto computed = plan::patternOfPart(c, c.parts.back(), 2);
  REQUIRE(computed);
  CHECK(computed->record.empty());
  CHECK_THAT(computed->figures.front().value.value, WithinAbs(2.15, 0.01));
  CHECK(tells(computed->findings, "path-in-beam"));
  CHECK(tells(computed->findings, "pattern-computed"));
  for (const Finding& f : computed->findings)
    CHECK(f.why.empty() == (f.code != "pattern-computed" && f.code != "path-in-beam"));
  CHECK(tells(computed->findings, "blind-cone"));
  CHECK(computed->plot.sectors.size() == 2);
  Record turn;
  turn.id = "r1";
  turn.kind = RecordKind::Turntable;
  turn.part = "x";
  for (int a = -180; a < 180; a += 15)
    turn.readings.push_back({"", {{"angle_deg", double(a)}, {"level_db", -40 - 12.0 * a * a / 3600}}});
  c.records = {turn};
  const auto measured = plan::patternOfPart(c, c.parts.back());
  REQUIRE(measured);
  CHECK(measured->record == "r1");
  CHECK(measured->findings.front().code == "pattern-measured");
  CHECK_FALSE(tells(measured->findings, "pattern-computed"));
  CHECK(measured->plot.curves.size() == 2);  // the computed one beside it
  Part other = antenna("unknown-shape");
  other.id = "y";
  CHECK_FALSE(plan::patternOfPart(c, other));
}

TEST_CASE("mounting: the pattern turns with the antenna, and the airframe shades the other side") {
  Campaign c = test::planned();
  c.parts.push_back(antenna("dipole"));
  SetupLink& own = c.setups[0].links["control"];
  own.rx_antenna = "x";
  CHECK(plan::mountingOf(c, c.links[0], own).top_db.empty());  // nobody said where it points
  own.mount.elevation_deg = 90;
  auto m = plan::mountingOf(c, c.links[0], own);
  for (const double v : m.top_db) CHECK_THAT(v, WithinAbs(0, 0.01));
  CHECK(m.side_db[90] < -40);
  CHECK_FALSE(m.top_shade);
  own.mount.elevation_deg = 0;
  own.mount.azimuth_deg = 90;  // flat, to the right
  m = plan::mountingOf(c, c.links[0], own);
  CHECK(m.top_db[90] < -40);
  CHECK_THAT(m.top_db[0], WithinAbs(0, 0.01));
  CHECK(tells(m.findings, "mount-null-level"));
  own.mount.place = MountPlace::Nose;
  m = plan::mountingOf(c, c.links[0], own);
  REQUIRE(m.top_shade);
  CHECK_THAT(std::abs(m.top_shade->from_deg + m.top_shade->to_deg) / 2, WithinAbs(180, 1e-9));
  CHECK(tells(m.findings, "mount-shades-out"));
  own.mount.near_battery = true;
  CHECK(tells(plan::mountingOf(c, c.links[0], own).findings, "mount-shaded-deeply"));
}

TEST_CASE("beam: a path of many points is looked at as often as one of two", "[regression]") {
  Campaign c = test::planned();
  const auto rod = patternOf(antenna("dipole"));
  const auto few = plan::beamLook(c, *rod, false, 2);
  Path& path = editFirstPath(c);
  const auto from = path.points.front().position;
  path.points.clear();
  for (int i = 0; i <= 60'000; ++i) path.points.push_back({course::destination(from, {i * 0.05, 54}), 60});
  const auto many = plan::beamLook(c, *rod, false, 2);
  REQUIRE(many);
  CHECK_THAT(*many->main_from_m, WithinAbs(*few->main_from_m, 3));
  CHECK_THAT(many->far_deg, WithinAbs(few->far_deg, 0.01));
}

#include "geodata/plan_files.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <fmt/format.h>

#include "core/course/simplify.h"
#include "support/planned.h"
#include "support/refused.h"

using namespace distanz;
using Catch::Matchers::WithinAbs;
using geodata::PlanFormat;
using test::refused;

namespace {

campaign::Campaign bentPlan() {
  campaign::Campaign c = test::planned();
  c.station.ground_m = 84.3;
  c.station.antenna_height_m = 2.35;
  c.plan.farthest_m = 2500.5;
  c.plan.sight_m = 900;
  const course::Position s = *c.station.position();
  campaign::Path& p = campaign::editFirstPath(c);
  p.name = "canal, \"upper\" <reach> & \u00e9";
  p.points = {{s, 40.125, {}},
              {course::destination(s, {1000.0 / 3, 54}), 55, {}},
              {course::destination(s, {1700, 71.7}), 61.0 / 7, {}}};
  p.post_spacing_m = 137.5;
  p.posts = {{"willow", 123.456, {}}, {"=2+3", 800.0 / 3, {}}};
  p.segments = {{"behind the shed", 100.1, 250.7, {}}};
  return c;
}

}  // namespace

TEST_CASE("plan files: each format gives back station, path, posts, segments and limits as they were") {
  const auto [format, name] = GENERATE(table<PlanFormat, const char*>({{PlanFormat::Gpx, "plan.gpx"},
                                                                       {PlanFormat::Kml, "plan.kml"},
                                                                       {PlanFormat::GeoJson, "plan.geojson"},
                                                                       {PlanFormat::Csv, "plan.csv"}}));
  CAPTURE(name);
  const campaign::Campaign made = bentPlan();
  const std::string bytes = geodata::writePlan(made, format);
  CHECK(geodata::planFormatOf(name) == format);
  campaign::Campaign other;
  other.plan.highest_m = 50;
  const campaign::Campaign back = geodata::takePlan(other, bytes, name).campaign;
  CHECK(back.station == made.station);
  REQUIRE(back.paths.size() == 1);
  CHECK(back.paths[0].name == made.paths[0].name);
  CHECK(back.paths[0].points == made.paths[0].points);
  CHECK(back.paths[0].posts == made.paths[0].posts);
  CHECK(back.paths[0].segments == made.paths[0].segments);
  CHECK(back.paths[0].post_spacing_m == made.paths[0].post_spacing_m);
  CHECK(back.plan.farthest_m == made.plan.farthest_m);
  CHECK(back.plan.sight_m == made.plan.sight_m);
  CHECK_FALSE(back.plan.highest_m);  // the file says there is none
}

TEST_CASE(
    "plan files: a route of another program becomes the path, its named points posts, its heights those "
    "above the ground") {
  const std::string gpx =
      R"(<?xml version="1.0"?><gpx version="1.1" creator="t" xmlns="http://www.topografix.com/GPX/1/1">
    <wpt lat="46.914" lon="20.9682"><name>weir</name></wpt><wpt lat="47.2" lon="20.9"><name>far off</name></wpt>
    <rte><name>dike</name><rtept lat="46.91" lon="20.96"><ele>134</ele></rtept><rtept lat="46.93" lon="21.001"><ele>144</ele></rtept></rte></gpx>)";
  campaign::Campaign c = test::planned();
  const auto taken = geodata::takePlan(c, gpx, "dike.gpx", 84.0);
  const campaign::Path& p = taken.campaign.paths.at(0);
  CHECK(p.name == "dike");
  REQUIRE(p.points.size() == 2);
  CHECK(p.points[0].height_m == 50);
  CHECK(p.points[1].height_m == 60);
  REQUIRE(p.posts.size() == 1);
  CHECK(p.posts[0].name == "weir");
  CHECK(taken.notes.empty());
  c.station.ground_m = 0;
  const auto unknown = geodata::takePlan(c, gpx, "dike.gpx");
  CHECK(unknown.campaign.paths.at(0).points[0].height_m == 60);  // as planned before
  CHECK(unknown.notes.at(0).code == "path-heights-from-sea");
}

TEST_CASE("plan files: what is no plan is refused and changes nothing") {
  const campaign::Campaign c = test::planned();
  CHECK(refused([&] { geodata::takePlan(c, "nothing", "a.gpx"); }) == "map-unreadable");
  CHECK(refused([&] { geodata::takePlan(c, R"({"type":"Point","coordinates":[20,46]})", "a.geojson"); }) ==
        "plan-no-line");
  std::string csv = geodata::writePlan(bentPlan(), PlanFormat::Csv);
  CHECK(refused([&] { geodata::takePlan(c, csv + "post,x,abc,20,,\n", "a.csv"); }) == "in-file");
  CHECK(refused([&] { geodata::takePlan(c, csv + "post\n", "a.csv"); }) == "in-file");
  csv.replace(csv.find("along_m=123.456"), 15, "along_m=12x.456");
  CHECK(refused([&] { geodata::takePlan(c, csv, "a.csv"); }) == "plan-number");
  CHECK(refused([&] { geodata::writePlan({}, PlanFormat::Gpx); }) == "plan-nothing-to-write");
}

TEST_CASE("plan files: a flown track becomes the path out to where it was farthest, with few points") {
  const course::Position s{46.91, 20.96};
  log::Recording flown;
  flown.columns = {{"lat_deg", {}}, {"lon_deg", {}}, {"height_m", {}}};
  const auto leg = [&](double from, double to, double bearing) {
    for (int i = 0; i <= 200; ++i) {
      const course::Position at =
          course::destination(s, {from + (to - from) * i / 200, bearing + 0.05 * std::sin(i)});
      flown.time_s.push_back(double(flown.rows()));
      flown.columns[0].values.push_back(at.lat_deg);
      flown.columns[1].values.push_back(at.lon_deg);
      flown.columns[2].values.push_back(i < 20 && from == 0 ? 2.5 * i : 56.3);  // it climbs first
    }
  };
  leg(0, 2000, 54);
  leg(2000, 0, 54);
  const auto taken = geodata::takeRecording({}, flown);
  const auto& points = taken.campaign.paths.at(0).points;
  CHECK(points.size() == 2);
  CHECK(points.front().height_m == 56);
  CHECK(points.back().height_m == 56);
  CHECK_THAT(course::between(*taken.campaign.station.position(), points.back().position).distance_m,
             WithinAbs(2000, 1));
  CHECK(refused([&] { geodata::takeTrack({}, {s, s}); }) == "plan-no-track");
  flown.columns.pop_back();
  campaign::Campaign planned = test::planned();
  planned.paths[0].points.back().height_m = 77;
  CHECK(geodata::takeRecording(planned, flown).campaign.paths[0].points.back().height_m == 77);
}

TEST_CASE("plan files: a log is told from a plan and from a map by what it holds") {
  std::string log = "time_s,lat_deg,lon_deg\n";
  for (int i = 0; i <= 100; ++i)
    log += fmt::to_string(i) + ",46.91," + fmt::to_string(20.96 + 0.0002 * i) + "\n";
  CHECK(geodata::takeAny({}, log, "flown.csv").campaign.paths.at(0).points.size() == 2);
  const std::string plan = geodata::writePlan(bentPlan(), PlanFormat::Csv);
  CHECK(geodata::takeAny({}, plan, "plan.csv").campaign.paths.at(0).points == bentPlan().paths[0].points);
  CHECK(geodata::takeAny({}, geodata::writePlan(bentPlan(), PlanFormat::Kml), "plan.kml").campaign.station ==
        bentPlan().station);
  CHECK(refused([&] { geodata::takeAny({}, "what is this", "note.txt"); }) != "");
}

TEST_CASE("simplified: a straight line keeps its ends, a corner stays, noise within the tolerance goes") {
  std::vector<course::Flat> line;
  for (int i = 0; i <= 100; ++i) line.push_back({10.0 * i, 3 * std::sin(i * 1.7)});
  for (int i = 1; i <= 50; ++i) line.push_back({1000 + 3 * std::sin(i * 2.3), 10.0 * i});
  CHECK(course::simplified(line, 8) == std::vector<std::size_t>{0, 100, 150});
  CHECK(course::simplified(line, 0).size() == line.size());
  CHECK(course::simplified({{0, 0}}, 1).size() == 1);
  std::vector<course::Flat> many(300'000);
  for (std::size_t i = 0; i < many.size(); ++i) many[i] = {double(i), double(i % 2) * 20};
  CHECK(course::simplified({many.begin(), many.begin() + 3000}, 5).size() > 2000);
}

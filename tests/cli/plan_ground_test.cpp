// plan with terrain, and its path written and taken, without a process.
#include <catch2/catch.hpp>
#include <fmt/format.h>
#include <nlohmann/json.hpp>

#include "cli/ran.h"
#include "formats/files.h"
#include "formats/interchange.h"
#include "store/exchange.h"
#include "support/planned.h"
#include "support/temp_dir.h"

using namespace distanz;
using Catch::Matchers::Contains;
using nlohmann::json;
using test::run;

namespace {

/// 46.90..46.95 north, 20.93..21.03 east in degrees, a ridge across the path.
std::string asciiTerrain(double ridge_m) {
  std::string out =
      "ncols 200\nnrows 100\nxllcorner 20.93\nyllcorner 46.90\ncellsize 0.0005\nNODATA_value -9999\n";
  for (int r = 0; r < 100; ++r) {
    for (int c = 0; c < 200; ++c)
      out += (c >= 90 && c <= 94 ? fmt::to_string(84 + ridge_m) : "84") + std::string(" ");
    out += "\n";
  }
  return out;
}

struct Planned {
  test::TempDir dir;
  std::string file = dir / "plan.distanz";
  Planned() {
    campaign::Campaign c = test::planned();
    c.plan.obstruction = true;
    formats::writeInterchange(dir / "made", c, {});
    store::fromInterchange(dir / "made", file);
    formats::writeFile(dir / "valley.asc", asciiTerrain(70));
  }
  json plan() { return json::parse(run({"plan", file, "--json"}).out); }
};

}  // namespace

TEST_CASE("plan: a raster kept with --layer is counted, and what it says of the path is told") {
  Planned p;
  const json before = p.plan();
  CHECK(before["ground"].is_null());
  const auto added = run({"plan", p.file, "--layer", p.dir / "valley.asc"});
  CHECK(added.code == 0);
  CHECK_THAT(added.out, Contains("WGS 84 degrees") && Contains("Add valley"));
  const json after = p.plan();
  CHECK(after["ground"]["station_m"] == Approx(84));
  CHECK(after["ground"]["known_to_m"] == Approx(3000).margin(1));
  CHECK(after["heights"]["lowest_clear_m"].get<double>() > 80);
  CHECK(before["heights"]["lowest_clear_m"].get<double>() < 30);
  CHECK(after["predictions"][0]["predicted_range_m"] < before["predictions"][0]["predicted_range_m"]);
  CHECK_THAT(after["findings"].dump(), Contains("path-hits") && Contains("height-wanted"));
  CHECK_THAT(run({"plan", p.file}).out, Contains("The path hits the ground"));
}

TEST_CASE("plan: a building 12 m deep, taken from a map, is in the way of everything behind it and told so") {
  const test::TempDir dir;
  campaign::Campaign c = test::planned();
  const course::Position station = *c.station.position();
  for (campaign::PathPoint& p : campaign::editFirstPath(c).points) p.height_m = 60;
  campaign::editFirstPath(c).points.back().position = course::destination(station, {7900, 54});
  c.plan.obstruction = true;
  formats::writeInterchange(dir / "made", c, {});
  const std::string file = dir / "far.distanz";
  store::fromInterchange(dir / "made", file);
  const json free = json::parse(run({"plan", file, "--json"}).out);
  std::string corners;
  const auto corner = [&](double ahead, double right) {
    const auto at = course::destination(course::destination(station, {ahead, 54}), {right, 144});
    corners += (corners.empty() ? "" : ",") + fmt::format("[{:.8f},{:.8f}]", at.lon_deg, at.lat_deg);
  };
  corner(1000, -20), corner(1012, -20), corner(1012, 20), corner(1000, 20), corner(1000, -20);
  formats::writeFile(dir / "houses.geojson", R"({"type":"FeatureCollection","features":[{"type":"Feature","properties":{"name":"tower","building":"yes","height":40},
    "geometry":{"type":"Polygon","coordinates":[[)" + corners + "]]}}]}");
  REQUIRE(run({"plan", file, "--layer", dir / "houses.geojson"}).code == 0);
  const json behind = json::parse(run({"plan", file, "--json"}).out);
  const auto &before = free["predictions"][0], &after = behind["predictions"][0];
  int places = 0;
  for (std::size_t i = 0; i < before["distance_m"].size(); ++i)
    if (before["distance_m"][i] > 1900 && before["distance_m"][i] < 7900) {
      ++places;
      CHECK(before["received_dbm"][i].get<double>() - after["received_dbm"][i].get<double>() > 20);
    }
  CHECK(places > 30);
  CHECK(free["clearance"]["clear"] == true);
  CHECK(behind["clearance"]["clear"] == false);
  CHECK_THAT(behind["findings"].dump(), !Contains("path-clear\"") && Contains("height-wanted"));
}

TEST_CASE("plan: its path is written and taken back; a log's track becomes one") {
  Planned p;
  for (const char* name : {"path.gpx", "path.kml", "path.geojson", "path.csv"}) {
    const std::string file = p.dir / name;
    CHECK(run({"plan", p.file, "--out", file}).code == 0);
    CHECK(run({"plan", p.file, "--out", file}).code == 1);  // there already
    CHECK(run({"plan", p.file, "--take", file}).code == 0);
  }
  CHECK(p.plan()["heights"]["profile"].size() > 100);
  std::string log = "time_s,lat_deg,lon_deg\n";
  for (int i = 0; i <= 100; ++i)
    log += fmt::to_string(i) + ",46.91," + fmt::to_string(20.96 + 0.0002 * i) + "\n";
  formats::writeFile(p.dir / "flown.csv", log);
  CHECK(run({"plan", p.file, "--take", p.dir / "flown.csv"}).code == 0);
  CHECK(p.plan()["heights"]["profile"].back()["distance_m"].get<double>() == Approx(1524).margin(3));
}

TEST_CASE("plan: what is no terrain, map or path is refused, and the campaign stays as it was") {
  Planned p;
  const std::string before = run({"plan", p.file, "--json"}).out;
  formats::writeFile(p.dir / "bad.tif", "no raster");
  formats::writeFile(p.dir / "empty.geojson", R"({"type":"FeatureCollection","features":[]})");
  formats::writeFile(
      p.dir / "one.gpx",
      R"(<?xml version="1.0"?><gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1"/>)");
  for (const auto& arguments :
       std::vector<std::vector<std::string>>{{"--layer", p.dir / "bad.tif"},
                                             {"--layer", p.dir / "missing.tif"},
                                             {"--layer", p.dir / "empty.geojson"},
                                             {"--layer", p.dir / "valley.asc", "--layer", p.dir / "bad.tif"},
                                             {"--take", p.dir / "one.gpx"},
                                             {"--take", p.dir / "bad.tif"},
                                             {"--out", p.dir / "path.doc"}}) {
    std::vector<std::string> all{"plan", p.file};
    all.insert(all.end(), arguments.begin(), arguments.end());
    const auto ran = run(all);
    CAPTURE(arguments);
    CHECK(ran.code == 1);
    CHECK(std::count(ran.err.begin(), ran.err.end(), '\n') == 1);
  }
  CHECK(run({"plan", p.file, "--json", "--out", p.dir / "x.gpx"}).code == 2);
  CHECK(run({"plan", p.file, "--json"}).out == before);
}

#include "geodata/geodata.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <filesystem>
#include <fmt/format.h>
#include <fstream>

#include "geodata/ground_files.h"
#include "support/refused.h"
#include "support/temp_dir.h"

using namespace distanz;
using Catch::Matchers::WithinAbs;
using test::refused;

namespace {

namespace fs = std::filesystem;

void write(const fs::path& file, const std::string& bytes) {
  std::ofstream(file, std::ios::binary) << bytes;
}

/// A one-degree tile of 3-second heights: big-endian, rows from north, edges shared.
std::string tile(const std::function<int(double lat, double lon)>& height, int cells = 1201) {
  std::string out;
  for (int r = 0; r < cells; ++r)
    for (int c = 0; c < cells; ++c) {
      const int h = height(47 - double(r) / (cells - 1), 20 + double(c) / (cells - 1));
      out += char((h >> 8) & 0xff);
      out += char(h & 0xff);
    }
  return out;
}

/// @param x,y of the lower left corner
std::string asciiGrid(double x, double y, double cell, int columns, int rows,
                      const std::function<double(int, int)>& height) {
  std::string out = "ncols " + fmt::to_string(columns) + "\nnrows " + fmt::to_string(rows) + "\nxllcorner " +
                    fmt::to_string(x) + "\nyllcorner " + fmt::to_string(y) + "\ncellsize " +
                    fmt::to_string(cell) + "\nNODATA_value -9999\n";
  for (int r = 0; r < rows; ++r) {
    for (int c = 0; c < columns; ++c) out += fmt::to_string(height(r, c)) + " ";
    out += "\n";
  }
  return out;
}

std::vector<std::string> notes(const geodata::TerrainRead& read) {
  std::vector<std::string> out;
  for (const Finding& f : read.notes) out.push_back(f.code);
  return out;
}

constexpr const char* kUtm34 =
    "PROJCS[\"WGS 84 / UTM zone 34N\",GEOGCS[\"WGS 84\",DATUM[\"WGS_1984\",SPHEROID[\"WGS "
    "84\",6378137,298.257223563]],PRIMEM[\"Greenwich\",0],"
    "UNIT[\"degree\",0.0174532925199433]],PROJECTION[\"Transverse_Mercator\"],PARAMETER[\"latitude_of_"
    "origin\",0],PARAMETER[\"central_meridian\",21],"
    "PARAMETER[\"scale_factor\",0.9996],PARAMETER[\"false_easting\",500000],PARAMETER[\"false_northing\",0],"
    "UNIT[\"metre\",1]]";

}  // namespace

TEST_CASE("geodata: an HGT tile lies where its name says, its posts on the degree, its holes unknown") {
  const test::TempDir dir;
  write(dir / "N46E020.hgt", tile([](double lat, double lon) {
          return lat > 46.99 ? -32768 : int(std::lround(1000 * (lat - 46) + 100 * (lon - 20)));
        }));
  const auto read = geodata::readTerrain(dir / "N46E020.hgt", {});
  CHECK(read.grid.rows == 1201);
  CHECK_THAT(read.grid.north_deg, WithinAbs(47, 1e-9));
  CHECK_THAT(read.grid.west_deg, WithinAbs(20, 1e-9));
  CHECK_THAT(terrain::heightAt(read.grid, {46.5, 20.25}), WithinAbs(525, 1e-3));
  CHECK_THAT(terrain::heightAt(read.grid, {46.0, 21.0}), WithinAbs(100, 1e-3));
  CHECK(std::isnan(terrain::heightAt(read.grid, {46.995, 20.5})));
  CHECK(read.notes.empty());

  SECTION("it is kept as a GeoTIFF that says the same") {
    const terrain::Grid back = geodata::terrainFrom(geodata::geoTiff(read.grid), "kept.tif");
    CHECK(back.rows == read.grid.rows);
    CHECK_THAT(back.north_deg, WithinAbs(read.grid.north_deg, 1e-12));
    CHECK_THAT(back.step_lon_deg, WithinAbs(read.grid.step_lon_deg, 1e-15));
    for (std::size_t i = 0; i < back.height_m.size(); i += 997)
      CHECK((back.height_m[i] == read.grid.height_m[i] ||
             (std::isnan(back.height_m[i]) && std::isnan(read.grid.height_m[i]))));
  }
  SECTION("cut short it is refused") {
    write(dir / "N46E021.hgt", tile([](double, double) { return 1; }).substr(0, 100'000));
    CHECK(refused([&] { geodata::readTerrain(dir / "N46E021.hgt", {}); }) == "raster-unreadable");
  }
}

TEST_CASE("geodata: heights between whole metres come back as they were") {
  terrain::Grid g{"made", 46.95, 20.9, 0.0005, 0.0007, 20, 30, {}};
  for (int i = 0; i < 600; ++i) g.height_m.push_back(i == 7 ? NAN : 80 + 0.37f * float(i));
  const terrain::Grid back = geodata::terrainFrom(geodata::geoTiff(g), "kept.tif");
  for (std::size_t i = 0; i < 600; ++i) CHECK((back.height_m[i] == g.height_m[i] || i == 7));
  CHECK(std::isnan(back.height_m[7]));
}

TEST_CASE("geodata: an ASCII grid in degrees needs no reference, one in metres does, and is turned by it") {
  const test::TempDir dir;
  write(dir / "deg.asc", asciiGrid(20.9, 46.9, 0.001, 100, 60,
                                   [](int r, int c) { return r == 5 && c == 5 ? -9999 : 80 + r; }));
  const auto degrees = geodata::readTerrain(dir / "deg.asc", {});
  CHECK(notes(degrees) == std::vector<std::string>{"raster-degrees-assumed"});
  CHECK_THAT(terrain::heightAt(degrees.grid, {46.9 + 0.0005, 20.95}), WithinAbs(80 + 59, 1e-3));
  CHECK(std::isnan(degrees.grid.at(5, 5)));

  write(dir / "utm.asc", asciiGrid(495000, 5193000, 25, 200, 160, [](int r, int) { return 80 + r; }));
  CHECK(refused([&] { geodata::readTerrain(dir / "utm.asc", {}); }) == "raster-no-reference");
  write(dir / "utm.prj", kUtm34);
  const auto turned = geodata::readTerrain(dir / "utm.asc", {});
  CHECK(notes(turned) == std::vector<std::string>{"raster-turned"});
  // On the zone's middle, row r lies at 5193000 + 25 (160 - r - 1/2) north: 0.9996 of the meridian's arc.
  for (const int r : {20, 80, 140}) {
    const double arc = (5193000 + 25 * (160 - r - 0.5)) / 0.9996;
    const course::Position at = course::destination({0, 21}, {arc, 0});
    CHECK_THAT(terrain::heightAt(turned.grid, {at.lat_deg, 20.99}), WithinAbs(80 + r, 0.6));
  }
}

TEST_CASE("geodata: what is no terrain is refused with what to do") {
  const test::TempDir dir;
  write(dir / "text.tif", "this is no raster");
  CHECK(refused([&] { geodata::readTerrain(dir / "text.tif", {}); }) == "raster-unreadable");
  CHECK(refused([&] { geodata::readTerrain(dir / "none.tif", {}); }) == "in-file");
  CHECK(refused([&] { geodata::readTerrain("/vsicurl/http://example.org/a.tif", {}); }) == "in-file");
  write(dir / "vrt.tif", "<VRTDataset rasterXSize=\"2\" rasterYSize=\"2\"></VRTDataset>");
  CHECK(refused([&] { geodata::readTerrain(dir / "vrt.tif", {}); }) == "raster-unreadable");
  write(dir / "holes.asc", asciiGrid(20, 46, 0.1, 3, 3, [](int, int) { return -9999; }));
  CHECK(refused([&] { geodata::readTerrain(dir / "holes.asc", {}); }) == "raster-no-heights");
  write(dir / "outside.asc", asciiGrid(2000, 4600, 1, 3, 3, [](int, int) { return 5; }));
  CHECK(refused([&] { geodata::readTerrain(dir / "outside.asc", {}); }) == "raster-no-reference");
}

TEST_CASE("geodata: maps give points, lines and areas with what they say of them") {
  const std::string geojson = R"({"type":"FeatureCollection","features":[
    {"type":"Feature","properties":{"name":"wood","height":12.5},"geometry":{"type":"Polygon","coordinates":[[[20.96,46.91],[20.98,46.91],[20.98,46.93],[20.96,46.91]]]}},
    {"type":"Feature","properties":{"name":"two"},"geometry":{"type":"MultiLineString","coordinates":[[[20.9,46.9],[20.95,46.95]],[[21,46],[21,47]]]}},
    {"type":"Feature","properties":{},"geometry":{"type":"Point","coordinates":[20.9,46.9,88.5]}},
    {"type":"Feature","properties":{"name":"nowhere"},"geometry":null}]})";
  const auto read = geodata::readMap(geojson, "map.geojson");
  REQUIRE(read.size() == 4);
  CHECK(read[0].kind == geodata::VectorFeature::Kind::Area);
  CHECK(read[0].fields.at("name") == "wood");
  CHECK(read[1].kind == geodata::VectorFeature::Kind::Line);
  CHECK(read[2].rings[0][0].lon_deg == 21);
  CHECK(read[3].rings[0][0].height_m == 88.5);
  const std::string gpx =
      R"(<?xml version="1.0"?><gpx version="1.1" creator="t" xmlns="http://www.topografix.com/GPX/1/1">
    <wpt lat="46.91" lon="20.96"><ele>90</ele><name>post 1</name></wpt>
    <rte><name>canal</name><rtept lat="46.91" lon="20.96"/><rtept lat="46.93" lon="20.99"/></rte></gpx>)";
  const auto way = geodata::readMap(gpx, "way.gpx");
  REQUIRE_FALSE(way.empty());
  CHECK(way[0].fields.at("name") == "post 1");
  CHECK(std::any_of(way.begin(), way.end(), [](const auto& f) {
    return f.kind == geodata::VectorFeature::Kind::Line && f.rings[0].size() == 2;
  }));
  const std::string kml =
      R"(<?xml version="1.0"?><kml xmlns="http://www.opengis.net/kml/2.2"><Document><Placemark><name>field</name><Polygon><outerBoundaryIs>
    <LinearRing><coordinates>20.96,46.91 20.97,46.91 20.97,46.92 20.96,46.91</coordinates></LinearRing></outerBoundaryIs></Polygon></Placemark></Document></kml>)";
  CHECK(geodata::readMap(kml, "field.kml").at(0).kind == geodata::VectorFeature::Kind::Area);
}

TEST_CASE("geodata: maps that are none, lie nowhere, or hold nothing are refused") {
  CHECK(refused([] { geodata::readMap("no map", "a.geojson"); }) == "map-unreadable");
  CHECK(refused([] { geodata::readMap(R"({"type":"Point","coordinates":[20,460]})", "a.geojson"); }) ==
        "map-no-reference");
  const test::TempDir dir;
  write(dir / "empty.geojson", R"({"type":"FeatureCollection","features":[]})");
  CHECK(refused([&] { geodata::takeLayer(dir / "empty.geojson", {}); }) == "map-empty");
  CHECK(refused([&] { geodata::takeLayer(dir / "missing.geojson", {}); }) != "");
}

TEST_CASE("layers: taken by what their files are, guessed by name, read once, and left out where damaged") {
  const test::TempDir dir;
  write(dir / "N46E020.hgt", tile([](double, double) { return 84; }));
  write(dir / "woods.geojson",
        R"({"type":"Polygon","coordinates":[[[20.96,46.91],[20.98,46.91],[20.98,46.93],[20.96,46.91]]]})");
  geodata::TakenLayer terrain = geodata::takeLayer(dir / "N46E020.hgt", {}),
                      wood = geodata::takeLayer(dir / "woods.geojson", {});
  CHECK(terrain.layer.role == campaign::LayerRole::Terrain);
  CHECK(terrain.layer.file.file == "N46E020.tif");
  CHECK(wood.layer.role == campaign::LayerRole::Trees);
  wood.layer.height_m = 14;
  terrain.layer.id = "t";
  terrain.layer.file.sha256 = "1";
  wood.layer.id = "w";
  wood.layer.file.sha256 = "2";
  int asked = 0;
  const auto bytes = [&](const campaign::Layer& l) {
    ++asked;
    return l.id == "t" ? terrain.bytes : wood.bytes;
  };
  geodata::GroundFiles files;
  const auto read = files.groundOf({terrain.layer, wood.layer}, bytes);
  REQUIRE(read.ground);
  CHECK(read.problems.empty());
  CHECK_THAT(read.ground->height_m({46.5, 20.5}), WithinAbs(84, 1e-3));
  CHECK(read.ground->standing({46.915, 20.975}).height_m == 14);
  terrain.layer.feet = true;
  wood.layer.off = true;
  const auto again = files.groundOf({terrain.layer, wood.layer}, bytes);
  CHECK(asked == 2);
  CHECK_THAT(again.ground->height_m({46.5, 20.5}), WithinAbs(84 * 0.3048, 1e-3));
  CHECK(again.ground->standing({46.915, 20.975}).height_m == 0);
  campaign::Layer broken = wood.layer;
  broken.off = false;
  broken.file.sha256 = "3";
  const auto left =
      files.groundOf({terrain.layer, broken}, [](const campaign::Layer&) { return std::string("cut"); });
  REQUIRE(left.problems.size() == 1);
  CHECK(left.problems[0].code == "layer-left-out");
  CHECK(left.ground);
  CHECK_FALSE(files.groundOf({}, bytes).ground);
}

// The child decodes in its cage: what it is given is read, what a file names besides is not, and it always ends.
#include "reader/ask.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <thread>

#include "core/finding/error.h"
#include "formats/files.h"
#include "support/temp_dir.h"

using namespace distanz;
using namespace distanz::reader;

namespace {

constexpr auto kRaster = Request::Kind::Raster;
constexpr auto kVector = Request::Kind::Vector;

template <class Work>
std::string refusal(Work work) {
  try {
    work();
    return "";
  } catch (const InputError& e) {
    return e.found.code;
  }
}

/// A raster of heights that count up.
RasterRead counting(int rows, int columns) {
  RasterRead r;
  r.north_deg = 47;
  r.west_deg = 20;
  r.step_lat_deg = r.step_lon_deg = 0.001;
  r.rows = rows;
  r.columns = columns;
  for (int i = 0; i < rows * columns; ++i) r.height_m.push_back(float(i % 500));
  return r;
}

/// Eight grey pixels across as a bitmap, five rows.
std::string bitmap() {
  std::string out("BM", 2);
  const auto number = [&](std::uint32_t value, int bytes) {
    for (int i = 0; i < bytes; ++i) out += static_cast<char>(value >> (8 * i));
  };
  number(54 + 5 * 24, 4);
  number(0, 4);
  number(54, 4);
  number(40, 4);
  number(8, 4);
  number(5, 4);
  number(1, 2);
  number(24, 2);
  for (int i = 0; i < 6; ++i) number(0, 4);
  return out + std::string(std::size_t(5 * 24), '\x80');
}

}  // namespace

TEST_CASE("cage: a raster is written and read again inside it") {
  const RasterRead made = counting(40, 50);
  const std::string bytes = rasterAsGeoTiff(made);
  REQUIRE(bytes.size() > 100);
  const RasterRead read = readRaster({.kind = kRaster, .name = "a.tif"}, File(bytes));
  REQUIRE(read.fault == Fault::None);
  CHECK((read.rows == 40 && read.columns == 50));
  CHECK(read.height_m == made.height_m);
}

TEST_CASE("cage: a raster that lies on no earth is told so", "[regression]") {
  const auto gridAt = [](const std::string& corner) { return "ncols 3\nnrows 3\n" + corner + "\ncellsize 0.5\n1 2 3\n4 5 6\n7 8 9\n"; };
  CHECK(readRaster({.kind = kRaster, .name = "a.asc"}, File(gridAt("xllcorner 20\nyllcorner 46"))).fault == Fault::None);
  for (const char* corner : {"xllcorner 700\nyllcorner 46", "xllcorner 20\nyllcorner 400", "xllcorner -1e300\nyllcorner 46"})
    CHECK(readRaster({.kind = kRaster, .name = "a.asc"}, File(gridAt(corner))).fault == Fault::NoReference);
}

TEST_CASE("cage: of a raster too large to be read whole in time only what is asked for is read", "[regression]") {
  // 60,000 by 60,000 cells that the file does not even hold.
  const std::string huge = "ncols 60000\nnrows 60000\nxllcorner 20\nyllcorner 46\ncellsize 0.0001\n1 2 3\n";
  CHECK(readRaster({.kind = kRaster, .name = "a.asc"}, File(huge)).fault == Fault::Elsewhere);
}

TEST_CASE("cage: photos come turned and no larger than asked for; other things are none") {
  const PhotoRead read = readPhoto({.kind = Request::Kind::Photo, .name = "a.bmp", .most_px = 4}, File(bitmap()));
  REQUIRE(read.fault == Fault::None);
  CHECK((read.width == 4 && read.height <= 4));
  CHECK(read.rgba[0] == 0x80);
  for (const std::string& other : {std::string("no picture"), std::string(), std::string("<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'/>")})
    CHECK(readPhoto({.kind = Request::Kind::Photo, .name = "a.png", .most_px = 64}, File(other)).fault == Fault::Unreadable);
}

TEST_CASE("cage: a plain photo shows what is seen and nothing that was written beside it") {
  const std::string told = formats::readFile(std::filesystem::path(DISTANZ_TEST_DATA) / "photos" / "told.png");
  REQUIRE(told.find("the old weir") != std::string::npos);
  const std::string plain = plainPhoto(told, "told.png");
  REQUIRE(plain.starts_with("\xff\xd8"));
  CHECK(plain.find("weir") == std::string::npos);
  CHECK(plain.find("Exif") == std::string::npos);
  const PhotoRead seen = readPhoto({.kind = Request::Kind::Photo, .name = "a.jpg", .most_px = 64}, File(plain));
  REQUIRE(seen.fault == Fault::None);
  CHECK((seen.width == 8 && seen.height == 6));
  CHECK(std::abs(seen.rgba[2] - 200) < 8);
  CHECK(plainPhoto("no picture", "a.jpg").empty());
}

TEST_CASE("cage: a file that names another gets nothing of it") {
  const test::TempDir dir;
  const std::string secret = (dir / "secret.geojson").string();
  formats::writeFile(secret, R"({"type":"Point","coordinates":[20.5,46.5]})");
  const std::string linked = R"({"type":"FeatureCollection","crs":{"type":"link","properties":{"href":"file://)" + secret +
                             R"(","type":"proj4"}},"features":[{"type":"Feature","properties":{},"geometry":{"type":"Point","coordinates":[20,46]}}]})";
  const VectorRead read = readVector({.kind = kVector, .name = "linked.geojson"}, File(linked));
  if (read.fault == Fault::None)
    for (const VectorFeature& f : read.features) CHECK(f.rings[0][0].lon_deg == 20);
  CHECK(readVector({.kind = kVector, .name = secret}, File(std::string("/etc/hostname"))).fault == Fault::Unreadable);
  const std::string virtual_raster = "<VRTDataset rasterXSize='2' rasterYSize='2'><VRTRasterBand dataType='Float32' band='1'><SimpleSource><SourceFilename>" + secret +
                                     "</SourceFilename></SimpleSource></VRTRasterBand></VRTDataset>";
  CHECK(readRaster({.kind = kRaster, .name = "a.vrt"}, File(virtual_raster)).fault == Fault::Unreadable);
}

TEST_CASE("cage: whoever waits can stop, and is told where it takes too long") {
  // A grid whose head asks for more cells than its text can have: a reader may wait, or give up, but ends.
  const std::string endless = "ncols 40000\nnrows 40000\nxllcorner 20\nyllcorner 46\ncellsize 0.00001\n1 2 3\n";
  std::atomic<bool> stop = true;
  CHECK_THROWS_AS(readRaster({.kind = kRaster, .name = "a.asc"}, File(endless), &stop), Stopped);
  const std::string why = refusal([&] {
    const RasterRead read = readRaster({.kind = kRaster, .name = "a.asc"}, File(endless));
    if (read.fault != Fault::None) throw InputError(finding("raster-unreadable", {{"file", "a.asc"}, {"reason", read.text}}));
  });
  CHECK((why == "raster-unreadable" || why == "reader-too-slow" || why == "reader-too-large" || why == "reader-died"));
}

TEST_CASE("cage: several are asked at once, each answer is its own") {
  const std::string bytes = rasterAsGeoTiff(counting(30, 30));
  std::atomic<int> whole = 0;
  std::vector<std::thread> threads;
  for (int i = 0; i < 6; ++i)
    threads.emplace_back([&] {
      if (readRaster({.kind = kRaster, .name = "a.tif"}, File(bytes)).height_m.size() == 900) ++whole;
    });
  for (std::thread& t : threads) t.join();
  CHECK(whole == 6);
}

// What goes between program and reader comes back as it was, and whatever else comes is refused.
#include "reader/protocol.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <random>

#include "reader/wire.h"

using namespace distanz::reader;

namespace {

RasterRead raster() {
  RasterRead r;
  r.north_deg = 47;
  r.west_deg = 20;
  r.step_lat_deg = r.step_lon_deg = 0.01;
  r.rows = 3;
  r.columns = 4;
  r.height_m.assign(12, 80.5F);
  r.height_m[5] = NAN;
  r.feet = true;
  return r;
}

VectorRead vectors() {
  VectorFeature area;
  area.kind = VectorFeature::Kind::Area;
  area.layer = "woods";
  area.fields = {{"name", "orchard"}, {"height", "12.5"}};
  area.rings = {{{46.9, 20.9}, {46.9, 21}, {47, 21, 85}}, {{46.95, 20.95}}};
  return {Fault::None, "", {area}};
}

template <class Parse>
bool refused(const std::string& bytes, Parse parse) {
  try {
    parse(bytes);
    return false;
  } catch (const Garbled&) {
    return true;
  }
}

}  // namespace

TEST_CASE("reader: a question comes back as it was asked") {
  const Request asked{.kind = Request::Kind::Photo, .name = "N46E020.hgt", .place = Box{46, 20, 47, 21}, .most_px = 640, .beside = {{".prj", "GEOGCS[]"}}};
  const Request read = requestOf(asBytes(asked));
  CHECK((read.kind == asked.kind && read.name == asked.name && read.place == asked.place && read.most_px == 640));
  REQUIRE(read.beside.size() == 1);
  CHECK(read.beside[0].bytes == "GEOGCS[]");
  CHECK(refused(asBytes(asked) + "x", requestOf));
}

TEST_CASE("reader: answers come back as they were given") {
  const RasterRead r = rasterOf(asBytes(raster()));
  CHECK((r.rows == 3 && r.columns == 4 && r.feet && !r.cut && r.height_m[4] == 80.5F && std::isnan(r.height_m[5])));
  const VectorRead v = vectorOf(asBytes(vectors()));
  REQUIRE(v.features.size() == 1);
  CHECK(v.features[0].fields.at("name") == "orchard");
  CHECK(v.features[0].rings[0][2].height_m == 85);
  CHECK(std::isnan(v.features[0].rings[0][0].height_m));
  const PhotoRead p = photoOf(asBytes(PhotoRead{Fault::None, 2, 1, {1, 2, 3, 255, 4, 5, 6, 255}}));
  CHECK((p.width == 2 && p.rgba[6] == 6));
  CHECK(rasterOf(asBytes(RasterRead{Fault::NoHeights, "why"})).text == "why");
}

TEST_CASE("reader: an answer that cannot be is refused") {
  RasterRead r = raster();
  r.rows = 4;  // more cells than heights
  CHECK(refused(asBytes(r), rasterOf));
  r = raster();
  r.north_deg = 460;
  CHECK(refused(asBytes(r), rasterOf));
  r = raster();
  r.step_lat_deg = NAN;
  CHECK(refused(asBytes(r), rasterOf));
  r = raster();
  r.height_m[0] = 1e30F;
  CHECK(refused(asBytes(r), rasterOf));
  r = raster();
  r.rows = -3;
  r.columns = -4;  // whose product is right
  CHECK(refused(asBytes(r), rasterOf));
  VectorRead v = vectors();
  v.features[0].rings[0][0].lat_deg = 91;
  CHECK(refused(asBytes(v), vectorOf));
  v = vectors();
  v.features[0].rings.clear();
  CHECK(refused(asBytes(v), vectorOf));
  CHECK(refused(asBytes(PhotoRead{Fault::None, 2, 2, {1, 2, 3, 4}}), photoOf));
}

TEST_CASE("reader: cut, changed and made-up bytes are refused or read, and take no more memory than they have") {
  std::mt19937 random(3);
  for (std::size_t size = 0; size < asBytes(raster()).size(); ++size) CHECK(refused(asBytes(raster()).substr(0, size), rasterOf));
  for (std::size_t size = 0; size < asBytes(vectors()).size(); ++size) CHECK(refused(asBytes(vectors()).substr(0, size), vectorOf));
  for (const std::string& whole : {asBytes(raster()), asBytes(vectors())}) {
    for (int round = 0; round < 2000; ++round) {
      std::string changed = whole;
      for (int i = 0; i < 3; ++i) changed[random() % changed.size()] = static_cast<char>(random());
      for (const auto parse : {+[](const std::string& b) { rasterOf(b); }, +[](const std::string& b) { vectorOf(b); }, +[](const std::string& b) { photoOf(b); },
                               +[](const std::string& b) { requestOf(b); }})
        refused(changed, parse);
    }
  }
}

TEST_CASE("reader: a head tells its length, and is refused where it tells another mark or too much") {
  const std::string whole = framed(kAnswerMark, "abc");
  CHECK(lengthIn(whole.substr(0, kHeadSize), kAnswerMark, 100) == 3);
  CHECK(whole.ends_with(std::string("abc") + std::string(kAnswerMark)));
  CHECK_THROWS_AS(lengthIn(whole.substr(0, kHeadSize), kRequestMark, 100), Garbled);
  CHECK_THROWS_AS(lengthIn(whole.substr(0, kHeadSize), kAnswerMark, 2), Garbled);
}

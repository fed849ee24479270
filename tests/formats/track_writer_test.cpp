#include "formats/track_writer.h"

#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>
#include <pugixml.hpp>

#include "formats/log_import.h"
#include "formats/log_writer.h"
#include "support/told.h"
#include "support/two_links.h"

using namespace distanz;
using namespace distanz::formats;
using Catch::Matchers::Contains;
using nlohmann::json;

TEST_CASE("tracks: GPX, KML and GeoJSON parse and hold every fix") {
  log::Recording r;
  r.time_s = {0, 1, 2};
  r.columns = {{"lat_deg", {46.91, NAN, 46.92}}, {"lon_deg", {20.96, 20.97, 20.98}}};
  pugi::xml_document gpx, kml;
  REQUIRE(gpx.load_string(writeTrack(r, "A1 <&>", TrackFormat::Gpx).c_str()));
  CHECK(std::distance(gpx.child("gpx").child("trk").child("trkseg").children("trkpt").begin(),
                      gpx.child("gpx").child("trk").child("trkseg").children("trkpt").end()) == 2);
  CHECK(std::string(gpx.child("gpx").child("trk").child("name").text().get()) == "A1 <&>");
  REQUIRE(kml.load_string(writeTrack(r, "A1", TrackFormat::Kml).c_str()));
  const json g = json::parse(writeTrack(r, "A1", TrackFormat::GeoJson));
  CHECK(g["features"][0]["geometry"]["coordinates"].size() == 2);
  CHECK(g["features"][0]["geometry"]["coordinates"][1][0] == 20.98);
  CHECK_REFUSED(writeTrack({}, "A1", TrackFormat::Gpx), Contains("no GNSS position"));
}

TEST_CASE("tracks: times beyond the calendar are left out") {
  log::Recording r;
  r.started = "9890-01-01 00:00:00";
  r.time_s = {0, 1e10};
  r.columns = {{"lat_deg", {46.91, 46.92}}, {"lon_deg", {20.96, 20.97}}};
  for (const TrackFormat format : {TrackFormat::Gpx, TrackFormat::Kml, TrackFormat::GeoJson}) CHECK_THAT(writeTrack(r, "A1", format), Contains("9890-01-01T00:00:00"));
}

TEST_CASE("tracks: what is written reads back as the log it was, with its times and all that was measured") {
  log::Recording r;
  r.started = "2026-11-24 14:03:22.25";
  r.time_s = {0, 0.5, 1.125};
  r.columns = {{"lat_deg", {46.91, 46.915, 46.92}}, {"lon_deg", {20.96, 20.97, 20.98}}, {"height_m", {50, 51.5, 52}},
               {"control.rssi_dbm", {-60.5, NAN, -72}}, {"video.bitrate_mbps", {25, 24, 20}}, {"control.mode", {1, 1, 2}}};
  const auto back = [&](const std::string& text) { return readRecording(text, "back", test::controlAndVideo()); };
  const auto check = [&](const log::Recording& got, const log::Recording& wanted) {
    CHECK(got.started == "2026-11-24 14:03:22.250");
    REQUIRE(got.rows() == 3);
    for (std::size_t i = 0; i < 3; ++i) CHECK(got.time_s[i] == Approx(wanted.time_s[i]).margin(1e-6));
    CHECK(got.columns.size() == wanted.columns.size());
    for (const log::Column& c : wanted.columns) {
      CAPTURE(c.channel);
      const auto* values = got.find(c.channel);
      REQUIRE(values);
      for (std::size_t i = 0; i < 3; ++i) CHECK((values->at(i) == c.values[i] || (std::isnan(values->at(i)) && std::isnan(c.values[i]))));
    }
  };
  for (const TrackFormat format : {TrackFormat::Gpx, TrackFormat::Kml, TrackFormat::GeoJson}) check(back(writeTrack(r, "A1", format)), r);
  check(back(writeLogCsv(r, true)), r);
  r.columns.push_back({"altitude_msl_m", {150, 151, 152}});
  for (const TrackFormat format : {TrackFormat::Gpx, TrackFormat::Kml, TrackFormat::GeoJson}) check(back(writeTrack(r, "A1", format)), r);
}

// Formats beside delimited text and JSON lines: what each says becomes the same recording.
#include <archive.h>
#include <archive_entry.h>
#include <fmt/format.h>

#include <catch2/catch.hpp>
#include <cmath>

#include "core/log/recording.h"
#include "formats/log_format.h"
#include "formats/log_import.h"
#include "formats/readable.h"
#include "support/two_links.h"

using namespace distanz;
using namespace distanz::formats;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;

namespace {

log::Recording samples(std::string_view bytes, Needs needs = Needs::Measurement) {
  return readRecording(bytes, "log", test::controlAndVideo(), {}, needs);
}

std::string refusedAs(std::string_view bytes) {
  try {
    samples(bytes);
  } catch (const InputError& e) {
    const Argument* fault = e.found.find("fault");
    const auto* inner = fault ? std::get_if<std::vector<Finding>>(&fault->value) : nullptr;
    return inner && !inner->empty() ? inner->front().code : e.found.code;
  }
  return {};
}

const std::vector<double>& column(const log::Recording& r, std::string_view channel) {
  INFO(channel);
  const auto* found = r.find(channel);
  REQUIRE(found);
  return *found;
}

constexpr std::string_view kSubtitles =
    "1\n00:00:00,000 --> 00:00:01,000\n<font size=\"28\">FrameCnt: 1, Signal: -60dBm\nbitrate:25.0Mbps delay:30ms "
    "[alt: 12.0 m]</font>\n\n"
    "2\n00:00:01,000 --> 00:00:02,000\n<font size=\"28\">FrameCnt: 2, bitrate:24.0Mbps delay:31ms Signal: -61dBm\n[alt: "
    "13.0 m]</font>\n\n"
    "3\n00:00:02,500 --> 00:00:03,000\nSignal: -63dBm bitrate:800kbps delay:90ms\n";

/// Of one file in a .zip, or a bare .gz.
std::string packed(std::string_view bytes, bool zip, const std::vector<std::string>& names = {"log.csv"}) {
  std::string out(bytes.size() * 2 + 100'000, '\0');
  std::size_t used = 0;
  archive* a = archive_write_new();
  if (zip) {
    archive_write_set_format_zip(a);
  } else {
    archive_write_set_format_raw(a);
    archive_write_add_filter_gzip(a);
  }
  archive_write_open_memory(a, out.data(), out.size(), &used);
  for (const std::string& name : names) {
    archive_entry* entry = archive_entry_new();
    archive_entry_set_pathname(entry, name.c_str());
    archive_entry_set_size(entry, la_int64_t(bytes.size()));
    archive_entry_set_filetype(entry, name.ends_with('/') ? AE_IFDIR : AE_IFREG);
    archive_entry_set_perm(entry, 0644);
    archive_write_header(a, entry);
    if (!name.ends_with('/')) archive_write_data(a, bytes.data(), bytes.size());
    archive_entry_free(entry);
  }
  archive_write_close(a);
  archive_write_free(a);
  out.resize(used);
  return out;
}

constexpr std::string_view kTable = "time_s,rssi_dbm\n0,-60\n1,-61\n2,-64\n";

std::string wide(std::string_view text, bool mark, bool big) {
  std::string out = !mark ? "" : big ? "\xfe\xff" : "\xff\xfe";
  for (const char c : text) {
    out += big ? '\0' : c;
    out += big ? c : '\0';
  }
  return out;
}

/// With its checksum.
std::string sentence(const std::string& body) {
  unsigned sum = 0;
  for (const char c : body) sum ^= static_cast<unsigned char>(c);
  char end[8];
  std::snprintf(end, sizeof end, "*%02X\r\n", sum);
  return "$" + body + end;
}

}  // namespace

TEST_CASE("subtitles: a row each, values in any order and unit, tags and frame counters passed over") {
  CHECK(std::string(formatOf(kSubtitles).name) == "subrip");
  const auto r = samples(kSubtitles);
  CHECK(r.time_s == std::vector<double>{0, 1, 2.5});
  CHECK(column(r, "control.rssi_dbm") == std::vector<double>{-60, -61, -63});
  CHECK(column(r, "video.bitrate_mbps") == std::vector<double>{25, 24, 0.8});  // the last is told in kbps
  CHECK(column(r, "video.delay_ms") == std::vector<double>{30, 31, 90});
  const auto& height = column(r, "height_m");
  CHECK(height[1] == 13);
  CHECK(std::isnan(height[2]));
}

TEST_CASE("subtitles: a clock in the text says more than the video's own time") {
  const auto r = samples(
      "1\n00:00:00,000 --> 00:00:00,033\n2026-11-24 06:31:02.000\nrssi: -60\n\n2\n00:00:00,033 --> "
      "00:00:00,066\n2026-11-24 06:31:02.500\nrssi: -62\n");
  CHECK(r.started == "2026-11-24 06:31:02");
  CHECK_THAT(r.time_s.back(), WithinAbs(0.5, 1e-6));
}

TEST_CASE("lines that name their values: read as rows, a header and its table are not taken for them") {
  constexpr std::string_view kLog = "# made up\nt=0.5 rssi=-70 lq=99\nt=1.5 lq=98 rssi=-71\nnothing here\nt=2.5 rssi=-73 lq=97\n";
  CHECK(std::string(formatOf(kLog).name) == "value-lines");
  const auto r = samples(kLog);
  CHECK(r.time_s == std::vector<double>{0, 1, 2});
  CHECK(column(r, "control.lq_pct") == std::vector<double>{99, 98, 97});
  CHECK(column(samples("time: 0 s, Alt: 10 m, RSSI: -70 dBm\ntime: 1 s, Alt: 33 ft, RSSI: -72 dBm\n"), "height_m")[1] ==
        Approx(33 * 0.3048));
  CHECK(std::string(formatOf(kTable).name) == "csv");
  CHECK(std::string(formatOf("time;rssi\n06:31:02;-70\n06:31:03;-71\n").name) == "csv");
}

TEST_CASE("NMEA: sentences of one time are one row, wrong checksums are left out and counted, midnight is passed") {
  std::string log = sentence("GPGGA,235958.00,4654.6000,N,02057.6000,E,1,09,0.9,120.5,M,40.0,M,,") +
                    sentence("GPRMC,235958.00,A,4654.6000,N,02057.6000,E,10.0,045.0,241126,,,A") +
                    sentence("GNGGA,235959.00,4654.6060,N,02057.6000,E,1,10,0.9,121.5,M,40.0,M,,") +
                    sentence("GNVTG,045.0,T,,M,20.0,N,37.0,K,A") +
                    "$GPGGA,000000.00,4654.7000,N,02057.6000,E,1,10,0.9,999.0,M,40.0,M,,*00\r\n" +
                    sentence("GPGGA,000001.00,4654.6180,S,02057.6000,W,1,10,0.9,122.5,M,40.0,M,,") +
                    sentence("GPGGA,000002.00,,,,,0,00,,,M,,M,,");
  CHECK(std::string(formatOf(log).name) == "nmea");
  const auto table = openLog(log);
  const auto matches = matchColumns(table->head(), test::controlAndVideo().links);
  const LogRead all = readLog(*table, matches, {}, Needs::Anything);
  const log::Recording& r = all.recording;
  CHECK(r.time_s == std::vector<double>{0, 1, 3, 4});
  CHECK(r.started == "2026-11-24 23:59:58");
  CHECK_THAT(column(r, "lat_deg")[0], WithinAbs(46.91, 1e-9));
  CHECK_THAT(column(r, "lon_deg")[0], WithinAbs(20.96, 1e-9));
  CHECK_THAT(column(r, "lat_deg")[2], WithinAbs(-46.9103, 1e-9));
  CHECK_THAT(column(r, "lon_deg")[2], WithinAbs(-20.96, 1e-9));
  CHECK(std::isnan(column(r, "lat_deg")[3]));  // no fix
  CHECK_THAT(column(r, "speed_mps")[1], WithinAbs(20 * 1852 / 3600.0, 1e-9));
  CHECK(column(r, "satellites")[1] == 10);
  CHECK(column(r, "altitude_msl_m")[2] == 122.5);
  REQUIRE(all.problems.size() >= 1);
  CHECK(all.problems[0].code == "bad-checksum");
  CHECK(all.problems[0].line == 5);
}

TEST_CASE("NMEA: what comes before the first date is of the night it began in, and without a date the clock goes on") {
  const std::string before = sentence("GPGGA,235959.00,4654.6000,N,02057.6000,E,1,09,0.9,120.5,M,40.0,M,,"),
                    behind = sentence("GPGGA,000001.00,4654.6000,N,02057.6000,E,1,09,0.9,120.5,M,40.0,M,,"),
                    dated = sentence("GPRMC,000001.00,A,4654.6000,N,02057.6000,E,10.0,045.0,251126,,,A");
  const auto r = samples(before + behind + dated, Needs::Anything);
  CHECK(r.started == "2026-11-24 23:59:59");
  CHECK(r.time_s == std::vector<double>{0, 2});
  const auto undated = samples(before + behind, Needs::Anything);
  CHECK(undated.time_s == std::vector<double>{0, 2});
  CHECK(undated.started.empty());
}

TEST_CASE("NMEA: a date that is no date is none", "[regression]") {
  const auto of = [](const std::string& date) {
    return sentence("GPRMC,235958.00,A,4654.6000,N,02057.6000,E,10.0,045.0," + date + ",,,A") + sentence("GPRMC,235959.00,A,4654.7000,N,02057.6000,E,10.0,045.0," + date + ",,,A");
  };
  for (const char* date : {"4E1920", "9E0099", "000000", "321399"}) CHECK_NOTHROW(openLog(of(date))->head());
}

TEST_CASE("NMEA: a receiver that never knew the time is told so") {
  CHECK(refusedAs("$GPGGA,,,,,,0,00,,,M,,M,,\n$GPRMC,,V,,,,,,,,,\n") == "log-without-rows");
}

TEST_CASE("GPX and KML: points with their times and what extensions name; what has no time is left out") {
  constexpr std::string_view kGpx =
      "<?xml version=\"1.0\"?><gpx version=\"1.1\" xmlns:x=\"urn:x\"><wpt lat=\"1\" lon=\"1\"/><trk><trkseg>"
      "<trkpt lat=\"46.91\" lon=\"20.96\"><ele>120</ele><time>2026-11-24T06:31:02Z</time><sat>9</sat><extensions><x:all><x:rssi>-70"
      "</x:rssi></x:all></extensions></trkpt><trkpt lat=\"46.92\" lon=\"20.97\"><ele>121</ele></trkpt>"
      "<trkpt lat=\"46.92\" lon=\"20.97\"><ele>122</ele><time>2026-11-24T06:31:04Z</time><extensions><x:rssi>-72</x:rssi>"
      "</extensions></trkpt></trkseg></trk></gpx>";
  CHECK(std::string(formatOf(kGpx).name) == "gpx");
  const auto r = samples(kGpx);
  CHECK(r.time_s == std::vector<double>{0, 2});
  CHECK(column(r, "control.rssi_dbm") == std::vector<double>{-70, -72});
  CHECK(column(r, "altitude_msl_m") == std::vector<double>{120, 122});
  CHECK(column(r, "satellites")[0] == 9);
  constexpr std::string_view kKml =
      "<kml xmlns:gx=\"urn:gx\"><Document><Placemark><gx:Track><when>2026-11-24T06:31:02Z</when><when>2026-11-24T06:31:03Z"
      "</when><gx:coord>20.96 46.91 120</gx:coord><gx:coord>20.97 46.92 121</gx:coord><ExtendedData><SchemaData>"
      "<gx:SimpleArrayData name=\"lq\"><gx:value>99</gx:value><gx:value>80</gx:value></gx:SimpleArrayData></SchemaData>"
      "</ExtendedData></gx:Track></Placemark></Document></kml>";
  CHECK(std::string(formatOf(kKml).name) == "kml");
  const auto k = samples(kKml);
  CHECK(column(k, "control.lq_pct") == std::vector<double>{99, 80});
  CHECK(column(k, "lat_deg")[1] == 46.92);
  CHECK(column(k, "lon_deg")[1] == 20.97);
  CHECK(refusedAs("<gpx><trk><trkpt lat=\"1\"") == "track-broken");
  CHECK(refusedAs("<gpx></gpx>") == "track-without-times");
  CHECK(refusedAs("<kml><Placemark><Point/></Placemark></kml>") == "track-without-times");
}

TEST_CASE("GeoJSON: points with a time among their properties, and lines with arrays of times") {
  constexpr std::string_view kPoints =
      R"({"type":"FeatureCollection","features":[{"type":"Feature","geometry":{"type":"Point","coordinates":[20.96,46.91,120]},"properties":{"time":"2026-11-24T06:31:02Z","rssi_dbm":-70}},
{"type":"Feature","geometry":{"type":"Point","coordinates":[20.97,46.92]},"properties":{"time":"2026-11-24T06:31:03Z","rssi_dbm":-73}}]})";
  CHECK(std::string(formatOf(kPoints).name) == "geojson");
  const auto r = samples(kPoints);
  CHECK(column(r, "control.rssi_dbm") == std::vector<double>{-70, -73});
  CHECK(column(r, "lat_deg") == std::vector<double>{46.91, 46.92});
  constexpr std::string_view kLine =
      R"({"type":"Feature","geometry":{"type":"LineString","coordinates":[[20.96,46.91],[20.97,46.92]]},"properties":{"coordTimes":["2026-11-24T06:31:02Z","2026-11-24T06:31:04Z"],"lq":[99,75],"name":"canal"}})";
  const auto k = samples(kLine);
  CHECK(k.time_s == std::vector<double>{0, 2});
  CHECK(column(k, "control.lq_pct") == std::vector<double>{99, 75});
  CHECK(refusedAs(R"({"type":"Feature","geometry":null,"properties":{}})") == "track-without-times");
}

TEST_CASE("archives: one log in .gz or .zip is read, folders and links passed over, bombs and several refused") {
  const auto plain = samples(kTable);
  CHECK(samples(packed(kTable, false)) == plain);
  CHECK(samples(packed(kTable, true)) == plain);
  CHECK(samples(packed(packed(kTable, false), true)) == plain);
  CHECK(samples(packed(kTable, true, {"logs/", "logs/A1.csv"})) == plain);
  CHECK(samples(packed(kTable, true, {"../../etc/passwd"})) == plain);  // nothing is ever written by that name
  CHECK(refusedAs(packed(kTable, true, {"a.csv", "b.csv"})) == "archive-several");
  CHECK(refusedAs(packed(kTable, true, {"only/"})) == "archive-empty");
  CHECK(refusedAs(packed(std::string(64 << 20, '0'), false)) == "archive-too-large");
  CHECK(refusedAs(packed(std::string(64 << 20, '0'), true)) == "archive-too-large");
  const std::string cut = packed(kTable, false);
  CHECK(refusedAs(std::string_view(cut).substr(0, cut.size() / 2)) == "archive-broken");
}

TEST_CASE("text: lines that end in carriage returns only are read") {
  const auto read = samples("time_s,distance_m,rssi_dbm\r0,5,-60\r1,50,-61\r2,90,-62\r");
  CHECK(read.time_s == std::vector<double>{0, 1, 2});
  CHECK(column(read, "control.rssi_dbm")[2] == -62);
  CHECK_FALSE(readableForm("time_s,rssi_dbm\r\n0,-60\r\n"));
}

TEST_CASE("text: UTF-16 and Windows-1252 are read, and names come out as UTF-8") {
  const auto plain = samples(kTable);
  for (const bool mark : {false, true})
    for (const bool big : {false, true}) CHECK(samples(wide(kTable, mark, big)) == plain);
  const auto table = openLog("Zeit;H\xf6he [m];RSSI\n0;1;-60\n1;2;-61\n");
  CHECK(table->head().header[1] == "Höhe [m]");
  CHECK_FALSE(readableForm(kTable));
  CHECK_FALSE(readableForm("Höhe;1\n"));
  CHECK(refusedAs(std::string("\x7f""ELF\0\0\x01", 7) + std::string(200, '\x03')) == "log-binary");
}

TEST_CASE("value lines: a line may begin with its time, in whatever way") {
  for (const auto& [time, last_s] : std::vector<std::pair<const char*, double>>{
           {"[06:31:{0:02}.500]", 29}, {"06:31:{0:02}.000", 29}, {"06:31:{0:02} -", 29}, {"00:{0:02}.000", 29}, {"[00:{0:02}]", 29}, {"3:{0:02}", 29}, {"[{0}.500]", 29}, {"{0}.500:", 29}, {"{0}.25 s", 29},
           {"T+{0}s", 29}, {"T+{0}", 29}, {"{0}000 ms -", 29}, {"25/11/2026 06:31:{0:02}", 29}, {"[25.11.2026 06:31:{0:02}]", 29}, {"2026-11-25T06:31:{0:02}Z", 29},
           {"2026-11-24 06:31:{0:02},123 INFO link:", 29}, {"(06:31:{0:02})", 29}}) {
    CAPTURE(time);
    std::string log;
    for (int i = 0; i < 30; ++i) log += fmt::format(fmt::runtime(time), i) + fmt::format(" RSSI=-{}dBm LQ={}% DIST={}m\n", 50 + i, 100 - i % 3, 20 + 10 * i);
    const auto r = formats::readRecording(log, "log", test::controlAndVideo());
    REQUIRE(r.rows() == 30);
    CHECK(r.time_s.back() == Approx(last_s));
    REQUIRE(r.find("control.rssi_dbm"));
    REQUIRE(r.find("distance_m"));
    CHECK(r.find("control.rssi_dbm")->back() == -79);
    CHECK(r.find("distance_m")->back() == 310);
  }
  std::string counted;
  for (int i = 0; i < 30; ++i) counted += fmt::format("[{}] RSSI=-{}dBm LQ=99%\n", i, 50 + i);
  CHECK_THROWS_AS(formats::readRecording(counted, "log", test::controlAndVideo()), InputError);  // what it counts nobody says
}

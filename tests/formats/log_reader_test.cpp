// Odd logs that must read right, and bad ones that must be refused with what, where and what to do.
#include <fmt/format.h>

#include <catch2/catch.hpp>
#include <cmath>

#include "core/log/clock.h"
#include "formats/csv_layout.h"
#include "formats/fields.h"
#include "formats/log_format.h"
#include "formats/log_import.h"
#include "formats/log_writer.h"
#include "support/scenarios.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::formats;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;

namespace {

campaign::Campaign twoLinks() {
  campaign::Campaign c;
  c.links.resize(2);
  c.links[0].id = "control";
  c.links[1].id = "video";
  c.links[1].kind = campaign::LinkKind::Video;
  c.station.place({46.91, 20.96});
  campaign::editFirstPath(c).points = {{c.station.position().value(), 60},
                                       {course::destination(c.station.position().value(), {3000, 54}), 60}};
  return c;
}

LogRead read(const std::string& bytes, const std::map<std::string, std::string>& corrections = {}) {
  const auto log = openLog(bytes);
  return readLog(*log, matchColumns(log->head(), twoLinks().links, corrections));
}

const std::vector<double>& column(const LogRead& r, const std::string& channel) {
  const auto* found = r.recording.find(channel);
  INFO(channel);
  REQUIRE(found);
  return *found;
}

bool faulted(const LogRead& r, const std::string& code) {
  return std::any_of(r.problems.begin(), r.problems.end(), [&](const Finding& p) { return p.code == code; });
}

}  // namespace

TEST_CASE("columns are recognised by meaning and unit") {
  const auto [header, channel, scale] =
      GENERATE(table<std::string, std::string, double>({{"RSSI [dBm]", "control.rssi_dbm", 1},
                                                        {"rssi_dbm", "control.rssi_dbm", 1},
                                                        {"Signal strength (dBm)", "control.rssi_dbm", 1},
                                                        {"video RSSI dBm", "video.rssi_dbm", 1},
                                                        {"video.rssi_dbm", "video.rssi_dbm", 1},
                                                        {"link quality %", "control.lq_pct", 1},
                                                        {"LQ", "control.lq_pct", 1},
                                                        {"bitrate kbps", "video.bitrate_mbps", 1e-3},
                                                        {"Bit rate [Mbit/s]", "video.bitrate_mbps", 1},
                                                        {"Latency (ms)", "video.delay_ms", 1},
                                                        {"Alt(ft)", "height_m", 0.3048},
                                                        {"altitude msl m", "altitude_msl_m", 1},
                                                        {"GPS Speed (km/h)", "speed_mps", 1 / 3.6},
                                                        {"speed_mps", "speed_mps", 1},
                                                        {"Distance ft", "distance_m", 0.3048},
                                                        {"Distance from station [km]", "distance_m", 1000},
                                                        {"Latitude", "lat_deg", 1},
                                                        {"GPS lon (deg)", "lon_deg", 1},
                                                        {"TX power (mW)", "control.power_mw", 1},
                                                        {"Tx Power (W)", "control.power_mw", 1000},
                                                        {"batteryVoltage(V)", "battery_v", 1},
                                                        {"used mAh", "used_mah", 1},
                                                        {"SNR dB", "control.snr_db", 1}}));
  CAPTURE(header);
  const std::string bytes = "time_s," + header + ",x\n0,-60,1\n1,-61,1\n";
  const auto matches = matchColumns(layoutOf(bytes), twoLinks().links);
  REQUIRE(matches.size() == 2);
  CHECK(matches[1].channel == channel);
  CHECK_THAT(matches[1].scale, WithinAbs(scale, 1e-12));
}

TEST_CASE("packet rate, radio mode and frequency are recognised; a flight mode or a frame rate is not") {
  const auto channel = [](const std::string& header, const char* value) -> std::string {
    const std::string log =
        "time_s,distance_m,rssi_dbm," + header + "\n0,5,-60," + value + "\n1,9,-61," + value + "\n";
    const CsvLayout layout = layoutOf(log);
    for (const ColumnMatch& m : matchColumns(layout, twoLinks().links))
      if (m.header == header)
        return m.channel + (m.scale == 1 ? "" : " x" + fmt::to_string(static_cast<int>(m.scale)));
    return {};
  };
  CHECK(channel("packet rate [Hz]", "150") == "control.rate_hz");
  CHECK(channel("RF mode", "2") == "control.mode");
  CHECK(channel("control.mode", "2") == "control.mode");
  CHECK(channel("flight mode", "2").empty());
  CHECK(channel("video frequency [GHz]", "5.8") == "video.frequency_mhz x1000");
  CHECK(channel("Freq(MHz)", "2440") == "control.frequency_mhz");
  CHECK(channel("video.power [dBm]", "24") == "video.power_mw");
}

TEST_CASE("columns that mean something else are left alone") {
  const auto header = GENERATE(as<std::string>{}, "wind speed m/s", "gps quality",
                               "mode", "comment", "roll rate (deg/s)");
  CAPTURE(header);
  const std::string bytes = "time_s," + header + "\n0,3\n1,4\n";
  CHECK(matchColumns(layoutOf(bytes), twoLinks().links).size() == 1);
}

TEST_CASE("a column named for a link that the campaign does not have is no other link's", "[regression]") {
  const auto layout =
      layoutOf("time_s,distance_m,control.lq_pct,video.bitrate_mbps\n0,20,100,50\n1,30,99,48\n");
  std::vector<campaign::Link> one{twoLinks().links[0]};
  CHECK(matchColumns(layout, one).size() == 3);
  CHECK(matchColumns(layout, twoLinks().links).size() == 4);
  CHECK(matchColumns(layout, one, {{"control.bitrate_mbps", "video.bitrate_mbps"}}).size() ==
        4);  // asked for
  // A recorder's own prefix is no link's name.
  const auto other = matchColumns(layoutOf("time_s,distance_m,radio.rssi_dbm\n0,20,-60\n1,30,-61\n"), one);
  REQUIRE(other.size() == 3);
  CHECK(other[2].channel == "control.rssi_dbm");
}

TEST_CASE("signal without a unit: negative numbers are dBm, others a scale of the receiver's own") {
  CHECK(matchColumns(layoutOf("time,rssi\n0,-60\n1,-61\n"), twoLinks().links)[1].channel ==
        "control.rssi_dbm");
  CHECK(matchColumns(layoutOf("time,rssi\n0,99\n1,98\n"), twoLinks().links)[1].channel == "control.level");
  CHECK(matchColumns(layoutOf("time,RSSI (%)\n0,99\n1,98\n"), twoLinks().links)[1].channel ==
        "control.level");
}

TEST_CASE("a match can be corrected by name or number, or left out; a wrong correction is refused") {
  const std::string bytes = "t,a,b\n0,-60,-70\n1,-61,-71\n";
  const CsvLayout layout = layoutOf(bytes);
  CHECK(matchColumns(layout, twoLinks().links, {{"control.rssi_dbm", "b"}})[1].header == "b");
  CHECK(matchColumns(layout, twoLinks().links, {{"video.rssi_dbm", "2"}})[1].header == "a");
  CHECK_REFUSED(matchColumns(layout, twoLinks().links, {{"control.rssi_dbm", "c"}}),
                Contains("its columns are: t, a, b"));
  CHECK_REFUSED(matchColumns(layout, twoLinks().links, {{"rubbish", "a"}}), Contains("not a channel"));
  std::vector<campaign::Link> one{twoLinks().links[0]};
  CHECK(matchColumns(layout, one, {{"rssi_dbm", "a"}})[1].channel == "control.rssi_dbm");
  const CsvLayout rssi = layoutOf("time,rssi dBm\n0,-60\n1,-61\n");
  CHECK(matchColumns(rssi, one, {{"rssi_dbm", ""}}).size() == 1);
}

TEST_CASE("semicolons, decimal commas, byte order mark, CRLF, blank fields, quotes") {
  const LogRead r = read(
      "\xef\xbb\xbftime [s];\"RSSI [dBm]\";link quality %;Distance "
      "m\r\n0,0;-60,5;100;10,0\r\n0,5;;99;15,25\r\n\r\n1,0;-62,5;;20\r\n");
  CHECK(r.rows == 3);
  CHECK(r.recording.time_s == std::vector<double>{0, 0.5, 1});
  CHECK(column(r, "control.rssi_dbm")[0] == -60.5);
  CHECK(std::isnan(column(r, "control.rssi_dbm")[1]));
  CHECK(column(r, "control.rssi_dbm")[2] == -62.5);
  CHECK(column(r, "distance_m")[1] == 15.25);
}

TEST_CASE("feet, milliwatts, dBm as power and kilobits are brought to the canonical unit") {
  const LogRead r =
      read("time ms,Alt(ft),TX power dBm,bitrate kbps,rssi dBm\n0,100,20,8000,-60\n100,200,23,4000,-61\n");
  CHECK_THAT(r.recording.time_s[1], WithinAbs(0.1, 1e-12));
  CHECK_THAT(column(r, "height_m")[0], WithinAbs(30.48, 1e-9));
  CHECK_THAT(column(r, "control.power_mw")[0], WithinAbs(100, 1e-9));
  CHECK_THAT(column(r, "video.bitrate_mbps")[1], WithinAbs(4, 1e-12));
}

TEST_CASE("latitude and longitude in one column, separated by a space, semicolon or quoted comma") {
  const auto field = GENERATE(as<std::string>{}, "46.91 20.96", "\"46.91,20.96\"", "46.91;20.96");
  const LogRead r = read("time_s,lat lon,rssi_dbm\n0," + field + ",-60\n1,46.92 20.97,-61\n");
  CHECK_THAT(column(r, "lat_deg")[0], WithinAbs(46.91, 1e-12));
  CHECK_THAT(column(r, "lon_deg")[0], WithinAbs(20.96, 1e-12));
}

TEST_CASE("date and time in two columns, in one, and a clock alone over midnight") {
  const LogRead two = read("Date,Time,rssi dBm\n2026-11-24,23:59:59.5,-60\n2026-11-25,00:00:00.5,-61\n");
  CHECK_THAT(two.recording.time_s[1], WithinAbs(1, 1e-6));
  CHECK(two.recording.started == "2026-11-24 23:59:59.500");
  const LogRead one =
      read("timestamp,rssi dBm\n2026-11-24T06:31:02.250Z,-60\n2026-11-24T06:31:02.750Z,-61\n");
  CHECK_THAT(one.recording.time_s[1], WithinAbs(0.5, 1e-6));
  const LogRead rollover = read("Time,rssi dBm\n23:59:59.8,-60\n00:00:00.3,-61\n00:00:00.8,-62\n");
  CHECK_THAT(rollover.recording.time_s[1], WithinAbs(0.5, 1e-6));
  CHECK_THAT(rollover.recording.time_s[2], WithinAbs(1.0, 1e-6));
}

TEST_CASE("dates and clocks as people write them") {
  const double day = parseDate("2026-11-24");
  CHECK(parseDate("24.11.2026") == day);
  CHECK(parseDate("11/24/2026") == day);
  CHECK(parseDate("24/11/2026") == day);
  CHECK(parseDate("24.11.26") == day);
  CHECK(std::isnan(parseDate("2026-13-45")));
  CHECK_THAT(parseClock("06:31:02,25"), WithinAbs(23462.25, 1e-9));
  CHECK(parseClock("2:03:22 PM") == 14 * 3600 + 3 * 60 + 22);
  CHECK(parseClock("12:03 am") == 3 * 60);
  CHECK(parseDateTime("11/24/2026 2:03:22.5 PM").seconds == parseDateTime("2026-11-24 14:03:22.5").seconds);
  CHECK(std::isnan(parseClock("13:03 pm")));
  CHECK(parseElapsed("75:30") == 75 * 60 + 30);
  CHECK(std::isnan(parseElapsed("3:xx")));
  CHECK(std::isnan(parseClock("25:00")));
  CHECK(std::isnan(parseClock("-61")));
  CHECK(parseDateTime("2026-11-24 06:31:02").seconds == log::secondsOf("2026-11-24 06:31:02"));
}

TEST_CASE("numbers: units behind them are passed over, two numbers in one field are none") {
  CHECK(parseNumber("-70 dBm", false) == -70);
  CHECK(parseNumber("95%", false) == 95);
  CHECK(parseNumber("+1.5e1", false) == 15);
  CHECK(parseNumber("-70,5", true) == -70.5);
  for (const char* text : {"", "n/a", "nan", "inf", "1.2.3", "12:30", "--4"}) {
    CAPTURE(text);
    CHECK(std::isnan(parseNumber(text, false)));
  }
}

TEST_CASE("plain numbers: the fast way gives the same bits as the general one, and leaves the rest alone",
          "[property]") {
  const double value = GENERATE(take(300, random(-2000.0, 2000.0)));
  const int decimals = GENERATE(0, 1, 3, 7);
  const std::string text = fmt::format("{:.{}f}", value, decimals);
  std::string_view line = text;
  const std::string with_rest = text + ",next";
  double plain = 0;
  REQUIRE(takePlainNumber(line, ',', '.', plain));
  CHECK(plain == parseNumber(text, false));
  CHECK(line.empty());
  line = with_rest;
  REQUIRE(takePlainNumber(line, ',', '.', plain));
  CHECK(line == "next");
  const auto other = GENERATE(as<std::string>{}, "", "-", "x", "1e5", "12:30", " 5", "1.2.3",
                              "12345678901234567", "5 dBm,1", "\"5\",1");
  line = other;
  CHECK_FALSE(takePlainNumber(line, ',', '.', plain));
  CHECK(line == other);
}

TEST_CASE("a clock that ticks slower than rows come is spread, repeated rows are counted once") {
  std::string coarse = "Time,rssi dBm,distance m\n";
  for (int i = 0; i < 40; ++i)
    coarse +=
        "06:00:0" + fmt::to_string(i / 10) + "," + fmt::to_string(-60 - i) + "," + fmt::to_string(i) + "\n";
  const LogRead r = read(coarse);
  CHECK(faulted(r, "coarse-clock"));
  CHECK_THAT(r.recording.time_s[15], WithinAbs(1.5, 1e-9));
  const LogRead twice = read("time_s,rssi_dbm\n0,-60\n0,-60\n1,-61\n1,-61\n2,-63\n");
  CHECK(twice.recording.rows() == 3);
  REQUIRE(faulted(twice, "duplicate-rows"));
  CHECK(twice.problems[0].line == 3);
}

TEST_CASE("text among numbers counts as blank and is told with its line") {
  const LogRead r = read("time_s,rssi_dbm\n0,-60\n1,lost\n2,nan\n3,-61\n");
  REQUIRE(r.problems.size() == 1);
  CHECK(r.problems[0].code == "not-a-number");
  CHECK(r.problems[0].line == 3);
  CHECK(std::isnan(column(r, "control.rssi_dbm")[1]));
}

TEST_CASE("bad logs are refused with what, where and what to do") {
  const auto [bytes, because] = GENERATE(table<std::string, std::string>({
      {"", "empty"},
      {"\n\n", "empty"},
      {std::string("\x7f\x45\x4c\x46\0\0\1\2", 8), "binary file"},
      {"1,2,3\n4,5,6\n", "nothing above names the columns"},
      {"time_s,rssi_dbm\n", "no rows"},
      {"alpha,beta\n1,2\n3,4\n", "no column is recognised as time (the log has: alpha, beta)"},
      {"time_s,beta\n1,2\n3,4\n", "no column is recognised as signal"},
      {"time_s,rssi_dbm\n0,-60\n5,-61\n3,-62\n", "line 4: time runs backwards"},
      {"time_s,rssi_dbm\nx,-60\ny,-61\n", "no row has a readable time"},
      {"time_s,rssi_dbm\n5,-60\n5,-61\n", "every row has the same time"},
      {"time_s,rssi_dbm,height\n0,-60,1\n1,-60,2\n2,-60,3\n", "control.rssi_dbm is -60 in every row"},
      {"time_s,lq_pct\n0,50\n1,50\n2,50\n", "signal, link quality and bitrate never change"},
      {"time_s,rssi_dbm\n0,nan\n1,nan\n", "hold no number"},
  }));
  CAPTURE(bytes);
  CHECK_REFUSED(read(bytes), Contains(because));
}

TEST_CASE("a line of megabytes is refused, wherever it stands") {
  const std::string monster(kLongestLine + 10, '7');
  CHECK_REFUSED(read(monster), Contains("MB long"));
  CHECK_REFUSED(read("time_s,rssi_dbm\n" + monster + "\n"), Contains("MB long"));
  std::string late = "time_s,rssi_dbm\n";
  for (int i = 0; i < 100; ++i) late += fmt::to_string(i) + ",-6" + fmt::to_string(i % 10) + "\n";
  CHECK_REFUSED(read(late + monster + "\n"), Contains("MB long"));
}

TEST_CASE("import: messages begin with the log's name, and position faults are told too") {
  const campaign::Campaign c = twoLinks();
  CHECK_REFUSED(importLog("time_s,rssi_dbm\n0,-60\n1,-61\n", "x.csv", c),
                Catch::StartsWith("x.csv: the log has no position"));
  CHECK_REFUSED(importLog("time_s,lat,lon,rssi_dbm\n0,0,0,-60\n1,0,0,-61\n", "x.csv", c),
                Contains("never had a fix"));
  CHECK_REFUSED(importLog("time_s,distance_m,rssi_dbm\n0,5,-60\n1,5,-61\n", "x.csv", c),
                Contains("position never changes"));
  CHECK_REFUSED(importLog("time_s,distance_m,rssi_dbm\n0,5,-60\n", "x.csv", campaign::Campaign()),
                Contains("no link yet"));
  const ImportedLog log = importLog("time_s,distance_m,rssi_dbm\n0,5,-60\n1,50,-61\n2,5,-60\n", "x.csv", c);
  CHECK(log.sha256.size() == 64);
  CHECK_THAT(log.track.farthest_m, WithinAbs(50, 1e-12));
}

TEST_CASE("import: progress is told and false stops it") {
  std::string big = "time_s,distance_m,rssi_dbm\n";
  for (int i = 0; i < 600000; ++i)
    big += fmt::to_string(i) + "," + fmt::to_string(i % 900) + ",-" + fmt::to_string(60 + i % 40) + "\n";
  double last = 0;
  const LogRead r =
      readLog(*openLog(big), matchColumns(openLog(big)->head(), twoLinks().links), [&](double share) {
        last = share;
        return true;
      });
  CHECK(r.rows == 600000);
  CHECK(last > 0);
  CHECK(column(r, "control.rssi_dbm")[123457] == -(60 + 123457 % 40));  // rows keep their order over chunks
  CHECK_THROWS_AS(importLog(big, "big.csv", twoLinks(), {}, [](double) { return false; }), ReadCancelled);
}

TEST_CASE("log CSV: what is written is read back bit for bit", "[property]") {
  const auto flown = simulate::simulate(test::twoSetups(1), GENERATE(1u, 2u, 3u));
  log::Recording r = flown.recordings[0];
  r.columns[1].values[7] = NAN;
  const std::string csv = writeLogCsv(r);
  const auto log = openLog(csv);
  const LogRead again = readLog(*log, matchColumns(log->head(), flown.campaign.links));
  CHECK(again.recording.columns == r.columns);
  for (std::size_t i = 0; i < r.rows(); ++i)
    REQUIRE_THAT(again.recording.time_s[i], WithinAbs(r.time_s[i] - r.time_s[0], 1e-12));
}

TEST_CASE(
    "time stamps: zones count, also where they change in flight; the start is told in the log's own time",
    "[regression]") {
  CHECK(parseDateTime("2026-11-24T06:31:02+01:00").seconds == parseDateTime("2026-11-24T05:31:02Z").seconds);
  CHECK(parseDateTime("2026-11-24 00:31:02 -0530").seconds ==
        parseDateTime("2026-11-24 06:01:02 UTC").seconds);
  CHECK(parseDateTime("2026-11-24T06:31:02+1").zone_s == 3600);
  for (const char* none : {"2026-11-24T06:31:02+", "2026-11-24T06:31:02+25:00", "2026-11-24T06:31:02 local",
                           "2026-11-24T06:31:02+01:00x"})
    CHECK(std::isnan(parseDateTime(none).seconds));
  CHECK_THAT(parseClock("06:31:02+01:00"), WithinAbs(5 * 3600 + 31 * 60 + 2, 1e-9));
  const std::string log =
      "time,distance_m,rssi_dbm\n2026-10-25T02:59:59+02:00,5,-60\n2026-10-25T02:00:00+01:00,10,-61\n2026-10-"
      "25T02:00:01+01:00,15,-62\n";
  campaign::Campaign c;
  c.links.resize(1);
  c.links[0].id = "control";
  const log::Recording r = readRecording(log, "x.csv", c);
  CHECK(r.time_s == std::vector<double>{0, 1, 2});
  CHECK(r.started == "2026-10-25 02:59:59");
}

TEST_CASE(
    "units without brackets: feet per second are no metres, bytes are no bits, the unknown is not guessed",
    "[regression]") {
  const auto unitOf = [](const std::string& header, const char* channel) -> std::optional<double> {
    CsvLayout layout;
    layout.header = {header};
    layout.preview = {{"1"}, {"2"}};
    campaign::Link link;
    link.id = "video";
    link.kind = campaign::LinkKind::Video;
    for (const ColumnMatch& m : matchColumns(layout, {link}))
      if (m.channel == channel) return m.scale;
    return std::nullopt;
  };
  CHECK(unitOf("speed ft/s", "speed_mps") == 0.3048);
  CHECK(unitOf("speed (ft/s)", "speed_mps") == 0.3048);
  CHECK(unitOf("speed m/s", "speed_mps") == 1.0);
  CHECK_FALSE(unitOf("speed furlong/s", "speed_mps"));
  CHECK(unitOf("bitrate kB/s", "video.bitrate_mbps") == Approx(8e-3));
  CHECK(unitOf("bitrate [MB/s]", "video.bitrate_mbps") == 8.0);
  CHECK(unitOf("bitrate kb/s", "video.bitrate_mbps") == 1e-3);
  CHECK(unitOf("bitrate kBps", "video.bitrate_mbps") == Approx(8e-3));
  CHECK(unitOf("bitrate Mbps", "video.bitrate_mbps") == 1.0);
  CHECK(unitOf("bitrate Mbit/s", "video.bitrate_mbps") == 1.0);
}

TEST_CASE("logs written here are read back, whatever the link is called", "[regression]") {
  campaign::Campaign c;
  c.links.resize(1);
  c.links[0].id = GENERATE(as<std::string>{}, "control", "=cmd|x", "-dash", "a,b;c", "say \"hi\"", "@home",
                           "\u98db\u884c");
  log::Recording r;
  r.time_s = {0, 1, 2};
  r.columns = {{"distance_m", {5, 50, 90}}, {log::linkChannel(c.links[0].id, "rssi_dbm"), {-60, -61, -64}}};
  const std::string csv = writeLogCsv(r);
  CHECK(csv.find(",=") == std::string::npos);
  CHECK(readRecording(csv, "x.csv", c) == r);
}

TEST_CASE("layout: fields beyond the header are in no column, and not shown as one", "[regression]") {
  const CsvLayout layout = layoutOf("Datum;Uhrzeit;RSSI\n24.11.2026;06:31:02;-70;RSSI\n24.11.2026;06:31:03;-72\n");
  REQUIRE(layout.preview.size() == 2);
  for (const auto& row : layout.preview) CHECK(row.size() == 3);
}

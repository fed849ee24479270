// Units that stand in a log's fields, and pairs of coordinates either way round.
#include <fmt/format.h>

#include <catch2/catch.hpp>

#include "core/finding/error.h"
#include "formats/csv_layout.h"
#include "formats/field_value.h"
#include "formats/log_import.h"
#include "support/two_links.h"

using namespace distanz;
using namespace distanz::formats;

namespace {

using Values = std::vector<double>;

Values read(const std::string& log, const char* channel) {
  const log::Recording r = readRecording(log, "log", test::controlAndVideo());
  const auto* values = r.find(channel);
  REQUIRE(values);
  return *values;
}

void checkValues(const Values& got, const Values& want) {
  REQUIRE(got.size() == want.size());
  for (std::size_t i = 0; i < got.size(); ++i) CHECK(got[i] == Approx(want[i]));
}

}  // namespace

TEST_CASE("units: a field's own unit counts, whatever its neighbours have; a bare one has its column's") {
  const std::string log = "time,dist,rssi,alt,TX power [mW]\n0 s,900 m,-50 dBm,300 ft,25\n1 s,1.1 km,-51,310,14 dBm\n2 s,1200,-53 dBm,100 m,0.1 W\n";
  checkValues(read(log, "distance_m"), {900, 1100, 1200});
  checkValues(read(log, "control.rssi_dbm"), {-50, -51, -53});
  checkValues(read(log, "height_m"), {300 * 0.3048, 310 * 0.3048, 100});
  checkValues(read(log, "control.power_mw"), {25, 25.1189, 100});
}

TEST_CASE("units: decimal commas, a name with a unit, and what is no unit") {
  const std::string log = "Zeit;Entfernung [m];RSSI;Akku\n0;800;-60;16,4 V\n1;0,9 km;-61;16300 mV\n2;950 (ca.);-62;16,2\n";
  checkValues(read(log, "distance_m"), {800, 900, 950});
  checkValues(read(log, "battery_v"), {16.4, 16.3, 16.2});
}

TEST_CASE("units: in a row of their own below the names, and titles above them") {
  const std::string table = "Time;Dist;RSSI;LQ\ns;ft;dBm;%\n0;1000;-50;100\n1;1200;-51;100\n2;1500;-54;99\n";
  for (const std::string titles : {"", "Log of the day;;;\nPilot;someone;;\n;;;\n", "sep=;\r\n", "24.11.2026\n", "A flight, long, on a windy, cold, clear day\n", "\xef\xbb\xbfsep=;\n", "A flight, in the evening\n\nFirmware: 1.2\n"}) {
    CAPTURE(titles);
    checkValues(read(titles + table, "distance_m"), {304.8, 365.76, 457.2});
    checkValues(read(titles + table, "control.lq_pct"), {100, 100, 99});
  }
  const CsvLayout plain = layoutOf("time,mode,rssi\n0,armed,\nOK,none,none\n1,air,-50\n");
  CHECK(plain.header_line == 1);  // words among the values are no header
  CHECK(layoutOf("t;x;y\nm;s;\n1;2;3\n").header == std::vector<std::string>{"t [m]", "x [s]", "y"});
  CHECK(layoutOf("title\n\ntime;dist\n1;2\n").header_line == 3);
}

TEST_CASE("units: what stands behind a number") {
  CHECK(unitOf("1.2 km") == "km");
  CHECK(unitOf("-84dBm") == "dBm");
  CHECK(unitOf("16,4 V ") == "V");
  CHECK(unitOf("12").empty());
  CHECK(unitOf("").empty());
  CHECK(unitOf("km").empty());
  CHECK(unitOf("about 3 m").empty());
  CHECK(unitOf("06:31:02Z").empty());
  CHECK(unitOf("2026-11-24T06:31:02Z").empty());
}

TEST_CASE("coordinates: south and west, in columns of their own and in one") {
  const std::string apart = "time,lat,lon,rssi\n0,46.91 S,20.96W,-50\n1,46.92 S,20.97W,-51\n2,46.93 N,20.98 E,-52\n";
  checkValues(read(apart, "lat_deg"), {-46.91, -46.92, 46.93});
  checkValues(read(apart, "lon_deg"), {-20.96, -20.97, 20.98});
  const std::string pair = "time,position,rssi\n0,46.91 S 20.96 W,-50\n1,46.92 S 20.97 W,-51\n";
  checkValues(read(pair, "lat_deg"), {-46.91, -46.92});
  checkValues(read(pair, "lon_deg"), {-20.96, -20.97});
  CHECK(parseLatLon("46.91,20.96,52.5").lon_deg == 20.96);
  CHECK(parseLatLon("46.91 20.96 52").lon_deg == 20.96);
  CHECK(std::isnan(parseLatLon("46.91,20.96 52").lon_deg));
  CHECK(std::isnan(parseLatLon("46.91,20.96,52,1").lon_deg));
  CHECK(hemisphere("s") == -1);
  CHECK(hemisphere("east") == 0);
}

TEST_CASE("units: a delay may be called lat, and a latitude still is one") {
  const auto links = test::controlAndVideo().links;
  const auto channelsOf = [&](std::vector<std::string> header) {
    TableHead head;
    head.header = std::move(header);
    std::string out;
    for (const ColumnMatch& m : matchColumns(head, links)) out += m.channel + " ";
    return out;
  };
  CHECK(channelsOf({"time", "lat", "lon", "LAT [ms]"}) == "time_s lat_deg lon_deg video.delay_ms ");
  CHECK(channelsOf({"time", "picture", "picture [%]"}) == "time_s video.picture ");
}

TEST_CASE("units: a column of minutes and seconds is no clock of hours, where its rows tell") {
  const auto lasts_s = [](int rows, int step_s, int from_s) {
    std::string log = "time;rssi\n";
    for (int i = 0; i < rows; ++i) log += fmt::to_string((from_s + i * step_s) / 60) + ":" + (((from_s + i * step_s) % 60) < 10 ? "0" : "") + fmt::to_string((from_s + i * step_s) % 60) + ";" + fmt::to_string(-50 - i) + "\n";
    return readRecording(log, "log", test::controlAndVideo()).time_s.back();
  };
  CHECK(lasts_s(60, 1, 0) == 59);
  CHECK(lasts_s(60, 1, 14 * 60) == 59);
  CHECK(lasts_s(12, 1, 14 * 60) == 11 * 60);  // may have been noted by the minute
  std::string dated = "date;time;rssi\n";
  for (int i = 0; i < 30; ++i) dated += fmt::format("2026-11-24;14:{};{}\n", 10 + i, -50 - i);
  CHECK(readRecording(dated, "log", test::controlAndVideo()).time_s.back() == 29 * 60);
}

TEST_CASE("units: seconds since 1970 are a date, in whatever unit they count") {
  for (const auto& [unit, zeros] : {std::pair("s", ""), std::pair("ms", "000"), std::pair("us", "000000")}) {
    std::string log = "ts;rssi\n";
    for (int i = 0; i < 4; ++i) log += fmt::to_string(1795528980 + i) + zeros + ";" + fmt::to_string(-50 - i) + "\n";
    CAPTURE(unit);
    const auto r = readRecording(log, "log", test::controlAndVideo());
    CHECK(r.started == "2026-11-24 14:03:00");
    CHECK(r.time_s == Values{0, 1, 2, 3});
  }
  CHECK(readRecording("time;rssi\n1000;-50\n1001;-51\n", "log", test::controlAndVideo()).started.empty());
}

TEST_CASE("units: decimal commas in quotes between commas; thousands are none") {
  const std::string log = R"("Time","Distance","RSSI","LQ"
"0,0","20,5","-50,5","100"
"1,0","28,5","-51,25","99"
)";
  checkValues(read(log, "distance_m"), {20.5, 28.5});
  checkValues(read(log, "control.rssi_dbm"), {-50.5, -51.25});
  CHECK(std::isnan(read("Time,Distance,RSSI\n0,\"1,200\",-50\n1,\"1,208\",-51\n2,900,-49\n", "distance_m")[0]));
}

TEST_CASE("units: degrees in ten millionths") {
  const std::string log = "time,lat,lon,rssi\n0,469100000,-1234,-50\n1,469101000,-1300,-51\n";
  checkValues(read(log, "lat_deg"), {46.91, 46.9101});
  checkValues(read(log, "lon_deg"), {-0.0001234, -0.00013});
  checkValues(read("time,lat,lon,rssi\n0,46,20,-50\n1,46,21,-51\n", "lat_deg"), {46, 46});
}

TEST_CASE("units: a table whose columns stand apart by spaces") {
  const std::string rows = "    0      20  -50.5    100\n  1.5     100  -61.0     99\n    3    1200  -71.0      -\n";
  checkValues(read("time    dist   rssi     lq\n" + rows, "distance_m"), {20, 100, 1200});
  checkValues(read("# made by hand, today\n time dist rssi  lq\n" + rows, "control.rssi_dbm"), {-50.5, -61, -71});
  const std::string dated = "date and time         dist  link quality\n2026-11-24 14:03:22   20    100\n2026-11-24 14:03:23   28     99\n2026-11-24 14:03:24   36     98\n";
  checkValues(read(dated, "control.lq_pct"), {100, 99, 98});
  CHECK_THROWS_AS(read("nothing but words\nand more of them\n", "distance_m"), InputError);
}

TEST_CASE("units: bars that never change are no reason to refuse a log that tells more") {
  checkValues(read("time;Signal;Bitrate [Mbps]\n0;4;25\n1;4;24\n", "control.level"), {4, 4});
  CHECK_THROWS_AS(read("time;Signal\n0;4\n1;4\n", "control.level"), InputError);
}

TEST_CASE("units: radians, and the words of other languages") {
  checkValues(read("time,Roll(rad),rssi\n0,0.5,-50\n1,-1,-51\n", "roll_deg"), {28.6479, -57.2958});
  checkValues(read("Zeit (Sekunden);Qualität (Prozent);Signal\n0;99;-50\n1;98;-51\n", "control.lq_pct"), {99, 98});
  checkValues(read("time;Signal;Cnt;x\n0;4;30;1\n1;3;60;1\n", "control.level"), {4, 3});
  checkValues(read("time;FrameCnt;rssi\n0;30;-50\n1;60;-51\n", "video.frames"), {30, 60});
}

TEST_CASE("units: minutes and seconds beside distances are a recording's, hours and minutes a day's") {
  CHECK(readRecording("time;distance;signal\n0:10;100 m;-55\n0:40;400 m;-66\n1:20;0,8 km;-75\n", "log", test::controlAndVideo()).time_s == Values{0, 30, 70});
  // 400 m in five seconds: these were minutes.
  CHECK(readRecording("time;distance;signal\n9:05;100 m;-55\n9:10;500 m;-66\n9:15;900 m;-75\n", "log", test::controlAndVideo()).time_s == Values{0, 300, 600});
  CHECK(readRecording("time;distance;signal\n14:10;100 m;-55\n14:11;400 m;-66\n14:12;800 m;-75\n", "log", test::controlAndVideo()).time_s == Values{0, 60, 120});
}

TEST_CASE("coordinates in one column: longitude comes first where the station's place says so, and that is kept") {
  campaign::Campaign c = test::controlAndVideo();
  c.station.place({46.91, 20.96});
  campaign::editFirstPath(c).points = {{{46.91, 20.96}, 60}, {{46.93, 20.96}, 60}};
  std::string swapped = "time,GPS,rssi [dBm]\n", even = swapped, away = swapped;
  for (int i = 0; i < 100; ++i) {
    const double lat = 46.91 + 0.0002 * (i < 50 ? i : 100 - i);
    const std::string level = "," + fmt::to_string(-60 - i % 7) + "\n";
    swapped += fmt::to_string(i) + ",20.96 " + fmt::to_string(lat) + level;
    even += fmt::to_string(i) + "," + fmt::to_string(lat) + " 20.96" + level;
    away += fmt::to_string(i) + "," + fmt::to_string(lat - 12) + " 10.96" + level;
  }
  const ImportedLog told = importLog(swapped, "log", c), plain = importLog(even, "log", c);
  CHECK(told.track.farthest_m == Approx(plain.track.farthest_m));
  CHECK(told.corrections.at("lat_lon") == "GPS [lon lat]");
  CHECK(std::any_of(told.problems.begin(), told.problems.end(), [](const Finding& f) { return f.code == "lon-first"; }));
  CHECK(plain.corrections.empty());
  CHECK(readRecording(swapped, "log", c, told.corrections) == *told.recording);
  CHECK_THROWS_WITH(importLog(away, "log", c), Catch::Matchers::Contains("log-elsewhere"));
}

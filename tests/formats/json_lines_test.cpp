#include "formats/json_lines.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <fmt/format.h>

#include "formats/csv_layout.h"
#include "formats/log_format.h"
#include "formats/log_import.h"
#include "support/one_link.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::formats;
using Catch::Contains;

namespace {

const std::string kLog =
    R"({"t_ms": 0, "gps": {"lat": 46.91, "lon": 20.96}, "rssi": -60, "control": {"lq_pct": 100}, "alt_ft": 100})"
    "\n\n"
    R"({"t_ms": 100, "gps": {"lat": 46.911, "lon": 20.961}, "rssi": -61, "control": {"lq_pct": 99}})"
    "\n"
    R"({"t_ms": 200, "gps": {"lat": 46.912, "lon": 20.962}, "rssi": "none", "control": {"lq_pct": 98}, "alt_ft": 110})"
    "\n"
    R"({"t_ms": 300, "gps": {"la)";

}  // namespace

TEST_CASE("JSON lines: members are columns, those within an object too; blank, odd and cut rows are told") {
  CHECK(std::string(formatOf(kLog).name) == "json-lines");
  const auto log = openLog(kLog);
  CHECK(log->head().header ==
        std::vector<std::string>{"alt_ft", "control.lq_pct", "gps.lat", "gps.lon", "rssi", "t_ms"});
  const auto matches = matchColumns(log->head(), test::oneLink().links);
  const LogRead read = readLog(*log, matches);
  const log::Recording& r = read.recording;
  REQUIRE(r.rows() == 3);
  CHECK(r.time_s == std::vector<double>{0, 0.1, 0.2});
  CHECK(r.find("lat_deg")->at(1) == 46.911);
  CHECK(r.find("control.rssi_dbm")->at(1) == -61);
  CHECK(std::isnan(r.find("control.rssi_dbm")->at(2)));
  CHECK(r.find("control.lq_pct")->at(2) == 98);
  CHECK(r.find("height_m")->at(0) == Approx(30.48));
  CHECK(std::isnan(r.find("height_m")->at(1)));
  REQUIRE_FALSE(read.problems.empty());
  CHECK(read.problems[0].code == "not-a-number");
  CHECK(read.problems[0].line == 4);
}

TEST_CASE("JSON lines: an array of objects is read alike, however it is laid over lines") {
  for (const char* between : {",", ",\n", "\n  ,\n"}) {
    std::string text = "\xEF\xBB\xBF [";
    for (int i = 0; i < 4; ++i)
      text += (i > 0 ? between : " ") + std::string("{\"time\": \"2026-11-24T14:03:0") + fmt::to_string(i) + "Z\",\n \"note\": \"a } \\\" {\", \"link\": {\"rssi\": -6" + fmt::to_string(i) + "}}";
    text += "\n]\n";
    CAPTURE(text);
    const auto log = openLog(text);
    CHECK(std::string(formatOf(text).name) == "json-lines");
    const LogRead read = readLog(*log, matchColumns(log->head(), test::oneLink().links));
    CHECK(read.recording.started == "2026-11-24 14:03:00");
    CHECK(*read.recording.find("control.rssi_dbm") == std::vector<double>{-60, -61, -62, -63});
    CHECK(log->lineOfRow(0) == 1);
    CHECK(log->lineOfRow(2) > log->lineOfRow(1));
  }
  CHECK_REFUSED(openLog("[{"), Contains("no line holds a JSON object"));
}

TEST_CASE("JSON lines: what is none is refused with a reason") {
  CHECK_REFUSED(openLog("{\n  \"a\": 1\n}\n"), Contains("no line holds a JSON object"));
  CHECK_REFUSED(openLog("{" + std::string(kLongestLine + 10, ' ')), Contains("a line is"));
  CHECK_THROWS_AS(readRecording("{\"x\": 1}\n{\"x\": 2}\n", "x.jsonl", test::oneLink()), InputError);
  CHECK(std::string(formatOf("time,rssi\n").name) == "csv");
}

TEST_CASE("JSON lines: cancelled, and no larger than a log may be") {
  std::string many;
  for (int i = 0; i < 9000; ++i) many += "{\"t\": " + fmt::to_string(i) + ", \"rssi\": -60}\n";
  const auto log = openLog(many);
  const auto matches = matchColumns(log->head(), test::oneLink().links);
  CHECK_THROWS_AS(readLog(*log, matches, [](double) { return false; }), ReadCancelled);
}

TEST_CASE("JSON lines: short lines under many columns do not ask for room out of all proportion",
          "[regression]") {
  std::string log = "{\"t\": 0, \"rssi\": -60";
  std::map<std::string, std::string> corrections;
  for (const char* channel :
       {"control.snr_db", "control.lq_pct", "control.level", "control.rate_hz", "height_m", "speed_mps"})
    corrections[channel] = "rssi";
  log += "}\n";
  for (int i = 0; i < 3'000'000; ++i) log += "{}\n";
  CHECK_REFUSED(readRecording(log, "x.jsonl", test::oneLink(), corrections),
                Contains("too short for the columns"));
}

// How dates and times are written, and what a log says of it.
#include <fmt/format.h>

#include <catch2/catch.hpp>

#include "formats/column_match.h"
#include "formats/log_format.h"
#include "formats/log_import.h"
#include "formats/time_pattern.h"
#include "support/two_links.h"

using namespace distanz;
using namespace distanz::formats;

namespace {

/// Half a minute from 06:31; @param row of the date, or of the date with its clock, {} for the seconds
std::string logOf(const std::string& header, const std::string& row) {
  std::string out = header + ";Distance [m];RSSI [dBm]\n";
  for (int i = 0; i < 30; ++i) out += fmt::format(fmt::runtime(row), i) + fmt::format(";{};{}\n", 20 + 10 * i, -50 - i);
  return out;
}

LogRead readAs(const std::string& log, const std::map<std::string, std::string>& corrections = {}) {
  const auto c = test::controlAndVideo();
  const auto table = openLog(log);
  return readLog(*table, matchColumns(table->head(), c.links, corrections));
}

bool asks(const LogRead& read) {
  return std::any_of(read.problems.begin(), read.problems.end(), [](const Finding& f) { return f.code == "month-first"; });
}

}  // namespace

TEST_CASE("dates: a header that says how its times are written is a header of time") {
  for (const auto& [header, row] : {std::pair("Time [hh:mm:ss]", "06:31:{:02}"), {"Time (HH:MM:SS.sss)", "06:31:{:02}.000"}, {"Zeit (hh:mm:ss)", "06:31:{:02}"},
                                    {"Tijd [uu:mm:ss]", "06:31:{:02}"}, {"Czas [gg:mm:ss]", "06:31:{:02}"}, {"Time (24h)", "06:31:{:02}"}, {"Time (UTC+1)", "06:31:{:02}"},
                                    {"Time (local)", "06:31:{:02}"}, {"Zeit (mm:ss)", "3:{:02}"}, {"Timestamp (yyyy-MM-dd HH:mm:ss)", "2026-11-05 06:31:{:02}"},
                                    {"Time [ISO 8601]", "2026-11-05T06:31:{:02}Z"}, {"Datum (TT.MM.JJJJ hh:mm:ss)", "05.11.2026 06:31:{:02}"}, {"Time [s]", "{}"}, {"Time [UTC]", "06:31:{:02}"}}) {
    CAPTURE(header);
    CHECK(readAs(logOf(header, row)).recording.time_s.back() == 29);
  }
  CHECK(readAs(logOf("Time [ms]", "{}000")).recording.time_s.back() == 29);
  CHECK_THROWS_AS(readAs(logOf("Time [furlong]", "{}")), InputError);
}

TEST_CASE("dates: patterns of hours, minutes, days and months, in the letters of several languages") {
  CHECK(timePattern("dd/mm/yyyy")->day_order == kDayFirst);
  CHECK(timePattern("jj/mm/aaaa")->day_order == kDayFirst);
  CHECK(timePattern("gg/mm/aaaa")->day_order == kDayFirst);
  CHECK(timePattern("TT.MM.JJJJ")->day_order == kDayFirst);
  CHECK(timePattern("M/D/YY")->day_order == kMonthFirst);
  CHECK(timePattern("mm/dd/yyyyhh:mm:ss")->day_order == kMonthFirst);
  CHECK(timePattern("yyyy-mm-ddThh:mm:ss.000")->day_order.empty());
  CHECK(timePattern("mm:ss")->minutes_first);
  CHECK_FALSE(timePattern("hh:mm")->minutes_first);
  CHECK(timePattern("hh:mm")->clock);
  for (const char* other : {"", "m", "dBm", "furlong", "kbit/s", "1/s", "s", "%", "::", "hh"}) CHECK_FALSE(timePattern(other));
}

TEST_CASE("dates: parted by strokes, day or month first as rows, header, language and pilot have it") {
  const auto day = [](const LogRead& read) { return read.recording.started.substr(0, 10); };
  const std::string us = logOf("Date;Time", "05/11/2026;06:31:{:02}");
  CHECK(day(readAs(us)) == "2026-05-11");
  CHECK(asks(readAs(us)));
  CHECK(day(readAs(us, {{"date", "Date [d/m/y]"}})) == "2026-11-05");
  CHECK_FALSE(asks(readAs(us, {{"date", "Date [d/m/y]"}})));
  CHECK_FALSE(asks(readAs(us, {{"date", "Date [m/d/y]"}})));
  for (const auto& [header, row] : {std::pair("Date;Heure", "05/11/2026;06:31:{:02}"), {"Fecha;Hora", "05/11/2026;06:31:{:02}"}, {"Data;Ora", "05/11/2026;06:31:{:02}"},
                                    {"Date (dd/mm/yyyy);Time (hh:mm:ss)", "05/11/2026;06:31:{:02}"}, {"Date/Time (DD/MM/YYYY hh:mm:ss)", "05/11/2026 06:31:{:02}"},
                                    {"Horodatage", "05/11/2026 06:31:{:02}"}}) {
    CAPTURE(header);
    CHECK(day(readAs(logOf(header, row))) == "2026-11-05");
    CHECK_FALSE(asks(readAs(logOf(header, row))));
  }
  CHECK(day(readAs(logOf("Date;Time", "25/11/2026;06:31:{:02}"))) == "2026-11-25");
  CHECK(day(readAs(logOf("Date;Heure", "11/25/2026;06:31:{:02}"))) == "2026-11-25");
  CHECK_FALSE(asks(readAs(logOf("Date;Time", "05/05/2026;06:31:{:02}"))));
  CHECK(day(readAs(logOf("timestamp", "05/11/2026 06:31:{:02}"), {{"time_s", "timestamp [d/m/y]"}})) == "2026-11-05");
  // Over midnight a later row tells.
  std::string over = "Date;Time;RSSI [dBm]\n";
  for (int i = 0; i < 20; ++i) over += fmt::format("{}/11/2026;{}:{:02};{}\n", i < 10 ? 12 : 13, i < 10 ? "23:59" : "00:00", i < 10 ? 50 + i : i - 10, -50 - i);
  CHECK(day(readAs(over)) == "2026-11-12");
  CHECK(readAs(over).recording.time_s.back() == 19);
}

TEST_CASE("dates: a log beside another of the same flight is of the same day, whichever way it is written") {
  const auto c = test::controlAndVideo();
  const std::string radio = logOf("Date;Time", "05/11/2026;06:31:{:02}");
  std::string track = "time,lat,lon\n";
  for (int i = 0; i < 30; ++i) track += fmt::format("2026-11-05T06:31:{:02}Z,{:.6f},20.96\n", i, 46.91 + i * 1e-4);
  for (const bool swapped : {false, true}) {
    std::vector<GivenLog> logs;
    logs.push_back({"a", swapped ? track : radio});
    logs.push_back({"b", swapped ? radio : track});
    const ImportedLog both = importLogs(std::move(logs), c);
    CHECK(both.recording->started == "2026-11-05 06:31:00");
    CHECK(both.recording->find("lat_deg"));
    const auto& kept = swapped ? both.further[0].corrections : both.corrections;
    CHECK(kept.at("date") == "Date [d/m/y]");
  }
  std::string counted = "ts,lat,lon\n";  // milliseconds since 1970
  for (int i = 0; i < 30; ++i) counted += fmt::format("{}000,{:.6f},20.96\n", 1793860260 + i, 46.91 + i * 1e-4);
  std::vector<GivenLog> since;
  since.push_back({"a", radio});
  since.push_back({"b", counted});
  CHECK(importLogs(std::move(since), c).recording->started == "2026-11-05 06:31:00");
  std::vector<GivenLog> apart;
  apart.push_back({"a", logOf("Date;Time", "06/12/2026;06:31:{:02}")});
  apart.push_back({"b", track});
  CHECK_THROWS_AS(importLogs(std::move(apart), c), InputError);
}

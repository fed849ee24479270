#include <catch2/catch.hpp>

#include "core/finding/error.h"
#include "formats/bench/bench_columns.h"
#include "formats/bench/readings_table.h"
#include "formats/bench/spectrum_table.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::formats;
using campaign::RecordKind;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;

TEST_CASE("bench columns: name and unit, however they are written") {
  for (const char* text : {"S11 (dB)", "s11_db", "S11[dB]", "s11 dB"}) {
    CAPTURE(text);
    CHECK(columnName(text).words == "s11");
    CHECK(columnName(text).unit == "db");
  }
  CHECK(columnName("Re(S11)").words == "re");
  CHECK(columnName("(").words.empty());
  CHECK(columnName("").words.empty());
}

TEST_CASE("readings: columns by name and unit, labels, and what is wrong with its line") {
  const auto power = readReadings(
      "time [min];Power (mW);temp C;setting\n0;100;20,5;200 mW\n1,5;50;;200 mW\n2;x;30;200 mW\n3;-5;30;a\n",
      RecordKind::Power);
  REQUIRE(power.readings.size() == 2);
  CHECK(power.readings[1].value("time_s") == 90);
  CHECK_THAT(*power.readings[0].value("power_dbm"), WithinAbs(20, 1e-9));
  CHECK(power.readings[0].label == "200 mW");
  CHECK_FALSE(power.readings[1].value("temperature_c"));
  REQUIRE(power.problems.size() == 1);
  CHECK(power.problems[0].code == "readings-number");
  CHECK(power.problems[0].line == 4);
  const auto turn = readReadings("angle,level\n0,-40\n10,-4000\n", RecordKind::Turntable);
  CHECK(turn.problems.at(0).code == "readings-out-of-bounds");
  CHECK_REFUSED(readReadings("angle,colour\n0,1\n", RecordKind::Turntable),
                Contains("no column \"level_db\""));
  CHECK_REFUSED(readReadings("angle,level\nx,y\n", RecordKind::Turntable), Contains("no number"));
  CHECK_REFUSED(readReadings("", RecordKind::Turntable), Contains("empty"));
  CHECK_THROWS_AS(readReadings("a,b\n1,2\n", RecordKind::Sweep), InputError);
}

TEST_CASE("readings: units in cells and of other quantities are read as they are meant, or refused", "[regression]") {
  const auto trim = readReadings("fails below,fails above\n-0.2 MHz,300\n", RecordKind::Trim);
  REQUIRE(trim.readings.size() == 1);
  CHECK(trim.readings[0].values.at("low_khz") == -200);
  CHECK(trim.readings[0].values.at("high_khz") == 300);
  CHECK(readReadings("fails below [MHz],fails above [MHz]\n-0.2,0.3\n", RecordKind::Trim).readings[0].values.at("low_khz") == -200);
  const auto volts = readReadings("angle,level [mV]\n0,900\n10,850\n", RecordKind::Turntable);
  CHECK(volts.readings[1].values.at("value") == 850);
  CHECK(volts.readings[1].values.count("level_db") == 0);
  CHECK_THROWS_WITH(readReadings("angle,level [MHz]\n0,900\n", RecordKind::Walk), Catch::Contains("column"));
  CHECK_THROWS_AS(readReadings("distance reached [MHz]\n90\n", RecordKind::Walk), InputError);
  CHECK_THROWS_AS(readReadings("angle,distance\n0,900\n", RecordKind::Turntable), InputError);
}

TEST_CASE("readings: labels of a kind's own, whatever their case, and no others; bytes that are no text") {
  const auto swap = readReadings("state,value\nON,1\nOff,2\nmaybe,3\n", RecordKind::Swap);
  REQUIRE(swap.readings.size() == 2);
  CHECK(swap.readings[0].label == "on");
  CHECK(swap.readings[1].label == "off");
  CHECK(swap.problems.at(0).code == "readings-label");
  const auto power = readReadings(
      "setting,time_s,power_dbm\n\xff\xfe"
      "bad,1,2\n",
      RecordKind::Power);
  CHECK(power.readings[0].label ==
        "\xef\xbf\xbd\xef\xbf\xbd"
        "bad");
  CHECK_REFUSED(readReadings(
                    "angle,level\n" +
                        [] {
                          std::string rows;
                          for (int i = 0; i <= 10'000; ++i) rows += "1,-40\n";
                          return rows;
                        }(),
                    RecordKind::Turntable),
                Contains("more than 10000 readings"));
}

TEST_CASE("readings: what is written is read back, formulas and commas in labels too", "[property]") {
  campaign::Record r;
  r.kind = RecordKind::Power;
  for (int i = 0; i < 5; ++i)
    r.readings.push_back(
        {i % 2 ? "full, hot" : "200 mW", {{"time_s", i / 3.0}, {"power_dbm", -1.0 / (i + 1)}}, {}});
  r.readings[1].values["supply_v"] = 16.8;
  const auto back = readReadings(writeReadings(r), r.kind);
  CHECK(back.readings == r.readings);
  r.readings[0].label = "=cmd()";
  CHECK_THAT(writeReadings(r), Contains("'=cmd()"));
}

TEST_CASE("spectrum: a trace for each column of levels, in order of frequency") {
  const auto read =
      readSpectrum("Frequency (GHz),idle,armed\n5.9,-90,-50\n5.8,-91,-60\n5.8,-1,-1\n5.85,,-55\n");
  REQUIRE(read.traces.size() == 2);
  CHECK(read.names == std::vector<std::string>{"idle", "armed"});
  CHECK(read.traces[0].frequency_mhz == std::vector<double>{5800, 5900});
  CHECK(read.traces[1].level_dbm == std::vector<double>{-60, -55, -50});
  CHECK(read.problems.size() == 2);
  CHECK_REFUSED(readSpectrum("freq_mhz\n5800\n"), Contains("level"));
  CHECK_REFUSED(readSpectrum("freq_mhz,level\n5800,loud\n"), Contains("level"));
  CHECK_REFUSED(readSpectrum("a,b\n1,2\n"), Contains("frequency"));
  const auto back = readSpectrum(writeSpectrum(read.traces[0]));
  CHECK(back.traces[0].level_dbm == read.traces[0].level_dbm);
}

#include "formats/column_sense.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <fmt/format.h>
#include <functional>

#include "formats/log_import.h"
#include "support/one_link.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::formats;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;

namespace {

/// A kilometre and back, a row a second, with two columns of the test's own.
std::string flown(const std::string& header, const std::function<std::string(double distance_m)>& values) {
  std::string log = "time_s,distance_m," + header + "\n";
  for (int t = 0; t <= 200; ++t) {
    const double d = t <= 100 ? 10 * t : 2000 - 10 * t;
    log += fmt::to_string(t) + "," + fmt::to_string(d) + "," + values(d) + "\n";
  }
  return log;
}

int level(double d) {
  return static_cast<int>(std::lround(-60 - 40 * d / 1000));
}

ImportedLog imported(const std::string& bytes, const std::map<std::string, std::string>& corrections = {}) {
  return importLog(bytes, "x.csv", test::oneLink(), corrections);
}

double at(const ImportedLog& log, const std::string& channel, std::size_t row) {
  const auto* values = log.recording->find(channel);
  REQUIRE(values);
  return (*values)[row];
}

std::string told(const ImportedLog& log) {
  std::string out;
  for (const Finding& f : log.problems) out += f.code + ": " + test::told(f) + "\n";
  return out;
}

}  // namespace

TEST_CASE("sense: quality as a share of one is brought to percent, and told") {
  const ImportedLog log = imported(
      flown("rssi dBm,LQ", [](double d) { return fmt::to_string(level(d)) + (d > 900 ? ",0.25" : ",1.0"); }));
  CHECK(at(log, "control.lq_pct", 0) == 100);
  CHECK(at(log, "control.lq_pct", 100) == 25);
  CHECK_THAT(told(log), Contains("control.lq_pct goes from 0 to 1"));
}

TEST_CASE("sense: 0 and 1 % of a link that is all but dead stay what they are, where the column says %") {
  const auto values = [](double d) { return fmt::to_string(level(d)) + (d > 500 ? ",0" : ",1"); };
  CHECK(at(imported(flown("rssi dBm,LQ [%]", values)), "control.lq_pct", 0) == 1);
  CHECK(at(imported(flown("rssi dBm,LQ", values)), "control.lq_pct", 0) == 100);
  const auto shares = [](double d) { return fmt::to_string(level(d)) + (d > 500 ? ",0.5" : ",1"); };
  CHECK(at(imported(flown("rssi dBm,LQ [%]", shares)), "control.lq_pct", 0) == 100);
}

TEST_CASE("sense: a quality on a scale of its own is left out; one odd value means nothing was heard") {
  const ImportedLog odd = imported(flown("rssi dBm,LQ", [](double d) {
    return fmt::to_string(level(d)) + "," + fmt::to_string(static_cast<int>(250 - d / 10));
  }));
  CHECK_FALSE(odd.recording->find("control.lq_pct"));
  CHECK_THAT(told(odd), Contains("goes up to 250") && Contains("convert the column to %"));
  const ImportedLog sentinel = imported(flown("rssi dBm,LQ", [](double d) {
    return d > 900 ? std::string("0,255") : fmt::to_string(level(d)) + ",99";
  }));
  CHECK(sentinel.recording->find("control.lq_pct"));
  CHECK_THAT(told(sentinel), Contains("means nothing was heard"));
}

TEST_CASE(
    "sense: a signal without its sign is recognised by unit or by how it runs; a scale is not believed") {
  const auto unsigned_db = [](double d) { return fmt::to_string(-level(d)) + ",99"; };
  const auto scale = [](double d) { return fmt::to_string(160 + level(d)) + ",99"; };
  const auto header = GENERATE(as<std::string>{}, "rssi dBm,LQ", "RSSI,LQ");
  CAPTURE(header);
  const ImportedLog right = imported(flown(header, unsigned_db));
  CHECK(at(right, "control.rssi_dbm", 100) == -100);
  CHECK_THAT(told(right), Contains("no minus sign"));
  const ImportedLog not_it = imported(flown(header, scale));
  CHECK_FALSE(not_it.recording->find("control.rssi_dbm"));
  CHECK_THAT(told(not_it), Contains("the receiver's own scale"));
}

TEST_CASE("sense: power without a unit is asked for, not believed; a battery's watts are no transmit power") {
  const auto row = [](const char* power) {
    return [power](double d) { return fmt::to_string(level(d)) + "," + power; };
  };
  const std::string asked = flown("rssi dBm,TX power", row("20"));
  CHECK_FALSE(imported(asked).recording->find("control.power_mw"));
  CHECK_THAT(told(imported(asked)),
             Contains("TX power may be in mW or dBm") && Contains("[dBm] or [mW]"));
  CHECK_THAT(at(imported(asked, {{"power_mw", "TX power [dBm]"}}), "control.power_mw", 0),
             WithinAbs(100, 1e-9));
  CHECK_THAT(at(imported(asked, {{"power_mw", "TX power [mW]"}}), "control.power_mw", 0),
             WithinAbs(20, 1e-9));
  CHECK_THAT(at(imported(flown("rssi dBm,TX power", row("250"))), "control.power_mw", 0),
             WithinAbs(250, 1e-9));
  for (const char* header : {"battery power [W]", "Power [W]", "motor power [mW]"}) {
    const std::string drawn = flown(std::string("rssi dBm,") + header, row("180"));
    CHECK_FALSE(imported(drawn).recording->find("control.power_mw"));
  }
}

TEST_CASE("sense: a link that never failed is data; a signal that never moves is left out") {
  const ImportedLog quality = imported(flown("LQ", [](double) { return "100"; }));
  CHECK(at(quality, "control.lq_pct", 50) == 100);
  const ImportedLog stuck =
      imported(flown("rssi dBm,LQ", [](double d) { return std::string("-60,") + (d > 900 ? "40" : "100"); }));
  CHECK_FALSE(stuck.recording->find("control.rssi_dbm"));
  CHECK_THAT(told(stuck), Contains("control.rssi_dbm is -60 in every row"));
}

TEST_CASE("sense: what no receiver can have measured is not a link that never failed") {
  const std::string dead = flown("rssi dBm,LQ", [](double) { return "127,255"; });
  CHECK_REFUSED(imported(dead), Contains("hold no number"));
  CHECK_REFUSED(imported(flown("LQ", [](double) { return "255"; })), Contains("hold no number"));
}

#include "core/records/calibrate.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "core/analysis/analyse.h"
#include "core/analysis/result/campaign_analysis.h"
#include "core/simulate/instruments.h"
#include "core/simulate/scenario.h"
#include "support/judged.h"
#include "support/scenarios.h"

using namespace distanz;
using Catch::Matchers::WithinAbs;

namespace {

/// Percent as a receiver tells it: 0 at -110 dBm and below, 100 at -45 dBm and above.
double percentOf(double level_dbm) {
  return std::clamp(100 * (level_dbm + 110) / 65, 0.0, 100.0);
}

campaign::Record scaleRecord() {
  campaign::Record r;
  r.id = "r1";
  r.kind = campaign::RecordKind::Signal;
  r.link = "control";
  r.settings["source_dbm"] = -30;
  r.readings = simulate::scaleReadings(-30, -110, -45, 7);
  return r;
}

}  // namespace

TEST_CASE("calibration: the receiver's own scale becomes the level, and its ends tell none") {
  campaign::Campaign c = test::oneChannel();
  c.links[0].id = "control";
  c.records = {scaleRecord()};
  log::Recording told;
  for (int i = 0; i < 5; ++i) told.time_s.push_back(i);
  told.columns = {{"control.level", {percentOf(-60), percentOf(-80), percentOf(-100), 0, 100}}};
  const auto calibrated = records::calibrated(c, "A", told);
  REQUIRE(calibrated.recording);
  CHECK(calibrated.by.at("control") == "r1");
  const auto& level = *calibrated.recording->find("control.rssi_dbm");
  CHECK_THAT(level[0], WithinAbs(-60, 1.5));
  CHECK_THAT(level[1], WithinAbs(-80, 1.5));
  CHECK_THAT(level[2], WithinAbs(-100, 1.5));
  CHECK(std::isnan(level[3]));
  CHECK(std::isnan(level[4]));
  // A log that tells its level needs none; another receiver's record does not count; without one it waits.
  told.columns.push_back({"control.rssi_dbm", std::vector<double>(5, -70)});
  CHECK_FALSE(records::calibrated(c, "A", told).recording);
  told.columns.pop_back();
  c.records[0].part = "another";
  CHECK(records::calibrated(c, "A", told).waiting == std::vector<std::string>{"control"});
  c.records[0].part.clear();
  c.records[0].settings.clear();  // the level of its source is not known
  CHECK_FALSE(records::calibrated(c, "A", told).recording);
}

TEST_CASE("calibration: flights told in percent are compared as those told in dBm, and say by which record") {
  simulate::Simulated flown = simulate::simulate(test::twoSetups(3, 4), 31);
  const auto analyse = [&](const campaign::Campaign& c) {
    return analysis::analyse(c, [&](const campaign::Run& run) {
      return std::make_shared<const log::Recording>(flown.recordings[std::size_t(
          campaign::findRun(flown.campaign, run.id) - flown.campaign.runs.data())]);
    });
  };
  const auto in_dbm = analyse(flown.campaign);
  const std::string link = flown.campaign.links[0].id;
  for (log::Recording& r : flown.recordings)
    for (log::Column& column : r.columns)
      if (column.channel == log::linkChannel(link, "rssi_dbm")) {
        column.channel = log::linkChannel(link, "level");
        for (double& v : column.values) v = percentOf(v);
      }
  const auto waiting = analyse(flown.campaign);
  const auto warned = [](const analysis::CampaignAnalysis& a, const std::string& code) {
    return std::any_of(a.warnings.begin(), a.warnings.end(),
                       [&](const Finding& f) { return f.code == code; });
  };
  CHECK(warned(waiting, "on-own-scale"));
  campaign::Campaign with = flown.campaign;
  with.records = {scaleRecord()};
  with.records[0].link = link;
  const auto in_percent = analyse(with);
  CHECK(warned(in_percent, "signal-calibrated"));
  for (const char* setup : {"A", "B"}) {
    REQUIRE(in_percent.answer(setup));
    CHECK(in_percent.answer(setup)->typical.told_m() ==
          Approx(in_dbm.answer(setup)->typical.told_m()).epsilon(0.05));
  }
}

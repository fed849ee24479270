// What pilots note by hand, as it becomes samples.
#include "formats/hand_log.h"

#include <catch2/catch.hpp>
#include <cmath>

#include "formats/log_format.h"
#include "formats/log_import.h"
#include "support/two_links.h"

using namespace distanz;
using namespace distanz::formats;

namespace {

ImportedLog noted(const std::string& table, campaign::Campaign c = test::controlAndVideo()) {
  return importLog(table, "noted.csv", c);
}

double at(const log::Recording& r, std::string_view channel, double time_s) {
  const auto* values = r.find(channel);
  REQUIRE(values);
  const auto row = std::lower_bound(r.time_s.begin(), r.time_s.end(), time_s - 1e-6) - r.time_s.begin();
  REQUIRE(std::size_t(row) < values->size());
  return (*values)[std::size_t(row)];
}

}  // namespace

TEST_CASE("hand log: readings at distances and times as they are written, with units or without") {
  const ImportedLog log = noted(
      "time,distance,signal,quality,event,remark\n"
      "0:10,100,-55 dBm,100 %,,calm\n"
      "1:30,900 m,-80,98,,\n"
      "2:10,1.2 km,-88,60,break-up,\n"
      "2:20,1300,-92,20,lost,\n"
      "2:35,1380,,,turned,\n"
      "3:00,1150,-88,90,regained,\n");
  const log::Recording& r = *log.recording;
  CHECK(log.track.farthest_m == 1380);
  CHECK(at(r, "control.rssi_dbm", 80) == -80);   // 1:30, counted from 0:10
  CHECK(at(r, "distance_m", 120) == 1200);
  CHECK(at(r, "control.lq_pct", 120) == 60);
  CHECK(at(r, "video.lq_pct", 100) == 100);      // a picture breaks up: it was whole before
  CHECK(at(r, "video.lq_pct", 135) == 0);        // lost
  CHECK(std::isnan(at(r, "control.rssi_dbm", 135)));  // nobody read anything
}

TEST_CASE("hand log: a reading's own unit goes before its heading's") {
  const ImportedLog log = noted(
      "time,distance [m],bitrate [Mbit/s],volts [V],RSSI [dBm]\n"
      "0:10,100,20,16.1,-60\n"
      "0:40,400,18 Mbit/s,16000 mV,-70 dBm\n"
      "1:10,0.8 km,800 kbit/s,15.8 V,-80\n"
      "1:50,1300,5,15.7,-85 ?\n");
  const log::Recording& r = *log.recording;
  CHECK(log.track.farthest_m == 1300);
  CHECK(at(r, "video.bitrate_mbps", 30) == 18);
  CHECK(at(r, "video.bitrate_mbps", 60) == Approx(0.8));
  CHECK(at(r, "video.bitrate_mbps", 100) == 5);
  CHECK(at(r, "battery_v", 30) == 16);
  CHECK(at(r, "battery_v", 60) == 15.8);
  CHECK(at(r, "control.rssi_dbm", 30) == -70);
}

TEST_CASE("hand log: nothing but where it broke up, was lost, came back and turned is a run") {
  const ImportedLog log = noted("distance;event\n100;start\n850;first break-up\n1010;lost\n1080;turned\n900;regained\n50;landed\n");
  const log::Recording& r = *log.recording;
  CHECK(log.problems.front().code == "hand-log-times");
  CHECK(log.track.farthest_m == 1080);
  CHECK(at(r, "video.lq_pct", 75) == 0);    // 850 m, a second long
  CHECK(at(r, "video.lq_pct", 80) == 100);
  CHECK(at(r, "video.lq_pct", 95) == 0);
  CHECK(at(r, "video.lq_pct", 190) == 100);
}

TEST_CASE("hand log: posts are placed as the path has them, by number or by name") {
  campaign::Campaign c = test::controlAndVideo();
  c.paths.resize(1);
  c.paths[0].post_spacing_m = 150;
  c.paths[0].posts = {{"4", 640}};
  const ImportedLog log = noted("post\tRSSI\n1\t-55\n2\t-62\n4\t-70\n6\t-77\n4\t-71\n1\t-56\n", c);
  const std::vector<double>& d = log.track.distance_m;
  CHECK(d[0] == 150);
  CHECK(d[2] == 640);
  CHECK(d[3] == 900);
  CHECK_FALSE(log.recording->find("distance_m"));  // the path's, not the log's: posts may be moved yet
}

TEST_CASE("hand log: what nobody understands is told, and dense logs are not taken for one") {
  CHECK(noted("distance,signal,event\n100,-50,hooray\n400,-60,\n700,-70,\n100,-50,\n").problems.front().code == "event-not-known");
  const auto format = [](std::string_view bytes) { return std::string(formatOf(bytes).name); };
  CHECK(format("time,distance,rssi\n0,1,-50\n0.1,2,-51\n0.2,4,-50\n") == "csv");
  CHECK(format("distance,rssi\n0,-50\n1,-51\n2,-50\n3,-52\n") == "csv");
  CHECK(format("distance,rssi\n100,-50\n300,-60\n500,-70\n") == "hand");
  CHECK(format("time,distance,event\n0:10,100,lost\n1:00,300,regained\n") == "hand");
  CHECK_FALSE(isHandLog(""));
  CHECK_FALSE(isHandLog("\x01\x02"));
  CHECK_FALSE(isHandLog("distance,event\n"));
}

// What logs tell before they are brought in: which go together, whose they are, why they ended, which link is lacking.
#include "formats/survey.h"

#include <fmt/format.h>

#include <catch2/catch.hpp>
#include <cmath>

#include "formats/lacking_link.h"
#include "formats/name_words.h"

using namespace distanz;
using namespace distanz::formats;

namespace {

campaign::Campaign twoLinks(bool video) {
  campaign::Campaign c;
  campaign::Link control;
  control.id = "control";
  control.rule.lq_min_pct = 70;
  c.links.push_back(control);
  if (video) {
    campaign::Link v;
    v.id = "video";
    v.kind = campaign::LinkKind::Video;
    v.rule.bitrate_min_mbps = 8;
    c.links.push_back(v);
  }
  for (const auto& [id, name] : {std::pair("A", "Print patch"), std::pair("B", "Helix")}) {
    campaign::Setup s;
    s.id = id;
    s.name = name;
    c.setups.push_back(s);
  }
  return c;
}

/// Out to 1,000 m and back at 10 m/s. @param far_quality over the last 60 m
std::string controlLog(const std::string& began, double far_quality, bool silent = false) {
  std::string out = began.empty() ? "time,distance [m],RSSI [dBm],LQ [%]\n" : "date,time,distance [m],RSSI [dBm],LQ [%]\n";
  for (int i = 0; i <= 200; ++i) {
    const double d = 10.0 * (i <= 100 ? i : 200 - i);
    const bool far = d > 940;
    const std::string clock = began.empty() ? std::to_string(i) : fmt::format("{},06:{:02}:{:02}", began, 30 + i / 60, i % 60);
    if (far && silent)
      out += fmt::format("{},{},0,0\n", clock, d);
    else
      out += fmt::format("{},{},{:.1f},{}\n", clock, d, -50 - 0.04 * d + (i % 3), far ? far_quality : 100 - i % 2);
  }
  return out;
}

std::string videoLog(const std::string& began, int minute = 30) {
  std::string out = "date;time;bitrate [Mbit/s]\n";
  for (int i = 0; i <= 180; ++i) out += fmt::format("{};06:{:02}:{:02};{}\n", began, minute + i / 60, i % 60, i < 90 ? 25 : 12);
  return out;
}

ToPair pairing(const std::string& file, const std::string& bytes, const campaign::Campaign& c) {
  return {file, survey({file, bytes}, c)};
}

}  // namespace

TEST_CASE("names: the same flight, whatever separates letter and number, and whatever the log is of") {
  CHECK(sameFlightByName("A1.csv", "A1.srt"));
  CHECK(sameFlightByName("A1.csv", "1-A.srt"));
  CHECK(sameFlightByName("A01.csv", "a_1_video.srt"));
  CHECK(sameFlightByName("flight_3-B.csv", "3 B osd.SRT"));
  CHECK_FALSE(sameFlightByName("A1.csv", "A2.srt"));
  CHECK_FALSE(sameFlightByName("A1.csv", "A11.srt"));
  CHECK_FALSE(sameFlightByName("video.csv", "telemetry.csv"));  // nothing is left to compare
}

TEST_CASE("names: a setup by its letter or its name, and none where two fit") {
  const auto c = twoLinks(false);
  CHECK(setupByName("A1.csv", c) == "A");
  CHECK(setupByName("1-B.csv", c) == "B");
  CHECK(setupByName("b_02.log", c) == "B");
  CHECK(setupByName("helix 3.csv", c) == "B");
  CHECK(setupByName("print-patch-2.csv", c) == "A");
  CHECK(setupByName("Abend.csv", c).empty());
  CHECK(setupByName("A-B.csv", c).empty());
  CHECK(setupByName("2026-04-12.csv", c).empty());
}

TEST_CASE("survey: the end of a flight as its log shows it, and nothing where it shows none") {
  const auto c = twoLinks(false);
  CHECK(survey({"A1.csv", controlLog("", 100)}, c).ended == campaign::Ended::Unknown);
  CHECK(survey({"A1.csv", controlLog("", 20)}, c).ended == campaign::Ended::QualityLimit);
  CHECK(survey({"A1.csv", controlLog("", 0, true)}, c).ended == campaign::Ended::LinkLost);
}

TEST_CASE("survey: what cannot be a run by itself says why, and still tells when it was") {
  const auto c = twoLinks(true);
  const LogSurvey told = survey({"A1.csv", videoLog("2026-04-12")}, c);
  REQUIRE(told.refused);
  CHECK(told.lasts_s == Approx(180));
  CHECK(told.begins_s.has_value());
  CHECK(survey({"x.csv", "nothing\nof use\n"}, c).refused);
}

TEST_CASE("pairs: by name; where clocks are told they decide") {
  const auto c = twoLinks(true);
  const ToPair a1 = pairing("A1.csv", controlLog("2026-04-12", 100), c), a2 = pairing("A2.csv", controlLog("2026-04-13", 100), c);
  CHECK(pairsOf({a1, a2}) == std::vector{-1, -1});
  CHECK(pairsOf({a1, pairing("1-A.srt", videoLog("2026-04-12"), c), a2}) == std::vector{-1, 0, -1});
  CHECK(pairsOf({pairing("1-A.srt", videoLog("2026-04-12"), c), a1}) == std::vector{1, -1});  // the placed one leads
  CHECK(pairsOf({a1, pairing("A1.srt", videoLog("2026-04-12", 50), c)}) == std::vector{-1, -1});  // 20 minutes later
  CHECK(pairsOf({a2, a1, pairing("DVR_0004.csv", videoLog("2026-04-13"), c)}) == std::vector{-1, -1, 0});  // by its clock
  // Two receivers of one flight are two runs.
  CHECK(pairsOf({a1, pairing("B1.csv", controlLog("2026-04-12", 100), c)}) == std::vector{-1, -1});
}

TEST_CASE("lacking link: a bitrate is no control link's, and what it needs is said") {
  const auto kit = twoLinks(false);
  TableHead head;
  head.header = {"time", "distance [m]", "RSSI [dBm]", "bitrate [Mbit/s]", "video RSSI [dBm]"};
  head.preview = {{"0", "10", "-50", "25", "-60"}, {"1", "20", "-51", "25", "-61"}};
  const auto lacking = lackingLink(head, kit.links, {});
  REQUIRE(lacking);
  CHECK(lacking->kind == campaign::LinkKind::Video);
  CHECK(lacking->columns == std::vector<std::string>{"bitrate [Mbit/s]", "video RSSI [dBm]"});
  for (const ColumnMatch& m : matchColumns(head, kit.links)) CHECK(m.channel != "control.bitrate_mbps");
  CHECK_FALSE(lackingLink(head, twoLinks(true).links, {}));
  CHECK(lackingLink(head, kit.links, {{"rssi_dbm", "RSSI [dBm]"}}));  // named without its link, as it may be
  auto rated = kit.links;  // a link that is rated by its bitrate is meant, whatever its kind
  rated[0].rule.bitrate_min_mbps = 8;
  bool matched = false;
  for (const ColumnMatch& m : matchColumns(head, rated)) matched = matched || m.channel == "control.bitrate_mbps";
  CHECK(matched);
  const LogSurvey told = survey({"A1.csv", "time;distance [m];bitrate [Mbit/s]\n0;10;25\n30;400;20\n60;10;25\n"}, kit);
  REQUIRE(told.refused);
  CHECK(plainText(*told.refused).find("log-of-video") != std::string::npos);
  const ImportedLog read = importLog("time;distance [m];RSSI [dBm];bitrate [Mbit/s]\n0;10;-50;25\n30;400;-70;20\n60;10;-51;25\n", "A1.csv", kit);
  CHECK(std::any_of(read.problems.begin(), read.problems.end(), [](const Finding& f) { return f.code == "columns-of-video"; }));
}

// What people write where a display showed something.
#include "formats/spoken.h"

#include <catch2/catch.hpp>

#include "formats/log_import.h"
#include "support/told.h"
#include "support/two_links.h"

using namespace distanz;
using namespace distanz::formats;

namespace {

void reads(const std::string& text, SpokenKind kind, const std::string& number, const std::string& unit = {}) {
  CAPTURE(text);
  const Spoken said = spokenReading(text, false);
  CHECK(said.kind == kind);
  CHECK(said.number == number);
  CHECK(said.unit == unit);
}

}  // namespace

TEST_CASE("spoken readings: figures, about, between, bounds and nothing") {
  using enum SpokenKind;
  reads("12.5", Exact, "12.5");
  reads("12,5", Exact, "12.5");
  reads("-84", Exact, "-84");
  reads("\u221284 dBm", Exact, "-84", "dBm");
  reads("25 Mbit/s", Exact, "25", "Mbit/s");
  reads("~4", About, "4");
  reads("ca. 25 Mbit/s", About, "25", "Mbit/s");
  reads("etwa 3", About, "3");
  reads("5-6", Between, "5.5");
  reads("5 \u2013 6", Between, "5.5");
  reads("25 bis 12 Mbit/s", Between, "18.5", "Mbit/s");
  reads("-84 to -88", Between, "-86");
  reads("-84--88", Between, "-86");
  reads(">30", Bound, "30");
  reads("under 50 %", Bound, "50", "%");
  reads("no picture", Nothing, "0");
  reads("kein Bild", Nothing, "0");
  reads("lost", Nothing, "0");
  reads("windy", Note, "");
  reads("", Note, "");
  reads("-", Note, "");
  reads("~", Note, "");
}

TEST_CASE("spoken readings: in a table they are read as what they mean, and that is told") {
  const ImportedLog log = importLog(
      "distance,bitrate,signal,picture,remark\n"
      "100,50,~90,5,\n200,25-12,80,4-5,\n300,>6,70,4,calm\n400,no picture,60,1,\n", "noted.csv", test::controlAndVideo());
  const log::Recording& r = *log.recording;
  const auto* bitrate = r.find("video.bitrate_mbps");
  REQUIRE(bitrate);
  CHECK(*bitrate == std::vector<double>{50, 18.5, 6, 0});
  const auto* picture = r.find("video.picture");
  REQUIRE(picture);
  CHECK(*picture == std::vector<double>{5, 4.5, 4, 1});
  for (const char* code : {"readings-about", "readings-between", "readings-bounds", "readings-nothing"}) {
    CAPTURE(code);
    CHECK(std::any_of(log.problems.begin(), log.problems.end(), [&](const auto& p) { return p.code == code || std::any_of(p.more.begin(), p.more.end(), [&](const Finding& f) { return f.code == code; }); }));
  }
}

TEST_CASE("spoken readings: posts without a path are refused by what is missing") {
  CHECK_REFUSED(importLog("post,bitrate\n1,50\n2,25\n3,12\n", "noted.csv", test::controlAndVideo()), Catch::Contains("no path"));
}

// import --with and --split, align: several logs of one flight, and several flights of one log.
#include <fmt/format.h>

#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>

#include "cli/ran.h"
#include "formats/files.h"
#include "support/temp_dir.h"
#include "support/wandering.h"

using namespace distanz;
using Catch::Matchers::Contains;
using nlohmann::json;
using test::Ran;
using test::run;
using test::TempDir;

namespace {

std::string campaignFile(const TempDir& dir) {
  std::filesystem::create_directory(dir / "m");
  test::spill(dir / "m" / "campaign.json",
              R"({"distanz_interchange": 1, "title": "Two logs", "links": [{"id": "control"}, {"id": "video", "kind": "video"}],
                  "setups": [{"id": "A"}, {"id": "B"}], "runs": []})");
  REQUIRE(run({"convert", dir / "m", dir / "c.distanz"}).code == 0);
  return dir / "c.distanz";
}

struct Logs {
  std::string radio, video;
};

/// One flight as the radio logged it, and as a recorder saw it that was switched on 12.3 s later.
Logs twoLogs(const TempDir& dir) {
  dice::Random random(4);
  const auto d = test::wanderingFlight(random, 1500, 0.1);
  std::string radio = "time,distance [m],RSSI [dBm]\n", video = "time;distance [m];bitrate [Mbit/s]\n";
  for (std::size_t i = 0; i < d.size(); ++i) {
    radio += fmt::format("{:.1f},{:.1f},{:.1f}\n", double(i) / 10, std::abs(d[i] + random.normal()), test::wanderingLevel_dbm(d[i]) + random.normal());
    if (i >= 123 && (i - 123) % 10 == 0)
      video += fmt::format("{};{:.1f};{:.1f}\n", (i - 123) / 10, std::abs(d[i] + random.normal()), d[i] < 1200 ? 25.0 : 3.0);
  }
  test::spill(dir / "radio.csv", radio);
  test::spill(dir / "video.csv", video);
  return {dir / "radio.csv", dir / "video.csv"};
}

}  // namespace

TEST_CASE("import: logs are numbered by their own clocks, whatever their names; without clocks as given", "[regression]") {
  const TempDir dir;
  REQUIRE(run({"new", dir / "c.distanz", "--compare", "control"}).code == 0);
  const auto log = [&](const char* name, const char* start, int level) {
    std::string text = "time,distance_m,RSSI [dBm],LQ\n";
    for (int t = 0; t < 60; ++t)
      text += fmt::format("{}{}:{:02},{},{},{}\n", start, "", t, 20 + 10 * t, level - t % 7, 100 - t % 5);
    test::spill(dir / name, text);
  };
  log("a.csv", "2026-11-24 12:00", -60), log("b.csv", "2026-11-24 08:00", -61), log("c.csv", "2026-11-24 10:00", -62);
  const Ran in = run({"import", dir / "c.distanz", dir / "a.csv", dir / "b.csv", dir / "c.csv", "--setup", "A"});
  INFO(in.err);
  REQUIRE(in.code == 0);
  CHECK_THAT(in.out, Contains("run A1: b.csv") && Contains("run A2: c.csv") && Contains("run A3: a.csv"));
}

TEST_CASE("import --with: two logs of one flight become one run, their clocks laid together, and are kept both") {
  const TempDir dir;
  const Logs logs = twoLogs(dir);
  const std::string file = campaignFile(dir);
  const json fit = json::parse(run({"align", logs.radio, logs.video, "--json"}).out);
  REQUIRE(fit["aligned"] == true);
  CHECK(fit["offset_s"].get<double>() == Approx(12.3).margin(0.1));
  CHECK(fit["offset_sd_m"].get<double>() < 2);
  const Ran r = run({"import", file, logs.radio, "--setup", "A", "--with", logs.video});
  INFO(r.err);
  REQUIRE(r.code == 0);
  CHECK_THAT(r.out, Contains("found from distance"));
  REQUIRE(run({"convert", file, dir / "out"}).code == 0);
  const json back = json::parse(test::slurp(dir / "out" / "campaign.json"));
  const json& sources = back["runs"][0]["sources"];
  REQUIRE(sources.size() == 2);
  CHECK(sources[1]["clock_offset_s"].get<double>() == Approx(12.3).margin(0.1));
  const json details = json::parse(run({"analyse", file, "--json"}).out);
  CHECK(details["runs"][0]["used"] == true);
  CHECK(test::slurp(dir / "out" / sources[1]["file"].get<std::string>()) == test::slurp(logs.video));
}

TEST_CASE("import --with: an offset that was said is taken, another flight is refused, and nothing is kept then") {
  const TempDir dir;
  const Logs logs = twoLogs(dir);
  const std::string file = campaignFile(dir);
  dice::Random random(9);
  std::string other = "time;distance [m];bitrate [Mbit/s]\n";
  const auto d = test::wanderingFlight(random, 1500, 0.1);
  for (std::size_t i = 0; i < d.size(); i += 10) other += fmt::format("{};{:.1f};25\n", i / 10, std::abs(d[i] + random.normal()));
  test::spill(dir / "other.csv", other);
  const Ran wrong = run({"import", file, logs.radio, "--setup", "A", "--with", dir / "other.csv"});
  CHECK(wrong.code != 0);
  CHECK_THAT(wrong.err, Contains("cannot be matched") && Contains("other.csv"));
  CHECK_THAT(run({"import", file, logs.radio, "--setup", "A", "--with", logs.video + "@soon"}).err, Contains("write seconds"));
  CHECK_THAT(run({"import", file, logs.radio, logs.video, "--setup", "A", "--with", logs.video}).err, Contains("one log"));
  CHECK_THAT(run({"import", file, logs.radio, "--setup", "A", "--with", logs.video + "@90000"}).err, Contains("another flight"));
  REQUIRE(run({"import", file, logs.radio, "--setup", "A", "--with", logs.video + "@12.5"}).code == 0);
  REQUIRE(run({"convert", file, dir / "out"}).code == 0);
  const json back = json::parse(test::slurp(dir / "out" / "campaign.json"));
  REQUIRE(back["runs"].size() == 1);
  CHECK(back["runs"][0]["sources"][1]["clock_offset_s"] == 12.5);
}

TEST_CASE("import: readings at posts lie where the posts stand now") {
  const TempDir dir;
  std::filesystem::create_directory(dir / "m");
  const auto farthest_m = [&](double spacing_m) {
    test::spill(dir / "m" / "campaign.json",
                fmt::format(R"({{"distanz_interchange": 1, "title": "Posts", "post_spacing_m": {}, "path": [],
                  "links": [{{"id": "control"}}], "setups": [{{"id": "A"}}],
                  "runs": [{{"id": "A1", "setup": "A", "log": "noted.csv"}}]}})", spacing_m));
    return json::parse(run({"analyse", dir / "m", "--json"}).out)["runs"][0]["farthest_m"].get<double>();
  };
  test::spill(dir / "m" / "noted.csv", "post,RSSI\n1,-55\n2,-62\n4,-70\n6,-77\n4,-71\n1,-56\n");
  CHECK(farthest_m(100) == 600);
  CHECK(farthest_m(150) == 900);
}

TEST_CASE("import --with: what only has power measures no link, whichever log it is in") {
  const TempDir dir;
  const std::string file = campaignFile(dir);
  test::spill(dir / "way.csv", "time,distance [m]\n0,10\n10,100\n20,200\n30,100\n40,10\n");
  test::spill(dir / "power.csv", "time,Tx power [mW]\n0,25\n20,100\n40,25\n");
  const Ran r = run({"import", file, dir / "way.csv", "--setup", "A", "--with", (dir / "power.csv").string() + "@0"});
  CHECK(r.code != 0);
  CHECK_THAT(r.err, Contains("signal, link quality"));
}

TEST_CASE("import --split: each flight of a log is a run that counts; its rows are not taken twice") {
  const TempDir dir;
  const std::string file = campaignFile(dir);
  dice::Random random(6);
  std::string log = "time,distance [m],height [m],RSSI [dBm]\n";
  double t = 0;
  for (const double out_m : {900, 1500, 1200}) {
    for (int i = 0; i < 200; ++i, t += 0.1) log += fmt::format("{:.1f},2,0,-40\n", t);
    for (const double d : test::wanderingFlight(random, out_m, 0.1)) {
      log += fmt::format("{:.1f},{:.1f},50,{:.1f}\n", t, d, test::wanderingLevel_dbm(d) + random.normal());
      t += 0.1;
    }
  }
  test::spill(dir / "three.csv", log);
  CHECK_THAT(run({"import", file, dir / "three.csv", "--setup", "A"}).out, Contains("3 flights") && Contains("--split"));
  CHECK_THAT(run({"import", file, dir / "three.csv", "--setup", "B", "--split"}).err, Contains("already"));
  const std::string fresh = dir / "c2.distanz";
  REQUIRE(run({"convert", dir / "m", fresh}).code == 0);
  const Ran r = run({"import", fresh, dir / "three.csv", "--setup", "A", "--split"});
  INFO(r.err);
  REQUIRE(r.code == 0);
  const json answer = json::parse(run({"analyse", fresh, "--json"}).out);
  REQUIRE(answer["runs"].size() == 3);
  for (const auto& one : answer["runs"]) CHECK(one["used"] == true);
  CHECK(answer["runs"][0]["farthest_m"].get<double>() == Approx(900).margin(5));
  CHECK(answer["runs"][1]["farthest_m"].get<double>() == Approx(1500).margin(5));
  REQUIRE(run({"convert", fresh, dir / "out"}).code == 0);
  REQUIRE(run({"convert", dir / "out", dir / "again.distanz"}).code == 0);
  CHECK(json::parse(run({"analyse", dir / "again.distanz", "--json"}).out)["runs"] == answer["runs"]);
}

TEST_CASE("import --antenna: two receivers in one log are two runs of one flight, and compare within it") {
  const TempDir dir;
  const std::string file = campaignFile(dir);
  dice::Random random(8);
  for (int flight = 1; flight <= 3; ++flight) {
    const auto d = test::wanderingFlight(random, 1500, 0.2);
    std::string log = "time,distance [m],1RSS [dBm],2RSS [dBm],LQ [%]\n";
    for (std::size_t i = 0; i < d.size(); ++i) {
      const double level = test::wanderingLevel_dbm(d[i]);
      log += fmt::format("{:.1f},{:.1f},{:.1f},{:.1f},100\n", double(i) / 5, std::abs(d[i]), level + random.normal(), level + 4 + random.normal());
    }
    const std::string name = dir / fmt::format("log{}.csv", flight);
    test::spill(name, log);
    for (const int antenna : {1, 2}) {
      const Ran r = run({"import", file, name, "--setup", antenna == 1 ? "A" : "B", "--antenna", fmt::to_string(antenna)});  // one log: one flight, named or not
      INFO(r.err);
      REQUIRE(r.code == 0);
    }
    CHECK_THAT(run({"import", file, name, "--setup", "B", "--antenna", "2"}).err, Contains("as run B" + fmt::to_string(flight)));
    CHECK_THAT(run({"import", file, name, "--setup", "B", "--antenna", "5"}).err, Contains("1, 2"));
  }
  const json told = json::parse(run({"analyse", file, "--json"}).out);
  const auto& pairs = told["comparisons"];
  REQUIRE(pairs.size() >= 1);
  INFO(pairs[0].dump());
  CHECK(pairs[0]["delta_db"]["estimate"].get<double>() == Approx(-4).margin(0.4));
  CHECK(pairs[0]["verdict"] == "b-better");
}

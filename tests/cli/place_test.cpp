// place, import --method and --mark: runs without positions; analyse --details: what logs tell beside the range.
#include <fmt/format.h>

#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>

#include "cli/ran.h"
#include "core/campaign/typed_marks.h"
#include "core/dice/random.h"
#include "formats/files.h"
#include "support/flown_log.h"
#include "support/temp_dir.h"

using namespace distanz;
using Catch::Matchers::Contains;
using nlohmann::json;
using test::Ran;
using test::run;
using test::TempDir;

namespace {

std::string courseFile(const TempDir& dir) {
  std::filesystem::create_directory(dir / "m");
  test::spill(dir / "m" / "campaign.json",
              R"({"distanz_interchange": 1, "title": "Between sheds", "station": {"lat_deg": 46.91, "lon_deg": 20.96},
                  "paths": [{"id": "path", "points": [{"lat_deg": 46.91, "lon_deg": 20.96, "height_m": 2}, {"lat_deg": 46.919, "lon_deg": 20.96, "height_m": 2}],
                             "segments": [{"name": "sheds", "from_m": 250, "to_m": 500}], "posts": [{"name": "gate", "along_m": 610}]}],
                  "links": [{"id": "control", "sensitivity_dbm": -105, "rule": {"lq_min_pct": 70}}],
                  "setups": [{"id": "A"}, {"id": "B"}], "runs": []})");
  REQUIRE(run({"convert", dir / "m", dir / "c.distanz"}).code == 0);
  return dir / "c.distanz";
}

}  // namespace

TEST_CASE("place: times and places as people type them, and what they are not") {
  using namespace campaign;
  CHECK(parseMarkTime("3:27").value == 207);
  CHECK(parseMarkTime(" 207 s").value == 207);
  CHECK(parseMarkTime("1:03:27,5").value == 3807.5);
  for (const char* no : {"", ":", "3:", "3:75", "1:2:3:4", "-3", "abc", "3:2x", "1e9:1"}) CHECK(parseMarkTime(no).problem);
  CHECK(markTimeText(207) == "3:27");
  CHECK(markTimeText(3807.5) == "1:03:27.5");
  CHECK(markTimeText(59.96) == "1:00");
  Campaign c = test::twoOnPath();
  c.paths[0].posts = {{"gate", 610}};
  Run run;
  CHECK(parseMarkPlace("4", c, run).value == 1000);
  CHECK(parseMarkPlace("gate", c, run).value == 610);
  CHECK(parseMarkPlace("1.2 km", c, run).value == 1200);
  for (const char* no : {"", "over there", "-4", "5 dB", "1e30 km"}) CHECK(parseMarkPlace(no, c, run).problem);
  CHECK(nextPost_m(c, run, NAN) == 0);
  CHECK(nextPost_m(c, run, 250) == 500);
  CHECK(nextPost_m(c, run, 500) == 610);  // the gate stands before the next one
}

TEST_CASE("import --mark: a course without positions is placed by its posts, and told by its stretches") {
  const TempDir dir;
  const std::string file = courseFile(dir);
  std::string log = "time,RSSI [dBm],LQ\n";
  for (int t = 0; t <= 90; ++t) log += fmt::format("{},{},{}\n", t, -60 - (t > 30 && t < 60 ? 12 : 0) - t % 3, t > 40 && t < 46 ? 20 : 100);
  test::spill(dir / "a.csv", log);
  CHECK_THAT(run({"import", file, dir / "a.csv", "--setup", "A"}).err, Contains("a.csv"));  // nothing says where it was
  CHECK(run({"import", file, dir / "a.csv", "--setup", "A", "--method", "dance"}).code == 1);
  CHECK(run({"import", file, dir / "a.csv", "--setup", "A", "--method", "course", "--mark", "30"}).code == 1);
  CHECK(run({"import", file, dir / "a.csv", "--setup", "A", "--method", "course", "--mark", "30=nowhere"}).code == 1);
  const Ran in = run({"import", file, dir / "a.csv", "--setup", "A", "--method", "course"});
  INFO(in.err);
  REQUIRE(in.code == 0);
  CHECK_THAT(in.out, Contains("the log has no position"));
  const Ran marked = run({"place", file, "A1", "--mark", "0:00=0", "--mark", "0:30=1", "--mark", "1:00=2", "--mark", "1:30=gate"});
  REQUIRE(marked.code == 0);
  CHECK_THAT(marked.out, Contains("1:30") && Contains("610 m"));
  const json a = json::parse(run({"analyse", file, "--json", "--details"}).out);
  CHECK(a["runs"][0]["used"] == false);
  CHECK_THAT(a["runs"][0]["why_not"].get<std::string>(), Contains("course"));
  const json& s = a["beyond_range"]["segments"].at(0);
  CHECK(s["segment"] == "sheds");
  CHECK(s["signal_dbm"]["estimate"].get<double>() == Approx(-73).margin(1));
  CHECK(s["usable_pct"]["estimate"].get<double>() == Approx(80).margin(8));
  CHECK(a["beyond_range"]["farthest"][0]["along_path_m"].get<double>() == Approx(610).margin(1));
  CHECK(a["setups"].empty());
  CHECK(run({"place", file, "A1", "--clear"}).code == 0);
  CHECK(json::parse(run({"analyse", file, "--json", "--details"}).out)["beyond_range"]["segments"].empty());
  CHECK_THAT(run({"place", file, "Z9"}).err, Contains("A1"));
  CHECK(run({"place", file, "A1", "--mark", "x=1"}).code == 1);
}

TEST_CASE("inspect and import say alike why a log cannot be placed", "[regression]") {
  const TempDir dir;
  const std::string file = courseFile(dir);
  REQUIRE(run({"new", dir / "n.distanz", "--compare", "control"}).code == 0);
  const auto spill = [&](const std::string& name, const std::string& columns, const std::string& values) {
    std::string text = "time_s," + columns + ",RSSI [dBm],LQ\n";
    for (int t = 0; t < 120; ++t) text += fmt::format("{},{},{},{}\n", t, fmt::format(fmt::runtime(values), 13 * t), -60 - t % 9, 100 - t % 7);
    test::spill(dir / name, text);
  };
  spill("zero.csv", "lat,lon", "0,0");
  spill("travelled.csv", "distance travelled [m]", "{}");
  spill("nothing.csv", "altitude", "5");
  const std::pair<const char*, const char*> cases[] = {
      {"zero.csv", "never had a fix"}, {"travelled.csv", "distance travelled"}, {"nothing.csv", "no position"}};
  for (const auto& [log, words] : cases) {
    CAPTURE(log);
    CHECK_THAT(run({"inspect", dir / log}).out, Contains(words));
    CHECK_THAT(run({"import", file, dir / log, "--setup", "A"}).err, Contains(words));
    CHECK_THAT(run({"import", dir / "n.distanz", dir / log, "--setup", "A"}).err, Contains(words));
  }
}

TEST_CASE("marks: what lies before the first and after the last is told; given marks are not asked for again", "[regression]") {
  const TempDir dir;
  const std::string file = courseFile(dir);
  std::string log = "time,RSSI [dBm],LQ\n";
  for (int t = 0; t <= 90; ++t) log += fmt::format("{},{},{}\n", t, -60 - t % 3, 100 - t % 5);
  test::spill(dir / "a.csv", log);
  const Ran in = run({"import", file, dir / "a.csv", "--setup", "A", "--method", "course", "--mark", "0:30=0", "--mark", "1:00=gate"});
  INFO(in.err);
  REQUIRE(in.code == 0);
  CHECK_THAT(in.out, !Contains("has no position"));
  const std::string told = run({"analyse", file}).out;
  CHECK_THAT(told, Contains("30 s before the first mark and 30 s after the last"));
  CHECK_THAT(told, Contains("sections") && !Contains("first pair"));
}

TEST_CASE("align --map: a column that only one log has is matched there", "[regression]") {
  const TempDir dir;
  dice::Random random(3);
  std::string a = "time_s,distance_m,Pegel X\n", b = "time_s,RSSI [dBm]\n";
  double level = 0;
  for (int t = 0; t < 600; ++t) {
    level = 0.9 * level + random.normal();
    a += fmt::format("{},{},{:.2f}\n", 0.5 * t, 5 * t, -60 + 4 * level);
    b += fmt::format("{},{:.2f}\n", 0.5 * t, -60 + 4 * level);
  }
  test::spill(dir / "a.csv", a), test::spill(dir / "b.csv", b);
  const Ran fit = run({"align", dir / "a.csv", dir / "b.csv", "--map", "control.rssi_dbm=Pegel X", "--json"});
  INFO(fit.err);
  REQUIRE(fit.code == 0);
  CHECK(json::parse(fit.out)["aligned"] == true);
  CHECK(run({"align", dir / "a.csv", dir / "b.csv", "--map", "control.rssi_dbm=nowhere"}).code == 1);
}

TEST_CASE("place --like: a run is laid on another over the same course, kept only where it follows and that is asked") {
  const TempDir dir;
  const std::string file = courseFile(dir);
  dice::Random random(9);
  std::vector<double> ground;
  for (double a = 0; ground.size() < 1000;) ground.push_back(-60 - 0.01 * double(ground.size()) + (a = 0.97 * a + random.normal()));
  std::string placed = "time,distance [m],RSSI [dBm]\n", lost = "time,RSSI [dBm]\n", other = "time,RSSI [dBm]\n";
  for (int t = 0; t < 180; ++t) placed += fmt::format("{},{},{:.1f}\n", t, 5 * t, ground[std::size_t(5 * t)]);
  for (int t = 0; t < 220; ++t) {
    lost += fmt::format("{},{:.1f}\n", t, ground[std::size_t(4 * t)] + 5 + 0.5 * random.normal());
    other += fmt::format("{},{:.1f}\n", t, -70 + 3 * random.normal());
  }
  test::spill(dir / "a.csv", placed), test::spill(dir / "b.csv", lost), test::spill(dir / "o.csv", other);
  REQUIRE(run({"import", file, dir / "a.csv", "--setup", "A"}).code == 0);
  REQUIRE(run({"import", file, dir / "b.csv", dir / "o.csv", "--setup", "B", "--method", "course"}).code == 0);
  CHECK_THAT(run({"place", file, "B2", "--like", "A1", "--take"}).out, Contains("cannot be taken") && !Contains("along the path"));
  const Ran shown = run({"place", file, "B1", "--like", "A1"});
  CHECK_THAT(shown.out, Contains("Follows run A1") && !Contains("  along the path"));
  CHECK(run({"place", file, "B1", "--take"}).code == 2);  // what?
  CHECK_THAT(run({"place", file, "B1"}).out, !Contains("along the path"));  // nothing was kept
  CHECK_THAT(run({"place", file, "B1", "--like", "A1", "--take"}).out, Contains("along the path"));
  const json a = json::parse(run({"analyse", file, "--json", "--details"}).out);
  CHECK(a["beyond_range"]["segments"].size() == 2);  // both have been between the sheds
}

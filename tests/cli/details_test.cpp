// analyse --details and live: what goes beyond the fixed answer.
#include <catch2/catch.hpp>
#include <cmath>
#include <fmt/format.h>
#include <nlohmann/json.hpp>

#include "cli/ran.h"
#include "formats/files.h"
#include "support/temp_dir.h"

using namespace distanz;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;
using nlohmann::json;
using test::Ran;
using test::run;
using test::TempDir;

namespace {

/// Two setups, B stronger, flown together in one flight and apart; a walk at reduced power; A shaded on the
/// way back.
json scenario() {
  return json::parse(R"({
    "campaign": {"distanz_interchange": 1, "title": "Details", "station": {"lat_deg": 46.91, "lon_deg": 20.96},
      "path": [{"lat_deg": 46.91, "lon_deg": 20.96, "height_m": 60}, {"lat_deg": 46.93, "lon_deg": 20.99, "height_m": 60}],
      "links": [{"id": "control", "sensitivity_dbm": -104, "rule": {"margin_db": 0}, "modes": [{"mode": 50, "sensitivity_dbm": -104}]}],
      "setups": [{"id": "A", "name": "Print patch", "links": {"control": {"power_dbm": 20}}}, {"id": "B", "name": "Stub pair"}], "runs": []},
    "physics": {"control": {"exponent": 2.7, "leg_sd_db": 0.3}},
    "level_dbm": {"A": {"control": -90}, "B": {"control": -86}},
    "back_db": {"A": {"control": -4}},
    "flights": [
      {"setup": "A", "farthest_m": 3000, "flight": "f1"}, {"setup": "B", "farthest_m": 3000, "flight": "f1"},
      {"setup": "A", "farthest_m": 3100, "flight": "f2"}, {"setup": "B", "farthest_m": 3100, "flight": "f2"},
      {"setup": "A", "farthest_m": 3000, "power": {"control": [{"from_m": 0, "power_mw": 100}, {"from_m": 1000, "power_mw": 200}]}},
      {"setup": "A", "farthest_m": 700, "speed_mps": 2, "reduced_db": {"control": 20}, "start_m": 30}
    ]})");
}

/// Folder with the flights of the scenario.
std::string flown(const TempDir& dir, const json& s = scenario()) {
  test::spill(dir / "scenario.json", s.dump());
  const Ran r = run({"simulate", dir / "scenario.json", "--out", dir / "m", "--seed", "5"});
  INFO(r.err);
  REQUIRE(r.code == 0);
  return dir / "m";
}

/// The first rows of a log, as if the flight were still going on.
std::string soFar(const TempDir& dir, const std::string& log, std::size_t rows) {
  const std::string all = test::slurp(log);
  std::size_t end = 0;
  for (std::size_t i = 0; i <= rows && end != std::string::npos; ++i) end = all.find('\n', end + 1);
  test::spill(dir / "part.csv", all.substr(0, end + 1));
  return dir / "part.csv";
}

}  // namespace

TEST_CASE("analyse --details: what limits, legs, reduced power and paired flights, and only on demand") {
  const TempDir dir;
  const std::string folder = flown(dir);
  const Ran r = run({"analyse", folder, "--json", "--details"});
  REQUIRE(r.code == 0);
  const json j = json::parse(r.out);
  CHECK_FALSE(json::parse(run({"analyse", folder, "--json"}).out).contains("answers"));
  REQUIRE(j["answers"].size() == 2);
  CHECK(j["answers"][0]["limiting_link"] == "control");
  CHECK(j["answers"][0]["limited_by"] == "margin");
  CHECK(j["answers"][0]["next_link"].is_null());
  CHECK(j["answers"][0]["typical_range_m"] == j["setups"][0]["typical_range_m"]);
  REQUIRE(j["paired"].size() == 1);
  CHECK(j["paired"][0]["flights"] == 2);
  CHECK(j["legs"][0]["back_over_out_db"]["high"] < 0);
  CHECK_THAT(j["legs"][0]["back_over_out_db"]["estimate"].get<double>(), WithinAbs(-4, 1));
  REQUIRE(j["reduced_power"].size() == 1);
  CHECK(j["reduced_power"][0]["reduction_db"] == 20);
  CHECK(j["reduced_power"][0]["full_power_range_m"]["estimate"] >
        4 * j["reduced_power"][0]["reduced_range_m"]["estimate"].get<double>());
  CHECK(std::any_of(j["warnings"].begin(), j["warnings"].end(),
                    [](const json& w) { return w["code"] == "power-changed"; }));
}

TEST_CASE("analyse: a campaign file and its interchange folder give the same details, to the last digit") {
  const TempDir dir;
  const std::string folder = flown(dir);
  REQUIRE(run({"convert", folder, dir / "m.distanz"}).code == 0);
  const std::string from_folder = run({"analyse", folder, "--json", "--details"}).out;
  CHECK(from_folder == run({"analyse", dir / "m.distanz", "--json", "--details"}).out);
  CHECK(from_folder == run({"analyse", folder, "--json", "--details", "--threads", "1"}).out);
  REQUIRE(run({"convert", dir / "m.distanz", dir / "again"}).code == 0);
  CHECK(from_folder == run({"analyse", dir / "again", "--json", "--details"}).out);
}

TEST_CASE("import: a fault without a line is told without one, a fault with one names it") {
  const TempDir dir;
  const std::string folder = flown(dir);
  REQUIRE(run({"convert", folder, dir / "m.distanz"}).code == 0);
  const std::string north = "46.9", wrong = "46.8";  // the same flight, ten kilometres aside
  std::string log = test::slurp(folder + "/A1.csv");
  for (std::size_t at = log.find(north); at != std::string::npos; at = log.find(north, at + 1))
    log.replace(at, north.size(), wrong);
  test::spill(dir / "aside.csv", log + "x,y,z\n");
  const Ran r = run({"import", dir / "m.distanz", dir / "aside.csv", "--setup", "A"});
  CHECK(r.code == 0);
  CHECK_THAT(r.out, Contains("off the path") && !Contains("line 0") && Contains("  line "));
}

TEST_CASE("live: margin and distance left from a flight that is still going on, outbound and home") {
  const TempDir dir;
  const std::string folder = flown(dir);
  const Ran out = run({"live", folder, soFar(dir, folder + "/B1.csv", 900), "--setup", "B", "--json"});
  INFO(out.err);
  REQUIRE(out.code == 0);
  const json link = json::parse(out.out)["links"][0];
  CHECK_THAT(link["distance_m"].get<double>(), WithinAbs(20 + 13 * 90, 40));
  CHECK_THAT(link["margin_db"].get<double>(), WithinAbs(-86 - 27 * std::log10(1.19) + 104, 8));
  CHECK(link["dependable_left_m"] <= link["typical_left_m"]);
  CHECK(link["dependable_left_m"] > 0);
  CHECK_FALSE(link["first_flight"].get<bool>());
  CHECK_THAT(json::parse(out.out)["heading_off_deg"].get<double>(), WithinAbs(0, 30));
  const Ran home = run({"live", folder, soFar(dir, folder + "/B1.csv", 3200), "--setup", "B", "--json"});
  CHECK(json::parse(home.out)["links"][0]["typical_left_m"].is_null());
  CHECK_THAT(json::parse(home.out)["heading_off_deg"].get<double>(), WithinAbs(180, 30));
  const Ran aside = run({"live", folder, dir / "part.csv", "--setup", "B", "--heading-off", "0", "--json"});
  CHECK(json::parse(aside.out)["links"][0]["typical_left_m"].is_number());
  CHECK_THAT(run({"live", folder, dir / "part.csv", "--setup", "B"}).out,
             Contains("margin at"));
}

TEST_CASE("live: a setup's first flight is told from itself; what cannot be advised is refused in one line") {
  const TempDir dir;
  json s = scenario();
  s["flights"] = json::array({s["flights"][0]});
  const std::string folder = flown(dir, s);
  const Ran first = run({"live", folder, soFar(dir, folder + "/A1.csv", 900), "--setup", "B"});
  CHECK_THAT(first.out, Contains("No earlier flight of this setup"));
  for (const auto& [arguments, because] : std::vector<std::pair<std::vector<std::string>, std::string>>{
           {{"live", folder, dir / "part.csv", "--setup", "Z"}, "no such setup"},
           {{"live", folder, soFar(dir, folder + "/A1.csv", 30), "--setup", "B"}, "beyond 80 m"},
           {{"live", folder, dir / "gone.csv", "--setup", "A"}, "gone.csv"}}) {
    const Ran r = run(arguments);
    CHECK(r.code == 1);
    CHECK_THAT(r.err, Contains(because));
    CHECK(std::count(r.err.begin(), r.err.end(), '\n') == 1);
  }
  CHECK(run({"live", folder, dir / "part.csv", "--setup", "A", "--heading-off", "270"}).code == 2);
}

TEST_CASE("align: another recorder of one flight is found, a log of nothing in common is not") {
  const TempDir dir;
  std::string first = "time_s,speed_mps,rssi_dbm\n", other = "time_s,speed_mps\n", none = "time_s,speed_mps\n";
  unsigned state = 1;
  const auto noise = [&] {
    state = state * 1664525 + 1013904223;
    return double(state >> 8) / (1 << 24) - 0.5;
  };
  double speed = 12, elsewhere = 12;
  for (int i = 0; i < 3000; ++i) {
    speed += 0.3 * noise() - 0.02 * (speed - 12);
    elsewhere += 0.3 * noise() - 0.02 * (elsewhere - 12);
    first += fmt::to_string(i * 0.1) + "," + fmt::to_string(speed) + "," + fmt::to_string(-60 - i % 30) + "\n";
    if (i >= 400 && i % 2 == 0) other += fmt::to_string((i - 400) * 0.1) + "," + fmt::to_string(speed + 0.02 * noise()) + "\n";
    if (i % 2 == 0) none += fmt::to_string(i * 0.1) + "," + fmt::to_string(elsewhere) + "\n";
  }
  test::spill(dir / "a.csv", first);
  test::spill(dir / "b.csv", other);
  test::spill(dir / "c.csv", none);
  const auto fits = run({"align", dir / "a.csv", dir / "b.csv", "--json"});
  CHECK(fits.code == 0);
  const auto j = json::parse(fits.out);
  CHECK(j["aligned"] == true);
  CHECK(j["channel"] == "speed_mps");
  CHECK(j["offset_s"].get<double>() == Approx(40).margin(0.1));
  CHECK(j["offset_sd_m"].get<double>() > 0);
  CHECK_THAT(run({"align", dir / "a.csv", dir / "b.csv"}).out, Contains("begins 40.0"));
  const auto apart = run({"align", dir / "a.csv", dir / "c.csv", "--json"});
  CHECK(json::parse(apart.out)["aligned"] == false);
  CHECK(json::parse(apart.out)["offset_s"].is_null());
  CHECK_THAT(run({"align", dir / "a.csv", dir / "c.csv"}).out, Contains("cannot be matched"));
  CHECK(run({"align", dir / "a.csv", dir / "gone.csv"}).code == 1);
}

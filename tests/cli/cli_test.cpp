#include <fmt/format.h>

#include <catch2/catch.hpp>
#include <cmath>
#include <nlohmann/json.hpp>

#include "cli/ran.h"
#include "formats/files.h"
#include "store/campaign_file.h"
#include "support/temp_dir.h"
#include "words/style.h"

using namespace distanz;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;
using Catch::Matchers::WithinRel;
using nlohmann::json;
using test::Ran;
using test::run;
using test::TempDir;

namespace {

json asJson(const Ran& r) {
  CAPTURE(r.err);
  REQUIRE(r.code == 0);
  REQUIRE(r.err.empty());
  return json::parse(r.out);
}

/// The reference campaign as an interchange folder.
void writeGolden(const std::filesystem::path& folder, const std::string& name, const json& link) {
  std::filesystem::create_directories(folder);
  json campaign = {{"distanz_interchange", 1},
                   {"title", name},
                   {"links", {link}},
                   {"setups", {{{"id", "A"}}, {{"id", "B"}}}},
                   {"runs", json::array()}};
  for (const auto& entry : std::filesystem::directory_iterator(DISTANZ_TEST_DATA "/golden/" + name)) {
    if (entry.path().extension() != ".csv") continue;
    std::filesystem::copy_file(entry.path(), folder / entry.path().filename());
    const std::string stem = entry.path().stem().string();
    campaign["runs"].push_back(
        {{"id", stem}, {"setup", stem.substr(0, 1)}, {"log", entry.path().filename().string()}});
  }
  test::spill(folder / "campaign.json", campaign.dump());
}

std::vector<std::string> keysOf(const nlohmann::ordered_json& object) {
  std::vector<std::string> keys;
  for (const auto& [key, value] : object.items()) keys.push_back(key);
  return keys;
}

const char* const kScenario = DISTANZ_TEST_DATA "/../../demo/scenario.json";

}  // namespace

TEST_CASE("analyse: a reference campaign from a folder and from a file gives the independent answers") {
  const TempDir dir;
  writeGolden(dir / "g1", "g1", {{"id", "control"}, {"sensitivity_dbm", -100}, {"rule", {{"margin_db", 0}}}});
  REQUIRE(run({"convert", dir / "g1", dir / "g1.distanz"}).code == 0);
  const json want = json::parse(test::slurp(DISTANZ_TEST_DATA "/golden/g1.ystar-100.json"));
  const std::string source = GENERATE("g1", "g1.distanz");
  const json got = asJson(run({"analyse", dir / source, "--json"}));
  REQUIRE(got["setups"].size() == 2);
  for (const json& s : got["setups"]) {
    const json& w = want["setups"][s["setup"].get<std::string>()];
    const json &typical = s["elsewhere_typical_range_m"], &dependable = s["elsewhere_dependable_range_m"];
    CHECK_THAT(typical["estimate"].get<double>(), WithinRel(w["R50"]["est"].get<double>(), 1e-4));
    CHECK_THAT(dependable["low"].get<double>(), WithinRel(w["R95"]["lo"].get<double>(), 1e-4));
    CHECK_THAT(dependable["high"].get<double>(), WithinRel(w["R95"]["hi"].get<double>(), 1e-4));
    CHECK(s["basis"] == "signal");
    CHECK(s["critical_dbm"] == -100);
  }
  const json& pair = got["comparisons"][0];
  CHECK_THAT(pair["delta_db"]["estimate"].get<double>(),
             WithinAbs(want["pairs"][0]["delta"].get<double>(), 1e-3));
  CHECK(pair["verdict"] == "undecided");
  CHECK(pair["more_pairs_needed"] == want["pairs"][0]["more_pairs"]);
}

TEST_CASE("analyse: the critical level from link quality, and its basis") {
  const TempDir dir;
  writeGolden(dir / "g2", "g2", {{"id", "control"}, {"rule", {{"lq_min_pct", 70}}}});
  const json got = asJson(run({"analyse", dir / "g2", "--json"}));
  // An independent implementation that holds quality against single seconds finds -102.71 dBm in these
  // flights.
  CHECK_THAT(got["setups"][0]["critical_dbm"].get<double>(), WithinAbs(-102.71, 0.2));
  CHECK(got["setups"][0]["basis"] == "quality");
  CHECK(got["warnings"][0]["code"] == "flights-differ");
}

TEST_CASE("analyse: exactly the documented keys, in their order") {
  const TempDir dir;
  writeGolden(dir / "g4", "g4", {{"id", "control"}, {"sensitivity_dbm", -100}, {"rule", {{"margin_db", 0}}}});
  const Ran r = run({"analyse", dir / "g4", "--json"});
  const auto j = nlohmann::ordered_json::parse(r.out);
  CHECK(keysOf(j) == std::vector<std::string>{"distanz", "title", "setups", "comparisons",
                                              "setup_comparisons", "holes", "interference", "runs",
                                              "warnings", "findings"});
  CHECK(j["distanz"] == "0.1");
  CHECK(keysOf(j["setups"][0]) ==
        std::vector<std::string>{"setup", "link", "typical_range_m", "dependable_range_m",
                                 "elsewhere_typical_range_m", "elsewhere_dependable_range_m", "confidence",
                                 "dependability", "exponent", "critical_dbm", "critical_interval_dbm", "critical_reading", "on_own_scale",
                                 "farthest_flown_m", "equipment_stops_at_m", "runs_used", "basis"});
  CHECK(keysOf(j["setups"][0]["typical_range_m"]) ==
        std::vector<std::string>{"estimate", "low", "high", "at_least", "status"});
  CHECK(keysOf(j["setups"][0]["exponent"]) == std::vector<std::string>{"estimate", "low", "high"});
  CHECK(keysOf(j["comparisons"][0]) == std::vector<std::string>{"a", "b", "link", "delta_db", "range_ratio",
                                                                "elsewhere_range_ratio", "verdict", "p_value",
                                                                "holds_for_all", "practical_threshold",
                                                                "more_pairs_needed", "equipment_stops_both_at_m"});
  CHECK(keysOf(j["runs"][0]) == std::vector<std::string>{"run", "used", "why_not", "farthest_m", "dropouts",
                                                         "lost_at_m", "regained_at_m", "why_not_finding"});
  CHECK(keysOf(j["warnings"][0]) == std::vector<std::string>{"code", "run", "text", "severity", "stage",
                                                             "remedy", "subject", "quantities"});
  CHECK(keysOf(j["findings"][0]) == std::vector<std::string>{"code", "severity", "stage", "remedy", "subject",
                                                             "quantities", "more", "why", "title", "text"});
  const auto& told = j["findings"][0];
  // Neither was flown to its end, so their ranges have no ratio; their levels differ all the same.
  const std::string text = told["text"];
  CHECK(text.find("times as long") == std::string::npos);
  CHECK(text.find("Signal +") != std::string::npos);
  CAPTURE(told.dump());
  CHECK(std::any_of(told["more"].begin(), told["more"].end(), [](const auto& part) {
    return part.contains("quantities") && part["quantities"].contains("delta") &&
           part["quantities"]["delta"]["low"].is_number();
  }));
  CHECK(told["more"].back().contains("code"));
  CHECK(j["setups"][0]["elsewhere_typical_range_m"]["status"] == "at-least");
  CHECK(j["setups"][0]["elsewhere_dependable_range_m"]["status"] == "extrapolated");
  CHECK(j["setups"][0]["dependable_range_m"]["status"] == "measured");
  CHECK(j["runs"][0]["lost_at_m"].is_null());
}

TEST_CASE("analyse: in words for people, without --json") {
  const TempDir dir;
  REQUIRE(run({"simulate", kScenario, "--out", dir / "m", "--seed", "7"}).code == 0);
  const Ran r = run({"analyse", dir / "m"});
  CHECK(r.code == 0);
  CHECK_THAT(r.out, Contains("as far as") && Contains("reliable range") && Contains("Plan with"));
}

TEST_CASE("simulate: same seed, same logs; another seed, others") {
  const TempDir dir;
  for (const char* seed : {"1", "2"})
    REQUIRE(run({"simulate", kScenario, "--out", dir / seed, "--seed", seed}).code == 0);
  REQUIRE(run({"simulate", kScenario, "--out", dir / "again", "--seed", "1"}).code == 0);
  CHECK(test::slurp(dir / "1" / "A1.csv") == test::slurp(dir / "again" / "A1.csv"));
  CHECK(test::slurp(dir / "1" / "A1.csv") != test::slurp(dir / "2" / "A1.csv"));
  CHECK(run({"simulate", kScenario, "--out", dir / "1"}).code == 1);
}

TEST_CASE(
    "import: logs become runs in order; a copy, an unknown setup and a bad log leave the campaign as it "
    "was") {
  const TempDir dir;
  REQUIRE(run({"simulate", kScenario, "--out", dir / "m"}).code == 0);
  REQUIRE(run({"convert", dir / "m", dir / "m.distanz"}).code == 0);
  const auto runs = [&] {
    return store::CampaignFile::open(dir / "m.distanz", store::Access::ReadOnly).campaign().runs;
  };
  const std::size_t before = runs().size();
  test::spill(dir / "new.csv", "time_s;RSSI [dBm];Distance m\n0;-60;20\n10;-65;150\n20;-61;20\n");
  const Ran ok = run({"import", dir / "m.distanz", dir / "new.csv", "--setup", "B", "--ended", "turned-back",
                      "--flight", "f9"});
  CAPTURE(ok.err);
  REQUIRE(ok.code == 0);
  REQUIRE(runs().size() == before + 1);
  CHECK(runs().back().id == "B7");
  CHECK(runs().back().flight == "f9");
  CHECK(runs().back().order == static_cast<int>(before) + 1);
  test::spill(dir / "bad.csv", "time_s,rssi_dbm,distance_m\n0,-60,5\n9,-61,50\n3,-62,70\n");
  const std::vector<std::pair<std::vector<std::string>, std::string>> refusals{
      {{"import", dir / "m.distanz", dir / "new.csv", "--setup", "B"}, "in the campaign already, as run B7"},
      {{"import", dir / "m.distanz", dir / "new.csv", "--setup", "Z"}, "no such setup"},
      {{"import", dir / "m.distanz", dir / "bad.csv", "--setup", "B"}, "line 4: time runs backwards"},
      {{"import", dir / "m.distanz", dir / "gone.csv", "--setup", "B"}, "still there"},
      {{"import", dir / "m.distanz", dir / "bad.csv", "--setup", "B", "--ended", "bored"},
       "the reasons are: link-lost"},
      {{"import", dir / "m.distanz", dir / "bad.csv", "--setup", "B", "--map", "rssi"}, "CHANNEL=COLUMN"},
      {{"import", dir / "none.distanz", dir / "new.csv", "--setup", "B"}, "none.distanz"}};
  for (const auto& [arguments, because] : refusals) {
    const Ran r = run(arguments);
    CHECK(r.code == 1);
    CHECK_THAT(r.err, Contains(because));
    CHECK(std::count(r.err.begin(), r.err.end(), '\n') == 1);
    CHECK(runs().size() == before + 1);
  }
  test::spill(dir / "walk.csv", "time_s,RSSI [dBm],Distance m\n0,-60,20\n10,-65,150\n21,-61,20\n");
  REQUIRE(run({"import", dir / "m.distanz", dir / "walk.csv", "--setup", "B", "--reduced", "control 1/30"}).code == 0);
  CHECK_THAT(runs().back().reduced_db.at("control"), Catch::Matchers::WithinAbs(14.771, 0.001));
  CHECK(run({"import", dir / "m.distanz", dir / "walk.csv", "--setup", "B", "--reduced", "lots"}).code == 1);
}

TEST_CASE("import: a corrected match is kept with the run") {
  const TempDir dir;
  REQUIRE(run({"simulate", kScenario, "--out", dir / "m"}).code == 0);
  REQUIRE(run({"convert", dir / "m", dir / "m.distanz"}).code == 0);
  test::spill(dir / "odd.csv", "time_s,a,b\n0,-60,20\n10,-65,150\n20,-61,20\n");
  CHECK(run({"import", dir / "m.distanz", dir / "odd.csv", "--setup", "A"}).code == 1);
  const Ran r = run({"import", dir / "m.distanz", dir / "odd.csv", "--setup", "A", "--map",
                     "control.rssi_dbm=a", "--map", "distance_m=3"});
  CAPTURE(r.err);
  REQUIRE(r.code == 0);
  CHECK(store::CampaignFile::open(dir / "m.distanz", store::Access::ReadOnly)
            .campaign()
            .runs.back()
            .source()
            .columns.at("control.rssi_dbm") == "a");
}

TEST_CASE("inspect: the documented object, and faults with their lines") {
  const TempDir dir;
  test::spill(dir / "x.csv", "time_s,RSSI [dBm],Alt(ft)\n0,-60,100\n1,oops,200\n2,-65,300\n");
  const auto j = nlohmann::ordered_json::parse(run({"inspect", dir / "x.csv", "--json"}).out);
  CHECK(keysOf(j) == std::vector<std::string>{"format", "rows", "span_s", "channels", "faults", "facts", "flights", "guesses"});
  CHECK(j["rows"] == 3);
  CHECK(j["span_s"] == 2);
  CHECK(keysOf(j["channels"][1]) ==
        std::vector<std::string>{"channel", "column", "unit", "samples", "min", "max"});
  CHECK(j["channels"][1]["channel"] == "control.rssi_dbm");
  CHECK(j["channels"][1]["samples"] == 2);
  CHECK_THAT(j["channels"][2]["max"].get<double>(), WithinAbs(91.44, 1e-9));
  CHECK(j["faults"][0]["line"] == 3);
  CHECK_THAT(run({"inspect", dir / "x.csv"}).out, Contains("RSSI [dBm]"));
  CHECK(run({"inspect", dir / "none.csv"}).code == 1);
}

TEST_CASE("convert: what of a campaign tells more than the radio is told, and stays behind where asked") {
  const TempDir dir;
  REQUIRE(run({"simulate", kScenario, "--out", dir / "m"}).code == 0);
  REQUIRE(run({"convert", dir / "m", dir / "c.distanz"}).code == 0);
  CHECK_THAT(run({"convert", dir / "c.distanz", dir / "all.distanz"}).out, Contains("The copy holds: places"));
  CHECK_THAT(run({"convert", dir / "c.distanz", dir / "lean.distanz", "--without", "places,photos,words"}).out, !Contains("goes along"));
  const auto of = [&](const char* name) { return store::CampaignFile::open(dir / name, store::Access::ReadOnly).campaign(); };
  CHECK(of("all.distanz").station == of("c.distanz").station);
  CHECK_FALSE(of("lean.distanz").station.lat_deg == of("c.distanz").station.lat_deg);
  const auto ranges = [&](const char* name) { return nlohmann::json::parse(run({"analyse", dir / name, "--json"}).out)["setups"][0]["typical_range_m"]["estimate"]; };
  CHECK_THAT(ranges("lean.distanz").get<double>(), WithinAbs(ranges("all.distanz").get<double>(), 1));  // it is the same campaign
  CHECK(run({"convert", dir / "c.distanz", dir / "all.distanz"}).code == 1);  // it is there already
  CHECK(run({"convert", dir / "c.distanz", dir / "x.distanz", "--without", "everything"}).code == 2);
}

TEST_CASE("inspect: tells what an import would be refused for", "[regression]") {
  const TempDir dir;
  test::spill(dir / "zero.csv", "time_s,lat,lon,rssi_dbm\n0,0,0,-50\n1,0,0,-60\n2,0,0,-70\n");
  CHECK_THAT(run({"inspect", dir / "zero.csv"}).out, Contains("never had a fix"));
  std::string hasty = "time [us],distance_km,rssi_dbm\n";
  for (int i = 0; i < 300; ++i) hasty += fmt::format("{},{},{}\n", i, i / 100.0, -50 - i / 10);
  test::spill(dir / "hasty.csv", hasty);
  const auto j = nlohmann::json::parse(run({"inspect", dir / "hasty.csv", "--json"}).out);
  REQUIRE(j["faults"].size() == 1);
  CHECK(j["faults"][0]["code"] == "flown-too-fast");
}

TEST_CASE("convert: logs to CSV, GPX, KML and GeoJSON; unknown endings and existing files are refused") {
  const TempDir dir;
  REQUIRE(run({"simulate", kScenario, "--out", dir / "m"}).code == 0);
  for (const char* ending : {"csv", "gpx", "kml", "geojson"}) {
    const auto target = dir / (std::string("a.") + ending);
    CHECK(run({"convert", dir / "m" / "A1.csv", target}).code == 0);
    CHECK(std::filesystem::file_size(target) > 1000);
    CHECK(run({"convert", dir / "m" / "A1.csv", target}).code == 1);
  }
  CHECK_THAT(run({"convert", dir / "m" / "A1.csv", dir / "b.gpx"}).out, Contains("no date"));
  std::string dated = "time,lat,lon,rssi\n";
  for (int i = 0; i < 200; ++i) dated += fmt::format("2026-11-24 14:{:02}:{:02},{},20.96,{}\n", i / 60, i % 60, 46.91 + i * 1e-4, -50 - i / 8);
  distanz::test::spill(dir / "dated.csv", dated);
  for (const char* ending : {"csv", "gpx", "kml", "geojson"}) {
    const auto target = dir / (std::string("c.") + ending);
    CHECK_THAT(run({"convert", dir / "dated.csv", target}).out, !Contains("no date"));
    const auto j = nlohmann::json::parse(run({"inspect", target, "--json"}).out);
    CHECK(j["rows"] == 200);
    CHECK(j["channels"].size() == 4);
  }
  CHECK_THAT(run({"convert", dir / "m" / "A1.csv", dir / "a.xyz"}).err, Contains("not a format"));
  distanz::test::spill(dir / "odd.csv", "time,distance,strange\n1,10,-50\n2,20,-51\n,oops,-52\n3,30,-53\n");
  const auto mapped = run({"convert", dir / "odd.csv", dir / "odd_out.csv", "--map", "control.rssi_dbm=strange"});
  CHECK_THAT(mapped.out, Contains("line 4"));  // what was left out is told as inspect tells it
  CHECK_THAT(distanz::test::slurp(dir / "odd_out.csv"), Contains("control.rssi_dbm") && Contains("-53"));
  CHECK_THAT(run({"convert", dir / "odd.csv", dir / "odd_2.csv", "--map", "control.rssi_dbm=nowhere"}).err, Contains("odd.csv") && Contains("nowhere"));
  CHECK_FALSE(std::filesystem::exists(dir / "odd_2.csv"));
  CHECK_THAT(run({"convert", dir / "m", dir / "m.zip"}).err, Contains("ending in .distanz"));
}

TEST_CASE("link: how far to keep away by the guideline's table, with duty and reflection") {
  const auto at = [](std::vector<std::string> more) {
    std::vector<std::string> all{"link", "--frequency", "868MHz", "--distance", "1km", "--power", "30dBm", "--tx-gain", "9dBi", "--json"};
    all.insert(all.end(), more.begin(), more.end());
    return asJson(run(all));
  };
  CHECK_THAT(at({})["keep_away_m"].get<double>(), WithinAbs(0.3816, 1e-4));
  CHECK(at({})["keep_away_by"] == "level");
  CHECK_THAT(at({})["reference_level_w_m2"].get<double>(), WithinAbs(4.34, 1e-9));
  CHECK_THAT(at({"--reflection", "2.56"})["keep_away_m"].get<double>(), WithinAbs(1.6 * 0.3816, 2e-4));
  CHECK(at({"--duty", "10%"})["keep_away_by"] == "least-told");
  CHECK(at({"--tx-size", "1m"})["keep_away_by"] == "far-field");
  CHECK(run({"link", "--frequency", "868MHz", "--distance", "1km", "--power", "30dBm", "--duty", "0"}).code == 1);
  CHECK(asJson(run({"link", "--frequency", "20MHz", "--distance", "1km", "--power", "30dBm", "--json"}))["keep_away_m"].is_null());
  CHECK_THAT(run({"link", "--frequency", "20MHz", "--distance", "1km", "--power", "30"}).out, Contains("unknown below 30 MHz"));
  CHECK(asJson(run({"link", "--frequency", "20MHz", "--distance", "100m", "--power", "30", "--tx-size", "50m", "--json"}))["far_field_from_m"].get<double>() > 300);
  CHECK_THAT(run({"link", "--frequency", "868", "--distance", "1km", "--power", "30"}).out, Contains("4.34 W/m²") && Contains("no authority"));
}

TEST_CASE("link: no received level in the near field, no horizon without heights, a sensitivity from the noise") {
  const auto near = asJson(run({"link", "--frequency", "868MHz", "--distance", "0.1m", "--power", "0dBm", "--tx-gain", "9dBi", "--rx-gain", "9dBi", "--sensitivity", "-100", "--json"}));
  CHECK(near["received_dbm"].is_null());
  CHECK_FALSE(near.contains("margin_db"));
  CHECK(near["far_field_from_m"].get<double>() > 0.5);
  const auto far = asJson(run({"link", "--frequency", "2440MHz", "--distance", "1km", "--power", "20dBm", "--bandwidth", "20MHz", "--snr", "10dB", "--json"}));
  CHECK_FALSE(far.contains("horizon_km"));
  CHECK_THAT(far["sensitivity_dbm"].get<double>(), WithinAbs(-84.965, 2e-3));
  CHECK_THAT(far["margin_db"].get<double>(), WithinAbs(far["received_dbm"].get<double>() + 84.965, 2e-3));
  CHECK_THAT(run({"link", "--frequency", "2440", "--distance", "1km", "--power", "20", "--snr", "10"}).err, Contains("--bandwidth"));
}

TEST_CASE("link: the documented object with figures from the textbook formulas") {
  const auto j = nlohmann::ordered_json::parse(
      run({"link",      "--frequency", "5.8GHz",    "--distance",  "1km",       "--power", "25mW",
           "--tx-gain", "2dBi",        "--rx-gain", "8dBi",        "--tx-loss", "0.5dB",   "--rx-loss",
           "0.5dB",     "--tx-height", "60m",       "--rx-height", "2m",        "--json"})
          .out);
  CHECK(keysOf(j) == std::vector<std::string>{"eirp_dbm", "free_space_db", "path_loss_db", "received_dbm",
                                              "fresnel_radius_m", "horizon_km", "keep_away_m", "keep_away_by", "keep_away_at_work_m", "reference_level_w_m2", "terms"});
  const double eirp = 10 * std::log10(25.0) + 2 - 0.5, loss = 32.45 + 20 * std::log10(5800.0);
  CHECK_THAT(j["eirp_dbm"].get<double>(), WithinAbs(eirp, 1e-9));
  CHECK_THAT(j["free_space_db"].get<double>(), WithinAbs(loss, 0.01));
  CHECK_THAT(j["received_dbm"].get<double>(), WithinAbs(eirp - loss + 8 - 0.5, 0.01));
  CHECK_THAT(j["fresnel_radius_m"].get<double>(), WithinAbs(17.32 * std::sqrt(0.25 / 5.8), 0.01));
  CHECK_THAT(j["horizon_km"].get<double>(), WithinAbs(4.12 * (std::sqrt(60.0) + std::sqrt(2.0)), 0.03));
  const json n3 = asJson(run(
      {"link", "--frequency", "5800", "--distance", "1000", "--power", "14", "--exponent", "3", "--json"}));
  CHECK_THAT(n3["path_loss_db"].get<double>() - n3["free_space_db"].get<double>(), WithinAbs(30, 1e-9));
  CHECK_THAT(run({"link", "--frequency", "5.8GHx", "--distance", "1km", "--power", "25mW"}).err,
             Contains("not a unit"));
  CHECK_THAT(run({"link", "--frequency", "5.8GHz", "--distance", "1km", "--power", "25mW"}).out,
             Contains("received"));
}

TEST_CASE("units and power: one option each for every command's texts; machines get what they always got") {
  const TempDir dir;
  writeGolden(dir / "g4", "g4", {{"id", "control"}, {"sensitivity_dbm", -100}, {"rule", {{"margin_db", 0}}}});
  const words::Style before = words::style();
  const Ran miles = run({"analyse", dir / "g4", "--units", "imperial"});
  CHECK(miles.code == 0);
  CHECK_THAT(miles.out, Contains(" mi") && !Contains(" km"));
  const Ran machine = run({"--units", "imperial", "analyse", dir / "g4", "--json"});
  words::setStyle(before);
  CHECK(nlohmann::json::parse(machine.out)["setups"] ==
        nlohmann::json::parse(run({"analyse", dir / "g4", "--json"}).out)["setups"]);
  CHECK(run({"analyse", dir / "g4", "--units", "furlongs"}).code == 2);
  CHECK(run({"analyse", dir / "g4", "--language", "xx"}).code == 2);
}

TEST_CASE("exit codes: usage is 2, refused input is 1 with one line, help is 0") {
  CHECK(run({}).code == 2);
  CHECK(run({"analyze"}).code == 2);
  CHECK(run({"analyse"}).code == 2);
  CHECK(run({"--help"}).code == 0);
  CHECK_THAT(run({"--version"}).out, Contains("distanz-cli 0.1"));
  const TempDir dir;
  for (const auto& arguments : std::vector<std::vector<std::string>>{{"analyse", dir / "none.distanz"},
                                                                     {"analyse", dir.path(), "--json"}}) {
    const Ran r = run(arguments);
    CHECK(r.code == 1);
    CHECK(r.out.empty());
    CHECK(std::count(r.err.begin(), r.err.end(), '\n') == 1);
  }
}

TEST_CASE("new: a campaign is made for what is compared, and never in place of another") {
  const TempDir dir;
  const std::string file = (dir / "field.distanz").string();
  CHECK(run({"new", file, "--compare", "video"}).code == 0);
  const auto c = store::CampaignFile::open(file, store::Access::ReadOnly).campaign();
  CHECK(c.title == "field");
  REQUIRE(c.links.size() == 1);
  CHECK(c.links[0].kind == campaign::LinkKind::Video);
  CHECK(c.setups.size() == 2);
  const Ran again = run({"new", file});
  CHECK(again.code == 1);
  CHECK_THAT(again.err, Contains("field.distanz"));
  CHECK(run({"new", (dir / "field.txt").string()}).code == 1);
  CHECK(run({"new", (dir / "x.distanz").string(), "--compare", "all"}).code == 2);
  CHECK(run({"new", (dir / "both.distanz").string(), "--title", "Canal"}).code == 0);
  CHECK(store::CampaignFile::open(dir / "both.distanz", store::Access::ReadOnly).campaign().links.size() == 2);
}

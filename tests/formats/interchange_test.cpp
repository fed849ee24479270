#include "formats/interchange.h"

#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>

#include "core/campaign/kit.h"
#include "core/campaign/limits.h"
#include "formats/files.h"
#include "formats/scenario_json.h"
#include "support/temp_dir.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::formats;
using Catch::Matchers::Contains;
using nlohmann::json;
using test::TempDir;

namespace {

const char* const kMinimal = R"({
  "distanz_interchange": 1, "title": "Patch or helix",
  "station": {"lat_deg": 46.91, "lon_deg": 20.96, "ground_m": 84.0, "antenna_height_m": 2.0},
  "path": [{"lat_deg": 46.91, "lon_deg": 20.96, "height_m": 60}, {"lat_deg": 46.93, "lon_deg": 20.99, "height_m": 60}],
  "links": [{"id": "control", "kind": "control", "frequency_mhz": 2440, "sensitivity_dbm": -108, "rule": {"lq_min_pct": 70, "margin_db": 0}}],
  "setups": [{"id": "A", "name": "Print patch"}, {"id": "B", "name": "Six-turn helix"}],
  "runs": [{"id": "A1", "setup": "A", "log": "A1.csv", "order": 1, "flight": "f1", "ended": "turned-back"}]
})";

json minimal() {
  return json::parse(kMinimal);
}

}  // namespace

TEST_CASE("campaign.json: the minimal form is read, every field in its place") {
  const CampaignRead r = formats::readCampaign(kMinimal, "campaign.json");
  CHECK(r.problems.empty());
  const campaign::Campaign& c = r.campaign;
  CHECK(c.title == "Patch or helix");
  CHECK(c.station.antenna_height_m == 2);
  CHECK(campaign::firstPath(c).size() == 2);
  CHECK(c.links[0].sensitivity_dbm == -108.0);
  CHECK(c.links[0].rule.lq_min_pct == 70.0);
  CHECK_FALSE(c.links[0].rule.bitrate_min_mbps);
  CHECK(c.runs[0].ended == campaign::Ended::TurnedBack);
  CHECK(c.runs[0].flight == "f1");
}

TEST_CASE("campaign.json: writing and reading again is the same campaign") {
  campaign::Campaign c = formats::readCampaign(kMinimal, "x").campaign;
  for (const auto& [slot, value] : {std::pair(&campaign::kTransmitPower, 20.0),
                                    {&campaign::kTransmitGain, 6},
                                    {&campaign::kReceiveLoss, 0}})
    campaign::setValueAt(c, "A", "control", *slot, value);
  c.setups[0].differs = "flat, on the mast";
  c.runs[0].turn_begin_s = 100.5;
  c.runs[0].turn_end_s = 110;
  c.runs[0].editSource().columns = {{"control.rssi_dbm", "RSSI [dBm]"}, {"height_m", ""}};
  c.runs[0].void_reason = "wind";
  c.runs[0].legs = campaign::Legs::Out;
  c.runs[0].reduced_db = {{"control", 20.5}};
  c.links[0].modes = {{50, -112}, {150, -107}};
  c.setups[0].links["control"].automatic_power = true;
  c.runs[0].notes = "\u00fcber \"quoted\"";
  CHECK(campaignFromJson(json::parse(campaignJson(c).dump()), "x").campaign == c);
}

TEST_CASE("campaign.json: unknown keys are kept and warned about") {
  json j = minimal();
  j["future"] = {{"a", 1}};
  j["setups"][0]["colour"] = "teal";
  const CampaignRead r = campaignFromJson(j, "campaign.json");
  REQUIRE(r.problems.size() == 2);
  CHECK_THAT(test::told(r.problems[0]) + test::told(r.problems[1]), Contains("future") && Contains("colour"));
  const json again = campaignJson(r.campaign);
  CHECK(again["future"]["a"] == 1);
  CHECK(again["setups"][0]["colour"] == "teal");
}

TEST_CASE("campaign.json: unknown keys are kept at every level", "[regression]") {
  json j = minimal();
  j["links"][0]["modes"] = {{{"mode", 50}, {"sensitivity_dbm", -112}}};
  j["setups"][0]["links"] = {{"control", {{"power_dbm", 20}}}};
  const std::vector<std::string> levels{"",
                                        "/station",
                                        "/path/0",
                                        "/links/0",
                                        "/links/0/rule",
                                        "/links/0/modes/0",
                                        "/setups/0",
                                        "/setups/0/links/control",
                                        "/runs/0"};
  for (const std::string& level : levels) j[json::json_pointer(level + "/future")] = {{"level", level}};
  const CampaignRead r = campaignFromJson(j, "campaign.json");
  CHECK(r.problems.size() == levels.size());
  const json again = campaignJson(r.campaign);
  for (const std::string& level : levels) CHECK(again[json::json_pointer(level + "/future/level")] == level);
  CHECK(campaignFromJson(again, "x").campaign == r.campaign);
}

TEST_CASE("campaign.json: faults are refused with their place") {
  struct Fault {
    const char* pointer;
    json value;
    const char* because;
  };
  const std::vector<Fault> faults{{"/distanz_interchange", 2, "form 2"},
                                  {"/title", 7, "\"title\" must be a text"},
                                  {"/station/lat_deg", "north", "station: \"lat_deg\" must be a number"},
                                  {"/station/lat_deg", 95, "lat_deg"},
                                  {"/links", 3, "\"links\" must be a list"},
                                  {"/links/0/kind", "smoke", "\"control\", \"video\""},
                                  {"/links/0/rule/lq_min_pct", 170, "it must be"},
                                  {"/setups/1/id", "A", "occurs twice"},
                                  {"/setups/1", 5, "setups[1]: must be a JSON object"},
                                  {"/runs/0/ended", "bored", "must be one of"},
                                  {"/runs/0/setup", "Z", "which is not in this campaign"},
                                  {"/runs/0/order", -1, "whole number"}};
  for (const Fault& f : faults) {
    json j = minimal();
    j[json::json_pointer(f.pointer)] = f.value;
    CAPTURE(f.pointer);
    CHECK_REFUSED(campaignFromJson(j, "campaign.json"),
                  Catch::StartsWith("campaign.json") && Contains(f.because));
  }
  CHECK_REFUSED(formats::readCampaign("{\n\"title\": \n oops", "campaign.json"),
                Catch::StartsWith("campaign.json:3"));
  CHECK_REFUSED(formats::readCampaign(std::string(5000, '['), "campaign.json"),
                Contains("nested too deeply"));
  CHECK_REFUSED(formats::readCampaign("[]", "campaign.json"), Contains("must be a JSON object"));
}

TEST_CASE("campaign.json: modes, reduced power and legs that make no sense are refused with their place") {
  const auto refused = [](const std::function<void(json&)>& change) -> std::string {
    json c = minimal();
    change(c);
    try {
      formats::readCampaign(c.dump(), "campaign.json");
    } catch (const InputError& e) {
      return test::told(e);
    }
    return "read";
  };
  CHECK_THAT(refused([](json& c) { c["runs"][0]["legs"] = "sideways"; }),
             Contains("runs[0]") && Contains("\"out\""));
  CHECK_THAT(refused([](json& c) { c["runs"][0]["reduced_db"] = 20; }), Contains("reduced_db"));
  CHECK_THAT(refused([](json& c) {
               c["runs"][0]["reduced_db"] = {{"control", -3}};
             }),
             Contains("it must be"));
  CHECK_THAT(refused([](json& c) {
               c["links"][0]["modes"] = {{{"mode", 50}}};
             }),
             Contains("modes[0]") && Contains("sensitivity_dbm"));
  CHECK_THAT(refused([](json& c) {
               c["links"][0]["modes"] = {{{"mode", 5}, {"sensitivity_dbm", -90}},
                                         {{"mode", 5}, {"sensitivity_dbm", -91}}};
             }),
             Contains("twice"));
  CHECK_THAT(refused([](json& c) {
               c["links"][0]["modes"] = {{{"mode", 5}, {"sensitivity_dbm", 90}}};
             }),
             Contains("dBm"));
  CHECK(refused([](json& c) { c["links"][0]["modes"] = json::array(); }) == "read");
}

TEST_CASE("interchange folder: written whole, read back the same, logs byte for byte") {
  const TempDir dir;
  const campaign::Campaign c = formats::readCampaign(kMinimal, "x").campaign;
  const std::string log("time_s,rssi_dbm\r\n0,-60\r\n\x01\x02", 27);
  writeInterchange(dir / "out", c, [&](const campaign::Run&, const campaign::Source&) { return log; });
  const InterchangeFolder again = openInterchange(dir / "out");
  CHECK(again.campaign == c);
  CHECK(readRunLog(again, again.campaign.runs[0], again.campaign.runs[0].source()) == log);
  CHECK(isInterchange(dir / "out"));
  CHECK_REFUSED(
      writeInterchange(dir / "out", c, [&](const campaign::Run&, const campaign::Source&) { return log; }),
      Contains("not an empty folder"));
}

TEST_CASE("interchange folder: log names that clash, hide or escape are made safe") {
  const TempDir dir;
  campaign::Campaign c = formats::readCampaign(kMinimal, "x").campaign;
  c.runs.push_back(c.runs[0]);
  c.runs.push_back(c.runs[0]);
  c.runs[1].id = "A2";
  c.runs[2].id = "A3";
  c.runs[1].editSource().file = "../../A1.csv";
  c.runs[2].editSource().file = "campaign.json";
  writeInterchange(dir / "out", c, [](const campaign::Run& run, const campaign::Source&) { return run.id; });
  const InterchangeFolder again = openInterchange(dir / "out");
  for (const campaign::Run& run : again.campaign.runs) CHECK(readRunLog(again, run, run.source()) == run.id);
}

TEST_CASE("interchange folder: a log outside the folder is refused, also behind a link") {
  const TempDir dir;
  test::spill(dir / "secret.txt", "secret");
  const auto name =
      GENERATE(as<std::string>{}, "../secret.txt", "/etc/hostname", "sub/../../secret.txt", "link.csv");
  CAPTURE(name);
  std::filesystem::create_directory(dir / "in");
  std::filesystem::create_symlink(dir / "secret.txt", dir / "in" / "link.csv");
  json j = minimal();
  j["runs"][0]["log"] = name;
  test::spill(dir / "in" / "campaign.json", j.dump());
  CHECK_REFUSED(openInterchange(dir / "in"), Contains("not inside the folder"));
}

TEST_CASE("interchange folder: a failed export leaves nothing behind") {
  const TempDir dir;
  const campaign::Campaign c = formats::readCampaign(kMinimal, "x").campaign;
  CHECK_THROWS(
      writeInterchange(dir / "out", c, [](const campaign::Run&, const campaign::Source&) -> std::string {
        throw InputError(finding("no-log"));
      }));
  CHECK_FALSE(std::filesystem::exists(dir / "out"));
}

TEST_CASE("files: what cannot be read or written is told with the name and what to do") {
  const TempDir dir;
  CHECK_REFUSED(readFile(dir / "none.csv"), Contains("none.csv") && Contains("check that it is still there"));
  CHECK_REFUSED(readFile(dir.path()), Contains("not a file"));
  CHECK_REFUSED(writeFile(dir / "no" / "such" / "x", "y"), Contains("cannot be written"));
  writeFile(dir / "a", "one");
  writeFile(dir / "a", "two");
  CHECK(readFile(dir / "a") == "two");
  CHECK_FALSE(std::filesystem::exists(dir / "a.part"));
}

TEST_CASE("SHA-256: the published vectors") {
  CHECK(sha256("") == "e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855");
  CHECK(sha256("abc") == "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad");
}

TEST_CASE("scenario: the demo's is read; faults are refused with their place") {
  const std::string text = test::slurp(DISTANZ_TEST_DATA "/../../demo/scenario.json");
  const simulate::Scenario s = readScenario(text, "scenario.json");
  CHECK(s.campaign.setups.size() == 3);
  CHECK(s.physics.at("video").full_bitrate_mbps == 40);
  json broken = json::parse(text);
  broken["level_dbm"]["A"].erase("video");
  CHECK_REFUSED(readScenario(broken.dump(), "scenario.json"), Contains("level_dbm.A: \"video\" is missing"));
  broken = json::parse(text);
  broken["flights"][0].erase("farthest_m");
  CHECK_REFUSED(readScenario(broken.dump(), "scenario.json"), Contains("flights[0]"));
}

TEST_CASE("campaign.json: short and whole forms are the same campaign; both at once are refused") {
  json shorter = minimal();
  shorter["post_spacing_m"] = 200;
  shorter["setups"][0]["links"] = {{"control", {{"power_dbm", 20}, {"tx_gain_dbi", 0}}}};
  json whole = shorter;
  whole["paths"] = {{{"id", "path"}, {"points", whole["path"]}, {"post_spacing_m", 200}}};
  whole.erase("path");
  whole.erase("post_spacing_m");
  whole["runs"][0].erase("log");
  whole["runs"][0]["sources"] = {{{"file", "A1.csv"}}};
  whole["parts"] = {{{"id", "A control transmitter"},
                     {"kind", "transmitter"},
                     {"values", {{"power_dbm", {{"value", 20}}}}}}};
  whole["setups"][0]["links"] = {{"control", {{"transmitter", "A control transmitter"}}}};
  const campaign::Campaign c = campaignFromJson(whole, "x").campaign;
  CHECK(campaignFromJson(shorter, "x").campaign == c);
  const json written = campaignJson(c);
  CHECK(written["path"].size() == 2);
  CHECK(written["runs"][0]["log"] == "A1.csv");
  CHECK_FALSE(written.contains("paths"));
  CHECK(campaignFromJson(written, "x").campaign == c);
  json both = whole;
  both["path"] = shorter["path"];
  CHECK_REFUSED(campaignFromJson(both, "x"), Contains("beside \"paths\""));
  both = whole;
  both["runs"][0]["log"] = "B1.csv";
  CHECK_REFUSED(campaignFromJson(both, "x"), Contains("runs[0]") && Contains("beside \"sources\""));
  both = whole;
  both["setups"][0]["links"]["control"]["power_dbm"] = 10;
  CHECK_REFUSED(campaignFromJson(both, "x"), Contains("links.control") && Contains("keep one"));
  both = shorter;
  both["path"] = "straight";
  CHECK_REFUSED(campaignFromJson(both, "x"), Contains("must be a list"));
}

TEST_CASE(
    "campaign.json: parts made of typed numbers are called the same whatever else is there; long or taken "
    "names give way") {
  json j = minimal();
  for (json& setup : j["setups"]) setup["links"] = {{"control", {{"power_dbm", 20}, {"rx_gain_dbi", 8}}}};
  const auto partsOfB = [](const json& value) {
    return campaignFromJson(value, "x").campaign.setups.back().links.at("control");
  };
  json without = j;
  without["setups"].erase(0);
  without["runs"] = json::array();
  CHECK(partsOfB(j) == partsOfB(without));
  json taken = j;
  taken["parts"] = {{{"id", "B control transmitter"},
                     {"kind", "transmitter"},
                     {"values", {{"power_dbm", {{"value", 3}}}}}}};
  const campaign::Campaign c = campaignFromJson(taken, "x").campaign;
  CHECK(campaign::valueAt(c, c.setups[1].links.at("control"), campaign::kTransmitPower) == 20.0);
  json longer = j;
  longer["setups"][1]["id"] = std::string(campaign::limits::kLongestId, 'x');
  CHECK(campaignFromJson(longer, "x").campaign.parts.size() == 4);
}

// Files nobody meant well with: whatever comes in, the answer is a value or one clear refusal, never a crash,
// a hang or a made-up number.
#include <algorithm>
#include <catch2/catch.hpp>
#include <cmath>
#include <fmt/format.h>
#include <functional>
#include <nlohmann/json.hpp>

#include "core/dice/random.h"
#include "formats/campaign_json.h"
#include "formats/csv_layout.h"
#include "formats/log_import.h"
#include "formats/log_writer.h"
#include "formats/scenario_json.h"
#include "support/one_link.h"
#include "support/scenarios.h"
#include "support/temp_dir.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::formats;

namespace {

/// The text with a few bytes changed, cut out, doubled or put in.
std::string mutated(std::string text, dice::Random& random) {
  const int edits = 1 + static_cast<int>(random.uniform() * 6);
  for (int i = 0; i < edits && !text.empty(); ++i) {
    const auto at = static_cast<std::size_t>(random.uniform() * static_cast<double>(text.size()));
    const auto length = static_cast<std::size_t>(random.uniform() * 40);
    const double kind = random.uniform();
    if (kind < 0.4)
      text[at] = static_cast<char>(random.uniform() * 256);
    else if (kind < 0.6)
      text.erase(at, length);
    else if (kind < 0.8)
      text.insert(at, text.substr(at, length));
    else
      text.insert(at,
                  std::string(1 + length, ",;\n\"-.9e{}["[static_cast<std::size_t>(random.uniform() * 11)]));
  }
  return text;
}

/// True where the work gave a value, false where it refused with a sentence; anything else fails the test.
bool survives(const std::function<void()>& work) {
  try {
    work();
    return true;
  } catch (const Error& e) {
    CHECK(test::told(e).size() > 5);
    return false;
  }
}

}  // namespace

TEST_CASE("hostile logs: a thousand broken copies are read or refused", "[fuzz]") {
  const auto flown = simulate::simulate(test::twoSetups(1), 3);
  log::Recording shortened = flown.recordings[0];
  shortened.time_s.resize(300);
  for (auto& c : shortened.columns) c.values.resize(300);
  const std::string good = writeLogCsv(shortened);
  dice::Random random(99);
  int read = 0;
  for (int i = 0; i < 1000; ++i) {
    const std::string bad = mutated(good, random);
    read += survives([&] {
      const ImportedLog log = importLog(bad, "bad.csv", flown.campaign);
      const auto& r = *log.recording;
      REQUIRE(std::is_sorted(r.time_s.begin(), r.time_s.end()));
      for (const auto& c : r.columns) REQUIRE(c.values.size() == r.time_s.size());
      REQUIRE(std::isfinite(log.track.farthest_m));
    });
  }
  CHECK(read > 100);
  CHECK(read < 1000);
}

TEST_CASE("hostile campaigns: broken copies of campaign.json and scenario.json are read or refused",
          "[fuzz]") {
  const std::string scenario = test::slurp(DISTANZ_TEST_DATA "/../../demo/scenario.json");
  const std::string campaign = nlohmann::json::parse(scenario)["campaign"].dump(1);
  dice::Random random(7);
  int read = 0;
  for (int i = 0; i < 600; ++i) {
    read += survives([&] { formats::readCampaign(mutated(campaign, random), "campaign.json"); });
    survives([&] { readScenario(mutated(scenario, random), "scenario.json"); });
  }
  CHECK(read > 20);
}

TEST_CASE("hostile numbers: infinities, giants and denormals in a log never become a distance or a time",
          "[fuzz]") {
  const auto value = GENERATE(as<std::string>{}, "1e308", "-1e308", "1e-320", "inf", "-nan",
                              "99999999999999999999", "0x10", "1e999", "-0");
  const std::string bytes =
      "time_s,distance_m,rssi_dbm\n0,5,-60\n1," + value + ",-61\n2,30," + value + "\n3,40,-62\n";
  campaign::Campaign c;
  c.links.resize(1);
  c.links[0].id = "control";
  survives([&] {
    const ImportedLog log = importLog(bytes, "x.csv", c);
    CHECK(log.track.farthest_m <= 40);
    for (const double t : log.recording->time_s) CHECK(std::isfinite(t));
  });
}

TEST_CASE("hostile columns: thousands of them, all of one name, or none at all", "[fuzz]") {
  campaign::Campaign c;
  c.links.resize(1);
  c.links[0].id = "control";
  std::string header = "time_s,distance_m", row = "0,5", other = "1,90";
  for (int i = 0; i < 3000; ++i) {
    header += ",rssi_dbm";
    row += ",-60";
    other += ",-" + fmt::to_string(61 + i % 3);
  }
  const ImportedLog log = importLog(header + "\n" + row + "\n" + other + "\n", "wide.csv", c);
  CHECK(log.recording->columns.size() == 2);
  CHECK_FALSE(survives([&] { importLog(",,,,\n,,,,\n", "empty.csv", c); }));
  CHECK_FALSE(survives(
      [&] { importLog("time_s,rssi_dbm,distance_m\n\"\"\"\"\"\"\n\"unclosed,1,2\n", "quotes.csv", c); }));
}

namespace {}  // namespace

TEST_CASE("hostile JSON: nesting is counted outside texts only, and a deep text never reaches the stack",
          "[regression]") {
  const std::string brackets(200, ']');
  CHECK_NOTHROW(formats::readCampaign(
      R"({"distanz_interchange":1,"title":")" + std::string(100, '[') + R"("})", "c.json"));
  for (const std::string& fooled :
       {R"({"title":")" + brackets + R"(","x":)" + std::string(450000, '['), std::string(450000, '['),
        R"({"x":"\")" + brackets + R"(","y":)" + std::string(100000, '{')})
    CHECK_REFUSED(formats::readCampaign(fooled, "c.json"), Catch::Contains("nested too deeply"));
}

TEST_CASE("hostile JSON: giants, odd letters and wrong kinds are refused in our own words", "[regression]") {
  for (const char* text : {R"({"distanz_interchange":1e999})", R"({"distanz_interchange":1,"title":"\xff"})",
                           "{\"distanz_interchange\":1,\"title\":\"\xff\"}",
                           R"({"distanz_interchange":1,"links":[{"id":"c","modes":{"a":1}}]})",
                           R"({"distanz_interchange":1,"setups":[{"id":"A","links":{"c":7}}]})",
                           R"({"distanz_interchange":1,"runs":[{"id":"A","setup":"A","columns":{"a":[]}}]})",
                           R"({"distanz_interchange":1,"station":[]})"})
    try {
      formats::readCampaign(text, "c.json");
      FAIL(text);
    } catch (const InputError& e) {
      CHECK_THAT(test::told(e), Catch::StartsWith("c.json") && !Catch::Contains("exception"));
    }
  const std::string long_notes = R"({"distanz_interchange":1,"title":")" + std::string(200000, 'x') + "\"}";
  CHECK_REFUSED(formats::readCampaign(long_notes, "c.json"), Catch::Contains("longer than"));
}

TEST_CASE("hostile logs: lines of quotes take time in proportion, not its square", "[regression]") {
  std::string quotes;
  for (int i = 0; i < 30; ++i)
    quotes += std::string(1'000'000, '"') + "\n";  // squared, each took minutes: the test would be stopped
  CHECK_FALSE(survives([&] {
    layoutOf("time_s,rssi_dbm\n" + quotes.substr(0, 20'000'000));
    layoutOf(quotes);
  }));
}

TEST_CASE("hostile logs: line ends alone ask for no memory, lines of next to nothing are refused",
          "[regression]") {
  const std::string head = "time_s,distance_m,rssi_dbm\n0,5,-60\n1,30,-62\n";
  const ImportedLog log =
      importLog(head + std::string(20'000'000, '\n') + "2,60,-64\n", "x.csv", test::oneLink());
  CHECK(log.recording->rows() == 3);
  CHECK(importLog(
            head +
                [] {
                  std::string ends;
                  for (int i = 0; i < 2'000'000; ++i) ends += "\r\n";
                  return ends;
                }() +
                "2,60,-64\r\n",
            "x.csv", test::oneLink())
            .recording->rows() == 3);
  std::string blanks;
  for (int i = 0; i < 20'000'000; ++i) blanks += " \n";
  CHECK_REFUSED(importLog(head + blanks, "x.csv", test::oneLink()),
                Catch::Contains("too short for the columns"));
}

TEST_CASE(
    "hostile scenarios: flights without end, giants of packets and sds beyond reason are refused before they "
    "are flown",
    "[regression]") {
  auto scenario = nlohmann::json::parse(test::slurp(DISTANZ_TEST_DATA "/../../demo/scenario.json"));
  const std::string link = scenario["physics"].begin().key();
  for (const auto& [pointer, value] : std::vector<std::pair<std::string, nlohmann::json>>{
           {"/sample_s", 0.001},
           {"/flights/0/speed_mps", 1e-9},
           {"/flights/0/farthest_m", 1e12},
           {"/physics/" + link + "/packets_per_sample", 2e9},
           {"/physics/" + link + "/packets_per_sample", 1e300},
           {"/physics/" + link + "/place_correlation_m", 1e-300},
           {"/physics/" + link + "/fading_sd_db", 1e300},
           {"/physics/" + link + "/rician_k_db", 5000}}) {
    auto bad = scenario;
    bad[nlohmann::json::json_pointer(pointer)] = value;
    if (pointer == "/sample_s")
      for (auto& flight : bad["flights"]) flight["farthest_m"] = 99000;
    CAPTURE(pointer);
    CHECK_THROWS_AS(readScenario(bad.dump(), "scenario.json"), InputError);
  }
}

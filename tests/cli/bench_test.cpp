#include <catch2/catch.hpp>
#include <cmath>
#include <complex>
#include <nlohmann/json.hpp>

#include "cli/ran.h"
#include "formats/files.h"
#include "support/temp_dir.h"

using namespace distanz;
using Catch::Matchers::Contains;
using Catch::Matchers::WithinAbs;
using nlohmann::json;
using test::run;
using test::TempDir;

TEST_CASE("bench sweep: JSON of the fixed shape, and words") {
  const TempDir dir;
  const auto file = dir.path() / "a.s1p";
  formats::writeFile(file, "# MHz S MA R 50\n5700 0.5 0\n5800 0.2 0\n5900 0.3333333333 0\n");
  const json out = json::parse(
      run({"bench", "sweep", file.string(), "--at", "5.8GHz", "--at", "5850", "--vswr", "1.9", "--json"})
          .out);
  CHECK(out["points"] == 3);
  CHECK(out["reference_ohm"] == 50);
  CHECK_THAT(out["minimum"]["vswr"].get<double>(), WithinAbs(1.5, 1e-9));
  CHECK_THAT(out["at"][0]["return_loss_db"].get<double>(), WithinAbs(13.9794, 1e-4));
  CHECK_THAT(out["at"][0]["mismatch_loss_db"].get<double>(), WithinAbs(0.1773, 1e-4));
  CHECK(out["at"][1]["frequency_mhz"] == 5850);
  CHECK(out["bands"].size() == 1);
  CHECK(out["figures"].size() > 3);
  CHECK_THAT(run({"bench", "sweep", file.string(), "--at", "5.8GHz"}).out,
             Contains("Fits 5.8 GHz: VSWR 1.50"));
  const auto total = dir.path() / "open.s1p";
  formats::writeFile(total, "# MHz S MA R 50\n5800 1 0\n");
  CHECK(json::parse(run({"bench", "sweep", total.string(), "--at", "5800", "--json"}).out)["at"][0]["vswr"]
            .is_null());
}

TEST_CASE("bench sweep: another reference rules all that is told, and every channel that was asked for is") {
  const TempDir dir;
  const auto file = dir.path() / "a.s1p";
  formats::writeFile(file, "# MHz S RI R 50\n5700 0.1 0.05\n5800 0.2 0.1\n5900 0.3 0.1\n");
  const json out = json::parse(run({"bench", "sweep", file.string(), "--at", "5.8GHz", "--at", "5850", "--set", "reference_ohm=75", "--json"}).out);
  CHECK(out["reference_ohm"] == 75);
  std::vector<double> told;
  for (const json& f : out["figures"])
    if (f["figure"] == "vswr") told.push_back(f["value"]);
  REQUIRE(told.size() == 2);
  for (std::size_t i = 0; i < 2; ++i) CHECK_THAT(out["at"][i]["vswr"].get<double>(), WithinAbs(told[i], 1e-9));
  // 50 (1 + g) / (1 - g) over 75, at 5800.
  const std::complex<double> g(0.2, 0.1), z = 50.0 * (1.0 + g) / (1.0 - g), other = (z - 75.0) / (z + 75.0);
  CHECK_THAT(told[0], WithinAbs((1 + std::abs(other)) / (1 - std::abs(other)), 1e-9));
  const std::string words = run({"bench", "sweep", file.string(), "--at", "5.8GHz", "--at", "5850"}).out;
  CHECK_THAT(words, Contains("5.8 GHz") && Contains("5.85 GHz"));
}

TEST_CASE("bench spectrum: the resolution bandwidth is read from the file or typed, and told where it is missing") {
  const TempDir dir;
  std::string rows = "frequency_mhz,level_dbm\n";
  for (int i = 0; i <= 200; ++i) rows += std::to_string(2400 + i) + ",-80\n";
  formats::writeFile(dir / "plain.csv", rows);
  formats::writeFile(dir / "said.csv", "# RBW: 100 kHz\n" + rows);
  const auto power = [&](const char* file, std::vector<std::string> more) {
    std::vector<std::string> all{"bench", "spectrum", dir / file, "--set", "low=2400MHz", "--set", "high=2600MHz", "--json"};
    all.insert(all.end(), more.begin(), more.end());
    const json out = json::parse(run(all).out);
    for (const json& f : out["figures"])
      if (f["figure"] == "band-power") return f["value"].get<double>();
    return 0.0;
  };
  CHECK_THAT(power("plain.csv", {}), WithinAbs(-80 + 10 * std::log10(201), 0.01));
  CHECK_THAT(power("said.csv", {}), WithinAbs(-80 + 10 * std::log10(2010), 0.01));
  CHECK_THAT(power("plain.csv", {"--set", "rbw_khz=100"}), WithinAbs(power("said.csv", {}), 1e-9));
  CHECK_THAT(run({"bench", "spectrum", dir / "plain.csv", "--set", "low=2400MHz", "--set", "high=2600MHz"}).out, Contains("resolution bandwidth") && Contains("fills the whole sweep"));
}

TEST_CASE("bench: roles, settings, units and refusals") {
  const TempDir dir;
  const auto free = dir.path() / "free.s1p", held = dir.path() / "held.s1p", walk = dir.path() / "walk.csv";
  formats::writeFile(free, "# MHz S MA R 50\n5800 0.1 0\n");
  formats::writeFile(held, "# MHz S MA R 50\n5790 0.4 90\n5810 0.4 90\n");
  formats::writeFile(walk, "label,distance [ft]\nbefore,1000\nbefore,1010\n");
  CHECK_THAT(run({"bench", "sweep", "free=" + free.string(), "held=" + held.string(), "--at", "5800"}).out,
             Contains("part of the antenna"));
  const json walked = json::parse(
      run({"bench", "walk", walk.string(), "--set", "reduced=20dB", "--set", "exponent=2", "--json"}).out);
  CHECK_THAT(walked["figures"][0]["value"].get<double>(), WithinAbs(306.3, 0.1));
  CHECK_THAT(run({"bench", "attenuator", "--set", "attenuation=20dB", "--set", "distance=0.1km", "--set",
                  "exponent=2"})
                 .out,
             Contains("equal a distance of 1.00 km"));
  const auto refused = [](const std::vector<std::string>& arguments, const std::string& says) {
    const test::Ran r = run(arguments);
    CHECK(r.code == 1);
    CHECK(r.out.empty());
    CHECK_THAT(r.err, Contains(says));
  };
  refused({"bench", "magic"}, "choose one of sweep");
  refused({"bench", "sweep", "--set", "colour=1"}, "vswr_limit");
  refused({"bench", "attenuator", "--set", "attenuation=5km"}, "--set attenuation=5km");
  refused({"bench", "attenuator", "--set", "attenuation=500"}, "--set attenuation=500");
  refused({"bench", "polarisation", "--set", "hand_a=up"}, "right, left, linear");
  refused({"bench", "sweep", (dir.path() / "none.s1p").string()}, "none.s1p");
  refused({"bench", "sweep", free.string(), "--at", "blue"}, "--at blue");
}

TEST_CASE("link: every term of the budget, in order, and the margin") {
  const std::vector<std::string> ask{
      "link", "--frequency",  "5.8GHz", "--distance",    "1km",   "--power",
      "25mW", "--tx-filter",  "0.5dB",  "--pointing",    "1dB",   "--polarisation",
      "3dB",  "--eirp-limit", "10mW",   "--sensitivity", "-95dBm"};
  auto with_json = ask;
  with_json.push_back("--json");
  const json out = json::parse(run(with_json).out);
  REQUIRE(out["terms"].size() == 12);
  CHECK(out["terms"][0]["term"] == "power");
  CHECK(out["terms"][2]["change_db"] == -0.5);
  CHECK(out["terms"][11]["level_dbm"] == out["received_dbm"]);
  CHECK_THAT(out["margin_db"].get<double>(), WithinAbs(out["received_dbm"].get<double>() + 95, 1e-9));
  CHECK_THAT(out["over_limit_db"].get<double>(), WithinAbs(10 * std::log10(2.5) - 0.5, 1e-9));
  CHECK_THAT(run(ask).out, Contains("polarisation") && Contains("margin") && Contains("above your EIRP"));
}

// Everything that can be wrong with a log or a campaign, on the command line: one clear line, exit 1, the
// campaign as it was.
#include <catch2/catch.hpp>
#include <fmt/format.h>
#include <functional>

#include "cli/ran.h"
#include "formats/files.h"
#include "store/campaign_file.h"
#include "support/temp_dir.h"

using namespace distanz;
using Catch::Matchers::Contains;
using test::Ran;
using test::run;
using test::TempDir;

namespace {

/// A campaign with a path, one setup and no run.
void writeCampaign(const std::filesystem::path& file) {
  campaign::Campaign c;
  c.title = "Bad input";
  c.station.place({46.91, 20.96});
  campaign::editFirstPath(c).points = {{c.station.position().value(), 60},
                                       {course::destination(c.station.position().value(), {3000, 54}), 60}};
  c.links.resize(1);
  c.links[0].id = "control";
  c.setups.push_back({"A", "Patch", "", {}, ""});
  store::CampaignFile::create(file, c);
}

std::string rows(int n, const std::function<std::string(int)>& row) {
  std::string text = "time_s,lat,lon,rssi_dbm\n";
  for (int i = 0; i < n; ++i) text += row(i) + "\n";
  return text;
}

std::string at(double lat, double lon, int i) {
  return fmt::to_string(i) + "," + fmt::to_string(lat) + "," + fmt::to_string(lon) + ",-" +
         fmt::to_string(60 + i % 7);
}

}  // namespace

TEST_CASE("bad logs on the command line: one line that says what, where and what to do; nothing is kept") {
  struct Bad {
    const char* name;
    std::string bytes;
    const char* because;
  };
  const std::vector<Bad> bad{
      {"no-column.csv", "alpha,beta\n1,2\n3,4\n", "no column is recognised as time"},
      {"no-position.csv", "time_s,rssi_dbm\n0,-60\n1,-61\n", "has no position"},
      {"all-equal.csv", "time_s,distance_m,rssi_dbm\n0,5,-60\n1,50,-60\n2,90,-60\n", "-60 in every row"},
      {"still.csv", "time_s,distance_m,rssi_dbm\n0,5,-60\n1,5,-61\n2,5,-62\n", "position never changes"},
      {"nan.csv", "time_s,distance_m,rssi_dbm\n0,5,nan\n1,50,nan\n", "hold no number"},
      {"backwards.csv", "time_s,distance_m,rssi_dbm\n0,5,-60\n9,50,-61\n3,70,-62\n",
       "line 4: time runs backwards"},
      {"frozen.csv", "time_s,distance_m,rssi_dbm\n4,5,-60\n4,50,-61\n4,70,-62\n", "every row has the same time"},
      {"zero.csv", rows(20, [](int i) { return at(0, 0, i); }), "never had a fix"},
      {"jumping.csv", rows(60, [](int i) { return at(46.91 + (i % 2), 20.96, i); }), "jumps"},
      {"monster.csv", "time_s,rssi_dbm\n" + std::string(3 << 20, '1') + "\n", "MB long"},
      {"binary.csv", std::string("\x89PNG\r\n\0\0\0", 9), "binary file"},
      {"empty.csv", "", "empty"},
      {"headless.csv", "1,2,3\n4,5,6\n", "nothing above names the columns"}};
  const TempDir dir;
  writeCampaign(dir / "c.distanz");
  const campaign::Campaign before =
      store::CampaignFile::open(dir / "c.distanz", store::Access::ReadOnly).campaign();
  test::spill(dir / "good.csv", "time_s,distance_m,rssi_dbm\n0,5,-60\n10,150,-70\n20,5,-61\n");
  for (const Bad& b : bad) {
    CAPTURE(b.name);
    test::spill(dir / b.name, b.bytes);
    // A good log before the bad one is not kept either: all of them or none.
    const Ran r = run({"import", dir / "c.distanz", dir / "good.csv", dir / b.name, "--setup", "A"});
    CHECK(r.code == 1);
    CHECK(r.out.empty());
    CHECK_THAT(r.err, Contains(b.name) && Contains(b.because));
    CHECK(std::count(r.err.begin(), r.err.end(), '\n') == 1);
    CHECK(store::CampaignFile::open(dir / "c.distanz", store::Access::ReadOnly).campaign() == before);
  }
  CHECK(run({"import", dir / "c.distanz", dir / "good.csv", "--setup", "A"}).code == 0);
}

TEST_CASE("bad campaigns on the command line: every command refuses them in one line and leaves them alone") {
  const TempDir dir;
  writeCampaign(dir / "whole.distanz");
  const std::string whole = test::slurp(dir / "whole.distanz");
  test::spill(dir / "cut.distanz", whole.substr(0, whole.size() / 3));
  test::spill(dir / "foreign.distanz", "PK\x03\x04 something else entirely");
  std::filesystem::create_directory(dir / "folder");
  test::spill(dir / "folder" / "campaign.json",
              "{\"distanz_interchange\": 1, \"runs\": [{\"id\": \"A1\", \"setup\": \"A\"}]}");
  test::spill(dir / "log.csv", "time_s,distance_m,rssi_dbm\n0,5,-60\n10,150,-70\n20,5,-61\n");
  for (const char* name : {"cut.distanz", "foreign.distanz", "missing.distanz", "folder"}) {
    CAPTURE(name);
    const std::string bytes =
        std::filesystem::is_regular_file(dir / name) ? test::slurp(dir / name) : std::string();
    for (const Ran& r : {run({"analyse", dir / name, "--json"}),
                         run({"import", dir / name, dir / "log.csv", "--setup", "A"}),
                         run({"convert", dir / name, dir / "out.distanz"})}) {
      CHECK(r.code == 1);
      CHECK(r.out.empty());
      CHECK_THAT(r.err, Contains(name));
      CHECK(std::count(r.err.begin(), r.err.end(), '\n') == 1);
    }
    CHECK_FALSE(std::filesystem::exists(dir / "out.distanz"));
    if (!bytes.empty()) CHECK(test::slurp(dir / name) == bytes);
  }
}

TEST_CASE("a folder whose log vanished still analyses the rest, and says what is missing") {
  const TempDir dir;
  REQUIRE(run({"simulate", DISTANZ_TEST_DATA "/../../demo/scenario.json", "--out", dir / "m"}).code == 0);
  std::filesystem::remove(dir / "m" / "A2.csv");
  const Ran r = run({"analyse", dir / "m"});
  CHECK(r.code == 0);
  CHECK_THAT(r.out, Contains("Run A2") && Contains("still there"));
  CHECK_THAT(run({"convert", dir / "m", dir / "m.distanz"}).err, Contains("A2"));
  CHECK_FALSE(std::filesystem::exists(dir / "m.distanz"));
}

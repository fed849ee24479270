// What leaves without places, or names, has none of them in any of its bytes.
#include "core/log/track.h"
#include "core/simulate/scenario.h"
#include "formats/log_writer.h"
#include "store/exchange.h"
#include "store/fixture.h"
#include "support/scenarios.h"

using namespace distanz;
using namespace distanz::store;
using Catch::Matchers::WithinAbs;
using test::TempDir;

namespace {

constexpr const char* kPhoto = "a picture, taken at the old weir";

/// Two flights with GNSS along a path, one excluded, a photo, a name.
campaign::Campaign flown(const TempDir& dir) {
  simulate::Scenario s = test::twoSetups(1);
  s.with_gnss = true;
  campaign::Path path;
  path.id = "path";
  path.points = {{{46.91, 20.96}, 60, {}}, {{46.94, 21.02}, 60, {}}};
  s.campaign.paths = {path};
  const auto flights = simulate::simulate(s, 7);
  campaign::Campaign c = flights.campaign;
  std::vector<PackedRun> runs;
  for (std::size_t i = 0; i < c.runs.size(); ++i) {
    campaign::Run run = c.runs[i];
    run.notes = "Imre held the mast";
    runs.push_back(packRun(run, formats::writeLogCsv(flights.recordings[i]), flights.recordings[i]));
  }
  c.runs.clear();
  campaign::Part mast;
  mast.id = "mast";
  mast.name = "Mast";
  const PackedLog photo = packLog(kPhoto);
  mast.photos = {{"mast.jpg", photo.sha256, "picture", {}}};
  CampaignFile file = CampaignFile::create(dir / "c.distanz", c);
  campaign::Campaign with = file.campaign();
  with.parts.push_back(mast);
  file.edit(test::step("Photo"), file.shared(), std::make_shared<const campaign::Campaign>(with), {{"mast.jpg", photo}});
  file.addRuns(test::step("Runs"), std::move(runs), c.links);
  return file.campaign();
}

Leave nothingMore() {
  return {{false, false, false}, [](const std::string& bytes, const std::string&) { return bytes.substr(0, bytes.find(',')); }};
}

}  // namespace

TEST_CASE("leaving: a copy without places, names and what cameras wrote is the same campaign elsewhere") {
  const TempDir dir;
  const campaign::Campaign was = flown(dir);
  const SampleFile before(dir / "c.distanz", Access::ReadOnly);
  CHECK(saveCopy(was, before, dir / "lean.distanz", nothingMore()).empty());
  const auto is = CampaignFile::open(dir / "lean.distanz", Access::ReadOnly).campaign();
  const SampleFile after(dir / "lean.distanz", Access::ReadOnly);
  REQUIRE(is.runs.size() == was.runs.size());
  const auto there = campaign::courseOf(is), here = campaign::courseOf(was);
  for (std::size_t i = 0; i < is.runs.size(); ++i) {
    CHECK(is.runs[i].notes.empty());
    const std::string log = after.logBytes(is.runs[i]);
    CHECK(log.find(",46.9") == std::string::npos);
    const auto moved = log::trackOf(*after.recording(is.runs[i], is), &*there), known = log::trackOf(*before.recording(was.runs[i], was), &*here);
    REQUIRE(moved.distance_m.size() == known.distance_m.size());
    for (std::size_t row = 0; row < known.distance_m.size(); row += 50) CHECK_THAT(moved.distance_m[row], WithinAbs(known.distance_m[row], 0.02));
  }
  CHECK(is.parts[0].photos[0].file == "mast.jpg");
  CHECK(after.keptBytes("mast", is.parts[0].photos[0]) == "a picture");
  CHECK(CampaignFile::open(dir / "lean.distanz", Access::ReadWrite).undoable() == std::nullopt);  // what was before went nowhere
}

TEST_CASE("leaving: columns of a log that nobody matched stay behind with the places", "[regression]") {
  const TempDir dir;
  CampaignFile file = CampaignFile::create(dir / "c.distanz", test::small());
  test::Log log = test::sampleLog("A1", -60);
  log.bytes = "time_s,distance_m,rssi_dbm,where\n0,5,-60,N46.91 E20.96\n1,50,-61,N46.92 E20.97\n";
  log.run.editSource().sha256 = formats::sha256(log.bytes);
  file.addRuns(test::step("Run"), {log.packed()}, file.campaign().links);
  toInterchange(dir / "c.distanz", dir / "folder", nothingMore());
  CHECK(test::slurp(dir / "folder" / "A1.csv").find("46.9") == std::string::npos);
}

TEST_CASE("leaving: a folder without places holds none of their digits in any file") {
  const TempDir dir;
  flown(dir);
  toInterchange(dir / "c.distanz", dir / "folder", nothingMore());
  std::size_t files = 0;
  for (const auto& entry : std::filesystem::directory_iterator(dir / "folder")) {
    const std::string bytes = test::slurp(entry.path());
    ++files;
    for (const char* told : {",46.9", ": 46.9", ",20.96", ": 20.96", "Imre", "weir"}) CHECK(bytes.find(told) == std::string::npos);
  }
  CHECK(files == 4);  // campaign.json, two logs, a photo
  toInterchange(dir / "c.distanz", dir / "all");
  CHECK(test::slurp(dir / "all" / "campaign.json").find(": 46.9") != std::string::npos);
  CHECK(test::slurp(dir / "all" / "mast.jpg") == kPhoto);
}

// Logs and samples in the campaign file.
#include <SQLiteCpp/Database.h>

#include <cstring>

#include "core/finding/error.h"
#include "formats/interchange.h"
#include "formats/log_reader.h"
#include "formats/log_writer.h"
#include "store/column_codec.h"
#include "store/exchange.h"
#include "store/fixture.h"
#include "support/scenarios.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::store;
using namespace distanz::test;
using Catch::Matchers::Contains;

TEST_CASE("columns: doubles come back bit for bit, damage is noticed") {
  std::vector<double> values{0, -0.0, 1.5, NAN, INFINITY, -1e300};
  for (int i = 0; i < 5000; ++i) values.push_back(std::sin(i) * i);
  const std::string bytes = encodeColumn(values);
  const auto again = decodeColumn(bytes, values.size());
  CHECK(std::memcmp(again.data(), values.data(), values.size() * sizeof(double)) == 0);
  CHECK_THROWS_AS(decodeColumn(bytes, values.size() + 1), InputError);
  CHECK_THROWS_AS(decodeColumn(bytes.substr(0, bytes.size() / 2), values.size()), InputError);
  CHECK_THROWS_AS(decodeColumn("rubbish", 1), InputError);
  CHECK(decodeColumn(encodeColumn({}), 0).empty());
}

TEST_CASE("samples: log byte for byte, recording bit for bit, also after undo, for redo") {
  const TempDir dir;
  CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
  const Log a = sampleLog("a", -60);
  const campaign::Run run = import(f, a);
  const SampleFile s(dir / "c.distanz", Access::ReadOnly);
  CHECK(s.logBytes(run, run.source()) == a.bytes);
  CHECK(*s.recording(run, f.campaign()) == a.recording);
  f.undo();
  f = openToEdit(dir / "c.distanz");
  CHECK(s.has(run));
  f.redo();
  CHECK(s.logBytes(f.campaign().runs[0]) == a.bytes);
}

TEST_CASE(
    "samples are never stale: other links, columns or another reader's samples are read again from the kept "
    "bytes",
    "[regression]") {
  const TempDir dir;
  const auto file = dir / "c.distanz";
  CampaignFile f = CampaignFile::create(file, small());
  Log a = sampleLog("a", -60);
  a.recording.columns[1].values = {-1, -2};  // what is kept is told from what is read
  campaign::Run run = import(f, a);
  const SampleFile s(file, Access::ReadWrite);
  CHECK(*s.recording(run, f.campaign()) == a.recording);
  campaign::Campaign other = f.campaign();
  other.links[0].id = "long range";
  CHECK(s.recording(run, other)->find("long range.rssi_dbm") != nullptr);
  CHECK(s.recording(run, other)->find("control.rssi_dbm") == nullptr);
  campaign::Run corrected = run;
  corrected.editSource().columns = {{"height_m", "distance_m"}, {"distance_m", ""}};
  CHECK(s.recording(corrected, f.campaign())->find("distance_m") == nullptr);
  const auto kept = [&] {
    return SQLite::Database(file.string()).execAndGet("SELECT count(*) FROM recording").getInt();
  };
  CHECK(kept() == 1);  // the last; not one for every state there ever was
  SQLite::Database(file.string(), SQLite::OPEN_READWRITE)
      .exec("UPDATE recording SET key = 'of an older reader'");
  CHECK(s.recording(run, f.campaign())->find("control.rssi_dbm")->front() == -60);
  CHECK(kept() == 1);
}

TEST_CASE(
    "samples that are damaged are read again; a damaged or missing log is asked for and may be imported "
    "again",
    "[regression]") {
  const TempDir dir;
  const auto file = dir / "c.distanz";
  CampaignFile f = CampaignFile::create(file, small());
  const Log a = sampleLog("a", -60);
  const campaign::Run run = import(f, a);
  const SampleFile s(file, Access::ReadOnly);
  const auto damage = [&](const std::string& sql) {
    SQLite::Database(file.string(), SQLite::OPEN_READWRITE).exec(sql);
  };
  damage(GENERATE("UPDATE channel SET samples = x'00'", "UPDATE recording SET rows = 4000000000",
                  "DELETE FROM channel", "UPDATE channel SET codec = 'other'"));
  CHECK(s.recording(run, f.campaign())->rows() == 2);
  damage(GENERATE("UPDATE attachment SET bytes = x'28b52ffd'", "DELETE FROM attachment"));
  CHECK_REFUSED(s.recording(run, f.campaign()), Contains("run A1") && Contains("import it again"));
  const Added added = add(f, a);
  CHECK(added.runs.empty());
  CHECK(added.restored == std::vector<std::string>{"A1"});
  CHECK(s.logBytes(run, run.source()) == a.bytes);
}

TEST_CASE("samples: any log of a run of several is put back, and none is taken for one that nobody uses") {
  const TempDir dir;
  const auto file = dir / "c.distanz";
  CampaignFile f = CampaignFile::create(file, small());
  const auto two = [&] {
    const Log first = sampleLog("a", -60), further = sampleLog("b", -70);
    PackedRun run = first.packed();
    run.run.sources.push_back(further.run.source());
    run.logs.push_back(packLog(further.bytes));
    std::vector<PackedRun> runs;
    runs.push_back(std::move(run));
    return runs;
  };
  const campaign::Run run = f.addRuns(test::step("import"), two(), f.campaign().links).runs.at(0);
  CHECK(f.purge() == 0);
  SQLite::Database(file.string(), SQLite::OPEN_READWRITE).exec("DELETE FROM attachment WHERE name = 'b.csv'");
  const SampleFile s(file, Access::ReadOnly);
  CHECK_FALSE(s.has(run));
  CHECK(f.addRuns(test::step("import"), two(), f.campaign().links).restored == std::vector<std::string>{"A1"});
  CHECK(s.has(run));
  CHECK(s.logBytes(run, run.sources[1]) == sampleLog("b", -70).bytes);
  CHECK_REFUSED(f.addRuns(test::step("import"), two(), f.campaign().links), Contains("already"));
}

TEST_CASE("samples: a few bytes that claim gigabytes are refused before room is made for them",
          "[regression]") {
  std::string claim = encodeColumn(std::vector<double>(1000, 1.5));
  CHECK_THROWS_AS(decodeColumn(claim, std::size_t{1} << 40), InputError);
  PackedRecording many{std::size_t{1} << 30, "", {}};
  for (int i = 0; i < 10; ++i) many.columns.push_back({i == 0 ? "time_s" : "x", claim});
  CHECK_THROWS_AS(unpackRecording(many), InputError);
  CHECK_THROWS_AS(unpackLog({compress("short"), std::size_t{1} << 40, "sha"}), InputError);
}

TEST_CASE("interchange: file to folder to file gives the same campaign, analysis included") {
  const TempDir dir;
  const auto flown = simulate::simulate(twoSetups(2), 5);
  formats::writeInterchange(
      dir / "one", flown.campaign, [&](const campaign::Run& run, const campaign::Source&) {
        return formats::writeLogCsv(flown.recordings[std::size_t(campaign::findRun(flown.campaign, run.id) -
                                                                 flown.campaign.runs.data())]);
      });
  fromInterchange(dir / "one", dir / "c.distanz");
  toInterchange(dir / "c.distanz", dir / "two");
  fromInterchange(dir / "two", dir / "d.distanz");
  const campaign::Campaign c = read(dir / "c.distanz"), d = read(dir / "d.distanz");
  CHECK(c == d);
  const SampleFile sc(dir / "c.distanz", Access::ReadOnly), sd(dir / "d.distanz", Access::ReadOnly);
  for (const campaign::Run& run : c.runs) {
    CHECK(*sc.recording(run, c) == *sd.recording(run, d));
    CHECK(sc.logBytes(run, run.source()) == slurp(dir / "one" / run.source().file));
  }
}

TEST_CASE("interchange: a faulty log or a stop leaves no campaign file behind") {
  const TempDir dir;
  const auto flown = simulate::simulate(twoSetups(1), 5);
  formats::writeInterchange(dir / "one", flown.campaign, [&](const campaign::Run&, const campaign::Source&) {
    return formats::writeLogCsv(flown.recordings[0]);
  });
  CHECK_THROWS(fromInterchange(dir / "one", dir / "stopped.distanz", [](double) { return false; }));
  CHECK_FALSE(std::filesystem::exists(dir / "stopped.distanz"));
  spill(dir / "one" / "B1.csv", "nonsense");
  CHECK_REFUSED(fromInterchange(dir / "one", dir / "bad.distanz"), Contains("B1.csv"));
  CHECK_FALSE(std::filesystem::exists(dir / "bad.distanz"));
  CHECK_FALSE(std::filesystem::exists(dir / "bad.distanz-wal"));
}

TEST_CASE(
    "samples: a run of two sources, a radio log and a track with a clock of its own, through file and "
    "folder") {
  const TempDir dir;
  spill(dir / "radio.csv", "time_s,rssi_dbm\n0,-60\n1,-61\n2,-62\n3,-63\n");
  spill(dir / "track.csv", "time_s,distance_m\n100,0\n101,20\n102,40\n103,60\n104,80\n");
  spill(
      dir / "campaign.json",
      R"({"distanz_interchange":1,"title":"Two","links":[{"id":"control"}],"setups":[{"id":"A"}],"runs":[{"id":"A1","setup":"A",)"
      R"("sources":[{"file":"radio.csv"},{"file":"track.csv","clock_offset_s":-1}]}]})");
  fromInterchange(dir.path(), dir / "two.distanz");
  const campaign::Campaign c = read(dir / "two.distanz");
  REQUIRE(c.runs[0].sources.size() == 2);
  const SampleFile s(dir / "two.distanz", Access::ReadWrite);
  const auto check = [&](const campaign::Campaign& of) {
    const auto r = s.recording(of.runs[0], of);
    CHECK(r->rows() == 4);
    CHECK(*r->find("control.rssi_dbm") == std::vector<double>{-60, -61, -62, -63});
    return r->find("distance_m")->at(0);
  };
  CHECK(check(c) == 20);
  campaign::Campaign later = c;
  later.runs[0].sources[1].clock_offset_s = 0;  // what was kept no longer fits: read again from both logs
  CHECK(check(later) == 0);
  toInterchange(dir / "two.distanz", dir / "out");
  CHECK(slurp(dir / "out" / "track.csv") == slurp(dir / "track.csv"));
  fromInterchange(dir / "out", dir / "again.distanz");
  CHECK(same(read(dir / "again.distanz"), c));
  CHECK(read(dir / "again.distanz").runs[0].uuid == c.runs[0].uuid);  // and it is known again
  CampaignFile f = openToEdit(dir / "two.distanz");
  CHECK(f.purge() == 0);  // what is owned stays
}

TEST_CASE("identity: everything gets a UUID when it is kept, keeps it, and a copy gets its own") {
  const TempDir dir;
  CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
  const std::string own = f.campaign().setups[0].uuid;
  CHECK(own.size() == 36);
  CHECK(f.campaign().uuid.size() == 36);
  campaign::Campaign next = f.campaign();
  next.setups.push_back(next.setups[0]);
  next.setups[1].id = "B";
  f.edit(test::step("Copy"), next);
  CHECK(f.campaign().setups[0].uuid == own);
  CHECK(f.campaign().setups[1].uuid.size() == 36);
  CHECK(f.campaign().setups[1].uuid != own);
  CHECK(read(dir / "c.distanz") == f.campaign());
}

#include <SQLiteCpp/Database.h>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

#include <catch2/catch.hpp>
#include <cmath>
#include <csignal>
#include <cstring>
#include <random>

#include "core/quantity/error.h"
#include "formats/files.h"
#include "formats/interchange.h"
#include "formats/log_writer.h"
#include "store/campaign_file.h"
#include "store/column_codec.h"
#include "store/exchange.h"
#include "store/sample_file.h"
#include "support/scenarios.h"
#include "support/temp_dir.h"

using namespace distanz;
using namespace distanz::store;
using Catch::Matchers::Contains;
using test::TempDir;

namespace {

campaign::Campaign small() {
  campaign::Campaign c;
  c.title = "Small";
  c.station.position = {46.91, 20.96};
  c.links.resize(1);
  c.links[0].id = "control";
  c.setups.push_back({"A", "Patch", "", {}, ""});
  return c;
}

campaign::Campaign renamed(campaign::Campaign c, const std::string& name) {
  c.setups[0].name = name;
  return c;
}

struct Log {
  campaign::Run run;
  std::string bytes;
  log::Recording recording;
};

Log sampleLog(const std::string& id, double first) {
  Log l;
  l.bytes = "time_s,distance_m,rssi_dbm\n0,5," + std::to_string(first) + "\n1,50,-61\n";
  l.recording.time_s = {0, 1};
  l.recording.columns = {{"distance_m", {5, 50}}, {"control.rssi_dbm", {first, NAN}}};
  l.run.id = id;
  l.run.setup = "A";
  l.run.log = id + ".csv";
  l.run.log_sha256 = formats::sha256(l.bytes);
  return l;
}

/// Runs work in a child that may be killed; returns its wait status.
int inChild(const std::function<void()>& work) {
  const pid_t pid = ::fork();
  if (pid == 0) {
    work();
    ::_exit(0);
  }
  int status = 0;
  ::waitpid(pid, &status, 0);
  return status;
}

}  // namespace

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

TEST_CASE("campaign file: every edit is there after reopening, undo and redo reach over it") {
  const TempDir dir;
  {
    CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
    f.edit("Rename", renamed(f.campaign(), "Helix"));
    f.edit("Rename again", renamed(f.campaign(), "Stub"));
    CHECK_FALSE(f.redoable());
  }
  CHECK_FALSE(std::filesystem::exists(dir / "c.distanz-wal"));  // one plain file at rest
  CampaignFile f = CampaignFile::open(dir / "c.distanz");
  CHECK(f.campaign().setups[0].name == "Stub");
  CHECK(f.undoable() == std::string("Rename again"));
  f.undo();
  f.undo();
  CHECK(f.campaign() == small());
  CHECK_FALSE(f.undoable());
  f.undo();  // nothing to undo is no mistake
  f.redo();
  CHECK(f.campaign().setups[0].name == "Helix");
  CHECK(f.redoable() == std::string("Rename again"));
  f.edit("Another way", renamed(f.campaign(), "Wire"));
  CHECK_FALSE(f.redoable());
  f.edit("Nothing", f.campaign());
  CHECK(f.undoable() == std::string("Another way"));
}

TEST_CASE("campaign file: every field survives, unknown ones too") {
  const TempDir dir;
  campaign::Campaign c = small();
  c.path = {{{46.91, 20.96}, 60}, {{46.93, 20.99}, 70}};
  c.links[0].sensitivity_dbm = -108;
  c.links[0].rule = {70, 3, {}};
  c.links[0].unknown = R"({"colour":"teal"})";
  c.setups[0].links["control"] = {23.5, 2, 8, 0.5, 0.25};
  c.unknown = R"({"future":1})";
  c.post_spacing_m = 200;
  c.plan_exponent = 2.4;
  campaign::Run run = sampleLog("A1", -60).run;
  run.columns = {{"control.rssi_dbm", "x"}};
  run.turn_begin_s = 4;
  run.turn_end_s = 9.5;
  run.order = 3;
  run.ended = campaign::Ended::Battery;
  run.notes = "\u00e4 ' \" ;";
  c.runs.push_back(run);
  { CampaignFile::create(dir / "c.distanz", c); }
  CHECK(CampaignFile::open(dir / "c.distanz").campaign() == c);
}

TEST_CASE("campaign file: an invalid edit is refused and changes nothing") {
  const TempDir dir;
  CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
  campaign::Campaign bad = small();
  bad.setups.push_back(bad.setups[0]);
  CHECK_THROWS_WITH(f.edit("Double", bad), Contains("occurs twice"));
  CHECK(f.campaign() == small());
  CHECK_FALSE(f.undoable());
  CHECK_THROWS_WITH(CampaignFile::create(dir / "c.distanz", small()), Contains("is there already"));
}

TEST_CASE("samples: log byte for byte, recording bit for bit, orphans go, spoken-of logs stay") {
  const TempDir dir;
  const Log a = sampleLog("A1", -60), b = sampleLog("A2", -70);
  {
    CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
    SampleFile s(dir / "c.distanz");
    s.add(a.run, a.bytes, a.recording);
    s.add(b.run, b.bytes, b.recording);
    s.add(b.run, b.bytes, b.recording);
    CHECK(s.logBytes(a.run) == a.bytes);
    CHECK(*s.recording(a.run) == a.recording);
    campaign::Campaign next = f.campaign();
    next.runs.push_back(a.run);
    f.edit("Import", next);
    f.undo();  // the run is gone, but redo wants its log
    s.discard(a.run);
    CHECK(s.has(a.run));
  }
  CampaignFile f = CampaignFile::open(dir / "c.distanz");
  SampleFile s(dir / "c.distanz");
  CHECK(s.has(a.run));
  CHECK_FALSE(s.has(b.run));
  CHECK_THROWS_WITH(s.recording(b.run), Contains("A2") && Contains("import its log again"));
  f.redo();
  CHECK(s.logBytes(f.campaign().runs[0]) == a.bytes);
}

TEST_CASE("samples: a correction of the match has samples of its own") {
  const TempDir dir;
  CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
  SampleFile s(dir / "c.distanz");
  Log a = sampleLog("A1", -60);
  s.add(a.run, a.bytes, a.recording);
  Log corrected = a;
  corrected.run.columns = {{"control.rssi_dbm", ""}};
  corrected.recording.columns.pop_back();
  s.add(corrected.run, corrected.bytes, corrected.recording);
  CHECK(*s.recording(a.run) == a.recording);
  CHECK(*s.recording(corrected.run) == corrected.recording);
}

TEST_CASE("killed while writing: the file opens with the last whole edit") {
  const TempDir dir;
  { CampaignFile::create(dir / "c.distanz", small()); }
  for (int round = 0; round < 5; ++round) {
    inChild([&] {
      CampaignFile f = CampaignFile::open(dir / "c.distanz");
      SampleFile s(dir / "c.distanz");
      for (int i = 0;; ++i) {
        if (i == 3 + round) ::raise(SIGKILL);
        const Log l = sampleLog("A" + std::to_string(100 * round + i), -60 - i - 100 * round);
        s.add(l.run, l.bytes, l.recording);
        campaign::Campaign next = f.campaign();
        next.runs.push_back(l.run);
        f.edit("Import", next);
      }
    });
    const CampaignFile f = CampaignFile::open(dir / "c.distanz");
    const SampleFile s(dir / "c.distanz");
    for (const campaign::Run& run : f.campaign().runs) CHECK(formats::sha256(s.logBytes(run)) == run.log_sha256);
  }
  CHECK(CampaignFile::open(dir / "c.distanz").campaign().runs.size() == 3 + 4 + 5 + 6 + 7);
}

TEST_CASE("disk full: the edit is refused with the reason, the campaign is as it was") {
  const TempDir dir;
  { CampaignFile::create(dir / "c.distanz", small()); }
  const int status = inChild([&] {
    ::signal(SIGXFSZ, SIG_IGN);
    CampaignFile f = CampaignFile::open(dir / "c.distanz");
    SampleFile s(dir / "c.distanz");
    const rlimit limit{300000, 300000};
    ::setrlimit(RLIMIT_FSIZE, &limit);
    Log l = sampleLog("A1", -60);
    l.bytes.clear();
    std::mt19937 noise(1);
    for (int i = 0; i < 400000; ++i) l.bytes += static_cast<char>(noise());
    try {
      s.add(l.run, l.bytes, l.recording);
      ::_exit(1);
    } catch (const InputError& e) {
      const std::string text = e.what();
      if (text.find("nothing was changed") == std::string::npos) ::_exit(2);
    }
    if (s.has(l.run) || !(f.campaign() == small())) ::_exit(3);
  });
  CHECK(WEXITSTATUS(status) == 0);
  CHECK(CampaignFile::open(dir / "c.distanz").campaign() == small());
}

TEST_CASE("foreign, truncated, damaged and missing files are refused, not touched") {
  const TempDir dir;
  { CampaignFile::create(dir / "c.distanz", small()); }
  const std::string whole = test::slurp(dir / "c.distanz");
  const auto [bytes, because] =
      GENERATE_COPY(table<std::string, std::string>({{"", "is not a Distanz campaign"},
                                                     {"hello, this is a text file", "is not a Distanz campaign"},
                                                     {whole.substr(0, 5000), "damaged or cut short"},
                                                     {whole.substr(0, 60), "is not a Distanz campaign"},
                                                     {whole.substr(0, 100) + std::string(whole.size() - 100, 'x'), ""}}));
  test::spill(dir / "bad.distanz", bytes);
  CHECK_THROWS_WITH(CampaignFile::open(dir / "bad.distanz"), Contains("bad.distanz: ") && Contains(because));
  CHECK(test::slurp(dir / "bad.distanz") == bytes);
  CHECK_THROWS_WITH(CampaignFile::open(dir / "none.distanz"), Contains("check that it is still there"));
  SQLite::Database(dir / "other.db", SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE).exec("CREATE TABLE t(x)");
  CHECK_THROWS_WITH(CampaignFile::open(dir / "other.db"), Contains("not a Distanz campaign"));
}

TEST_CASE("an older file is brought up to date in place, with a copy as it was beside it") {
  const TempDir dir;
  const auto file = dir / "old.distanz";
  const campaign::Campaign before = small();
  { CampaignFile::create(file, before); }
  SQLite::Database(file, SQLite::OPEN_READWRITE)
      .exec(
          "ALTER TABLE link DROP COLUMN modes; ALTER TABLE setup_link DROP COLUMN automatic_power; ALTER TABLE run DROP COLUMN reduced;"
          "ALTER TABLE run DROP COLUMN legs; PRAGMA user_version=1");
  campaign::Campaign changed = before;
  changed.links[0].modes = {{50, -112}};
  {
    CampaignFile f = CampaignFile::open(file);
    CHECK(f.campaign() == before);
    CHECK(f.readOnlyReason().empty());
    f.edit("Modes", changed);
  }
  CHECK(CampaignFile::open(file).campaign() == changed);
  SQLite::Database kept(file.string() + ".schema-1");
  CHECK(kept.execAndGet("PRAGMA user_version").getInt() == 1);
  CHECK(kept.execAndGet("SELECT count(*) FROM link").getInt() == static_cast<int>(before.links.size()));
}

TEST_CASE("modes, automatic power, reduced power and legs are kept, and taken back") {
  const TempDir dir;
  campaign::Campaign before = small();
  before.runs.push_back(sampleLog("A1", -60).run);
  campaign::Campaign after = before;
  after.links[0].modes = {{50, -112}, {150, -107}};
  after.setups[0].links[after.links[0].id].automatic_power = true;
  after.runs[0].reduced_db = {{after.links[0].id, 20}};
  after.runs[0].legs = campaign::Legs::Back;
  {
    CampaignFile f = CampaignFile::create(dir / "c.distanz", before);
    f.edit("All of it", after);
  }
  CampaignFile f = CampaignFile::open(dir / "c.distanz");
  CHECK(f.campaign() == after);
  f.undo();
  CHECK(f.campaign() == before);
  f.redo();
  CHECK(f.campaign() == after);
}

TEST_CASE("a newer file opens read-only with a plain message") {
  const TempDir dir;
  { CampaignFile::create(dir / "c.distanz", small()); }
  SQLite::Database(dir / "c.distanz", SQLite::OPEN_READWRITE).exec("PRAGMA user_version=99");
  CampaignFile f = CampaignFile::open(dir / "c.distanz");
  CHECK_THAT(f.readOnlyReason(), Contains("newer version"));
  CHECK(f.campaign() == small());
  CHECK_THROWS_WITH(f.edit("Rename", renamed(small(), "x")), Contains("newer version"));
}

TEST_CASE("changed by another program: the edit is refused instead of overwriting") {
  const TempDir dir;
  CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
  CampaignFile g = CampaignFile::open(dir / "c.distanz");
  g.edit("Rename", renamed(g.campaign(), "Elsewhere"));
  CHECK_THROWS_WITH(f.edit("Rename", renamed(f.campaign(), "Here")), Contains("changed by another program"));
}

TEST_CASE("interchange: file to folder to file gives the same campaign, analysis included") {
  const TempDir dir;
  const auto flown = simulate::simulate(test::twoSetups(2), 5);
  formats::writeInterchange(dir / "one", flown.campaign, [&](const campaign::Run& run) {
    return formats::writeLogCsv(flown.recordings[std::size_t(campaign::findRun(flown.campaign, run.id) - flown.campaign.runs.data())]);
  });
  fromInterchange(dir / "one", dir / "c.distanz");
  toInterchange(dir / "c.distanz", dir / "two");
  fromInterchange(dir / "two", dir / "d.distanz");
  const campaign::Campaign c = CampaignFile::open(dir / "c.distanz").campaign(), d = CampaignFile::open(dir / "d.distanz").campaign();
  CHECK(c == d);
  const SampleFile sc(dir / "c.distanz"), sd(dir / "d.distanz");
  for (const campaign::Run& run : c.runs) {
    CHECK(*sc.recording(run) == *sd.recording(run));
    CHECK(sc.logBytes(run) == test::slurp(dir / "one" / run.log));
  }
}

TEST_CASE("interchange: a faulty log or a stop leaves no campaign file behind") {
  const TempDir dir;
  const auto flown = simulate::simulate(test::twoSetups(1), 5);
  formats::writeInterchange(dir / "one", flown.campaign, [&](const campaign::Run&) { return formats::writeLogCsv(flown.recordings[0]); });
  CHECK_THROWS(fromInterchange(dir / "one", dir / "stopped.distanz", [](double) { return false; }));
  CHECK_FALSE(std::filesystem::exists(dir / "stopped.distanz"));
  test::spill(dir / "one" / "B1.csv", "nonsense");
  CHECK_THROWS_WITH(fromInterchange(dir / "one", dir / "bad.distanz"), Contains("B1.csv"));
  CHECK_FALSE(std::filesystem::exists(dir / "bad.distanz"));
  CHECK_FALSE(std::filesystem::exists(dir / "bad.distanz-wal"));
}

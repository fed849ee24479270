// Killed programs, and what they leave.
#include <csignal>

#include "core/finding/error.h"
#include "formats/aside.h"
#include "formats/interchange.h"
#include "formats/log_writer.h"
#include "store/exchange.h"
#include "store/fixture.h"
#include "support/scenarios.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::store;
using namespace distanz::test;
using Catch::Matchers::Contains;

TEST_CASE("killed while writing: the file opens with the last whole edit") {
  const TempDir dir;
  { CampaignFile::create(dir / "c.distanz", small()); }
  for (int round = 0; round < 5; ++round) {
    inChild([&] {
      CampaignFile f = openToEdit(dir / "c.distanz");
      for (int i = 0;; ++i) {
        if (i == 3 + round) ::raise(SIGKILL);
        import(f, sampleLog("log", -60 - i - 100 * round));
      }
    });
    const CampaignFile f = CampaignFile::open(dir / "c.distanz", Access::ReadOnly);
    const SampleFile s(dir / "c.distanz", Access::ReadOnly);
    for (const campaign::Run& run : f.campaign().runs)
      CHECK(formats::sha256(s.logBytes(run, run.source())) == run.source().sha256);
  }
  CHECK(read(dir / "c.distanz").runs.size() == 3 + 4 + 5 + 6 + 7);
}

TEST_CASE("a waiting journal or log is no damage: the file is recovered whole, by readers too",
          "[regression]") {
  const TempDir dir;
  const auto file = dir / "c.distanz";
  {
    CampaignFile f = CampaignFile::create(file, small());
    import(f, sampleLog("a", -60));
  }
  const campaign::Campaign before = read(file);
  const std::string journal = GENERATE(as<std::string>{}, "DELETE", "WAL");
  CAPTURE(journal);
  inChild([&] {  // dies with pages written over the old ones, and the file cut short or grown
    SQLite::Database db(file.string(), SQLite::OPEN_READWRITE);
    db.exec("PRAGMA journal_mode=" + journal + "; PRAGMA cache_size=1; PRAGMA wal_autocheckpoint=0");
    if (journal == "WAL")
      db.exec("INSERT INTO attachment VALUES('x', 'x', 0, 'zstd', zeroblob(300000))");  // acknowledged
    db.exec(
        "BEGIN IMMEDIATE; DELETE FROM attachment; INSERT INTO attachment VALUES('y', 'y', 0, 'zstd', "
        "zeroblob(900000)); DELETE FROM "
        "entity");
    ::raise(SIGKILL);
  });
  CHECK(std::filesystem::exists(file.string() + (journal == "WAL" ? "-wal" : "-journal")));
  CHECK(same(read(file), before));
  CHECK(SampleFile(file, Access::ReadOnly).logBytes(before.runs[0]) == sampleLog("a", -60).bytes);
  CampaignFile f = openToEdit(file);
  f.edit(test::step("Rename"), renamed(f.campaign(), "Goes on"));
  CHECK(namesIn(dir.path()) == std::vector<std::string>{"c.distanz"});
}

TEST_CASE("a killed build leaves nothing that passes for the target, and the next one sweeps it away",
          "[regression]") {
  const TempDir dir;
  const auto flown = simulate::simulate(twoSetups(1), 5);
  const auto bytes = [&](const campaign::Run&, const campaign::Source&) {
    return formats::writeLogCsv(flown.recordings[0]);
  };
  formats::writeInterchange(
      dir / "one", flown.campaign, [&](const campaign::Run& run, const campaign::Source&) {
        return formats::writeLogCsv(flown.recordings[std::size_t(campaign::findRun(flown.campaign, run.id) -
                                                                 flown.campaign.runs.data())]);
      });
  std::filesystem::create_directory(dir / "out");
  inChild([&] {
    fromInterchange(dir / "one", dir / "out" / "c.distanz", [](double) {
      ::raise(SIGKILL);
      return true;
    });
  });
  inChild([&] {
    formats::writeInterchange(dir / "out" / "folder", flown.campaign,
                              [&](const campaign::Run& run, const campaign::Source&) {
                                if (run.id == "B1") ::raise(SIGKILL);
                                return bytes(run, run.source());
                              });
  });
  CHECK_FALSE(std::filesystem::exists(dir / "out" / "c.distanz"));
  CHECK_FALSE(std::filesystem::exists(dir / "out" / "folder"));
  fromInterchange(dir / "one", dir / "out" / "c.distanz");
  CHECK(namesIn(dir / "out") == std::vector<std::string>{"c.distanz"});
}

TEST_CASE("what another program is still building is not swept away") {
  const TempDir dir;
  int ready[2], go[2];
  REQUIRE(::pipe(ready) == 0);
  REQUIRE(::pipe(go) == 0);
  const pid_t builder = startChild([&] {
    formats::Aside aside(dir / "x");
    spill(aside.place(), "whole");
    char c = 'r';
    if (::write(ready[1], &c, 1) != 1 || ::read(go[0], &c, 1) != 1) ::_exit(1);
    aside.publish(formats::Aside::Existing::Keep);
  });
  char c = 0;
  REQUIRE(::read(ready[0], &c, 1) == 1);
  formats::Aside::sweep(dir.path());
  formats::writeFile(dir / "y", "other");
  REQUIRE(::write(go[1], &c, 1) == 1);
  CHECK(ended(builder) == 0);
  CHECK(slurp(dir / "x") == "whole");
  CHECK(namesIn(dir.path()) == std::vector<std::string>{"x", "y"});
}

TEST_CASE("writing two files at once through names that begin alike loses neither", "[regression]") {
  const TempDir dir;
  std::vector<pid_t> writers;
  for (const char* text : {"one", "two"})
    writers.push_back(startChild([&] {
      for (int i = 0; i < 50; ++i) formats::writeFile(dir / (std::string(text) + ".csv"), text);
    }));
  for (int i = 0; i < 50; ++i)
    formats::writeFile(dir / "one.csv.part", "kept");  // a log of this name was overwritten
  for (const pid_t w : writers) CHECK(ended(w) == 0);
  CHECK(slurp(dir / "one.csv.part") == "kept");
  CHECK(slurp(dir / "one.csv") == "one");
  CHECK(slurp(dir / "two.csv") == "two");
}

TEST_CASE("replacing a campaign: the old one is there until the new one is whole, and never while it is open",
          "[regression]") {
  const TempDir dir;
  const auto file = dir / "c.distanz";
  campaign::Campaign bad = small();
  bad.links[0].frequency_mhz = -1;
  {
    CampaignFile old = CampaignFile::create(file, renamed(small(), "Old"));
    CampaignFile writer = openToEdit(file);
    CHECK_THROWS_AS(CampaignFile::create(file, bad, CampaignFile::Existing::Replace), InputError);
    CHECK(read(file).setups[0].name == "Old");
  }
  CampaignFile::create(file, small(), CampaignFile::Existing::Replace);
  CHECK(same(read(file), small()));
  CHECK(namesIn(dir.path()) == std::vector<std::string>{"c.distanz"});
}

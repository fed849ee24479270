// Several programs, or connections, on one campaign file.
#include <csignal>
#include <fmt/format.h>

#include "core/finding/error.h"
#include "store/fixture.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::store;
using namespace distanz::test;
using Catch::Matchers::Contains;

TEST_CASE("two programs: logs imported while others open, read and close the file are all there",
          "[regression]") {
  const TempDir dir;
  { CampaignFile::create(dir / "c.distanz", small()); }
  std::vector<pid_t> readers, writers;
  for (int r = 0; r < 2; ++r)
    readers.push_back(startChild([&] {
      for (;;) {
        const CampaignFile f =
            CampaignFile::open(dir / "c.distanz", r == 0 ? Access::ReadOnly : Access::ReadWrite);
        const SampleFile s(dir / "c.distanz", Access::ReadOnly);
        for (const campaign::Run& run : f.campaign().runs) s.recording(run, f.campaign());
      }
    }));
  constexpr int kEach = 12;
  for (int w = 0; w < 2; ++w)
    writers.push_back(startChild([&] {
      for (int i = 0; i < kEach; ++i) {
        CampaignFile f = openToEdit(dir / "c.distanz");
        import(f, sampleLog("log", -60 - i - 100 * w));
      }
    }));
  for (const pid_t w : writers) CHECK(WEXITSTATUS(ended(w)) == 0);
  for (const pid_t r : readers) {
    ::kill(r, SIGKILL);
    CHECK(WTERMSIG(ended(r)) == SIGKILL);  // none had given up
  }
  const campaign::Campaign c = read(dir / "c.distanz");
  CHECK(c.runs.size() == 2 * kEach);
  const SampleFile s(dir / "c.distanz", Access::ReadOnly);
  for (const campaign::Run& run : c.runs) CHECK(s.has(run));
  CHECK(namesIn(dir.path()) == std::vector<std::string>{"c.distanz"});
}

TEST_CASE("two programs: another's half-done import is not taken for rubbish by whoever opens the file",
          "[regression]") {
  const TempDir dir;
  CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
  const Log log = sampleLog("a", -60);
  std::vector<PackedRun> runs;
  runs.push_back(log.packed());
  {
    CampaignFile::open(dir / "c.distanz", Access::ReadWrite);
  }  // opened and closed between reading the log and keeping it
  const campaign::Run run = f.addRuns(test::step("Import"), std::move(runs), f.campaign().links).runs.at(0);
  { CampaignFile::open(dir / "c.distanz", Access::ReadWrite); }
  CHECK(SampleFile(dir / "c.distanz", Access::ReadOnly).logBytes(run, run.source()) == log.bytes);
}

TEST_CASE(
    "lost update: the same part changed elsewhere is a conflict, another part is merged, and undo elsewhere "
    "is seen",
    "[regression]") {
  const TempDir dir;
  campaign::Campaign two = small();
  two.setups.push_back({"B", "Helix", "", {}, ""});
  CampaignFile f = CampaignFile::create(dir / "c.distanz", two);
  CampaignFile g = openToEdit(dir / "c.distanz");
  const campaign::Campaign base = f.campaign();
  g.edit(test::step("Rename"), renamed(g.campaign(), "Elsewhere"));
  CHECK_THROWS_AS(f.edit(test::step("Rename"), base, renamed(base, "Here")), Conflict);
  CHECK(f.campaign().setups[0].name == "Elsewhere");  // taken in
  campaign::Campaign next = base;
  next.setups[1].name = "Six turns";
  f.edit(test::step("Rename B"), base, next);
  CHECK(f.campaign().setups[0].name == "Elsewhere");
  CHECK(f.campaign().setups[1].name == "Six turns");
  // An undo elsewhere leaves as many steps as before; it is a change all the same.
  g.undo();
  CHECK(g.campaign().setups[1].name == "Helix");
  CHECK_THROWS_AS(f.edit(test::step("Rename B"), f.campaign(),
                         [&] {
                           campaign::Campaign mine = f.campaign();
                           mine.setups[1].name = "Mine";
                           return mine;
                         }()),
                  Conflict);
  CHECK(same(f.campaign(), g.campaign()));
}

TEST_CASE("lost update: with the history full, a foreign edit is still seen", "[regression]") {
  const TempDir dir;
  CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
  for (int i = 0; i < 501; ++i) f.edit(test::step("Rename"), renamed(f.campaign(), fmt::to_string(i)));
  CampaignFile g = openToEdit(dir / "c.distanz");
  g.edit(test::step("Rename"), renamed(g.campaign(), "Elsewhere"));
  CHECK_THROWS_AS(f.edit(test::step("Rename"), renamed(f.campaign(), "Here")), Conflict);
  CHECK(read(dir / "c.distanz").setups[0].name == "Elsewhere");
}

TEST_CASE("lost update: a merge that makes no sense together is a conflict") {
  const TempDir dir;
  CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
  CampaignFile g = openToEdit(dir / "c.distanz");
  const campaign::Campaign base = f.campaign();
  campaign::Campaign without = base;
  without.setups.clear();
  g.edit(test::step("Remove A"), without);
  campaign::Campaign with_run = base;
  campaign::Run run;
  run.id = "A1";
  run.setup = "A";
  with_run.runs.push_back(run);
  CHECK_THROWS_AS(f.edit(test::step("Add"), base, with_run), Conflict);
  CHECK(same(read(dir / "c.distanz"), without));
}

TEST_CASE("foreign changes: refresh takes them in, and says whether there were any") {
  const TempDir dir;
  CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
  CHECK_FALSE(f.refresh());
  CampaignFile g = openToEdit(dir / "c.distanz");
  g.edit(test::step("Rename"), renamed(g.campaign(), "Elsewhere"));
  CHECK(f.refresh());
  CHECK(same(f.campaign(), g.campaign()));
  CHECK_FALSE(f.refresh());
  CHECK(test::told(f.undoable()) == "Rename");
  f.undo();
  CHECK(g.refresh());
  CHECK(same(g.campaign(), small()));
}

TEST_CASE("imports of several programs get different ids, and one log counts once whoever was first") {
  const TempDir dir;
  CampaignFile f = CampaignFile::create(dir / "c.distanz", small()), g = openToEdit(dir / "c.distanz");
  CHECK(import(f, sampleLog("a", -60)).id == "A1");
  CHECK(import(g, sampleLog("b", -61)).id == "A2");
  CHECK_REFUSED(import(g, sampleLog("again", -60)), Contains("already, as run A1"));
  CHECK(import(f, sampleLog("c", -62)).order == 3);
}

TEST_CASE(
    "file deleted, renamed, replaced, cut or emptied while open: no edit is acknowledged, and a copy can be "
    "saved",
    "[regression]") {
  const TempDir dir;
  const auto file = dir / "c.distanz";
  CampaignFile f = CampaignFile::create(file, small());
  const Log log = sampleLog("a", -60);
  const campaign::Run run = import(f, log);
  const SampleFile samples(file, Access::ReadOnly);
  const std::string whole = slurp(file);
  const campaign::Campaign before = f.campaign();
  enum How { Deleted, Renamed, Replaced, Cut, Emptied, OlderCopy };
  const auto how = GENERATE(Deleted, Renamed, Replaced, Cut, Emptied, OlderCopy);
  CAPTURE(how);
  if (how == Deleted) std::filesystem::remove(file);
  if (how == Renamed) std::filesystem::rename(file, dir / "other.distanz");
  if (how == Replaced) {
    { CampaignFile::create(dir / "other.distanz", renamed(small(), "Other")); }
    std::filesystem::rename(dir / "other.distanz", file);
  }
  if (how == Cut) std::filesystem::resize_file(file, whole.size() - 4096);
  if (how == Emptied) std::filesystem::resize_file(file, 0);
  if (how == OlderCopy) {
    { CampaignFile::create(dir / "other.distanz", small()); }
    spill(file, slurp(dir / "other.distanz"));  // the same file, other bytes
  }
  CHECK_THROWS_AS(f.edit(test::step("Rename"), renamed(before, "Lost")), InputError);
  CHECK_THROWS_AS(f.undo(), InputError);
  CHECK(same(f.campaign(), before));
  if (how != Replaced && how != OlderCopy) return;
  CHECK(read(file).setups[0].name ==
        (how == Replaced ? "Other" : "Patch"));  // what lies there now was left alone
}

TEST_CASE("a reader leaves the file and its folder as they are, whatever the schema") {
  const TempDir dir;
  const auto source = GENERATE(as<std::string>{}, "schema-1.distanz", "schema-2.distanz", "");
  const auto file = dir / "c.distanz";
  if (source.empty())
    CampaignFile::create(file, small());
  else
    std::filesystem::copy_file(std::string(DISTANZ_TEST_DATA "/frozen/") + source, file);
  const std::string bytes = slurp(file);
  const auto time = std::filesystem::last_write_time(file);
  {
    const CampaignFile f = CampaignFile::open(file, Access::ReadOnly);
    const SampleFile s(file, Access::ReadOnly);
    for (const campaign::Run& run : f.campaign().runs) CHECK(s.recording(run, f.campaign())->rows() == 900);
    CHECK(f.campaign().setups[0].id == "A");
  }
  CHECK(slurp(file) == bytes);
  CHECK(std::filesystem::last_write_time(file) == time);
  CHECK(namesIn(dir.path()) == std::vector<std::string>{"c.distanz"});
}

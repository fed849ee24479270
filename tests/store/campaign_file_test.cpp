#include <fmt/format.h>
#include <sys/resource.h>

#include <csignal>
#include <random>

#include "core/campaign/kit.h"
#include "core/finding/error.h"
#include "store/fixture.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::store;
using namespace distanz::test;
using Catch::Matchers::Contains;

TEST_CASE("campaign file: every edit is there after reopening, undo and redo reach over it") {
  const TempDir dir;
  {
    CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
    f.edit(test::step("Rename"), renamed(f.campaign(), "Helix"));
    f.edit(test::step("Rename again"), renamed(f.campaign(), "Stub"));
    CHECK_FALSE(f.redoable());
    CHECK(namesIn(dir.path()) ==
          std::vector<std::string>{"c.distanz"});  // one plain file, also while it is open
  }
  CampaignFile f = openToEdit(dir / "c.distanz");
  CHECK(f.campaign().setups[0].name == "Stub");
  CHECK(test::told(f.undoable()) == "Rename again");
  f.undo();
  f.undo();
  CHECK(same(f.campaign(), small()));
  CHECK_FALSE(f.undoable());
  f.undo();  // nothing to undo is no mistake
  f.redo();
  CHECK(f.campaign().setups[0].name == "Helix");
  CHECK(test::told(f.redoable()) == "Rename again");
  f.edit(test::step("Another way"), renamed(f.campaign(), "Wire"));
  CHECK_FALSE(f.redoable());
  f.edit(test::step("Nothing"), f.campaign());
  CHECK(test::told(f.undoable()) == "Another way");
}

TEST_CASE("campaign file: every field survives, unknown ones at every level too") {
  const TempDir dir;
  campaign::Campaign c = small();
  campaign::editFirstPath(c).points = {{{46.91, 20.96}, 60, R"({"post":"oak"})"}, {{46.93, 20.99}, 70}};
  c.station.unknown = R"({"mast":"larch"})";
  c.links[0].sensitivity_dbm = -108;
  c.links[0].rule = {70, 3, {}, R"({"gaps_s":2})"};
  c.links[0].modes = {{50, -112, R"({"bits":4})"}, {150, -107}};
  c.links[0].unknown = R"({"colour":"teal"})";
  campaign::setValueAt(c, "A", "control", campaign::kTransmitPower, 23.5);
  campaign::setValueAt(c, "A", "control", campaign::kReceiveGain, 8);
  c.parts[1].uuid = "6d1f0c6e-0000-4000-8000-000000000001";
  c.parts[1].values["gain_dbi"].origin = campaign::Origin::Measured;
  c.parts[1].values["gain_dbi"].record = "r1";
  c.parts[1].values["gain_dbi"].unknown = R"({"at_mhz":2440})";
  c.parts[1].unknown = R"({"bought":"2025"})";
  c.setups[0].links["control"].automatic_power = true;
  c.setups[0].links["control"].unknown = R"({"filter":"notch"})";
  c.setups[0].unknown = R"({"weight_g":12})";
  c.unknown = R"({"future":1})";
  c.paths[0].post_spacing_m = 200;
  c.paths[0].posts = {{"oak", 420, R"({"height_m":12})"}};
  c.paths[0].segments = {{"the poplars", 800, 1100, {}}};
  c.paths[0].unknown = R"({"surface":"gravel"})";
  c.plan_exponent = 2.4;
  campaign::Run run = sampleLog("A1", -60).run;
  run.id = "A1";
  run.editSource().columns = {{"control.rssi_dbm", "x"}};
  run.sources.push_back({"track.gpx", std::string(64, 'a'), {}, 1.5, -20, 0.25, R"({"device":"watch"})"});
  run.path = c.paths[0].id;
  run.method = campaign::Method::Paired;
  run.turn_begin_s = 4;
  run.turn_end_s = 9.5;
  run.order = 3;
  run.ended = campaign::Ended::Battery;
  run.notes = "\u00e4 ' \" ;";
  run.reduced_db = {{"control", 20}};
  run.legs = campaign::Legs::Back;
  run.unknown = R"({"pilot":"one"})";
  c.runs.push_back(run);
  { CampaignFile::create(dir / "c.distanz", c); }
  CHECK(same(read(dir / "c.distanz"), c));
  CampaignFile f = openToEdit(dir / "c.distanz");
  f.edit(test::step("All gone"), small());
  CHECK(same(f.campaign(), small()));
  f.undo();
  CHECK(same(f.campaign(), c));
  f.redo();
  CHECK(same(f.campaign(), small()));
}

TEST_CASE("campaign file: an invalid edit is refused and changes nothing") {
  const TempDir dir;
  CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
  campaign::Campaign bad = small();
  bad.setups.push_back(bad.setups[0]);
  CHECK_REFUSED(f.edit(test::step("Double"), bad), Contains("occurs twice"));
  CHECK(same(f.campaign(), small()));
  CHECK_FALSE(f.undoable());
  CHECK_REFUSED(CampaignFile::create(dir / "c.distanz", small()), Contains("exists already"));
  CHECK(namesIn(dir.path()) == std::vector<std::string>{"c.distanz"});
}

TEST_CASE(
    "campaign file: parts keep their order when some are put between, removed, moved and brought back") {
  const TempDir dir;
  campaign::Campaign c = small();
  for (const char* id : {"B", "C", "D"}) c.setups.push_back({id, "", "", {}, ""});
  CampaignFile f = CampaignFile::create(dir / "c.distanz", c);
  std::vector<campaign::Campaign> states{c};
  const auto edit = [&](auto change) {
    campaign::Campaign next = f.campaign();
    change(next.setups);
    f.edit(test::step("Change"), next);
    states.push_back(next);
    CHECK(same(read(dir / "c.distanz"), next));
  };
  edit([](auto& s) { s.insert(s.begin() + 1, {"X", "", "", {}, ""}); });
  edit([](auto& s) { s.erase(s.begin()); });
  edit([](auto& s) { std::swap(s[0], s[2]); });
  for (int i = 0; i < 60; ++i)  // until no number lies between two places any more
    edit([&](auto& s) { s.insert(s.begin() + 1, {"n" + fmt::to_string(i), "", "", {}, ""}); });
  edit([](auto& s) { s.erase(s.begin() + 1, s.begin() + 50); });
  for (std::size_t i = states.size() - 1; i-- > 0;) {
    f.undo();
    CHECK(same(f.campaign(), states[i]));
    CHECK(same(read(dir / "c.distanz"), states[i]));
  }
}

TEST_CASE("campaign file: the history keeps the last 500 edits") {
  const TempDir dir;
  CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
  for (int i = 0; i < 510; ++i) f.edit(test::step("Rename"), renamed(f.campaign(), fmt::to_string(i)));
  int steps = 0;
  for (; f.undoable(); ++steps) f.undo();
  CHECK(steps == 500);
  CHECK(f.campaign().setups[0].name == "9");
}

TEST_CASE(
    "disk full: an edit, an import and an undo are refused with the reason, the campaign is as it was, and "
    "work goes on") {
  const TempDir dir;
  {
    CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
    f.edit(test::step("Rename"), renamed(f.campaign(), "Helix"));
  }
  const int status = inChild([&] {
    ::signal(SIGXFSZ, SIG_IGN);
    CampaignFile f = openToEdit(dir / "c.distanz");
    const auto refused = [](const std::function<void()>& work) {
      try {
        work();
      } catch (const InputError& e) {
        return test::told(e).find("nothing was changed") != std::string::npos;
      }
      return false;
    };
    const auto limitTo = [](rlim_t bytes) {
      const rlimit limit{bytes, RLIM_INFINITY};
      ::setrlimit(RLIMIT_FSIZE, &limit);
    };
    const campaign::Campaign before = f.campaign();
    limitTo(100);  // not even a journal
    if (!refused([&] { f.edit(test::step("Rename"), renamed(before, "Stub")); })) ::_exit(1);
    if (!refused([&] { f.undo(); })) ::_exit(2);
    limitTo(300000);  // room for an edit, not for a log
    Log l = sampleLog("A1", -60);
    std::mt19937 noise(1);
    for (int i = 0; i < 400000; ++i) l.bytes += static_cast<char>(noise());
    if (!refused([&] { import(f, l); })) ::_exit(3);
    if (!(f.campaign() == before)) ::_exit(4);
    f.edit(test::step("Rename"), renamed(before, "Wire"));
  });
  CHECK(WEXITSTATUS(status) == 0);
  CHECK(same(read(dir / "c.distanz"), renamed(small(), "Wire")));
  CHECK(namesIn(dir.path()) == std::vector<std::string>{"c.distanz"});
}

TEST_CASE("a newer file opens read-only with a plain message") {
  const TempDir dir;
  { CampaignFile::create(dir / "c.distanz", small()); }
  SQLite::Database((dir / "c.distanz").string(), SQLite::OPEN_READWRITE).exec("PRAGMA user_version=99");
  CampaignFile f = openToEdit(dir / "c.distanz");
  CHECK_THAT(test::told(f.readOnlyReason()), Contains("newer version"));
  CHECK(same(f.campaign(), small()));
  CHECK_REFUSED(f.edit(test::step("Rename"), renamed(small(), "x")), Contains("newer version"));
}

TEST_CASE("a file that a newer version brought up to date while it was open is written no more",
          "[regression]") {
  const TempDir dir;
  CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
  SQLite::Database((dir / "c.distanz").string(), SQLite::OPEN_READWRITE).exec("PRAGMA user_version=99");
  CHECK_REFUSED(f.edit(test::step("Rename"), renamed(small(), "x")), Contains("newer version"));
  CHECK_FALSE(f.refresh());
  CHECK(same(f.campaign(), small()));
  CHECK(same(read(dir / "c.distanz"), small()));
}

TEST_CASE("purge: only logs that neither a run nor undo speaks of go") {
  const TempDir dir;
  CampaignFile f = CampaignFile::create(dir / "c.distanz", small());
  const campaign::Run kept = import(f, sampleLog("a", -60)), undone = import(f, sampleLog("b", -70));
  f.undo();  // redo wants it
  CHECK(f.purge() == 0);
  f.edit(test::step("Rename"), renamed(f.campaign(), "x"));  // no redo any more
  CHECK(f.purge() == 1);
  const SampleFile s(dir / "c.distanz", Access::ReadOnly);
  CHECK(s.has(kept));
  CHECK_FALSE(s.has(undone));
}

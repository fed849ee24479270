// Files of schema 1 and 2, written by the versions that had them.
#include <SQLiteCpp/Database.h>
#include <fmt/format.h>

#include "core/campaign/kit.h"
#include "core/finding/error.h"
#include "store/fixture.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::store;
using namespace distanz::test;
using Catch::Matchers::Contains;

namespace {

std::filesystem::path frozen(int schema) {
  return DISTANZ_TEST_DATA "/frozen/schema-" + fmt::to_string(schema) + ".distanz";
}

}  // namespace

TEST_CASE("migration: the frozen files keep every field, log and step of undo, and a copy as they were") {
  const TempDir dir;
  const int schema = GENERATE(1, 2, 3);
  CAPTURE(schema);
  const auto file = dir / "c.distanz";
  std::filesystem::copy_file(frozen(schema), file);
  const std::string old_bytes = slurp(file);
  const campaign::Campaign before = read(file);
  CHECK(before.title == "Frozen campaign");
  CHECK(before.unknown == R"({"future":{"a":[1,2]}})");
  REQUIRE(before.runs.size() == (schema == 3 ? 4 : 3));
  CHECK(before.runs[1].void_reason == "gusty");
  CHECK(before.runs[1].turn_begin_s == 40.5);
  CHECK(before.runs[1].unknown == R"({"pilot":"one"})");
  CHECK(campaign::valueAt(before, before.setups[0].links.at("control"), campaign::kReceiveGain) == 8.0);
  CampaignFile f = openToEdit(file);
  CHECK_FALSE(f.readOnlyReason());
  CHECK(same(f.campaign(), before));
  const SampleFile s(file, Access::ReadWrite);
  for (const campaign::Run& run : before.runs) {
    CHECK(formats::sha256(s.logBytes(run, run.source())) == run.source().sha256);
    CHECK(s.recording(run, before)->find("control.rssi_dbm") != nullptr);
  }
  const std::string fresh = f.campaign().runs[0].uuid;
  CHECK_FALSE(fresh.empty());
  const int steps = schema == 3 ? 3 : 2;
  CHECK(test::told(f.undoable()) == (schema == 3 ? "Import A3.csv" : "Import A2.csv"));
  for (int i = 1; i < steps; ++i) f.undo();
  CHECK(f.campaign().runs.size() == 2);
  f.undo();
  CHECK(f.campaign().runs.empty());
  for (int i = 0; i < steps; ++i) f.redo();
  CHECK(f.campaign().runs[0].uuid == fresh);
  CHECK(same(f.campaign(), before));
  const std::string copy = file.string() + ".schema-" + fmt::to_string(schema);
  CHECK(same(read(copy), before));
  CHECK(SQLite::Database(copy).execAndGet("PRAGMA user_version").getInt() == schema);
  CHECK(old_bytes == slurp(frozen(schema)));
}

TEST_CASE("migration: a copy of that name that is another file is kept", "[regression]") {
  const TempDir dir;
  const auto file = dir / "c.distanz";
  std::filesystem::copy_file(frozen(2), file);
  spill(dir / "c.distanz.schema-2", "half a copy of an earlier kill");
  { openToEdit(file); }
  CHECK(slurp(dir / "c.distanz.schema-2") == "half a copy of an earlier kill");
  CHECK(read(dir / "c.distanz.schema-2-2").runs.size() == 3);
}

TEST_CASE("migration: several programs at once, one of them does it", "[regression]") {
  const TempDir dir;
  for (int round = 0; round < 5; ++round) {
    const auto file = dir / (fmt::to_string(round) + ".distanz");
    std::filesystem::copy_file(frozen(1 + round % 2), file);
    std::vector<pid_t> programs;
    for (int i = 0; i < 4; ++i)
      programs.push_back(startChild([&] {
        CampaignFile f = openToEdit(file);
        import(f, sampleLog("log", -60 - i));
      }));
    for (const pid_t p : programs) CHECK(WEXITSTATUS(ended(p)) == 0);
    CHECK(read(file).runs.size() == 7);
  }
}

TEST_CASE("migration: a damaged old file is refused and left as it was") {
  const TempDir dir;
  const auto file = dir / "c.distanz";
  std::filesystem::copy_file(frozen(2), file);
  SQLite::Database(file.string(), SQLite::OPEN_READWRITE).exec("UPDATE run SET columns = '[['");
  const std::string bytes = slurp(file);
  CHECK_REFUSED(openToEdit(file), Contains("columns is damaged"));
  CHECK(slurp(file) == bytes);
  CHECK(namesIn(dir.path()) == std::vector<std::string>{"c.distanz"});
}

TEST_CASE("migration: a history that is damaged costs its steps, not the campaign") {
  const TempDir dir;
  const auto file = dir / "c.distanz";
  std::filesystem::copy_file(frozen(2), file);
  SQLite::Database(file.string(), SQLite::OPEN_READWRITE).exec("UPDATE history SET undo = '{{' WHERE id = 1");
  CampaignFile f = openToEdit(file);
  CHECK(f.campaign().runs.size() == 3);
  f.undo();
  CHECK(f.campaign().runs.size() == 2);
  CHECK_FALSE(f.undoable());
}

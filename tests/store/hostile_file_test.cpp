// Campaign files that nobody meant well with.
#include <sys/stat.h>
#include <SQLiteCpp/Database.h>
#include <SQLiteCpp/Statement.h>

#include "core/finding/error.h"
#include "store/fixture.h"
#include "support/told.h"

using namespace distanz;
using namespace distanz::store;
using namespace distanz::test;
using Catch::Matchers::Contains;

TEST_CASE("foreign, truncated, damaged and missing files are refused, not touched") {
  const TempDir dir;
  { CampaignFile::create(dir / "c.distanz", small()); }
  const std::string whole = slurp(dir / "c.distanz");
  const auto [bytes, because] = GENERATE_COPY(
      table<std::string, std::string>({{"", "is not a Distanz campaign"},
                                       {"hello, this is a text file", "is not a Distanz campaign"},
                                       {whole.substr(0, 5000), "damaged or cut short"},
                                       {whole.substr(0, 60), "is not a Distanz campaign"},
                                       {whole.substr(0, 100) + std::string(whole.size() - 100, 'x'), ""}}));
  spill(dir / "bad.distanz", bytes);
  CHECK_REFUSED(CampaignFile::open(dir / "bad.distanz", Access::ReadWrite),
                Contains("bad.distanz: ") && Contains(because));
  CHECK(slurp(dir / "bad.distanz") == bytes);
  CHECK_REFUSED(CampaignFile::open(dir / "none.distanz", Access::ReadWrite),
                Contains("check that it is still there"));
  SQLite::Database(dir / "other.db", SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE).exec("CREATE TABLE t(x)");
  CHECK_REFUSED(openToEdit(dir / "other.db"), Contains("not a Distanz campaign"));
}

TEST_CASE("hostile schema: a table that is a view, virtual or another is refused, an endless one included",
          "[regression]") {
  const TempDir dir;
  const auto file = dir / "c.distanz";
  { CampaignFile::create(file, small()); }
  const std::string sql = GENERATE(
      as<std::string>{},
      "ALTER TABLE entity RENAME TO e; CREATE VIEW entity AS WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL "
      "SELECT i + 1 FROM n) SELECT 'run' AS kind, i AS id, 0.0 AS position, 0 AS revision, '{}' AS body FROM "
      "n",
      "DROP TABLE entity; CREATE VIRTUAL TABLE entity USING fts5(kind, id, position, revision, body)",
      "DROP TABLE history; CREATE TABLE history(id, at, what, changes, undone)", "DROP TABLE meta");
  SQLite::Database(file.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE).exec(sql);
  CHECK_REFUSED(openToEdit(file), Contains("changed by hand"));
  CHECK_THROWS_AS(SampleFile(file, Access::ReadOnly), InputError);
}

TEST_CASE("hostile schema: triggers and views of others do nothing", "[regression]") {
  const TempDir dir;
  const auto file = dir / "c.distanz";
  { CampaignFile::create(file, small()); }
  SQLite::Database(file.string(), SQLite::OPEN_READWRITE)
      .exec(
          "CREATE TRIGGER t AFTER INSERT ON entity BEGIN DELETE FROM entity; DELETE FROM attachment; END;"
          "CREATE TRIGGER u BEFORE INSERT ON history BEGIN SELECT RAISE(ABORT, 'no'); END;"
          "CREATE VIEW mine AS SELECT * FROM entity");
  CampaignFile f = openToEdit(file);
  f.edit(test::step("Rename"), renamed(f.campaign(), "Helix"));
  CHECK(read(file).setups[0].name == "Helix");
}

TEST_CASE("hostile rows: whatever a body holds, the file is refused with a sentence", "[regression]") {
  const TempDir dir;
  const auto file = dir / "c.distanz";
  { CampaignFile::create(file, small()); }
  const std::string deep = std::string(450000, '[') + std::string(450000, ']');
  const std::string body = GENERATE_COPY(
      as<std::string>{}, deep, "[]", "null", "{}", "{\"id\":\"B\"}", "{\"id\":\"A\",\"name\":7}",
      "{\"id\":\"A\",\"x\":" + deep + "}", "{\"id\":\"A\",\"links\":[1]}",
      "{\"id\":\"A\",\"links\":{\"control\":{\"tx_gain_dbi\":1e999}}}", "\xff\xfe", "{\"id\":\"A");
  {
    SQLite::Database db(file.string(), SQLite::OPEN_READWRITE);
    SQLite::Statement put(db, "UPDATE entity SET body = ? WHERE kind = 'setup'");
    put.bind(1, body);
    put.exec();
  }
  try {
    openToEdit(file);
    FAIL("opened");
  } catch (const InputError& e) {
    const std::string text = test::told(e);
    CHECK_THAT(text, Contains("c.distanz") && !Contains("json.exception") && !Contains("exception"));
  }
}

TEST_CASE("hostile history: a step that makes no sense is refused, the campaign stays", "[regression]") {
  const TempDir dir;
  const auto file = dir / "c.distanz";
  CampaignFile f = CampaignFile::create(file, small());
  f.edit(test::step("Rename"), renamed(f.campaign(), "Helix"));
  const std::string changes = GENERATE(as<std::string>{}, "x", "[[1]]", "[[\"setup\",\"A\",[0,7],[0,\"\"]]]",
                                       "[[\"setup\",\"A\",null,[1,\"{}\"]]]", "[[\"setup\",\"Z\",null,null]]",
                                       "[[\"facts\",\"\",[0,\"[\"],[0,\"[\"]]]");
  {
    SQLite::Database db(file.string(), SQLite::OPEN_READWRITE);
    SQLite::Statement put(db, "UPDATE history SET changes = ?");
    put.bind(1, changes);
    put.exec();
  }
  try {
    f.undo();
  } catch (const InputError& e) {
    CHECK_THAT(test::told(e), !Contains("exception"));
  }
  CHECK(f.campaign().setups[0].name == "Helix");
  CHECK(read(file).setups[0].name == "Helix");
}

TEST_CASE("names: a file is what it is called, not what SQLite would make of it", "[regression]") {
  const TempDir dir;
  const std::string name =
      GENERATE(as<std::string>{}, "file:y.distanz", "file:z?mode=memory",
               ":memory:", "\u043f\u043e\u043b\u0451\u0442 \u98db\u884c.distanz", "a#b%20c.distanz");
  const auto old = std::filesystem::current_path();
  std::filesystem::current_path(dir.path());
  {
    CampaignFile f = CampaignFile::create(name, small());
    f.edit(test::step("Rename"), renamed(f.campaign(), "Helix"));
  }
  CHECK(read(name).setups[0].name == "Helix");
  std::filesystem::current_path(old);
  CHECK(namesIn(dir.path()) == std::vector<std::string>{name});
}

TEST_CASE("names: a pipe or a link that is named like the journal is refused, and nothing waits for it", "[regression]") {
  const TempDir dir;
  const auto file = dir / "c.distanz";
  CampaignFile::create(file, small());
  const std::string ending = GENERATE(as<std::string>{}, "-journal", "-wal", "-shm");
  const std::string beside = file.string() + ending;
  SECTION("a pipe") { REQUIRE(::mkfifo(beside.c_str(), 0600) == 0); }
  SECTION("a link") { std::filesystem::create_symlink(dir / "elsewhere", beside); }
  CHECK_THROWS_AS(CampaignFile::open(file, Access::ReadWrite), InputError);
  std::filesystem::remove(beside);
  CHECK(read(file).setups.size() == 1);
}

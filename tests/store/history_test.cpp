// The history costs what changed: bodies are kept as the stretch that differs, and come back byte for byte.
#include <random>

#include "core/finding/error.h"
#include "store/change_text.h"
#include "store/database.h"
#include "store/fixture.h"

using namespace distanz;
using namespace distanz::store;
using test::TempDir;

namespace {

campaign::Campaign withReadings(campaign::Campaign c, int count) {
  if (c.records.empty()) {
    campaign::Record r;
    r.id = "r1";
    r.kind = campaign::RecordKind::Ground;
    r.made_at = "2026-11-26 15:20";
    c.records.push_back(r);
  }
  auto& readings = c.records[0].readings;
  for (int i = 0; i < count; ++i) readings.push_back({"on", {{"time_s", double(readings.size())}, {"count", 7}}, {}});
  return c;
}

/// A table of entities with one row in it.
struct OneRow {
  SQLite::Database db{":memory:", SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE};
  explicit OneRow(const std::string& body) {
    db.exec("CREATE TABLE entity(kind TEXT, id TEXT, position REAL, revision INTEGER, body TEXT, PRIMARY KEY(kind, id))");
    set(body);
  }
  void set(const std::string& body) {
    SQLite::Statement put(db, "INSERT OR REPLACE INTO entity VALUES('record', 'r1', 1, 1, ?)");
    put.bind(1, body);
    put.exec();
  }
};

std::string randomBody(std::mt19937& random, std::size_t size) {
  static const std::vector<std::string> pieces{"\"", ",", ":", "a", "7", "0.25", "\xc3\xbc", "\xc3\xa4", "\xe2\x82\xac", " ", "sha", "{", "}"};
  std::string out;
  while (out.size() < size) out += pieces[random() % pieces.size()];
  return out;
}

}  // namespace

TEST_CASE("history: a body comes back as it was, whichever way a step is taken") {
  std::mt19937 random(5);
  for (int round = 0; round < 300; ++round) {
    const std::string head = randomBody(random, random() % 700), tail = randomBody(random, random() % 700);
    const std::string before = head + randomBody(random, random() % 90) + tail, after = head + randomBody(random, random() % 90) + tail;
    const std::vector<Change> change{{"record", "r1", Change::State{1, before}, Change::State{2.5, after}}};
    const std::string text = changesText(change);
    for (const std::string& now : {before, after}) {
      OneRow row(now);
      const auto back = changesFrom(row.db, text);
      REQUIRE(back.size() == 1);
      REQUIRE((back[0].before->body == before && back[0].after->body == after));
      REQUIRE((back[0].before->position == 1 && back[0].after->position == 2.5));
    }
  }
}

TEST_CASE("history: what is kept of a long body that changed a little is short, and a name in it is whole") {
  const std::string sha_a = formats::sha256("a"), sha_b = sha_a.substr(0, 60) + "0000";
  const std::string around(5000, 'x');
  const std::string before = "{\"" + around + "\",\"" + sha_a + "\",\"" + around + "\"}", after = "{\"" + around + "\",\"" + sha_b + "\",\"" + around + "\"}";
  const std::string text = changesText({{"record", "r1", Change::State{1, before}, Change::State{1, after}}});
  CHECK(text.size() < 500);
  CHECK(text.find(sha_a) != std::string::npos);  // attachments that only the history speaks of are found by it
  CHECK(text.find(sha_b) != std::string::npos);
}

TEST_CASE("history: a row that is neither as before nor as after is left alone") {
  const std::string before(900, 'a'), after = before + ",b";
  const std::string text = changesText({{"record", "r1", Change::State{1, before}, Change::State{1, after}}});
  OneRow row(before + ",c");
  CHECK_THROWS_AS(changesFrom(row.db, text), InputError);
  row.set("");
  CHECK_THROWS_AS(changesFrom(row.db, text), InputError);
  row.db.exec("DELETE FROM entity");
  CHECK_THROWS_AS(changesFrom(row.db, text), InputError);
}

TEST_CASE("history: readings that come live are one step a minute, taken back and given again as one") {
  const TempDir dir;
  CampaignFile file = CampaignFile::create(dir / "c.distanz", test::small());
  file.edit(test::step("Add"), withReadings(file.campaign(), 1));
  const auto keep = [&] { file.edit(finding("fill-live", {{"record", "Noise"}, {"count", 3}}), withReadings(file.campaign(), 3)); };
  for (int i = 0; i < 20; ++i) keep();
  CHECK(file.campaign().records[0].readings.size() == 61);
  file.edit(test::step("Rename"), test::renamed(file.campaign(), "Helix"));
  keep();  // not over another step
  file.undo();
  CHECK(file.campaign().records[0].readings.size() == 61);
  file.undo();
  int steps = 0;
  while (file.campaign().records[0].readings.size() > 1) {
    file.undo();
    ++steps;
  }
  CHECK(steps <= 3);  // one, but for a minute that ends meanwhile
  while (file.redoable()) file.redo();
  CHECK(file.campaign().records[0].readings.size() == 64);
}

TEST_CASE("history: a quarter of an hour of readings at 1 Hz adds less than a quarter of 5 MB, every step can be taken back") {
  const TempDir dir;
  CampaignFile file = CampaignFile::create(dir / "c.distanz", test::small());
  file.edit(test::step("Add"), withReadings(file.campaign(), 1));
  const auto size = [&] { return std::filesystem::file_size(dir / "c.distanz"); };
  const auto before = size();
  constexpr int kSteps = 300, kEach = 3;
  for (int i = 0; i < kSteps; ++i) file.edit(test::step("Fill"), withReadings(file.campaign(), kEach));
  CHECK(size() - before < 1'250'000);
  CHECK(file.campaign().records[0].readings.size() == 1 + kSteps * kEach);
  const campaign::Campaign full = file.campaign();
  int undone = 0;
  while (file.undoable()) {
    file.undo();
    ++undone;
  }
  CHECK(undone == kSteps + 1);
  CHECK(file.campaign().records.empty());
  while (file.redoable()) file.redo();
  CHECK(test::same(file.campaign(), full));
}

#include <SQLiteCpp/Backup.h>
#include <SQLiteCpp/Statement.h>
#include <SQLiteCpp/Transaction.h>
#include <fmt/format.h>

#include "core/finding/error.h"
#include "formats/aside.h"
#include "formats/files.h"
#include "store/database.h"
#include "store/entities.h"
#include "store/legacy.h"
#include "store/schema.h"
#include "store/state_mark.h"

namespace distanz::store {

namespace fs = std::filesystem;

namespace {

void requireSound(const fs::path& copy, const fs::path& original) {
  SQLite::Database db(fs::absolute(copy).string(), SQLite::OPEN_READONLY);
  if (db.execAndGet("PRAGMA quick_check(1)").getString() != "ok")
    throw InputError(inFile(original, finding("file-cannot-migrate")));
}

/// SQLite's own backup, checked, synced and only then named. The caller holds the write lock, so nothing
/// changes meanwhile.
void keepCopy(const fs::path& path, int version) {
  formats::Aside aside(path);
  {
    SQLite::Database from(fs::absolute(path).string(), SQLite::OPEN_READONLY, kPatience_ms);
    SQLite::Database to(fs::absolute(aside.place()).string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
    to.exec("PRAGMA journal_mode=OFF; PRAGMA synchronous=OFF");
    if (SQLite::Backup(to, from).executeStep() != 101 /* SQLITE_DONE */)
      throw InputError(inFile(path, finding("no-copy-made")));
  }
  requireSound(aside.place(), path);
  const std::string digest = formats::sha256OfFile(aside.place());
  for (int n = 1;; ++n) {
    const fs::path copy =
        fmt::format("{}.schema-{}{}", path.string(), version, n == 1 ? "" : fmt::format("-{}", n));
    std::error_code error;
    if (!fs::exists(copy, error)) {
      fs::permissions(aside.place(), fs::status(path).permissions(), error);  // nobody else reads the copy either
      return aside.publishAs(copy, formats::Aside::Existing::Keep);
    }
    if (formats::sha256OfFile(copy) == digest) return;  // of an earlier try that was stopped
  }
}

void putHistory(SQLite::Database& db, const std::vector<LegacyStep>& steps) {
  SQLite::Statement put(db, "INSERT INTO history(at, what, changes, undone) VALUES(?, ?, ?, ?)");
  for (const LegacyStep& step : steps) {
    put.reset();
    put.bind(1, step.at);
    put.bind(2, step.what);
    put.bind(3, step.changes);
    put.bind(4, step.undone ? 1 : 0);
    put.exec();
  }
}

}  // namespace

void migrate(SQLite::Database& db, const fs::path& path) {
  SQLite::Transaction all(db, SQLite::TransactionBehavior::IMMEDIATE);
  const int version = requireSchema(db, path);
  if (version >= kSchemaVersion) return;  // another program was faster
  campaign::Campaign campaign = readLegacyCampaign(db, version, path.string());
  Identities identities;
  identities.give(campaign);
  const std::vector<LegacyStep> history = readLegacyHistory(db, version, identities);
  keepCopy(path, version);
  dropLegacyTables(db, version);
  createOwnTables(db);
  writeMark(db, next({}));
  writeCampaign(db, campaign, 1);
  putHistory(db, history);
  db.exec(fmt::format("PRAGMA user_version={}", kSchemaVersion));
  all.commit();
}

}  // namespace distanz::store

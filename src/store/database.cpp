#include "store/database.h"

#include <SQLiteCpp/Exception.h>
#include <SQLiteCpp/Statement.h>
#include <fmt/format.h>
#include <sqlite3.h>
#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <cctype>
#include <chrono>
#include <cstring>
#include <nlohmann/json.hpp>
#include <optional>

#include "core/limits/reading.h"
#include "core/text/ascii.h"
#include "formats/aside.h"
#include "store/legacy.h"
#include "store/schema.h"

namespace distanz::store {

namespace fs = std::filesystem;

namespace {

constexpr std::chrono::seconds kLongestWork{limits::kLongestWork_s};
constexpr int kStepsBetweenLooks = 1'000'000;  // of SQLite's machine: some milliseconds

/// What SQLite's code means for the pilot; empty where it says nothing of use.
const char* codeFor(int code) {
  if (code == SQLITE_READONLY_DBMOVED) return "file-moved";
  if (code == SQLITE_READONLY_ROLLBACK || code == SQLITE_READONLY_RECOVERY) return "file-half-written";
  switch (code & 0xff) {
    case SQLITE_FULL:
      return "disk-full";
    case SQLITE_READONLY:
      return "file-read-only";
    case SQLITE_CANTOPEN:
      return "file-cannot-be-opened";
    case SQLITE_PERM:
      return "file-no-permission";
    case SQLITE_NOTADB:
      return "file-no-campaign";
    case SQLITE_CORRUPT:
      return "file-damaged";
    case SQLITE_BUSY:
    case SQLITE_LOCKED:
      return "file-in-use";
    case SQLITE_IOERR:
      return "file-input-output";
    case SQLITE_TOOBIG:
      return "log-too-large";
    case SQLITE_NOMEM:
      return "no-memory";
    case SQLITE_INTERRUPT:
      return "file-takes-for-ever";
    default:
      return "";
  }
}

/// Stops what runs for longer than any honest campaign takes.
struct Deadline {
  std::chrono::steady_clock::time_point end = std::chrono::steady_clock::now() + kLongestWork;
  bool passed() const { return std::chrono::steady_clock::now() > end; }
};
thread_local Deadline* t_deadline = nullptr;

int stopWhenLate(void*) {
  return t_deadline && t_deadline->passed() ? 1 : 0;
}

/// SQL as it is compared: names without quotes, spaces where they part words only.
std::string normalised(std::string_view sql) {
  std::string out;
  for (const char c : sql)
    if (c != '"' && !std::isspace(static_cast<unsigned char>(c)))
      out += text::lower(c);
  return out;
}

}  // namespace

void guarded(const fs::path& path, const std::function<void()>& work) {
  Deadline deadline;
  Deadline* const outer = t_deadline;
  if (!outer) t_deadline = &deadline;
  const struct Restore {
    Deadline* outer;
    ~Restore() { t_deadline = outer; }
  } restore{outer};
  try {
    work();
  } catch (const Error&) {
    throw;
  } catch (const SQLite::Exception& e) {
    const int code = e.getExtendedErrorCode();
    const char* known = codeFor(code);
    const Finding fault =
        inFile(path, *known ? finding(known) : finding("file-unusable", {{"reason", e.what()}}));
    if (code == SQLITE_READONLY_DBMOVED) throw FileGone(fault);
    if ((code & 0xff) == SQLITE_CORRUPT || (code & 0xff) == SQLITE_NOTADB) throw FileDamaged(fault);
    throw InputError(fault);
  } catch (const nlohmann::json::exception&) {
    throw InputError(inFile(path, finding("file-holds-unreadable")));
  } catch (const fs::filesystem_error& e) {
    throw InputError(inFile(path, finding("file-system", {{"reason", e.code().message()}})));
  } catch (const std::bad_alloc&) {
    throw InputError(inFile(path, finding("no-memory")));
  } catch (const std::exception& e) {
    throw InputError(inFile(path, finding("file-unusable", {{"reason", e.what()}})));
  }
}

void harden(SQLite::Database& db) {
  sqlite3* handle = db.getHandle();
  const auto set = [&](int option, int value) { sqlite3_db_config(handle, option, value, nullptr); };
  set(SQLITE_DBCONFIG_DEFENSIVE, 1);
  set(SQLITE_DBCONFIG_TRUSTED_SCHEMA, 0);
  set(SQLITE_DBCONFIG_ENABLE_TRIGGER, 0);
  set(SQLITE_DBCONFIG_ENABLE_VIEW, 0);
  sqlite3_extended_result_codes(handle, 1);
  sqlite3_progress_handler(handle, kStepsBetweenLooks, stopWhenLate, nullptr);
}

FileIdentity identityOf(const fs::path& path) {
  struct stat about {};
  if (::stat(path.c_str(), &about) != 0) throw FileGone(inFile(path, finding("file-gone")));
  if (about.st_size == 0) throw FileGone(inFile(path, finding("file-emptied")));
  return {about.st_dev, about.st_ino};
}

bool isWritable(const fs::path& path) {
  return ::access(path.c_str(), W_OK) == 0 && ::access(formats::folderOf(path).c_str(), W_OK) == 0;
}

namespace {

/// SQLite opens what is named like its journal: a pipe there would hold it for ever, a link would lead it away.
void requirePlainBeside(const fs::path& path) {
  for (const char* ending : {"-journal", "-wal", "-shm"}) {
    const fs::path beside = path.string() + ending;
    struct stat about {};
    if (::lstat(beside.c_str(), &about) == 0 && !S_ISREG(about.st_mode)) throw InputError(inFile(beside, finding("journal-is-none")));
  }
}

}  // namespace

SQLite::Database openDatabase(const fs::path& path, Access access) {
  struct stat about {};
  if (::stat(path.c_str(), &about) != 0)
    throw InputError(inFile(path, finding("cannot-be-read", {{"reason", std::strerror(errno)},
                                                             {"advice", Term{"advice-still-there"}}})));
  if (!S_ISREG(about.st_mode)) throw InputError(inFile(path, finding("not-a-campaign-file")));
  if (about.st_size < 100) throw InputError(inFile(path, finding("file-no-campaign")));
  if (::access(path.c_str(), R_OK) != 0) throw InputError(inFile(path, finding("file-no-permission")));
  requirePlainBeside(path);
  std::optional<SQLite::Database> db;
  guarded(path, [&] {
    // Readers, too, open for writing where they may: only so is what a killed writer left played back. They
    // write nothing else.
    const bool may_write = isWritable(path);
    const std::string name = fs::absolute(path).string();  // absolute: never taken for a URI
    db.emplace(name, (may_write ? SQLite::OPEN_READWRITE : SQLite::OPEN_READONLY) | SQLite::OPEN_FULLMUTEX,
               kPatience_ms);
    harden(*db);
    db->exec(
        "PRAGMA cell_size_check=ON; PRAGMA synchronous=EXTRA; PRAGMA temp_store=MEMORY; PRAGMA mmap_size=0");
    db->execAndGet("SELECT count(*) FROM sqlite_schema");  // recovers, then compares the size with the header
    if (access == Access::ReadOnly) db->exec("PRAGMA query_only=ON");
    requireSchema(*db, path);
  });
  return std::move(*db);
}

void createOwnTables(SQLite::Database& db) {
  for (const char* sql : kOwnTables) db.exec(sql);
  for (const char* sql : kIndexes) db.exec(sql);
  for (const char* sql : kViews) db.exec(sql);
}

SQLite::Database makeDatabase(const fs::path& path) {
  std::optional<SQLite::Database> db;
  guarded(path, [&] {
    db.emplace(path.empty() ? ":memory:" : fs::absolute(path).string(),
               SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE | SQLite::OPEN_FULLMUTEX);
    db->exec("PRAGMA journal_mode=OFF; PRAGMA synchronous=OFF; PRAGMA locking_mode=EXCLUSIVE");
    db->exec(fmt::format("PRAGMA application_id={}; PRAGMA user_version={}", kApplicationId, kSchemaVersion));
    db->exec("BEGIN");
    db->exec(kAttachmentTable);
    for (const char* sql : kSampleTables) db->exec(sql);
    createOwnTables(*db);
    db->exec("COMMIT");
    harden(*db);
  });
  return std::move(*db);
}

namespace {

/// Several queries of one state of the file, whoever writes between them; within a transaction or without.
struct OneView {
  SQLite::Database& db;
  explicit OneView(SQLite::Database& database) : db(database) { db.exec("SAVEPOINT one_view"); }
  ~OneView() { db.tryExec("RELEASE one_view"); }
};

}  // namespace

bool hasTable(SQLite::Database& db, std::string_view sql) {
  constexpr std::string_view kBegin = "CREATE TABLE ";
  const std::string name(sql.substr(kBegin.size(), sql.find('(') - kBegin.size()));
  SQLite::Statement find(db, "SELECT sql FROM sqlite_schema WHERE type = 'table' AND lower(name) = ?");
  find.bind(1, name);
  return find.executeStep() && normalised(find.getColumn(0).getString()) == normalised(sql);
}

int requireSchema(SQLite::Database& db, const fs::path& path) {
  const OneView view(db);
  if (db.execAndGet("PRAGMA application_id").getInt() != kApplicationId)
    throw InputError(inFile(path, finding("file-other-sqlite")));
  const int version = db.execAndGet("PRAGMA user_version").getInt();
  if (version < 1) throw InputError(inFile(path, finding("file-no-schema")));
  const auto ours = [&](std::string_view sql) { return hasTable(db, sql); };
  const bool fits = version < kSchemaVersion
                        ? hasLegacyTables(db, version)
                        : ours(kAttachmentTable) &&
                              std::all_of(std::begin(kSampleTables), std::end(kSampleTables), ours) &&
                              std::all_of(std::begin(kOwnTables), std::end(kOwnTables), ours);
  if (version <= kSchemaVersion && !fits) throw InputError(inFile(path, finding("file-tables-changed")));
  return version;
}

}  // namespace distanz::store

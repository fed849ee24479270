#pragma once
#include <SQLiteCpp/Database.h>
#include <sys/types.h>

#include <filesystem>
#include <functional>

#include "core/finding/error.h"

namespace distanz::store {

/// The campaign file is not where it was: deleted, renamed, or another file lies in its place.
struct FileGone : InputError {
  using InputError::InputError;
};

/// The file is damaged or cut short.
struct FileDamaged : InputError {
  using InputError::InputError;
};

/// Runs work and lets out nothing but our own errors: SQLite's, JSON's and the system's become an InputError
/// that says what, which file, what to do. A campaign is as it was where work that writes fails.
void guarded(const std::filesystem::path& path, const std::function<void()>& work);

enum class Access { ReadOnly, ReadWrite };

/// Which file a path means, so that another one in its place is noticed.
struct FileIdentity {
  dev_t device = 0;
  ino_t inode = 0;
  bool operator==(const FileIdentity&) const = default;
};
/// @throws FileGone where there is no file, or an empty one
FileIdentity identityOf(const std::filesystem::path& path);

constexpr int kPatience_ms =
    20000;  ///< how long another program's write is waited for; never on an interface thread

/// Opens an existing campaign file, only ever through SQLite, and completes or takes back what a killed
/// program left half done. Nothing in the file is trusted: views and triggers are off, a query without end is
/// stopped, tables must be ours.
/// @throws InputError: missing, not a campaign, cut short, damaged, changed by hand
SQLite::Database openDatabase(const std::filesystem::path& path, Access access);

/// What openDatabase() does against a hostile file, on a connection: nothing of its schema is trusted or run,
/// no query goes on for ever.
void harden(SQLite::Database& db);

/// An empty campaign file for building aside: no journal, no syncs. @param path empty: in memory @throws
/// InputError
SQLite::Database makeDatabase(const std::filesystem::path& path);

/// What today's schema has beside logs and samples: tables, index, views.
void createOwnTables(SQLite::Database& db);

/// @return user_version @throws InputError where the application_id is another, or the tables are not those
/// of that version
int requireSchema(SQLite::Database& db, const std::filesystem::path& path);

/// True where the file holds exactly the table that this statement makes.
bool hasTable(SQLite::Database& db, std::string_view sql);

/// True where the file itself and its folder may be written to.
bool isWritable(const std::filesystem::path& path);

}  // namespace distanz::store

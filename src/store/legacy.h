#pragma once
#include <SQLiteCpp/Database.h>

#include <string>
#include <vector>

#include "core/campaign/campaign.h"
#include "store/identity.h"

/// Files of schema 1 and 2, which kept each field in a column of its own and undo as patches of the whole
/// campaign; and of schema 3, which kept entities as today, but no parts, one path and one log per run.
namespace distanz::store {

/// Attachments, until schema 3.
constexpr const char* kLogTable =
    "CREATE TABLE log(sha256 TEXT PRIMARY KEY, name TEXT NOT NULL, size INTEGER NOT NULL, codec TEXT NOT "
    "NULL, bytes BLOB NOT NULL)";

/// True where the tables of that schema are there, and are tables.
bool hasLegacyTables(SQLite::Database& db, int schema);

/// @param schema of the file, 1 to 3: what the older one lacks has its default @throws InputError where a row
/// does not make sense
campaign::Campaign readLegacyCampaign(SQLite::Database& db, int schema, const std::string& where);

/// Removes what today's schema keeps in other tables. Logs stay; their samples are made again by today's
/// reader, under its key.
void dropLegacyTables(SQLite::Database& db, int schema);

struct LegacyStep {
  std::string at, what;
  std::string changes;  ///< as today's history keeps them
  bool undone = false;
};
/// The steps that can be taken back or taken again, oldest first. Ends before one that is damaged. Within a
/// write transaction.
/// @param identities give each thing the same UUID in every state that can be gone back to
std::vector<LegacyStep> readLegacyHistory(SQLite::Database& db, int schema, Identities& identities);

/// Brings an older file to today's schema, in one transaction; several programs may try at once. A copy as it
/// was, whole and on the disk, lies beside it before anything changes: "NAME.schema-2", numbered on where
/// another of that name is there.
/// @throws InputError; the file is then as it was
void migrate(SQLite::Database& db, const std::filesystem::path& path);

}  // namespace distanz::store

#pragma once

namespace distanz::store {

constexpr int kApplicationId = 0x44545a31;  ///< "DTZ1": tells a campaign file from other SQLite files
constexpr int kSchemaVersion = 4;           ///< user_version; documented in docs/file-format.md

constexpr int kAttachmentSchema = 4;  ///< in which the table of logs became that of all attachments

/// What was brought in, byte for byte, once per content: logs, and later sweeps, pictures, tracks.
constexpr const char* kAttachmentTable =
    "CREATE TABLE attachment(sha256 TEXT PRIMARY KEY, name TEXT NOT NULL, size INTEGER NOT NULL, codec TEXT "
    "NOT NULL, bytes BLOB NOT NULL)";

/// Samples, the same since schema 1.
constexpr const char* kSampleTables[] = {
    "CREATE TABLE recording(key TEXT PRIMARY KEY, log_sha256 TEXT NOT NULL, rows INTEGER NOT NULL, started "
    "TEXT NOT NULL)",
    "CREATE TABLE channel(recording TEXT NOT NULL, position INTEGER NOT NULL, name TEXT NOT NULL, codec TEXT "
    "NOT NULL, samples BLOB NOT "
    "NULL, PRIMARY KEY(recording, position))"};

/// The campaign itself. One statement per object; a file's own must read the same (see requireSchema()).
constexpr const char* kOwnTables[] = {"CREATE TABLE meta(key TEXT PRIMARY KEY, value) WITHOUT ROWID",
                                      "CREATE TABLE entity(kind TEXT NOT NULL, id TEXT NOT NULL, position "
                                      "REAL NOT NULL, revision INTEGER NOT NULL, body TEXT NOT NULL, "
                                      "PRIMARY KEY(kind, id)) WITHOUT ROWID",
                                      "CREATE TABLE history(id INTEGER PRIMARY KEY, at TEXT NOT NULL, what "
                                      "TEXT NOT NULL, changes TEXT NOT NULL, undone INTEGER NOT NULL "
                                      "DEFAULT 0)"};

/// The order of a list without its bodies.
constexpr const char* kIndexes[] = {"CREATE INDEX entity_order ON entity(kind, position)"};

/// For people who look into the file with sqlite3; Distanz reads none of them.
constexpr const char* kViews[] = {
    "CREATE VIEW campaign AS SELECT json_extract(body, '$.title') AS title, json_extract(body, "
    "'$.station.lat_deg') AS station_lat_deg, "
    "json_extract(body, '$.station.lon_deg') AS station_lon_deg FROM entity WHERE kind = 'facts'",
    "CREATE VIEW link AS SELECT id, json_extract(body, '$.kind') AS kind, json_extract(body, "
    "'$.frequency_mhz') AS frequency_mhz, "
    "json_extract(body, '$.sensitivity_dbm') AS sensitivity_dbm, json_extract(body, '$.rule') AS rule FROM "
    "entity WHERE kind = 'link' "
    "ORDER BY position",
    "CREATE VIEW setup AS SELECT id, json_extract(body, '$.name') AS name, json_extract(body, '$.differs') "
    "AS differs FROM entity WHERE "
    "kind = 'setup' ORDER BY position",
    "CREATE VIEW part AS SELECT id, json_extract(body, '$.kind') AS kind, json_extract(body, '$.name') AS "
    "name, "
    "json_extract(body, '$.values') AS \"values\" FROM entity WHERE kind = 'part' ORDER BY position",
    "CREATE VIEW path AS SELECT id, json_extract(body, '$.name') AS name, json_extract(body, '$.points') AS "
    "points FROM entity WHERE "
    "kind = 'path' ORDER BY position",
    "CREATE VIEW run AS SELECT id, json_extract(body, '$.setup') AS setup, json_extract(body, '$.order') AS "
    "session_order, "
    "json_extract(body, '$.sources[0].file') AS log, json_extract(body, '$.sources[0].sha256') AS "
    "log_sha256, json_extract(body, "
    "'$.flight') AS flight, "
    "json_extract(body, '$.ended') AS ended, json_extract(body, '$.notes') AS notes, json_extract(body, "
    "'$.void_reason') AS void_reason "
    "FROM entity WHERE kind = 'run' ORDER BY position"};

}  // namespace distanz::store

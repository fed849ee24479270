#pragma once

namespace distanz::store {

constexpr int kApplicationId = 0x44545a31;  ///< "DTZ1": tells a campaign file from other SQLite files
constexpr int kSchemaVersion = 2;           ///< user_version; documented in docs/file-format.md

constexpr const char* kSchema = R"sql(
CREATE TABLE campaign(key TEXT PRIMARY KEY, value) WITHOUT ROWID;
CREATE TABLE path_point(position INTEGER PRIMARY KEY, lat_deg REAL NOT NULL, lon_deg REAL NOT NULL, height_m REAL NOT NULL);
CREATE TABLE link(position INTEGER PRIMARY KEY, id TEXT UNIQUE NOT NULL, kind TEXT NOT NULL, frequency_mhz REAL NOT NULL,
  sensitivity_dbm REAL, lq_min_pct REAL, margin_db REAL, bitrate_min_mbps REAL, unknown TEXT NOT NULL DEFAULT '',
  modes TEXT NOT NULL DEFAULT '');
CREATE TABLE setup(position INTEGER PRIMARY KEY, id TEXT UNIQUE NOT NULL, name TEXT NOT NULL, differs TEXT NOT NULL,
  unknown TEXT NOT NULL DEFAULT '');
CREATE TABLE setup_link(setup TEXT NOT NULL, link TEXT NOT NULL, power_dbm REAL, tx_gain_dbi REAL NOT NULL, rx_gain_dbi REAL NOT NULL,
  tx_loss_db REAL NOT NULL, rx_loss_db REAL NOT NULL, automatic_power INTEGER NOT NULL DEFAULT 0, PRIMARY KEY(setup, link)) WITHOUT ROWID;
CREATE TABLE run(position INTEGER PRIMARY KEY, id TEXT UNIQUE NOT NULL, setup TEXT NOT NULL, log TEXT NOT NULL, log_sha256 TEXT NOT NULL,
  session_order INTEGER NOT NULL, flight TEXT NOT NULL, ended TEXT NOT NULL, notes TEXT NOT NULL, void_reason TEXT NOT NULL,
  turn_begin_s REAL, turn_end_s REAL, columns TEXT NOT NULL, unknown TEXT NOT NULL DEFAULT '',
  reduced TEXT NOT NULL DEFAULT '', legs TEXT NOT NULL DEFAULT 'both');
CREATE TABLE log(sha256 TEXT PRIMARY KEY, name TEXT NOT NULL, size INTEGER NOT NULL, codec TEXT NOT NULL, bytes BLOB NOT NULL);
CREATE TABLE recording(key TEXT PRIMARY KEY, log_sha256 TEXT NOT NULL, rows INTEGER NOT NULL, started TEXT NOT NULL);
CREATE TABLE channel(recording TEXT NOT NULL, position INTEGER NOT NULL, name TEXT NOT NULL, codec TEXT NOT NULL, samples BLOB NOT NULL,
  PRIMARY KEY(recording, position));
CREATE TABLE history(id INTEGER PRIMARY KEY, at TEXT NOT NULL, what TEXT NOT NULL, undo TEXT NOT NULL, redo TEXT NOT NULL,
  undone INTEGER NOT NULL DEFAULT 0);
)sql";

/// What makes schema n of schema n - 1; kMigrations[0] leads from 1 to 2.
constexpr const char* kMigrations[] = {
    "ALTER TABLE link ADD COLUMN modes TEXT NOT NULL DEFAULT '';"
    "ALTER TABLE setup_link ADD COLUMN automatic_power INTEGER NOT NULL DEFAULT 0;"
    "ALTER TABLE run ADD COLUMN reduced TEXT NOT NULL DEFAULT '';"
    "ALTER TABLE run ADD COLUMN legs TEXT NOT NULL DEFAULT 'both'"};

}  // namespace distanz::store

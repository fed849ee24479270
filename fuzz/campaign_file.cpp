// A campaign file in memory whose rows, blobs, schema or bytes were tampered with: read as every program
// reads it, or refused.
#include <SQLiteCpp/Exception.h>
#include <SQLiteCpp/Statement.h>
#include <sqlite3.h>

#include <cstring>
#include <memory>

#include "formats/files.h"
#include "formats/log_import.h"
#include "harness.h"
#include "store/change_text.h"
#include "store/database.h"
#include "store/entities.h"
#include "store/legacy.h"
#include "store/sample_rows.h"
#include "store/schema.h"
#include "store/state_mark.h"

using namespace distanz;
using namespace distanz::store;

namespace {

constexpr const char* kLog = "time_s,distance_m,rssi_dbm\n0,5,-60\n1,50,-61\n2,90,-64\n";

campaign::Campaign small() {
  campaign::Campaign c;
  c.title = "Small";
  c.station.place({46.91, 20.96});
  c.parts.emplace_back().id = "p1";
  c.parts[0].kind = campaign::PartKind::Transmitter;
  c.parts[0].values["power_dbm"].value = 20;
  campaign::editFirstPath(c).points = {{{46.91, 20.96}, 60}, {{46.93, 20.99}, 60}};
  c.links.resize(1);
  c.links[0].id = "control";
  c.setups.push_back({"A", "Patch", "", {}, ""});
  c.setups[0].links["control"].transmitter = "p1";
  campaign::Run run;
  run.id = "A1";
  run.setup = "A";
  run.editSource().file = "A1.csv";
  run.editSource().sha256 = formats::sha256(kLog);
  c.runs.push_back(run);
  return c;
}

/// Bytes of a database.
std::string imageOf(SQLite::Database& db) {
  sqlite3_int64 size = 0;
  unsigned char* bytes = sqlite3_serialize(db.getHandle(), "main", &size, 0);
  std::string out(reinterpret_cast<char*>(bytes), static_cast<std::size_t>(size));
  sqlite3_free(bytes);
  return out;
}

/// Today's, or, with `rename`, as schema 3 named its tables.
std::string today(bool rename) {
  SQLite::Database db = makeDatabase({});
  const campaign::Campaign c = small();
  writeCampaign(db, c, 1);
  writeMark(db, next({}));
  putRun(db, packRun(c.runs[0], kLog, formats::readRecording(kLog, "x", c)), c.links);
  campaign::Campaign other = c;
  other.setups[0].name = "Helix";
  db.exec("INSERT INTO history(at, what, changes) VALUES('', 'Edit', '" +
          changesText(changesBetween(other, c)) + "')");
  if (rename) db.exec("ALTER TABLE attachment RENAME TO log; PRAGMA user_version=3");
  return imageOf(db);
}

std::string legacy() {
  SQLite::Database db(":memory:", SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
  db.exec(
      "PRAGMA application_id=1146378801; PRAGMA user_version=2;"
      "CREATE TABLE campaign(key TEXT PRIMARY KEY, value) WITHOUT ROWID;"
      "CREATE TABLE path_point(position INTEGER PRIMARY KEY, lat_deg REAL, lon_deg REAL, height_m REAL);"
      "CREATE TABLE link(position INTEGER PRIMARY KEY, id TEXT, kind TEXT, frequency_mhz REAL, "
      "sensitivity_dbm REAL, lq_min_pct REAL, "
      "margin_db REAL, bitrate_min_mbps REAL, unknown TEXT, modes TEXT);"
      "CREATE TABLE setup(position INTEGER PRIMARY KEY, id TEXT, name TEXT, differs TEXT, unknown TEXT);"
      "CREATE TABLE setup_link(setup TEXT, link TEXT, power_dbm REAL, tx_gain_dbi REAL, rx_gain_dbi REAL, "
      "tx_loss_db REAL, rx_loss_db "
      "REAL, "
      "automatic_power INTEGER);"
      "CREATE TABLE run(position INTEGER PRIMARY KEY, id TEXT, setup TEXT, log TEXT, log_sha256 TEXT, "
      "session_order INTEGER, flight TEXT, "
      "ended TEXT, notes TEXT, void_reason TEXT, turn_begin_s REAL, turn_end_s REAL, columns TEXT, unknown "
      "TEXT, reduced TEXT, legs TEXT);"
      "CREATE TABLE history(id INTEGER PRIMARY KEY, at TEXT, what TEXT, undo TEXT, redo TEXT, undone "
      "INTEGER);"
      "INSERT INTO campaign VALUES('title', 'Old'), ('unknown', '');"
      "INSERT INTO link VALUES(0, 'control', 'control', 2440, -100, 70, 0, NULL, '', '[[50,-112]]');"
      "INSERT INTO setup VALUES(0, 'A', 'Patch', '', '');"
      "INSERT INTO setup_link VALUES('A', 'control', 20, 2, 8, 0, 0, 0);"
      "INSERT INTO run VALUES(0, 'A1', 'A', 'A1.csv', '5ab1e', 1, '', '', '', '', NULL, NULL, '{}', '', '', "
      "'both');"
      "INSERT INTO history VALUES(1, '', 'Edit', "
      "'[{\"op\":\"replace\",\"path\":\"/title\",\"value\":\"Older\"}]', '[]', 0)");
  db.exec(kLogTable);
  for (const char* sql : kSampleTables) db.exec(sql);
  return imageOf(db);
}

/// A text that is often JSON, and often nearly right.
std::string text(FuzzedDataProvider& input) {
  static const char* const kPieces[] = {"{\"id\":\"A\"",
                                        "\"links\":{\"control\":{",
                                        "[[\"setup\",\"A\",[0,",
                                        "null",
                                        "\"x\":1",
                                        "}",
                                        "]",
                                        ",",
                                        "{\"points\":[{\"lat_deg\":1,\"lon_deg\":2}]}",
                                        "\"modes\":[",
                                        "1e999",
                                        "\"\\ud800\"",
                                        "[[50,-112]]"};
  std::string out;
  for (int n = input.ConsumeIntegralInRange(0, 8); n > 0; --n)
    out += input.ConsumeBool() ? input.PickValueInArray(kPieces) : input.ConsumeRandomLengthString(12);
  return out;
}

void tamper(SQLite::Database& db, FuzzedDataProvider& input, bool old) {
  struct Cell {
    const char* sql;
    bool blob;
  };
  static constexpr Cell kToday[] = {{"UPDATE entity SET body = ? WHERE kind = 'facts'", false},
                                    {"UPDATE entity SET body = ? WHERE kind = 'path'", false},
                                    {"UPDATE entity SET body = ? WHERE kind = 'link'", false},
                                    {"UPDATE entity SET body = ? WHERE kind = 'setup'", false},
                                    {"UPDATE entity SET body = ? WHERE kind = 'run'", false},
                                    {"UPDATE entity SET body = ? WHERE kind = 'part'", false},
                                    {"UPDATE entity SET body = ? WHERE kind = 'path'", false},
                                    {"UPDATE entity SET id = ?", false},
                                    {"UPDATE entity SET kind = ? WHERE kind = 'run'", false},
                                    {"UPDATE entity SET position = ?", false},
                                    {"UPDATE history SET changes = ?", false},
                                    {"UPDATE meta SET value = ?", false},
                                    {"UPDATE recording SET rows = ?", false},
                                    {"UPDATE channel SET samples = ?", true},
                                    {"UPDATE channel SET name = ?", false},
                                    {"UPDATE attachment SET bytes = ?", true},
                                    {"UPDATE attachment SET size = ?", false},
                                    {"UPDATE recording SET started = ?", false}};
  static constexpr Cell kOld[] = {
      {"UPDATE campaign SET value = ?", false},    {"UPDATE link SET modes = ?", false},
      {"UPDATE link SET unknown = ?", false},      {"UPDATE link SET kind = ?", false},
      {"UPDATE run SET columns = ?", false},       {"UPDATE run SET reduced = ?", false},
      {"UPDATE run SET unknown = ?", false},       {"UPDATE run SET setup = ?", false},
      {"UPDATE run SET session_order = ?", false}, {"UPDATE setup SET unknown = ?", false},
      {"UPDATE history SET undo = ?", false},      {"UPDATE setup_link SET link = ?", false}};
  for (int n = input.ConsumeIntegralInRange(1, 3); n > 0; --n) {
    const Cell cell = old ? input.PickValueInArray(kOld) : input.PickValueInArray(kToday);
    try {
      SQLite::Statement put(db, cell.sql);
      const std::string value = cell.blob ? input.ConsumeRandomLengthString(100) : text(input);
      if (cell.blob)
        put.bind(1, value.data(), static_cast<int>(value.size()));
      else if (input.ConsumeIntegralInRange(0, 5) == 0)
        put.bind(1, input.ConsumeIntegral<std::int64_t>());
      else
        put.bind(1, value);
      put.exec();
    } catch (const SQLite::Exception&) {  // a constraint
    }
  }
}

/// As CampaignFile and SampleFile read it.
void readAll(SQLite::Database& db) {
  campaign::Campaign c;
  const bool whole = fuzz::survives([&] {
    guarded("x.distanz", [&] {
      const int version = requireSchema(db, "x.distanz");
      if (version < kSchemaVersion) {
        c = readLegacyCampaign(db, version, "x.distanz");
        Identities identities;
        readLegacyHistory(db, version, identities);
      } else {
        c = readCampaign(db, "x.distanz");
        readMark(db);
      }
    });
  });
  if (!whole) return;
  for (const campaign::Run& run : c.runs) {
    fuzz::survives([&] {
      guarded("x.distanz", [&] {
        if (const auto kept = findRecording(db, recordingKey(run, c.links))) unpackRecording(*kept);
      });
    });
    fuzz::survives([&] { guarded("x.distanz", [&] { holdsLog(db, run.source().sha256); }); });
  }
  fuzz::survives([&] {
    guarded("x.distanz", [&] {
      SQLite::Statement steps(db, "SELECT changes FROM history LIMIT 3");
      while (steps.executeStep()) {
        db.exec("SAVEPOINT step");
        try {
          applyChanges(db, reversed(changesFrom(db, steps.getColumn(0).getString())), 2);
          readCampaign(db, "x.distanz");
        } catch (const Error&) {
        }
        db.exec("ROLLBACK TO step; RELEASE step");
      }
    });
  });
}

}  // namespace

DISTANZ_FUZZ(data) {
  static const std::string kToday = today(false), kThird = today(true), kLegacy = legacy();
  FuzzedDataProvider input(reinterpret_cast<const uint8_t*>(data.data()), data.size());
  const bool old = input.ConsumeIntegralInRange(0, 3) == 0;
  const bool third = !old && input.ConsumeIntegralInRange(0, 4) == 0;
  std::string image = old ? kLegacy : third ? kThird : kToday;
  const bool bytes = input.ConsumeIntegralInRange(0, 3) == 0;
  if (bytes)
    for (int n = input.ConsumeIntegralInRange(1, 8); n > 0; --n)
      image[input.ConsumeIntegralInRange<std::size_t>(0, image.size() - 1)] = input.ConsumeIntegral<char>();
  try {
    SQLite::Database db(":memory:", SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
    auto* room = static_cast<unsigned char*>(sqlite3_malloc64(image.size()));
    std::memcpy(room, image.data(), image.size());
    sqlite3_deserialize(db.getHandle(), "main", room, static_cast<sqlite3_int64>(image.size()),
                        static_cast<sqlite3_int64>(image.size()),
                        SQLITE_DESERIALIZE_FREEONCLOSE | SQLITE_DESERIALIZE_RESIZEABLE);
    harden(db);
    if (!bytes) tamper(db, input, old);
    readAll(db);
  } catch (const SQLite::Exception&) {  // the image is no database any more
  }
}

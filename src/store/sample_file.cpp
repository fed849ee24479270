#include "store/sample_file.h"

#include <SQLiteCpp/Statement.h>
#include <SQLiteCpp/Transaction.h>
#include <unistd.h>

#include <mutex>
#include <optional>

#include "core/parallel/on_all_cores.h"
#include "core/quantity/error.h"
#include "formats/files.h"
#include "store/campaign_tables.h"
#include "store/column_codec.h"
#include "store/database.h"

namespace distanz::store {
namespace {

constexpr const char* kTime = "time_s";
constexpr std::int64_t kMostRows = 1LL << 31;

struct StoredColumn {
  std::string name;
  std::string samples;
};

std::string blobAt(SQLite::Statement& s, int index) {
  const SQLite::Column column = s.getColumn(index);
  return {static_cast<const char*>(column.getBlob()), static_cast<std::size_t>(column.getBytes())};
}

}  // namespace

struct SampleFile::State {
  std::filesystem::path path;
  SQLite::Database db;
  std::mutex mutex = {};

  bool stored(const std::string& key) {
    SQLite::Statement known(db, "SELECT 1 FROM recording WHERE key = ?");
    known.bind(1, key);
    return known.executeStep();
  }
};

SampleFile::SampleFile(const std::filesystem::path& path) {
  const bool writable = ::access(path.c_str(), W_OK) == 0 && ::access(std::filesystem::absolute(path).parent_path().c_str(), W_OK) == 0;
  m_state.reset(new State{path, openDatabase(path, writable ? Access::ReadWrite : Access::ReadOnly)});
}
SampleFile::SampleFile(SampleFile&&) noexcept = default;
SampleFile::~SampleFile() = default;

PackedLog packLog(std::string_view log_bytes) {
  return {compress(log_bytes), log_bytes.size()};
}

void SampleFile::add(const campaign::Run& run, const PackedLog& bytes, const log::Recording& recording) {
  const std::string key = recordingKey(run);
  std::vector<StoredColumn> columns(recording.columns.size() + 1);
  parallel::onAllCores(columns.size(), [&](std::size_t i) {
    if (i == 0)
      columns[0] = {kTime, encodeColumn(recording.time_s)};
    else
      columns[i] = {recording.columns[i - 1].channel, encodeColumn(recording.columns[i - 1].values)};
  });
  const std::lock_guard lock(m_state->mutex);
  guarded(m_state->path, [&] {
    SQLite::Database& db = m_state->db;
    SQLite::Transaction all(db, SQLite::TransactionBehavior::IMMEDIATE);
    if (m_state->stored(key)) return;
    SQLite::Statement log(db, "INSERT OR IGNORE INTO log VALUES(?, ?, ?, 'zstd', ?)");
    log.bind(1, run.log_sha256);
    log.bind(2, run.log);
    log.bind(3, static_cast<std::int64_t>(bytes.size));
    log.bindNoCopy(4, bytes.packed.data(), static_cast<int>(bytes.packed.size()));
    log.exec();
    SQLite::Statement head(db, "INSERT INTO recording VALUES(?, ?, ?, ?)");
    head.bind(1, key);
    head.bind(2, run.log_sha256);
    head.bind(3, static_cast<std::int64_t>(recording.rows()));
    head.bind(4, recording.started);
    head.exec();
    SQLite::Statement put(db, "INSERT INTO channel VALUES(?, ?, ?, ?, ?)");
    for (std::size_t i = 0; i < columns.size(); ++i) {
      put.reset();
      put.bind(1, key);
      put.bind(2, static_cast<int>(i));
      put.bind(3, columns[i].name);
      put.bind(4, kColumnCodec);
      put.bindNoCopy(5, columns[i].samples.data(), static_cast<int>(columns[i].samples.size()));
      put.exec();
    }
    all.commit();
  });
}

void SampleFile::discard(const campaign::Run& run) {
  const std::lock_guard lock(m_state->mutex);
  guarded(m_state->path, [&] {
    SQLite::Transaction all(m_state->db, SQLite::TransactionBehavior::IMMEDIATE);
    SQLite::Statement spoken(
        m_state->db,
        "SELECT 1 FROM run WHERE log_sha256 = ?1 UNION SELECT 1 FROM history WHERE instr(undo, ?1) > 0 OR instr(redo, ?1) > 0");
    spoken.bind(1, run.log_sha256);
    if (spoken.executeStep()) return;
    for (const char* sql : {"DELETE FROM channel WHERE recording IN (SELECT key FROM recording WHERE log_sha256 = ?)",
                            "DELETE FROM recording WHERE log_sha256 = ?", "DELETE FROM log WHERE sha256 = ?"}) {
      SQLite::Statement drop(m_state->db, sql);
      drop.bind(1, run.log_sha256);
      drop.exec();
    }
    all.commit();
  });
}

bool SampleFile::has(const campaign::Run& run) const {
  const std::lock_guard lock(m_state->mutex);
  bool found = false;
  guarded(m_state->path, [&] { found = m_state->stored(recordingKey(run)); });
  return found;
}

std::shared_ptr<const log::Recording> SampleFile::recording(const campaign::Run& run) const {
  auto out = std::make_shared<log::Recording>();
  std::vector<StoredColumn> columns;
  std::int64_t rows = -1;
  {
    const std::lock_guard lock(m_state->mutex);
    guarded(m_state->path, [&] {
      const std::string key = recordingKey(run);
      SQLite::Statement head(m_state->db, "SELECT rows, started FROM recording WHERE key = ?");
      head.bind(1, key);
      if (!head.executeStep()) return;
      rows = head.getColumn(0).getInt64();
      out->started = head.getColumn(1).getString();
      SQLite::Statement all(m_state->db, "SELECT name, codec, samples FROM channel WHERE recording = ? ORDER BY position");
      all.bind(1, key);
      while (all.executeStep()) {
        if (all.getColumn(1).getString() != kColumnCodec)
          throw InputError("its samples are in a coding this version does not know; update Distanz");
        columns.push_back({all.getColumn(0).getString(), blobAt(all, 2)});
      }
    });
  }
  if (rows < 1 || rows > kMostRows || columns.empty() || columns.front().name != kTime)
    throw InputError("the samples of run " + run.id + " are missing from the campaign file; import its log again");
  out->time_s = decodeColumn(columns.front().samples, static_cast<std::size_t>(rows));
  for (std::size_t i = 1; i < columns.size(); ++i)
    out->columns.push_back({columns[i].name, decodeColumn(columns[i].samples, static_cast<std::size_t>(rows))});
  return out;
}

std::string SampleFile::logBytes(const campaign::Run& run) const {
  std::optional<std::string> packed;
  std::int64_t size = 0;
  {
    const std::lock_guard lock(m_state->mutex);
    guarded(m_state->path, [&] {
      SQLite::Statement log(m_state->db, "SELECT size, bytes FROM log WHERE sha256 = ?");
      log.bind(1, run.log_sha256);
      if (!log.executeStep()) return;
      size = log.getColumn(0).getInt64();
      packed = blobAt(log, 1);
    });
  }
  if (!packed || size < 0 || size > static_cast<std::int64_t>(formats::kLargestFile))
    throw InputError("the log of run " + run.id + " is missing from the campaign file; import it again");
  std::string bytes = decompress(*packed, static_cast<std::size_t>(size));
  if (formats::sha256(bytes) != run.log_sha256)
    throw InputError("the log of run " + run.id + " is damaged in the campaign file; import it again");
  return bytes;
}

}  // namespace distanz::store

#include "store/sample_rows.h"

#include <SQLiteCpp/Statement.h>
#include <fmt/format.h>

#include <nlohmann/json.hpp>

#include "core/finding/error.h"
#include "core/parallel/on_all_cores.h"
#include "formats/files.h"
#include "formats/json_fields.h"
#include "formats/log_reader.h"
#include "store/column_codec.h"
#include "store/schema.h"

namespace distanz::store {
namespace {

constexpr const char* kTime = "time_s";
constexpr std::size_t kMostColumns = 1000;

std::string blobAt(SQLite::Statement& s, int index) {
  const SQLite::Column column = s.getColumn(index);
  const void* bytes = column.getBlob();
  return bytes ? std::string(static_cast<const char*>(bytes), static_cast<std::size_t>(column.getBytes()))
               : std::string();
}

[[noreturn]] void refuseSamples() {
  throw InputError(finding("samples-damaged"));
}

}  // namespace

PackedLog packLog(std::string_view log_bytes, std::string sha256) {
  if (sha256.empty()) sha256 = formats::sha256(log_bytes);
  return {compress(log_bytes), log_bytes.size(), std::move(sha256)};
}

std::string unpackLog(const PackedLog& log) {
  std::string bytes = decompress(log.packed, log.size);
  if (formats::sha256(bytes) != log.sha256) throw InputError(finding("log-damaged"));
  return bytes;
}

PackedRecording packRecording(const log::Recording& recording) {
  PackedRecording out{recording.rows(), recording.started, {}};
  out.columns.resize(recording.columns.size() + 1);
  parallel::onAllCores(out.columns.size(), [&](std::size_t i) {
    if (i == 0)
      out.columns[0] = {kTime, encodeColumn(recording.time_s)};
    else
      out.columns[i] = {recording.columns[i - 1].channel, encodeColumn(recording.columns[i - 1].values)};
  });
  return out;
}

log::Recording unpackRecording(const PackedRecording& packed) {
  if (packed.rows < 1 || packed.columns.empty() || packed.columns.front().name != kTime) refuseSamples();
  if (packed.columns.size() > kMostColumns || packed.rows > formats::kMostValues / packed.columns.size())
    refuseSamples();
  for (const auto& column : packed.columns)
    requireRows(column.samples, packed.rows);  // before anything is allocated
  log::Recording out;
  out.started = packed.started;
  out.time_s = decodeColumn(packed.columns.front().samples, packed.rows);
  for (std::size_t i = 1; i < packed.columns.size(); ++i)
    out.columns.push_back({packed.columns[i].name, decodeColumn(packed.columns[i].samples, packed.rows)});
  return out;
}

PackedRun packRun(campaign::Run run, std::string_view log_bytes, const log::Recording& recording) {
  PackedRun out;
  out.logs.push_back(packLog(log_bytes));
  run.editSource().sha256 = out.logs.front().sha256;
  out.run = std::move(run);
  out.recording = packRecording(recording);
  return out;
}

std::string recordingKey(const campaign::Run& run, const std::vector<campaign::Link>& links) {
  nlohmann::json how = {{"reader", formats::kReaderVersion},
                        {"sources", nlohmann::json::array()},
                        {"links", nlohmann::json::array()}};
  for (const campaign::Source& s : run.sources)
    how["sources"].push_back({s.sha256, s.columns, s.clock_offset_s, s.clock_drift_ppm});
  for (const campaign::Link& link : links) how["links"].push_back({link.id, static_cast<int>(link.kind)});
  return run.source().sha256 + "+" + formats::sha256(formats::jsonText(how)).substr(0, 16);
}

void putLog(SQLite::Database& db, const std::string& file, const PackedLog& log) {
  SQLite::Statement put(db, "INSERT OR REPLACE INTO attachment VALUES(?, ?, ?, 'zstd', ?)");
  put.bind(1, log.sha256);
  put.bind(2, file);
  put.bind(3, static_cast<std::int64_t>(log.size));
  put.bindNoCopy(4, log.packed.data(), static_cast<int>(log.packed.size()));
  put.exec();
}

void putRecording(SQLite::Database& db, const std::string& key, const std::string& log_sha256,
                  const PackedRecording& recording) {
  SQLite::Statement drop(db, "DELETE FROM channel WHERE recording = ?");
  drop.bind(1, key);
  drop.exec();
  SQLite::Statement head(db, "INSERT OR REPLACE INTO recording VALUES(?, ?, ?, ?)");
  head.bind(1, key);
  head.bind(2, log_sha256);
  head.bind(3, static_cast<std::int64_t>(recording.rows));
  head.bind(4, recording.started);
  head.exec();
  SQLite::Statement put(db, "INSERT INTO channel VALUES(?, ?, ?, ?, ?)");
  for (std::size_t i = 0; i < recording.columns.size(); ++i) {
    put.reset();
    put.bind(1, key);
    put.bind(2, static_cast<int>(i));
    put.bind(3, recording.columns[i].name);
    put.bind(4, kColumnCodec);
    put.bindNoCopy(5, recording.columns[i].samples.data(),
                   static_cast<int>(recording.columns[i].samples.size()));
    put.exec();
  }
}

void putRun(SQLite::Database& db, const PackedRun& run, const std::vector<campaign::Link>& links) {
  if (run.logs.empty()) return;
  for (std::size_t i = 0; i < run.logs.size(); ++i) putLog(db, run.run.sources.at(i).file, run.logs[i]);
  putRecording(db, recordingKey(run.run, links), run.run.source().sha256, run.recording);
}

std::optional<PackedLog> findLog(SQLite::Database& db, const std::string& log_sha256) {
  const bool older =
      db.execAndGet("PRAGMA user_version").getInt() < kAttachmentSchema;  // read without being migrated
  SQLite::Statement log(db, std::string("SELECT size, bytes, codec FROM ") + (older ? "log" : "attachment") +
                                " WHERE sha256 = ?");
  log.bind(1, log_sha256);
  if (!log.executeStep()) return std::nullopt;
  const std::int64_t size = log.getColumn(0).getInt64();
  if (size < 0 || size > static_cast<std::int64_t>(formats::kLargestFile) ||
      log.getColumn(2).getString() != "zstd")
    return std::nullopt;
  return PackedLog{blobAt(log, 1), static_cast<std::size_t>(size), log_sha256};
}

std::optional<PackedRecording> findRecording(SQLite::Database& db, const std::string& key) {
  SQLite::Statement head(db, "SELECT rows, started FROM recording WHERE key = ?");
  head.bind(1, key);
  if (!head.executeStep()) return std::nullopt;
  const std::int64_t rows = head.getColumn(0).getInt64();
  PackedRecording out{rows < 0 ? 0 : static_cast<std::size_t>(rows), head.getColumn(1).getString(), {}};
  SQLite::Statement all(db, "SELECT name, codec, samples FROM channel WHERE recording = ? ORDER BY position");
  all.bind(1, key);
  while (all.executeStep()) {
    if (all.getColumn(1).getString() != kColumnCodec || out.columns.size() >= kMostColumns)
      return std::nullopt;
    out.columns.push_back({all.getColumn(0).getString(), blobAt(all, 2)});
  }
  return out;
}

bool holdsLog(SQLite::Database& db, const std::string& log_sha256) {
  const auto log = findLog(db, log_sha256);
  if (!log) return false;
  try {
    unpackLog(*log);
    return true;
  } catch (const InputError&) {
    return false;
  }
}

}  // namespace distanz::store

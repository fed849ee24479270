#include "store/sample_file.h"
#include "formats/files.h"
#include "store/packed_source.h"

#include <SQLiteCpp/Statement.h>
#include <SQLiteCpp/Transaction.h>

#include <mutex>
#include <optional>
#include <set>

#include "core/finding/error.h"
#include "formats/log_import.h"
#include "store/sample_rows.h"
#include "store/schema.h"

namespace distanz::store {

struct SampleFile::State {
  std::filesystem::path path;
  SQLite::Database db;
  bool keeps;  ///< may write
  std::mutex mutex = {};

  /// For the next time. What another program has locked, or a full disk, is no reason not to answer.
  void keep(const campaign::Run& run, const campaign::Campaign& campaign, const log::Recording& recording) {
    const PackedRecording packed = packRecording(recording);
    std::set<std::string> wanted;  // runs may share a log
    for (const campaign::Run& other : campaign.runs)
      if (other.source().sha256 == run.source().sha256) wanted.insert(recordingKey(other, campaign.links));
    const std::lock_guard lock(mutex);
    try {
      guarded(path, [&] {
        if (requireSchema(db, path) != kSchemaVersion) return;
        SQLite::Transaction all(db, SQLite::TransactionBehavior::IMMEDIATE);
        std::vector<std::string> stale;
        SQLite::Statement kept(db, "SELECT key FROM recording WHERE log_sha256 = ?");
        kept.bind(1, run.source().sha256);
        while (kept.executeStep())
          if (const std::string key = kept.getColumn(0).getString(); !wanted.contains(key))
            stale.push_back(key);
        for (const std::string& key : stale)
          for (const char* sql :
               {"DELETE FROM channel WHERE recording = ?", "DELETE FROM recording WHERE key = ?"}) {
            SQLite::Statement drop(db, sql);
            drop.bind(1, key);
            drop.exec();
          }
        putRecording(db, recordingKey(run, campaign.links), run.source().sha256, packed);
        all.commit();
      });
    } catch (const InputError&) {
    }
  }
};

SampleFile::SampleFile(const std::filesystem::path& path, Access access) {
  const bool write = access == Access::ReadWrite && isWritable(path);
  m_state.reset(new State{path, openDatabase(path, write ? Access::ReadWrite : Access::ReadOnly), write});
}
SampleFile::SampleFile(SampleFile&&) noexcept = default;
SampleFile::~SampleFile() = default;

bool SampleFile::has(const campaign::Run& run) const {
  const std::lock_guard lock(m_state->mutex);
  bool found = false;
  guarded(m_state->path, [&] {
    found = !run.sources.empty();
    for (const campaign::Source& log : run.sources) found = found && holdsLog(m_state->db, log.sha256);
  });
  return found;
}

std::shared_ptr<const log::Recording> SampleFile::recording(const campaign::Run& run,
                                                            const campaign::Campaign& campaign) const {
  std::optional<PackedRecording> kept;
  {
    const std::lock_guard lock(m_state->mutex);
    guarded(m_state->path, [&] {
      SQLite::Transaction reading(m_state->db);
      kept = findRecording(m_state->db, recordingKey(run, campaign.links));
    });
  }
  if (kept) try {
      return std::make_shared<const log::Recording>(unpackRecording(*kept));
    } catch (const InputError&) {  // damaged: the log itself is there, too
    }
  auto again = std::make_shared<const log::Recording>(formats::readSources(
      run, campaign,
      [this](const campaign::Run& of, const campaign::Source& log) { return keptLog(of, log); }));
  if (m_state->keeps) m_state->keep(run, campaign, *again);
  return again;
}

std::string SampleFile::keptBytes(const std::string& owner, const campaign::KeptFile& file) const {
  std::optional<PackedLog> packed;
  {
    const std::lock_guard lock(m_state->mutex);
    guarded(m_state->path, [&] { packed = findLog(m_state->db, file.sha256); });
  }
  if (!packed) throw InputError(inFile(file.file, finding("record-file-missing", {{"record", owner}})));
  try {
    return unpackLog(*packed);
  } catch (const InputError&) {
    throw InputError(inFile(file.file, finding("record-file-damaged", {{"record", owner}})));
  }
}

std::shared_ptr<const PackedLog> SampleFile::packedLog(const campaign::Run& run, const campaign::Source& log) const {
  std::optional<PackedLog> packed;
  {
    const std::lock_guard lock(m_state->mutex);
    guarded(m_state->path, [&] { packed = findLog(m_state->db, log.sha256); });
  }
  if (!packed) throw InputError(finding("log-missing-of-run", {}, {"run", run.id}));
  return std::make_shared<const PackedLog>(std::move(*packed));
}

std::string SampleFile::logBytes(const campaign::Run& run, const campaign::Source& log) const {
  const auto packed = packedLog(run, log);
  try {
    return unpackLog(*packed);
  } catch (const InputError&) {
    throw InputError(finding("log-damaged-of-run", {}, {"run", run.id}));
  }
}

formats::KeptLog SampleFile::keptLog(const campaign::Run& run, const campaign::Source& log) const {
  auto packed = packedLog(run, log);
  if (packed->size > formats::kLargestFile) return {{}, openPacked(std::move(packed))};
  return {logBytes(run, log)};
}

}  // namespace distanz::store

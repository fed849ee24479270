#include "store/campaign_file.h"

#include <SQLiteCpp/Statement.h>
#include <SQLiteCpp/Transaction.h>
#include <fmt/format.h>
#include <unistd.h>

#include <nlohmann/json.hpp>

#include "core/campaign/validate.h"
#include "core/quantity/error.h"
#include "formats/campaign_json.h"
#include "store/campaign_tables.h"
#include "store/database.h"
#include "store/schema.h"

namespace distanz::store {

namespace fs = std::filesystem;
using campaign::Campaign;
using nlohmann::json;

namespace {

constexpr int kKeptEdits = 500;

/// Logs and samples that neither the campaign nor its history speaks of: left by an import that was stopped.
void dropOrphans(SQLite::Database& db) {
  db.exec(
      "DELETE FROM log WHERE sha256 NOT IN (SELECT log_sha256 FROM run) AND NOT EXISTS "
      "(SELECT 1 FROM history WHERE instr(undo, log.sha256) > 0 OR instr(redo, log.sha256) > 0);"
      "DELETE FROM recording WHERE log_sha256 NOT IN (SELECT sha256 FROM log);"
      "DELETE FROM channel WHERE recording NOT IN (SELECT key FROM recording)");
}

/// Brings an older file to this version's schema, in one transaction. A copy as it was stays beside it.
void migrate(const fs::path& path, SQLite::Database& db, int version) {
  const std::string copy = fmt::format("{}.schema-{}", path.string(), version);
  std::error_code error;
  if (!fs::exists(copy, error)) {
    SQLite::Statement keep(db, "VACUUM INTO ?");
    keep.bind(1, copy);
    keep.exec();
  }
  SQLite::Transaction all(db, SQLite::TransactionBehavior::IMMEDIATE);
  for (int v = version; v < kSchemaVersion; ++v) db.exec(kMigrations[v - 1]);
  db.exec(fmt::format("PRAGMA user_version={}", kSchemaVersion));
  all.commit();
}

}  // namespace

struct CampaignFile::State {
  fs::path path;
  SQLite::Database db;
  Campaign campaign = {};
  std::string read_only = {};
  int data_version = 0;

  int version() { return db.execAndGet("PRAGMA data_version").getInt(); }

  void requireWritable() {
    if (!read_only.empty()) throw InputError(path.string() + ": " + read_only);
    if (version() != data_version && db.execAndGet("SELECT count(*) FROM history").getInt64() != history_rows)
      throw InputError(path.string() + ": was changed by another program; open it again to see the changes");
  }

  std::int64_t history_rows = 0;
  void noteVersion() {
    data_version = version();
    history_rows = db.execAndGet("SELECT count(*) FROM history").getInt64();
  }

  /// One transaction: the tables, and what `also` adds to the history.
  void commit(const Campaign& next, const std::function<void()>& also) {
    guarded(path, [&] {
      SQLite::Transaction all(db, SQLite::TransactionBehavior::IMMEDIATE);
      writeCampaign(db, campaign, next);
      also();
      all.commit();
      noteVersion();
    });
    campaign = next;
  }

  struct Step {
    std::int64_t id;
    std::string what, patch;
  };
  std::optional<Step> step(bool undo) {
    SQLite::Statement s(db, undo ? "SELECT id, what, undo FROM history WHERE undone = 0 ORDER BY id DESC LIMIT 1"
                                 : "SELECT id, what, redo FROM history WHERE undone = 1 ORDER BY id LIMIT 1");
    if (!s.executeStep()) return std::nullopt;
    return Step{s.getColumn(0).getInt64(), s.getColumn(1).getString(), s.getColumn(2).getString()};
  }

  void take(bool undo) {
    requireWritable();
    std::optional<Step> found;
    guarded(path, [&] { found = step(undo); });
    if (!found) return;
    Campaign next;
    try {
      next = formats::campaignFromJson(formats::campaignJson(campaign).patch(json::parse(found->patch)), "history").campaign;
    } catch (const json::exception&) {
      throw InputError(path.string() + ": the history is damaged and this step cannot be taken back");
    }
    commit(next, [&] {
      SQLite::Statement mark(db, "UPDATE history SET undone = ? WHERE id = ?");
      mark.bind(1, undo ? 1 : 0);
      mark.bind(2, found->id);
      mark.exec();
    });
  }
};

CampaignFile::CampaignFile(std::unique_ptr<State> state) : m_state(std::move(state)) {}
CampaignFile::CampaignFile(CampaignFile&&) noexcept = default;
CampaignFile& CampaignFile::operator=(CampaignFile&&) noexcept = default;

CampaignFile::~CampaignFile() {
  if (!m_state || !m_state->read_only.empty()) return;
  try {
    m_state->db.exec("PRAGMA journal_mode=DELETE");  // fails while another connection reads; the next close does it
  } catch (const std::exception&) {
  }
}

CampaignFile CampaignFile::create(const fs::path& path, const Campaign& campaign) {
  const auto faults = campaign::validate(campaign);
  if (!faults.empty()) throw InputError(faults.front().text);
  std::error_code error;
  if (fs::exists(path, error)) throw InputError(path.string() + ": is there already; open it, or choose another name");
  try {
    guarded(path, [&] {
      SQLite::Database db(path.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
      db.exec(fmt::format("PRAGMA application_id={}; PRAGMA user_version={}", kApplicationId, kSchemaVersion));
      SQLite::Transaction all(db);
      db.exec(kSchema);
      Campaign nothing;
      nothing.title = campaign.title + ".";  // differs, so the facts are written
      writeCampaign(db, nothing, campaign);
      all.commit();
    });
  } catch (...) {
    fs::remove(path, error);
    throw;
  }
  return open(path);
}

CampaignFile CampaignFile::open(const fs::path& path) {
  const bool writable = ::access(path.c_str(), W_OK) == 0 && ::access(fs::absolute(path).parent_path().c_str(), W_OK) == 0;
  auto state = std::make_unique<State>(State{path, openDatabase(path, writable ? Access::ReadWrite : Access::ReadOnly)});
  guarded(path, [&] {
    SQLite::Database& db = state->db;
    const int version = db.execAndGet("PRAGMA user_version").getInt();
    if (version > kSchemaVersion)
      state->read_only =
          fmt::format("was written by a newer version of Distanz (schema {}); it can be looked at but not changed here", version);
    else if (!writable)
      state->read_only = "file or folder is read-only; copy the campaign to a folder of yours to change it";
    if (version < 1) throw InputError(path.string() + ": has no schema version; restore a copy of it");
    if (state->read_only.empty()) {
      if (version < kSchemaVersion) migrate(path, db, version);
      db.exec("PRAGMA journal_mode=WAL");
      dropOrphans(db);
    }
    state->campaign = readCampaign(db, state->read_only.empty() ? kSchemaVersion : version);
    state->noteVersion();
  });
  const auto faults = campaign::validate(state->campaign);
  if (!faults.empty()) throw InputError(path.string() + ": " + faults.front().text);
  return CampaignFile(std::move(state));
}

const Campaign& CampaignFile::campaign() const {
  return m_state->campaign;
}
const fs::path& CampaignFile::path() const {
  return m_state->path;
}
const std::string& CampaignFile::readOnlyReason() const {
  return m_state->read_only;
}

void CampaignFile::edit(const std::string& what, const Campaign& next) {
  if (next == m_state->campaign) return;
  m_state->requireWritable();
  const auto faults = campaign::validate(next);
  if (!faults.empty()) throw InputError(faults.front().text);
  const json before = formats::campaignJson(m_state->campaign), after = formats::campaignJson(next);
  m_state->commit(next, [&] {
    SQLite::Database& db = m_state->db;
    db.exec("DELETE FROM history WHERE undone = 1");
    SQLite::Statement put(db, "INSERT INTO history(at, what, undo, redo) VALUES(datetime('now'), ?, ?, ?)");
    put.bind(1, what);
    put.bind(2, json::diff(after, before).dump());
    put.bind(3, json::diff(before, after).dump());
    put.exec();
    db.exec(fmt::format("DELETE FROM history WHERE id <= (SELECT max(id) FROM history) - {}", kKeptEdits));
  });
}

std::optional<std::string> CampaignFile::undoable() const {
  if (!m_state->read_only.empty()) return std::nullopt;
  const auto found = m_state->step(true);
  return found ? std::optional(found->what) : std::nullopt;
}

std::optional<std::string> CampaignFile::redoable() const {
  if (!m_state->read_only.empty()) return std::nullopt;
  const auto found = m_state->step(false);
  return found ? std::optional(found->what) : std::nullopt;
}

void CampaignFile::undo() {
  m_state->take(true);
}
void CampaignFile::redo() {
  m_state->take(false);
}

}  // namespace distanz::store

#include "store/campaign_file.h"

#include <SQLiteCpp/Statement.h>
#include <SQLiteCpp/Transaction.h>
#include <fmt/format.h>
#include <sqlite3.h>
#include <unistd.h>

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>
#include <numeric>
#include <set>
#include <utility>

#include "core/campaign/describe.h"
#include "core/campaign/validate.h"
#include "core/description/texts.h"
#include "core/finding/error.h"
#include "formats/aside.h"
#include "formats/files.h"
#include "formats/finding_json.h"
#include "formats/json_fields.h"
#include "store/change_text.h"
#include "store/entities.h"
#include "store/file_builder.h"
#include "store/identity.h"
#include "store/legacy.h"
#include "store/schema.h"
#include "store/state_mark.h"

namespace distanz::store {

namespace fs = std::filesystem;
using campaign::Campaign;

namespace {

constexpr int kKeptEdits = 500;

/// A file that an older version left in WAL mode becomes a plain one; SQLite does it only where no other
/// connection has it open.
void makePlain(SQLite::Database& db) {
  if (db.execAndGet("PRAGMA journal_mode").getString() != "wal") return;
  db.setBusyTimeout(0);
  db.tryExec("PRAGMA journal_mode=DELETE");
  db.setBusyTimeout(kPatience_ms);
}

SharedCampaign share(Campaign campaign) {
  return std::make_shared<const Campaign>(std::move(campaign));
}

struct Step {
  std::int64_t id;
  std::string what, changes;
};

std::optional<Step> nextStep(SQLite::Database& db, bool undo) {
  SQLite::Statement s(db,
                      undo ? "SELECT id, what, changes FROM history WHERE undone = 0 ORDER BY id DESC LIMIT 1"
                           : "SELECT id, what, changes FROM history WHERE undone = 1 ORDER BY id LIMIT 1");
  if (!s.executeStep()) return std::nullopt;
  return Step{s.getColumn(0).getInt64(), s.getColumn(1).getString(), s.getColumn(2).getString()};
}

/// A step that another of its kind may go on with: live readings come every few seconds, and are taken back
/// by the minute.
struct GrowingStep {
  std::int64_t id;
  std::vector<Change> changes;
  Finding what;
};

constexpr const char* kGrowing = "fill-live";  ///< arguments: record, count
constexpr int kGrowsFor_s = 60;

/// The last step, where `what` goes on with it. Asked before what changes is written.
std::optional<GrowingStep> growingStep(SQLite::Database& db, const Finding& what) {
  if (what.code != kGrowing || nextStep(db, false)) return std::nullopt;
  SQLite::Statement last(db, fmt::format("SELECT id, what, changes FROM history WHERE id = (SELECT max(id) FROM history) AND at >= "
                                         "datetime('now', '-{} seconds')", kGrowsFor_s));
  if (!last.executeStep()) return std::nullopt;
  const Finding was = formats::findingFromText(last.getColumn(1).getString());
  const Argument *here = what.find("record"), *there = was.find("record");
  if (was.code != what.code || !here || !there || !(*here == *there)) return std::nullopt;
  try {
    return GrowingStep{last.getColumn(0).getInt64(), changesFrom(db, last.getColumn(2).getString()), was};
  } catch (const InputError&) {
    return std::nullopt;  // changed by another program since: a step of its own
  }
}

/// The two as one: from before the first to after the second.
std::vector<Change> joined(std::vector<Change> first, const std::vector<Change>& second) {
  for (const Change& c : second) {
    const auto same = std::find_if(first.begin(), first.end(), [&](const Change& f) { return f.kind == c.kind && f.id == c.id; });
    if (same == first.end())
      first.push_back(c);
    else
      same->after = c.after;
  }
  return first;
}

void goOn(SQLite::Database& db, const GrowingStep& step, const Finding& what, const std::vector<Change>& changes) {
  const auto counted = [](const Finding& f) { return static_cast<std::size_t>(std::get<Measure>(f.find("count")->value).value); };
  const Finding both = finding(kGrowing, {*what.find("record"), {"count", counted(step.what) + counted(what)}});
  SQLite::Statement put(db, "UPDATE history SET what = ?, changes = ? WHERE id = ?");
  put.bind(1, formats::jsonText(formats::findingJson(both)));
  put.bind(2, changesText(joined(step.changes, changes)));
  put.bind(3, step.id);
  put.exec();
}

void addStep(SQLite::Database& db, const Finding& what, const std::vector<Change>& changes) {
  db.exec("DELETE FROM history WHERE undone = 1");
  SQLite::Statement put(db, "INSERT INTO history(at, what, changes) VALUES(datetime('now'), ?, ?)");
  put.bind(1, formats::jsonText(formats::findingJson(what)));
  put.bind(2, changesText(changes));
  put.exec();
  db.exec(fmt::format("DELETE FROM history WHERE id <= (SELECT max(id) FROM history) - {}", kKeptEdits));
}

}  // namespace

struct CampaignFile::State {
  fs::path path;
  SQLite::Database db;
  FileIdentity identity;
  SharedCampaign campaign = std::make_shared<const Campaign>();
  std::optional<Finding> read_only = {};
  StateMark known = {};
  int data_version = 0;
  bool unconfirmed = false;  ///< the last edit is in the file, but its sync failed

  void requireSame() const {
    if (!(identityOf(path) == identity)) throw FileGone(inFile(path, finding("file-replaced")));
  }

  void requireWritable() const {
    if (read_only) throw InputError(inFile(path, *read_only));
    requireSame();
  }

  /// A newer version may have brought the file up to date meanwhile.
  void requireToday() {
    if (requireSchema(db, path) != kSchemaVersion)
      throw InputError(inFile(path, finding("file-newer-meanwhile")));
  }

  /// Takes in what the file holds, within a transaction. @return true where it is not what was known
  bool takeIn() {
    const StateMark now = readMark(db);
    if (now == known) return false;
    if (now.revision <= known.revision) throw FileGone(inFile(path, finding("file-written-over")));
    campaign = share(readCampaign(db, path.string()));
    known = now;
    return true;
  }

  /// One transaction: `work` gets the next revision, writes, and gives the campaign that it made; nothing
  /// where there is nothing to do.
  template <class Work>
  void transact(Work work) {
    requireWritable();
    guarded(path, [&] {
      SQLite::Transaction all(db, SQLite::TransactionBehavior::IMMEDIATE);
      requireToday();
      takeIn();
      const StateMark after = next(known);
      SharedCampaign made = work(after.revision);
      if (!made) return;
      writeMark(db, after);
      requireSame();
      commit(all, after);
      campaign = std::move(made);
      known = after;
    });
    if (std::exchange(unconfirmed, false)) formats::syncEntry(path);
    requireSame();
  }

  /// A disk that fails after the last write, in the sync behind it, fails an edit that is made: what the file
  /// holds then counts.
  void commit(SQLite::Transaction& all, const StateMark& after) {
    try {
      all.commit();
    } catch (const SQLite::Exception&) {
      if (sqlite3_get_autocommit(db.getHandle()) == 0 || !(readMark(db) == after)) throw;
      unconfirmed = true;
    }
  }

  void take(bool undo) {
    transact([&](std::int64_t next_revision) -> SharedCampaign {
      const auto step = nextStep(db, undo);
      if (!step) return nullptr;
      std::vector<Change> changes;
      try {
        changes = changesFrom(db, step->changes);
        if (undo) changes = reversed(std::move(changes));
        applyChanges(db, changes, next_revision);
      } catch (const InputError& e) {
        throw Conflict(inFile(path, e.found));
      }
      SQLite::Statement mark(db, "UPDATE history SET undone = ? WHERE id = ?");
      mark.bind(1, undo ? 1 : 0);
      mark.bind(2, step->id);
      mark.exec();
      Campaign made = afterChanges(db, *campaign, changes, path.string());
      campaign::requireValid(made);
      return share(std::move(made));
    });
  }
};

CampaignFile::CampaignFile(std::unique_ptr<State> state) : m_state(std::move(state)) {}
CampaignFile::CampaignFile(CampaignFile&&) noexcept = default;
CampaignFile& CampaignFile::operator=(CampaignFile&&) noexcept = default;
CampaignFile::~CampaignFile() = default;

CampaignFile CampaignFile::create(const fs::path& path, const Campaign& campaign, Existing existing) {
  FileBuilder builder(path);
  builder.finish(campaign, existing);
  return open(path, Access::ReadWrite);
}

CampaignFile CampaignFile::open(const fs::path& path, Access access) {
  const bool write = access == Access::ReadWrite && isWritable(path);
  if (write) formats::Aside::sweep(formats::folderOf(path));
  auto state = std::make_unique<State>(
      State{path, openDatabase(path, write ? Access::ReadWrite : Access::ReadOnly), identityOf(path)});
  guarded(path, [&] {
    SQLite::Database& db = state->db;
    int version = requireSchema(db, path);
    if (version > kSchemaVersion)
      state->read_only = finding("file-newer", {{"schema", version}});
    else if (access == Access::ReadOnly)
      state->read_only = finding("opened-for-reading");
    else if (!write)
      state->read_only = finding("file-write-protected");
    if (!state->read_only) {
      makePlain(db);
      if (version < kSchemaVersion) migrate(db, path);
      version = kSchemaVersion;
    }
    SQLite::Transaction reading(db);  // one view of the file, whoever writes meanwhile
    version = requireSchema(db, path);
    if (version < kSchemaVersion) {
      state->campaign = share(readLegacyCampaign(db, version, path.string()));
    } else {
      state->campaign = share(readCampaign(db, path.string()));
      state->known = readMark(db);
    }
    state->data_version = db.execAndGet("PRAGMA data_version").getInt();
    reading.commit();
  });
  return CampaignFile(std::move(state));
}

const SharedCampaign& CampaignFile::shared() const {
  return m_state->campaign;
}
const fs::path& CampaignFile::path() const {
  return m_state->path;
}
const std::optional<Finding>& CampaignFile::readOnlyReason() const {
  return m_state->read_only;
}

void CampaignFile::edit(const Finding& what, SharedCampaign base, SharedCampaign next,
                        const std::vector<Attachment>& attachments) {
  std::vector<Change> changes = changesBetween(*base, *next);
  if (changes.empty()) return;
  campaign::requireValid(*next);
  if (needsIdentity(*next)) {
    next = share(identified(*next));
    changes = changesBetween(*base, *next);
  }
  State& s = *m_state;
  s.transact([&](std::int64_t revision) -> SharedCampaign {
    const std::vector<Change> theirs =
        base == s.campaign ? std::vector<Change>() : changesBetween(*base, *s.campaign);
    if (touchTheSame(changes, theirs)) throw Conflict(inFile(s.path, finding("changed-meanwhile")));
    SharedCampaign made = next;
    if (!theirs.empty()) {
      made = share(withChanges(*s.campaign, *next, changes));
      const auto faults = campaign::validate(*made);
      if (!faults.empty())
        throw Conflict(inFile(s.path, finding("no-longer-valid", {{"fault", faults.front()}})));
    }
    for (const Attachment& a : attachments) putLog(s.db, a.name, a.packed);
    const auto before = growingStep(s.db, what);
    writeChanges(s.db, *made, changes, revision);
    before ? goOn(s.db, *before, what, changes) : addStep(s.db, what, changes);
    return made;
  });
}

namespace {

/// In the order in which they were flown where all logs tell it, else as they were given.
std::vector<std::size_t> byClock(const std::vector<PackedRun>& runs) {
  std::vector<std::size_t> out(runs.size());
  std::iota(out.begin(), out.end(), std::size_t{0});
  if (std::all_of(runs.begin(), runs.end(), [](const PackedRun& r) { return std::isfinite(r.began_s); }))
    std::stable_sort(out.begin(), out.end(), [&](std::size_t a, std::size_t b) { return runs[a].began_s < runs[b].began_s; });
  return out;
}

}  // namespace

Added CampaignFile::addRuns(const Finding& what, std::vector<PackedRun> runs,
                            std::vector<campaign::Link> links, Twice twice) {
  State& s = *m_state;
  Added added;
  s.transact([&](std::int64_t revision) -> SharedCampaign {
    added = {};
    Campaign next = *s.campaign;
    for (const std::size_t i : byClock(runs)) {
      PackedRun& fresh = runs[i];
      if (!campaign::findSetup(next, fresh.run.setup))
        throw Conflict(
            inFile(s.path, finding("setup-removed-meanwhile",
                                   {{"setup", fresh.run.setup}, {"log", fresh.run.source().file}})));
      if (const campaign::Run* there = campaign::runOfSameRows(next, fresh.run)) {
        const auto held = [&](const campaign::Source& log) { return holdsLog(s.db, log.sha256); };
        if (std::all_of(there->sources.begin(), there->sources.end(), held)) {
          const Finding why = finding("log-twice", {{"run_id", there->id}});
          if (twice == Twice::Refuse) throw InputError(inFile(fresh.run.source().file, why));
          added.left_out.push_back({i, why});
          continue;
        }
        for (std::size_t log = 0; log < fresh.logs.size(); ++log) putLog(s.db, fresh.run.sources.at(log).file, fresh.logs[log]);
        added.restored.push_back(there->id);
        continue;
      }
      fresh.run.id = campaign::freeRunId(next, fresh.run.setup);
      fresh.run.order = campaign::nextOrder(next);
      putRun(s.db, fresh, links);
      next.runs.push_back(fresh.run);
      added.runs.push_back(fresh.run);
    }
    campaign::requireValid(next);
    next = identified(next);
    for (campaign::Run& run : added.runs) run.uuid = campaign::findRun(next, run.id)->uuid;
    std::vector<Change> changes = changesBetween(*s.campaign, next);
    if (!changes.empty()) {
      writeChanges(s.db, next, changes, revision);
      addStep(s.db, what, changes);
    }
    return share(std::move(next));
  });
  return added;
}

bool CampaignFile::refresh() {
  State& s = *m_state;
  s.requireSame();
  bool changed = false;
  guarded(s.path, [&] {
    const int version = s.db.execAndGet("PRAGMA data_version").getInt();
    if (version == s.data_version) return;
    if (requireSchema(s.db, s.path) != kSchemaVersion) return;  // newer or older: looked at as it was
    SQLite::Transaction reading(s.db);
    changed = s.takeIn();
    reading.commit();
    s.data_version = version;
  });
  return changed;
}

std::optional<Finding> CampaignFile::undoable() {
  if (m_state->read_only) return std::nullopt;
  std::optional<Step> found;
  guarded(m_state->path, [&] { found = nextStep(m_state->db, true); });
  return found ? std::optional(formats::findingFromText(found->what)) : std::nullopt;
}

std::optional<Finding> CampaignFile::redoable() {
  if (m_state->read_only) return std::nullopt;
  std::optional<Step> found;
  guarded(m_state->path, [&] { found = nextStep(m_state->db, false); });
  return found ? std::optional(formats::findingFromText(found->what)) : std::nullopt;
}

void CampaignFile::undo() {
  m_state->take(true);
}
void CampaignFile::redo() {
  m_state->take(false);
}

int CampaignFile::purge() {
  State& s = *m_state;
  s.requireWritable();
  int gone = 0;
  guarded(s.path, [&] {
    SQLite::Transaction all(s.db, SQLite::TransactionBehavior::IMMEDIATE);
    s.requireToday();
    s.takeIn();
    std::set<std::string> spoken;
    description::eachText(*s.campaign, [&](const description::Field& field, const std::string& text) {
      if (field.attachment) spoken.insert(text);
    });
    std::string history;
    SQLite::Statement steps(s.db, "SELECT changes FROM history");
    while (steps.executeStep()) history += steps.getColumn(0).getString();
    std::vector<std::string> unspoken;
    SQLite::Statement logs(s.db, "SELECT sha256 FROM attachment");
    while (logs.executeStep())
      if (const std::string sha = logs.getColumn(0).getString();
          !spoken.contains(sha) && history.find(sha) == std::string::npos)
        unspoken.push_back(sha);
    SQLite::Statement drop(s.db, "DELETE FROM attachment WHERE sha256 = ?");
    for (const std::string& sha : unspoken) {
      drop.reset();
      drop.bind(1, sha);
      gone += drop.exec();
    }
    s.db.exec("DELETE FROM recording WHERE log_sha256 NOT IN (SELECT sha256 FROM attachment)");
    s.db.exec("DELETE FROM channel WHERE recording NOT IN (SELECT key FROM recording)");
    all.commit();
    s.db.exec("VACUUM");
  });
  s.requireSame();
  return gone;
}

}  // namespace distanz::store

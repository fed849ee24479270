#include "store/file_builder.h"

#include <SQLiteCpp/Exception.h>
#include <SQLiteCpp/Transaction.h>

#include "core/campaign/validate.h"
#include "core/finding/error.h"
#include "store/database.h"
#include "store/entities.h"
#include "store/identity.h"
#include "store/state_mark.h"

namespace distanz::store {
namespace {

namespace fs = std::filesystem;

/// The file about to be replaced: nobody has it open, and no journal of it is left that SQLite would play
/// into its successor.
void requireUnused(const fs::path& path) {
  std::error_code error;
  if (!fs::exists(path, error)) return;
  try {
    SQLite::Database old(fs::absolute(path).string(), SQLite::OPEN_READWRITE);
    old.exec("PRAGMA locking_mode=EXCLUSIVE; PRAGMA journal_mode=DELETE; BEGIN EXCLUSIVE; ROLLBACK");
  } catch (const SQLite::Exception& e) {
    if (e.getErrorCode() == 5 || e.getErrorCode() == 6)  // SQLITE_BUSY, SQLITE_LOCKED
      throw InputError(inFile(path, finding("file-open-elsewhere")));
  }
  for (const char* suffix : {"-journal", "-wal", "-shm"}) fs::remove(path.string() + suffix, error);
}

}  // namespace

FileBuilder::FileBuilder(const fs::path& target) : m_target(target), m_aside(target) {
  m_db.emplace(makeDatabase(m_aside.place()));
}

void FileBuilder::add(const PackedRun& run, const std::vector<campaign::Link>& links) {
  guarded(m_target, [&] {
    SQLite::Transaction all(*m_db);
    putRun(*m_db, run, links);
    all.commit();
  });
}

void FileBuilder::add(const Attachment& attachment) {
  guarded(m_target, [&] { putLog(*m_db, attachment.name, attachment.packed); });
}

void FileBuilder::finish(const campaign::Campaign& campaign, formats::Aside::Existing existing) {
  campaign::requireValid(campaign);
  guarded(m_target, [&] {
    SQLite::Transaction all(*m_db);
    writeCampaign(*m_db, identified(campaign), 1);
    writeMark(*m_db, next({}));
    all.commit();
    m_db.reset();
  });
  if (existing == formats::Aside::Existing::Replace) requireUnused(m_target);
  m_aside.publish(existing);
}

}  // namespace distanz::store

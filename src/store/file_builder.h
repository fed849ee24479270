#pragma once
#include <SQLiteCpp/Database.h>

#include <optional>

#include "core/log/recording.h"
#include "formats/aside.h"
#include "store/sample_rows.h"

namespace distanz::store {

/// A new campaign file, built aside, log by log, and given its name when it is whole.
class FileBuilder {
 public:
  /// @throws InputError where the target's folder cannot be written to
  explicit FileBuilder(const std::filesystem::path& target);

  /// @param links as the campaign of finish() has them @throws InputError: disk full
  void add(const PackedRun& run, const std::vector<campaign::Link>& links);

  /// Bytes that records of the campaign speak of. @throws InputError: disk full
  void add(const Attachment& attachment);

  /// Writes the campaign, syncs, and names the file.
  /// @param existing Replace: refused while a program has the file that is there open @throws InputError;
  /// nothing is then left
  void finish(const campaign::Campaign& campaign,
              formats::Aside::Existing existing = formats::Aside::Existing::Keep);

 private:
  std::filesystem::path m_target;
  formats::Aside m_aside;
  std::optional<SQLite::Database> m_db;
};

}  // namespace distanz::store

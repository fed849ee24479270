#pragma once
#include <SQLiteCpp/Database.h>

#include <filesystem>

namespace distanz::test {

/// Another program in the middle of writing a campaign.
struct Lock {
  SQLite::Database db;
  explicit Lock(const std::filesystem::path& file) : db(file.string(), SQLite::OPEN_READWRITE) { db.exec("BEGIN EXCLUSIVE"); }
  void release() { db.exec("ROLLBACK"); }
};

}  // namespace distanz::test

#include "store/database.h"

#include <SQLiteCpp/Exception.h>
#include <fmt/format.h>
#include <sqlite3.h>

#include <array>
#include <fstream>
#include <optional>

#include "core/quantity/error.h"
#include "store/schema.h"

namespace distanz::store {
namespace {

constexpr int kBusy_ms = 5000;

std::string adviceFor(int code) {
  switch (code & 0xff) {
    case SQLITE_FULL:
      return "the disk is full; free some space and try again (nothing was changed)";
    case SQLITE_READONLY:
      return "cannot be written: file or folder is read-only; copy the campaign to a folder of yours";
    case SQLITE_CANTOPEN:
      return "cannot be opened; check that the folder exists and may be written to";
    case SQLITE_PERM:
      return "cannot be opened: no permission; check the file's permissions";
    case SQLITE_NOTADB:
      return "is not a Distanz campaign; choose a .distanz file";
    case SQLITE_CORRUPT:
      return "is damaged or cut short; restore a copy of it";
    case SQLITE_BUSY:
    case SQLITE_LOCKED:
      return "is in use by another program; close that and try again";
    case SQLITE_IOERR:
      return "could not be read or written; check the disk and its free space (nothing was changed)";
    case SQLITE_TOOBIG:
      return "cannot hold a log this large; cut it into single flights";
    default:
      return {};
  }
}

std::uint32_t bigEndian(const unsigned char* p, int n) {
  std::uint32_t v = 0;
  for (int i = 0; i < n; ++i) v = v << 8 | p[i];
  return v;
}

/// SQLite notices a cut file only when it happens to read the missing part: compare the size first.
void refuseUnlessWhole(const std::filesystem::path& path) {
  std::error_code error;
  const auto size = std::filesystem::file_size(path, error);
  if (error) throw InputError(path.string() + ": cannot be read: " + error.message() + "; check that it is still there");
  std::array<unsigned char, 100> header{};
  std::ifstream in(path, std::ios::binary);
  if (!in) throw InputError(path.string() + ": cannot be read; check the file's permissions");
  in.read(reinterpret_cast<char*>(header.data()), static_cast<std::streamsize>(header.size()));
  if (in.gcount() < static_cast<std::streamsize>(header.size()) || std::string(header.begin(), header.begin() + 15) != "SQLite format 3")
    throw InputError(path.string() + ": is not a Distanz campaign; choose a .distanz file");
  std::uint64_t page = bigEndian(header.data() + 16, 2);
  if (page == 1) page = 65536;
  const bool size_known = bigEndian(header.data() + 24, 4) == bigEndian(header.data() + 92, 4);
  if (size_known && size < page * bigEndian(header.data() + 28, 4)) throw InputError(path.string() + ": " + adviceFor(SQLITE_CORRUPT));
}

}  // namespace

void guarded(const std::filesystem::path& path, const std::function<void()>& work) {
  try {
    work();
  } catch (const SQLite::Exception& e) {
    const std::string advice = adviceFor(e.getErrorCode());
    throw InputError(path.string() +
                     (advice.empty() ? fmt::format(": could not be used ({}); restore a copy of it", e.what()) : ": " + advice));
  }
}

SQLite::Database openDatabase(const std::filesystem::path& path, Access access) {
  refuseUnlessWhole(path);
  std::optional<SQLite::Database> db;
  guarded(path, [&] {
    db.emplace(path.string(), (access == Access::ReadWrite ? SQLite::OPEN_READWRITE : SQLite::OPEN_READONLY) | SQLite::OPEN_FULLMUTEX,
               kBusy_ms);
    if (db->execAndGet("PRAGMA application_id").getInt() != kApplicationId)
      throw InputError(path.string() + ": is an SQLite file but not a Distanz campaign; choose a .distanz file");
    db->exec("PRAGMA trusted_schema=OFF; PRAGMA cell_size_check=ON; PRAGMA synchronous=NORMAL");
  });
  return std::move(*db);
}

}  // namespace distanz::store

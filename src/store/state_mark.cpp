#include "store/state_mark.h"

#include <SQLiteCpp/Statement.h>

#include <random>

namespace distanz::store {

StateMark readMark(SQLite::Database& db) {
  StateMark out;
  SQLite::Statement all(db, "SELECT key, value FROM meta");
  while (all.executeStep()) {
    if (all.getColumn(0).getString() == "revision") out.revision = all.getColumn(1).getInt64();
    if (all.getColumn(0).getString() == "mark") out.mark = all.getColumn(1).getInt64();
  }
  return out;
}

void writeMark(SQLite::Database& db, const StateMark& mark) {
  SQLite::Statement put(db, "INSERT OR REPLACE INTO meta VALUES('revision', ?), ('mark', ?)");
  put.bind(1, mark.revision);
  put.bind(2, mark.mark);
  put.exec();
}

StateMark next(const StateMark& mark) {
  std::random_device device;
  const std::uint64_t random = std::uint64_t{device()} << 32 | device();
  return {mark.revision + 1, static_cast<std::int64_t>(random)};
}

}  // namespace distanz::store

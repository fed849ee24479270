#pragma once
#include <SQLiteCpp/Database.h>

#include <cstdint>

namespace distanz::store {

/// Which state of the campaign a file holds: a number that only grows, and a random mark, so that another
/// copy of the same campaign with as many edits is told apart.
struct StateMark {
  std::int64_t revision = 0;
  std::int64_t mark = 0;
  bool operator==(const StateMark&) const = default;
};

/// @throws SQLite::Exception
StateMark readMark(SQLite::Database& db);
void writeMark(SQLite::Database& db, const StateMark& mark);

/// The one that follows.
StateMark next(const StateMark& mark);

}  // namespace distanz::store

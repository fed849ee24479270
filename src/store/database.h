#pragma once
#include <SQLiteCpp/Database.h>

#include <filesystem>
#include <functional>

namespace distanz::store {

/// Runs SQL work and turns SQLite's errors into InputError: what, which file, what to do.
void guarded(const std::filesystem::path& path, const std::function<void()>& work);

enum class Access { ReadOnly, ReadWrite };

/// Opens an existing campaign file. @throws InputError: missing, not a campaign, truncated, damaged
SQLite::Database openDatabase(const std::filesystem::path& path, Access access);

}  // namespace distanz::store

#pragma once
#include <string>
#include <vector>

#include "store/entities.h"

/// Changes as the history keeps them: of a body that changed, only the stretch that did.
namespace distanz::store {

std::string changesText(const std::vector<Change>& changes);

/// With whole bodies, made of what the file now has. @throws InputError for damaged text; and where a body is
/// neither what it was before the change nor after it
std::vector<Change> changesFrom(SQLite::Database& db, const std::string& text);

}  // namespace distanz::store

#pragma once
#include <SQLiteCpp/Database.h>

#include "core/campaign/campaign.h"

namespace distanz::store {

/// Writes what differs between two states of the campaign. Call inside a transaction.
void writeCampaign(SQLite::Database& db, const campaign::Campaign& before, const campaign::Campaign& after);

/// @param schema of the file, 1 or later: what an older one lacks has its default
/// @throws InputError where a row does not make sense
campaign::Campaign readCampaign(SQLite::Database& db, int schema);

/// Key of a run's samples: the log and how its columns were matched.
std::string recordingKey(const campaign::Run& run);

}  // namespace distanz::store

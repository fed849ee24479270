#pragma once
#include <SQLiteCpp/Database.h>

#include <map>
#include <nlohmann/json_fwd.hpp>
#include <optional>
#include <string>
#include <vector>

#include "core/campaign/campaign.h"

namespace distanz::store {

/// A part of the campaign that is kept, changed and taken back by itself: the facts, or an entity of one of
/// its kinds, as a row with a body of JSON (the interchange form).
struct Change {
  struct State {
    double position = 0;
    std::string body;
  };
  std::string kind, id;
  std::optional<State> before, after;  ///< none: is not there
  bool moved = false;                  ///< in its list, among those that stay
};

/// What leads from one campaign to another: the parts that came, went or changed, by kind and id. Positions
/// are as if rows were numbered from 1; writeChanges() puts in the true ones.
std::vector<Change> changesBetween(const campaign::Campaign& before, const campaign::Campaign& after);

/// True where both lists speak of the same part.
bool touchTheSame(const std::vector<Change>& a, const std::vector<Change>& b);

/// The first campaign with the changes that led to `next`: what else differs between the two stays as the
/// first has it.
campaign::Campaign withChanges(const campaign::Campaign& campaign, const campaign::Campaign& next,
                               const std::vector<Change>& changes);

/// Makes the rows those of `after`, within a transaction, and fills the positions in, for the history.
void writeChanges(SQLite::Database& db, const campaign::Campaign& after, std::vector<Change>& changes,
                  std::int64_t revision);

/// Puts the `after` of each change (back) where it says. @throws InputError where a row is no longer as
/// `before` has it
void applyChanges(SQLite::Database& db, const std::vector<Change>& changes, std::int64_t revision);

/// The campaign once applyChanges() was done, without reading what did not change. @throws InputError for
/// bodies that make none
campaign::Campaign afterChanges(SQLite::Database& db, campaign::Campaign campaign,
                                const std::vector<Change>& changes, const std::string& where);

/// The same, from after to before.
std::vector<Change> reversed(std::vector<Change> changes);

/// The body of an entity as it stands; none where it is not there.
std::optional<std::string> bodyNow(SQLite::Database& db, const std::string& kind, const std::string& id);

/// All rows of a new file.
void writeCampaign(SQLite::Database& db, const campaign::Campaign& campaign, std::int64_t revision);

/// The rows of an entity table as one JSON object: bodies without an id make its keys, others fill lists.
/// @param lists name of the list, by kind; rows of other kinds are passed over @throws InputError naming
/// `where` for damaged ones
nlohmann::json campaignRows(SQLite::Database& db, const std::string& where,
                            const std::map<std::string, std::string>& lists);

/// The campaign that the rows make. @throws InputError naming `where` for rows that make none
campaign::Campaign readCampaign(SQLite::Database& db, const std::string& where);

}  // namespace distanz::store

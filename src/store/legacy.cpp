#include "store/legacy.h"

#include <SQLiteCpp/Statement.h>

#include <algorithm>
#include <nlohmann/json.hpp>
#include <set>

#include "core/finding/error.h"
#include "formats/campaign_json.h"
#include "formats/json_fields.h"
#include "store/change_text.h"
#include "store/database.h"
#include "store/entities.h"
#include "store/schema.h"

namespace distanz::store {
namespace {

using namespace campaign;

using nlohmann::json;

/// What schemas 1 and 2 had in place of `entity` and of today's `history`.
constexpr const char* kLegacyTables[] = {"campaign",   "path_point", "link",   "setup",
                                         "setup_link", "run",        "history"};
/// What schema 3 had for people.
constexpr const char* kLegacyViews[] = {"campaign", "link", "setup", "run"};
constexpr int kEntitySchema = 3;  ///< from which on the campaign is kept as entities

std::optional<double> optionalAt(SQLite::Statement& s, int index) {
  if (s.isColumnNull(index)) return std::nullopt;
  return s.getColumn(index).getDouble();
}

std::string textAt(SQLite::Statement& s, int index) {
  return s.getColumn(index).getString();
}

/// JSON, or discarded where it is none.
json parsed(const std::string& text) {
  try {
    return formats::parseJson(text, "");
  } catch (const InputError&) {
    return json(json::value_t::discarded);
  }
}

json modesFrom(const std::string& text, const std::string& link) {
  json out = json::array();
  if (text.empty()) return out;
  const auto list = parsed(text);
  const auto isPair = [](const json& m) {
    return m.is_array() && m.size() == 2 && m[0].is_number() && m[1].is_number();
  };
  if (!list.is_array() || !std::all_of(list.begin(), list.end(), isPair))
    throw InputError(finding("legacy-damaged", {{"what", "links: " + link + ": modes"}}));
  for (const auto& m : list) out.push_back({{"mode", m[0]}, {"sensitivity_dbm", m[1]}});
  return out;
}

/// Keys of other versions, laid under an object's own.
json withUnknown(const std::string& unknown) {
  if (unknown.empty()) return json::object();
  json out = parsed(unknown);
  if (!out.is_object()) throw InputError(finding("kept-keys-damaged"));
  return out;
}

void put(json& object, const char* key, SQLite::Statement& s, int index) {
  if (const auto value = optionalAt(s, index)) object[key] = *value;
}

json readFacts(SQLite::Database& db) {
  json facts = json::object(), station = {{"lat_deg", 0.0}, {"lon_deg", 0.0}};
  std::string unknown;
  SQLite::Statement all(db, "SELECT key, value FROM campaign");
  while (all.executeStep()) {
    constexpr std::string_view kStation = "station_";
    const std::string key = textAt(all, 0);
    if (key == "unknown")
      unknown = textAt(all, 1);
    else if (key == "title")
      facts[key] = textAt(all, 1);
    else if (key.starts_with(kStation))
      station[key.substr(kStation.size())] = all.getColumn(1).getDouble();
    else if (key == "post_spacing_m" || key == "plan_exponent")
      facts[key] = all.getColumn(1).getDouble();
  }
  json out = withUnknown(unknown);
  out.update(facts);
  out["station"] = std::move(station);
  return out;
}

void readKit(SQLite::Database& db, int schema, json& c) {
  const std::string modes = schema >= 2 ? "modes" : "''", automatic = schema >= 2 ? "automatic_power" : "0";
  SQLite::Statement path(db, "SELECT lat_deg, lon_deg, height_m FROM path_point ORDER BY position");
  while (path.executeStep())
    c["path"].push_back({{"lat_deg", path.getColumn(0).getDouble()},
                         {"lon_deg", path.getColumn(1).getDouble()},
                         {"height_m", path.getColumn(2).getDouble()}});
  SQLite::Statement links(
      db,
      "SELECT id, kind, frequency_mhz, sensitivity_dbm, lq_min_pct, margin_db, bitrate_min_mbps, unknown, " +
          modes + " FROM link ORDER BY position");
  while (links.executeStep()) {
    json link = withUnknown(textAt(links, 7)), rule = json::object();
    link["id"] = textAt(links, 0);
    link["kind"] = textAt(links, 1) == "video" ? "video" : "control";
    link["frequency_mhz"] = links.getColumn(2).getDouble();
    put(link, "sensitivity_dbm", links, 3);
    put(rule, "lq_min_pct", links, 4);
    put(rule, "margin_db", links, 5);
    put(rule, "bitrate_min_mbps", links, 6);
    link["rule"] = std::move(rule);
    if (json list = modesFrom(textAt(links, 8), textAt(links, 0)); !list.empty())
      link["modes"] = std::move(list);
    c["links"].push_back(std::move(link));
  }
  SQLite::Statement setups(db, "SELECT id, name, differs, unknown FROM setup ORDER BY position");
  std::map<std::string, std::size_t> at;
  while (setups.executeStep()) {
    at[textAt(setups, 0)] = c["setups"].size();
    json setup = withUnknown(textAt(setups, 3));
    setup["id"] = textAt(setups, 0);
    setup["name"] = textAt(setups, 1);
    if (const std::string differs = textAt(setups, 2); !differs.empty()) setup["differs"] = differs;
    c["setups"].push_back(std::move(setup));
  }
  SQLite::Statement own(
      db, "SELECT setup, link, power_dbm, tx_gain_dbi, rx_gain_dbi, tx_loss_db, rx_loss_db, " + automatic +
              " FROM setup_link");
  while (own.executeStep()) {
    const auto found = at.find(textAt(own, 0));
    if (found == at.end()) continue;
    json ends = json::object();
    for (const auto& [key, index] : {std::pair("power_dbm", 2),
                                     {"tx_gain_dbi", 3},
                                     {"rx_gain_dbi", 4},
                                     {"tx_loss_db", 5},
                                     {"rx_loss_db", 6}})
      put(ends, key, own, index);
    if (own.getColumn(7).getInt() != 0) ends["automatic_power"] = true;
    c["setups"][found->second]["links"][textAt(own, 1)] = std::move(ends);
  }
}

void readRuns(SQLite::Database& db, int schema, json& c) {
  SQLite::Statement runs(db,
                         "SELECT id, setup, log, log_sha256, flight, notes, void_reason, session_order, "
                         "ended, turn_begin_s, turn_end_s, "
                         "columns, unknown, " +
                             std::string(schema >= 2 ? "reduced, legs" : "'', 'both'") +
                             " FROM run ORDER BY position");
  while (runs.executeStep()) {
    json r = withUnknown(textAt(runs, 12));
    constexpr const char* kTexts[] = {"id", "setup", "log", "log_sha256", "flight", "notes", "void_reason"};
    for (int i = 0; i < 7; ++i)
      if (const std::string text = textAt(runs, i); !text.empty() || i < 2) r[kTexts[i]] = text;
    const std::string id = textAt(runs, 0);
    if (const int order = runs.getColumn(7).getInt(); order > 0) r["order"] = order;
    if (const std::string ended = textAt(runs, 8); !ended.empty() && endedFromWord(ended)) r["ended"] = ended;
    put(r, "turn_begin_s", runs, 9);
    put(r, "turn_end_s", runs, 10);
    json columns = parsed(textAt(runs, 11));
    if (!columns.is_object())
      throw InputError(finding("legacy-damaged", {{"what", "runs: " + id + ": columns"}}));
    if (!columns.empty()) r["columns"] = std::move(columns);
    if (const std::string legs = textAt(runs, 14); legs == "out" || legs == "back") r["legs"] = legs;
    if (const std::string reduced = textAt(runs, 13); !reduced.empty()) {
      json by_link = parsed(reduced);
      if (!by_link.is_object())
        throw InputError(finding("legacy-damaged", {{"what", "runs: " + id + ": reduced_db"}}));
      r["reduced_db"] = std::move(by_link);
    }
    c["runs"].push_back(std::move(r));
  }
}

/// The interchange form that those versions would have written, in which their history speaks.
json legacyJson(SQLite::Database& db, int schema, const std::string& where) {
  json out;
  if (schema >= 3) {
    out = campaignRows(
        db, where, {{"facts", ""}, {"path", ""}, {"link", "links"}, {"setup", "setups"}, {"run", "runs"}});
    if (out.contains("points")) {
      out["path"] = std::move(out["points"]);
      out.erase("points");
    }
  } else {
    out = readFacts(db);
    for (const char* list : {"path", "links", "setups", "runs"}) out[list] = json::array();
    readKit(db, schema, out);
    readRuns(db, schema, out);
  }
  out[formats::kFormKey] = formats::kInterchangeForm;
  return out;
}

/// Steps of the history as they are found, from the state that the file is in. Only what they changed is
/// kept: of 500 states of a large campaign there is no room for more than two.
class Walk {
 public:
  Walk(Campaign now, bool back, Identities& identities)
      : m_here(std::move(now)), m_back(back), m_identities(identities) {
    m_identities.give(m_here);
  }

  void to(Campaign there, const std::string& at, const std::string& what) {
    m_identities.give(there);
    const auto changes = m_back ? changesBetween(there, m_here) : changesBetween(m_here, there);
    if (!changes.empty()) steps.push_back({at, what, changesText(changes), !m_back});
    m_here = std::move(there);
  }

  std::vector<LegacyStep> steps = {};

 private:
  Campaign m_here;
  bool m_back;
  Identities& m_identities;
};

/// Steps of schema 1 and 2: patches of the whole campaign.
void walkPatches(SQLite::Database& db, int schema, bool back, Walk& walk) {
  SQLite::Statement steps(db, back ? "SELECT at, what, undo FROM history WHERE undone = 0 ORDER BY id DESC"
                                   : "SELECT at, what, redo FROM history WHERE undone = 1 ORDER BY id");
  json at = legacyJson(db, schema, "history");
  while (steps.executeStep()) {
    at = at.patch(formats::parseJson(textAt(steps, 2), "history"));
    walk.to(formats::campaignFromJson(at, "history").campaign, textAt(steps, 0), textAt(steps, 1));
  }
}

/// Steps of schema 3, as today's: walked in the tables themselves, which the caller then puts back.
void walkEntities(SQLite::Database& db, int schema, bool back, Walk& walk) {
  std::vector<LegacyStep> all;
  SQLite::Statement steps(db, std::string("SELECT at, what, changes FROM history WHERE undone = ") +
                                  (back ? "0 ORDER BY id DESC" : "1 ORDER BY id"));
  while (steps.executeStep()) all.push_back({textAt(steps, 0), textAt(steps, 1), textAt(steps, 2)});
  steps.reset();
  for (const LegacyStep& step : all) {
    std::vector<Change> changes = changesFrom(db, step.changes);
    if (back) changes = reversed(std::move(changes));
    applyChanges(db, changes, 0);
    walk.to(readLegacyCampaign(db, schema, "history"), step.at, step.what);
  }
}

}  // namespace

bool hasLegacyTables(SQLite::Database& db, int schema) {
  const auto ours = [&](const char* sql) { return hasTable(db, sql); };
  if (schema < 1 || !ours(kLogTable) ||
      !std::all_of(std::begin(kSampleTables), std::end(kSampleTables), ours))
    return false;
  if (schema >= kEntitySchema) return std::all_of(std::begin(kOwnTables), std::end(kOwnTables), ours);
  SQLite::Statement all(
      db, "SELECT name FROM sqlite_schema WHERE type = 'table' AND rootpage > 0");  // neither views nor
                                                                                    // virtual tables
  std::set<std::string> names;
  while (all.executeStep()) names.insert(textAt(all, 0));
  return std::all_of(std::begin(kLegacyTables), std::end(kLegacyTables),
                     [&](const char* n) { return names.contains(n); });
}

Campaign readLegacyCampaign(SQLite::Database& db, int schema, const std::string& where) {
  return formats::campaignFromJson(legacyJson(db, schema, where), where).campaign;
}

void dropLegacyTables(SQLite::Database& db, int schema) {
  if (schema >= kEntitySchema) {
    for (const char* view : kLegacyViews) db.exec(std::string("DROP VIEW IF EXISTS ") + view);
    for (const char* table : {"entity", "history", "meta"}) db.exec(std::string("DROP TABLE ") + table);
  } else {
    for (const char* table : kLegacyTables) db.exec(std::string("DROP TABLE ") + table);
  }
  db.exec("ALTER TABLE log RENAME TO attachment");
  db.exec("DELETE FROM recording; DELETE FROM channel");
}

std::vector<LegacyStep> readLegacyHistory(SQLite::Database& db, int schema, Identities& identities) {
  const auto walked = [&](bool back) {
    Walk walk(readLegacyCampaign(db, schema, "history"), back, identities);
    db.exec("SAVEPOINT walk");
    try {
      if (schema >= kEntitySchema)
        walkEntities(db, schema, back, walk);
      else
        walkPatches(db, schema, back, walk);
    } catch (const Error&) {  // a damaged step ends what can be taken back, not what is there
    } catch (const json::exception&) {
    }
    db.exec("ROLLBACK TO walk; RELEASE walk");
    return std::move(walk.steps);
  };
  std::vector<LegacyStep> done = walked(true), undone = walked(false);
  std::reverse(done.begin(), done.end());
  done.insert(done.end(), undone.begin(), undone.end());
  return done;
}

}  // namespace distanz::store

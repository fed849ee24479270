#include "store/legacy.h"

#include <SQLiteCpp/Statement.h>

#include <algorithm>
#include <nlohmann/json.hpp>
#include <set>

#include "core/quantity/error.h"
#include "formats/campaign_json.h"
#include "formats/json_fields.h"
#include "store/database.h"
#include "store/schema.h"

namespace distanz::store {
namespace {

using namespace campaign;
using nlohmann::json;

/// What schemas 1 and 2 had in place of `entity` and of today's `history`.
constexpr const char* kLegacyTables[] = {"campaign", "path_point", "link", "setup", "setup_link", "run", "history"};

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

std::vector<ModeSensitivity> modesFrom(const std::string& text, const std::string& link) {
  std::vector<ModeSensitivity> out;
  if (text.empty()) return out;
  const auto list = parsed(text);
  const auto isPair = [](const nlohmann::json& m) { return m.is_array() && m.size() == 2 && m[0].is_number() && m[1].is_number(); };
  if (!list.is_array() || !std::all_of(list.begin(), list.end(), isPair))
    throw InputError("link " + link + ": its modes are damaged; restore a copy of the campaign");
  for (const auto& m : list) out.push_back({m[0].get<double>(), m[1].get<double>(), {}});
  return out;
}

void readFacts(SQLite::Database& db, Campaign& c) {
  SQLite::Statement all(db, "SELECT key, value FROM campaign");
  while (all.executeStep()) {
    const std::string key = textAt(all, 0);
    if (key == "title")
      c.title = textAt(all, 1);
    else if (key == "unknown")
      c.unknown = textAt(all, 1);
    else if (key == "station_lat_deg")
      c.station.position.lat_deg = all.getColumn(1).getDouble();
    else if (key == "station_lon_deg")
      c.station.position.lon_deg = all.getColumn(1).getDouble();
    else if (key == "station_ground_m")
      c.station.ground_m = all.getColumn(1).getDouble();
    else if (key == "station_antenna_height_m")
      c.station.antenna_height_m = all.getColumn(1).getDouble();
    else if (key == "post_spacing_m")
      c.post_spacing_m = all.getColumn(1).getDouble();
    else if (key == "plan_exponent")
      c.plan_exponent = all.getColumn(1).getDouble();
  }
}

void readKit(SQLite::Database& db, int schema, Campaign& c) {
  const std::string modes = schema >= 2 ? "modes" : "''", automatic = schema >= 2 ? "automatic_power" : "0";
  SQLite::Statement path(db, "SELECT lat_deg, lon_deg, height_m FROM path_point ORDER BY position");
  while (path.executeStep())
    c.path.push_back({{path.getColumn(0).getDouble(), path.getColumn(1).getDouble()}, path.getColumn(2).getDouble(), {}});
  SQLite::Statement links(db, "SELECT id, kind, frequency_mhz, sensitivity_dbm, lq_min_pct, margin_db, bitrate_min_mbps, unknown, " +
                                  modes + " FROM link ORDER BY position");
  while (links.executeStep())
    c.links.push_back({textAt(links, 0),
                       textAt(links, 1) == "video" ? LinkKind::Video : LinkKind::Control,
                       links.getColumn(2).getDouble(),
                       optionalAt(links, 3),
                       modesFrom(textAt(links, 8), textAt(links, 0)),
                       {optionalAt(links, 4), optionalAt(links, 5), optionalAt(links, 6), {}},
                       textAt(links, 7)});
  SQLite::Statement setups(db, "SELECT id, name, differs, unknown FROM setup ORDER BY position");
  std::map<std::string, std::size_t> at;
  while (setups.executeStep()) {
    at[textAt(setups, 0)] = c.setups.size();
    c.setups.push_back({textAt(setups, 0), textAt(setups, 1), textAt(setups, 2), {}, textAt(setups, 3)});
  }
  SQLite::Statement own(
      db, "SELECT setup, link, power_dbm, tx_gain_dbi, rx_gain_dbi, tx_loss_db, rx_loss_db, " + automatic + " FROM setup_link");
  while (own.executeStep())
    if (const auto found = at.find(textAt(own, 0)); found != at.end())
      c.setups[found->second].links[textAt(own, 1)] = {optionalAt(own, 2),
                                                       own.getColumn(3).getDouble(),
                                                       own.getColumn(4).getDouble(),
                                                       own.getColumn(5).getDouble(),
                                                       own.getColumn(6).getDouble(),
                                                       own.getColumn(7).getInt() != 0,
                                                       {}};
}

void readRuns(SQLite::Database& db, int schema, Campaign& c) {
  SQLite::Statement runs(db,
                         "SELECT id, setup, log, log_sha256, session_order, flight, ended, notes, void_reason, turn_begin_s, turn_end_s, "
                         "columns, unknown, " +
                             std::string(schema >= 2 ? "reduced, legs" : "'', 'both'") + " FROM run ORDER BY position");
  while (runs.executeStep()) {
    Run r;
    r.id = textAt(runs, 0);
    r.setup = textAt(runs, 1);
    r.log = textAt(runs, 2);
    r.log_sha256 = textAt(runs, 3);
    r.order = runs.getColumn(4).getInt();
    r.flight = textAt(runs, 5);
    r.ended = endedFromWord(textAt(runs, 6)).value_or(Ended::Unknown);
    r.notes = textAt(runs, 7);
    r.void_reason = textAt(runs, 8);
    r.turn_begin_s = optionalAt(runs, 9);
    r.turn_end_s = optionalAt(runs, 10);
    const auto columns = parsed(textAt(runs, 11));
    if (!columns.is_object()) throw InputError("run " + r.id + ": its column match is damaged; restore a copy of the campaign");
    for (const auto& [channel, column] : columns.items())
      if (column.is_string()) r.columns[channel] = column.get<std::string>();
    r.unknown = textAt(runs, 12);
    r.legs = legsFromWord(textAt(runs, 14)).value_or(Legs::Both);
    if (const std::string reduced = textAt(runs, 13); !reduced.empty()) {
      const auto by_link = parsed(reduced);
      if (!by_link.is_object()) throw InputError("run " + r.id + ": its reduced power is damaged; restore a copy of the campaign");
      for (const auto& [link, db_below] : by_link.items())
        if (db_below.is_number()) r.reduced_db[link] = db_below.get<double>();
    }
    c.runs.push_back(std::move(r));
  }
}

}  // namespace

bool hasLegacyTables(SQLite::Database& db, int schema) {
  for (const char* sql : kKeptTables)
    if (!hasTable(db, sql)) return false;
  SQLite::Statement all(db, "SELECT name FROM sqlite_schema WHERE type = 'table' AND rootpage > 0");  // neither views nor virtual tables
  std::set<std::string> names;
  while (all.executeStep()) names.insert(textAt(all, 0));
  return schema >= 1 && std::all_of(std::begin(kLegacyTables), std::end(kLegacyTables), [&](const char* n) { return names.contains(n); });
}

Campaign readLegacyCampaign(SQLite::Database& db, int schema, const std::string& where) {
  Campaign c;
  readFacts(db, c);
  readKit(db, schema, c);
  readRuns(db, schema, c);
  // Once through the interchange form: what its reader refuses never was a campaign.
  return formats::campaignFromJson(formats::campaignJson(c), where).campaign;
}

void dropLegacyTables(SQLite::Database& db) {
  for (const char* table : kLegacyTables) db.exec(std::string("DROP TABLE ") + table);
  db.exec("DELETE FROM recording; DELETE FROM channel");
}

std::vector<LegacyStep> readLegacyHistory(SQLite::Database& db, const Campaign& now) {
  std::vector<LegacyStep> done, undone;
  const auto walk = [&](const char* sql, bool back, std::vector<LegacyStep>& out) {
    SQLite::Statement steps(db, sql);
    Campaign at = now;
    try {
      while (steps.executeStep()) {
        const json patch = formats::parseJson(textAt(steps, 2), "history");
        const Campaign next = formats::campaignFromJson(formats::campaignJson(at).patch(patch), "history").campaign;
        out.push_back({textAt(steps, 0), textAt(steps, 1), back ? next : at, back ? at : next, !back});
        at = next;
      }
    } catch (const Error&) {  // a damaged step ends what can be taken back, not what is there
    } catch (const json::exception&) {
    }
  };
  walk("SELECT at, what, undo FROM history WHERE undone = 0 ORDER BY id DESC", true, done);
  walk("SELECT at, what, redo FROM history WHERE undone = 1 ORDER BY id", false, undone);
  std::reverse(done.begin(), done.end());
  done.insert(done.end(), undone.begin(), undone.end());
  return done;
}

}  // namespace distanz::store

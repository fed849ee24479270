#include "store/campaign_tables.h"

#include <SQLiteCpp/Statement.h>

#include <algorithm>
#include <nlohmann/json.hpp>

#include "core/quantity/error.h"
#include "formats/files.h"

namespace distanz::store {
namespace {

using namespace campaign;

void bindOptional(SQLite::Statement& s, int index, const std::optional<double>& value) {
  if (value)
    s.bind(index, *value);
  else
    s.bind(index);
}

std::optional<double> optionalAt(SQLite::Statement& s, int index) {
  if (s.isColumnNull(index)) return std::nullopt;
  return s.getColumn(index).getDouble();
}

std::string textAt(SQLite::Statement& s, int index) {
  return s.getColumn(index).getString();
}

void writeFacts(SQLite::Database& db, const Campaign& c) {
  db.exec("DELETE FROM campaign");
  SQLite::Statement put(db, "INSERT INTO campaign VALUES(?, ?)");
  const auto number = [&](const char* key, double value) {
    put.reset();
    put.bind(1, key);
    put.bind(2, value);
    put.exec();
  };
  const auto text = [&](const char* key, const std::string& value) {
    put.reset();
    put.bind(1, key);
    put.bind(2, value);
    put.exec();
  };
  text("title", c.title);
  number("station_lat_deg", c.station.position.lat_deg);
  number("station_lon_deg", c.station.position.lon_deg);
  number("station_ground_m", c.station.ground_m);
  number("station_antenna_height_m", c.station.antenna_height_m);
  number("post_spacing_m", c.post_spacing_m);
  number("plan_exponent", c.plan_exponent);
  text("unknown", c.unknown);
}

void writePath(SQLite::Database& db, const Campaign& c) {
  db.exec("DELETE FROM path_point");
  SQLite::Statement put(db, "INSERT INTO path_point VALUES(?, ?, ?, ?)");
  for (std::size_t i = 0; i < c.path.size(); ++i) {
    put.reset();
    put.bind(1, static_cast<int>(i));
    put.bind(2, c.path[i].position.lat_deg);
    put.bind(3, c.path[i].position.lon_deg);
    put.bind(4, c.path[i].height_m);
    put.exec();
  }
}

/// Modes as a JSON array: pairs of mode and sensitivity, in the order given; empty for none.
std::string modesText(const std::vector<ModeSensitivity>& modes) {
  if (modes.empty()) return {};
  nlohmann::json out = nlohmann::json::array();
  for (const ModeSensitivity& m : modes) out.push_back({m.mode, m.sensitivity_dbm});
  return out.dump();
}

std::vector<ModeSensitivity> modesFrom(const std::string& text, const std::string& link) {
  std::vector<ModeSensitivity> out;
  if (text.empty()) return out;
  const auto list = nlohmann::json::parse(text, nullptr, false);
  const auto isPair = [](const nlohmann::json& m) { return m.is_array() && m.size() == 2 && m[0].is_number() && m[1].is_number(); };
  if (!list.is_array() || !std::all_of(list.begin(), list.end(), isPair))
    throw InputError("link " + link + ": its modes are damaged; restore a copy of the campaign");
  for (const auto& m : list) out.push_back({m[0].get<double>(), m[1].get<double>()});
  return out;
}

void writeLinks(SQLite::Database& db, const Campaign& c) {
  db.exec("DELETE FROM link");
  SQLite::Statement put(db, "INSERT INTO link VALUES(?, ?, ?, ?, ?, ?, ?, ?, ?, ?)");
  for (std::size_t i = 0; i < c.links.size(); ++i) {
    const Link& l = c.links[i];
    put.reset();
    put.bind(1, static_cast<int>(i));
    put.bind(2, l.id);
    put.bind(3, l.kind == LinkKind::Video ? "video" : "control");
    put.bind(4, l.frequency_mhz);
    bindOptional(put, 5, l.sensitivity_dbm);
    bindOptional(put, 6, l.rule.lq_min_pct);
    bindOptional(put, 7, l.rule.margin_db);
    bindOptional(put, 8, l.rule.bitrate_min_mbps);
    put.bind(9, l.unknown);
    put.bind(10, modesText(l.modes));
    put.exec();
  }
}

void writeSetups(SQLite::Database& db, const Campaign& c) {
  db.exec("DELETE FROM setup; DELETE FROM setup_link");
  SQLite::Statement put(db, "INSERT INTO setup VALUES(?, ?, ?, ?, ?)");
  SQLite::Statement own(db, "INSERT INTO setup_link VALUES(?, ?, ?, ?, ?, ?, ?, ?)");
  for (std::size_t i = 0; i < c.setups.size(); ++i) {
    const Setup& s = c.setups[i];
    put.reset();
    put.bind(1, static_cast<int>(i));
    put.bind(2, s.id);
    put.bind(3, s.name);
    put.bind(4, s.differs);
    put.bind(5, s.unknown);
    put.exec();
    for (const auto& [link, l] : s.links) {
      own.reset();
      own.bind(1, s.id);
      own.bind(2, link);
      bindOptional(own, 3, l.power_dbm);
      own.bind(4, l.tx_gain_dbi);
      own.bind(5, l.rx_gain_dbi);
      own.bind(6, l.tx_loss_db);
      own.bind(7, l.rx_loss_db);
      own.bind(8, l.automatic_power ? 1 : 0);
      own.exec();
    }
  }
}

void bindRun(SQLite::Statement& put, int position, const Run& r) {
  put.reset();
  put.bind(1, position);
  put.bind(2, r.id);
  put.bind(3, r.setup);
  put.bind(4, r.log);
  put.bind(5, r.log_sha256);
  put.bind(6, r.order);
  put.bind(7, r.flight);
  put.bind(8, endedWord(r.ended));
  put.bind(9, r.notes);
  put.bind(10, r.void_reason);
  bindOptional(put, 11, r.turn_begin_s);
  bindOptional(put, 12, r.turn_end_s);
  put.bind(13, nlohmann::json(r.columns).dump());
  put.bind(14, r.unknown);
  put.bind(16, legsWord(r.legs));
  put.bind(15, r.reduced_db.empty() ? std::string() : nlohmann::json(r.reduced_db).dump());
  put.exec();
}

/// Runs are appended far more often than changed: rows that stay as they were are left alone.
void writeRuns(SQLite::Database& db, const std::vector<Run>& before, const std::vector<Run>& after) {
  std::size_t same = 0;
  while (same < before.size() && same < after.size() && before[same] == after[same]) ++same;
  SQLite::Statement cut(db, "DELETE FROM run WHERE position >= ?");
  cut.bind(1, static_cast<std::int64_t>(same));
  cut.exec();
  SQLite::Statement put(db, "INSERT INTO run VALUES(?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)");
  for (std::size_t i = same; i < after.size(); ++i) bindRun(put, static_cast<int>(i), after[i]);
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
    c.path.push_back({{path.getColumn(0).getDouble(), path.getColumn(1).getDouble()}, path.getColumn(2).getDouble()});
  SQLite::Statement links(db, "SELECT id, kind, frequency_mhz, sensitivity_dbm, lq_min_pct, margin_db, bitrate_min_mbps, unknown, " +
                                  modes + " FROM link ORDER BY position");
  while (links.executeStep())
    c.links.push_back({textAt(links, 0),
                       textAt(links, 1) == "video" ? LinkKind::Video : LinkKind::Control,
                       links.getColumn(2).getDouble(),
                       optionalAt(links, 3),
                       modesFrom(textAt(links, 8), textAt(links, 0)),
                       {optionalAt(links, 4), optionalAt(links, 5), optionalAt(links, 6)},
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
      c.setups[found->second].links[textAt(own, 1)] = {optionalAt(own, 2),           own.getColumn(3).getDouble(),
                                                       own.getColumn(4).getDouble(), own.getColumn(5).getDouble(),
                                                       own.getColumn(6).getDouble(), own.getColumn(7).getInt() != 0};
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
    const auto columns = nlohmann::json::parse(textAt(runs, 11), nullptr, false);
    if (!columns.is_object()) throw InputError("run " + r.id + ": its column match is damaged; restore a copy of the campaign");
    for (const auto& [channel, column] : columns.items())
      if (column.is_string()) r.columns[channel] = column.get<std::string>();
    r.unknown = textAt(runs, 12);
    r.legs = legsFromWord(textAt(runs, 14)).value_or(Legs::Both);
    if (const std::string reduced = textAt(runs, 13); !reduced.empty()) {
      const auto by_link = nlohmann::json::parse(reduced, nullptr, false);
      if (!by_link.is_object()) throw InputError("run " + r.id + ": its reduced power is damaged; restore a copy of the campaign");
      for (const auto& [link, db_below] : by_link.items())
        if (db_below.is_number()) r.reduced_db[link] = db_below.get<double>();
    }
    c.runs.push_back(std::move(r));
  }
}

bool sameFacts(const Campaign& a, const Campaign& b) {
  return a.title == b.title && a.station == b.station && a.post_spacing_m == b.post_spacing_m && a.plan_exponent == b.plan_exponent &&
         a.unknown == b.unknown;
}

}  // namespace

void writeCampaign(SQLite::Database& db, const Campaign& before, const Campaign& after) {
  if (!sameFacts(before, after)) writeFacts(db, after);
  if (before.path != after.path) writePath(db, after);
  if (before.links != after.links) writeLinks(db, after);
  if (before.setups != after.setups) writeSetups(db, after);
  if (before.runs != after.runs) writeRuns(db, before.runs, after.runs);
}

Campaign readCampaign(SQLite::Database& db, int schema) {
  Campaign c;
  readFacts(db, c);
  readKit(db, schema, c);
  readRuns(db, schema, c);
  return c;
}

std::string recordingKey(const Run& run) {
  if (run.columns.empty()) return run.log_sha256;
  return run.log_sha256 + "+" + formats::sha256(nlohmann::json(run.columns).dump()).substr(0, 16);
}

}  // namespace distanz::store

#include "formats/campaign_json.h"

#include <fmt/format.h>

#include <nlohmann/json.hpp>

#include "core/campaign/validate.h"
#include "formats/json_fields.h"

namespace distanz::formats {
namespace {

using namespace campaign;
using nlohmann::json;

class Reader {
 public:
  explicit Reader(std::vector<Problem>& problems) : m_problems(problems) {}

  Campaign read(const json& value, const std::string& where) {
    JsonFields f(value, where);
    const double form = f.requiredNumber("distanz_interchange");
    if (form != kInterchangeForm)
      f.refuse(fmt::format("is written in form {}; this version reads form {}; update Distanz", form, kInterchangeForm));
    Campaign c;
    facts(f, c);
    each(f, "path", [&](const json& v, const std::string& at) { c.path.push_back(pathPoint(v, at)); });
    each(f, "links", [&](const json& v, const std::string& at) { c.links.push_back(link(v, at)); });
    each(f, "setups", [&](const json& v, const std::string& at) { c.setups.push_back(setup(v, at)); });
    each(f, "runs", [&](const json& v, const std::string& at) { c.runs.push_back(run(v, at)); });
    c.unknown = rest(f);
    return c;
  }

  void facts(JsonFields& f, Campaign& c) {
    c.title = f.text("title");
    c.station = f.member("station").is_null() ? Station() : station(f.member("station"), f.where() + ": station");
    c.post_spacing_m = f.number("post_spacing_m", Campaign().post_spacing_m);
    c.plan_exponent = f.number("plan_exponent", Campaign().plan_exponent);
  }

  template <class Add>
  void each(JsonFields& f, const char* key, Add add) {
    const json& list = f.list(key);
    if (list.size() > limits::kMostItems) f.refuse(fmt::format("\"{}\" has more than {} entries", key, limits::kMostItems));
    for (std::size_t i = 0; i < list.size(); ++i) add(list[i], fmt::format("{}: {}[{}]", f.where(), key, i));
  }

  static course::Position position(JsonFields& f) { return {f.requiredNumber("lat_deg"), f.requiredNumber("lon_deg")}; }

  Station station(const json& v, const std::string& where) {
    JsonFields f(v, where);
    Station s;
    s.position = position(f);
    s.ground_m = f.number("ground_m", s.ground_m);
    s.antenna_height_m = f.number("antenna_height_m", s.antenna_height_m);
    s.unknown = rest(f);
    return s;
  }

  PathPoint pathPoint(const json& v, const std::string& where) {
    JsonFields f(v, where);
    PathPoint p;
    p.position = position(f);
    p.height_m = f.number("height_m", p.height_m);
    p.unknown = rest(f);
    return p;
  }

  Link link(const json& v, const std::string& where) {
    JsonFields f(v, where);
    Link l;
    l.id = f.requiredText("id");
    const std::string kind = f.text("kind", "control");
    if (kind != "control" && kind != "video") f.refuse("\"kind\" must be \"control\" or \"video\"");
    l.kind = kind == "video" ? LinkKind::Video : LinkKind::Control;
    l.frequency_mhz = f.number("frequency_mhz", l.frequency_mhz);
    l.sensitivity_dbm = f.optionalNumber("sensitivity_dbm");
    if (!f.member("rule").is_null()) {
      JsonFields rule(f.member("rule"), where + ": rule");
      l.rule = {rule.optionalNumber("lq_min_pct"), rule.optionalNumber("margin_db"), rule.optionalNumber("bitrate_min_mbps"), {}};
      l.rule.unknown = rest(rule);
    }
    each(f, "modes", [&](const json& mode, const std::string& at) {
      JsonFields own(mode, at);
      l.modes.push_back({own.requiredNumber("mode"), own.requiredNumber("sensitivity_dbm"), {}});
      l.modes.back().unknown = rest(own);
    });
    l.unknown = rest(f);
    return l;
  }

  Setup setup(const json& v, const std::string& where) {
    JsonFields f(v, where);
    Setup s;
    s.id = f.requiredText("id");
    s.name = f.text("name");
    s.differs = f.text("differs");
    const json& links = f.member("links");
    if (!links.is_null() && !links.is_object()) f.refuse("\"links\" must be an object of links by id");
    if (links.is_object())
      for (const auto& [id, value] : links.items()) {
        JsonFields own(value, where + ": links." + id);
        s.links[id] = {own.optionalNumber("power_dbm"),
                       own.number("tx_gain_dbi", 0),
                       own.number("rx_gain_dbi", 0),
                       own.number("tx_loss_db", 0),
                       own.number("rx_loss_db", 0),
                       own.flag("automatic_power", false),
                       {}};
        s.links[id].unknown = rest(own);
      }
    s.unknown = rest(f);
    return s;
  }

  Run run(const json& v, const std::string& where) {
    JsonFields f(v, where);
    Run r;
    r.id = f.requiredText("id");
    r.setup = f.requiredText("setup");
    r.log = f.text("log");
    r.log_sha256 = f.text("log_sha256");
    const double order = f.number("order", 0);
    if (!(order >= 0 && order <= 1e6) || order != static_cast<int>(order)) f.refuse("\"order\" must be a whole number from 0");
    r.order = static_cast<int>(order);
    r.flight = f.text("flight");
    const std::string ended = f.text("ended");
    const auto reason = endedFromWord(ended);
    if (!reason)
      f.refuse(fmt::format(
          "\"ended\" is \"{}\"; it must be one of link-lost, quality-limit, turned-back, battery, limit, obstacle, aircraft, equipment-cap",
          ended));
    r.ended = *reason;
    r.notes = f.text("notes");
    r.void_reason = f.text("void_reason");
    r.turn_begin_s = f.optionalNumber("turn_begin_s");
    r.turn_end_s = f.optionalNumber("turn_end_s");
    const auto legs = legsFromWord(f.text("legs", "both"));
    if (!legs) f.refuse("\"legs\" must be \"both\", \"out\" or \"back\"");
    r.legs = *legs;
    const json& reduced = f.member("reduced_db");
    if (!reduced.is_null() && !reduced.is_object()) f.refuse("\"reduced_db\" must be an object of link: dB below full power");
    if (reduced.is_object()) {
      JsonFields by_link(reduced, where + ": reduced_db");
      for (const auto& [link, db] : reduced.items()) r.reduced_db[link] = by_link.requiredNumber(link.c_str());
    }
    const json& columns = f.member("columns");
    if (!columns.is_null() && !columns.is_object()) f.refuse("\"columns\" must be an object of channel: column");
    if (columns.is_object())
      for (const auto& [channel, column] : columns.items()) {
        if (!column.is_string()) f.refuse("\"columns\" must hold texts");
        r.columns[channel] = column.get<std::string>();
      }
    r.unknown = rest(f);
    return r;
  }

  std::string rest(const JsonFields& f) {
    std::string unknown = f.unknown();
    if (!unknown.empty()) {
      std::string keys;
      const json parsed = parseJson(unknown, f.where());
      for (const auto& [key, value] : parsed.items()) keys += (keys.empty() ? "\"" : ", \"") + key + "\"";
      m_problems.push_back({"unknown-key", 0, f.where() + ": " + keys + " is not known to this version; it is kept but not used"});
    }
    return unknown;
  }

 private:
  std::vector<Problem>& m_problems;
};

/// What this version does not know, put back where it came from.
json withUnknown(const std::string& unknown) {
  if (unknown.empty()) return json::object();
  json kept = parseJson(unknown, "unknown keys");
  if (!kept.is_object()) throw InputError("the keys kept for other versions are damaged; restore a copy of the campaign");
  return kept;
}

template <class Value>
void put(json& object, const char* key, const std::optional<Value>& value) {
  if (value) object[key] = *value;
}

void put(json& object, const char* key, const std::string& value) {
  if (!value.empty()) object[key] = value;
}

}  // namespace

json linkJson(const Link& l) {
  json out = withUnknown(l.unknown);
  out["id"] = l.id;
  out["kind"] = l.kind == LinkKind::Video ? "video" : "control";
  out["frequency_mhz"] = l.frequency_mhz;
  put(out, "sensitivity_dbm", l.sensitivity_dbm);
  json rule = withUnknown(l.rule.unknown);
  put(rule, "lq_min_pct", l.rule.lq_min_pct);
  put(rule, "margin_db", l.rule.margin_db);
  put(rule, "bitrate_min_mbps", l.rule.bitrate_min_mbps);
  out["rule"] = rule;
  json modes = json::array();
  for (const ModeSensitivity& m : l.modes) {
    json mode = withUnknown(m.unknown);
    mode["mode"] = m.mode;
    mode["sensitivity_dbm"] = m.sensitivity_dbm;
    modes.push_back(std::move(mode));
  }
  if (!modes.empty()) out["modes"] = std::move(modes);
  return out;
}

json setupJson(const Setup& s) {
  json out = withUnknown(s.unknown);
  out["id"] = s.id;
  out["name"] = s.name;
  put(out, "differs", s.differs);
  json links = json::object();
  for (const auto& [id, l] : s.links) {
    json own = withUnknown(l.unknown);
    own["tx_gain_dbi"] = l.tx_gain_dbi;
    own["rx_gain_dbi"] = l.rx_gain_dbi;
    own["tx_loss_db"] = l.tx_loss_db;
    own["rx_loss_db"] = l.rx_loss_db;
    put(own, "power_dbm", l.power_dbm);
    if (l.automatic_power) own["automatic_power"] = true;
    links[id] = std::move(own);
  }
  if (!links.empty()) out["links"] = std::move(links);
  return out;
}

json runJson(const Run& r) {
  json out = withUnknown(r.unknown);
  out["id"] = r.id;
  out["setup"] = r.setup;
  put(out, "log", r.log);
  put(out, "log_sha256", r.log_sha256);
  if (r.order > 0) out["order"] = r.order;
  put(out, "flight", r.flight);
  put(out, "ended", endedWord(r.ended));
  put(out, "notes", r.notes);
  put(out, "void_reason", r.void_reason);
  put(out, "turn_begin_s", r.turn_begin_s);
  put(out, "turn_end_s", r.turn_end_s);
  if (r.legs != Legs::Both) out["legs"] = legsWord(r.legs);
  if (!r.reduced_db.empty()) out["reduced_db"] = r.reduced_db;
  if (!r.columns.empty()) out["columns"] = r.columns;
  return out;
}

json factsJson(const Campaign& c) {
  json out = withUnknown(c.unknown);
  out["title"] = c.title;
  json station = withUnknown(c.station.unknown);
  station["lat_deg"] = c.station.position.lat_deg;
  station["lon_deg"] = c.station.position.lon_deg;
  station["ground_m"] = c.station.ground_m;
  station["antenna_height_m"] = c.station.antenna_height_m;
  out["station"] = std::move(station);
  out["post_spacing_m"] = c.post_spacing_m;
  out["plan_exponent"] = c.plan_exponent;
  return out;
}

json pathJson(const std::vector<PathPoint>& path) {
  json out = json::array();
  for (const PathPoint& p : path) {
    json point = withUnknown(p.unknown);
    point["lat_deg"] = p.position.lat_deg;
    point["lon_deg"] = p.position.lon_deg;
    point["height_m"] = p.height_m;
    out.push_back(std::move(point));
  }
  return out;
}

json campaignJson(const Campaign& c) {
  json out = factsJson(c);
  out["distanz_interchange"] = kInterchangeForm;
  for (const char* key : {"links", "setups", "runs"}) out[key] = json::array();
  out["path"] = pathJson(c.path);
  for (const Link& l : c.links) out["links"].push_back(linkJson(l));
  for (const Setup& s : c.setups) out["setups"].push_back(setupJson(s));
  for (const Run& r : c.runs) out["runs"].push_back(runJson(r));
  return out;
}

namespace {

/// One part read by itself; nothing of JSON's own errors gets out.
template <class Read>
auto readPart(const std::string& where, Read read) {
  std::vector<Problem> problems;
  try {
    return read(Reader(problems));
  } catch (const json::exception&) {
    throw InputError(where + ": holds something this version cannot read; check it against docs/file-format.md");
  }
}

}  // namespace

void readFacts(const json& value, const std::string& where, Campaign& into) {
  readPart(where, [&](Reader reader) {
    JsonFields f(value, where);
    reader.facts(f, into);
    into.unknown = reader.rest(f);
    return 0;
  });
}
std::vector<PathPoint> readPath(const json& value, const std::string& where) {
  return readPart(where, [&](Reader reader) {
    std::vector<PathPoint> out;
    if (!value.is_array() || value.size() > limits::kMostItems) throw InputError(where + ": \"points\" must be a list of path points");
    for (const json& point : value) out.push_back(reader.pathPoint(point, where));
    return out;
  });
}
Link readLink(const json& value, const std::string& where) {
  return readPart(where, [&](Reader reader) { return reader.link(value, where); });
}
Setup readSetup(const json& value, const std::string& where) {
  return readPart(where, [&](Reader reader) { return reader.setup(value, where); });
}
Run readRun(const json& value, const std::string& where) {
  return readPart(where, [&](Reader reader) { return reader.run(value, where); });
}

CampaignRead campaignFromJson(const json& value, const std::string& where) {
  CampaignRead out;
  try {
    out.campaign = Reader(out.problems).read(value, where);
  } catch (const json::exception&) {
    throw InputError(where + ": holds something this version cannot read; check it against docs/file-format.md");
  }
  const auto faults = validate(out.campaign);
  if (!faults.empty()) throw InputError(where + ": " + faults.front().text);
  return out;
}

CampaignRead readCampaign(std::string_view text, const std::string& where) {
  return campaignFromJson(parseJson(text, where), where);
}

}  // namespace distanz::formats

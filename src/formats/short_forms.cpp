#include "formats/short_forms.h"

#include <fmt/format.h>

#include <nlohmann/json.hpp>
#include <set>

#include "core/campaign/limits.h"
#include "core/campaign/path.h"
#include "core/finding/error.h"

namespace distanz::formats {
namespace {

using nlohmann::json;

/// A key of a run's only log, short and whole.
constexpr std::pair<const char*, const char*> kLogKeys[] = {
    {"log", "file"}, {"log_sha256", "sha256"}, {"columns", "columns"}};

/// Numbers at a setup's end of a link, and the part that states them.
struct Number {
  const char *key, *slot, *kind, *value;
};
constexpr Number kNumbers[] = {{"power_dbm", "transmitter", "transmitter", "power_dbm"},
                               {"tx_loss_db", "tx_cable", "cable", "loss_db"},
                               {"tx_gain_dbi", "tx_antenna", "antenna", "gain_dbi"},
                               {"rx_gain_dbi", "rx_antenna", "antenna", "gain_dbi"},
                               {"rx_loss_db", "rx_cable", "cable", "loss_db"}};

[[noreturn]] void refuse(const std::string& where, Finding why) {
  throw InputError(inFile(where, std::move(why)));
}

/// Takes a key out of an object; null where it is not there.
json take(json& object, const char* key) {
  const auto found = object.find(key);
  if (found == object.end()) return {};
  json out = std::move(*found);
  object.erase(found);
  return out;
}

void completePath(json& c, const std::string& where) {
  if (!c.contains("path") && !c.contains("post_spacing_m")) return;
  if (c.contains("paths"))
    refuse(where, finding("json-two-forms", {{"short_form", "path"}, {"whole", "paths"}}));
  json points = take(c, "path"), spacing = take(c, "post_spacing_m");
  if (!points.is_null() && !points.is_array()) refuse(where, finding("json-not-list", {{"key", "path"}}));
  json path = {{"id", campaign::kFirstPathId}};
  if (points.is_array()) path["points"] = std::move(points);
  if (!spacing.is_null()) path["post_spacing_m"] = std::move(spacing);
  c["paths"] = json::array({std::move(path)});
}

void completeLog(json& run, const std::string& where) {
  json source = json::object();
  for (const auto& [own, whole] : kLogKeys)
    if (json value = take(run, own); !value.is_null()) source[whole] = std::move(value);
  if (source.empty()) return;
  if (run.contains("sources"))
    refuse(where, finding("json-two-forms", {{"short_form", "log"}, {"whole", "sources"}}));
  run["sources"] = json::array({std::move(source)});
}

std::string idOf(const json& entity) {
  const auto id = entity.find("id");
  return id != entity.end() && id->is_string() ? id->get<std::string>() : std::string();
}

class Parts {
 public:
  explicit Parts(json& campaign) : m_campaign(campaign) {
    const auto parts = campaign.find("parts");
    if (parts != campaign.end() && parts->is_array())
      for (const json& part : *parts)
        if (part.is_object()) m_taken.insert(idOf(part));
  }

  /// @param name of the end: its parts are called after it, so that they are the same whatever else the
  /// campaign holds
  void completeEnds(json& ends, const std::string& name, const std::string& where) {
    for (const Number& n : kNumbers) {
      json value = take(ends, n.key);
      if (value.is_null()) continue;
      if (!value.is_number()) refuse(where, finding("json-not-number", {{"key", n.key}}));
      // Earlier versions wrote 0 for what nobody had said; to the arithmetic it is the same.
      if (value == 0 && std::string_view(n.key) != "power_dbm") continue;
      if (ends.contains(n.slot))
        refuse(where, finding("json-two-forms", {{"short_form", n.key}, {"whole", n.slot}}));
      ends[n.slot] = add(n, fmt::format("{} {}", name, n.slot), std::move(value));
    }
  }

 private:
  std::string add(const Number& n, std::string id, json value) {
    if (id.size() > campaign::limits::kLongestId) id = fmt::format("p{}", ++m_last);
    while (!m_taken.insert(id).second) id = fmt::format("p{}", ++m_last);
    json& parts = m_campaign["parts"];
    if (parts.is_null()) parts = json::array();
    if (parts.is_array())
      parts.push_back({{"id", id},
                       {"kind", n.kind},
                       {"values", {{n.value, {{"value", std::move(value)}, {"origin", "claimed"}}}}}});
    return id;
  }

  json& m_campaign;
  std::set<std::string> m_taken;
  std::size_t m_last = 0;
};

/// Calls what for each object in a list of the campaign, where that is one.
template <class What>
void eachIn(json& campaign, const char* list, const std::string& where, What what) {
  const auto found = campaign.find(list);
  if (found == campaign.end() || !found->is_array()) return;
  for (std::size_t i = 0; i < found->size(); ++i)
    if (json& item = (*found)[i]; item.is_object()) what(item, fmt::format("{}: {}[{}]", where, list, i));
}

}  // namespace

void complete(json& c, const std::string& where) {
  if (!c.is_object()) return;
  completePath(c, where);
  eachIn(c, "runs", where, completeLog);
  Parts parts(c);
  json setups = take(c, "setups");  // aside, as parts are added to the campaign meanwhile
  if (setups.is_array())
    for (std::size_t i = 0; i < setups.size(); ++i)
      if (setups[i].is_object() && setups[i].contains("links") && setups[i]["links"].is_object())
        for (const auto& [link, ends] : setups[i]["links"].items())
          if (ends.is_object())
            parts.completeEnds(ends, fmt::format("{} {}", idOf(setups[i]), link),
                               fmt::format("{}: setups[{}]: links.{}", where, i, link));
  if (!setups.is_null()) c["setups"] = std::move(setups);
}

void shorten(json& c) {
  const auto paths = c.find("paths");
  if (paths != c.end() && paths->size() == 1) {
    json& path = paths->front();
    bool all = path["id"] == campaign::kFirstPathId;
    for (const auto& [key, value] : path.items())
      all = all && (key == "id" || key == "points" || key == "post_spacing_m");
    if (all) {
      json whole = std::move(path);
      c.erase(paths);
      c["path"] = whole.value("points", json::array());
      c["post_spacing_m"] = std::move(whole["post_spacing_m"]);
    }
  }
  eachIn(c, "runs", {}, [](json& run, const std::string&) {
    const auto sources = run.find("sources");
    if (sources == run.end() || sources->size() != 1) return;
    json whole = sources->front();
    bool all = true;
    for (const auto& [key, value] : whole.items()) {
      const bool clock = key == "clock_offset_s" || key == "clock_drift_ppm";
      all = all && (clock ? value == 0
                          : std::any_of(std::begin(kLogKeys), std::end(kLogKeys),
                                        [&key = key](const auto& k) { return k.second == key; }));
    }
    if (!all) return;
    run.erase(sources);
    for (const auto& [own, key] : kLogKeys)
      if (whole.contains(key)) run[own] = std::move(whole[key]);
  });
}

}  // namespace distanz::formats

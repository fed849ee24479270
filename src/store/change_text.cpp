#include "store/change_text.h"

#include <algorithm>
#include <cctype>
#include <nlohmann/json.hpp>

#include "core/finding/error.h"
#include "formats/files.h"
#include "formats/json_fields.h"

namespace distanz::store {
namespace {

using nlohmann::json;

constexpr std::size_t kWorthCutting = 400;  ///< bytes of a body; less is kept whole

/// Ends of numbers, words and what names an attachment: a stretch begins and ends there, so that none is cut.
bool isBetween(char c) {
  return static_cast<unsigned char>(c) < 0x80 && !std::isalnum(static_cast<unsigned char>(c));
}

/// What two texts have alike at their beginning and end, in bytes.
struct Alike {
  std::size_t head = 0, tail = 0;
  Alike(const std::string& a, const std::string& b) {
    const std::size_t least = std::min(a.size(), b.size());
    while (head < least && a[head] == b[head]) ++head;
    while (tail < least - head && a[a.size() - 1 - tail] == b[b.size() - 1 - tail]) ++tail;
    while (head > 0 && !isBetween(a[head - 1])) --head;
    while (tail > 0 && !isBetween(a[a.size() - tail])) --tail;
  }
};

std::string middle(const std::string& text, const Alike& alike) { return text.substr(alike.head, text.size() - alike.head - alike.tail); }

json stateJson(const std::optional<Change::State>& state) { return state ? json::array({state->position, state->body}) : json(); }

std::optional<Change::State> stateFrom(const json& value) {
  if (value.is_null()) return std::nullopt;
  return Change::State{value.at(0).get<double>(), value.at(1).get<std::string>()};
}

json changeJson(const Change& c) {
  json whole = json::array({c.kind, c.id, stateJson(c.before), stateJson(c.after)});
  if (!c.before || !c.after || c.before->body.size() + c.after->body.size() < 2 * kWorthCutting) return whole;
  const std::string &before = c.before->body, &after = c.after->body;
  const Alike alike(before, after);
  return json::array({c.kind, c.id, json::array({c.before->position, formats::sha256(before)}),
                      json::array({c.after->position, formats::sha256(after)}),
                      json::array({alike.head, alike.tail, middle(before, alike), middle(after, alike)})});
}

[[noreturn]] void refuseOther() { throw InputError(finding("step-no-longer-fits")); }

/// @param cut as changeJson() has it, of length 5
Change changeFrom(SQLite::Database& db, const json& cut) {
  Change out{cut.at(0).get<std::string>(), cut.at(1).get<std::string>(), stateFrom(cut.at(2)), stateFrom(cut.at(3))};
  if (!out.before || !out.after) throw InputError(finding("history-damaged"));
  const auto body = bodyNow(db, out.kind, out.id);
  if (!body) refuseOther();
  const std::string is = formats::sha256(*body);
  const json& parts = cut.at(4);
  const auto head = parts.at(0).get<std::size_t>(), tail = parts.at(1).get<std::size_t>();
  if (head > body->size() || tail > body->size() - head) refuseOther();
  const auto other = [&](std::size_t part, const std::string& sha) {
    std::string made = body->substr(0, head) + parts.at(part).get<std::string>() + body->substr(body->size() - tail);
    if (formats::sha256(made) != sha) throw InputError(finding("history-damaged"));
    return made;
  };
  if (is == out.after->body) {
    out.before->body = other(2, out.before->body);
    out.after->body = *body;
  } else if (is == out.before->body) {
    out.after->body = other(3, out.after->body);
    out.before->body = *body;
  } else {
    refuseOther();
  }
  return out;
}

}  // namespace

std::string changesText(const std::vector<Change>& changes) {
  json out = json::array();
  for (const Change& c : changes) out.push_back(changeJson(c));
  return formats::jsonText(out);
}

std::vector<Change> changesFrom(SQLite::Database& db, const std::string& text) {
  std::vector<Change> out;
  try {
    for (const json& c : formats::parseJson(text, "history"))
      if (c.size() == 5)
        out.push_back(changeFrom(db, c));
      else
        out.push_back({c.at(0).get<std::string>(), c.at(1).get<std::string>(), stateFrom(c.at(2)), stateFrom(c.at(3))});
  } catch (const json::exception&) {
    throw InputError(finding("history-damaged"));
  }
  return out;
}

}  // namespace distanz::store

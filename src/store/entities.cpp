#include "store/entities.h"

#include <SQLiteCpp/Statement.h>
#include <fmt/format.h>

#include <algorithm>
#include <map>
#include <nlohmann/json.hpp>
#include <set>

#include "core/campaign/describe.h"
#include "core/finding/error.h"
#include "core/limits/reading.h"
#include "formats/campaign_json.h"
#include "formats/described_json.h"
#include "formats/json_fields.h"

namespace distanz::store {
namespace {

using namespace campaign;
using nlohmann::json;

constexpr const char* kFacts = "facts";
constexpr std::size_t kMostBytes = limits::kMostBodies_bytes;  // no honest campaign comes near

template <class T>
std::string bodyOf(const T& thing) {
  return formats::jsonText(formats::toJson(thing));
}
std::string factsBody(const Campaign& c) {
  return bodyOf<Facts>(c);
}

template <class T>
T fromBody(const std::string& body, const std::string& where) {
  T out;
  std::vector<Finding> unknown;
  formats::readJson(formats::parseJson(body, where), where, unknown,
                    [&](description::Visitor& v) { describe(v, out); });
  return out;
}

bool sameFacts(const Campaign& a, const Campaign& b) {
  return static_cast<const Facts&>(a) == static_cast<const Facts&>(b);
}

Change::State unplaced(std::string body) {
  return {0, std::move(body)};
}

/// Among rows numbered from 1, behind the one before; see Change::State::position.
Change::State between(std::size_t index, std::string body) {
  return {static_cast<double>(index) + 0.5, std::move(body)};
}
Change::State at(std::size_t index, std::string body) {
  return {static_cast<double>(index) + 1, std::move(body)};
}

/// What is left of two lists once the items that are the same at both ends are put aside.
template <class Item>
struct Middle {
  std::size_t begin = 0, before_end, after_end;
  Middle(const std::vector<Item>& before, const std::vector<Item>& after)
      : before_end(before.size()), after_end(after.size()) {
    while (begin < before_end && begin < after_end && before[begin] == after[begin]) ++begin;
    while (begin < before_end && begin < after_end && before[before_end - 1] == after[after_end - 1]) {
      --before_end;
      --after_end;
    }
  }
};

template <class Item>
void listChanges(const char* kind, const std::vector<Item>& before, const std::vector<Item>& after,
                 std::vector<Change>& out) {
  const Middle<Item> middle(before, after);
  std::map<std::string_view, std::size_t> gone;
  for (std::size_t i = middle.begin; i < middle.before_end; ++i) gone[before[i].id] = i;
  bool moved = false;
  std::size_t last = 0;
  for (std::size_t i = middle.begin; i < middle.after_end; ++i)
    if (const auto found = gone.find(after[i].id); found != gone.end()) {
      moved = moved || found->second < last;
      last = found->second;
    }
  for (std::size_t i = middle.begin; i < middle.after_end; ++i) {
    const auto found = gone.find(after[i].id);
    if (found == gone.end()) {
      out.push_back({kind, after[i].id, {}, between(i, bodyOf(after[i]))});
      continue;
    }
    const Item& old = before[found->second];
    if (moved || !(old == after[i]))
      out.push_back({kind, after[i].id, at(found->second, bodyOf(old)), at(i, bodyOf(after[i])), moved});
    gone.erase(found);
  }
  for (const auto& [id, i] : gone) out.push_back({kind, std::string(id), between(i, bodyOf(before[i])), {}});
}

struct Row {
  double position;
  std::string body;
};

std::optional<Row> rowOf(SQLite::Database& db, const std::string& kind, const std::string& id) {
  SQLite::Statement find(db, "SELECT position, body FROM entity WHERE kind = ? AND id = ?");
  find.bind(1, kind);
  find.bind(2, id);
  if (!find.executeStep()) return std::nullopt;
  return Row{find.getColumn(0).getDouble(), find.getColumn(1).getString()};
}

void put(SQLite::Database& db, const Change& change, std::int64_t revision) {
  if (!change.after) {
    SQLite::Statement drop(db, "DELETE FROM entity WHERE kind = ? AND id = ?");
    drop.bind(1, change.kind);
    drop.bind(2, change.id);
    drop.exec();
    return;
  }
  SQLite::Statement set(db, "INSERT OR REPLACE INTO entity VALUES(?, ?, ?, ?, ?)");
  set.bind(1, change.kind);
  set.bind(2, change.id);
  set.bind(3, change.after->position);
  set.bind(4, revision);
  set.bind(5, change.after->body);
  set.exec();
}

/// Positions of a list's rows, by id.
std::map<std::string, double> storedPlaces(SQLite::Database& db, const char* kind) {
  std::map<std::string, double> out;
  SQLite::Statement all(db, "SELECT id, position FROM entity WHERE kind = ?");
  all.bind(1, kind);
  while (all.executeStep()) out[all.getColumn(0).getString()] = all.getColumn(1).getDouble();
  return out;
}

/// Where each of a list's rows stands: those that stay keep their place, others fit in between, or behind.
/// Empty where they do not: some moved, or no number is left between two.
template <class Item>
std::map<std::string, double> placesFor(const std::map<std::string, double>& stored,
                                        const std::vector<Item>& items) {
  std::map<std::string, double> out;
  double last = 0;
  for (std::size_t i = 0; i < items.size(); ++i) {
    const auto kept = stored.find(items[i].id);
    double place = last + 1;
    if (kept != stored.end()) {
      place = kept->second;
    } else {
      std::size_t next = i + 1;
      while (next < items.size() && !stored.contains(items[next].id)) ++next;
      if (next < items.size()) place = last + (stored.at(items[next].id) - last) / 2;
    }
    if (!(place > last)) return {};
    out[items[i].id] = last = place;
  }
  return out;
}

template <class Item>
void placeList(SQLite::Database& db, const char* kind, const std::vector<Item>& items,
               std::vector<Change>& changes) {
  const auto of_kind = [&](const Change& c) { return c.kind == kind; };
  if (std::none_of(changes.begin(), changes.end(), of_kind)) return;
  bool stay = true;  // no row comes, or changes places
  for (const Change& c : changes) stay = stay && (!of_kind(c) || !c.after || (c.before && !c.moved));
  for (Change& c : changes)
    if (stay && of_kind(c) && c.after) c.after->position = c.before->position;
  if (stay) return;
  const auto stored = storedPlaces(db, kind);
  auto places = placesFor(stored, items);
  if (places.size() != items.size()) places = placesFor({}, items);
  std::set<std::string> listed;
  for (Change& c : changes)
    if (of_kind(c)) {
      listed.insert(c.id);
      if (c.after) c.after->position = places.at(c.id);
    }
  for (const Item& item : items)  // one that only moved
    if (const auto was = stored.find(item.id);
        was != stored.end() && was->second != places.at(item.id) && !listed.contains(item.id))
      if (const auto row = rowOf(db, kind, item.id))
        changes.push_back({kind, item.id, Change::State{row->position, row->body},
                           Change::State{places.at(item.id), row->body}});
}

}  // namespace

std::vector<Change> changesBetween(const Campaign& before, const Campaign& after) {
  std::vector<Change> out;
  if (!sameFacts(before, after))
    out.push_back({kFacts, "", unplaced(factsBody(before)), unplaced(factsBody(after))});
  eachKind([&](const auto& kind) { listChanges(kind.kind, before.*kind.items, after.*kind.items, out); });
  return out;
}

bool touchTheSame(const std::vector<Change>& a, const std::vector<Change>& b) {
  std::set<std::pair<std::string_view, std::string_view>> parts;
  for (const Change& c : a) parts.insert({c.kind, c.id});
  return std::any_of(b.begin(), b.end(), [&](const Change& c) { return parts.contains({c.kind, c.id}); });
}

namespace {

/// Those of a list that changed, put into another: in their place where they are there, else behind the one
/// they follow.
template <class Item>
void mergeList(const char* kind, std::vector<Item>& items, const std::vector<Item>& next,
               const std::vector<Change>& changes) {
  const auto find = [](std::vector<Item>& in, const std::string& id) {
    return std::find_if(in.begin(), in.end(), [&](const Item& item) { return item.id == id; });
  };
  std::set<std::string_view> changed;
  for (const Change& c : changes)
    if (c.kind == kind) {
      changed.insert(c.id);
      if (!c.after) items.erase(find(items, c.id));
    }
  for (std::size_t i = 0; i < next.size(); ++i) {
    if (!changed.contains(next[i].id)) continue;
    if (const auto there = find(items, next[i].id); there != items.end()) {
      *there = next[i];
      continue;
    }
    const auto before = i == 0 ? items.end() : find(items, next[i - 1].id);
    items.insert(i == 0 ? items.begin() : before == items.end() ? before : before + 1, next[i]);
  }
}

}  // namespace

Campaign withChanges(const Campaign& campaign, const Campaign& next, const std::vector<Change>& changes) {
  Campaign out = campaign;
  for (const Change& c : changes)
    if (c.kind == kFacts) static_cast<Facts&>(out) = next;
  eachKind([&](const auto& kind) { mergeList(kind.kind, out.*kind.items, next.*kind.items, changes); });
  return out;
}

void writeChanges(SQLite::Database& db, const Campaign& after, std::vector<Change>& changes,
                  std::int64_t revision) {
  for (Change& c : changes)
    if (const auto row = rowOf(db, c.kind, c.id))
      c.before = Change::State{row->position, row->body};
    else
      c.before.reset();
  eachKind([&](const auto& kind) { placeList(db, kind.kind, after.*kind.items, changes); });
  for (const Change& c : changes) put(db, c, revision);
}

void applyChanges(SQLite::Database& db, const std::vector<Change>& changes, std::int64_t revision) {
  for (const Change& c : changes) {
    const auto row = rowOf(db, c.kind, c.id);
    if (row.has_value() != c.before.has_value() || (row && row->body != c.before->body))
      throw InputError(finding("step-no-longer-fits"));
    put(db, c, revision);
  }
}

namespace {

/// The list as its rows now stand: items known, and those that changed.
template <class Item>
void relist(SQLite::Database& db, const char* kind, std::vector<Item>& items,
            std::map<std::string, Item> changed) {
  std::map<std::string, Item*> known;
  for (Item& item : items) known[item.id] = &item;
  std::vector<Item> out;
  SQLite::Statement order(db, "SELECT id FROM entity WHERE kind = ? ORDER BY position, id");
  order.bind(1, kind);
  while (order.executeStep()) {
    const std::string id = order.getColumn(0).getString();
    if (const auto fresh = changed.find(id); fresh != changed.end())
      out.push_back(std::move(fresh->second));
    else if (const auto old = known.find(id); old != known.end())
      out.push_back(std::move(*old->second));
    else
      throw InputError(finding("step-no-longer-fits"));
  }
  items = std::move(out);
}

}  // namespace

Campaign afterChanges(SQLite::Database& db, Campaign campaign, const std::vector<Change>& changes,
                      const std::string& where) {
  for (const Change& c : changes)
    if (c.kind == kFacts && c.after)
      static_cast<Facts&>(campaign) = fromBody<Facts>(c.after->body, where + ": facts");
  eachKind([&]<class T>(const EntityKind<T>& kind) {
    std::map<std::string, T> changed;
    bool any = false;
    for (const Change& c : changes) {
      if (c.kind != kind.kind) continue;
      any = true;
      if (c.after)
        changed[c.id] = fromBody<T>(c.after->body, fmt::format("{}: {} \"{}\"", where, c.kind, c.id));
    }
    if (any) relist(db, kind.kind, campaign.*kind.items, std::move(changed));
  });
  return campaign;
}

std::vector<Change> reversed(std::vector<Change> changes) {
  for (Change& c : changes) std::swap(c.before, c.after);
  return changes;
}

std::optional<std::string> bodyNow(SQLite::Database& db, const std::string& kind, const std::string& id) {
  auto row = rowOf(db, kind, id);
  return row ? std::optional(std::move(row->body)) : std::nullopt;
}

void writeCampaign(SQLite::Database& db, const Campaign& campaign, std::int64_t revision) {
  put(db, {kFacts, "", {}, unplaced(factsBody(campaign))}, revision);
  eachKind([&](const auto& kind) {
    double place = 0;
    for (const auto& item : campaign.*kind.items)
      put(db, {kind.kind, item.id, {}, Change::State{++place, bodyOf(item)}}, revision);
  });
}

json campaignRows(SQLite::Database& db, const std::string& where,
                  const std::map<std::string, std::string>& lists) {
  json whole = json::object();
  std::size_t bytes = 0;
  SQLite::Statement all(db, "SELECT kind, id, body FROM entity ORDER BY kind, position, id");
  while (all.executeStep()) {
    const std::string kind = all.getColumn(0).getString(), id = all.getColumn(1).getString();
    const auto list = lists.find(kind);
    if (list == lists.end()) continue;
    const SQLite::Column body = all.getColumn(2);
    bytes += static_cast<std::size_t>(body.getBytes());
    if (bytes > kMostBytes) throw InputError(inFile(where, finding("file-too-much")));
    json item = formats::parseJson(body.getString(), fmt::format("{}: {} \"{}\"", where, kind, id));
    if (!item.is_object() || (!id.empty() && item.value("id", json()) != id))
      throw InputError(inFile(where, finding("entity-damaged", {{"kind", kind}})));
    if (id.empty())
      whole.update(item);
    else
      whole[list->second].push_back(std::move(item));
  }
  return whole;
}

Campaign readCampaign(SQLite::Database& db, const std::string& where) {
  std::map<std::string, std::string> lists{{kFacts, ""}};
  eachKind([&](const auto& kind) { lists[kind.kind] = kind.list; });
  json whole = campaignRows(db, where, lists);
  whole[formats::kFormKey] = formats::kInterchangeForm;
  return formats::campaignFromJson(whole, where).campaign;
}

}  // namespace distanz::store

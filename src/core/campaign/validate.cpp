#include "core/campaign/validate.h"

#include <fmt/format.h>

#include <cmath>
#include <map>
#include <set>
#include <string_view>
#include <unordered_set>

#include "core/campaign/describe.h"
#include "core/campaign/limits.h"

namespace distanz::campaign {
namespace {

using description::Field;
using description::Word;
using namespace limits;

using Ids = std::map<std::string_view, std::unordered_set<std::string_view>>;

/// Holds every described value to its domain, and every id that is named to those that there are.
class Bounds : public description::Visitor {
 public:
  Bounds(const Ids& ids, std::vector<Problem>& problems) : m_ids(ids), m_problems(problems) {}

  void number(const Field& f, double& v) override {
    if (v >= f.low && v <= f.high && std::isfinite(v)) return;
    const auto unit = quantity::symbolOf(f.unit);
    const std::string space = unit.empty() ? "" : " ";
    if (std::isfinite(f.low) && std::isfinite(f.high))
      fail("out-of-bounds", fmt::format("{} is {}{}{}; it must lie within {} to {}{}{}", nameOf(f), v, space,
                                        unit, f.low, f.high, space, unit));
    else
      fail("out-of-bounds", fmt::format("{} is {}; it must be a number", nameOf(f), v));
  }
  void number(const Field& f, std::optional<double>& v) override {
    if (v) number(f, *v);
  }
  void whole(const Field& f, int& v) override {
    double as_number = v;
    number(f, as_number);
  }
  void flag(const Field&, bool&) override {}
  void text(const Field& f, std::string& v) override {
    if (std::string_view(f.key) == "id") m_at.back().id = &v;
    if (!f.refers.empty() && !v.empty()) refer(f, v);
  }
  void unknown(std::string&) override {}

 protected:
  int wordAt(const Field&, int v, std::span<const Word>) override { return v; }
  bool enter(const Field& f) override {
    m_at.push_back({f.key, nullptr, 0});
    return true;
  }
  std::size_t enterList(const Field& f, std::size_t now) override {
    m_at.push_back({f.key, nullptr, 0, true});
    return now;
  }
  void enterItem(std::size_t i) override { m_at.push_back({m_at.back().key, nullptr, i + 1}); }
  std::vector<std::string> enterMap(const Field& f, std::vector<std::string> now) override {
    if (!f.refers.empty())
      for (const std::string& name : now) refer(f, name);
    m_at.push_back({f.key, nullptr, 0});
    return now;
  }
  void leave() override { m_at.pop_back(); }

 private:
  struct At {
    const char* key;
    const std::string* id;
    std::size_t number;
    bool list = false;
  };

  /// "setup "A", links, control: " of what is being looked at.
  std::string where() const {
    std::string out;
    for (const At& at : m_at) {
      if (at.list) continue;
      std::string name = at.key;
      if (at.number > 0) {
        if (name.ends_with('s')) name.pop_back();
        name += at.id ? " \"" + *at.id + '"' : fmt::format(" {}", at.number);
      }
      out += (out.empty() ? "" : ", ") + name;
    }
    return out.empty() ? out : out + ": ";
  }
  std::string nameOf(const Field& f) const { return where() + (*f.what ? f.what : f.key); }
  void fail(const char* code, std::string text) { m_problems.push_back({code, 0, std::move(text)}); }
  void refer(const Field& f, const std::string& id) {
    const auto known = m_ids.find(f.refers);
    if (known == m_ids.end() || known->second.contains(id)) return;
    const std::string at = where();
    fail("unknown-id",
         fmt::format("{} names {} \"{}\", which is not in this campaign",
                     at.substr(0, at.size() - std::min<std::size_t>(at.size(), 2)), f.refers, id));
  }

  const Ids& m_ids;
  std::vector<Problem>& m_problems;
  std::vector<At> m_at;
};

struct Checker {
  std::vector<Problem> problems;

  void fail(const char* code, std::string text) { problems.push_back({code, 0, std::move(text)}); }

  template <class T>
  void ids(const EntityKind<T>& kind, const Campaign& c, Ids& all) {
    auto& seen = all[kind.kind];
    for (const T& item : c.*kind.items) {
      if (item.id.size() > kLongestId)
        fail("long-id", fmt::format("a {} has an id of over {} bytes; shorten it", kind.kind, kLongestId));
      if (item.id.empty()) fail("no-id", fmt::format("a {} has no id; give it one", kind.kind));
      if (!seen.insert(item.id).second)
        fail("duplicate-id", fmt::format("{} \"{}\" occurs twice; rename one", kind.kind, item.id));
    }
  }

  void link(const Link& l) {
    std::set<double> modes;
    for (const ModeSensitivity& m : l.modes)
      if (!modes.insert(m.mode).second)
        fail(
            "duplicate-mode",
            fmt::format("link \"{}\": mode {:g} occurs twice; give each mode one sensitivity", l.id, m.mode));
    if (l.id.find('.') != std::string::npos)
      fail("bad-id", fmt::format("link \"{}\": a link's id must not hold a dot; rename it", l.id));
  }

  void part(const Part& p) {
    for (const auto& [key, v] : p.values) {
      const PartField* field = partField(p.kind, key);  // of a later version: kept, and nobody reads it
      if (field && !(v.value >= field->low && v.value <= field->high))
        fail("out-of-bounds", fmt::format("part \"{}\": {} is {} {unit}; it must lie within {} to {} {unit}",
                                          p.id, field->what, v.value, field->low, field->high,
                                          fmt::arg("unit", quantity::symbolOf(field->unit))));
    }
  }

  void run(const Run& r) {
    const double begin = r.turn_begin_s.value_or(0), end = r.turn_end_s.value_or(begin);
    if (r.turn_begin_s.has_value() != r.turn_end_s.has_value() || end < begin)
      fail("bad-turn", fmt::format("run \"{}\": the turn must begin before it ends", r.id));
  }

  void path(const Campaign& c, const Path& p) {
    if (p.points.empty() || !c.station.position()) return;
    const double length = course::between(*c.station.position(), p.points.back().position).distance_m;
    if (!(length >= kPostLow_m && length <= kPathHigh_m))
      fail("out-of-bounds",
           fmt::format("distance from station to far post is {} m; it must lie within {} to {} m", length,
                       kPostLow_m, kPathHigh_m));
  }
};

}  // namespace

std::vector<Problem> validate(const Campaign& c) {
  Checker check;
  eachKind([&](const auto& kind) {
    const std::size_t n = (c.*kind.items).size();
    if (n > kMostItems)
      check.fail("too-many",
                 fmt::format("{} {} are more than the {} a campaign may have", n, kind.list, kMostItems));
  });
  for (const Path& p : c.paths)
    if (p.points.size() > kMostItems)
      check.fail("too-many",
                 fmt::format("{} points are more than the {} a path may have", p.points.size(), kMostItems));
  if (!check.problems.empty()) return check.problems;
  Ids ids;
  eachKind([&](const auto& kind) { check.ids(kind, c, ids); });
  Bounds bounds(ids, check.problems);
  description::look(bounds, c);
  if (check.problems.empty())
    for (const Path& p : c.paths) check.path(c, p);
  for (const Link& l : c.links) check.link(l);
  for (const Part& p : c.parts) check.part(p);
  for (const Run& r : c.runs) check.run(r);
  return check.problems;
}

void requireValid(const Campaign& campaign) {
  const auto faults = validate(campaign);
  if (!faults.empty()) throw InputError(faults.front().text);
}

}  // namespace distanz::campaign

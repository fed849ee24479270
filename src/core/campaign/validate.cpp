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
using quantity::Unit;

using Ids = std::map<std::string_view, std::unordered_set<std::string_view>>;

/// Holds every described value to its domain, and every id that is named to those that there are.
class Bounds : public description::Visitor {
 public:
  Bounds(const Ids& ids, std::vector<Finding>& problems) : m_ids(ids), m_problems(problems) {}

  void number(const Field& f, double& v) override {
    if (v >= f.low && v <= f.high && std::isfinite(v)) return;
    const Argument at("where", where()), what("what", f.key), value("value", v, f.unit);
    if (std::isfinite(f.low) && std::isfinite(f.high))
      fail(finding("out-of-bounds", {at, what, value, {"low", f.low, f.unit}, {"high", f.high, f.unit}}));
    else
      fail(finding("not-finite", {at, what, value}));
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
  void fail(Finding problem) { m_problems.push_back(std::move(problem)); }
  void refer(const Field& f, const std::string& id) {
    const auto known = m_ids.find(f.refers);
    if (known == m_ids.end() || known->second.contains(id)) return;
    const std::string at = where();
    fail(finding("unknown-id", {{"where", at.substr(0, at.size() - std::min<std::size_t>(at.size(), 2))},
                                {"kind", f.refers},
                                {"id", id}}));
  }

  const Ids& m_ids;
  std::vector<Finding>& m_problems;
  std::vector<At> m_at;
};

struct Checker {
  std::vector<Finding> problems;

  void fail(const char* code, std::vector<Argument> arguments) {
    problems.push_back(finding(code, std::move(arguments)));
  }

  template <class T>
  void ids(const EntityKind<T>& kind, const Campaign& c, Ids& all) {
    auto& seen = all[kind.kind];
    for (const T& item : c.*kind.items) {
      if (item.id.size() > kLongestId) fail("long-id", {{"kind", kind.kind}, {"most", kLongestId}});
      if (item.id.empty()) fail("no-id", {{"kind", kind.kind}});
      if (!seen.insert(item.id).second) fail("duplicate-id", {{"kind", kind.kind}, {"id", item.id}});
    }
  }

  void link(const Link& l) {
    std::set<double> modes;
    for (const ModeSensitivity& m : l.modes)
      if (!modes.insert(m.mode).second)
        fail("duplicate-mode", {{"link", l.id}, {"mode", m.mode, Unit::None}});
    if (l.id.find('.') != std::string::npos) fail("bad-id", {{"link", l.id}});
  }

  void part(const Part& p) {
    for (const auto& [key, v] : p.values) {
      const PartField* field = partField(p.kind, key);  // of a later version: kept, and nobody reads it
      if (field && !(v.value >= field->low && v.value <= field->high))
        fail("out-of-bounds", {{"where", "part \"" + p.id + "\": "},
                               {"what", key},
                               {"value", v.value, field->unit},
                               {"low", field->low, field->unit},
                               {"high", field->high, field->unit}});
    }
  }

  /// Numbers of a record that this version knows, to their domain.
  void numbers(const Record& r, bool reading, const std::map<std::string, double>& values) {
    for (const auto& [key, value] : values) {
      const RecordField* field = recordField(r.kind, reading, key);
      const bool within = field ? value >= field->low && value <= field->high : std::isfinite(value);
      if (!within)
        fail("out-of-bounds", {{"where", "record \"" + r.id + "\": "},
                               {"what", key},
                               {"value", value, field ? field->unit : Unit::None},
                               {"low", field ? field->low : 0, field ? field->unit : Unit::None},
                               {"high", field ? field->high : 0, field ? field->unit : Unit::None}});
    }
  }

  void record(const Record& r) {
    numbers(r, false, r.settings);
    for (const Reading& reading : r.readings) numbers(r, true, reading.values);
    if (r.readings.size() > kMostReadings)
      fail("too-many", {{"count", r.readings.size()}, {"list", "readings"}, {"most", kMostReadings}});
    if (r.files.size() > kMostFiles) fail("too-many", {{"count", r.files.size()}, {"list", "files"}, {"most", kMostFiles}});
  }

  void run(const Run& r) {
    const double begin = r.turn_begin_s.value_or(0), end = r.turn_end_s.value_or(begin);
    if (r.turn_begin_s.has_value() != r.turn_end_s.has_value() || end < begin)
      fail("bad-turn", {{"run_id", r.id}});
  }

  void path(const Campaign& c, const Path& p) {
    if (p.points.empty() || !c.station.position()) return;
    double length = 0;  // a course may lead back to where it began
    for (const PathPoint& point : p.points)
      length = std::max(length, course::between(*c.station.position(), point.position).distance_m);
    if (!(length >= kPostLow_m && length <= kPathHigh_m))
      fail("post-out-of-reach", {{"length", length, Unit::Metre},
                                 {"low", kPostLow_m, Unit::Metre},
                                 {"high", kPathHigh_m, Unit::Metre}});
  }
};

}  // namespace

std::vector<Finding> validate(const Campaign& c) {
  Checker check;
  eachKind([&](const auto& kind) {
    const std::size_t n = (c.*kind.items).size();
    if (n > kMostItems) check.fail("too-many", {{"count", n}, {"list", kind.list}, {"most", kMostItems}});
  });
  for (const Path& p : c.paths)
    if (p.points.size() > kMostItems)
      check.fail("too-many-points", {{"count", p.points.size()}, {"most", kMostItems}});
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
  for (const Record& r : c.records) check.record(r);
  return check.problems;
}

void requireValid(const Campaign& campaign) {
  const auto faults = validate(campaign);
  if (!faults.empty()) throw InputError(faults.front());
}

}  // namespace distanz::campaign

#include "core/plan/differences.h"

#include <fmt/format.h>

#include <algorithm>
#include <functional>
#include <set>

#include "core/campaign/describe.h"
#include "core/campaign/kit.h"
#include "core/quantity/unit.h"

namespace distanz::plan {
namespace {

using namespace campaign;
using quantity::Unit;

/// What is compared in one row: how it is shown, and what has to be equal.
struct Cell {
  Argument shown{"cell", ""};
  std::string key;  ///< equal where nothing differs
};
using CellOf = std::function<Cell(const Setup&)>;

Cell textCell(const std::string& text) {
  return {Argument("cell", text), text};
}

Cell termCell(const char* group, const std::string& word) {
  if (word.empty()) return {};
  return {Argument("cell", Term{std::string(group) + word}), word};
}

Cell numberCell(const std::optional<double>& value, Unit unit) {
  if (!value) return {};
  return {Argument("cell", Measure{*value, unit, {}, {}}), fmt::format("{}", *value)};
}

/// A part with the number it is there for: one thing, though both may differ.
Cell partCell(const Campaign& c, const std::string& id, const char* value) {
  const Part* part = findPart(c, id);
  if (!part) return {};
  std::string key = part->name;
  for (const auto& [name, v] : part->values) key += fmt::format("|{}={}", name, v.value);
  for (const auto& [name, v] : part->traits)
    if (name != "firmware") key += "|" + name + "=" + v;
  const PartField* field = value ? partField(part->kind, value) : nullptr;
  const auto number = field ? part->value(value) : std::nullopt;
  if (!number) return {Argument("cell", part->name), key};
  const Measure measure{*number, field->unit, {}, {}};
  if (part->name.empty()) return {Argument("cell", measure), key};
  return {Argument("cell", finding("part-worth", {{"name", part->name}, {"value", measure}})), key};
}

Cell firmwareCell(const Campaign& c, const std::string& id) {
  const Part* part = findPart(c, id);
  return textCell(part ? part->trait("firmware") : std::string());
}

Cell mountCell(const Mount& m) {
  if (m == Mount()) return {};
  std::vector<Finding> said;
  const auto word = [&](const std::string& w) {
    said.push_back(finding("one-word", {{"what", Term{"mount-" + w}}}));
  };
  if (m.place != MountPlace::Unsaid) word(mountPlaceWords()[static_cast<std::size_t>(m.place)].word);
  if (m.azimuth_deg && m.elevation_deg)
    said.push_back(finding("mount-points", {{"azimuth", *m.azimuth_deg, Unit::Degree},
                                            {"elevation", *m.elevation_deg, Unit::Degree}}));
  const std::pair<bool, const char*> flags[] = {{m.bent, "bent"},
                                                {m.inside, "inside"},
                                                {m.covered, "covered"},
                                                {m.near_carbon, "carbon"},
                                                {m.near_battery, "battery"}};
  std::string key = fmt::format("{} {} {}", static_cast<int>(m.place), m.azimuth_deg.value_or(999),
                                m.elevation_deg.value_or(999));
  for (const auto& [on, name] : flags) {
    if (on) word(name);
    key += on ? '1' : '0';
  }
  return {Argument("cell", std::move(said)), key};
}

class Matrix {
 public:
  explicit Matrix(const Campaign& c) : m_c(c) {}

  void row(const char* what, const std::string& link, const CellOf& cellOf) {
    Difference d{what, link, {}, false, false};
    std::vector<std::string> keys;
    for (const Setup& s : m_c.setups) {
      Cell cell = cellOf(s);
      d.cells.push_back(std::move(cell.shown));
      keys.push_back(std::move(cell.key));
    }
    d.differs = std::any_of(keys.begin(), keys.end(), [&](const auto& k) { return k != keys.front(); });
    m_keys.push_back(std::move(keys));
    out.rows.push_back(std::move(d));
  }

  void linkRows(const Link& link) {
    const auto of = [&link](auto member) -> CellOf {
      return [&link, member](const Setup& s) {
        const auto ends = s.links.find(link.id);
        return ends == s.links.end() ? Cell() : member(ends->second);
      };
    };
    for (const Slot* slot : allSlots())
      row(slot->term, link.id,
          of([this, slot](const SetupLink& e) { return partCell(m_c, e.*slot->part, slot->value); }));
    row("tx-firmware", link.id, of([this](const SetupLink& e) { return firmwareCell(m_c, e.transmitter); }));
    row("rx-firmware", link.id, of([this](const SetupLink& e) { return firmwareCell(m_c, e.receiver); }));
    row("packet-rate", link.id,
        of([](const SetupLink& e) { return numberCell(e.packet_rate_hz, Unit::Hertz); }));
    row("pointing", link.id, of([](const SetupLink& e) {
          return termCell("pointing-", pointingWords()[static_cast<std::size_t>(e.pointing)].word);
        }));
    row("pointing-error", link.id,
        of([](const SetupLink& e) { return numberCell(e.pointing_error_deg, Unit::Degree); }));
    row("mount", link.id, of([](const SetupLink& e) { return mountCell(e.mount); }));
    const std::pair<const char*, bool SetupLink::*> free[] = {
        {"automatic-power", &SetupLink::automatic_power},
        {"automatic-band", &SetupLink::automatic_band},
        {"automatic-rate", &SetupLink::automatic_rate}};
    for (const auto& [name, flag] : free)
      row(name, link.id,
          of([flag = flag](const SetupLink& e) { return e.*flag ? termCell("word-", "yes") : Cell(); }));
  }

  /// Whoever leaves something to choose by itself.
  void leftFree(const Link& link) {
    const struct {
      const char* row;
      const char* code;
      bool (*left)(const SetupLink&);
    } nuisances[] = {
        {"automatic-power", "left-free-power", [](const SetupLink& e) { return e.automatic_power; }},
        {"automatic-band", "left-free-band", [](const SetupLink& e) { return e.automatic_band; }},
        {"automatic-rate", "left-free-rate", [](const SetupLink& e) { return e.automatic_rate; }},
        {"pointing", "left-free-pointing",
         [](const SetupLink& e) { return e.pointing == Pointing::ByHand; }}};
    for (const auto& n : nuisances) {
      std::string who;
      for (const Setup& s : m_c.setups)
        if (const auto e = s.links.find(link.id); e != s.links.end() && n.left(e->second))
          who += (who.empty() ? "" : ", ") + s.id;
      if (who.empty()) continue;
      for (Difference& d : out.rows)
        if (d.link == link.id && d.what == n.row) d.nuisance = true;
      out.findings.push_back(finding(n.code, {{"setups", who}, {"link", link.id}}));
    }
  }

  /// The first setup against each other one.
  void against(std::size_t other, const Link& link) {
    std::vector<Finding> what;
    for (std::size_t i = 0; i < out.rows.size(); ++i) {
      const Difference& d = out.rows[i];
      if (!d.link.empty() && d.link != link.id) continue;
      if (m_keys[i][0] != m_keys[i][other])
        what.push_back(finding("one-word", {{"what", Term{"differs-" + d.what}}}));
    }
    const Setup &a = m_c.setups.front(), &b = m_c.setups[other];
    if (what.size() > 1)
      out.findings.push_back(finding(
          "differs-in-several",
          {{"setup", b.id}, {"other", a.id}, {"link", link.id}, {"count", what.size()}, {"what", what}},
          {"setup", b.id}));
    if (what.empty()) same.push_back(other);
  }

  Differences out;
  std::vector<std::size_t> same;  ///< setups that are on some link as the first

 private:
  const Campaign& m_c;
  std::vector<std::vector<std::string>> m_keys;
};

}  // namespace

Differences differencesOf(const Campaign& c) {
  if (c.setups.size() > kMostCompared) {
    Campaign few = c;
    few.setups.resize(kMostCompared);
    return differencesOf(few);
  }
  Matrix m(c);
  if (c.setups.empty()) return {};
  m.row("airframe", {}, [&](const Setup& s) { return partCell(c, s.airframe, nullptr); });
  m.row("battery", {}, [&](const Setup& s) { return partCell(c, s.battery, "capacity_mah"); });
  m.row("mast", {}, [&](const Setup& s) {
    return numberCell(s.mast_m.value_or(c.station.antenna_height_m), Unit::Metre);
  });
  for (const Link& link : c.links) m.linkRows(link);
  for (const Link& link : c.links) m.leftFree(link);
  for (std::size_t i = 1; i < c.setups.size(); ++i) {
    m.same.clear();
    for (const Link& link : c.links) m.against(i, link);
    if (!c.links.empty() && m.same.size() == c.links.size())
      m.out.findings.push_back(finding("differs-in-nothing",
                                       {{"setup", c.setups[i].id}, {"other", c.setups.front().id}},
                                       {"setup", c.setups[i].id}));
  }
  return m.out;
}

std::optional<Finding> whatDiffers(const Differences& d) {
  std::vector<Finding> what;
  std::set<std::string> told;
  for (const Difference& row : d.rows)
    if (row.differs && told.insert(row.what).second)
      what.push_back(finding("one-word", {{"what", Term{"differs-" + row.what}}}));
  if (what.empty()) return std::nullopt;
  return finding("setups-differ", {{"what", what}});
}

}  // namespace distanz::plan

#include "core/plan/preflight.h"

#include <algorithm>

#include "core/campaign/kit.h"

namespace distanz::plan {
namespace {

using quantity::Unit;

class List {
 public:
  explicit List(const campaign::Campaign& c) : m_campaign(c) {}

  void add(const char* code, std::vector<Argument> arguments = {}, const std::string& of = {}) {
    std::string id = std::string(code).substr(std::string_view("check-").size());
    if (!of.empty()) id += "/" + of;
    const auto& ticks = m_campaign.plan.ticks;
    const auto tick = std::find_if(ticks.begin(), ticks.end(), [&](const campaign::Tick& t) { return t.item == id; });
    m_items.push_back({id, finding(code, std::move(arguments)), tick == ticks.end() ? nullptr : &*tick});
  }
  std::vector<PreflightItem> take() { return std::move(m_items); }

 private:
  const campaign::Campaign& m_campaign;
  std::vector<PreflightItem> m_items;
};

double bearingOf(const campaign::Campaign& c) {
  return course::between(*c.station.position(), campaign::firstPath(c).back().position).bearing_deg;
}

void addLinks(const campaign::Campaign& c, bool path, List& list) {
  for (const campaign::Link& l : c.links) {
    bool free_power = false, fixed = false, tracked = false;
    for (const campaign::Setup& s : c.setups) {
      const campaign::SetupLink* ends = campaign::findEnds(c, s.id, l.id);
      if (!ends) continue;
      free_power = free_power || ends->automatic_power;
      fixed = fixed || ends->pointing == campaign::Pointing::Fixed;
      tracked = tracked || ends->pointing == campaign::Pointing::Tracked;
    }
    const Argument link("link", l.id);
    if (!free_power) list.add("check-fixed-power", {link}, l.id);
    list.add("check-packet-rate", {link}, l.id);
    list.add("check-band", {link, {"frequency", l.frequency_mhz, Unit::Megahertz}}, l.id);
    if (fixed && path) list.add("check-pointing", {link, {"bearing", bearingOf(c), Unit::Degree}}, l.id);
    if (tracked) list.add("check-tracker", {link}, l.id);
  }
}

/// A setup that was never flown stays near first, and its ground check comes before that.
void addSetups(const campaign::Campaign& c, List& list) {
  for (const campaign::Setup& s : c.setups) {
    if (std::any_of(c.runs.begin(), c.runs.end(), [&](const campaign::Run& r) { return r.setup == s.id; })) continue;
    list.add("check-ground-check", {{"setup", s.id}}, s.id);
    list.add("check-near-first", {{"setup", s.id}}, s.id);
  }
}

}  // namespace

std::vector<PreflightItem> preflightOf(const campaign::Campaign& c) {
  List list(c);
  const auto course = campaign::courseOf(c);
  list.add("check-area");
  if (c.plan.sight_m && course && course->farPost_m() > *c.plan.sight_m)
    list.add("check-observer", {{"sight", *c.plan.sight_m, Unit::Metre}});
  addSetups(c, list);
  list.add("check-failsafe");
  double high = 0;
  for (const campaign::PathPoint& p : campaign::firstPath(c)) high = std::max(high, p.height_m);
  if (course) list.add("check-return-height", {{"height", high, Unit::Metre}});
  list.add("check-power-cycle");
  addLinks(c, course.has_value(), list);
  list.add("check-low-power");
  list.add("check-second-antenna");
  list.add("check-connectors");
  list.add("check-compass");
  list.add("check-satellites");
  list.add("check-battery");
  list.add("check-logging");
  return list.take();
}

Finding preflightState(const std::vector<PreflightItem>& items, const std::string& today) {
  const auto stale = std::count_if(items.begin(), items.end(), [&](const PreflightItem& i) {
    return i.tick && !i.tick->at.starts_with(today);
  });
  if (stale > 0) return finding("preflight-stale", {{"stale", int(stale)}, {"of", items.size()}});
  const auto open = std::count_if(items.begin(), items.end(), [](const PreflightItem& i) { return !i.tick; });
  if (open == 0) return finding("preflight-done", {{"of", items.size()}});
  return finding("preflight-open", {{"open", int(open)}, {"of", items.size()}});
}

campaign::Campaign withTick(const campaign::Campaign& c, const std::string& item, const std::string& at,
                            const std::string& who) {
  campaign::Campaign out = c;
  const auto gone = std::erase_if(out.plan.ticks, [&](const campaign::Tick& t) { return t.item == item; });
  if (gone == 0) out.plan.ticks.push_back({item, at, who});
  return out;
}

}  // namespace distanz::plan

#include "core/campaign/campaign.h"

#include <algorithm>
#include <cmath>

#include "core/quantity/error.h"

namespace distanz::campaign {
namespace {

constexpr std::pair<Ended, const char*> kEndedWords[] = {{Ended::LinkLost, "link-lost"},
                                                         {Ended::QualityLimit, "quality-limit"},
                                                         {Ended::TurnedBack, "turned-back"},
                                                         {Ended::Battery, "battery"},
                                                         {Ended::Limit, "limit"},
                                                         {Ended::Obstacle, "obstacle"},
                                                         {Ended::Aircraft, "aircraft"},
                                                         {Ended::EquipmentCap, "equipment-cap"},
                                                         {Ended::Unknown, ""}};

template <class Items>
auto findById(Items& items, const std::string& id) {
  const auto found = std::find_if(items.begin(), items.end(), [&](const auto& item) { return item.id == id; });
  return found == items.end() ? nullptr : &*found;
}

}  // namespace

std::optional<radio::LinkEnds> SetupLink::ends() const {
  if (!power_dbm) return std::nullopt;
  return radio::LinkEnds{*power_dbm, tx_gain_dbi, rx_gain_dbi, tx_loss_db, rx_loss_db};
}

std::optional<course::Course> courseOf(const Campaign& campaign) {
  std::vector<course::Position> points;
  for (const PathPoint& p : campaign.path) points.push_back(p.position);
  if (points.empty()) return std::nullopt;
  if (points.size() == 1) points.insert(points.begin(), campaign.station.position);
  try {
    return course::Course(campaign.station.position, points);
  } catch (const DomainError&) {
    return std::nullopt;
  }
}

std::string letterOf(const Campaign& campaign, std::size_t setup) {
  const std::string& id = campaign.setups.at(setup).id;
  if (id.size() == 1) return id;
  return setup < 26 ? std::string(1, static_cast<char>('A' + setup)) : std::to_string(setup + 1);
}

std::string freeSetupId(const Campaign& campaign) {
  for (char c = 'A'; c <= 'Z'; ++c)
    if (!findSetup(campaign, std::string(1, c))) return std::string(1, c);
  for (std::size_t n = 27;; ++n)
    if (!findSetup(campaign, "S" + std::to_string(n))) return "S" + std::to_string(n);
}

std::string freeRunId(const Campaign& campaign, const std::string& setup) {
  for (int n = 1;; ++n)
    if (const std::string id = setup + std::to_string(n); !findRun(campaign, id)) return id;
}

const Setup* findSetup(const Campaign& campaign, const std::string& id) {
  return findById(campaign.setups, id);
}
const Link* findLink(const Campaign& campaign, const std::string& id) {
  return findById(campaign.links, id);
}
Run* findRun(Campaign& campaign, const std::string& id) {
  return findById(campaign.runs, id);
}
const Run* findRun(const Campaign& campaign, const std::string& id) {
  return findById(campaign.runs, id);
}

std::optional<double> sensitivityOf(const Link& link) {
  if (link.sensitivity_dbm || link.modes.empty()) return link.sensitivity_dbm;
  return link.modes.front().sensitivity_dbm;
}

std::optional<double> criticalFromKit(const Link& link) {
  const auto sensitivity = sensitivityOf(link);
  return sensitivity ? std::optional(*sensitivity + link.rule.margin_db.value_or(0)) : std::nullopt;
}

int nextOrder(const Campaign& campaign) {
  int last = 0;
  for (const Run& run : campaign.runs) last = std::max(last, run.order);
  return last + 1;
}

const Run* runOfLog(const Campaign& campaign, const std::vector<Run>& fresh, const std::string& log_sha256) {
  for (const auto* runs : {&campaign.runs, &fresh})
    for (const Run& run : *runs)
      if (!log_sha256.empty() && run.log_sha256 == log_sha256) return &run;
  return nullptr;
}

Campaign splitByLeg(const Campaign& campaign, const std::string& setup) {
  Campaign out = campaign;
  const auto there = std::find_if(out.setups.begin(), out.setups.end(), [&](const Setup& s) { return s.id == setup; });
  if (there == out.setups.end()) throw DomainError("there is no setup \"" + setup + "\" to split");
  Setup back = *there;
  back.id = freeSetupId(campaign);
  const std::string name = there->name.empty() ? setup : there->name;
  there->name = name + ", way out";
  back.name = name + ", way back";
  out.setups.insert(there + 1, back);
  for (const Run& run : campaign.runs) {
    if (run.setup != setup || run.legs != Legs::Both) continue;
    Run* ahead = findRun(out, run.id);
    if (ahead->flight.empty()) ahead->flight = "legs of " + run.id;
    ahead->legs = Legs::Out;
    Run home = *ahead;
    home.id = freeRunId(out, back.id);
    home.setup = back.id;
    home.legs = Legs::Back;
    out.runs.push_back(home);
  }
  return out;
}

Campaign withoutLink(const Campaign& campaign, const std::string& link) {
  Campaign out = campaign;
  std::erase_if(out.links, [&](const Link& l) { return l.id == link; });
  for (Setup& s : out.setups) s.links.erase(link);
  for (Run& r : out.runs) {
    r.reduced_db.erase(link);
    std::erase_if(r.columns, [&](const auto& column) { return column.first.starts_with(link + "."); });
  }
  return out;
}

std::string legsWord(Legs legs) {
  return legs == Legs::Out ? "out" : legs == Legs::Back ? "back" : "both";
}

std::optional<Legs> legsFromWord(const std::string& word) {
  for (const Legs legs : {Legs::Both, Legs::Out, Legs::Back})
    if (word == legsWord(legs)) return legs;
  return std::nullopt;
}

std::string endedWord(Ended ended) {
  for (const auto& [value, word] : kEndedWords)
    if (value == ended) return word;
  return {};
}

std::optional<Ended> endedFromWord(const std::string& word) {
  for (const auto& [value, name] : kEndedWords)
    if (word == name) return value;
  return std::nullopt;
}

}  // namespace distanz::campaign

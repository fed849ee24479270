#include "core/campaign/campaign.h"

#include <algorithm>
#include <cmath>

#include "core/campaign/kit.h"
#include "core/finding/error.h"

namespace distanz::campaign {
namespace {

template <class Items>
auto findById(Items& items, const std::string& id) {
  const auto found =
      std::find_if(items.begin(), items.end(), [&](const auto& item) { return item.id == id; });
  return found == items.end() ? nullptr : &*found;
}

}  // namespace

std::vector<Segment> namedSegments(const Path& path) {
  std::vector<Segment> out;
  for (Segment s : path.segments) {
    if (s.to_m < s.from_m) std::swap(s.from_m, s.to_m);
    if (s.to_m > s.from_m && !s.name.empty()) out.push_back(std::move(s));
  }
  return out;
}

const Path* findPath(const Campaign& campaign, const std::string& id) {
  if (!id.empty()) return findById(campaign.paths, id);
  return campaign.paths.empty() ? nullptr : &campaign.paths.front();
}

const std::vector<PathPoint>& firstPath(const Campaign& campaign) {
  static const std::vector<PathPoint> none;
  return campaign.paths.empty() ? none : campaign.paths.front().points;
}

Path& editFirstPath(Campaign& campaign) {
  if (campaign.paths.empty()) campaign.paths.emplace_back().id = kFirstPathId;
  return campaign.paths.front();
}

std::optional<course::Course> courseOf(const Campaign& campaign, const std::string& path) {
  const Path* flown = findPath(campaign, path);
  if (!flown || flown->points.empty() || !campaign.station.position()) return std::nullopt;
  std::vector<course::Position> points;
  for (const PathPoint& p : flown->points) points.push_back(p.position);
  if (points.size() == 1) points.insert(points.begin(), *campaign.station.position());
  try {
    return course::Course(*campaign.station.position(), points);
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

int setupIndex(const Campaign& campaign, const std::string& id) {
  const Setup* found = findSetup(campaign, id);
  return found ? static_cast<int>(found - campaign.setups.data()) : -1;
}
Setup* findSetup(Campaign& campaign, const std::string& id) {
  return findById(campaign.setups, id);
}
std::vector<std::string> linkIds(const Campaign& campaign) {
  std::vector<std::string> out;
  for (const Link& link : campaign.links) out.push_back(link.id);
  return out;
}
Link* findLink(Campaign& campaign, const std::string& id) {
  return findById(campaign.links, id);
}
const Setup* findSetup(const Campaign& campaign, const std::string& id) {
  return findById(campaign.setups, id);
}
const Link* findLink(const Campaign& campaign, const std::string& id) {
  return findById(campaign.links, id);
}
const Part* findPart(const Campaign& campaign, const std::string& id) {
  return findById(campaign.parts, id);
}
Record* findRecord(Campaign& campaign, const std::string& id) {
  return findById(campaign.records, id);
}
const Record* findRecord(const Campaign& campaign, const std::string& id) {
  return findById(campaign.records, id);
}
std::string freeRecordId(const Campaign& campaign) {
  for (std::size_t n = campaign.records.size() + 1;; ++n)
    if (std::string id = "r" + std::to_string(n); !findRecord(campaign, id)) return id;
}
Run* findRun(Campaign& campaign, const std::string& id) {
  return findById(campaign.runs, id);
}
const Run* findRun(const Campaign& campaign, const std::string& id) {
  return findById(campaign.runs, id);
}

int nextOrder(const Campaign& campaign) {
  int last = 0;
  for (const Run& run : campaign.runs) last = std::max(last, run.order);
  return last + 1;
}

const Run* runOfSameRows(const Campaign& campaign, const Run& run) {
  const auto at = std::find_if(campaign.runs.begin(), campaign.runs.end(), [&](const Run& other) { return shareRows(other, run) && !otherReceiver(other, run); });
  return at == campaign.runs.end() ? nullptr : &*at;
}

std::string freeFlight(const Campaign& campaign, std::string name) {
  const auto taken = [&] {
    return std::any_of(campaign.runs.begin(), campaign.runs.end(),
                       [&](const Run& r) { return r.flight == name; });
  };
  while (taken()) name += '+';
  return name;
}

Campaign splitByLeg(const Campaign& campaign, const std::string& setup, const LegNames& names) {
  Campaign out = campaign;
  const int at = setupIndex(campaign, setup);
  if (at < 0) throw DomainError("setup in campaign");
  const auto there = out.setups.begin() + at;
  Setup back = *there;
  back.id = freeSetupId(campaign);
  back.uuid.clear();
  there->name = names.out;
  back.name = names.back;
  out.setups.insert(there + 1, back);
  for (const Run& run : campaign.runs) {
    if (run.setup != setup || run.legs != Legs::Both) continue;
    Run* ahead = findRun(out, run.id);
    if (ahead->flight.empty()) ahead->flight = freeFlight(out, run.id);
    ahead->legs = Legs::Out;
    Run home = *ahead;
    home.id = freeRunId(out, back.id);
    home.uuid.clear();
    home.setup = back.id;
    home.legs = Legs::Back;
    out.runs.push_back(home);
  }
  return out;
}

Campaign withoutSetup(const Campaign& campaign, const std::string& setup) {
  Campaign out = campaign;
  std::erase_if(out.setups, [&](const Setup& s) { return s.id == setup; });
  std::erase_if(out.runs, [&](const Run& r) { return r.setup == setup; });
  for (Record& r : out.records)
    if (r.setup == setup) r.setup.clear();
  dropOrphans(out, campaign);
  return out;
}

Campaign withoutLink(const Campaign& campaign, const std::string& link) {
  Campaign out = campaign;
  std::erase_if(out.links, [&](const Link& l) { return l.id == link; });
  for (Setup& s : out.setups) s.links.erase(link);
  for (Run& r : out.runs) {
    r.reduced_db.erase(link);
    for (Source& source : r.sources)
      std::erase_if(source.columns, [&](const auto& column) { return column.first.starts_with(link + "."); });
  }
  for (Record& r : out.records)
    if (r.link == link) r.link.clear();
  dropOrphans(out, campaign);
  return out;
}

}  // namespace distanz::campaign

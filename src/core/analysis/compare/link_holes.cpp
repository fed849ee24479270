#include <algorithm>
#include <cmath>
#include <set>

#include "core/analysis/compare/link_work.h"
#include "core/analysis/reduce/reduction.h"
#include "core/radio/clearance.h"

namespace distanz::analysis {

using namespace estimate;

namespace {

constexpr int kLeastFlights = 2;       // one flight's bad stretch is its own
constexpr double kFailingShare = 0.5;  // of the flights that were there
constexpr int kReturnsFor = 3;         // stretches behind a hole that hold

/// What the flights saw of one stretch.
struct Seen {
  std::set<std::size_t> there, failed;  // runs
  bool fails() const {
    return static_cast<int>(failed.size()) >= kLeastFlights &&
           static_cast<double>(failed.size()) >= kFailingShare * static_cast<double>(there.size());
  }
};

void seeLooks(const std::vector<StretchLook>& looks, double wanted, std::size_t run,
              std::map<int, Seen>& places) {
  for (const StretchLook& l : looks) {
    if (l.back) continue;
    places[l.index].there.insert(run);
    if (l.kept < wanted) places[l.index].failed.insert(run);
  }
}

/// By what the rule itself showed on the way out; without that, by the signal against the critical level.
std::map<int, Seen> placesOf(const LinkWork& w) {
  std::map<int, Seen> places;
  for (std::size_t run : w.runs) {
    const LinkReduction& r = w.reduced(run);
    if (r.reduced_db > 0) continue;
    for (const auto& [part, seen] : r.rule) seeLooks(seen.looks, seen.measure.wanted(), run, places);
    if (!w.critical || !r.rule.empty()) continue;
    for (const Cell& c : r.cells.both.cells) {
      places[c.index].there.insert(run);
      if (c.level_dbm < w.critical->level_dbm) places[c.index].failed.insert(run);
    }
  }
  return places;
}

std::vector<std::string> setupsFailing(const LinkWork& w, const Seen& worst) {
  std::vector<std::string> out;
  for (std::size_t s = 0; s < w.runs_of.size(); ++s) {
    int there = 0, failed = 0;
    for (std::size_t run : w.runs_of[s]) {
      there += static_cast<int>(worst.there.count(run));
      failed += static_cast<int>(worst.failed.count(run));
    }
    if (failed > 0 && 2 * failed >= there) out.push_back(w.campaign.setups[s].id);
  }
  return out;
}

bool returnsBehind(const std::map<int, Seen>& places, int last) {
  for (int k = last + 1; k <= last + kReturnsFor; ++k)
    if (const auto at = places.find(k); at == places.end() || at->second.fails()) return false;
  return true;
}

/// Whether a setup that fails there gets that far.
bool inTheWay(const LinkWork& w, const Hole& hole) {
  for (const std::string& setup : hole.setups) {
    const auto at = w.answer_of.find(campaign::setupIndex(w.campaign, setup));
    if (at == w.answer_of.end()) continue;
    const RangeAnswer& typical = w.result.setups[at->second].typical;
    if (typical.estimate_m && hole.from_m <= *typical.estimate_m + defaults::kCellWidth_m / 2) return true;
  }
  return false;
}

/// Where direct and reflected wave cancel inside the hole, with the heights as planned.
std::optional<double> nullInside(const LinkWork& w, const Hole& hole) {
  const auto& path = campaign::firstPath(w.campaign);
  if (path.empty()) return std::nullopt;
  return radio::twoRayNull_m(w.campaign.station.antenna_height_m, path.back().height_m, w.link.frequency_mhz,
                             hole.from_m, hole.to_m);
}

}  // namespace

void addHoles(LinkWork& w) {
  const std::map<int, Seen> places = placesOf(w);
  for (auto at = places.begin(); at != places.end();) {
    if (!at->second.fails()) {
      ++at;
      continue;
    }
    const int first = at->first;
    int last = first;
    const Seen* worst = &at->second;
    for (; at != places.end() && at->first <= last + 1 && at->second.fails(); ++at) {
      last = at->first;
      if (at->second.failed.size() > worst->failed.size()) worst = &at->second;
    }
    Hole hole;
    hole.link = w.link.id;
    const int path = firstPlaceOf(w.campaign, w.campaign.runs[*worst->there.begin()]);
    hole.from_m = (first - path) * defaults::kCellWidth_m;
    hole.to_m = (last + 1 - path) * defaults::kCellWidth_m;
    hole.failed = static_cast<int>(worst->failed.size());
    hole.flights = static_cast<int>(worst->there.size());
    hole.setups = setupsFailing(w, *worst);
    hole.returns = returnsBehind(places, last);
    hole.in_the_way = hole.returns && inTheWay(w, hole);
    hole.null_m = nullInside(w, hole);
    w.result.holes.push_back(std::move(hole));
  }
}

}  // namespace distanz::analysis

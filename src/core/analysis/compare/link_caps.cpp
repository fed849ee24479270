#include <algorithm>
#include <cmath>
#include <set>

#include "core/analysis/compare/link_work.h"
#include "core/analysis/reduce/reduction.h"
#include "core/quantity/unit.h"

namespace distanz::analysis {
namespace {

using namespace estimate;

/// A run whose link stopped at once, from full quality.
struct Stop {
  std::size_t run;
  double at_m, signal_dbm;
};

std::vector<Stop> stopsOf(const LinkWork& w) {
  std::vector<Stop> out;
  for (const std::size_t run : w.runs) {
    const LinkBeyond& b = w.reduced(run).beyond;
    if (b.ended_sharp_m && *b.ended_sharp_m >= defaults::kNearField_m) out.push_back({run, *b.ended_sharp_m, b.signal_there_dbm});
  }
  std::sort(out.begin(), out.end(), [](const Stop& a, const Stop& b) { return a.at_m < b.at_m; });
  return out;
}

/// The most stops within defaults::kCapTurnSpread of each other.
std::vector<Stop> together(const std::vector<Stop>& stops) {
  std::vector<Stop> best;
  for (std::size_t i = 0; i < stops.size(); ++i) {
    std::vector<Stop> here;
    for (std::size_t k = i; k < stops.size() && stops[k].at_m <= stops[i].at_m * (1 + defaults::kCapTurnSpread); ++k) here.push_back(stops[k]);
    if (here.size() > best.size()) best = std::move(here);
  }
  return best;
}

/// Signal in hand where they stopped: above the sensitivity as far as that is known, or of clearly different setups.
bool signalInHand(const LinkWork& w, const std::vector<Stop>& stops) {
  std::map<std::string, std::pair<double, int>> by_setup;
  double least = INFINITY;
  for (const Stop& s : stops) {
    if (!std::isfinite(s.signal_dbm)) continue;
    auto& [sum, n] = by_setup[w.campaign.runs[s.run].setup];
    sum += s.signal_dbm;
    ++n;
    least = std::min(least, s.signal_dbm);
  }
  if (by_setup.empty()) return false;
  if (const auto critical = campaign::criticalFromKit(w.link)) return least > *critical + defaults::kCapHeadroom_db;
  double low = INFINITY, high = -INFINITY;
  for (const auto& [setup, mean] : by_setup) low = std::min(low, mean.first / mean.second), high = std::max(high, mean.first / mean.second);
  return high - low >= defaults::kCapHeadroom_db;
}

/// Nothing at or beyond it says anything of the radio: a failure there is a flight that was still good.
void takeOut(LinkReduction& r, double cap_m, int path_place) {
  for (auto* failure : {&r.quality_failure, &r.bitrate_failure})
    if (*failure && (*failure)->failed && (*failure)->distance_m >= cap_m * (1 - defaults::kCapTurnSpread)) {
      (*failure)->failed = false;
      (*failure)->distance_m = cap_m;
    }
  const int last = path_place + static_cast<int>(cap_m * (1 - defaults::kCapTurnSpread) / defaults::kCellWidth_m) - 1;
  for (estimate::FlightCells* leg : {&r.cells.both, &r.cells.out, &r.cells.back})
    std::erase_if(leg->cells, [&](const Cell& cell) { return cell.index > last; });
  std::erase_if(r.cells.last, [&](const Cell& cell) { return cell.index > last; });
  for (auto* looks : {&r.quality_looks, &r.bitrate_looks})
    std::erase_if(*looks, [&](const StretchLook& look) { return look.index > last; });
}

void tell(LinkWork& w, const Cap& cap, const char* code) {
  w.warn(code, {{"distance", cap.at_m, quantity::Unit::Metre},
                {"runs", cap.runs.size()},
                {"signal", cap.signal_dbm, quantity::Unit::Dbm}},
         cap.runs.size() == 1 ? cap.runs.front() : std::string());
}

void addCap(LinkWork& w, const std::vector<Stop>& stops) {
  Cap cap{w.link.id};
  std::set<std::string> setups;
  double sum = 0, signal = INFINITY;
  for (const Stop& s : stops) {
    sum += s.at_m;
    if (std::isfinite(s.signal_dbm)) signal = std::min(signal, s.signal_dbm);
    cap.runs.push_back(w.campaign.runs[s.run].id);
    setups.insert(w.campaign.runs[s.run].setup);
  }
  cap.at_m = sum / static_cast<double>(stops.size());
  cap.signal_dbm = std::isfinite(signal) ? signal : NAN;
  cap.critical_dbm = campaign::criticalFromKit(w.link).value_or(NAN);
  cap.setups.assign(setups.begin(), setups.end());
  for (const Stop& s : stops)
    takeOut(w.result.reductions[s.run].links.at(w.link.id), cap.at_m, firstPlaceOf(w.campaign, w.campaign.runs[s.run]));
  tell(w, cap, "equipment-limit");
  w.result.caps.push_back(std::move(cap));
}

}  // namespace

void findCaps(LinkWork& w) {
  const std::vector<Stop> stops = stopsOf(w), alike = together(stops);
  std::set<std::string> setups;
  for (const Stop& s : alike) setups.insert(w.campaign.runs[s.run].setup);
  const bool shared = static_cast<int>(alike.size()) >= defaults::kCapMinFlights && setups.size() >= 2 && signalInHand(w, alike);
  if (shared) addCap(w, alike);
  std::set<std::size_t> told;
  if (shared)
    for (const Stop& s : alike) told.insert(s.run);
  for (const Stop& s : stops) {
    const bool said = w.campaign.runs[s.run].ended == campaign::Ended::EquipmentCap;
    if (told.contains(s.run)) continue;
    if (said) takeOut(w.result.reductions[s.run].links.at(w.link.id), s.at_m, firstPlaceOf(w.campaign, w.campaign.runs[s.run]));
    const auto critical = campaign::criticalFromKit(w.link);
    if (!said && critical && s.signal_dbm > *critical + defaults::kCapHeadroom_db)
      tell(w, {w.link.id, s.at_m, {w.campaign.runs[s.run].id}, {}, s.signal_dbm, *critical}, "stopped-sharply");
  }
}

}  // namespace distanz::analysis

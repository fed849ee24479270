#include <algorithm>
#include <cmath>
#include <set>

#include "core/analysis/compare/link_work.h"
#include "core/analysis/reduce/reduction.h"
#include "core/quantity/unit.h"

namespace distanz::analysis {
namespace {

using namespace estimate;

struct Stop {
  std::size_t run;
  SharpStop seen;
};

std::vector<Stop> stopsOf(const LinkWork& w) {
  std::vector<Stop> out;
  for (const std::size_t run : w.runs)
    if (const auto& stop = w.reduced(run).beyond.end.stop; stop && stop->at_m >= defaults::kNearField_m) {
      out.push_back({run, *stop});
      // As it was received: what full power would have is not in hand.
      out.back().seen.signal_dbm -= w.reduced(run).reduced_db;
      out.back().seen.signal_beyond_dbm -= w.reduced(run).reduced_db;
    } else if (w.campaign.runs[run].ended == campaign::Ended::EquipmentCap)
      out.push_back({run, {{}, w.result.reductions[run].farthest_m, w.result.reductions[run].farthest_along_m}});
  std::sort(out.begin(), out.end(), [](const Stop& a, const Stop& b) { return a.seen.at_m < b.seen.at_m; });
  return out;
}

/// How far apart two places may lie and still be one.
double spread_m(double at_m) {
  return std::max(defaults::kCapTurnSpread * at_m, defaults::kCapPlace_m);
}

/// Takes out the most stops that lie at one place. @param stops by distance
std::vector<Stop> takeTogether(std::vector<Stop>& stops) {
  std::size_t begin = 0, end = 0;
  for (std::size_t i = 0, k = 0; i < stops.size(); ++i) {
    while (k < stops.size() && stops[k].seen.at_m <= stops[i].seen.at_m + spread_m(stops[i].seen.at_m)) ++k;
    if (k - i > end - begin) begin = i, end = k;
  }
  const auto first = stops.begin() + std::ptrdiff_t(begin), last = stops.begin() + std::ptrdiff_t(end);
  std::vector<Stop> out(first, last);
  stops.erase(first, last);
  return out;
}

std::set<std::string> setupsOf(const LinkWork& w, const std::vector<Stop>& stops) {
  std::set<std::string> out;
  for (const Stop& s : stops) out.insert(w.campaign.runs[s.run].setup);
  return out;
}

/// Of what is known of each: the mean; NaN where nothing is.
template <class Value>
double meanOf(const std::vector<Stop>& stops, Value value) {
  double sum = 0;
  int n = 0;
  for (const Stop& s : stops)
    if (const double v = value(s.seen); std::isfinite(v)) sum += v, ++n;
  return n > 0 ? sum / n : NAN;
}

/// Clearly different setups stopped at one place.
bool setupsDiffer(const LinkWork& w, const std::vector<Stop>& stops) {
  if (static_cast<int>(stops.size()) < defaults::kCapMinFlights) return false;
  double low = INFINITY, high = -INFINITY;
  for (const std::string& setup : setupsOf(w, stops)) {
    std::vector<Stop> own;
    std::copy_if(stops.begin(), stops.end(), std::back_inserter(own), [&](const Stop& s) { return w.campaign.runs[s.run].setup == setup; });
    const double level = meanOf(own, [](const SharpStop& s) { return s.signal_dbm; });
    if (std::isfinite(level)) low = std::min(low, level), high = std::max(high, level);
  }
  return high - low >= defaults::kCapHeadroom_db;
}

/// It was not the radio that got too weak: by the sensitivity, by setups that differ, by a signal that went on, or by
/// figures that were good all the way to it and gone for long after.
bool notTheRadio(const LinkWork& w, const std::vector<Stop>& stops) {
  const auto all = [&](const auto& of) { return std::all_of(stops.begin(), stops.end(), [&](const Stop& s) { return of(s.seen); }); };
  if (const auto critical = campaign::criticalFromKit(w.link)) {
    double least = INFINITY;
    for (const Stop& s : stops)
      if (std::isfinite(s.seen.signal_dbm)) least = std::min(least, s.seen.signal_dbm);
    if (std::isfinite(least)) return least > *critical + defaults::kCapHeadroom_db;
  }
  if (setupsDiffer(w, stops)) return true;
  if (!all([](const SharpStop& s) { return s.clean; })) return false;
  if (all([](const SharpStop& s) { return s.signal_beyond_dbm >= s.signal_dbm - defaults::kCapSteady_db; })) return true;
  return all([](const SharpStop& s) { return s.channel != log::channel::kRssi && s.beyond_m >= defaults::kCapBeyond * s.at_m; });
}

/// In a flight of one of these setups the figure that stopped was good beyond it.
bool passed(const LinkWork& w, const std::vector<Stop>& stops) {
  const std::set<std::string> setups = setupsOf(w, stops);
  const SharpStop& last = stops.back().seen;
  return std::any_of(w.runs.begin(), w.runs.end(), [&](std::size_t run) {
    const auto& good = w.reduced(run).beyond.end.good_to_m;
    const auto to_m = good.find(last.channel);
    return setups.contains(w.campaign.runs[run].setup) && to_m != good.end() && to_m->second > last.at_m + spread_m(last.at_m);
  });
}

/// Nothing at or beyond it says anything of the radio. @param open a failure there is a flight that was still good
void takeOut(LinkReduction& r, const Cap& cap, bool open, int path_place) {
  for (auto& [part, seen] : r.rule)
    if (auto& failure = seen.failure; failure && failure->failed && failure->distance_m >= cap.at_m - spread_m(cap.at_m)) {
      failure->failed = !open;
      failure->distance_m = cap.at_m;
    }
  const int last = path_place + static_cast<int>((cap.along_m - spread_m(cap.along_m)) / defaults::kCellWidth_m) - 1;
  for (estimate::FlightCells* leg : {&r.cells.both, &r.cells.out, &r.cells.back})
    std::erase_if(leg->cells, [&](const Cell& cell) { return cell.index > last; });
  std::erase_if(r.cells.last, [&](const Cell& cell) { return cell.index > last; });
  for (auto& [part, seen] : r.rule)
    std::erase_if(seen.looks, [&](const StretchLook& look) { return look.index > last; });
}

void tell(LinkWork& w, const Cap& cap, const char* code) {
  std::vector<Argument> about{{"distance", cap.at_m, quantity::Unit::Metre}, {"runs", cap.runs.size()}};
  if (std::isfinite(cap.signal_dbm)) about.emplace_back("signal", cap.signal_dbm, quantity::Unit::Dbm);
  w.warn(code, std::move(about), cap.runs.size() == 1 ? cap.runs.front() : std::string());
}

/// Behind it nothing is known of these setups. @param open their radio may carry on: by whatever setup, or by what the
/// pilot says, the equipment stops there; else the setup itself ends there, for whatever reason
void endAt(LinkWork& w, const std::vector<Stop>& stops, bool open, const char* code) {
  Cap cap{w.link.id};
  const std::set<std::string> setups = setupsOf(w, stops);
  double signal = INFINITY;
  for (const Stop& s : stops) {
    if (std::isfinite(s.seen.signal_dbm)) signal = std::min(signal, s.seen.signal_dbm);
    cap.runs.push_back(w.campaign.runs[s.run].id);
  }
  cap.at_m = meanOf(stops, [](const SharpStop& s) { return s.at_m; });
  cap.along_m = meanOf(stops, [](const SharpStop& s) { return s.along_m; });
  cap.signal_dbm = std::isfinite(signal) ? signal : NAN;
  cap.critical_dbm = campaign::criticalFromKit(w.link).value_or(NAN);
  cap.setups.assign(setups.begin(), setups.end());
  for (const Stop& s : stops)
    takeOut(w.result.reductions[s.run].links.at(w.link.id), cap, open, firstPlaceOf(w.campaign, w.campaign.runs[s.run]));
  for (std::size_t s = 0; s < w.campaign.setups.size(); ++s)
    if (setups.contains(w.campaign.setups[s].id)) {
      const auto end = w.ends.emplace(static_cast<int>(s), LinkWork::End{cap.at_m, cap.along_m, open}).first;
      if (cap.at_m < end->second.at_m) end->second = {cap.at_m, cap.along_m, open};
    }
  if (code) tell(w, cap, code);
  w.result.caps.push_back(std::move(cap));
}

const char* codeOf(const std::vector<Stop>& stops, bool shared) {
  if (!shared) return "equipment-limit-possible";
  return std::isfinite(meanOf(stops, [](const SharpStop& s) { return s.signal_dbm; })) ? "equipment-limit" : "equipment-limit-unheard";
}

/// One that stands by itself: as the pilot says, else a question.
void lookAlone(LinkWork& w, const Stop& s) {
  const campaign::Run& run = w.campaign.runs[s.run];
  if (run.ended == campaign::Ended::EquipmentCap) {
    if (!passed(w, {s})) endAt(w, {s}, true, nullptr);  // that the pilot says so is told with the run
    return;
  }
  const auto critical = campaign::criticalFromKit(w.link);
  if (critical && s.seen.signal_dbm > *critical + defaults::kCapHeadroom_db)
    tell(w, {w.link.id, s.seen.at_m, s.seen.along_m, {run.id}, {}, s.seen.signal_dbm, *critical}, "stopped-sharply");
}

}  // namespace

void findCaps(LinkWork& w) {
  std::vector<Stop> left = stopsOf(w);
  while (!left.empty()) {
    const std::vector<Stop> alike = takeTogether(left);
    const bool shared = setupsOf(w, alike).size() > 1;
    if (alike.size() > 1 && notTheRadio(w, alike) && !passed(w, alike))
      endAt(w, alike, shared, codeOf(alike, shared));
    else
      for (const Stop& s : alike) lookAlone(w, s);
  }
}

}  // namespace distanz::analysis

#include <cmath>
#include <nlohmann/json.hpp>

#include "cli/analysis_json.h"
#include "cli/command.h"
#include "core/analysis/findings/beyond.h"
#include "core/analysis/reduce/reduction.h"
#include "core/analysis/result/words.h"
#include "core/log/sides.h"

namespace distanz::cli {
namespace {

json passJson(const analysis::SegmentPassSeen& p) {
  const bool dbm = p.seen.figure == log::PassFigure::Signal;
  return {{"run", p.run}, {"lap", p.lap}, {"way", p.out ? "out" : "back"}, {"signal_dbm", orNull(dbm ? p.seen.mean : NAN)}, {"worst_second_dbm", orNull(dbm ? p.seen.worst_second : NAN)},
          {"mean", orNull(p.seen.mean)},
          {"usable_share", orNull(p.seen.usable_share)}, {"dropouts", p.seen.dropouts}};
}

json segmentJson(const analysis::SegmentOnLink& s) {
  const bool dbm = s.figure == log::PassFigure::Signal;
  json out = {{"setup", s.setup}, {"link", s.link}, {"path", s.path}, {"segment", s.segment}, {"from_m", s.from_m}, {"to_m", s.to_m}, {"flights", s.flights},
              {"signal_dbm", intervalJson(dbm ? s.mean : std::nullopt)}, {"usable_pct", intervalJson(s.usable_pct)},
              {"worst_second_dbm", orNull(dbm ? s.worst : std::nullopt)}, {"unit", quantity::symbolOf(analysis::unitOf(s.figure))},
              {"mean", intervalJson(s.mean)}, {"worst_second", orNull(s.worst)},
              {"dropouts_per_pass", orNull(s.dropouts)}, {"passes", json::array()}};
  for (const auto& p : s.passes) out["passes"].push_back(passJson(p));
  return out;
}

json segmentPairJson(const analysis::SegmentPair& p) {
  return {{"a", p.a}, {"b", p.b}, {"link", p.link}, {"path", p.path}, {"segment", p.segment}, {"delta_db", intervalJson(p.figure == log::PassFigure::Signal ? std::optional(p.delta) : std::nullopt)},
          {"delta", intervalJson(p.delta)}, {"unit", quantity::symbolOf(analysis::differenceUnitOf(p.figure))},
          {"verdict", analysis::word(p.verdict)}, {"p_value", orNull(p.p_value)}, {"holds_for_all", p.holds_for_all}, {"spread_assumed", p.spread_assumed},
          {"more_pairs_needed", p.more_pairs}};
}

json sectorsJson(const std::vector<std::optional<estimate::Interval>>& effects) {
  json out = json::array();
  for (std::size_t s = 0; s < effects.size(); ++s) {
    if (!effects[s]) continue;
    json one = intervalJson(effects[s]);
    one["angle_deg"] = double(s) * log::kSector_deg;
    out.push_back(std::move(one));
  }
  return out;
}

json sidesJson(const analysis::SidesOnLink& s) {
  return {{"setup", s.setup}, {"link", s.link}, {"flights", s.flights}, {"by_heading", s.by_heading}, {"side_db", sectorsJson(s.side_db)},
          {"bearing_db", sectorsJson(s.bearing_db)}, {"turn_db", orNull(s.turn_db)}, {"explained_db", orNull(s.explained_db)}};
}

json stepJson(const analysis::StepsOnLink& s) {
  json shares = json::array();
  for (const auto& [value, share] : s.share) shares.push_back({{"value", value}, {"share", share}});
  return {{"setup", s.setup}, {"link", s.link}, {"channel", s.channel}, {"power_mw", orNull(s.power_mw)}, {"flights", s.flights}, {"stepped", s.stepped},
          {"first_m", intervalJson(s.first_m)}, {"at_least_m", orNull(s.at_least_m)}, {"farthest_m", s.farthest_m}, {"time_in", shares}};
}

json freezeJson(const analysis::FreezesOnLink& f) {
  json stretches = json::array();
  for (const auto& s : f.stretches) stretches.push_back({{"from_m", s.from_m}, {"flown_m", s.flown_m}, {"freezes", s.freezes}});
  return {{"setup", f.setup}, {"link", f.link}, {"flights", f.flights}, {"freezes", f.freezes}, {"flown_m", f.flown_m}, {"per_km", intervalJson(f.per_km)},
          {"lost_at_m", orNull(f.lost_m)}, {"regained_at_m", orNull(f.regained_m)}, {"longest_s", f.longest_s}, {"per_100_m", stretches}};
}

json energyJson(const std::string& run, const log::EnergyUse& e) {
  return {{"run", run}, {"out_mah_km", orNull(e.out_mah_km)}, {"back_mah_km", orNull(e.back_mah_km)}, {"both_mah_km", orNull(e.both_mah_km)},
          {"total_mah", orNull(e.total_mah)}, {"headwind_out_mps", orNull(analysis::headwindOut_mps(e))}, {"first_v", orNull(e.first_v)}, {"lowest_v", orNull(e.lowest_v)}};
}

json distancesJson(const std::string& run, const log::Distances& d) {
  return {{"run", run}, {"slant_m", orNull(d.slant_m)}, {"horizontal_m", orNull(d.horizontal_m)}, {"along_path_m", orNull(d.along_m)}, {"travelled_m", orNull(d.travelled_m)}};
}

}  // namespace

std::vector<Finding> beyondFindings(const campaign::Campaign& c, const analysis::CampaignAnalysis& a) {
  std::vector<Finding> out;
  for (const campaign::Link& link : c.links)
    for (const auto& told : {analysis::segmentsTold(c, a, link.id), analysis::sidesTold(c, a, link.id), analysis::stepsTold(c, a, link.id)})
      for (const Finding& f : told)
        if (f.code != "segments-none") out.push_back(f);
  for (Finding& f : analysis::energyTold(c, a)) out.push_back(std::move(f));
  return out;
}

json beyondJson(const campaign::Campaign& c, const analysis::CampaignAnalysis& a) {
  json out;
  for (const char* key : {"segments", "segment_comparisons", "sides", "steps", "freezes", "lived_on", "caps", "energy", "farthest", "findings"}) out[key] = json::array();
  for (const auto& s : a.segments) out["segments"].push_back(segmentJson(s));
  for (const auto& p : a.segment_pairs) out["segment_comparisons"].push_back(segmentPairJson(p));
  for (const auto& s : a.sides) out["sides"].push_back(sidesJson(s));
  for (const auto& s : a.steps) out["steps"].push_back(stepJson(s));
  for (const auto& f : a.freezes) out["freezes"].push_back(freezeJson(f));
  for (const auto& l : a.lived_on)
    out["lived_on"].push_back({{"run", l.run}, {"picture_link", l.picture_link}, {"link", l.link}, {"frozen_at_m", l.frozen_at_m}, {"alive_to_m", l.alive_to_m}});
  for (const auto& cap : a.caps)
    out["caps"].push_back({{"link", cap.link}, {"at_m", cap.at_m}, {"along_m", cap.along_m}, {"runs", cap.runs}, {"setups", cap.setups}, {"signal_dbm", orNull(cap.signal_dbm)}, {"critical_dbm", orNull(cap.critical_dbm)}});
  for (std::size_t i = 0; i < c.runs.size() && i < a.reductions.size(); ++i) {
    const auto& r = a.reductions[i];
    if (std::isfinite(r.energy.total_mah) || std::isfinite(r.energy.first_v)) out["energy"].push_back(energyJson(c.runs[i].id, r.energy));
    if (!r.refused) out["farthest"].push_back(distancesJson(c.runs[i].id, r.farthest));
  }
  for (const Finding& f : beyondFindings(c, a)) out["findings"].push_back(saidJson(f));
  return out;
}

}  // namespace distanz::cli

#include "cli/analysis_json.h"

#include <cmath>
#include <nlohmann/json.hpp>

#include "cli/command.h"
#include "core/analysis/findings/findings.h"
#include "core/analysis/result/words.h"
#include "formats/finding_json.h"
#include "words/say.h"

namespace distanz::cli {
namespace {

json range(const analysis::RangeAnswer& r) {
  return {{"estimate", orNull(r.estimate_m)},
          {"low", orNull(r.low_m)},
          {"high", orNull(r.high_m)},
          {"at_least", orNull(r.at_least_m)},
          {"status", analysis::word(r.status)}};
}

json answerJson(const analysis::CampaignAnalysis& a, const analysis::SetupAnswer& s) {
  const analysis::SetupOnLink* limit = a.limiting(s.setup);
  json out = {
      {"setup", s.setup}, {"limiting_link", nullptr}, {"limited_by", nullptr}, {"next_link", nullptr}};
  if (!s.link.empty()) out["limiting_link"] = s.link;
  if (limit && !limit->limited_by.empty()) out["limited_by"] = limit->limited_by;
  out["typical_range_m"] = range(s.typical);
  out["dependable_range_m"] = range(s.dependable);
  out["plan_with_m"] = orNull(s.plan_m);
  if (!s.next_link.empty()) out["next_link"] = s.next_link;
  out["next_over_limiting"] = intervalJson(s.next_factor);
  out["unknown_links"] = s.unknown_links;
  return out;
}

json legJson(const analysis::LegDifference& l) {
  std::optional<estimate::Interval> difference;
  if (l.back_over_out.flights > 0) difference = l.back_over_out.difference_db;
  return {{"setup", l.setup},
          {"link", l.link},
          {"flights", l.back_over_out.flights},
          {"back_over_out_db", intervalJson(difference)},
          {"turn_db", orNull(l.turn_db)},
          {"lost_at_m", orNull(l.lost_m)},
          {"regained_at_m", orNull(l.regained_m)},
          {"gap_m", orNull(l.gap_m)}};
}

json reducedJson(const analysis::ReducedPower& r) {
  return {{"setup", r.setup},
          {"link", r.link},
          {"reduction_db", r.reduction_db},
          {"runs", r.runs},
          {"reduced_range_m", intervalJson(r.reduced_m)},
          {"full_power_range_m", intervalJson(r.full_m)},
          {"range_factor", intervalJson(r.factor)},
          {"exponent_assumed", r.exponent_assumed}};
}

json setupJson(const analysis::CampaignAnalysis& a, const analysis::SetupOnLink& s) {
  return {{"setup", s.setup},
          {"link", s.link},
          {"typical_range_m", range(s.typical)},
          {"dependable_range_m", range(s.dependable)},
          {"elsewhere_typical_range_m", range(s.elsewhere_typical)},
          {"elsewhere_dependable_range_m", range(s.elsewhere_dependable)},
          {"confidence", s.typical.confidence},
          {"dependability", a.dependability},
          {"exponent", intervalJson(s.exponent)},
          {"critical_dbm", orNull(s.critical_dbm)},
          {"critical_interval_dbm", intervalJson(s.critical_interval_dbm)},
          {"critical_reading", intervalJson(s.critical_reading)},
          {"on_own_scale", s.onScale()},
          {"farthest_flown_m", s.farthest_m},
          {"equipment_stops_at_m", s.stops_m ? json(*s.stops_m) : json()},
          {"runs_used", s.runs_used},
          {"basis", analysis::word(s.basis)}};
}

json pairJson(const analysis::CampaignAnalysis& a, const analysis::PairOnLink& p) {
  return {{"a", p.a},
          {"b", p.b},
          {"link", p.link},
          {"delta_db", intervalJson(p.delta_db)},
          {"range_ratio", intervalJson(p.ratio)},
          {"elsewhere_range_ratio", intervalJson(p.elsewhere_ratio)},
          {"verdict", analysis::word(p.verdict)},
          {"p_value", orNull(p.p_value)},
          {"holds_for_all", p.holds_for_all},
          {"practical_threshold", a.practical_threshold},
          {"more_pairs_needed", p.more_pairs},
          {"equipment_stops_both_at_m", p.stopped_m ? json(*p.stopped_m) : json()}};
}

json togetherJson(const analysis::SetupPair& p) {
  if (!p.together) return nullptr;
  return {{"range_ratio", intervalJson(p.together->ratio)}, {"verdict", analysis::word(p.together->verdict)}};
}

json setupPairJson(const analysis::CampaignAnalysis& a, const analysis::SetupPair& p) {
  return {{"a", p.a},
          {"b", p.b},
          {"links", p.links},
          {"links_power_unknown", p.hidden_links},
          {"link_that_differs", p.own_link.empty() ? json(nullptr) : json(p.own_link)},
          {"all_links", togetherJson(p)},
          {"pairs", p.pairs},
          {"range_ratio", intervalJson(p.ratio)},
          {"verdict", analysis::word(p.verdict)},
          {"p_value", orNull(p.p_value)},
          {"holds_for_all", p.holds_for_all},
          {"practical_threshold", a.practical_threshold}};
}

json holeJson(const analysis::Hole& h) {
  return {{"link", h.link},
          {"from_m", h.from_m},
          {"to_m", h.to_m},
          {"flights_failed", h.failed},
          {"flights", h.flights},
          {"setups", h.setups},
          {"returns", h.returns},
          {"in_the_way", h.in_the_way},
          {"two_ray_null_m", orNull(h.null_m)}};
}

json interferenceJson(const analysis::Interference& i) {
  return {{"link", i.link},       {"from_m", i.from_m}, {"to_m", i.to_m}, {"flights_failed", i.runs.size()},
          {"flights", i.flights}, {"runs", i.runs}};
}

json runJson(const analysis::RunResult& r) {
  return {{"run", r.run},
          {"used", r.used},
          {"why_not", r.why_not ? words::sentence(*r.why_not).toStdString() : ""},
          {"farthest_m", r.farthest_m},
          {"dropouts", r.dropouts},
          {"lost_at_m", orNull(r.lost_at_m)},
          {"regained_at_m", orNull(r.regained_at_m)},
          {"why_not_finding", r.why_not ? formats::findingJson(*r.why_not) : json(nullptr)}};
}

/// The keys that warnings always had, and what they are made of.
json warningJson(const Finding& f) {
  json out = {{"code", f.code}, {"run", f.run()}, {"text", words::sentence(f).toStdString()}};
  out.update(formats::findingJson(f));
  return out;
}

}  // namespace

json intervalJson(const std::optional<estimate::Interval>& i) {
  if (!i) return {{"estimate", nullptr}, {"low", nullptr}, {"high", nullptr}};
  return {{"estimate", orNull(i->estimate)}, {"low", orNull(i->low)}, {"high", orNull(i->high)}};
}

json saidJson(const Finding& f) {
  const words::Said said = words::say(f);
  json out = formats::findingJson(f);
  out["title"] = said.title.toStdString();
  out["text"] = said.text.toStdString();
  return out;
}

json analysisJson(const campaign::Campaign& campaign, const analysis::CampaignAnalysis& a, bool details) {
  json out = {{"distanz", DISTANZ_VERSION}, {"title", campaign.title}};
  for (const char* key : {"setups", "comparisons", "setup_comparisons", "holes", "interference", "runs",
                          "warnings", "findings"})
    out[key] = json::array();
  for (const auto& s : a.setups) out["setups"].push_back(setupJson(a, s));
  for (const auto& p : a.comparisons) out["comparisons"].push_back(pairJson(a, p));
  for (const auto& p : a.setup_comparisons) out["setup_comparisons"].push_back(setupPairJson(a, p));
  for (const auto& h : a.holes) out["holes"].push_back(holeJson(h));
  for (const auto& i : a.interference) out["interference"].push_back(interferenceJson(i));
  for (const auto& r : a.runs) out["runs"].push_back(runJson(r));
  for (const auto& w : a.warnings) out["warnings"].push_back(warningJson(w));
  for (const auto& f : analysis::findings(campaign, a)) out["findings"].push_back(saidJson(f));
  if (!details) return out;
  out["beyond_range"] = beyondJson(campaign, a);
  for (const char* key : {"answers", "paired", "legs", "reduced_power", "reduced_power_comparisons"}) out[key] = json::array();
  for (const auto& s : a.answers) out["answers"].push_back(answerJson(a, s));
  for (const auto& p : a.comparisons)
    if (p.paired_flights > 0)
      out["paired"].push_back({{"a", p.a}, {"b", p.b}, {"link", p.link}, {"flights", p.paired_flights}});
  for (const auto& l : a.legs) out["legs"].push_back(legJson(l));
  for (const auto& r : a.reduced) out["reduced_power"].push_back(reducedJson(r));
  for (const auto& r : a.reduced_pairs)
    out["reduced_power_comparisons"].push_back({{"a", r.a}, {"b", r.b}, {"link", r.link}, {"reduction_db", r.reduction_db}, {"range_ratio", intervalJson(r.ratio)}});
  return out;
}

}  // namespace distanz::cli

#include "cli/analysis_json.h"

#include <cmath>
#include <nlohmann/json.hpp>

#include "core/analysis/words.h"

namespace distanz::cli {
namespace {

using json = nlohmann::ordered_json;

json number(const std::optional<double>& value) {
  return value && std::isfinite(*value) ? json(*value) : json(nullptr);
}

json range(const analysis::RangeAnswer& r) {
  return {{"estimate", number(r.estimate_m)},
          {"low", number(r.low_m)},
          {"high", number(r.high_m)},
          {"at_least", number(r.at_least_m)},
          {"status", analysis::word(r.status)}};
}

json interval(const std::optional<estimate::Interval>& i) {
  if (!i) return {{"estimate", nullptr}, {"low", nullptr}, {"high", nullptr}};
  return {{"estimate", number(i->estimate)}, {"low", number(i->low)}, {"high", number(i->high)}};
}

json setupJson(const analysis::CampaignAnalysis& a, const analysis::SetupOnLink& s) {
  return {{"setup", s.setup},
          {"link", s.link},
          {"typical_range_m", range(s.typical)},
          {"dependable_range_m", range(s.dependable)},
          {"confidence", a.confidence},
          {"dependability", a.dependability},
          {"exponent", interval(s.exponent)},
          {"critical_dbm", number(s.critical_dbm)},
          {"farthest_flown_m", s.farthest_m},
          {"runs_used", s.runs_used},
          {"basis", analysis::word(s.basis)}};
}

json pairJson(const analysis::CampaignAnalysis& a, const analysis::PairOnLink& p) {
  return {{"a", p.a},
          {"b", p.b},
          {"link", p.link},
          {"delta_db", interval(p.delta_db)},
          {"range_ratio", interval(p.ratio)},
          {"verdict", analysis::word(p.verdict)},
          {"practical_threshold", a.practical_threshold},
          {"more_pairs_needed", p.more_pairs}};
}

json runJson(const analysis::RunResult& r) {
  return {{"run", r.run},
          {"used", r.used},
          {"why_not", r.why_not},
          {"farthest_m", r.farthest_m},
          {"dropouts", r.dropouts},
          {"lost_at_m", number(r.lost_at_m)},
          {"regained_at_m", number(r.regained_at_m)}};
}

}  // namespace

json analysisJson(const campaign::Campaign& campaign, const analysis::CampaignAnalysis& a) {
  json out = {{"distanz", DISTANZ_VERSION}, {"title", campaign.title}};
  for (const char* key : {"setups", "comparisons", "runs", "warnings"}) out[key] = json::array();
  for (const auto& s : a.setups) out["setups"].push_back(setupJson(a, s));
  for (const auto& p : a.comparisons) out["comparisons"].push_back(pairJson(a, p));
  for (const auto& r : a.runs) out["runs"].push_back(runJson(r));
  for (const auto& w : a.warnings) out["warnings"].push_back({{"code", w.code}, {"run", w.run}, {"text", w.text}});
  return out;
}

}  // namespace distanz::cli

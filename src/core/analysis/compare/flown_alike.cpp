#include "core/analysis/compare/flown_alike.h"

#include <cmath>
#include <map>

#include "core/analysis/reduce/reduction.h"
#include "core/estimate/robust.h"
#include "core/quantity/unit.h"

namespace distanz::analysis {
namespace {

using quantity::Unit;

constexpr std::size_t kLeastRuns = 3;
constexpr double kOtherHeight_m = 10, kOtherHeightShare = 0.2, kOtherSpeed_mps = 2, kOtherSpeedShare = 0.3;
constexpr double kOtherHeading_deg = 25, kBeside_m = 25;
constexpr double kHeightHeld_m = 15, kHeightHeldShare = 0.3;

struct Look {
  const char* code;
  Unit unit;
  double RunReduction::* value;
  double least, share;  ///< so much off the usual is other: the larger of both
  bool turns = false;   ///< an angle
};

constexpr Look kLooks[] = {
    {"other-height", Unit::Metre, &RunReduction::height_m, kOtherHeight_m, kOtherHeightShare},
    {"other-speed", Unit::MetrePerSecond, &RunReduction::speed_mps, kOtherSpeed_mps, kOtherSpeedShare},
    {"other-heading", Unit::Degree, &RunReduction::heading_deg, kOtherHeading_deg, 0, true},
    {"other-side", Unit::Metre, &RunReduction::side_m, kBeside_m, 0},
};

/// Angles are taken as they lie about the first.
double offset(const Look& look, double value, double from) {
  return look.turns ? std::remainder(value - from, 360) : value - from;
}

void lookAt(const Look& look, const campaign::Campaign& campaign, const std::vector<std::size_t>& runs, CampaignAnalysis& result) {
  std::vector<std::size_t> known;
  for (const std::size_t run : runs)
    if (std::isfinite(result.reductions[run].*look.value)) known.push_back(run);
  if (known.size() < kLeastRuns) return;
  const double first = result.reductions[known.front()].*look.value;
  for (const std::size_t run : known) {
    std::vector<double> rest;
    for (const std::size_t other : known)
      if (other != run) rest.push_back(offset(look, result.reductions[other].*look.value, first));
    const double off = offset(look, result.reductions[run].*look.value, first), usual = estimate::median(std::move(rest));
    const double far = look.turns ? std::abs(std::remainder(off - usual, 360)) : std::abs(off - usual);
    if (!(far > std::max(look.least, look.share * std::abs(usual + (look.turns ? 0 : first))))) continue;
    const double flown = result.reductions[run].*look.value, told = usual + first;
    result.warnings.push_back(finding(look.code, {{"flown", flown, look.unit}, {"usual", look.turns ? std::fmod(told + 360, 360) : told, look.unit}},
                                      {"run", campaign.runs[run].id}));
  }
}

}  // namespace

namespace {

/// One that climbed or sank on the way: distance and height are then mixed up.
void lookAtHeight(const campaign::Campaign& campaign, std::size_t run, CampaignAnalysis& result) {
  const RunReduction& r = result.reductions[run];
  const double range = r.height_high_m - r.height_low_m;
  if (!(range > std::max(kHeightHeld_m, kHeightHeldShare * std::abs(r.height_m)))) return;
  result.warnings.push_back(finding("height-not-held", {{"low", r.height_low_m, Unit::Metre}, {"high", r.height_high_m, Unit::Metre}}, {"run", campaign.runs[run].id}));
}

}  // namespace

void warnAboutFlying(const campaign::Campaign& campaign, const std::vector<bool>& used, CampaignAnalysis& result) {
  std::map<std::string, std::vector<std::size_t>> by_path;
  for (std::size_t i = 0; i < used.size(); ++i) {
    const campaign::Path* path = campaign::findPath(campaign, campaign.runs[i].path);
    // at reduced power people walk
    if (used[i] && campaign.runs[i].reduced_db.empty()) by_path[path ? path->id : std::string()].push_back(i);
  }
  for (const auto& [path, runs] : by_path)
    for (const Look& look : kLooks) lookAt(look, campaign, runs, result);
  for (const auto& [path, runs] : by_path)
    for (const std::size_t run : runs) lookAtHeight(campaign, run, result);
}

}  // namespace distanz::analysis

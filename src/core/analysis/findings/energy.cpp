#include <algorithm>
#include <cmath>
#include <map>

#include "core/analysis/findings/beyond.h"
#include "core/analysis/findings/named.h"
#include "core/analysis/reduce/reduction.h"
#include "core/estimate/robust.h"
#include "core/plan/energy.h"
#include "core/quantity/unit.h"

namespace distanz::analysis {
namespace {

constexpr int kLeastForWind = 4;
constexpr double kLeastWind_mps = 1.5;  // between the calmest and the windiest flight

/// Of one setup's flights.
struct Used {
  std::vector<double> out, back;
  double flown_m = 0;
};

std::map<std::string, Used> usedBySetup(const campaign::Campaign& c, const CampaignAnalysis& a) {
  std::map<std::string, Used> out;
  for (std::size_t i = 0; i < c.runs.size() && i < a.runs.size(); ++i) {
    const log::EnergyUse& e = a.reductions[i].energy;
    if (!a.runs[i].used || !std::isfinite(e.out_mah_km) || !std::isfinite(e.back_mah_km)) continue;
    Used& u = out[c.runs[i].setup];
    u.out.push_back(e.out_mah_km);
    u.back.push_back(e.back_mah_km);
    u.flown_m = std::max(u.flown_m, a.runs[i].farthest_m);
  }
  return out;
}

/// How the use on the way out follows the wind: slope by least squares, mAh/km for each m/s. None where too few flights
/// or too little wind tell it, or it is no more than their scatter.
std::optional<double> costOfWind(const CampaignAnalysis& a, int& flights) {
  std::vector<std::pair<double, double>> seen;
  for (std::size_t i = 0; i < a.runs.size(); ++i) {
    const double wind = headwindOut_mps(a.reductions[i].energy), use = a.reductions[i].energy.out_mah_km;
    if (a.runs[i].used && std::isfinite(wind) && std::isfinite(use)) seen.emplace_back(wind, use);
  }
  flights = static_cast<int>(seen.size());
  if (flights < kLeastForWind) return std::nullopt;
  const auto [calm, windy] = std::minmax_element(seen.begin(), seen.end());
  if (windy->first - calm->first < kLeastWind_mps) return std::nullopt;
  double mx = 0, my = 0, xx = 0, xy = 0, rest = 0;
  for (const auto& [x, y] : seen) mx += x / flights, my += y / flights;
  for (const auto& [x, y] : seen) xx += (x - mx) * (x - mx), xy += (x - mx) * (y - my);
  const double slope = xy / xx;
  for (const auto& [x, y] : seen) rest += std::pow(y - my - slope * (x - mx), 2);
  const double se = std::sqrt(rest / (flights - 2) / xx);
  return std::abs(slope) > 2 * se ? std::optional(slope) : std::nullopt;
}

}  // namespace

double headwindOut_mps(const log::EnergyUse& e) {
  if (!(e.out_mps > 0) || !(e.back_mps > 0)) return NAN;
  return -plan::windOfLegs(e.out_mps, e.back_mps).along_mps;
}

std::vector<Finding> energyTold(const campaign::Campaign& c, const CampaignAnalysis& a) {
  std::vector<Finding> out;
  for (auto& [setup, used] : usedBySetup(c, a)) {
    if (!c.plan.battery_mah) continue;
    const double away = estimate::median(used.out), home = estimate::median(used.back);
    const plan::Battery battery{*c.plan.battery_mah, c.plan.reserve_pct / 100, c.plan.beside_mah};
    const double turn_m = battery.usable_mah() / (away + home) * 1000;
    if (!(turn_m > 0)) continue;
    out.push_back(finding(turn_m >= used.flown_m ? "energy-allows" : "energy-stops",
                          {{"setup", setup}, metres("turn", turn_m), metres("flown", used.flown_m), {"out", away, quantity::Unit::None},
                           {"back", home, quantity::Unit::None}, {"flights", used.out.size()}},
                          {"setup", setup}));
  }
  int flights = 0;
  if (const auto cost = costOfWind(a, flights)) out.push_back(finding("energy-wind", {{"per", *cost, quantity::Unit::None}, {"flights", flights}}));
  if (!c.plan.battery_mah && std::any_of(a.reductions.begin(), a.reductions.end(), [](const RunReduction& r) { return std::isfinite(r.energy.out_mah_km); }))
    out.push_back(finding("energy-unknown"));
  return out;
}

}  // namespace distanz::analysis

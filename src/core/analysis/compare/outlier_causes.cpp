#include "core/analysis/compare/outlier_causes.h"

#include <algorithm>
#include <cmath>

#include "core/analysis/reduce/reduction.h"
#include "core/estimate/robust.h"
#include "core/quantity/decibel.h"

namespace distanz::analysis {
namespace {

using quantity::Unit;

constexpr double kLike = 0.4;         // an offset is a conversion's where it differs from it by no more than this share
constexpr double kBeyond = 4;         // spreads of the others
constexpr double kLeastHeight_m = 5, kLeastSide_m = 15;  // that GNSS tells apart
constexpr std::size_t kFewest = 2;    // others

struct Cause {
  double beyond = 0;
  Finding told;
};

/// How a flight's figure lies among the others'.
struct Among {
  double usual = NAN, beyond = 0;
};
Among among(double own, std::vector<double> others, double least) {
  std::erase_if(others, [](double v) { return !std::isfinite(v); });
  if (!std::isfinite(own) || others.size() < kFewest) return {};
  const double usual = estimate::median(others);
  for (double& v : others) v = std::abs(v - usual);
  const double spread = std::max(*std::max_element(others.begin(), others.end()), least);
  return {usual, std::abs(own - usual) > least ? std::abs(own - usual) / spread : 0};
}

bool explains(double conversion_db, double off_db) {
  return conversion_db * off_db > 0 && std::abs(off_db - conversion_db) <= kLike * std::abs(conversion_db);
}

}  // namespace

OutlierCauses outlierCauses(const campaign::Campaign& campaign, const std::string& link,
                            const Reductions& reductions, const std::vector<std::size_t>& runs,
                            std::size_t which, double off_db) {
  OutlierCauses out;
  const std::size_t own = runs[which];
  const RunReduction& r = reductions[own];
  const LinkReduction& l = r.links.at(link);
  if (const PowerUse& p = l.power; p.referred_share > 0 && !p.changed && explains(p.reference_dbm - p.low_dbm, off_db)) {
    out.by_conversion = true;
    out.causes.push_back(finding("cause-power", {{"flown", quantity::milliwattFromDbm(p.low_dbm), Unit::Milliwatt},
                                                 {"kit", quantity::milliwattFromDbm(p.reference_dbm), Unit::Milliwatt}}));
  }
  if (explains(l.reduced_db, off_db)) {
    out.by_conversion = true;
    out.causes.push_back(finding("cause-reduced", {{"reduced", l.reduced_db, Unit::Decibel}}));
  }
  std::vector<double> heights, sides;
  for (const std::size_t run : runs)
    if (run != own && campaign.runs[run].setup == campaign.runs[own].setup) {
      heights.push_back(reductions[run].height_m);
      sides.push_back(reductions[run].side_m);
    }
  std::vector<Cause> flown;
  if (const Among a = among(r.height_m, heights, kLeastHeight_m); a.beyond > kBeyond)
    flown.push_back({a.beyond, finding("cause-height", {{"height", r.height_m, Unit::Metre}, {"usual", a.usual, Unit::Metre}})});
  if (const Among a = among(r.side_m, sides, kLeastSide_m); a.beyond > kBeyond)
    flown.push_back({a.beyond, finding("cause-side", {{"side", std::abs(r.side_m - a.usual), Unit::Metre}})});
  std::stable_sort(flown.begin(), flown.end(), [](const Cause& a, const Cause& b) { return a.beyond > b.beyond; });
  for (Cause& c : flown) out.causes.push_back(std::move(c.told));
  return out;
}

}  // namespace distanz::analysis

#include "core/analysis/compare/own_breaks.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/analysis/reduce/reduction.h"
#include "core/estimate/stretch_look.h"

namespace distanz::analysis {
namespace {

using estimate::Verdict;

struct Breaks {
  double half_m = INFINITY, twentieth_m = INFINITY;
};

Breaks breaksOf(const campaign::Campaign& c, const CampaignAnalysis& a, const std::string& setup, const std::string& link,
                double allowed_m) {
  std::vector<double> at;
  for (std::size_t i = 0; i < c.runs.size(); ++i) {
    const campaign::Run& run = c.runs[i];
    if (run.setup != setup || !a.runs[i].used || run.legs == campaign::Legs::Back) continue;
    const auto on = a.reductions[i].links.find(link);
    if (on == a.reductions[i].links.end() || on->second.left_out || on->second.reduced_db > 0) continue;
    double broken = INFINITY;
    for (const auto& [part, seen] : on->second.rule) broken = std::min(broken, estimate::firstBroken_m(seen.looks, seen.measure.wanted(), firstPlaceOf(c, run), allowed_m));
    at.push_back(broken);
  }
  if (at.empty()) return {};
  std::sort(at.begin(), at.end());
  return {at[(at.size() - 1) / 2], at[(at.size() - 1) / 20]};
}

void keepTo(double most_m, RangeAnswer& r) {
  if (r.status == Status::Extrapolated && r.estimate_m && *r.estimate_m > most_m) r.status = Status::Measured;  // it was flown
  for (std::optional<double>* told : {&r.estimate_m, &r.low_m, &r.at_least_m})
    if (*told && **told > most_m) *told = most_m;
}

/// Nobody saw one of them end, and so nobody can tell which is longer.
bool open(const estimate::Interval& ratio) {
  return (!(ratio.low > 0) || !std::isfinite(ratio.high)) && ratio.low <= 1 && ratio.high >= 1;
}

template <class Pair>
void bearOut(Pair& p, double threshold) {
  if (!p.ratio || p.verdict == Verdict::Undecided) return;
  if (open(*p.ratio)) {
    p.ratio.reset();
    return;
  }
  const bool borne_out = p.verdict == Verdict::ABetter   ? p.ratio->low > 1
                         : p.verdict == Verdict::BBetter ? p.ratio->high < 1
                                                         : p.ratio->low >= 1 / (1 + threshold) && p.ratio->high <= 1 + threshold;
  if (!borne_out) p.verdict = Verdict::Undecided;
}

}  // namespace

void keepToOwnFlights(const campaign::Campaign& campaign, const std::vector<LinkWays>& ways, CampaignAnalysis& result) {
  std::map<std::string, Breaks> over_all;
  for (SetupOnLink& s : result.setups) {
    const auto way = std::find_if(ways.begin(), ways.end(), [&](const LinkWays& w) { return w.link == s.link; });
    const Breaks own = breaksOf(campaign, result, s.setup, s.link, way == ways.end() ? 0 : way->gap_m);
    keepTo(own.half_m, s.typical);
    keepTo(own.twentieth_m, s.dependable);
    Breaks& all = over_all[s.setup];
    all = {std::min(all.half_m, own.half_m), std::min(all.twentieth_m, own.twentieth_m)};
  }
  for (SetupAnswer& s : result.answers) {
    const Breaks& own = over_all[s.setup];
    keepTo(own.half_m, s.typical);
    keepTo(own.twentieth_m, s.dependable);
    if (s.plan_m) s.plan_m = std::min(*s.plan_m, own.twentieth_m);
  }
}

void agree(PairOnLink& pair, double practical_threshold) {
  bearOut(pair, practical_threshold);
}

void agree(SetupPair& pair, double practical_threshold) {
  bearOut(pair, practical_threshold);
  if (pair.together) bearOut(*pair.together, practical_threshold);
}

}  // namespace distanz::analysis

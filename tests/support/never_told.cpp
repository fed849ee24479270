#include "support/never_told.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/analysis/reduce/reduction.h"

namespace distanz::test {
namespace {

using analysis::CampaignAnalysis;
using analysis::RangeAnswer;
using estimate::Verdict;

constexpr double kRounding = 1.001;
constexpr double kOneCell = 1.06;  ///< a range is told between cells of a twentieth of the distance

struct Faults {
  std::vector<std::string> all;
  void when(bool wrong, std::string what) {
    if (wrong) all.push_back(std::move(what));
  }
};

/// Where a flight first broke a part of the rule on two stretches running on the way out: a fade of a second is no break.
double brokenAt(const analysis::RuleSeen& seen) {
  std::vector<const estimate::StretchLook*> out;
  for (const estimate::StretchLook& l : seen.looks)
    if (!l.back) out.push_back(&l);
  std::sort(out.begin(), out.end(), [](const auto* a, const auto* b) { return a->log_distance < b->log_distance; });
  for (std::size_t i = 0; i + 1 < out.size(); ++i)
    if (out[i]->kept < seen.measure.wanted() && out[i + 1]->kept < seen.measure.wanted()) return std::pow(10, out[i]->log_distance);
  return INFINITY;
}

/// Where each of the setup's counting flights first broke the link's rule; INFINITY where it did not.
std::vector<double> broke(const campaign::Campaign& c, const CampaignAnalysis& a, const std::string& setup, const std::string& link) {
  std::vector<double> out;
  for (std::size_t i = 0; i < c.runs.size(); ++i) {
    if (c.runs[i].setup != setup || !a.runs[i].used || !c.runs[i].reduced_db.empty()) continue;
    const auto& links = a.reductions[i].links;
    const auto on = links.find(link);
    if (on == links.end() || on->second.left_out) continue;
    double at = INFINITY;
    for (const auto& [part, seen] : on->second.rule)
      at = std::min(at, brokenAt(seen));
    out.push_back(at);
  }
  std::sort(out.begin(), out.end());
  return out;
}

double reachOf(const RangeAnswer& r) {
  return std::max(r.estimate_m.value_or(0), r.at_least_m.value_or(0));
}

void ranges(const std::string& who, const RangeAnswer& typical, const RangeAnswer& dependable, Faults& out) {
  for (const auto& [name, r] : {std::pair("median", &typical), std::pair("reliable", &dependable)}) {
    out.when(r->low_m && r->estimate_m && *r->low_m > *r->estimate_m * kRounding, fmt::format("{}: {} below its interval", who, name));
    out.when(r->high_m && r->estimate_m && *r->high_m * kRounding < *r->estimate_m, fmt::format("{}: {} above its interval", who, name));
    out.when(r->at_least_m && r->high_m && *r->at_least_m > *r->high_m * kRounding, fmt::format("{}: {} bound above its interval", who, name));
    out.when(r->estimate_m && !std::isfinite(*r->estimate_m), fmt::format("{}: {} is no number", who, name));
  }
  out.when(typical.estimate_m && dependable.estimate_m && *dependable.estimate_m > *typical.estimate_m * kRounding,
           fmt::format("{}: reliable beyond median", who));
}

void setupOnLink(const campaign::Campaign& c, const CampaignAnalysis& a, const analysis::SetupOnLink& s, Faults& out) {
  const std::string who = s.setup + " " + s.link;
  ranges(who, s.typical, s.dependable, out);
  const campaign::Link* link = campaign::findLink(c, s.link);
  const bool allows_gaps = link && (link->rule.gap_m || link->rule.gap_s);
  const std::vector<double> failed = broke(c, a, s.setup, s.link);
  if (failed.empty() || allows_gaps) return;
  // Half of the flights had failed there; one in twenty of fewer than twenty is the first of them.
  const double half = failed[(failed.size() - 1) / 2], twentieth = failed[(failed.size() - 1) / 20];
  out.when(reachOf(s.typical) > half * kOneCell, fmt::format("{}: median {:.0f} m, half failed by {:.0f} m", who, reachOf(s.typical), half));
  out.when(reachOf(s.dependable) > twentieth * kOneCell, fmt::format("{}: reliable {:.0f} m, one failed at {:.0f} m", who, reachOf(s.dependable), twentieth));
  if (s.stops_m)
    for (const RangeAnswer* r : {&s.typical, &s.dependable, &s.elsewhere_typical, &s.elsewhere_dependable})
      out.when(reachOf(*r) > *s.stops_m * kRounding, fmt::format("{}: {:.0f} m told from behind the stop at {:.0f} m", who, reachOf(*r), *s.stops_m));
  const auto holds = [&](const std::string& part) {
    for (std::size_t i = 0; i < c.runs.size(); ++i) {
      if (c.runs[i].setup != s.setup || !a.runs[i].used) continue;
      const auto on = a.reductions[i].links.find(s.link);
      if (on != a.reductions[i].links.end() && (on->second.rule.contains(part))) return true;
    }
    return false;
  };
  for (const char* part : {"quality", "bitrate", "picture"})
    out.when(s.limited_by == part && !holds(part), fmt::format("{}: limited by {}, which no log holds", who, part));
  out.when(s.onScale() && (s.critical_dbm || s.exponent), fmt::format("{}: dB of a scale that nobody calibrated", who));
}

template <class Pair>
void verdict(const std::string& who, const Pair& p, double threshold, Faults& out) {
  const bool better = p.verdict == Verdict::ABetter || p.verdict == Verdict::BBetter;
  if (p.ratio && better) {
    const double equal = p.verdict == Verdict::ABetter ? p.ratio->low : 1 / p.ratio->high;
    out.when(!(equal > 1 / kRounding), fmt::format("{}: better, and its ratio is {:.3f} to {:.3f}", who, p.ratio->low, p.ratio->high));
  }
  if (p.ratio && p.verdict == Verdict::NoPracticalDifference)
    out.when(1 / (1 + threshold) / kRounding > p.ratio->low || p.ratio->high > (1 + threshold) * kRounding,
             fmt::format("{}: no difference that matters, and its ratio is {:.3f} to {:.3f}", who, p.ratio->low, p.ratio->high));
  out.when(p.stopped_m && (better || p.ratio), fmt::format("{}: told though the equipment stopped both", who));
}

}  // namespace

std::vector<std::string> neverTold(const campaign::Campaign& c, const CampaignAnalysis& a) {
  Faults out;
  for (const analysis::SetupOnLink& s : a.setups) setupOnLink(c, a, s, out);
  for (const analysis::SetupAnswer& s : a.answers) {
    ranges(s.setup, s.typical, s.dependable, out);
    double flown_m = 0;
    for (std::size_t i = 0; i < c.runs.size(); ++i)
      if (c.runs[i].setup == s.setup) flown_m = std::max({flown_m, a.reductions[i].farthest_m, a.reductions[i].farthest_along_m});
    out.when(s.plan_m && *s.plan_m > flown_m * kRounding, s.setup + ": plan with more than was flown");
    out.when(s.plan_m && s.dependable.estimate_m && *s.plan_m > *s.dependable.estimate_m * kRounding, s.setup + ": plan with more than the reliable range");
  }
  for (const analysis::PairOnLink& p : a.comparisons) verdict(p.a + p.b + " " + p.link, p, a.practical_threshold, out);
  for (const analysis::SetupPair& p : a.setup_comparisons) verdict(p.a + p.b, p, a.practical_threshold, out);
  return out.all;
}

}  // namespace distanz::test

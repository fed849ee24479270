#include <cmath>

#include "core/analysis/findings/findings.h"
#include "core/analysis/findings/named.h"
#include "core/quantity/unit.h"
#include "core/radio/path_loss.h"

namespace distanz::analysis {

using estimate::Verdict;
using quantity::Unit;

namespace {

constexpr int kTooManyPairs = 20;
constexpr int kFlightsForUsefulInterval = 3;
constexpr double kPowerStep_db = 3;
const campaign::Run* lastOf(const campaign::Campaign& c, const Answers& a) {
  for (std::size_t i = c.runs.size(); i-- > 0;)
    if (a.runs[i].used) return &c.runs[i];
  return nullptr;
}

/// The pair on the deciding link that more flying would help most.
const PairOnLink* openPair(const Answers& a) {
  const PairOnLink* best = nullptr;
  for (const PairOnLink& p : a.comparisons)
    if (p.verdict == Verdict::Undecided && p.more_pairs > 0 && p.more_pairs <= kTooManyPairs &&
        (!best || p.more_pairs < best->more_pairs) && a.decides(p))
      best = &p;
  return best;
}

/// The setup told to the longest dependable range on its limiting link: by what may be told, never by an
/// estimate that may not.
const SetupOnLink* longest(const campaign::Campaign& c, const Answers& a) {
  const SetupOnLink* best = nullptr;
  for (const auto& s : c.setups) {
    const SetupOnLink* l = a.limiting(s.id);
    if (l && l->dependable.told_m() > 0 && (!best || l->dependable.told_m() > best->dependable.told_m()))
      best = l;
  }
  return best;
}

/// What the longest setup may be planned with, and what the rest of the path would cost.
Finding planWith(const campaign::Campaign& c, const SetupOnLink& best) {
  const double told = best.dependable.told_m();
  const std::vector<Argument> about{
      {"setup", best.setup}, {"name", nameOf(c, best.setup)}, {"told", told, Unit::Metre}};
  // A bound is no range: what lies beyond it cannot be counted in dB.
  if (!best.dependable.tellsEstimate()) return finding("plan-with-at-least", about, {"setup", best.setup});
  Finding out = finding("plan-with", about, {"setup", best.setup});
  if (!best.exponent) return out;
  const double n = best.exponent->estimate;
  const auto course = campaign::courseOf(c);
  if (course && course->farPost_m() > told)
    out.more.push_back(finding(
        "far-post-needs", {{"link", best.link},
                           {"distance", course->farPost_m(), Unit::Metre},
                           {"more", radio::decibelsForRatio(course->farPost_m() / told, n), Unit::Decibel}}));
  else
    out.more.push_back(finding("more-power-gains",
                               {{"link", best.link},
                                {"power", kPowerStep_db, Unit::Decibel},
                                {"gain", 100 * (radio::rangeRatio(kPowerStep_db, n) - 1), Unit::Percent}}));
  return out;
}

Finding flyPairs(const PairOnLink& p) {
  return finding(p.paired_flights > 0 ? "fly-both-aboard" : "fly-pairs",
                 {{"a", p.a}, {"b", p.b}, {"more", p.more_pairs}, {"how", finding("how-far")}},
                 {"link", p.link});
}

}  // namespace

Finding nextStep(const campaign::Campaign& c, const Answers& a) {
  if (!lastOf(c, a)) return finding("fly-first-pair");
  for (const campaign::Setup& s : c.setups)
    if (!a.limiting(s.id))
      return finding("fly-setup", {{"setup", s.id}, {"name", nameOf(c, s.id)}}, {"setup", s.id});
  for (const campaign::Setup& s : c.setups)
    if (const SetupOnLink* l = a.limiting(s.id); l->runs_used < kFlightsForUsefulInterval)
      return finding("fly-more-often",
                     {{"setup", s.id},
                      {"name", nameOf(c, s.id)},
                      {"more", kFlightsForUsefulInterval - l->runs_used},
                      {"flown", l->runs_used}},
                     {"setup", s.id});
  if (const PairOnLink* p = openPair(a)) return flyPairs(*p);
  if (const SetupOnLink* best = longest(c, a)) return planWith(c, *best);
  return finding("enter-the-sensitivity", {{"how", finding("how-far")}});
}

}  // namespace distanz::analysis

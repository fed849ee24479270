#include <fmt/format.h>

#include <algorithm>
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

/// The open pair that is settled soonest: by the planned number of pairs, or by what it takes after that.
struct OpenPair {
  const PairOnLink* pair = nullptr;
  int more = 0;
};

OpenPair openPair(const campaign::Campaign& c, const Answers& a) {
  OpenPair best;
  for (const SetupPair& s : a.setup_comparisons) {
    const PairOnLink* p = a.deciding(s.a, s.b);
    if (p && p->power_unknown) p = a.comparable(s.a, s.b);
    if (s.verdict != Verdict::Undecided || s.stopped_m || !p) continue;
    const int more = s.pairs < c.planned_pairs ? c.planned_pairs - s.pairs : p->more_pairs;
    if (more > 0 && more <= kTooManyPairs && (!best.pair || more < best.more)) best = {p, more};
  }
  return best;
}

/// The setup that may be planned with farthest.
const SetupAnswer* longest(const Answers& a) {
  const SetupAnswer* best = nullptr;
  for (const SetupAnswer& s : a.answers)
    if (s.plan_m && (!best || *s.plan_m > *best->plan_m)) best = &s;
  return best;
}

/// What the longest setup may be planned with, and what the rest of the path would cost.
Finding planWith(const campaign::Campaign& c, const Answers& a, const SetupAnswer& best) {
  const double told = *best.plan_m;
  std::vector<Finding> open;
  for (const std::string& link : best.unknown_links)
    open.push_back(finding("link-range-unknown", {{"link", link}}));
  const std::vector<Argument> about{{"setup", best.setup},
                                    {"name", nameOf(c, best.setup)},
                                    {"told", told, Unit::Metre},
                                    {"sure", 100 * estimate::defaults::kPlanSure, Unit::Percent},
                                    {"share", 100 * a.dependability, Unit::Percent}};
  // Where the range ends beyond what was flown nobody knows what lies there: it cannot be counted in dB.
  const bool beyond = best.dependable.status != Status::Measured;
  Finding out = finding(beyond ? "plan-with-at-least" : "plan-with", about, {"setup", best.setup});
  out.more = std::move(open);
  if (beyond) return out;
  const SetupOnLink* l = a.limiting(best.setup);
  if (!l || !l->exponent) return out;
  const double n = l->exponent->estimate;
  const auto course = campaign::courseOf(c);
  if (course && course->farPost_m() > told)
    out.more.push_back(finding(
        "far-post-needs", {{"link", l->link},
                           {"distance", course->farPost_m(), Unit::Metre},
                           {"more", radio::decibelsForRatio(course->farPost_m() / told, n), Unit::Decibel}}));
  else
    out.more.push_back(finding("more-power-gains",
                               {{"link", l->link},
                                {"power", kPowerStep_db, Unit::Decibel},
                                {"gain", 100 * (radio::rangeRatio(kPowerStep_db, n) - 1), Unit::Percent}}));
  return out;
}

/// The links that limit these setups.
std::string limitingLinks(const Answers& a, const std::vector<std::string>& setups) {
  std::vector<std::string> out;
  for (const std::string& s : setups)
    if (const std::string& link = a.limiting(s)->link; std::find(out.begin(), out.end(), link) == out.end()) out.push_back(link);
  return fmt::format("{}", fmt::join(out, ", "));
}

Finding flyPairs(const campaign::Campaign& c, const OpenPair& open) {
  const PairOnLink& p = *open.pair;
  return finding(p.paired_flights > 0 ? "fly-both-aboard" : "fly-pairs",
                 {{"a", p.a},
                  {"b", p.b},
                  {"a_name", nameOf(c, p.a)},
                  {"b_name", nameOf(c, p.b)},
                  {"more", open.more}},
                 {"link", p.link});
}

}  // namespace

Finding nextStep(const campaign::Campaign& c, const Answers& a) {
  if (!lastOf(c, a)) {
    const bool courses = std::any_of(a.runs.begin(), a.runs.end(), [](const RunResult& r) { return r.in_segments; });
    const bool named = std::any_of(c.paths.begin(), c.paths.end(), [](const campaign::Path& p) { return !p.segments.empty(); });
    return courses ? finding(named ? "read-the-sections" : "name-the-sections") : finding("fly-first-pair");
  }
  for (const campaign::Setup& s : c.setups)
    if (!a.limiting(s.id))
      return finding("fly-setup", {{"setup", s.id}, {"name", nameOf(c, s.id)}}, {"setup", s.id});
  if (const auto& pairs = a.setup_comparisons; !pairs.empty() && std::all_of(pairs.begin(), pairs.end(), [](const SetupPair& p) { return p.stopped_m.has_value(); }))
    return finding("lift-equipment-limit", {{"distance", *pairs.front().stopped_m, Unit::Metre}});
  if (std::all_of(a.answers.begin(), a.answers.end(), [&](const SetupAnswer& s) { return a.limiting(s.setup)->holdsNothing(); }))
    return finding("limit-for-logged");
  std::vector<std::string> few;
  for (const campaign::Setup& s : c.setups)
    if (a.limiting(s.id)->runs_used < kFlightsForUsefulInterval) few.push_back(s.id);
  if (few.size() > 1)
    return finding("fly-all-more-often",
                   {{"setups", fmt::format("{}", fmt::join(few, ", "))}, {"links", limitingLinks(a, few)}});
  for (const campaign::Setup& s : c.setups)
    if (const SetupOnLink* l = a.limiting(s.id); l->runs_used < kFlightsForUsefulInterval)
      return finding("fly-more-often",
                     {{"setup", s.id},
                      {"name", nameOf(c, s.id)},
                      {"more", kFlightsForUsefulInterval - l->runs_used},
                      {"flown", l->runs_used},
                      {"links", limitingLinks(a, {s.id})}},
                     {"setup", s.id});
  if (const OpenPair open = openPair(c, a); open.pair) return flyPairs(c, open);
  if (const SetupAnswer* best = longest(a)) return planWith(c, a, *best);
  const bool by_reading = std::any_of(a.setups.begin(), a.setups.end(), [](const SetupOnLink& s) { return s.onScale(); });
  return by_reading ? finding("set-least-reading") : finding("enter-the-sensitivity");
}

}  // namespace distanz::analysis

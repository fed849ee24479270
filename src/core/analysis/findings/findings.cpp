#include "core/analysis/findings/findings.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "core/analysis/findings/named.h"
#include "core/finding/settle.h"
#include "core/quantity/unit.h"

namespace distanz::analysis {

using quantity::Unit;

namespace {

constexpr std::size_t kMostVerdicts = 15;  // ten for five setups; more are for the table, not for reading
constexpr std::size_t kMostSetups = 12;

/// The surest first: better even when every pair is claimed at once, better alone, the rest.
int rankOf(const SetupPair& p) {
  const bool better = p.verdict == estimate::Verdict::ABetter || p.verdict == estimate::Verdict::BBetter;
  return better ? 1 + p.holds_for_all : 0;
}

/// What is said of one look holds for all pairs that were looked at alike: told once, then on asking.
void tellLookOnce(std::vector<Finding>& verdicts) {
  std::set<std::string> told;
  for (Finding& verdict : verdicts) {
    const auto look = std::find_if(verdict.more.begin(), verdict.more.end(),
                                   [](const Finding& f) { return f.code.starts_with("look-"); });
    if (look == verdict.more.end() || told.insert(plainText(*look)).second) continue;
    verdict.why.push_back(*look);
    verdict.more.erase(look);
  }
}

void append(std::vector<Finding>& out, std::vector<Finding> more) {
  std::move(more.begin(), more.end(), std::back_inserter(out));
}

void addVerdicts(const campaign::Campaign& c, const Answers& a, std::vector<Finding>& out) {
  std::vector<const SetupPair*> pairs;
  for (const SetupPair& p : a.setup_comparisons) pairs.push_back(&p);
  std::stable_sort(pairs.begin(), pairs.end(),
                   [](const auto* x, const auto* y) { return rankOf(*x) > rankOf(*y); });
  for (std::size_t i = 0; i < std::min(pairs.size(), kMostVerdicts); ++i)
    out.push_back(verdictOf(c, a, *pairs[i]));
  tellLookOnce(out);
  if (pairs.size() > kMostVerdicts)
    out.push_back(finding("more-verdicts", {{"pairs", pairs.size() - kMostVerdicts}}));
}

}  // namespace

std::string nameOf(const campaign::Campaign& c, const std::string& setup) {
  const campaign::Setup* found = campaign::findSetup(c, setup);
  if (!found || found->name.empty()) return setup;
  const auto alike = std::count_if(c.setups.begin(), c.setups.end(), [&](const campaign::Setup& s) { return s.name == found->name; });
  return alike == 1 ? found->name : fmt::format("{} ({})", found->name, setup);
}

Measure measureOf(const estimate::Interval& i, Unit unit) {
  return {i.estimate, unit, i.low, i.high};
}

Argument metres(const char* key, double value) {
  return {key, value, Unit::Metre};
}

Argument decibels(const char* key, double value) {
  return {key, value, Unit::Decibel};
}

Argument percent(const char* key, double share) {
  return {key, 100 * share, Unit::Percent};
}

std::vector<Argument> fallOf(const estimate::Interval& exponent) {
  return {{"slope", 10 * exponent.estimate, Unit::Decibel}, {"exponent", measureOf(exponent, Unit::None)}};
}

Finding toldRange(const RangeAnswer& r) {
  if (r.status == Status::Withheld) return finding("told-unknown");
  if (r.status == Status::AtLeast) {
    const Argument range("range", r.at_least_m.value_or(0), Unit::Metre);
    if (r.confidence >= estimate::defaults::kConfidence) return finding("told-at-least", {range});
    return finding("told-at-least-unsure", {range, {"sure", 100 * r.confidence, Unit::Percent}});
  }
  return finding(r.status == Status::Extrapolated ? "told-extrapolated" : "told-interval",
                 {{"range", Measure{*r.estimate_m, Unit::Metre, r.low_m, r.high_m}}});
}

std::vector<Finding> gathered(const std::vector<Finding>& warnings) {
  const auto kind = [](const Finding& f) {
    const Argument* link = f.find("link");
    const auto* id = link ? std::get_if<std::string>(&link->value) : nullptr;
    std::string about = id ? *id : std::string();
    for (const Argument& argument : f.arguments)
      if (const auto* reasons = std::get_if<std::vector<Finding>>(&argument.value))
        for (const Finding& reason : *reasons) about += plainText(reason);
    return std::pair(f.code, about);
  };
  std::vector<Finding> out;
  std::map<std::pair<std::string, std::string>, std::size_t> place;
  std::map<std::size_t, std::vector<std::string>> others;
  for (const Finding& f : warnings) {
    const auto [found, fresh] = place.emplace(kind(f), out.size());
    if (f.run().empty() || fresh)
      out.push_back(f);
    else if (f.run() != out[found->second].run())
      others[found->second].push_back(f.run());
  }
  for (auto& [at, runs] : others) {
    std::sort(runs.begin(), runs.end());
    runs.erase(std::unique(runs.begin(), runs.end()), runs.end());
    out[at].more.push_back(finding("likewise", {{"runs", fmt::format("{}", fmt::join(runs, ", "))}}));
  }
  return out;
}

std::vector<Finding> findings(const campaign::Campaign& c, const CampaignAnalysis& a) {
  std::vector<Finding> out;
  addVerdicts(c, a, out);
  const Finding next = nextStep(c, a);
  out.push_back(next);
  for (std::size_t i = 0; i < std::min(a.answers.size(), kMostSetups); ++i)
    out.push_back(limitOf(c, a, a.answers[i].setup));
  for (std::size_t i = 0; i < std::min(c.setups.size(), kMostSetups); ++i)
    if (onCoursesOnly(c, a, c.setups[i].id)) out.push_back(limitOf(c, a, c.setups[i].id));
  for (const ReducedPair& r : a.reduced_pairs) out.push_back(reducedOf(c, r));
  for (const ReducedPower& r : a.reduced) out.push_back(reducedOf(c, r));
  for (const LegDifference& l : a.legs)
    if (const SetupOnLink* limit = a.limiting(l.setup); limit && limit->link == l.link)
      append(out, legsOf(c, l));
  if (!a.answers.empty())
    if (const SetupOnLink* first = a.limiting(a.answers.front().setup)) append(out, placesOf(a, first->link));
  append(out, holesOf(a));
  append(out, gathered(a.warnings));
  if (next.code.starts_with("fly-") || next.code == "enter-the-sensitivity" || next.code == "set-least-reading") out.push_back(finding("how-far"));  // said once
  return consistent(out);
}

}  // namespace distanz::analysis

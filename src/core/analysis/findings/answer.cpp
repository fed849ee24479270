#include "core/analysis/findings/answer.h"

#include <fmt/format.h>

#include <algorithm>
#include <map>

#include "core/analysis/findings/findings.h"
#include "core/analysis/findings/named.h"

namespace distanz::analysis {
namespace {

using estimate::Verdict;
using quantity::Unit;

constexpr std::size_t kPairsOneByOne = 3;  // setups; with more the ranking is shorter than its pairs

const SetupPair* pairOf(const Answers& a, const std::string& x, const std::string& y) {
  for (const SetupPair& p : a.setup_comparisons)
    if ((p.a == x && p.b == y) || (p.a == y && p.b == x)) return &p;
  return nullptr;
}

/// The median where it is known, else how far it surely goes.
std::optional<double> reach_m(const SetupAnswer& s) {
  if (s.typical.status == Status::Withheld) return std::nullopt;
  return s.typical.estimate_m ? s.typical.estimate_m : s.typical.at_least_m;
}

bool farther(const Answers& a, const std::string& x, const std::string& than) {
  const SetupPair* p = pairOf(a, x, than);
  const Verdict verdict = !p ? Verdict::Undecided : p->together ? p->together->verdict : p->verdict;
  return p && verdict == (p->a == x ? Verdict::ABetter : Verdict::BBetter);
}

/// What each setup fails by first, those alike in one.
std::vector<Finding> limitsOf(const campaign::Campaign& c, const Answers& a) {
  std::vector<std::pair<std::string, std::string>> kinds;  // link and part, in the order of the setups
  std::map<std::pair<std::string, std::string>, std::vector<std::string>> setups;
  for (const SetupAnswer& s : a.answers) {
    const SetupOnLink* l = a.limiting(s.setup);
    if (!l || !l->knowsLimit() || l->limited_by.empty() || l->stops_m) continue;
    const std::pair kind(l->link, l->limited_by);
    if (setups[kind].empty()) kinds.push_back(kind);
    setups[kind].push_back(nameOf(c, s.setup));
  }
  if (kinds.empty()) return {};
  std::vector<Finding> what;
  for (const auto& kind : kinds) {
    std::vector<Argument> about{{"link", kind.first}, {"part", Term{"part-" + kind.second}}};
    if (kinds.size() == 1)
      what.push_back(finding("answer-limit", std::move(about)));
    else {
      about.emplace_back("setups", fmt::format("{}", fmt::join(setups[kind], ", ")));
      what.push_back(finding("answer-limit-of", std::move(about)));
    }
  }
  return {finding("answer-limits", {{"what", what}})};
}

/// Every setup of a place against every one of the next, when all pairs are claimed at once.
bool certain(const Answers& a, const std::vector<Place>& places) {
  for (std::size_t i = 1; i < places.size(); ++i)
    for (const std::string& x : places[i - 1].setups)
      for (const std::string& y : places[i].setups)
        if (const SetupPair* p = pairOf(a, x, y); !p || !p->holds_for_all) return false;
  return true;
}

Finding ranked(const campaign::Campaign& c, const Answers& a, const std::vector<Place>& places) {
  std::vector<Finding> order;
  int place = 1;
  bool tied = false;
  for (const Place& p : places) {
    std::vector<std::string> names;
    for (const std::string& s : p.setups) names.push_back(nameOf(c, s));
    order.push_back(
        finding("rank", {{"place", place}, {"names", fmt::format("{}", fmt::join(names, " = "))}}));
    place += int(names.size());
    tied = tied || names.size() > 1;
  }
  return finding(tied                 ? "ranking-tied"
                 : certain(a, places) ? "ranking"
                                      : "ranking-likely",
                 {{"order", order}});
}

/// The verdicts of neighbours in the ranking; of setups that no range is known of, as they come.
std::vector<Finding> neighbours(const campaign::Campaign& c, const Answers& a,
                                const std::vector<Place>& places) {
  std::vector<std::string> order;
  for (const Place& p : places) order.insert(order.end(), p.setups.begin(), p.setups.end());
  for (const SetupAnswer& s : a.answers)
    if (std::find(order.begin(), order.end(), s.setup) == order.end()) order.push_back(s.setup);
  std::vector<Finding> out;
  for (std::size_t i = 1; i < order.size(); ++i)
    if (const SetupPair* p = pairOf(a, order[i - 1], order[i])) out.push_back(verdictOf(c, a, *p));
  return out;
}

}  // namespace

std::vector<Place> ranking(const Answers& a) {
  std::vector<const SetupAnswer*> known;
  for (const SetupAnswer& s : a.answers)
    if (reach_m(s)) known.push_back(&s);
  std::stable_sort(known.begin(), known.end(),
                   [](const auto* x, const auto* y) { return *reach_m(*x) > *reach_m(*y); });
  std::vector<Place> out;
  for (const SetupAnswer* s : known) {
    // One that is told apart from all of the place before has a place of its own.
    const bool parted =
        out.empty() || std::all_of(out.back().setups.begin(), out.back().setups.end(),
                                   [&](const std::string& other) { return farther(a, other, s->setup); });
    if (parted) out.emplace_back();
    out.back().setups.push_back(s->setup);
  }
  return out;
}

Answer answerOf(const campaign::Campaign& c, const Answers& a) {
  Answer out;
  const std::vector<Place> places = ranking(a);
  std::size_t known = 0;
  for (const Place& p : places) known += p.setups.size();
  if (known > kPairsOneByOne)
    out.verdicts.push_back(ranked(c, a, places));
  else
    out.verdicts = neighbours(c, a, places);
  const Finding next = nextStep(c, a);
  if (out.verdicts.empty())
    out.verdicts.push_back(next);
  else
    out.next = next;
  out.limits = limitsOf(c, a);
  return out;
}

}  // namespace distanz::analysis

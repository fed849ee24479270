#include <algorithm>
#include <cmath>

#include "core/analysis/findings/findings.h"
#include "core/analysis/findings/named.h"
#include "core/quantity/unit.h"

namespace distanz::analysis {

using estimate::Verdict;
using quantity::Unit;

namespace {

constexpr int kMostPairsWorthFlying = 20;

/// The pair seen from the side that came out ahead.
struct Oriented {
  std::string better, worse;
  estimate::Interval ratio, delta;
  double p_longer, p_more;
};

template <class Pair>
Oriented orient(const Pair& p, const std::optional<estimate::Interval>& delta_db) {
  const estimate::Interval ratio = p.ratio.value_or(estimate::Interval{1, 1, 1});
  const estimate::Interval delta = delta_db.value_or(estimate::Interval{});
  const bool a_ahead = delta_db ? delta.estimate >= 0 : p.p_a_longer >= 0.5;
  if (a_ahead) return {p.a, p.b, ratio, delta, p.p_a_longer, p.p_a_more};
  return {p.b,
          p.a,
          {1 / ratio.estimate, 1 / ratio.high, 1 / ratio.low},
          {-delta.estimate, -delta.high, -delta.low},
          1 - p.p_a_longer,
          p.p_b_more};
}

void addMorePairs(const PairOnLink& p, std::vector<Finding>& out) {
  if (p.more_pairs <= 0) return;
  if (p.more_pairs > kMostPairsWorthFlying)
    out.push_back(finding("too-many-pairs-needed", {{"most", kMostPairsWorthFlying}}));
  else if (p.paired_flights > 0)
    out.push_back(finding("more-paired-flights-needed", {{"flights", p.more_pairs}}));
  else
    out.push_back(finding("more-pairs-needed", {{"pairs", p.more_pairs}}));
}

/// An end is open where a range goes on beyond what was flown: the ratio is then not told as one.
bool closed(const estimate::Interval& ratio) {
  return std::isfinite(ratio.estimate) && ratio.low > 0 && std::isfinite(ratio.high);
}

/// Where one of the two was not flown to its end, the other falls short by this much at least.
void addAtLeast(const std::optional<estimate::Interval>& told, const estimate::Interval& ratio,
                std::vector<Finding>& out) {
  if (told && !closed(ratio) && ratio.low > 1)
    out.push_back(finding("ratio-at-least", {{"least", ratio.low, Unit::None}}));
}

void addAmounts(const PairOnLink& p, const Oriented& o, std::vector<Finding>& out) {
  std::vector<Finding> paired;
  if (p.paired_flights > 0) paired.push_back(finding("from-paired-flights", {{"flights", p.paired_flights}}));
  const Argument ratio("ratio", measureOf(o.ratio, Unit::None)),
      delta("delta", measureOf(o.delta, Unit::Decibel));
  const Argument from("paired", std::move(paired));
  const bool told = p.ratio && closed(*p.ratio);
  addAtLeast(p.ratio, o.ratio, out);
  if (!told && !p.delta_db && p.elsewhere_ratio && closed(*p.elsewhere_ratio)) {
    const estimate::Interval& r = *p.elsewhere_ratio;
    const bool turned = o.better != p.a;
    out.push_back(finding("ratio-elsewhere", {{"ratio", measureOf(turned ? estimate::Interval{1 / r.estimate, 1 / r.high, 1 / r.low} : r, Unit::None)}}));
  }
  if (told && p.delta_db)
    out.push_back(finding("ratio-and-level", {ratio, delta, from}));
  else if (told)
    out.push_back(finding("ratio-alone", {ratio, from}));
  else if (p.delta_db)
    out.push_back(finding("level-alone", {delta, from}));
}

/// Which look this is: pilots look after every pair, and an early verdict needs more.
void addLook(const campaign::Campaign& c, int pairs, std::vector<Finding>& out) {
  const int planned = c.planned_pairs;
  if (pairs < 2) return;
  if (pairs < planned)
    out.push_back(
        finding("look-so-far", {{"pairs", pairs}, {"planned", planned}, {"left", planned - pairs}}));
  else
    out.push_back(
        finding(pairs == planned ? "look-planned" : "look-beyond", {{"pairs", pairs}, {"planned", planned}}));
}

int flightsOf(const Answers& a, const std::string& setup, const std::string& link) {
  const SetupOnLink* s = a.find(setup, link);
  return s ? s->runs_used : 0;
}

/// The figures behind the verdict.
std::vector<Finding> why(const Answers& a, const PairOnLink& p, const Oriented& o) {
  if (!p.delta_db) return {};
  std::vector<Finding> out;
  out.push_back(finding("why-flights-of-pair", {{"link", p.link},
                                                {"a", p.a},
                                                {"a_flights", flightsOf(a, p.a, p.link)},
                                                {"b", p.b},
                                                {"b_flights", flightsOf(a, p.b, p.link)}}));
  if (p.paired_flights > 0)
    out.push_back(finding("why-paired", {{"flights", p.paired_flights}}));
  else
    out.push_back(finding(p.same_places ? "why-place-by-place" : "why-no-common-stretch"));
  const SetupOnLink* s = a.find(o.better, p.link);
  if (s && p.paired_flights == 0)
    out.push_back(finding(p.spread_assumed ? "why-repeatability-assumed" : "why-repeatability",
                          {{"sd", s->flight_sd_db, Unit::Decibel}}));
  if (s && s->exponent) {
    std::vector<Argument> fall = fallOf(*s->exponent);
    // By the fall alone, as on other ground: on this path holes may stop both at one place.
    const auto& gain = p.elsewhere_ratio;
    if (gain) {
      fall.emplace_back("delta", o.delta.estimate, Unit::Decibel);
      fall.push_back(percent("gain", (o.better == p.a ? gain->estimate : 1 / gain->estimate) - 1));
    }
    out.push_back(finding(gain ? "why-fall-of-pair" : "why-fall", std::move(fall)));
  }
  out.push_back(finding("why-chance", {{"setup", o.better},
                                       percent("chance", o.p_longer),
                                       percent("threshold", a.practical_threshold),
                                       percent("chance_more", o.p_more)}));
  return out;
}

/// Both, by id and by name.
template <class Pair>
std::vector<Argument> bothOf(const campaign::Campaign& c, const Pair& p) {
  return {{"a", p.a}, {"b", p.b}, {"a_name", nameOf(c, p.a)}, {"b_name", nameOf(c, p.b)}};
}

/// Which of the two is ahead, and by how much where that may be told. @param told the pair's ratio
Finding ahead(const campaign::Campaign& c, const char* code, const char* open_code, const Oriented& o,
              const std::optional<estimate::Interval>& told) {
  std::vector<Argument> about{{"better", o.better}, {"better_name", nameOf(c, o.better)}, {"worse", o.worse}, {"worse_name", nameOf(c, o.worse)}};
  const bool open = !told || !closed(*told) || o.ratio.estimate <= 1;
  if (!open) about.emplace_back("ratio", measureOf(o.ratio, Unit::None));
  return finding(open ? open_code : code, std::move(about));
}

constexpr double kProbably = 0.9;  // from here on the one that is ahead is named, as probable
constexpr double kLeaning = 0.6;   // below it neither is

/// Not settled: the one that is probably ahead, or that nobody can tell.
template <class Pair>
Finding open(const campaign::Campaign& c, const Pair& p, const Oriented& o) {
  if (o.p_longer >= kProbably) return ahead(c, "probably-farther", "probably-farther-open", o, p.ratio);
  Finding out = finding("undecided", bothOf(c, p));
  if (o.p_longer >= kLeaning) out.more.push_back(finding("longer-one", {{"name", nameOf(c, o.better)}, percent("chance", o.p_longer)}));
  return out;
}

double stopOf_m(const Answers& a, const std::string& setup) {
  double out = INFINITY;
  for (const SetupOnLink& s : a.setups)
    if (s.setup == setup) out = std::min(out, s.stops_m.value_or(INFINITY));
  return out;
}

/// Neither was seen at its radio's end.
template <class Pair>
Finding stopped(const campaign::Campaign& c, const Answers& a, const Pair& p) {
  std::vector<Argument> about = bothOf(c, p);
  const double a_m = stopOf_m(a, p.a), b_m = stopOf_m(a, p.b);
  if (a_m == b_m) {
    about.emplace_back("distance", a_m, Unit::Metre);
    return finding("pair-stopped", std::move(about));
  }
  about.emplace_back("a_distance", a_m, Unit::Metre);
  about.emplace_back("b_distance", b_m, Unit::Metre);
  return finding("pair-stopped-apart", std::move(about));
}

Finding undecided(const campaign::Campaign& c, const Answers& a, const PairOnLink& p, const Oriented& o) {
  if (p.stopped_m) {
    Finding out = stopped(c, a, p);
    if (p.delta_db) addAmounts(p, o, out.more);
    return out;
  }
  if (p.power_unknown) {
    std::vector<Argument> about = bothOf(c, p);
    about.emplace_back("link", p.link);
    return finding("power-hides-difference", std::move(about));
  }
  const SetupOnLink *of_a = a.find(p.a, p.link), *of_b = a.find(p.b, p.link);
  if (of_a && of_b && of_a->holdsNothing() && of_b->holdsNothing()) return finding("nothing-judged", bothOf(c, p));
  if (!p.delta_db && !p.ratio && !p.elsewhere_ratio) return finding("nothing-to-compare", bothOf(c, p));
  Finding out = open(c, p, o);
  if (p.spread_assumed) out.more.push_back(finding("flown-once-each"));
  addMorePairs(p, out.more);
  addAmounts(p, o, out.more);
  return out;
}

/// @param holds when every pair is claimed at once
template <class Pair>
Finding titled(const campaign::Campaign& c, const Oriented& o, const Pair& p, bool holds) {
  return holds ? ahead(c, "better", "better-open", o, p.ratio) : ahead(c, "better-alone", "better-alone-open", o, p.ratio);
}

template <class Pair>
Finding noDifference(const campaign::Campaign& c, const Answers& a, const Pair& p, const Oriented& o) {
  std::vector<Argument> about = bothOf(c, p);
  about.push_back(percent("threshold", a.practical_threshold));
  Finding out = finding("no-practical-difference", std::move(about));
  out.more.push_back(finding("if-anything", {{"name", nameOf(c, o.better)}}));
  return out;
}

Finding better(const campaign::Campaign& c, const Answers& a, const PairOnLink& p, const Oriented& o) {
  Finding out = titled(c, o, p, p.holds_for_all);
  addAmounts(p, o, out.more);
  if (p.delta_db && p.holds_for_all)
    out.more.push_back(finding("more-than-practical",
                               {percent("chance", o.p_more), percent("threshold", a.practical_threshold)}));
  return out;
}

}  // namespace

Finding verdictOf(const campaign::Campaign& c, const Answers& a, const PairOnLink& p) {
  const Oriented o = orient(p, p.delta_db);
  Finding out;
  if (p.verdict == Verdict::Undecided) {
    out = undecided(c, a, p, o);
  } else if (p.verdict == Verdict::NoPracticalDifference) {
    out = noDifference(c, a, p, o);
    addAmounts(p, o, out.more);
  } else {
    out = better(c, a, p, o);
  }
  if ((p.delta_db || p.ratio) && !p.stopped_m) addLook(c, p.pairs, out.more);
  out.subject = {"link", p.link};
  if (!p.stopped_m) out.why = why(a, p, o);
  return out;
}

namespace {

/// What all links make of it, where the headline is of the one that differs.
void addTogether(const campaign::Campaign& c, const SetupPair& p, std::vector<Finding>& out) {
  const std::optional<estimate::Interval>& ratio = p.together->ratio;
  if (!ratio || !closed(*ratio)) {
    out.push_back(finding("together-open", {{"link", p.own_link}}));
    return;
  }
  const bool a_ahead = ratio->estimate >= 1;
  const estimate::Interval told = a_ahead ? *ratio : estimate::Interval{1 / ratio->estimate, 1 / ratio->high, 1 / ratio->low};
  out.push_back(finding(p.together->verdict == Verdict::Undecided ? "together-unsettled" : "together",
                        {{"name", nameOf(c, a_ahead ? p.a : p.b)}, {"ratio", measureOf(told, Unit::None)}}));
}

/// On the links that can be compared; where none can, on one that cannot.
std::vector<const PairOnLink*> linksOf(const Answers& a, const SetupPair& p) {
  std::vector<const PairOnLink*> compared, hidden;
  for (const PairOnLink& l : a.comparisons)
    if (l.a == p.a && l.b == p.b) (l.power_unknown ? hidden : compared).push_back(&l);
  if (compared.empty() && !hidden.empty()) compared.push_back(hidden.front());
  return compared;
}

Finding verdictOnLinks(const campaign::Campaign& c, const Answers& a, const SetupPair& p) {
  const std::vector<const PairOnLink*> on_links = linksOf(a, p);
  const auto own = std::find_if(on_links.begin(), on_links.end(), [&](const PairOnLink* l) { return p.together && l->link == p.own_link; });
  if (on_links.size() == 1 || own != on_links.end()) {
    PairOnLink only = own != on_links.end() ? **own : *on_links.front();
    only.holds_for_all = p.holds_for_all;
    Finding out = verdictOf(c, a, only);
    if (own == on_links.end()) return out;
    out.more.insert(out.more.begin(), finding("on-link-that-differs", {{"link", p.own_link}}));
    addTogether(c, p, out.more);
    return out;
  }
  if (p.stopped_m) return stopped(c, a, p);
  if (!p.ratio) return finding("nothing-to-compare", bothOf(c, p));
  const Oriented o = orient(p, std::nullopt);
  Finding out;
  const Argument ratio("ratio", measureOf(o.ratio, Unit::None)), none("paired", std::vector<Finding>());
  if (p.verdict == Verdict::Undecided) {
    out = open(c, p, o);
  } else if (p.verdict == Verdict::NoPracticalDifference) {
    out = noDifference(c, a, p, o);
  } else {
    out = titled(c, o, p, p.holds_for_all);
  }
  addAtLeast(p.ratio, o.ratio, out.more);
  if (closed(*p.ratio)) out.more.push_back(finding("ratio-alone", {ratio, none}));
  addLook(c, p.pairs, out.more);
  for (const PairOnLink* l : on_links) {
    if (!l->delta_db) continue;
    const bool flip = o.better != l->a;
    const estimate::Interval& d = *l->delta_db;
    const estimate::Interval seen = flip ? estimate::Interval{-d.estimate, -d.high, -d.low} : d;
    out.why.push_back(finding("level-on-link", {{"link", l->link},
                                                {"name", nameOf(c, o.better)},
                                                {"worse", nameOf(c, o.worse)},
                                                {"delta", measureOf(seen, Unit::Decibel)}}));
  }
  out.subject = {"setup", o.better};
  return out;
}

}  // namespace

Finding verdictOf(const campaign::Campaign& c, const Answers& a, const SetupPair& p) {
  Finding out = verdictOnLinks(c, a, p);
  if (!p.links.empty())
    for (const std::string& link : p.hidden_links)
      out.more.push_back(finding("without-link", {{"link", link}}));
  return out;
}

}  // namespace distanz::analysis

#include <algorithm>

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

Oriented orient(const PairOnLink& p) {
  const estimate::Interval ratio = p.ratio.value_or(estimate::Interval{1, 1, 1});
  const estimate::Interval delta = p.delta_db.value_or(estimate::Interval{});
  const bool a_ahead = p.delta_db ? delta.estimate >= 0 : ratio.estimate >= 1;
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

void addAmounts(const PairOnLink& p, const Oriented& o, std::vector<Finding>& out) {
  std::vector<Finding> paired;
  if (p.paired_flights > 0) paired.push_back(finding("from-paired-flights", {{"flights", p.paired_flights}}));
  const Argument ratio("ratio", measureOf(o.ratio, Unit::None)),
      delta("delta", measureOf(o.delta, Unit::Decibel));
  const Argument from("paired", std::move(paired));
  if (p.ratio && p.delta_db)
    out.push_back(finding("ratio-and-level", {ratio, delta, from}));
  else if (p.ratio)
    out.push_back(finding("ratio-alone", {ratio, from}));
  else if (p.delta_db)
    out.push_back(finding("level-alone", {delta, from}));
}

/// Where the better setup is then limited by another link, the gain stops there.
void addOtherLimit(const Answers& a, const PairOnLink& p, const std::string& better,
                   std::vector<Finding>& out) {
  const SetupOnLink* limit = a.limiting(better);
  if (!limit || limit->link == p.link || limit->typical.status == Status::Withheld) return;
  out.push_back(finding(
      "other-link-limits",
      {{"setup", better}, {"link", limit->link}, {"distance", limit->typical.told_m(), Unit::Metre}}));
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
    fall.emplace_back("delta", o.delta.estimate, Unit::Decibel);
    fall.push_back(percent("gain", o.ratio.estimate - 1));
    out.push_back(finding("why-fall-of-pair", std::move(fall)));
  }
  out.push_back(finding("why-chance", {{"setup", o.better},
                                       percent("chance", o.p_longer),
                                       percent("threshold", a.practical_threshold),
                                       percent("chance_more", o.p_more)}));
  return out;
}

Finding undecided(const campaign::Campaign& c, const PairOnLink& p, const Oriented& o) {
  if (!p.delta_db && !p.ratio) return finding("nothing-to-compare", {{"a", p.a}, {"b", p.b}});
  Finding out = finding("undecided", {{"a", p.a}, {"b", p.b}});
  if (p.spread_assumed) out.more.push_back(finding("flown-once-each"));
  out.more.push_back(finding("longer-one", {{"name", nameOf(c, o.better)}, percent("chance", o.p_longer)}));
  addAmounts(p, o, out.more);
  addMorePairs(p, out.more);
  return out;
}

Finding better(const campaign::Campaign& c, const Answers& a, const PairOnLink& p, const Oriented& o) {
  Finding out =
      finding("better", {{"better", o.better}, {"better_name", nameOf(c, o.better)}, {"worse", o.worse}});
  addAmounts(p, o, out.more);
  if (p.delta_db)
    out.more.push_back(finding("more-than-practical",
                               {percent("chance", o.p_more), percent("threshold", a.practical_threshold)}));
  if (!p.holds_for_all) out.more.push_back(finding("not-for-all-pairs"));
  addOtherLimit(a, p, o.better, out.more);
  return out;
}

}  // namespace

Finding verdictOf(const campaign::Campaign& c, const Answers& a, const PairOnLink& p) {
  const Oriented o = orient(p);
  Finding out;
  if (p.verdict == Verdict::Undecided) {
    out = undecided(c, p, o);
  } else if (p.verdict == Verdict::NoPracticalDifference) {
    out = finding("no-practical-difference",
                  {{"a", p.a}, {"b", p.b}, percent("threshold", a.practical_threshold)});
    addAmounts(p, o, out.more);
  } else {
    out = better(c, a, p, o);
  }
  out.subject = {"link", p.link};
  out.why = why(a, p, o);
  return out;
}

}  // namespace distanz::analysis

#include "core/analysis/findings/beyond.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "core/analysis/findings/named.h"
#include "core/log/sides.h"
#include "core/quantity/unit.h"

namespace distanz::analysis {

using quantity::Unit;

namespace {

constexpr double kBlind_db = 3;       // surely so much below the mean of all sides
constexpr int kFewSides = 8;          // of 24

const SegmentOnLink* onSegment(const Beyond& a, const SegmentPair& p, const std::string& setup) {
  for (const SegmentOnLink& s : a.segments)
    if (s.setup == setup && s.link == p.link && s.path == p.path && s.segment == p.segment) return &s;
  return nullptr;
}

Finding pairTold(const campaign::Campaign& c, const Beyond& a, const SegmentPair& p) {
  using estimate::Verdict;
  const SegmentOnLink *on_a = onSegment(a, p, p.a), *on_b = onSegment(a, p, p.b);
  const int flights = std::min(on_a ? on_a->flights : 0, on_b ? on_b->flights : 0);
  const bool better = p.verdict == Verdict::ABetter || p.verdict == Verdict::BBetter;
  const bool a_won = p.verdict == Verdict::ABetter;
  const estimate::Interval& d = p.delta;
  const Unit unit = differenceUnitOf(p.figure);
  const auto args = [&](const Measure& delta) {
    return std::vector<Argument>{{"segment", p.segment}, {"link", p.link}, {"delta", delta}, {"flights", flights}};
  };
  Finding out;
  if (better) {
    const bool better_up = d.estimate >= 0;  // of a scale that runs backwards the lower reading is the better
    out = finding("segment-better", args(better_up ? measureOf(d, unit) : Measure{-d.estimate, unit, -d.high, -d.low}));
    out.arguments.emplace_back("winner", nameOf(c, a_won ? p.a : p.b));
    out.arguments.emplace_back("loser", nameOf(c, a_won ? p.b : p.a));
  } else {
    const bool same = p.verdict == Verdict::NoPracticalDifference, hopeless = p.more_pairs >= estimate::defaults::kMorePairsCap;
    out = finding(same ? "segment-same" : hopeless || p.spread_assumed ? "segment-too-small" : "segment-undecided", args(measureOf(d, unit)));
    if (p.spread_assumed && !same) out.code = "segment-undecided";
    out.arguments.emplace_back("a", nameOf(c, p.a));
    out.arguments.emplace_back("b", nameOf(c, p.b));
    if (out.code == "segment-undecided") out.arguments.emplace_back("more", std::max(p.more_pairs, 1));
  }
  const SegmentOnLink *first = better && !a_won ? on_b : on_a, *second = better && !a_won ? on_a : on_b;
  if (first && second && first->usable_pct && second->usable_pct)
    out.more.push_back(finding("segment-usable", {{"winner", first->setup}, {"share", first->usable_pct->estimate, Unit::Percent},
                                                  {"loser", second->setup}, {"other", second->usable_pct->estimate, Unit::Percent}}));
  if (p.spread_assumed) out.more.push_back(finding("segment-once"));
  if (better && !p.holds_for_all) out.more.push_back(finding("segment-not-all"));
  return out;
}

/// The side word of a sector: of eight.
Term sideOf(int sector) {
  return Term{fmt::format("side-{}", (sector + 1) / 3 % 8)};
}

/// The worst sector that is surely blind; -1 for none.
int blindest(const std::vector<std::optional<estimate::Interval>>& effects) {
  int worst = -1;
  for (std::size_t s = 0; s < effects.size(); ++s)
    if (effects[s] && effects[s]->high < -kBlind_db && (worst < 0 || effects[s]->estimate < effects[static_cast<std::size_t>(worst)]->estimate))
      worst = static_cast<int>(s);
  return worst;
}

Measure dropOf(const estimate::Interval& effect) {
  return {-effect.estimate, Unit::Decibel, -effect.high, -effect.low};
}

Finding aboutSetup(const char* code, const SidesOnLink& s, std::vector<Argument> arguments) {
  arguments.emplace_back("setup", s.setup);
  return finding(code, std::move(arguments), {"setup", s.setup});
}

void sidesOf(const SidesOnLink& s, std::vector<Finding>& out) {
  const int blind = blindest(s.side_db), weak = blindest(s.bearing_db);
  if (s.sides_seen < kFewSides && s.bearings_seen < kFewSides) {
    out.push_back(aboutSetup("sides-few", s, {{"sides", s.sides_seen}}));
    return;
  }
  const std::size_t before = out.size();
  if (blind >= 0)
    out.push_back(aboutSetup("side-blind", s, {{"link", s.link}, {"side", sideOf(blind)}, {"drop", dropOf(*s.side_db[static_cast<std::size_t>(blind)])}, {"flights", s.flights}}));
  else if (s.sides_seen >= kFewSides)
    out.push_back(aboutSetup("side-even", s, {{"link", s.link}, {"sides", s.sides_seen}, decibels("least", kBlind_db)}));
  if (s.turn_db && s.explained_db)
    out.push_back(aboutSetup("side-turn", s, {{"link", s.link}, decibels("turn", *s.turn_db), decibels("explained", *s.explained_db)}));
  if (weak >= 0) {
    const double angle = std::abs(std::remainder(weak * log::kSector_deg, 360));
    out.push_back(aboutSetup("bearing-weak", s, {{"link", s.link}, {"angle", angle, Unit::Degree}, {"drop", dropOf(*s.bearing_db[static_cast<std::size_t>(weak)])}}));
  }
  if (out.size() == before) return;
  if (s.flights == 1) out[before].more.push_back(finding("side-few-flights"));
  if (!s.by_heading) out[before].more.push_back(finding("side-by-way"));
}

Finding stepTold(const StepsOnLink& s) {
  std::vector<Argument> args{{"setup", s.setup}, {"link", s.link}, {"what", Term{"channel-" + s.channel}}, {"stepped", s.stepped}, {"flights", s.flights}};
  const char* code = "step-seldom";
  if (s.first_m) {
    code = "step-first";
    args.emplace_back("first", measureOf(*s.first_m, Unit::Metre));
  } else if (s.at_least_m) {
    code = "step-later";
    args.push_back(metres("least", *s.at_least_m));
    args.push_back(percent("sure", s.at_least_confidence));
  } else {
    args.push_back(metres("farthest", s.farthest_m));
  }
  Finding out = finding(code, std::move(args), {"setup", s.setup});
  if (s.power_mw) out.more.push_back(finding("step-at-power", {{"power", *s.power_mw, Unit::Milliwatt}}));
  return out;
}

Finding freezesTold(const FreezesOnLink& f) {
  if (f.freezes == 0)
    return finding("freezes-none", {{"setup", f.setup}, {"link", f.link}, metres("flown", f.flown_m), metres("every", f.every_m().low)}, {"setup", f.setup});
  Finding out = finding("freezes-rate", {{"setup", f.setup}, {"link", f.link}, {"every", measureOf(f.every_m(), Unit::Metre)}, {"freezes", f.freezes},
                                         metres("flown", f.flown_m), {"flights", f.flights}}, {"setup", f.setup});
  const auto most = std::max_element(f.stretches.begin(), f.stretches.end(), [](const auto& a, const auto& b) { return a.freezes < b.freezes; });
  if (most != f.stretches.end() && f.lost_m && f.regained_m)
    out.more.push_back(finding("freezes-where", {metres("from", most->from_m), metres("to", most->from_m + 100), {"freezes", most->freezes},
                                                 metres("lost", *f.lost_m), metres("regained", *f.regained_m)}));
  return out;
}

}  // namespace

std::vector<Finding> segmentsTold(const campaign::Campaign& c, const CampaignAnalysis& a, const std::string& link) {
  std::vector<Finding> out;
  std::vector<const SegmentPair*> pairs;
  for (const SegmentPair& p : a.segment_pairs)
    if (p.link == link) pairs.push_back(&p);
  std::stable_sort(pairs.begin(), pairs.end(), [](const auto* x, const auto* y) { return x->p_value < y->p_value; });
  for (const SegmentPair* p : pairs) out.push_back(pairTold(c, a, *p));
  const auto courses = std::count_if(a.runs.begin(), a.runs.end(), [](const RunResult& r) { return r.in_segments; });
  if (courses > 0) out.push_back(finding("segments-apart", {{"runs", static_cast<std::size_t>(courses)}}));
  const bool named = std::any_of(c.paths.begin(), c.paths.end(), [](const campaign::Path& p) { return !p.segments.empty(); });
  if (!named) out.push_back(finding("segments-none"));
  return out;
}

std::vector<Finding> sidesTold(const campaign::Campaign&, const CampaignAnalysis& a, const std::string& link) {
  std::vector<Finding> out;
  for (const SidesOnLink& s : a.sides)
    if (s.link == link) sidesOf(s, out);
  return out;
}

std::vector<Finding> stepsTold(const campaign::Campaign&, const CampaignAnalysis& a, const std::string& link) {
  std::vector<Finding> out;
  std::set<std::string> told;
  for (const LivedOn& l : a.lived_on)
    if (told.insert(l.picture_link + "\n" + l.link).second)
      out.push_back(finding("lived-on", {{"picture", l.picture_link}, {"link", l.link}, metres("frozen", l.frozen_at_m), metres("alive", l.alive_to_m)}, {"run", l.run}));
  for (const StepsOnLink& s : a.steps)
    if (s.link == link) out.push_back(stepTold(s));
  for (const FreezesOnLink& f : a.freezes)
    if (f.link == link && f.per_km) out.push_back(freezesTold(f));
  return out;
}

Finding likenessTold(const std::optional<log::Likeness>& like, const std::string& other) {
  if (!like) return finding("likeness-none", {{"other", other}});
  std::vector<Argument> told{{"other", other}, {"correlation", 100 * like->correlation, Unit::Percent}, {"chance", 100 * like->by_chance, Unit::Percent}};
  if (!like->tells()) return finding("likeness-weak", std::move(told));
  told.emplace_back("rms", like->rms_db, Unit::Decibel);
  told.emplace_back("marks", like->marks.size());
  return finding("likeness-found", std::move(told));
}

}  // namespace distanz::analysis

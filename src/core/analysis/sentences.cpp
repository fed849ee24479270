#include "core/analysis/sentences.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/radio/path_loss.h"

namespace distanz::analysis {
namespace {

using estimate::Verdict;

std::string nameOf(const campaign::Campaign& c, const std::string& setup) {
  const campaign::Setup* found = campaign::findSetup(c, setup);
  return found && !found->name.empty() ? fmt::format("{} ({})", found->name, setup) : setup;
}

std::string morePairsText(int n) {
  if (n <= 0) return {};
  if (n > 20) return " More than 20 further pairs of flights would be needed: the difference, if any, is too small to settle by flying.";
  return fmt::format(" About {} more {} of flights should tell.", n, n == 1 ? "pair" : "pairs");
}

struct Oriented {
  std::string better, worse;
  estimate::Interval ratio, delta;
  double p_longer, p_more;
};

/// The pair seen from the side that came out ahead.
Oriented orient(const PairOnLink& p) {
  const estimate::Interval ratio = p.ratio.value_or(estimate::Interval{1, 1, 1}), delta = p.delta_db.value_or(estimate::Interval{});
  const bool a_ahead = p.delta_db ? delta.estimate >= 0 : ratio.estimate >= 1;
  if (a_ahead) return {p.a, p.b, ratio, delta, p.p_a_longer, p.p_a_more};
  return {p.b,       p.a, {1 / ratio.estimate, 1 / ratio.high, 1 / ratio.low}, {-delta.estimate, -delta.high, -delta.low}, 1 - p.p_a_longer,
          p.p_b_more};
}

std::string amounts(const PairOnLink& p, const Oriented& o) {
  std::string text;
  if (p.ratio)
    text += fmt::format("Its range is {:.2f} times as long (95 %: {:.2f} to {:.2f})", o.ratio.estimate, o.ratio.low, o.ratio.high);
  if (p.delta_db)
    text += fmt::format("{}{:.1f} dB stronger (95 %: {:.1f} to {:.1f})", p.ratio ? ", " : "It is ", o.delta.estimate, o.delta.low,
                        o.delta.high);
  return text.empty() ? text : text + ".";
}

Sentence undecided(const campaign::Campaign& c, const PairOnLink& p) {
  if (!p.delta_db && !p.ratio)
    return {Tone::Result, fmt::format("{} or {}: nothing to compare yet", p.a, p.b),
            "The flights do not hold enough to compare them. Fly each setup over the same path, far enough for the signal to fall."};
  const Oriented o = orient(p);
  std::string text;
  if (p.spread_assumed) text = "Each was flown once, so nothing can be said about repeatability. ";
  text += fmt::format("{} is {} the longer one. ", nameOf(c, o.better), probabilityWords(o.p_longer));
  text += amounts(p, o) + morePairsText(p.more_pairs);
  return {Tone::Result, fmt::format("{} or {}: cannot tell yet", p.a, p.b), text};
}

const campaign::Run* lastOf(const campaign::Campaign& c, const CampaignAnalysis& a) {
  for (std::size_t i = c.runs.size(); i-- > 0;)
    if (a.runs[i].used) return &c.runs[i];
  return nullptr;
}

/// The pair on the deciding link that more flying would help most.
const PairOnLink* openPair(const campaign::Campaign& c, const CampaignAnalysis& a) {
  const PairOnLink* best = nullptr;
  for (std::size_t i = 0; i < c.setups.size(); ++i)
    for (std::size_t j = i + 1; j < c.setups.size(); ++j) {
      const PairOnLink* p = a.deciding(c.setups[i].id, c.setups[j].id);
      if (p && p->verdict == Verdict::Undecided && p->more_pairs > 0 && p->more_pairs <= 20 && (!best || p->more_pairs < best->more_pairs))
        best = p;
    }
  return best;
}

/// The setup with the longest dependable range on its limiting link.
const SetupOnLink* longest(const campaign::Campaign& c, const CampaignAnalysis& a) {
  const SetupOnLink* best = nullptr;
  for (const auto& s : c.setups) {
    const SetupOnLink* l = a.limiting(s.id);
    if (l && l->dependable.estimate_m && (!best || *l->dependable.estimate_m > *best->dependable.estimate_m)) best = l;
  }
  return best;
}

/// What is told as reached: the estimate where it was measured, else the bound.
double toldRange(const RangeAnswer& r) {
  return r.status == Status::AtLeast ? r.at_least_m.value_or(0) : r.estimate_m.value_or(0);
}

/// What the longest setup may be planned with, and what the rest of the path would cost.
Sentence planWith(const campaign::Campaign& c, const SetupOnLink& best) {
  const double told = toldRange(best.dependable);
  Sentence out{Tone::Advice, fmt::format("Plan with {} to {}", best.setup, distanceText(told)),
               fmt::format("{} has the longest dependable range.", nameOf(c, best.setup))};
  if (!best.exponent || !(told > 0)) return out;
  const double n = best.exponent->estimate;
  const auto course = campaign::courseOf(c);
  if (course && course->farPost_m() > told)
    out.text += fmt::format(" To cover the far post ({}) as dependably, its {} link needs {:.1f} dB more: power, antenna or height.",
                            distanceText(course->farPost_m()), best.link, radio::decibelsForRatio(course->farPost_m() / told, n));
  else
    out.text += fmt::format(" 3 dB more on its {} link would be worth {:.0f} % of range.", best.link, 100 * (radio::rangeRatio(3, n) - 1));
  return out;
}

}  // namespace

std::string distanceText(double d) {
  if (!std::isfinite(d)) return "no limit";
  return d >= 1000 ? fmt::format("{:.2f} km", d / 1000) : fmt::format("{:.0f} m", d);
}

std::string rangeText(const RangeAnswer& r) {
  if (r.status == Status::Withheld) return "not known";
  if (r.status == Status::AtLeast) return "at least " + distanceText(r.at_least_m.value_or(0));
  const std::string high = r.high_m ? distanceText(*r.high_m) : "no upper limit";
  return fmt::format("{} (95 %: {} to {}{})", distanceText(*r.estimate_m), distanceText(r.low_m.value_or(0)), high,
                     r.status == Status::Extrapolated ? "; beyond what was flown" : "");
}

std::string probabilityWords(double p) {
  if (!(p >= 0 && p <= 1)) return "possibly";
  if (p >= 0.99) return "almost certainly";
  if (p >= 0.95) return "very likely";
  if (p >= 0.8) return "likely";
  if (p >= 0.6) return "more likely than not";
  if (p > 0.4) return "as likely as not";
  return "probably not";
}

Sentence verdictSentence(const campaign::Campaign& c, const PairOnLink& p) {
  const Oriented o = orient(p);
  switch (p.verdict) {
    case Verdict::ABetter:
    case Verdict::BBetter: {
      std::string text = amounts(p, o);
      if (p.delta_db) text += fmt::format(" It is {} more than 10 % longer.", probabilityWords(o.p_more));
      if (!p.holds_for_all) text += " Taken together with the other pairs, this one is not quite certain.";
      return {Tone::Result, fmt::format("{} is better than {}", nameOf(c, o.better), o.worse), text};
    }
    case Verdict::NoPracticalDifference:
      return {Tone::Result, fmt::format("{} and {}: no practical difference", p.a, p.b),
              "Their ranges are within 10 % of each other. " + amounts(p, o)};
    case Verdict::Undecided:
      return undecided(c, p);
  }
  return {};
}

Sentence limitSentence(const campaign::Campaign& c, const CampaignAnalysis& a, const std::string& setup) {
  const SetupOnLink* l = a.limiting(setup);
  if (!l)
    return {Tone::Result, fmt::format("{}: not flown yet", setup),
            fmt::format("Fly {} over the path to learn its range.", nameOf(c, setup))};
  const std::string title =
      fmt::format("{}: dependable {}", setup,
                  l->dependable.status == Status::Withheld ? "range not known" : "to " + distanceText(toldRange(l->dependable)));
  std::string text = fmt::format("Typical range {}; dependable {}.", rangeText(l->typical), rangeText(l->dependable));
  if (l->critical_dbm) {
    const char* part = l->limited_by == "quality" ? "its link quality" : l->limited_by == "bitrate" ? "its bitrate" : "its signal margin";
    text += fmt::format(" The {} link limits it: {} fails first, at {:.0f} dBm.", l->link, part, *l->critical_dbm);
  } else {
    text += fmt::format(" The {} link was looked at.", l->link);
  }
  return {Tone::Result, title, text};
}

Sentence nextStep(const campaign::Campaign& c, const CampaignAnalysis& a) {
  if (!lastOf(c, a))
    return {Tone::Advice, "Fly the first pair", "Bring in one log of each setup, flown over the same path, to see a first answer."};
  for (const campaign::Setup& s : c.setups)
    if (!a.limiting(s.id))
      return {Tone::Advice, "Fly " + nameOf(c, s.id),
              "This setup has no run that counts yet. Fly it over the same path, in turns with the others."};
  for (const campaign::Setup& s : c.setups)
    if (const SetupOnLink* l = a.limiting(s.id); l->runs_used < 3)
      return {Tone::Advice, fmt::format("Fly {} {} more times", s.id, 3 - l->runs_used),
              fmt::format("{} was flown {} {}. Three flights each, in turns, make the intervals useful.", nameOf(c, s.id), l->runs_used,
                          l->runs_used == 1 ? "time" : "times")};
  if (const PairOnLink* p = openPair(c, a))
    return {Tone::Advice, fmt::format("Fly {} more {} of {} and {}", p->more_pairs, p->more_pairs == 1 ? "pair" : "pairs", p->a, p->b),
            "In turns, over the same path and at the same height, until the quality fails on the way out."};
  const SetupOnLink* best = longest(c, a);
  if (!best)
    return {Tone::Advice, "Enter the receiver's sensitivity",
            "Or fly until the link quality falls: without a critical level no range can be told."};
  return planWith(c, *best);
}

std::vector<Sentence> findings(const campaign::Campaign& c, const CampaignAnalysis& a) {
  std::vector<Sentence> out;
  for (std::size_t i = 0; i < c.setups.size(); ++i)
    for (std::size_t j = i + 1; j < c.setups.size(); ++j)
      if (const PairOnLink* p = a.deciding(c.setups[i].id, c.setups[j].id)) out.push_back(verdictSentence(c, *p));
  std::stable_sort(out.begin(), out.end(), [](const Sentence& x, const Sentence& y) {
    return (x.title.find("better") != std::string::npos) > (y.title.find("better") != std::string::npos);
  });
  out.push_back(nextStep(c, a));
  for (const auto& s : c.setups)
    if (a.limiting(s.id)) out.push_back(limitSentence(c, a, s.id));
  for (const Warning& w : a.warnings) out.push_back({Tone::Caution, {}, w.text});
  return out;
}

}  // namespace distanz::analysis

#include <fmt/format.h>

#include <algorithm>

#include "core/analysis/sentence_parts.h"

namespace distanz::analysis {

using estimate::Verdict;

namespace {

std::string morePairsText(const PairOnLink& p) {
  if (p.more_pairs <= 0) return {};
  if (p.more_pairs > 20)
    return " More than 20 further pairs of flights would be needed: the difference, if any, is too small to "
           "settle by flying.";
  if (p.paired_flights > 0)
    return fmt::format(" About {} with both aboard should tell.",
                       countText(p.more_pairs, "more flight", "more flights"));
  return fmt::format(" About {} of flights should tell.", countText(p.more_pairs, "more pair", "more pairs"));
}

struct Oriented {
  std::string better, worse;
  estimate::Interval ratio, delta;
  double p_longer, p_more;
};

/// The pair seen from the side that came out ahead.
Oriented orient(const PairOnLink& p) {
  const estimate::Interval ratio = p.ratio.value_or(estimate::Interval{1, 1, 1}),
                           delta = p.delta_db.value_or(estimate::Interval{});
  const bool a_ahead = p.delta_db ? delta.estimate >= 0 : ratio.estimate >= 1;
  if (a_ahead) return {p.a, p.b, ratio, delta, p.p_a_longer, p.p_a_more};
  return {p.b,
          p.a,
          {1 / ratio.estimate, 1 / ratio.high, 1 / ratio.low},
          {-delta.estimate, -delta.high, -delta.low},
          1 - p.p_a_longer,
          p.p_b_more};
}

std::string amounts(const PairOnLink& p, const Oriented& o) {
  std::string text;
  if (p.ratio)
    text += fmt::format("Its range is {:.2f} times as long (95 %: {:.2f} to {:.2f})", o.ratio.estimate,
                        o.ratio.low, o.ratio.high);
  if (p.delta_db)
    text += fmt::format("{}{:.1f} dB stronger (95 %: {:.1f} to {:.1f})", p.ratio ? ", " : "It is ",
                        o.delta.estimate, o.delta.low, o.delta.high);
  if (p.paired_flights > 0)
    text += fmt::format(", from {} with both aboard", countText(p.paired_flights, "flight", "flights"));
  return text.empty() ? text : text + ".";
}

/// Where the better setup is then limited by another link, the gain stops there.
std::string otherLimit(const CampaignAnalysis& a, const PairOnLink& p, const std::string& better) {
  const SetupOnLink* limit = a.limiting(better);
  if (!limit || limit->link == p.link || limit->typical.status == Status::Withheld) return {};
  return fmt::format(" {} is then limited by its {} link, at {}.", better, limit->link,
                     distanceText(limit->typical.told_m()));
}

std::string runsOn(const CampaignAnalysis& a, const std::string& setup, const std::string& link) {
  const SetupOnLink* s = a.find(setup, link);
  return s ? fmt::format("{} {}", setup, countText(s->runs_used, "flight", "flights")) : setup;
}

/// A probability in per cent, never as certainty.
std::string chanceText(double p) {
  if (p > 0.999) return "over 99.9 %";
  if (p < 0.001) return "under 0.1 %";
  return fmt::format("{:.0f} %", std::clamp(100 * p, 1.0, 99.0));
}

/// The figures behind the verdict.
std::string whyVerdict(const CampaignAnalysis& a, const PairOnLink& p, const Oriented& o) {
  if (!p.delta_db) return {};
  std::string out =
      fmt::format("On the {} link: {}, {}.", p.link, runsOn(a, p.a, p.link), runsOn(a, p.b, p.link));
  if (p.paired_flights > 0)
    out += fmt::format("\nBoth listened in the same {}: day and place cancel, so only these count.",
                       countText(p.paired_flights, "flight", "flights"));
  else if (p.same_places)
    out += "\nCompared place by place over the path both flew, so hills and holes cancel.";
  else
    out += "\nThey share no stretch of path: only their ranges are compared.";
  if (const SetupOnLink* s = a.find(o.better, p.link); s && p.paired_flights == 0)
    out += fmt::format("\nFlights of one setup differ by {:.1f} dB (sd){}.", s->flight_sd_db,
                       p.spread_assumed ? ", assumed: each was flown once" : "");
  if (const SetupOnLink* s = a.find(o.better, p.link); s && s->exponent)
    out += fmt::format(
        "\nThe signal falls by {:.0f} dB per factor 10 of distance (exponent {:.2f}, {:.2f} to {:.2f}), so "
        "{:.1f} dB is {:.0f} % "
        "of range.",
        10 * s->exponent->estimate, s->exponent->estimate, s->exponent->low, s->exponent->high,
        o.delta.estimate, 100 * (o.ratio.estimate - 1));
  out += fmt::format("\nChance that {} carries further: {}; by over {:.0f} %: {}.", o.better,
                     chanceText(o.p_longer), 100 * a.practical_threshold, chanceText(o.p_more));
  return out;
}

Sentence undecided(const campaign::Campaign& c, const CampaignAnalysis& a, const PairOnLink& p) {
  if (!p.delta_db && !p.ratio)
    return {Tone::Result, fmt::format("{} or {}: nothing to compare yet", p.a, p.b),
            "The flights do not hold enough to compare them. Fly each setup over the same path, far enough "
            "for the signal to fall."};
  const Oriented o = orient(p);
  std::string text;
  if (p.spread_assumed) text = "Each was flown once, so nothing can be said about repeatability. ";
  text += fmt::format("{} is {} the longer one. ", nameOf(c, o.better), probabilityWords(o.p_longer));
  text += amounts(p, o) + morePairsText(p);
  return {Tone::Result, fmt::format("{} or {}: cannot tell yet", p.a, p.b), text, whyVerdict(a, p, o)};
}

}  // namespace

Sentence verdictSentence(const campaign::Campaign& c, const CampaignAnalysis& a, const PairOnLink& p) {
  const Oriented o = orient(p);
  switch (p.verdict) {
    case Verdict::ABetter:
    case Verdict::BBetter: {
      std::string text = amounts(p, o);
      if (p.delta_db) text += fmt::format(" It is {} more than 10 % longer.", probabilityWords(o.p_more));
      if (!p.holds_for_all) text += " Taken together with the other pairs, this one is not quite certain.";
      text += otherLimit(a, p, o.better);
      return {Tone::Result, fmt::format("{} is better than {}", nameOf(c, o.better), o.worse), text,
              whyVerdict(a, p, o)};
    }
    case Verdict::NoPracticalDifference:
      return {Tone::Result, fmt::format("{} and {}: no practical difference", p.a, p.b),
              "Their ranges are within 10 % of each other. " + amounts(p, o), whyVerdict(a, p, o)};
    case Verdict::Undecided:
      return undecided(c, a, p);
  }
  return {};
}

}  // namespace distanz::analysis

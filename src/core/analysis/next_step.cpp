#include <fmt/format.h>

#include <cmath>

#include "core/analysis/sentence_parts.h"
#include "core/radio/path_loss.h"

namespace distanz::analysis {

using estimate::Verdict;

namespace {

constexpr int kTooManyPairs = 20;
constexpr int kFlightsForUsefulInterval = 3;
/// Never said without the way home: a pilot does what it says.
constexpr const char* kHowFar =
    "until the quality fails on the way out, but no farther than rules, plan and battery allow, and only "
    "with the way home made sure: "
    "its return on a lost link tested, its height set clear of everything. Where that is nearer, the answer "
    "will be \"at least\".";

const campaign::Run* lastOf(const campaign::Campaign& c, const CampaignAnalysis& a) {
  for (std::size_t i = c.runs.size(); i-- > 0;)
    if (a.runs[i].used) return &c.runs[i];
  return nullptr;
}

/// The pair on the deciding link that more flying would help most.
const PairOnLink* openPair(const CampaignAnalysis& a) {
  const PairOnLink* best = nullptr;
  for (const PairOnLink& p : a.comparisons)
    if (p.verdict == Verdict::Undecided && p.more_pairs > 0 && p.more_pairs <= kTooManyPairs &&
        (!best || p.more_pairs < best->more_pairs) && a.decides(p))
      best = &p;
  return best;
}

/// The setup told to the longest dependable range on its limiting link: by what may be told, never by an
/// estimate that may not.
const SetupOnLink* longest(const campaign::Campaign& c, const CampaignAnalysis& a) {
  const SetupOnLink* best = nullptr;
  for (const auto& s : c.setups) {
    const SetupOnLink* l = a.limiting(s.id);
    if (l && l->dependable.told_m() > 0 && (!best || l->dependable.told_m() > best->dependable.told_m()))
      best = l;
  }
  return best;
}

/// What the longest setup may be planned with, and what the rest of the path would cost.
Sentence planWith(const campaign::Campaign& c, const SetupOnLink& best) {
  const double told = best.dependable.told_m();
  Sentence out{Tone::Advice, fmt::format("Plan with {} to {}", best.setup, distanceText(told)), {}};
  if (!best.dependable.tellsEstimate()) {  // a bound is no range: what lies beyond it cannot be counted in dB
    out.text = fmt::format(
        "{} is told farthest: it was dependable at least so far. How much more it carries, only a longer "
        "flight shows.",
        nameOf(c, best.setup));
    return out;
  }
  out.text = fmt::format("{} has the longest dependable range.", nameOf(c, best.setup));
  if (!best.exponent) return out;
  const double n = best.exponent->estimate;
  const auto course = campaign::courseOf(c);
  if (course && course->farPost_m() > told)
    out.text += fmt::format(
        " To cover the far post ({}) as dependably, its {} link needs {:.1f} dB more: power, antenna or "
        "height.",
        distanceText(course->farPost_m()), best.link, radio::decibelsForRatio(course->farPost_m() / told, n));
  else
    out.text += fmt::format(" 3 dB more on its {} link would be worth {:.0f} % of range.", best.link,
                            100 * (radio::rangeRatio(3, n) - 1));
  return out;
}

}  // namespace

Sentence nextStep(const campaign::Campaign& c, const CampaignAnalysis& a) {
  if (!lastOf(c, a))
    return {Tone::Advice, "Fly the first pair",
            "Bring in one log of each setup, flown over the same path, to see a first answer."};
  for (const campaign::Setup& s : c.setups)
    if (!a.limiting(s.id))
      return {Tone::Advice, "Fly " + nameOf(c, s.id),
              "This setup has no run that counts yet. Fly it over the same path, in turns with the others."};
  for (const campaign::Setup& s : c.setups)
    if (const SetupOnLink* l = a.limiting(s.id); l->runs_used < kFlightsForUsefulInterval) {
      const int more = kFlightsForUsefulInterval - l->runs_used;
      return {Tone::Advice, fmt::format("Fly {} {} more {}", s.id, more, more == 1 ? "time" : "times"),
              fmt::format("{} was flown {}. Three flights each, in turns, make the intervals useful.",
                          nameOf(c, s.id), countText(l->runs_used, "time", "times"))};
    }
  if (const PairOnLink* p = openPair(a))
    return {Tone::Advice,
            p->paired_flights > 0
                ? fmt::format("Fly {} with {} and {} aboard",
                              countText(p->more_pairs, "more flight", "more flights"), p->a, p->b)
                : fmt::format("Fly {} of {} and {}", countText(p->more_pairs, "more pair", "more pairs"),
                              p->a, p->b),
            p->paired_flights > 0 ? std::string("Both listening at once, as before, ") + kHowFar
                                  : std::string("In turns, over the same path and at the same height, ") +
                                        kHowFar + " With both listening in one flight, fewer would do."};
  const SetupOnLink* best = longest(c, a);
  if (!best)
    return {Tone::Advice, "Enter the receiver's sensitivity",
            std::string("Without a critical level no range can be told. Or fly ") + kHowFar};
  return planWith(c, *best);
}

}  // namespace distanz::analysis

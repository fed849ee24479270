#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/analysis/sentence_parts.h"

namespace distanz::analysis {

namespace {

constexpr double kLegWorthTelling_db = 1;
constexpr double kGapWorthTelling_m = 100;
constexpr double kPlaceWorthTelling_db = 4;

/// By how much the limiting link falls short of the next one.
std::string byHowMuch(const SetupAnswer& answer, const SetupOnLink& l) {
  std::string out;
  if (answer.next_factor)
    out += fmt::format(" The {} link would carry {:.2f} times as far (95 %: {:.2f} to {:.2f}).{}",
                       answer.next_link, answer.next_factor->estimate, answer.next_factor->low,
                       answer.next_factor->high,
                       answer.next_factor->low < 1 ? " Which of the two limits is not certain." : "");
  else if (!answer.next_link.empty())
    out += fmt::format(" The {} link carries farther than was flown.", answer.next_link);
  for (const std::string& link : answer.unknown_links)
    if (link != l.link) out += fmt::format(" How far its {} link carries is not known.", link);
  return out;
}

std::string whyRange(const CampaignAnalysis& a, const SetupOnLink& l) {
  if (!l.exponent) return {};
  std::string out = fmt::format("On the {} link, from {}; farthest {}.", l.link,
                                countText(l.runs_used, "flight", "flights"), distanceText(l.farthest_m));
  for (const CriticalPart& p : l.parts)
    out += p.sd_db > 0
               ? fmt::format("\nThe {} rule fails at {:.1f} dBm (sd {:.1f} dB, seen in flight).", p.part,
                             p.level_dbm, p.sd_db)
               : fmt::format("\nThe {} rule fails at {:.1f} dBm (from the kit).", p.part, p.level_dbm);
  if (l.parts.size() > 1)
    out += fmt::format("\nAfter {} the next to fail would be {}, {:.1f} dB later.", partText(l.parts[0].part),
                       partText(l.parts[1].part), l.parts[0].level_dbm - l.parts[1].level_dbm);
  out += fmt::format(
      "\nThe signal falls by {:.0f} dB per factor 10 of distance (exponent {:.2f}, {:.2f} to {:.2f}).",
      10 * l.exponent->estimate, l.exponent->estimate, l.exponent->low, l.exponent->high);
  out += fmt::format(
      "\nA new flight over another 40 m stretch differs by {:.1f} dB (sd), {:.1f} dB of it from flight to "
      "flight: {:.0f} % of them "
      "still hold at the dependable range, half at the typical one.",
      l.total_sd_db, l.flight_sd_db, 100 * a.dependability);
  for (const FlightLevel& f : l.flights)
    out += fmt::format("\n{}: {:+.1f} dB about the mean.", f.run, f.off_setup_db);
  return out;
}

}  // namespace

Sentence limitSentence(const campaign::Campaign& c, const CampaignAnalysis& a, const std::string& setup) {
  const SetupOnLink* l = a.limiting(setup);
  if (!l)
    return {Tone::Result, fmt::format("{}: not flown yet", setup),
            fmt::format("Fly {} over the path to learn its range.", nameOf(c, setup))};
  const std::string title = fmt::format("{}: dependable {}{}", setup,
                                        l->dependable.status == Status::Withheld ? "range not known" : "to ",
                                        l->dependable.status == Status::Withheld
                                            ? std::string()
                                            : (l->dependable.status == Status::AtLeast ? "at least " : "") +
                                                  distanceText(l->dependable.told_m()));
  std::string text =
      fmt::format("Typical range {}; dependable {}.", rangeText(l->typical), rangeText(l->dependable));
  if (l->critical_dbm)
    text += fmt::format(" The {} link limits it: {} fails first, at {:.0f} dBm.", l->link,
                        partText(l->limited_by), *l->critical_dbm);
  else
    text += fmt::format(" The {} link was looked at.", l->link);
  text += byHowMuch(*a.answer(setup), *l);
  return {Tone::Result, title, text, whyRange(a, *l)};
}

Sentence legSentence(const campaign::Campaign& c, const LegDifference& l) {
  Sentence out;
  const estimate::PairedDifference& d = l.back_over_out;
  const estimate::Interval& i = d.difference_db;
  const bool differs =
      d.flights > 0 && std::abs(i.estimate) >= kLegWorthTelling_db && (i.low > 0 || i.high < 0);
  const bool gap = l.gap_m && *l.gap_m >= kGapWorthTelling_m;
  if (!differs && !gap) return out;
  if (differs) {
    out.title = fmt::format("{}: {:.1f} dB {} on the way back", l.setup, std::abs(i.estimate),
                            i.estimate < 0 ? "weaker" : "stronger");
    out.text = fmt::format(
        "In the same flights over the same places (95 %: {:.1f} to {:.1f} dB, {}): the airframe shades one "
        "way. Split the setup by "
        "leg (Legs, above the lanes) to see what each way is worth, or try another mounting.",
        i.low, i.high, countText(d.flights, "flight", "flights"));
    if (l.turn_db)
      out.why = fmt::format("In the turn the signal changes by {:+.1f} dB (mean over flights).", *l.turn_db);
  }
  if (gap) {
    const std::string text = fmt::format(
        "{} lost its {} link at {} going out and had it back at {} coming home, {} nearer ({}, medians).",
        nameOf(c, l.setup), l.link, distanceText(*l.lost_m), distanceText(*l.regained_m),
        distanceText(*l.gap_m), countText(l.lost_flights, "flight", "flights"));
    if (out.title.empty())
      out.title = fmt::format("{}: regained {} nearer than lost", l.setup, distanceText(*l.gap_m));
    out.text += (out.text.empty() ? "" : " ") + text;
  }
  return out;
}

Sentence reducedSentence(const campaign::Campaign& c, const ReducedPower& r) {
  Sentence out{Tone::Result,
               fmt::format("{} at {:.0f} dB less power: {}", r.setup, r.reduction_db,
                           distanceText(r.reduced_m.estimate)),
               {}};
  out.text = fmt::format(
      "{} on the {} link. At full power that stands for {} (95 %: {}), if the signal goes on falling alike: "
      "{:.1f} times as "
      "far, not the {:.0f} times that the power is.",
      nameOf(c, r.setup), r.link, distanceText(r.full_m.estimate), spanText(r.full_m.low, r.full_m.high),
      r.factor.estimate, r.power_ratio);
  if (r.exponent_assumed)
    out.text += " No flight here tells how the signal falls, so an exponent of 2.7 ± 0.7 is assumed.";
  out.why = fmt::format(
      "10^({:.1f} dB / (10 n)) = {:.2f} (95 %: {:.2f} to {:.2f}).\nTypical range at reduced power {} (95 %: "
      "{}), from {}.",
      r.reduction_db, r.factor.estimate, r.factor.low, r.factor.high, distanceText(r.reduced_m.estimate),
      spanText(r.reduced_m.low, r.reduced_m.high), countText(r.runs, "flight", "flights"));
  return out;
}

Sentence placeSentence(const CampaignAnalysis& a, const std::string& link) {
  const PlaceProfile* profile = a.profile(link);
  if (!profile) return {};
  std::size_t worst = profile->off_line_db.size();
  for (std::size_t i = 0; i < profile->off_line_db.size(); ++i)
    if (profile->flights[i] >= 2 &&
        (worst == profile->off_line_db.size() || profile->off_line_db[i] < profile->off_line_db[worst]))
      worst = i;
  if (worst == profile->off_line_db.size() || profile->off_line_db[worst] > -kPlaceWorthTelling_db) return {};
  return {
      Tone::Result,
      fmt::format("The stretch at {} costs everyone {:.0f} dB", distanceText(profile->distance_m[worst]),
                  -profile->off_line_db[worst]),
      fmt::format("On the {} link, whatever is flown: look there for trees, sheds or a dip, or fly higher.",
                  link)};
}

}  // namespace distanz::analysis

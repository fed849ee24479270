#include <algorithm>
#include <cmath>

#include "core/analysis/findings/findings.h"
#include "core/analysis/findings/named.h"
#include "core/estimate/defaults.h"
#include "core/quantity/unit.h"

namespace distanz::analysis {

using quantity::Unit;

namespace {

constexpr double kLegWorthTelling_db = 1;
constexpr double kGapWorthTelling_m = 100;
constexpr double kPlaceWorthTelling_db = 4;

/// By how much the limiting link falls short of the next one.
void addNextLink(const SetupAnswer& answer, const SetupOnLink& l, std::vector<Finding>& out) {
  if (answer.next_factor && std::isfinite(answer.next_factor->high) && answer.next_factor->low > 0) {
    out.push_back(finding("next-link-carries", {{"link", answer.next_link},
                                                {"factor", measureOf(*answer.next_factor, Unit::None)}}));
    if (answer.next_factor->low < 1) out.push_back(finding("next-link-open"));
  } else if (!answer.next_link.empty()) {
    out.push_back(finding("next-link-beyond", {{"link", answer.next_link}}));
  }
  for (const std::string& link : answer.unknown_links)
    if (link != l.link) out.push_back(finding("link-range-unknown", {{"link", link}}));
}

/// What is known of the limiting link where no level is.
void addReason(const Answers& a, const SetupAnswer& answer, const SetupOnLink& l, std::vector<Finding>& out) {
  if (l.stops_m)
    out.push_back(finding("stopped-by-equipment", {{"link", l.link}, metres("distance", *l.stops_m)}));
  else if (!l.judged && !l.knowsLimit())
    out.push_back(finding("limit-not-logged", {{"link", l.link}}));
  else if (std::any_of(a.reduced.begin(), a.reduced.end(), [&](const ReducedPower& r) { return r.setup == answer.setup && r.link == l.link; }) &&
           !l.knowsLimit())
    out.push_back(finding("only-reduced", {{"link", l.link}}));
  else if (l.failures == 0 && !l.knowsLimit())
    out.push_back(finding("never-failed", {{"link", l.link}, {"flights", l.runs_used}}));
  else if (std::count_if(a.setups.begin(), a.setups.end(),
                         [&](const SetupOnLink& s) { return s.setup == answer.setup; }) > 1)
    out.push_back(finding("link-limits", {{"link", l.link}}));
}

std::vector<Finding> whyRange(const Answers& a, const SetupOnLink& l) {
  if (!l.exponent && !l.knowsLimit()) return {};
  std::vector<Finding> out;
  out.push_back(
      finding("why-flown", {{"link", l.link}, {"flights", l.runs_used}, metres("farthest", l.farthest_m)}));
  for (const CriticalPart& p : l.parts) {
    const Argument part("part", Term{"rule-" + p.part});
    if (p.reading) {
      out.push_back(finding("why-part-reading", {part, {"reading", *p.reading, Unit::None}}));
      continue;
    }
    const Argument level("level", p.level_dbm, Unit::Dbm);
    out.push_back(p.sd_db > 0 ? finding("why-part-seen", {part, level, decibels("sd", p.sd_db)})
                              : finding("why-part-kit", {part, level}));
  }
  if (l.onScale()) return out;  // the rest is in dB
  if (l.parts.size() > 1)
    out.push_back(finding("why-next-part", {{"first", Term{"part-" + l.parts[0].part}},
                                            {"second", Term{"part-" + l.parts[1].part}},
                                            decibels("later", l.parts[0].level_dbm - l.parts[1].level_dbm)}));
  if (l.exponent) out.push_back(finding("why-fall", fallOf(*l.exponent)));
  out.push_back(finding("why-scatter", {decibels("sd", l.total_sd_db),
                                        decibels("flight_sd", l.flight_sd_db),
                                        metres("stretch", estimate::defaults::kCellWidth_m),
                                        {"share", 100 * a.dependability, Unit::Percent}}));
  for (const FlightLevel& f : l.flights)
    out.push_back(finding("why-flight", {decibels("off", f.off_setup_db)}, {"run", f.run}));
  return out;
}

}  // namespace

bool onCoursesOnly(const campaign::Campaign& c, const Answers& a, const std::string& setup) {
  if (a.answer(setup)) return false;
  for (std::size_t i = 0; i < std::min(a.runs.size(), c.runs.size()); ++i)
    if (c.runs[i].setup == setup && a.runs[i].in_segments) return true;
  return false;
}

Finding limitOf(const campaign::Campaign& c, const Answers& a, const std::string& setup) {
  const Subject subject{"setup", setup};
  const SetupOnLink* l = a.limiting(setup);
  if (!l && onCoursesOnly(c, a, setup)) return finding("flown-on-courses", {{"setup", setup}, {"name", nameOf(c, setup)}}, subject);
  if (!l) return finding("not-flown", {{"setup", setup}, {"name", nameOf(c, setup)}}, subject);
  const SetupAnswer& answer = *a.answer(setup);
  std::vector<Argument> told{
      {"setup", setup}, {"name", nameOf(c, setup)}, {"typical", toldRange(answer.typical)}, {"dependable", toldRange(answer.dependable)}};
  const Status status = answer.dependable.status;
  if (status == Status::Withheld && answer.typical.status == Status::Withheld) {
    Finding none = finding("range-none", {{"setup", setup}, {"name", nameOf(c, setup)}}, subject);
    addReason(a, answer, *l, none.more);
    return none;
  }
  if (status != Status::Withheld) told.push_back(metres("told", answer.dependable.told_m()));
  Finding out = finding(status == Status::Withheld  ? "range-unknown"
                        : status == Status::AtLeast ? "range-at-least"
                                                    : "range-dependable",
                        std::move(told), subject);
  if (l->critical_reading && !l->stops_m)
    out.more.push_back(finding("limited-by-reading", {{"link", l->link},
                                                      {"part", Term{"part-" + l->limited_by}},
                                                      {"reading", l->critical_reading->estimate, Unit::None}}));
  else if (l->critical_dbm && !l->stops_m)
    out.more.push_back(finding("limited-by", {{"link", l->link},
                                              {"part", Term{"part-" + l->limited_by}},
                                              {"level", *l->critical_dbm, Unit::Dbm}}));
  else
    addReason(a, answer, *l, out.more);
  addNextLink(answer, *l, out.more);
  if (l->elsewhere_typical.status != Status::Withheld)
    out.why.push_back(finding("elsewhere", {{"link", l->link},
                                            {"typical", toldRange(l->elsewhere_typical)},
                                            {"dependable", toldRange(l->elsewhere_dependable)}}));
  for (Finding& f : whyRange(a, *l)) out.why.push_back(std::move(f));
  return out;
}

std::vector<Finding> legsOf(const campaign::Campaign& c, const LegDifference& l) {
  std::vector<Finding> out;
  const estimate::PairedDifference& d = l.back_over_out;
  const estimate::Interval& i = d.difference_db;
  if (d.flights > 0 && std::abs(i.estimate) >= kLegWorthTelling_db && (i.low > 0 || i.high < 0)) {
    out.push_back(finding(i.estimate < 0 ? "back-weaker" : "back-stronger",
                          {{"setup", l.setup},
                           {"name", nameOf(c, l.setup)},
                           {"difference", Measure{std::abs(i.estimate), Unit::Decibel, i.low, i.high}},
                           {"flights", d.flights}},
                          {"setup", l.setup}));
    if (l.turn_db) out.back().why.push_back(finding("why-turn", {decibels("change", *l.turn_db)}));
  }
  if (!l.gap_m || *l.gap_m < kGapWorthTelling_m || *l.regained_m > *l.lost_m - kGapWorthTelling_m) return out;
  Finding gap = finding("regained-nearer",
                        {{"setup", l.setup},
                         {"name", nameOf(c, l.setup)},
                         {"link", l.link},
                         metres("lost", *l.lost_m),
                         metres("regained", *l.regained_m),
                         {"flights", l.lost_flights}},
                        {"setup", l.setup});
  (out.empty() ? out : out.back().more).push_back(std::move(gap));
  return out;
}

Finding reducedOf(const campaign::Campaign& c, const ReducedPower& r) {
  const Argument reduced("reduced", measureOf(r.reduced_m, Unit::Metre)),
      reduction = decibels("reduction", r.reduction_db);
  const Argument factor("factor", measureOf(r.factor, Unit::None));
  Finding out = finding("reduced-power",
                        {{"setup", r.setup},
                         {"name", nameOf(c, r.setup)},
                         {"link", r.link},
                         reduction,
                         reduced,
                         {"full", measureOf(r.full_m, Unit::Metre)},
                         factor,
                         {"power", r.power_ratio, Unit::None}},
                        {"setup", r.setup});
  if (r.exponent_assumed)
    out.more.push_back(
        finding("exponent-assumed", {{"exponent", estimate::defaults::kExponentPrior, Unit::None},
                                     {"sd", estimate::defaults::kExponentPriorSd, Unit::None}}));
  out.why.push_back(finding("why-reduced-factor", {reduction, factor}));
  out.why.push_back(finding("why-reduced-range", {reduced, {"flights", r.runs}}));
  return out;
}

Finding reducedOf(const campaign::Campaign& c, const ReducedPair& p) {
  const bool a_ahead = p.ratio.estimate >= 1;
  const estimate::Interval ratio = a_ahead ? p.ratio : estimate::Interval{1 / p.ratio.estimate, 1 / p.ratio.high, 1 / p.ratio.low};
  return finding(ratio.low > 1 ? "reduced-better" : "reduced-open",
                 {{"better", nameOf(c, a_ahead ? p.a : p.b)},
                  {"worse", nameOf(c, a_ahead ? p.b : p.a)},
                  {"link", p.link},
                  decibels("reduction", p.reduction_db),
                  {"ratio", measureOf(ratio, Unit::None)},
                  {"flights", std::min(p.a_runs, p.b_runs)}},
                 {"link", p.link});
}

std::vector<Finding> placesOf(const Drawn& drawn, const std::string& link) {
  const PlaceProfile* profile = drawn.profile(link);
  if (!profile) return {};
  const std::vector<double>& off = profile->off_line_db;
  std::size_t worst = off.size();
  for (std::size_t i = 0; i < off.size(); ++i)
    if (profile->flights[i] >= 2 && (worst == off.size() || off[i] < off[worst])) worst = i;
  if (worst == off.size() || off[worst] > -kPlaceWorthTelling_db) return {};
  return {
      finding("place-costs",
              {{"link", link}, metres("distance", profile->distance_m[worst]), decibels("cost", -off[worst])},
              {"link", link})};
}

std::vector<Finding> holesOf(const Answers& a) {
  std::vector<Finding> out;
  for (const Hole& h : a.holes) {
    if (!h.in_the_way) continue;
    std::string setups;
    for (const std::string& s : h.setups) setups += (setups.empty() ? "" : ", ") + s;
    out.push_back(finding("hole",
                          {{"link", h.link},
                           metres("from", h.from_m),
                           metres("to", h.to_m),
                           {"failed", h.failed},
                           {"flights", h.flights},
                           {"setups", setups}},
                          {"link", h.link}));
    if (h.null_m) out.back().more.push_back(finding("hole-two-ray", {metres("distance", *h.null_m)}));
  }
  return out;
}

}  // namespace distanz::analysis

#include "core/analysis/live/live_advice.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/analysis/reduce/reduction.h"
#include "core/analysis/reduce/reference.h"
#include "core/quantity/unit.h"

namespace distanz::analysis {
namespace {

constexpr double kHeadingOver_s = 4;  // positions scatter too much to tell a heading from less
constexpr double kLeastMove_m = 5;

std::size_t lastPlaced(const log::Track& track) {
  std::size_t i = track.distance_m.size();
  while (i > 0 && !std::isfinite(track.distance_m[i - 1])) --i;
  return i;
}

/// Angle between the last seconds' movement and the direction away from the station. By distance alone: out
/// or home.
double headingOff(const log::Track& track, const std::vector<double>& time_s) {
  const std::size_t end = lastPlaced(track);
  if (end == 0) return 0;
  std::size_t begin = end - 1;
  while (begin > 0 && time_s[end - 1] - time_s[begin] < kHeadingOver_s) --begin;
  while (begin < end && !std::isfinite(track.distance_m[begin])) ++begin;
  const double outward = track.distance_m[end - 1] - track.distance_m[begin];
  if (!track.from_gnss) return outward < 0 ? 180 : 0;
  const double aside = track.side_m[end - 1] - track.side_m[begin];
  if (std::abs(outward) < kLeastMove_m && std::abs(aside) < kLeastMove_m) return 0;
  return std::abs(std::atan2(aside, outward)) * 180 / std::numbers::pi;
}

std::optional<estimate::CriticalLevel> criticalOn(const LinkModel* known, const campaign::Link& link) {
  if (known && known->critical) return known->critical;
  const auto kit = campaign::criticalFromKit(link);
  return kit ? std::optional(estimate::CriticalLevel{*kit, 0}) : std::nullopt;
}

int placeOf(const campaign::Campaign& c, const std::string& setup) {
  for (std::size_t i = 0; i < c.setups.size(); ++i)
    if (c.setups[i].id == setup) return static_cast<int>(i);
  return -1;
}

struct Asked {
  int setup;
  estimate::CriticalLevel critical;
  estimate::FlightSamples so_far;
  double heading_off_deg;
};

/// From earlier flights of the setup where there are any; else from this flight by itself.
std::optional<LinkAdvice> adviseOn(const LinkModel* known, const Asked& q) {
  LinkAdvice out;
  std::optional<estimate::LiveAdvice> advice;
  if (known)
    for (const estimate::SignalModel& model : known->models.components)
      if (!advice) advice = estimate::adviseLive(model, q.setup, q.critical, q.so_far, q.heading_off_deg);
  if (!advice) {
    estimate::FlightSamples aloft = q.so_far;
    aloft.turn_begin_s = aloft.turn_end_s = INFINITY;
    const estimate::SignalModels own =
        estimate::fitSignalModels({{q.setup, estimate::cellsOf(aloft, std::nullopt)}});
    if (own.components.empty()) return std::nullopt;
    advice = estimate::adviseLive(own.components.front(), q.setup, q.critical, q.so_far, q.heading_off_deg);
    out.first_flight = true;
  }
  if (!advice) return std::nullopt;
  out.advice = *advice;
  return out;
}

std::string brokenPart(const campaign::Link& link, const log::Recording& so_far) {
  std::vector<NamedPart> parts = ruleParts(link, so_far);
  std::erase_if(parts, [](const NamedPart& p) { return !p.given; });
  std::vector<log::RulePart> measured;
  for (const NamedPart& p : parts) measured.push_back(p.part);
  const auto broken = log::brokenNow(so_far.time_s, measured);
  return broken ? parts[*broken].name : std::string();
}

Finding leftOf(double distance_m) {
  if (!std::isfinite(distance_m)) return finding("live-all-the-way");
  return finding("live-left", {{"distance", distance_m, quantity::Unit::Metre}});
}

Finding whatThen(const LinkAdvice& l) {
  const estimate::LiveAdvice& a = l.advice;
  if (!l.below_rule.empty()) return finding("live-rule-broken", {{"part", Term{"part-" + l.below_rule}}});
  if (a.dependable_left_m > 0)
    return finding("live-dependable-for",
                   {{"dependable", leftOf(a.dependable_left_m)}, {"typical", leftOf(a.typical_left_m)}});
  if (a.typical_left_m > 0) return finding("live-past-dependable", {{"typical", leftOf(a.typical_left_m)}});
  return finding("live-past-typical");
}

}  // namespace

FlightAdvice adviseFlight(const campaign::Campaign& campaign, const Models& models, const campaign::Run& run,
                          const log::Recording& so_far, const course::Course* course,
                          std::optional<double> heading_off_deg) {
  const log::Track track = log::trackOf(so_far, course);
  FlightAdvice out;
  out.heading_off_deg = heading_off_deg.value_or(headingOff(track, so_far.time_s));
  for (const campaign::Link& link : campaign.links) {
    const auto* rssi = so_far.find(log::linkChannel(link.id, log::channel::kRssi));
    const LinkModel* known = models.modelOn(link.id);
    const auto critical = criticalOn(known, link);
    if (!rssi || !critical) continue;
    const Reference reference = referenceOf(campaign, run, link, so_far);
    const Asked asked{placeOf(campaign, run.setup),
                      *critical,
                      {so_far.time_s, track.distance_m, *rssi, {}, {}, reference.signal_db},
                      out.heading_off_deg};
    if (auto advice = adviseOn(known, asked)) {
      advice->link = link.id;
      advice->below_rule = brokenPart(link, so_far);
      out.links.push_back(*advice);
    }
  }
  std::stable_sort(out.links.begin(), out.links.end(), [](const LinkAdvice& a, const LinkAdvice& b) {
    if (a.below_rule.empty() != b.below_rule.empty()) return b.below_rule.empty();
    return a.advice.dependable_left_m < b.advice.dependable_left_m;
  });
  return out;
}

Finding findingOf(const LinkAdvice& l) {
  const estimate::LiveAdvice& a = l.advice;
  Finding out = finding(a.margin_db < 0 ? "live-below" : "live-margin",
                        {{"link", l.link},
                         {"margin", std::abs(a.margin_db), quantity::Unit::Decibel},
                         {"distance", a.distance_m, quantity::Unit::Metre},
                         {"then", whatThen(l)}},
                        {"link", l.link});
  if (a.beyond_flown) out.more.push_back(finding("live-beyond-flown"));
  if (l.first_flight) out.more.push_back(finding("live-first-flight"));
  return out;
}

}  // namespace distanz::analysis
